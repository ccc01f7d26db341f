<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\Outgoing;
use App\Bags\Beginning;
use App\Models\Devices;
use App\Models\RecoveryCode;
use App\Models\User;
use App\Rules\NewPassword;
use App\Rules\Typed;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

final class AccountController extends Controller
{
    private const MESSAGES = NewPassword::MESSAGES + [
        'name.required' => 'Write the name you go by.',
        'email.required' => 'Write your email address.',
        'email.email' => 'Write an email address, like you@example.org.',
        'current_password.current_password' => 'This is not your present password.',
        'wage.regex' => 'Write what an hour of your work is worth as a number in your money, like 14.50, or leave '
            .'it empty.',
        'current_password.required' => 'Write your present password.',
    ];

    public function create(): View
    {
        return view('account.register');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $this->validated($request, [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => NewPassword::rules(),
        ], self::MESSAGES);
        // Who has an account is nobody's business: the answer is one, and as slow, whether the address was free or not.
        User::query()->createOrFirst(['email' => $given['email']], $given);
        // What she began as a stranger is hers as soon as she is in.
        $begun = Typed::text($request, 'begin');
        $request->session()->put(Beginning::CARRIED, strlen($begun) > Beginning::LONGEST ? '' : $begun);

        return redirect()->route('sign-in')->withInput(['email' => $given['email']])->with(
            'status',
            'One step left: sign in here with the password you have just chosen. If it is refused, this address had '
                .'an account before: use that one’s password, or “Forgot your password?”',
        );
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

    public function update(Request $request): RedirectResponse
    {
        $given = $this->validated($request, [
            'name' => ['required', 'string', 'max:80'],
            'units' => ['required', Rule::in([LengthUnit::Centimetre->value, LengthUnit::Inch->value])],
            'terms' => ['required', Rule::enum(Terms::class)],
            'wage' => ['nullable', 'string', 'regex:/^\d{1,5}([.,]\d{1,2})?$/'],
            'signs' => ['nullable', 'string', 'max:80'],
            'rights' => ['nullable', 'string', 'max:160'],
            'numbered' => ['nullable', 'in:on,within'],
        ], self::MESSAGES);
        $this->maker($request)->update([
            'signs' => $given['signs'] ?? '',
            'rights' => $given['rights'] ?? '',
            'wage' => isset($given['wage']) ? str_replace(',', '.', $given['wage']) : null,
            'sections' => ($given['numbered'] ?? 'on') === 'within',
        ] + array_diff_key($given, ['numbered' => 1]));

        return back()->with('status', 'Kept.');
    }

    public function password(Request $request): RedirectResponse
    {
        $given = $this->validated($request, [
            'current_password' => ['bail', 'required', 'string', 'current_password'],
            'password' => NewPassword::rules(),
        ], self::MESSAGES);
        $maker = $this->maker($request);
        $maker->setRememberToken(Str::random(60));
        $maker->choosesPassword((string) $given['password']);
        $request->session()->regenerate();

        return back()->with('status', 'Your password is changed.');
    }

    public function destroy(Request $request): RedirectResponse
    {
        $request->validateWithBag(
            'deletion',
            ['current_password' => ['bail', 'required', 'string', 'current_password']],
            self::MESSAGES,
        );
        $maker = $this->maker($request);
        $left = $this->leaves($request, 'Your account and everything in it is gone.');
        $maker->delete();
        Outgoing::forget($maker->id);

        return $left;
    }
}
