<?php

declare(strict_types=1);

namespace App\Rules;

use App\Tongue\Tongues;
use Closure;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Contracts\Validation\ValidationRule;

/** A field that reads as a quantity within bounds; the core says what was not understood. */
final readonly class Quantity implements ValidationRule
{
    /** @param Closure(string): string $problem returns what is wrong with the text, or '' */
    private function __construct(private Closure $problem) {}

    public static function length(Length $least, Length $most, LengthUnit $bare, LengthUnit $shown): self
    {
        return new self(function (string $text) use ($least, $most, $bare, $shown): string {
            $length = Length::parse($text, $bare);

            return $length->mm < $least->mm || $length->mm > $most->mm
                ? Tongues::tell(
                    'This should be from {least} to {most}; {value} is outside. Is the unit right?',
                    [
                        'least' => Tongues::printed($least->exact($shown)),
                        'most' => Tongues::printed($most->exact($shown)),
                        'value' => Tongues::printed($length->exact($shown)),
                    ],
                )
                : '';
        });
    }

    public static function mass(Mass $least, Mass $most): self
    {
        return new self(function (string $text) use ($least, $most): string {
            $mass = Mass::parse($text, MassUnit::Gram);

            return $mass->grams < $least->grams || $mass->grams > $most->grams
                ? Tongues::tell(
                    'This should be from {least} to {most}; {value} is outside. Is the unit right?',
                    [
                        'least' => Tongues::printed($least->exact()),
                        'most' => Tongues::printed($most->exact()),
                        'value' => Tongues::printed($mass->exact()),
                    ],
                )
                : '';
        });
    }

    /** @param Closure(string): mixed $parse throws NotUnderstood */
    public static function reads(Closure $parse): self
    {
        return new self(function (string $text) use ($parse): string {
            $parse($text);

            return '';
        });
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $problem = is_string($value) || is_int($value) || is_float($value)
                ? ($this->problem)((string) $value)
                : Tongues::tell('Write this as text, like “20 cm”.');
        } catch (NotUnderstood $e) {
            $problem = Tongues::say($e->said);
        }
        if ($problem !== '') {
            $fail($problem);
        }
    }
}
