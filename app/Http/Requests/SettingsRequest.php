<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Validation\Rule;

/** What a maker sets for herself. */
final class SettingsRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'units' => ['required', Rule::in([LengthUnit::Centimetre->value, LengthUnit::Inch->value])],
            'terms' => ['required', Rule::in(array_values(Tongue::PAGES))],
            'wage' => ['nullable', 'string', 'regex:/^\d{1,5}([.,]\d{1,2})?$/'],
            'signs' => ['nullable', 'string', 'max:80'],
            'rights' => ['nullable', 'string', 'max:160'],
            'numbered' => ['nullable', 'in:on,within'],
        ];
    }
}
