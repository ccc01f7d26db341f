<?php

declare(strict_types=1);

namespace App\Glossary;

/** A word, what it means, and a picture of it. */
final readonly class Term
{
    /**
     * @param string $key names its place on the page
     * @param string $drawing SVG
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $said,
        public string $drawing,
    ) {}
}
