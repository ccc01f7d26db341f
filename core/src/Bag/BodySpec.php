<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Body\Band;
use Fescue\Core\Body\Body;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Motif;

/** A body's bands from the bottom up, of which one at most is left open. */
final readonly class BodySpec
{
    /** @param non-empty-list<BandSpec> $bands */
    public function __construct(public array $bands) {}

    public static function plain(Motif $motif, Loop $loop = Loop::Both, ?int $rounds = null): self
    {
        return new self([new BandSpec($motif, $loop, $rounds)]);
    }

    public static function settled(Body $body): self
    {
        return self::ofBands($body->bands);
    }

    /** @param list<Band> $bands at least one */
    public static function ofBands(array $bands): self
    {
        if ($bands === []) {
            throw new \InvalidArgumentException('A body has a band at least.');
        }

        return new self(array_map(fn(Band $band): BandSpec => new BandSpec($band->motif, $band->loop, $band->rounds), $bands));
    }

    /** The same bands with one to follow the height: the one already open, or the first. */
    public function following(): self
    {
        foreach ($this->bands as $band) {
            if ($band->rounds === null) {
                return $this;
            }
        }
        $bands = $this->bands;
        $bands[0] = new BandSpec($bands[0]->motif, $bands[0]->loop);

        return new self($bands);
    }

    /** The stitch a gauge is wanted of: the first band's. */
    public function motif(): Motif
    {
        return $this->bands[0]->motif;
    }
}
