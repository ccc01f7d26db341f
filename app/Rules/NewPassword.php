<?php

declare(strict_types=1);

namespace App\Rules;

use Illuminate\Validation\Rules\Password;

/** What a password that is chosen must be, and what is said where it is not. */
final class NewPassword
{
    public const MESSAGES = [
        'password.required' => 'Choose a password of 12 letters or more.',
        'password.min' => 'The password needs 12 letters or more.',
        'password.confirmed' => 'The two passwords differ; write the same one twice.',
    ];

    /** @return list<mixed> */
    public static function rules(): array
    {
        return ['required', 'string', 'max:200', 'confirmed', 'not_regex:/\0/', Password::defaults()];
    }
}
