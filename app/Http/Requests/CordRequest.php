<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\Quantity;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Illuminate\Validation\Validator;

final class CordRequest extends MakerRequest
{
    private const LIGHTEST = 0.05;

    private const HEAVIEST = 500.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'colour' => ['required', 'string', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'diameter' => ['required', Quantity::length(Length::mm(0.5), Length::mm(30), LengthUnit::Millimetre, LengthUnit::Millimetre)],
            'sample_length' => ['required', Quantity::length(Length::mm(100), Length::mm(100_000), LengthUnit::Metre, LengthUnit::Metre)],
            'sample_mass' => ['required', Quantity::mass(Mass::grams(0.01), Mass::grams(50_000))],
            'on_hand' => ['nullable', Quantity::mass(Mass::grams(0), Mass::grams(100_000))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the cord a name you will know it by.',
            'colour.regex' => 'A colour is a # and six digits or letters a to f, like #c9b994.',
            'diameter.required' => 'Measure how thick the cord is: wind it side by side over 2 cm and count the turns.',
            'sample_length.required' => 'Say how long a piece you weighed; a metre does well.',
            'sample_mass.required' => 'Say what that piece weighs.',
        ];
    }

    protected function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $cord = $this->cord();
            $density = $cord['sample_mass']->grams / $cord['sample_length']->in(LengthUnit::Metre);
            if ($density < self::LIGHTEST || $density > self::HEAVIEST) {
                $validator->errors()->add('sample_mass', 'That makes '.round($density, 3).' g to the metre; a strand weighs from '.self::LIGHTEST.' to '.self::HEAVIEST.' g/m. Check the length and the weight.');
            }
        });
    }

    /** @return array{name: string, colour: string, diameter: Length, sample_length: Length, sample_mass: Mass, on_hand: ?Mass} */
    public function cord(): array
    {
        return [
            'name' => $this->typed('name'),
            'colour' => strtolower($this->typed('colour')),
            'diameter' => Length::parse($this->typed('diameter'), LengthUnit::Millimetre),
            'sample_length' => Length::parse($this->typed('sample_length'), LengthUnit::Metre),
            'sample_mass' => Mass::parse($this->typed('sample_mass'), MassUnit::Gram),
            'on_hand' => $this->typed('on_hand') === '' ? null : Mass::parse($this->typed('on_hand'), MassUnit::Gram),
        ];
    }
}
