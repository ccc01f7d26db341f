<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Stash\CordText;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Illuminate\Validation\Validator;

final class CordRequest extends MakerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return CordText::rules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return CordText::MESSAGES;
    }

    /** @return array{name: string, colour: string, diameter: Length, sample_length: Length, sample_mass: Mass, on_hand: ?Mass} */
    public function cord(): array
    {
        return CordText::cord(array_combine(CordText::FIELDS, array_map($this->typed(...), CordText::FIELDS)));
    }

    protected function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $doubt = $validator->errors()->isEmpty() ? CordText::doubt($this->cord()) : null;
            if ($doubt !== null) {
                $validator->errors()->add('sample_mass', $doubt);
            }
        });
    }
}
