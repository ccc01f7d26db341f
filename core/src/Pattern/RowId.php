<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Saying\Sayable;

/**
 * What tells a row from all others of its bag, wherever one is kept or pointed at. Documents write it "Round 5", or
 * "Square 3: Row 2" of one of several pieces; what a maker reads is printed by her tongue. Which part of the bag a row
 * belongs to follows from the plan, and is no part of it.
 */
final readonly class RowId implements \Stringable, Sayable
{
    /**
     * @param int $number among those of its kind in its piece, from 1; 0 until it has its place there
     * @param string $piece as vocabularies know it: "left-gusset"; '' where the bag has one alone
     * @param int $nth of several pieces of that name; 0 where it is the only one
     */
    public function __construct(
        public RowKind $kind,
        public int $number,
        public string $piece = '',
        public int $nth = 0,
    ) {}

    /** What a document or a maker wrote, "5" and "round 5" too; null where that names no row. */
    public static function read(string $text): ?self
    {
        $pattern = '/^(?:(?<piece>\p{L}[\p{L} -]{0,30}?)(?: (?<nth>\d{1,3}))?\s*:\s*)?'
            .'(?:(?<kind>row|round|seam)\s+)?(?<number>\d{1,6}|(?<=seam )[a-z]{1,3})$/iu';
        if (preg_match($pattern, trim($text), $found) !== 1) {
            return null;
        }
        $kind = RowKind::from($found['kind'] === '' ? RowKind::Round->value : strtolower($found['kind']));
        $number = $kind->number($found['number']);

        return $number === null ? null : new self(
            $kind,
            $number,
            str_replace(' ', '-', mb_strtolower($found['piece'])),
            (int) $found['nth'],
        );
    }

    /** As documents have it. */
    public function written(): string
    {
        $piece = $this->piece();

        return ($piece === '' ? '' : "{$piece}: ").ucfirst($this->kind->value).' '.$this->kind->numbered($this->number);
    }

    /** Its piece as documents have it: "Left gusset"; '' where the bag has one alone. */
    public function piece(): string
    {
        return ucfirst(str_replace('-', ' ', $this->piece)).($this->nth === 0 ? '' : " {$this->nth}");
    }

    /** Whether its number tells it where rounds are told. */
    public function isPlain(): bool
    {
        return $this->kind === RowKind::Round && $this->piece === '';
    }

    /** Shorter, where it is plain that rounds are told: "5". */
    public function short(): string
    {
        return $this->isPlain() ? (string) $this->number : $this->written();
    }

    public function __toString(): string
    {
        return $this->written();
    }

    /** Rows come before rounds, and seams last. */
    public function compare(self $other): int
    {
        $rank = fn(self $one): array => [
            array_search($one->kind, RowKind::cases(), true), $one->piece(), $one->number,
        ];

        return $rank($this) <=> $rank($other);
    }

    public function is(?self $other): bool
    {
        return $other !== null && $this->written() === $other->written();
    }

    public function english(): string
    {
        return $this->written();
    }
}
