<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Stitch;

/** The tallying pass: how many of each stitch the hands work, joins and starting chains among them. */
final readonly class StitchCount
{
    /** @param array<string, int> $each by the stitch's value */
    private function __construct(private array $each) {}

    public static function none(): self
    {
        return new self([]);
    }

    public static function of(Row $row): self
    {
        return self::sum($row->instructions);
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

    /** @param list<Instruction> $instructions */
    private static function sum(array $instructions): self
    {
        $sum = self::none();
        foreach ($instructions as $instruction) {
            $sum = $sum->plus(match (true) {
                $instruction instanceof Each => new self([$instruction->stitch->value => $instruction->count]),
                $instruction instanceof Several => new self([$instruction->stitch->value => $instruction->anchors * $instruction->inOne]),
                $instruction instanceof Chains, $instruction instanceof StartingChain => new self([Stitch::Chain->value => $instruction->count]),
                $instruction instanceof Skip, $instruction instanceof Marker => self::none(),
                $instruction instanceof Join => new self([Stitch::Slip->value => 1]),
                $instruction instanceof OtherSide => self::sum($instruction->instructions),
                $instruction instanceof Repeat => self::times(self::sum($instruction->instructions), $instruction->times),
                default => throw new \LogicException('No tally for '.$instruction::class),
            });
        }

        return $sum;
    }

    private static function times(self $sum, int $times): self
    {
        return new self(array_map(fn(int $count): int => $count * $times, $sum->each));
    }
}
