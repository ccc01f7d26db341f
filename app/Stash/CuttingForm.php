<?php

declare(strict_types=1);

namespace App\Stash;

use App\Http\Typed;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Strip\CarrierBag;
use Fescue\Core\Strip\Panel;
use Fescue\Core\Strip\Piece;
use Fescue\Core\Strip\TooSmall;
use Fescue\Core\Strip\Tube;
use Illuminate\Http\Request;

/** The measures of a piece to cut, as its form sends them. */
final class CuttingForm
{
    public const KINDS = ['tube' => 'Shirt, sleeve or skirt', 'panel' => 'Flat panel or sheet', 'bag' => 'Carrier bag'];

    private const LONGEST_MM = 20_000.0;

    private const MOST_PIECES = 500;

    /** @var array<string, string> by field */
    public array $wrong = [];

    public readonly string $kind;

    public readonly ?Piece $piece;

    public readonly ?Length $strip;

    /** Of one whole piece, null where not weighed. */
    public readonly ?Mass $mass;

    public readonly int $pieces;

    /** Share by which jersey is longer after it is pulled. */
    public readonly float $pull;

    public function __construct(private readonly Request $request, private readonly LengthUnit $unit)
    {
        $kind = $this->typed('kind');
        $this->kind = isset(self::KINDS[$kind]) ? $kind : 'tube';
        $this->strip = $this->length('strip');
        $this->mass = $this->mass();
        $this->pieces = (int) $this->number('pieces', 1, 1, self::MOST_PIECES, 'Write how many pieces, from 1 to '.self::MOST_PIECES.'.');
        $this->pull = $this->number('pull', 0, 0, 200, 'Write the pull in percent, from 0 to 200.') / 100;
        $this->piece = $this->piece();
    }

    public function typed(string $field): string
    {
        return Typed::text($this->request, $field);
    }

    /** Whether anything was sent yet. */
    public function sent(): bool
    {
        return $this->request->has('width');
    }

    private function piece(): ?Piece
    {
        if (! $this->sent()) {
            return null;
        }
        $width = $this->length('width');
        $height = $this->length('height');
        $spine = $this->kind === 'tube' ? $this->length('spine', Length::mm(Tube::SPINE_MM)) : null;
        $handles = $this->kind === 'bag' ? $this->length('handles', Length::mm(0)) : null;
        $seam = $this->kind === 'bag' ? $this->length('seam', Length::mm(0)) : null;
        if ($width === null || $height === null || $this->strip === null || $this->wrong !== []) {
            return null;
        }
        try {
            return match (true) {
                $spine !== null => new Tube($width, $height, $this->strip, $spine),
                $handles !== null && $seam !== null => new CarrierBag($width, $height, $this->strip, $handles, $seam),
                default => new Panel($width, $height, $this->strip),
            };
        } catch (TooSmall $e) {
            $this->wrong[$e->measure] = $e->getMessage();

            return null;
        }
    }

    private function length(string $field, ?Length $absent = null): ?Length
    {
        if (! $this->sent() || ($absent !== null && $this->typed($field) === '')) {
            return $absent;
        }
        try {
            $length = Length::parse($this->typed($field), $this->unit);
        } catch (NotUnderstood $e) {
            $this->wrong[$field] = $e->getMessage();

            return null;
        }
        if ($length->mm > self::LONGEST_MM || ($length->mm <= 0 && $absent === null)) {
            $this->wrong[$field] = 'This should be above nothing and at most 20 m. Is the unit right?';

            return null;
        }

        return $length;
    }

    private function mass(): ?Mass
    {
        if ($this->typed('mass') === '') {
            return null;
        }
        try {
            $mass = Mass::parse($this->typed('mass'), MassUnit::Gram);
        } catch (NotUnderstood $e) {
            $this->wrong['mass'] = $e->getMessage();

            return null;
        }
        if ($mass->grams <= 0 || $mass->grams > 20_000) {
            $this->wrong['mass'] = 'This should be above nothing and at most 20 kg. Is the unit right?';
        }

        return $mass;
    }

    private function number(string $field, float $absent, float $least, float $most, string $message): float
    {
        $text = str_replace(',', '.', rtrim($this->typed($field), ' %'));
        if ($text === '') {
            return $absent;
        }
        $whole = $field === 'pieces' ? '/^\d{1,6}$/' : '/^\d{1,6}(?:\.\d+)?$/';
        if (preg_match($whole, $text) !== 1 || (float) $text < $least || (float) $text > $most) {
            $this->wrong[$field] = $message;

            return $absent;
        }

        return (float) $text;
    }
}
