<?php

declare(strict_types=1);

namespace App\Stash;

use App\Rules\Quantity;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;

/** A cord as text: what a form or a line of a file must hold to be one. */
final class CordText
{
    public const FIELDS = ['name', 'colour', 'diameter', 'sample_length', 'sample_mass', 'on_hand'];

    public const MESSAGES = [
        'name.required' => 'Give the cord a name you will know it by.',
        'colour.regex' => 'A colour is a # and six digits or letters a to f, like #c9b994.',
        'diameter.required' => 'Measure how thick the cord is: wind it side by side over 2 cm and count the turns.',
        'sample_length.required' => 'Say how long a piece you weighed; a metre does well.',
        'sample_mass.required' => 'Say what that piece weighs.',
    ];

    /** @return array<string, list<mixed>> */
    public static function rules(): array
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

    /**
     * @param array<string, string> $text that the rules have passed
     *
     * @return array{name: string, colour: string, diameter: Length, sample_length: Length, sample_mass: Mass, on_hand: ?Mass}
     */
    public static function cord(array $text): array
    {
        return [
            'name' => $text['name'],
            'colour' => strtolower($text['colour']),
            'diameter' => Length::parse($text['diameter'], LengthUnit::Millimetre),
            'sample_length' => Length::parse($text['sample_length'], LengthUnit::Metre),
            'sample_mass' => Mass::parse($text['sample_mass'], MassUnit::Gram),
            'on_hand' => $text['on_hand'] === '' ? null : Mass::parse($text['on_hand'], MassUnit::Gram),
        ];
    }

    /**
     * What cannot be right about a cord whose parts each can, or null.
     *
     * @param array{sample_length: Length, sample_mass: Mass, ...} $cord
     */
    public static function doubt(array $cord): ?string
    {
        $density = LinearDensity::weighed($cord['sample_mass'], $cord['sample_length']);

        return Material::isStrand($density)
            ? null
            : 'That makes '.round($density->gramsPerMetre, 3).' g to the metre; a strand weighs from '.Material::LIGHTEST.' to '.Material::HEAVIEST.' g/m. Check the length and the weight.';
    }
}
