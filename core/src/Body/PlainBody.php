<?php

declare(strict_types=1);

namespace Fescue\Core\Body;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Each;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** A straight wall of one stitch. */
final readonly class PlainBody
{
    public function __construct(
        public Stitch $stitch,
        public Loop $loop,
        public int $rounds,
        private Gauge $gauge,
        private Working $working,
    ) {}

    /**
     * @param int $around stitches of the round below
     * @param int $number of the first body round
     *
     * @return list<Row>
     */
    public function rows(int $around, int $number): array
    {
        $rows = [];
        for ($round = 0; $round < $this->rounds; $round++) {
            $rows[] = new Row('Round '.($number + $round), Part::Body, $this->working->around(
                [new Each($this->stitch, $around, $this->loop)],
                $this->stitch,
            ));
        }

        return $rows;
    }

    public function height(): Length
    {
        return $this->gauge->heightOf($this->stitch)->times($this->rounds);
    }
}
