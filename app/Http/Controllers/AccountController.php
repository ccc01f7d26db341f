<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\AccountExport;
use App\Bags\Beginning;
use App\Http\Requests\ChangePasswordRequest;
use App\Http\Requests\DeleteAccountRequest;
use App\Http\Requests\RegisterRequest;
use App\Http\Requests\SettingsRequest;
use App\Models\Devices;
use App\Models\RecoveryCode;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

final class AccountController extends Controller
{
    public function create(): View
    {
        return view('account.register');
    }

    public function store(RegisterRequest $request): RedirectResponse
    {
        $given = $request->given();
        // Who has an account is nobody's business: the answer is one, and as slow, whether the address was free or not.
        User::query()->createOrFirst(
            ['email' => $given['email']],
            $given + ['terms' => Tongue::terms(app()->getLocale()) ?? Terms::US],
        );
        // What she began as a stranger is hers as soon as she is in.
        $begun = Typed::text($request, 'begin');
        $request->session()->put(Beginning::CARRIED, strlen($begun) > Beginning::LONGEST ? '' : $begun);

        return redirect()->route('sign-in')->withInput(['email' => $given['email']])->with(
            'status',
            Tongues::tell('One step left: sign in here with the password you have just chosen. If it is refused, this '
                .'address had '
                .'an account before: use that one’s password, or “Forgot your password?”'),
        );
    }

    /** Bags, the stash or swatches, as pictures or as a list: as she likes, for as long as she is signed in. */
    public function shown(Request $request, string $of): RedirectResponse
    {
        $request->session()->put("shown.{$of}", $request->input('as') === 'list' ? 'list' : 'pictures');

        return back();
    }

    public function edit(Request $request): View
    {
        $maker = $this->maker($request);

        return view('account.edit', [
            'maker' => $maker,
            'left' => RecoveryCode::left($maker),
            'devices' => Devices::of($request, $maker),
        ]);
    }

    public function update(SettingsRequest $request): RedirectResponse
    {
        $given = $request->given();
        $this->maker($request)->update([
            'signs' => $given['signs'] ?? '',
            'rights' => $given['rights'] ?? '',
            'wage' => isset($given['wage']) ? str_replace(',', '.', $given['wage']) : null,
            'sections' => ($given['numbered'] ?? 'on') === 'within',
        ] + array_diff_key($given, ['numbered' => 1]));

        return back()->with('status', Tongues::tell('Kept.'));
    }

    public function password(ChangePasswordRequest $request): RedirectResponse
    {
        $given = $request->given();
        $maker = $this->maker($request);
        $maker->setRememberToken(Str::random(60));
        $maker->choosesPassword((string) $given['password']);
        $request->session()->regenerate();

        return back()->with('status', Tongues::tell('Your password is changed.'));
    }

    public function destroy(DeleteAccountRequest $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $left = $this->leaves($request, Tongues::tell('Your account and everything in it is gone.'));
        $maker->delete();
        AccountExport::forget($maker->id);

        return $left;
    }
}
