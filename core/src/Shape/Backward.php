<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** The same places, worked from the other end. */
final readonly class Backward implements Path
{
    public function __construct(private Path $way) {}

    public function stand(int $place, int $of): Stand
    {
        return $this->way->stand($of - 1 - $place, $of);
    }
}
