<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;

/** What lies flat, worked round both sides of a chain: its straight part is the chain, its rounds make its width. */
abstract readonly class GrownFromChain extends MadeByChoices
{
    protected const FEWEST_CHAINS = 3;

    protected const MOST_CHAINS = 400;

    protected const MOST_ROUNDS = 40;


    /** @return list<Asked> */
    protected function grown(?Ground $ground): array
    {
        $motif = $this->motif('stitch');

        return [
            Choice::plain('stitch', 'Stitch of the base', $motif->key),
            new Setting(
                'chain',
                'Chains to start',
                new Counted('starting chain', short: 'ch {n}'),
                $this->count('chain'),
                new Bounds(self::FEWEST_CHAINS, self::MOST_CHAINS),
                Unsaid::settled(),
                new Serves(Side::Length, $ground?->gauge->widthOf($motif)),
                new Fewer('Start with {n} chains, not {was}'),
            ),
            Rounds::setting($this->count('rounds'), self::MOST_ROUNDS, $ground?->gauge->heightOf($motif)),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $rounds = $this->count('rounds') ?? Rounds::across(
            $wish,
            $ground->gauge->heightOf($this->motif('stitch')),
            self::MOST_ROUNDS,
        );

        return $this->with(
            ['rounds' => $rounds, 'chain' => $this->count('chain') ?? $this->chain($wish, $ground, $rounds)],
        );
    }

    private function chain(Wish $wish, Ground $ground, int $rounds): int
    {
        $length = $wish->length ?? throw new Unmakeable(
            '/size/length',
            new Saying('Give a length, or the number of chains to start.'),
        );
        $stitch = $ground->gauge->widthOf($this->motif('stitch'));
        $ends = $ground->gauge->heightOf($this->motif('stitch'))->times(2 * $rounds);
        $chain = 1 + (int) round(($length->mm - $ends->mm) / $stitch->mm);
        if ($chain < self::FEWEST_CHAINS) {
            $least = $ends->plus($stitch->times(self::FEWEST_CHAINS - 1));
            throw new Unmakeable(
                '/size/length',
                new Saying(
                    '{rounds} base rounds make the ends {ends} long by themselves, so the base is at least {least} '
                        .'long. Ask for more length or less width.',
                    ['rounds' => $rounds, 'ends' => $ends, 'least' => $least],
                ),
            );
        }
        if ($chain > self::MOST_CHAINS) {
            throw new Unmakeable(
                '/size/length',
                new Saying(
                    'That needs a chain of {chain}; Fescue plans up to {most}. Check the length and the gauge.',
                    ['chain' => $chain, 'most' => self::MOST_CHAINS],
                ),
            );
        }

        return $chain;
    }
}
