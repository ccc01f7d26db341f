<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Tongue\Tongues;

/** Who stayed signed in says her password once more. */
final class ConfirmRequest extends AccountRequest
{
    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current_password.required' => Tongues::tell('Write your password.'),
            'current_password.current_password' => Tongues::tell('This is not your password.'),
        ];
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current_password' => self::PRESENT,
        ];
    }
}
