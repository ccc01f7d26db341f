<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NewPassword;

/** A new password, by a recovery code. */
final class CodeRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'code' => ['required', 'string', 'max:40'],
            'password' => NewPassword::rules(),
        ];
    }
}
