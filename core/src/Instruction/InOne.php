<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;

/**
 * Several different stitches, and chains between them, in one place: takes it, a stitch or a space of chains, and
 * leaves all their tops.
 */
final readonly class InOne implements Instruction
{
    use Leaf;

    /**
     * @param list<Instruction> $instructions leaves, worked one after another into the same place
     * @param int $anchors chains of the space that it is worked in, or 1
     */
    public function __construct(
        public array $instructions,
        public Into $into = Into::Stitch,
        public int $anchors = 1,
    ) {
        if ($instructions === [] || $anchors < 1) {
            throw new \InvalidArgumentException('Something is worked in it.');
        }
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
        $works = [];
        foreach ($this->instructions as $one) {
            foreach ($one->works() as $stitches) {
                $works[] = new Stitches(
                    $stitches->stitch,
                    $stitches->count,
                    $stitches->loop,
                    true,
                    $stitches->top,
                    $stitches->standing,
                );
            }
        }

        return $works;
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self(
            array_map(fn(Instruction $one): Instruction => $one->remade($loop, $stitch), $this->instructions),
            $this->into,
            $this->anchors,
        );
    }

    public function phrase(): Phrase
    {
        return new Phrase("in-one.{$this->into->value}", ['bare' => $this->instructions]);
    }

    public static function readings(): array
    {
        $readings = [];
        foreach (Into::cases() as $into) {
            $readings["in-one.{$into->value}"] = fn(PhraseReading $read): self => new self($read->instructions, $into);
        }

        return $readings;
    }
}
