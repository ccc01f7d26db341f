<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NewPassword;

/** An account is made. */
final class RegisterRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => NewPassword::rules(),
        ];
    }
}
