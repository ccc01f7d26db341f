<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

/** The stitches of a standing row that the front shows; like rows one upon another share one. */
final readonly class SideCourse
{
    /** @var list<SideStitch> from right to left, as a right hand works them; y from the row's own foot */
    public array $stitches;

    /** @param list<SideStitch> $stitches */
    public function __construct(array $stitches)
    {
        $tops = array_map(fn(SideStitch $one): float => $one->topX(), $stitches);
        arsort($tops);
        $this->stitches = array_map(fn(int $nth): SideStitch => $stitches[$nth], array_keys($tops));
    }
}
