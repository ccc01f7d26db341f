<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** The counting pass: anchors taken of each edge that a row is worked into, and tops left for the next. */
final readonly class Count
{
    /**
     * @param array<int, int> $of anchors by the edge's place, those it takes some of
     * @param bool $isChoosy whether something in it cannot be worked into a stitch and a chain alike
     */
    private function __construct(private array $of, public int $takes, public int $leaves, public bool $isChoosy) {}

    /** @param list<Instruction> $instructions */
    public static function of(array $instructions): self
    {
        $of = [];
        $leaves = 0;
        $choosy = false;
        Traverser::visit($instructions, function (
            Instruction $leaf,
            int $edge,
            int $times,
        ) use (&$of, &$leaves, &$choosy): void {
            $choosy = $choosy || ! $leaf->canTake(Anchor::Stitch) || ! $leaf->canTake(Anchor::Chain);
            $of[$edge] = ($of[$edge] ?? 0) + $times * $leaf->takes();
            foreach ($leaf->works() as $stitches) {
                $leaves += $stitches->top ? $times * $stitches->count : 0;
            }
        });

        return new self($of, array_sum($of), $leaves, $choosy);
    }

    /** Anchors taken of one edge. */
    public function takesOf(int $edge): int
    {
        return $this->of[$edge] ?? 0;
    }
}
