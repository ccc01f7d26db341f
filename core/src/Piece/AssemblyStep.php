<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/** One step in which a bag goes together, as it then stands. */
final readonly class AssemblyStep
{
    /**
     * @param Saying $does in a few words
     * @param non-empty-list<Face> $faces
     * @param list<array{string, array{float, float, float}, array{float, float, float}}> $seams letter and both ends of
     *         each that is joined in it
     * @param list<array{Marked, array{float, float, float}, float, float}> $marks middle, width and height of what
     *        is on it
     */
    public function __construct(
        public Saying $does,
        public array $faces,
        public array $seams = [],
        public array $marks = [],
    ) {}
}
