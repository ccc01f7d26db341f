<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A form filled in by a signed-in maker. */
abstract class MakerRequest extends FormRequest
{
    public function maker(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(403);
    }

    /** What a field holds, trimmed; '' where it is absent or no text. */
    protected function typed(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) || is_int($value) || is_float($value) ? trim((string) $value) : '';
    }
}
