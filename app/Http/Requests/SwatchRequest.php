<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bags\SwatchText;
use App\Models\Swatch;
use App\Rules\Really;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Validator;

final class SwatchRequest extends MakerRequest
{
    /** Whose it is comes before what is said of it. */
    public function authorize(): bool
    {
        $swatch = $this->route('swatch');

        return ! $swatch instanceof Swatch || Gate::allows('own', $swatch) || abort(404);
    }

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
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                // The request that comes back with what was typed is not this one.
                $reasons = ['width' => $this->text()->implausible($this->maker())];
                foreach (Really::ask(request(), $reasons) as $at => $asked) {
                    $validator->errors()->add($at, $asked);
                }
            }
        });
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
