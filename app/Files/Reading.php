<?php

declare(strict_types=1);

namespace App\Files;

/**
 * What a file holds: what was read of its good lines, and what is wrong with the others.
 *
 * @template-covariant T
 */
final readonly class Reading
{
    /**
     * @param list<T> $good
     * @param array<int, list<string>> $problems by line of the file, 1 the header
     */
    public function __construct(public array $good, public array $problems) {}
}
