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
use Fescue\Core\Stitch\Stitch;

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
        $below = Stitch::Single;
        foreach ($this->byRound() as $round => $band) {
            $post = $band->motif->post();
            $climb = $this->working === Working::Spiral ? $post->climbing($below) : [];
            $rows[] = new Row('Round '.($number + $round), Part::Body, $this->working->around(self::fill($band, $around, $climb), $post));
            $below = $post;
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

    /**
     * @param list<Stitch> $climb worked in place of the first posts
     *
     * @return list<Instruction>
     */
    private static function fill(Band $band, int $around, array $climb): array
    {
        $motif = $band->motif;
        $between = $motif->chains() === 0 ? [] : [new Chains($motif->chains()), new Skip($motif->chains())];
        $climb = array_slice($climb, 0, intdiv($around, $motif->multiple()) - 1);
        $rest = $around - count($climb) * $motif->multiple();
        $fill = [];
        foreach ($climb as $step) {
            array_push($fill, new Each($step, 1, $band->loop), ...$between);
        }
        if ($between === []) {
            return [...$fill, new Each($motif->post(), $rest, $band->loop)];
        }
        $times = intdiv($rest, $motif->multiple());
        $repeat = [new Each($motif->post(), 1, $band->loop), ...$between];

        return [...$fill, ...($times === 1 ? $repeat : [new Repeat($repeat, $times)])];
    }
}
