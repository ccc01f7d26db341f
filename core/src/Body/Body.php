<?php

declare(strict_types=1);

namespace Fescue\Core\Body;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Chains;
use Fescue\Core\Pattern\Each;
use Fescue\Core\Pattern\Instruction;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Repeat;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Skip;
use Fescue\Core\Pattern\Working;

/** A straight wall: one band upon another, from the bottom up. */
final readonly class Body
{
    public int $rounds;

    /** @param non-empty-list<Band> $bands */
    public function __construct(public array $bands, private Gauge $gauge, private Working $working)
    {
        $this->rounds = array_sum(array_map(fn(Band $band): int => $band->rounds, $bands));
    }

    /**
     * @param int $around stitches of the round below, a multiple of every band's repeat
     * @param int $number of the first body round
     *
     * @return list<Row>
     */
    public function rows(int $around, int $number): array
    {
        $rows = [];
        foreach ($this->byRound() as $round => $band) {
            $rows[] = new Row('Round '.($number + $round), Part::Body, $this->working->around(self::fill($band, $around), $band->motif->post()));
        }

        return $rows;
    }

    /** @return list<Band> of every round the band that it belongs to */
    public function byRound(): array
    {
        return array_merge(...array_map(fn(Band $band): array => array_fill(0, $band->rounds, $band), $this->bands));
    }

    public function height(): Length
    {
        return self::heightOf($this->bands, $this->gauge);
    }

    /** @param list<Band> $bands */
    public static function heightOf(array $bands, Gauge $gauge): Length
    {
        return array_reduce($bands, fn(Length $height, Band $band): Length => $height->plus($gauge->heightOf($band->motif)->times($band->rounds)), Length::mm(0));
    }

    /** @return list<Instruction> */
    private static function fill(Band $band, int $around): array
    {
        $motif = $band->motif;
        if ($motif->chains() === 0) {
            return [new Each($motif->post(), $around, $band->loop)];
        }
        $repeat = [new Each($motif->post(), 1, $band->loop), new Chains($motif->chains()), new Skip($motif->chains())];

        return [new Repeat($repeat, intdiv($around, $motif->multiple()))];
    }
}
