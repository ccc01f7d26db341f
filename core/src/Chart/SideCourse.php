<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

/** The stitches of a standing row that the front shows; like rows one upon another share one. */
final readonly class SideCourse
{
    /** @param list<SideStitch> $stitches from right to left, as a right hand works them; y from the row's own foot */
    public function __construct(public array $stitches) {}
}
