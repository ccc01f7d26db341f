<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\ResetDemo;
use App\Bags\Beginning;
use App\Http\Middleware\Recalled;
use App\Http\Requests\ConfirmRequest;
use App\Http\Requests\SignInRequest;
use App\Models\RecoveryCode;
use App\Tongue\Tongues;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public function create(): View
    {
        ResetDemo::asDue();

        return view('account.sign-in');
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $given = $request->given();
        if (! Auth::attempt($given, $request->boolean('remember'))) {
            return back()->withInput($request->only('email', 'remember'))->withErrors(
                ['email' => Tongues::tell('No account has this address and password. Check both and try again.')],
            );
        }
        $request->session()->regenerate();
        $maker = $this->maker($request);
        if (RecoveryCode::left($maker) === 0) {
            // A new account has none yet, and one that used its last has no way back.
            $request->session()->flash('codes', RecoveryCode::renew($maker));
        }
        $begun = Beginning::of($request->session()->pull(Beginning::CARRIED), $maker);
        if ($begun !== null) {
            $begun->save();

            $said = Tongues::tell('Welcome, {name}. Your bag is kept.', ['name' => $maker->name]);

            return redirect()->route('bags.plan', $begun)->with('status', $said);
        }

        return redirect()->intended('/')->with('status', Tongues::tell('Welcome, {name}.', ['name' => $maker->name]));
    }

    /** Of one who stayed signed in. */
    public function asks(): View
    {
        return view('account.confirm');
    }

    public function confirm(ConfirmRequest $request): RedirectResponse
    {
        $request->session()->forget(Recalled::KEY);
        $request->session()->regenerate();

        return redirect()->intended(route('account'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        return $this->leaves($request, Tongues::tell('Signed out.'));
    }
}
