<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/**
 * Chains that lift the work to the round's height. Apart they take and leave nothing; as the round's first stitch they
 * take one and leave one, and more may stand beside them in the same place.
 */
final readonly class StartingChain implements Instruction
{
    use Leaf;

    /**
     * @param ?Stitch $as that it counts as; null where it counts as none
     * @param int $more of that in the same place
     * @param bool $alone whether no note says of it that it counts as none
     */
    public function __construct(
        public int $count,
        public ?Stitch $as = null,
        public int $more = 0,
        private bool $alone = false,
    ) {}

    /**
     * A round whose chain counts as its first stitch; null where that is none that a chain can stand for.
     *
     * @param non-empty-list<Instruction> $round
     *
     * @return ?non-empty-list<Instruction>
     */
    public static function counted(int $chains, array $round): ?array
    {
        [$first, $rest] = [$round[0], array_slice($round, 1)];

        return match (true) {
            $chains < 1 => null,
            $first instanceof Repeat && $first->instructions !== [] => self::counted($chains, [
                ...($first->times > 2
                    ? [...$first->instructions, new Repeat($first->instructions, $first->times - 1)]
                    : self::twice($first->instructions)),
                ...$rest,
            ]),
            $first instanceof Each && $first->into === Into::Stitch => [
                new self($chains, $first->stitch),
                ...($first->count > 1 ? [new Each($first->stitch, $first->count - 1, $first->loop)] : []),
                ...$rest,
            ],
            $first instanceof Several && $first->into === Into::Stitch => [
                new self($chains, $first->stitch, $first->inOne - 1),
                ...($first->anchors > 1
                    ? [new Several($first->stitch, $first->inOne, $first->anchors - 1, $first->loop)]
                    : []),
                ...$rest,
            ],
            default => null,
        };
    }

    /**
     * The same two times, an increase at the end of the first and at the beginning of the second as one.
     *
     * @param non-empty-list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
     */
    private static function twice(array $instructions): array
    {
        [$first, $last] = [$instructions[0], $instructions[count($instructions) - 1]];
        if (
            ! $first instanceof Several || ! $last instanceof Several
            || $first->inOne !== $last->inOne || $first->stitch !== $last->stitch || count($instructions) < 2
        ) {
            return [...$instructions, ...$instructions];
        }
        $anchors = $last->anchors + $first->anchors;
        $both = new Several($first->stitch, $first->inOne, $anchors, $first->loop, $first->into);

        return [...array_slice($instructions, 0, -1), $both, ...array_slice($instructions, 1)];
    }

    public function takes(): int
    {
        return $this->as === null ? 0 : 1;
    }

    public function works(): array
    {
        if ($this->as === null) {
            return [new Stitches(Stitch::Chain, $this->count, top: false)];
        }

        return [
            ...($this->count > 1 ? [new Stitches(Stitch::Chain, $this->count - 1, top: false)] : []),
            new Stitches(Stitch::Chain, 1, increase: $this->more > 0, standing: $this->count),
            ...($this->more > 0 ? [new Stitches($this->as, $this->more, increase: true)] : []),
        ];
    }

    public function phrase(): Phrase
    {
        return match (true) {
            $this->as === null && $this->count === 0 => new Phrase('starting-chain.none'),
            $this->as === null => new Phrase(
                $this->alone ? 'starting-chain.alone' : 'starting-chain',
                ['n' => $this->count],
            ),
            $this->more === 0 => new Phrase('starting-chain.counts', ['n' => $this->count, 'stitch' => $this->as]),
            $this->more === 1 => new Phrase(
                'starting-chain.one-more',
                ['n' => $this->count, 'stitch' => $this->as],
            ),
            default => new Phrase(
                'starting-chain.more',
                ['n' => $this->count, 'stitch' => $this->as, 'k' => $this->more],
            ),
        };
    }
}
