<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Devices;
use App\Models\RecoveryCode;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rules\Password;

/** The way back in, and who is in: recovery codes, and the devices that are signed in. */
final class RecoveryController extends Controller
{
    private const MESSAGES = [
        'email.required' => 'Write your email address.',
        'code.required' => 'Write one of your recovery codes.',
        'password.required' => 'Choose a password of 12 letters or more.',
        'password.min' => 'The password needs 12 letters or more.',
        'password.confirmed' => 'The two passwords differ; write the same one twice.',
    ];

    public function create(): View
    {
        return view('account.recover');
    }

    /** A code and a new password; whichever of address and code is wrong, the answer is one. */
    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'email' => ['required', 'string', 'max:190'],
            'code' => ['required', 'string', 'max:40'],
            'password' => ['required', 'string', 'max:200', 'confirmed', 'not_regex:/\0/', Password::defaults()],
        ], self::MESSAGES);
        $maker = User::query()->where('email', mb_scrub($given['email']))->first();
        if ($maker === null || ! RecoveryCode::spend($maker, $given['code'])) {
            return back()->withInput($request->only('email'))->withErrors(
                ['code' => 'No account has this address and an unused code like that. Check both and try again.'],
            );
        }
        $maker->update(['password' => $given['password']]);
        Devices::signOut($maker, null);
        Auth::login($maker);
        $request->session()->regenerate();

        return redirect('/')->with('status', 'You are in again, with your new password. That code is used.');
    }

    public function renew(Request $request): RedirectResponse
    {
        $request->validateWithBag('codes', ['current_password' => ['bail', 'required', 'string', 'current_password']], [
            'current_password.required' => 'Write your present password.',
            'current_password.current_password' => 'This is not your present password.',
        ]);

        return redirect()->route('account')->with('codes', RecoveryCode::renew($this->maker($request)))
            ->with('status', 'The old codes no longer do.');
    }

    /** Signs one device out, or all but this. */
    public function signOut(Request $request, string $device): RedirectResponse
    {
        $maker = $this->maker($request);
        Devices::signOut($maker, $request->session()->getId(), $device === 'others' ? null : $device);

        return redirect()->route('account')->with('status', 'Signed out there.');
    }
}
