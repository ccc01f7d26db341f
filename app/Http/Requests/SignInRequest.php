<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Tongue\Tongues;

/** Somebody comes in. */
final class SignInRequest extends AccountRequest
{
    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => Tongues::tell('Write your password.')] + parent::messages();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }
}
