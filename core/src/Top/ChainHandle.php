<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Wish;

/** A long handle on each side: a chain over some stitches of the edge, and stitches around it. */
final readonly class ChainHandle extends OverChain
{
    /** Between the ends of a handle where nothing is said, mm. From memory. */
    private const BETWEEN = 150.0;

    /** A handle that goes over a shoulder, as it lies, mm. From memory. */
    private const LONG = 600.0;

    /** By how much a chain with stitches on it stretches under a full bag, until hers has hung. A guess, no source. */
    private const STRETCH = 0.10;

    public static function key(): string
    {
        return 'chain';
    }

    public static function called(): array
    {
        return ['Chain', 'a long handle each side'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'skip',
                'Stitches between its ends',
                'stitch skipped',
                $this->count('skip'),
                1,
                400,
                plural: 'stitches skipped',
            ),
            new Setting(
                'chain',
                'Chains of a handle',
                'chain of a handle',
                $this->count('chain'),
                max(1, $this->given('skip', 1)),
                800,
                "ch {n} over {$this->given('skip')}",
                fewer: 'Make the handles shorter: chain {n}, not {was}',
                plural: 'chains of a handle',
            ),
            $this->edgeRounds(),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $on = $this->on($on);
        $widest = self::widest($on);
        $stitch = $ground->gauge->singleWidth()->mm;
        $skip = $this->count('skip') ?? self::centred(
            $on,
            self::BETWEEN / $stitch,
            min($widest, $this->count('chain') ?? $widest),
        );
        $chain = $this->count('chain') ?? max($skip, (int) round(self::LONG / $stitch));
        $this->fits($skip, $chain, $on);

        return $this->with(['skip' => $skip, 'chain' => $chain]);
    }

    protected function remarks(Ground $ground, Edge $on): array
    {
        $lies = $ground->gauge->singleWidth()->times($this->given('chain'));
        $remarks = [
            new Remark(
                'handle-hangs',
                Tone::Better,
                0,
                'A handle lies {lies} long and hangs about {hangs}.',
                'A chain stretches under the load; a tenth is a guess until yours has hung. Must not twist: lay it '
                    .'flat before the round on it.',
                ['lies' => $lies, 'hangs' => $lies->times(1 + self::STRETCH)],
            ),
        ];
        if (abs($this->offCentre($on)) > 0.25) {
            $remarks[] = new Remark(
                'handle-off-centre',
                Tone::Better,
                0,
                'The handles stand half a stitch off centre.',
                'One stitch more or fewer between their ends puts them on it.',
            );
        }

        return $remarks;
    }
}
