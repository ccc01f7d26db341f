<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;

/** The same instructions so many times over. */
final readonly class Repeat implements Instruction
{
    use Group;

    /** What is repeated is told plainly up to so many instructions: brackets in brackets read worse. */
    private const SHORT = 8;

    /** @param list<Instruction> $instructions */
    public function __construct(public array $instructions, public int $times)
    {
        if ($times < 2) {
            throw new \InvalidArgumentException('A repeat is worked at least twice.');
        }
    }

    /**
     * What comes several times one after another told once: [a, b, a, b, c] is a, b twice and c.
     *
     * @param list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
     */
    public static function found(array $instructions): array
    {
        $found = [];
        $alike = array_map(serialize(...), $instructions);
        // All of it so many times over: the sides of what is alike all around.
        for ($length = 2; $length <= intdiv(count($alike), 2); $length++) {
            $units = count($alike) % $length === 0 ? array_chunk($alike, $length) : [];
            if ($units !== [] && array_unique($units, SORT_REGULAR) === [$units[0]]) {
                $unit = array_slice($instructions, 0, $length);

                return [new self($length > self::SHORT ? self::found($unit) : $unit, count($units))];
            }
        }
        for ($at = 0; $at < count($instructions);) {
            [$best, $times] = [1, 1];
            for ($length = 2; $length <= intdiv(count($instructions) - $at, 2); $length++) {
                $unit = array_slice($alike, $at, $length);
                $many = 1;
                while (array_slice($alike, $at + $many * $length, $length) === $unit) {
                    $many++;
                }
                if ($many > 1 && $many * $length > $best * $times) {
                    [$best, $times] = [$length, $many];
                }
            }
            $unit = array_slice($instructions, $at, $best);
            array_push($found, ...($times > 1 ? [new self($unit, $times)] : $unit));
            $at += $best * $times;
        }

        return $found === [] ? throw new \InvalidArgumentException('Something is worked.') : $found;
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
            'repeat.twice' => fn(PhraseReading $read): self => new self($read->instructions, 2),
            'repeat' => fn(PhraseReading $read): self => new self($read->instructions, $read->number('times')),
        ];
    }
}
