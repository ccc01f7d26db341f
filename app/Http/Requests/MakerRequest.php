<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Rules\Typed;
use Illuminate\Foundation\Http\FormRequest;

/** A form filled in by a signed-in maker. */
abstract class MakerRequest extends FormRequest
{
    public function maker(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(403);
    }

    protected function typed(string $field): string
    {
        return Typed::text($this, $field);
    }
}
