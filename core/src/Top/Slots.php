<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;

/** Two hand holes. */
final readonly class Slots extends OverChain
{
    /** A hand and a half: how wide a hand hole is where nothing is said. From memory. */
    private const WIDE = 120.0;

    /** Chains over a slot for each stitch skipped, where nothing is said: ch 16 over 10. Common practice, no source. */
    private const CHAIN_PER_SKIP = 1.6;

    /** A hand with a coat's cuff, mm. From memory. */
    private const HAND = 85.0;

    public static function key(): string
    {
        return 'slot';
    }

    public static function called(): array
    {
        return ['Slots', 'a hand hole each side'];
    }

    public function settings(?Ground $ground = null): array
    {
        return $this->counts('Stitches to skip', 'Chains over them', 'a slot');
    }

    protected function wide(): float
    {
        return self::WIDE;
    }

    protected function long(int $skip, Ground $ground): int
    {
        return (int) round($skip * self::CHAIN_PER_SKIP);
    }

    protected function remarks(Ground $ground, Edge $on): array
    {
        [$skip, $chain] = [$this->given('skip'), $this->given('chain')];
        $widest = self::widest($on);
        $wide = $ground->gauge->singleWidth()->times($skip);
        $remarks = [];
        if ($wide->mm < self::HAND) {
            $wanted = (int) ceil(self::HAND / $ground->gauge->singleWidth()->mm);
            $chains = $wanted - $widest;
            $remarks[] = new Remark(
                'slot-narrow',
                Tone::Trouble,
                0,
                'The hand hole is {wide} wide.',
                match (true) {
                    $chains > 0 => 'A hand wants about {hand}; this side has room for {room} at most. {chains, plural, '
                        .'one {One chain} other {# chains}} more at the start make room, or leave the handles out.',
                    $chain < $wanted => 'A hand wants about {hand}; skip {n} and chain as many or more.',
                    default => 'A hand wants about {hand}; skip {n}.',
                },
                [
                    'wide' => $wide, 'hand' => Length::mm(self::HAND), 'n' => $wanted, 'room' => $widest,
                    'chains' => $chains,
                ],
            );
        }
        if (abs($this->offCentre($on)) > 0.25) {
            $fit = array_values(array_filter(
                [$skip - 1, $skip + 1],
                fn(int $one): bool => $one >= 1 && $one <= min($widest, $chain),
            ));
            $remarks[] = new Remark(
                'slot-off-centre',
                Tone::Better,
                0,
                'The slots stand half a stitch off centre.',
                match (count($fit)) {
                    0 => 'One chain more at the start puts their middle on a stitch.',
                    1 => 'Skipping {one} puts them on it.',
                    default => 'Skipping {one} or {other} puts them on it.',
                },
                ['one' => $fit[0] ?? 0, 'other' => $fit[1] ?? 0],
            );
        }
        $remarks[] = new Remark(
            'compare-slots',
            Tone::Better,
            0,
            'Lay the bag flat and mark both slots.',
            'If front and back do not meet, move all four marks together by half the gap.',
            works: true,
        );
        if ($on->fabric?->isOpen() === true) {
            $remarks[] = new Remark(
                'mesh-top',
                Tone::Better,
                0,
                '{row} stands on a mesh.',
                'Work its stitches around the chains of the round below; they hold better than in single loops.',
            );
        }

        return $remarks;
    }
}
