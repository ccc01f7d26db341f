<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public function create(): View
    {
        return view('account.sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']],
            [
                'email.required' => 'Write your email address.',
                'email.email' => 'Write an email address, like you@example.org.',
                'password.required' => 'Write your password.',
            ],
        );
        if (! Auth::attempt($given, $request->boolean('remember'))) {
            return back()->withInput($request->only('email', 'remember'))->withErrors(
                ['email' => 'No account has this address and password. Check both and try again.'],
            );
        }
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/')->with('status', 'Signed out.');
    }
}
