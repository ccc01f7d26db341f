<?php

declare(strict_types=1);

namespace Fescue\Core\Stock;

use Fescue\Core\Saying\Saying;

/**
 * A ledger's lines in their order. A weighing is a fact from its moment on: what changes before it changes what it
 * corrects, and the sum after it stays. No line passes below zero.
 */
final readonly class LedgerLines
{
    /** Less than this is nothing: amounts are kept to a thousandth. */
    private const NOTHING = 0.0005;

    /**
     * @param list<LedgerLine> $lines
     * @param string $unit "g" or "tabs", for messages
     */
    public function __construct(private array $lines, private string $unit = 'g') {}

    /** What is on hand after all of them. */
    public function sum(): float
    {
        return array_sum(array_map(fn(LedgerLine $one): float => $one->counts ? $one->amount : 0.0, $this->lines));
    }

    /**
     * The same with one undone, or counted again, and every weighing after it correcting what is then there.
     *
     * @throws NotEnough where a line would pass below zero, or use less than nothing
     */
    public function with(int $id, bool $counts): self
    {
        $sum = 0.0;
        $lines = [];
        foreach ($this->lines as $line) {
            $line = $line->id === $id ? $line->counting($counts) : $line;
            if (! $line->counts) {
                $lines[] = $line;

                continue;
            }
            $amount = $line->says === null ? $line->amount : round($line->says - $sum, 3);
            if ($line->move === Move::Used && $amount > self::NOTHING) {
                throw new NotEnough($sum, new Saying(
                    'Then {sum} would be there where {says} were weighed in later. Take that weigh-in out first.',
                    ['sum' => $this->say($sum), 'says' => $this->say($line->says ?? 0.0)],
                ));
            }
            $sum += $amount;
            if ($sum < -self::NOTHING) {
                throw new NotEnough($sum - $amount, new Saying(
                    'Then a later line would take more than was there ({line}: {much} of {there}): undo that first.',
                    [
                        'line' => new Saying($line->move->said()),
                        'much' => $this->say(-$amount),
                        'there' => $this->say($sum - $amount),
                    ],
                ));
            }
            $lines[] = new LedgerLine($line->id, $line->move, $amount, $line->says);
        }

        return new self($lines, $this->unit);
    }

    /** @return array<int, float> by its number, what lines add that added something else */
    public function changed(self $before): array
    {
        $was = array_column($before->lines, 'amount', 'id');

        return array_filter(
            array_column($this->lines, 'amount', 'id'),
            fn(float $amount, int $id): bool => abs($amount - ($was[$id] ?? 0.0)) >= self::NOTHING,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    private function say(float $amount): Saying
    {
        return Balance::said($amount, $this->unit);
    }
}
