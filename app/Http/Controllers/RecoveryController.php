<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\WayBackIn;
use App\Http\Requests\CodeRequest;
use App\Http\Requests\LetterRequest;
use App\Http\Requests\NewCodesRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Models\Devices;
use App\Models\RecoveryCode;
use App\Models\RecoveryLink;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Mail;

/** The ways back in, and who is in: recovery codes, links by mail, and the devices that are signed in. */
final class RecoveryController extends Controller
{
    public function create(): View
    {
        return view('account.recover');
    }

    /** A link by mail. Whether anyone has the address is nobody's business: the answer is one, and given before. */
    public function send(LetterRequest $request): RedirectResponse
    {
        abort_unless(config('mail.goes') === true, 404);
        $given = $request->given();
        defer(function () use ($given): void {
            $maker = User::query()->where('email', mb_scrub((string) $given['address']))->first();
            $token = $maker === null ? null : RecoveryLink::of($maker);
            if ($maker !== null && $token !== null) {
                Mail::to($maker->email)->locale(Tongue::named($maker->terms))
                    ->send(new WayBackIn($maker->name, $token));
            }
        });

        return back()->with(
            'status',
            Tongues::tell('If this address has an account, a letter with a link is on its way to it. The link holds '
                .'for an hour.'),
        );
    }

    /** Looked at only: what opens links before she does uses none up. */
    public function link(string $token): Response
    {
        return response()->view('account.renew', ['token' => $token, 'holds' => RecoveryLink::holds($token)])
            ->header('Cache-Control', 'no-store');
    }

    public function follow(NewPasswordRequest $request, string $token): RedirectResponse
    {
        $given = $request->given();
        $maker = RecoveryLink::spend($token);

        return $maker === null
            ? redirect()->route('recover.link', $token)
            : $this->comesIn(
                $request,
                $maker,
                (string) $given['password'],
                Tongues::tell('You are in again, with your new password.'),
            );
    }

    private function comesIn(Request $request, User $maker, string $password, string $said): RedirectResponse
    {
        $maker->choosesPassword($password);
        Devices::signOut($maker, null);
        Auth::login($maker);
        $request->session()->regenerate();

        return redirect('/')->with('status', $said);
    }

    /** A code and a new password; whichever of address and code is wrong, the answer is one. */
    public function store(CodeRequest $request): RedirectResponse
    {
        $given = $request->given();
        $maker = User::query()->where('email', mb_scrub((string) $given['email']))->first();
        if ($maker === null || ! RecoveryCode::spend($maker, (string) $given['code'])) {
            return back()->withInput($request->only('email'))->withErrors(
                ['code' => Tongues::tell('No account has this address and an unused code like that. Check both and '
                    .'try again.')],
            );
        }

        return $this->comesIn(
            $request,
            $maker,
            (string) $given['password'],
            Tongues::tell('You are in again, with your new password. That code is used.'),
        );
    }

    public function renew(NewCodesRequest $request): RedirectResponse
    {
        return redirect()->route('account')->with('codes', RecoveryCode::renew($this->maker($request)))
            ->with('status', Tongues::tell('The old codes no longer do.'));
    }

    /** Signs one device out, or all but this. */
    public function signOut(Request $request, string $device): RedirectResponse
    {
        $maker = $this->maker($request);
        Devices::signOut($maker, $request->session()->getId(), $device === 'others' ? null : $device);

        return redirect()->route('account')->with('status', Tongues::tell('Signed out there.'));
    }
}
