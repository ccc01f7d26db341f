<?php

declare(strict_types=1);

namespace App\Models;

/** What came of two changes of one bag. */
final readonly class Merged
{
    /**
     * @param array<string, array{mixed, mixed}> $met what this change wanted and what stands, by field
     * @param list<string> $elsewhere fields that were changed by others meanwhile, those that met too
     */
    public function __construct(public Draft $draft, public array $met, public array $elsewhere) {}
}
