<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** The writing pass: a row in words, in US or UK terms. */
final readonly class Writer
{
    public function __construct(public Terms $terms) {}

    public function foundation(Pattern $pattern): string
    {
        $made = $pattern->foundation + 1;

        return "Chain {$made}, loosely: {$pattern->foundation} to work into and 1 to turn.";
    }

    /** A row without its name, closing with the count it leaves: "… (56)". */
    public function line(Row $row): string
    {
        return $this->words($row).' ('.Counter::count($row)->leaves.')';
    }

    /** A row without its name and count. */
    public function words(Row $row): string
    {
        $around = self::soleFill($row);
        $said = array_map(fn(Instruction $instruction): string => $instruction === $around
            ? $around->stitch->abbreviation($this->terms).' in each st around'.$this->loop($around->loop)
            : $this->say($instruction), $row->instructions);

        return ucfirst(implode(', ', $said)).'.';
    }

    /**
     * Runs of rows that read alike, to be written once.
     *
     * @param list<string> $anew names of rows that begin a run of their own, however they read
     *
     * @return list<array{Row, Row}> first and last row of each run
     */
    public function runs(Pattern $pattern, array $anew = []): array
    {
        $runs = [];
        foreach ($pattern->rows as $row) {
            $last = array_key_last($runs);
            if ($last !== null && ! in_array($row->name, $anew, true) && $runs[$last][0]->part === $row->part && $this->words($runs[$last][0]) === $this->words($row)) {
                $runs[$last] = [$runs[$last][0], $row];
            } else {
                $runs[] = [$row, $row];
            }
        }

        return $runs;
    }

    /** The one instruction that fills the whole round, where one does. */
    private static function soleFill(Row $row): ?Each
    {
        $fills = array_values(array_filter(
            $row->instructions,
            fn(Instruction $i): bool => ! $i instanceof StartingChain && ! $i instanceof Join,
        ));
        $sole = count($fills) === 1 ? $fills[0] : null;

        return $sole instanceof Each && $sole->into === Into::Stitch ? $sole : null;
    }

    private function say(Instruction $instruction): string
    {
        return match (true) {
            $instruction instanceof Each => $this->each($instruction),
            $instruction instanceof Several => $this->several($instruction),
            $instruction instanceof Chains => "ch {$instruction->count}",
            $instruction instanceof Skip => "{$this->terms->skip()} {$instruction->count}",
            $instruction instanceof StartingChain => "ch {$instruction->count} (does not count as a stitch; start in the st of the join)",
            $instruction instanceof Join => Stitch::Slip->abbreviation($this->terms).' in first st to join',
            $instruction instanceof Marker => 'do not join: mark the first st of the round and move the marker up each round',
            $instruction instanceof OtherSide => 'go on along the other side of the chain: '.$this->list($instruction->instructions),
            $instruction instanceof Repeat => '['.$this->list($instruction->instructions).']'
                .($instruction->times === 2 ? ' twice' : " {$instruction->times} times"),
            default => throw new \LogicException('No words for '.$instruction::class),
        };
    }

    /** @param list<Instruction> $instructions */
    private function list(array $instructions): string
    {
        return implode(', ', array_map($this->say(...), $instructions));
    }

    private function each(Each $each): string
    {
        $stitch = $each->stitch->abbreviation($this->terms);
        $count = $each->count;

        return match ($each->into) {
            Into::ChainSpace => "{$count} {$stitch} around the chain",
            Into::Stitch => "{$stitch} in ".($count === 1 ? 'next st' : "next {$count} sts"),
            default => "{$stitch} in ".$this->chain($each->into, $count),
        }.$this->loop($each->loop);
    }

    private function several(Several $several): string
    {
        $anchor = match (true) {
            $several->into !== Into::Stitch => $this->chain($several->into, 1),
            $several->anchors === 1 => 'next st',
            default => "each of next {$several->anchors} sts",
        };

        return "{$several->inOne} {$several->stitch->abbreviation($this->terms)} in {$anchor}".$this->loop($several->loop);
    }

    private function chain(Into $into, int $count): string
    {
        return match ($into) {
            Into::FirstChain => '2nd ch from hook',
            Into::LastChain => 'last ch',
            Into::FirstChainAgain => 'the first ch again',
            default => $count === 1 ? 'next ch' : "next {$count} ch",
        };
    }

    private function loop(Loop $loop): string
    {
        return match ($loop) {
            Loop::Both => '',
            Loop::Back => ', back loop only',
            Loop::Front => ', front loop only',
        };
    }
}
