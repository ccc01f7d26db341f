<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** New recovery codes, for whoever knows the password. */
final class NewCodesRequest extends AccountRequest
{
    protected $errorBag = 'codes';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current_password' => self::PRESENT,
        ];
    }
}
