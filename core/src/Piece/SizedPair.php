<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;

/** A width and a height that a maker is told together: of a tab. As a text it is "16 mm × 25 mm". */
final readonly class SizedPair extends Asked
{
    /** @param ?array{Length, Length} $value width and height; null where it is open */
    public function __construct(
        string $name,
        string $label,
        public ?array $value,
        public Length $least,
        public Length $most,
        private bool $asked = false,
        public LengthUnit $unit = LengthUnit::Millimetre,
    ) {
        parent::__construct($name, $label);
    }

    public function isAsked(): bool
    {
        return $this->asked;
    }

    public function read(Fields $choices): ?string
    {
        $pair = $choices->object($this->name);
        $width = $pair->length('width', $this->least, $this->most, 'A width');
        $height = $pair->length('height', $this->least, $this->most, 'A height');
        $pair->close();

        return $width === null || $height === null ? null : $this->said($width, $height);
    }

    /** @return array<string, string>|string|null */
    public function typed(string $text): array|string|null
    {
        $sides = preg_split('/\s*[×x*]\s*/iu', trim($text));

        return match (true) {
            trim($text) === '' => null,
            $sides === false || count($sides) !== 2 => $text,
            // "16 × 25 mm" has one unit for both.
            default => array_combine(['width', 'height'], [$this->withUnit($sides[0], $sides[1]), $this->withUnit(
                $sides[1],
                '',
            )]),
        };
    }

    public function showing(mixed $value): string
    {
        return is_array($value) ? implode(' × ', array_map(self::shown(...), $value)) : self::shown($value);
    }

    private function withUnit(string $text, string $other): string
    {
        if (preg_match('/[a-z"\']/iu', $text) === 1) {
            return $text;
        }

        return preg_match('/[a-z"\'].*$/iu', $other, $found) === 1
            ? "{$text} {$found[0]}"
            : "{$text} {$this->unit->value}";
    }

    /** @return ?array<string, string> */
    public function written(bool $said): ?array
    {
        return $this->value === null ? null : [
            'width' => $this->value[0]->exact($this->unit),
            'height' => $this->value[1]->exact($this->unit),
        ];
    }

    private function said(Length $width, Length $height): string
    {
        return "{$width->exact($this->unit)} × {$height->exact($this->unit)}";
    }

    /** @return ?array{Length, Length} as read() says it, or a document has it */
    public static function pair(mixed $said): ?array
    {
        $sides = is_string($said) ? explode(' × ', $said) : (is_array($said) ? array_values($said) : []);
        [$width, $height] = [$sides[0] ?? '', $sides[1] ?? ''];
        try {
            return [
                Length::parse(is_string($width) ? $width : ''),
                Length::parse(is_string($height) ? $height : ''),
            ];
        } catch (NotUnderstood) {
            return null;
        }
    }
}
