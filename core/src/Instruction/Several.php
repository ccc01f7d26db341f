<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** Several stitches alike in each of the next anchors: takes n, leaves n·k. Increases. */
final readonly class Several implements Instruction
{
    use Leaf;

    public function __construct(
        public Stitch $stitch,
        public int $inOne,
        public int $anchors = 1,
        public Loop $loop = Loop::Both,
        public Into $into = Into::Stitch,
    ) {
        if ($inOne < 2 || $anchors < 1) {
            throw new \InvalidArgumentException('An increase works at least two in one.');
        }
    }

    /**
     * Anchor by anchor so many stitches, like ones told together: none is skipped, one is worked, several are an
     * increase.
     *
     * @param list<int> $stitches one an anchor
     *
     * @return list<Instruction>
     */
    public static function inRuns(Stitch $stitch, array $stitches, Into $into = Into::Stitch): array
    {
        $runs = [];
        $length = 0;
        foreach ($stitches as $place => $many) {
            $length++;
            if (($stitches[$place + 1] ?? null) !== $many) {
                $runs[] = match (true) {
                    $many < 1 => new Skip($length),
                    $many === 1 => new Each($stitch, $length, into: $into),
                    default => new self($stitch, $many, $length, into: $into),
                };
                $length = 0;
            }
        }

        return $runs;
    }

    public function takes(): int
    {
        return $this->anchors;
    }

    public function canTake(Anchor $anchor): bool
    {
        return $this->into->isIn($anchor);
    }

    public function works(): array
    {
        return [new Stitches($this->stitch, $this->anchors * $this->inOne, $this->loop, true)];
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self(
            $stitch($this->stitch),
            $this->inOne,
            $this->anchors,
            $this->into->through($loop, $this->loop),
            $this->into,
        );
    }

    public function phrase(): Phrase
    {
        return new Phrase(
            "several.{$this->into->value}",
            [
                'k' => $this->inOne,
                'stitch' => $this->stitch,
                'n' => $this->anchors,
                'nth' => 1 + $this->stitch->startingChains(),
            ],
            $this->loop,
        );
    }

    public static function readings(): array
    {
        $readings = [];
        foreach (Into::cases() as $into) {
            $readings["several.{$into->value}"] = fn(PhraseReading $read): self => new self(
                $read->stitch(),
                $read->number('k'),
                $read->number('n'),
                into: $into,
            );
        }

        return $readings;
    }
}
