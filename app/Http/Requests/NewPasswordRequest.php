<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NewPassword;

/** A new password, behind a link from a letter. */
final class NewPasswordRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'password' => NewPassword::rules(),
        ];
    }
}
