<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A letter with a way back in is asked for. */
final class LetterRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'address' => ['required', 'string', 'email', 'max:190'],
        ];
    }
}
