<?php

declare(strict_types=1);

namespace Fescue\Core\Stock;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Saying;

/** What is on hand of one material and what of it is promised, in grams or in pieces. Never below zero. */
final readonly class Balance
{
    /** Less than this is nothing: amounts are kept to a thousandth. */
    private const NOTHING = 0.0005;

    /**
     * @param ?float $onHand sum of the ledger; null where nothing was ever entered
     * @param array<int, array{string, float}> $reserved for each bag by its number: its name and how much
     * @param string $unit "g" or "tabs", for messages
     */
    public function __construct(public ?float $onHand, public array $reserved = [], public string $unit = 'g') {}

    public function reserved(): float
    {
        return array_sum(array_column($this->reserved, 1));
    }

    /** What may be taken, for a bag or for none: all that others have not reserved. */
    public function freeFor(?int $bag = null): float
    {
        $others = $this->reserved;
        unset($others[$bag ?? 0]);

        return max(0.0, ($this->onHand ?? 0.0) - array_sum(array_column($others, 1)));
    }

    /**
     * What an entry adds to the ledger, below zero where it takes.
     *
     * @param float $amount above zero; for a weighing what is there, zero or more
     *
     * @throws NotEnough where it takes more than is there, or what others have reserved
     */
    public function change(Move $move, float $amount, ?int $bag = null): float
    {
        if ($move === Move::Weighed) {
            return $amount - ($this->onHand ?? 0.0);
        }
        if ($move->sign() > 0) {
            return $amount;
        }
        if ($amount > ($this->onHand ?? 0.0) + self::NOTHING) {
            throw new NotEnough(
                $this->onHand ?? 0.0,
                new Saying(
                    'There are {onHand} on hand, and {amount} were to be taken. Weigh what is there, or take less.',
                    ['onHand' => $this->say($this->onHand ?? 0.0), 'amount' => $this->say($amount)],
                ),
            );
        }
        $this->mustBeFree($amount, $bag);

        return -$amount;
    }

    /**
     * May so much be reserved for a bag, in place of what it has reserved?
     *
     * @throws NotEnough
     */
    public function mustBeFree(float $amount, ?int $bag): void
    {
        $free = $this->freeFor($bag);
        if ($amount > $free + self::NOTHING) {
            $others = array_diff_key($this->reserved, [$bag ?? 0 => true]);
            $held = array_map(fn(array $one): Saying => new Saying(
                '{bag}: {much}',
                ['bag' => $one[0], 'much' => $this->say($one[1])],
            ), $others);
            throw new NotEnough($free, new Saying(
                $held === []
                    ? 'Only {free} are free: take less.'
                    : 'Only {free} are free: the rest is reserved ({held}). Free that first, or take less.',
                ['free' => $this->say($free), 'held' => new Listing(array_values($held))],
            ));
        }
    }

    private function say(float $amount): Saying
    {
        return self::said($amount, $this->unit);
    }

    /** "4.5 g", "60 g", "12 tabs" */
    public static function said(float $amount, string $unit): Saying
    {
        return new Saying('{n} {unit}', [
            'n' => new Figure(Decimal::print($amount, $unit === 'g' && $amount < 10 && $amount > 0 ? 1 : 0)),
            'unit' => new Saying($unit),
        ]);
    }
}
