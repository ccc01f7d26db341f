<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** Worked into another edge of the row: the other side of a chain, row ends. */
final readonly class Along implements Instruction
{
    use Group;

    /** Row ends are told one by one up to so many instructions. */
    private const LISTED = 8;

    /**
     * @param int $edge its place among the edges that the row is worked into
     * @param string $named the kind of edge, as vocabularies name it: "other-side"
     * @param list<Instruction> $instructions
     */
    public function __construct(private int $edge, private string $named, private array $instructions) {}

    public function children(): array
    {
        return $this->instructions;
    }

    public function edge(): int
    {
        return $this->edge;
    }

    public function phrase(): Phrase
    {
        return $this->evenly() ?? new Phrase("along.{$this->named}", ['list' => $this->instructions]);
    }

    /** Of many row ends how many stitches go evenly along them: nobody follows such a list end by end. */
    private function evenly(): ?Phrase
    {
        $many = 0;
        $stitches = [];
        Traverser::visit($this->instructions, function (Instruction $leaf) use (&$many, &$stitches): void {
            $many++;
            foreach ($leaf->works() as $one) {
                $stitches[$one->stitch->value] = $one->stitch;
            }
        });
        $count = Count::of($this->instructions);

        return $this->named !== 'row-ends' || $many <= self::LISTED || count($stitches) !== 1 ? null : new Phrase(
            'along.row-ends.evenly',
            ['n' => $count->leaves, 'm' => $count->takes, 'stitch' => array_values($stitches)[0]],
        );
    }
}
