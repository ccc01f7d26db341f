<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;

/** The same instructions so many times over. */
final readonly class Repeat implements Instruction
{
    use Group;

    /** @param list<Instruction> $instructions */
    public function __construct(public array $instructions, public int $times)
    {
        if ($times < 2) {
            throw new \InvalidArgumentException('A repeat is worked at least twice.');
        }
    }

    public function children(): array
    {
        return $this->instructions;
    }

    public function times(): int
    {
        return $this->times;
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self(
            array_map(fn(Instruction $one): Instruction => $one->remade($loop, $stitch), $this->instructions),
            $this->times,
        );
    }

    public function phrase(): Phrase
    {
        return $this->times === 2
            ? new Phrase('repeat.twice', ['list' => $this->instructions])
            : new Phrase('repeat', ['list' => $this->instructions, 'times' => $this->times]);
    }

    public static function readings(): array
    {
        return [
            'repeat.twice' => fn(Reading $read): self => new self($read->instructions, 2),
            'repeat' => fn(Reading $read): self => new self($read->instructions, $read->number('times')),
        ];
    }
}
