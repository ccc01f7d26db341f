<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NewPassword;

/** Her password is changed by whoever knows the present one. */
final class ChangePasswordRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current_password' => self::PRESENT,
            'password' => NewPassword::rules(),
        ];
    }
}
