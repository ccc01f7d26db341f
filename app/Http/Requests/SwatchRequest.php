<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bags\SwatchText;
use Illuminate\Validation\Validator;

final class SwatchRequest extends MakerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return SwatchText::rules($this->maker(), $this->maker()->units);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return SwatchText::messages();
    }

    protected function withValidator(Validator $validator): void
    {
        $this->text()->doubting($validator);
    }

    /** @return array<string, mixed> */
    public function swatch(): array
    {
        return $this->text()->values();
    }

    private function text(): SwatchText
    {
        $fields = array_keys($this->rules());

        return new SwatchText(array_combine($fields, array_map($this->typed(...), $fields)), $this->maker()->units);
    }
}
