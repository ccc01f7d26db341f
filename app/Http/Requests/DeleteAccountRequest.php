<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An account is given up by whoever knows its password. */
final class DeleteAccountRequest extends AccountRequest
{
    protected $errorBag = 'deletion';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current_password' => self::PRESENT,
        ];
    }
}
