<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;

/** A crochet hook by the diameter of its shaft; letters are only names for millimetres. */
final readonly class HookSize implements Sayable
{
    private const SMALLEST_MM = 0.5;

    private const LARGEST_MM = 50.0;

    /**
     * US letters and numbers by millimetre. Craft Yarn Council, "Hooks and needles", US sizes; from memory.
     *
     * @var array<int|string, string>
     */
    private const LETTERS = [
        '2.25' => 'B-1', '2.75' => 'C-2', '3.125' => 'D', '3.25' => 'D-3', '3.5' => 'E-4', '3.75' => 'F-5',
        '4' => 'G-6', '4.25' => 'G', '4.5' => '7', '5' => 'H-8', '5.25' => 'I', '5.5' => 'I-9', '5.75' => 'J',
        '6' => 'J-10', '6.5' => 'K-10½', '8' => 'L-11', '9' => 'M/N-13', '10' => 'N/P-15', '11.5' => 'P-16',
        '15' => 'P/Q', '16' => 'Q', '19' => 'S', '25' => 'T/U/X', '30' => 'T/X',
    ];

    /** Sizes hooks are sold in, mm. Common practice, no source. */
    private const SOLD = [
        2.0,
        2.25,
        2.5,
        2.75,
        3.0,
        3.25,
        3.5,
        3.75,
        4.0,
        4.5,
        5.0,
        5.5,
        6.0,
        6.5,
        7.0,
        8.0,
        9.0,
        10.0,
        12.0,
        15.0,
        16.0,
        19.0,
        20.0,
        25.0,
        30.0,
    ];

    private function __construct(public Length $diameter) {}

    /** @throws NotUnderstood outside 0.5 to 50 mm */
    public static function mm(float $mm): self
    {
        if ($mm < self::SMALLEST_MM || $mm > self::LARGEST_MM) {
            throw new NotUnderstood(new Saying(
                'Hooks run from {least} to {most} mm; {mm} mm is outside.',
                ['least' => 0.5, 'most' => '50', 'mm' => Decimal::exact($mm)],
            ));
        }

        return new self(Length::mm($mm));
    }

    /**
     * Reads `8 mm`, `8`, `L-11`, `L11`, `L`, and of a double name either.
     *
     * @throws NotUnderstood also where a letter has meant two sizes
     */
    public static function parse(string $text): self
    {
        $name = mb_strtoupper(str_replace(['1/2', ' ½', '.5'], '½', trim($text)));
        if (preg_match('/^[A-Z]$/', $name) === 1) {
            return self::byLetterAlone($name);
        }
        foreach (self::LETTERS as $mm => $letter) {
            [$letters, $number] = [...explode('-', $letter), ''];
            $names = array_map(fn(string $one): string => $one.$number, [$letters, ...explode('/', $letters)]);
            if (! ctype_digit($name) && in_array(str_replace('-', '', $name), $names, true)) {
                return self::mm((float) $mm);
            }
        }
        try {
            return self::mm(Length::parse($text, LengthUnit::Millimetre)->mm);
        } catch (NotUnderstood $e) {
            if (preg_match('/^\d|^[-−]/u', trim($text)) === 1) {
                throw $e;
            }
            throw new NotUnderstood(new Saying(
                '“{text}” is not a hook size Fescue knows; write millimetres like “8 mm” or a letter like “L-11”.',
                ['text' => $text],
            ));
        }
    }

    /** The size sold that is nearest to a diameter, the smaller of two as near. */
    public static function nearest(Length $diameter): self
    {
        return self::mm(self::SOLD[self::place($diameter)]);
    }

    /** The size sold so many steps up, or down where below zero; the last one where the sizes end. */
    public function steps(int $steps): self
    {
        return self::mm(self::SOLD[max(0, min(count(self::SOLD) - 1, self::place($this->diameter) + $steps))]);
    }

    private static function place(Length $diameter): int
    {
        $best = 0;
        foreach (self::SOLD as $place => $mm) {
            if (abs($mm - $diameter->mm) < abs(self::SOLD[$best] - $diameter->mm)) {
                $best = $place;
            }
        }

        return $best;
    }

    /** The US letter, or null where the size has none. */
    public function letter(): ?string
    {
        return self::LETTERS[Decimal::exact($this->diameter->mm)] ?? null;
    }

    public function print(): string
    {
        $letter = $this->letter();

        return $this->exact().($letter === null ? '' : " ({$letter})");
    }

    /** "An 8 mm", "A 9 mm": eight, eleven and eighteen are spoken with a vowel. */
    public function withArticle(): string
    {
        $exact = $this->exact();

        return (preg_match('/^(8|11|18)(\.|\s)/', $exact) === 1 ? 'An ' : 'A ').$exact;
    }

    public function exact(): string
    {
        return Decimal::exact($this->diameter->mm).' mm';
    }

    private static function byLetterAlone(string $name): self
    {
        $names = fn(string $letter): array => explode('/', explode('-', $letter)[0]);
        // What a size is called by first goes before what it is called as well.
        $meant = array_filter(self::LETTERS, fn(string $letter): bool => $names($letter)[0] === $name);
        $meant = $meant !== []
            ? $meant
            : array_filter(self::LETTERS, fn(string $letter): bool => in_array($name, $names($letter), true));
        if (count($meant) === 1) {
            return self::mm((float) array_key_first($meant));
        }
        $known = implode(
            ', ',
            array_map(
                fn(string $letter, int|string $mm): string => "{$letter} is {$mm} mm",
                $meant,
                array_keys($meant),
            ),
        );
        throw new NotUnderstood($meant === []
            ? new Saying(
                '“{text}” is not a hook letter Fescue knows; write millimetres like “8 mm”.',
                ['text' => $name],
            )
            : new Saying(
                '“{text}” names more than one hook ({known}); write the millimetres.',
                ['text' => $name, 'known' => $known],
            ));
    }

    public function english(): string
    {
        return $this->print();
    }
}
