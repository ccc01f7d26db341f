<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** The tallying pass: how many of each stitch the hands work, joins and starting chains among them. */
final readonly class StitchCount
{
    /** @param array<string, int> $each by the stitch's value */
    private function __construct(public array $each) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param list<Instruction> $instructions */
    public static function of(array $instructions): self
    {
        $each = [];
        Traverser::visit($instructions, function (Instruction $leaf, int $edge, int $times) use (&$each): void {
            foreach ($leaf->works() as $stitches) {
                $each[$stitches->stitch->value] = ($each[$stitches->stitch->value] ?? 0) + $times * $stitches->count;
            }
        });

        return new self($each);
    }

    public function many(Stitch $stitch): int
    {
        return $this->each[$stitch->value] ?? 0;
    }

    public function total(): int
    {
        return array_sum($this->each);
    }

    public function withChains(int $chains): self
    {
        return $this->plus(new self([Stitch::Chain->value => $chains]));
    }

    public function plus(self $other): self
    {
        $each = $this->each;
        foreach ($other->each as $stitch => $count) {
            $each[$stitch] = ($each[$stitch] ?? 0) + $count;
        }

        return new self($each);
    }
}
