<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Measure\Length;

/** One of several ways of doing a thing, with what it may be told: forms and documents know no more of it. */
interface Variant
{
    /** As documents have it: "oval". */
    public static function key(): string;

    /**
     * As a form offers it.
     *
     * @return array{string, string} its name, and what sets it apart
     */
    public static function called(): array;

    /** As a form begins. */
    public static function open(): static;

    /** Reads its part of a document; what is wrong with it is noted there. */
    public static function read(Fields $choices): static;

    /** @return list<Asked> in the order of their fields */
    public function settings(?Ground $ground = null): array;

    /**
     * The same with other counts and choices.
     *
     * @param array<string, int|string|bool|Length|array<int|string, int|string>|null> $values by the setting's
     *         name; null leaves it open
     */
    public function with(array $values): static;

    /**
     * @return array<string, int|string|bool|array<int|string, int|string>> its part of a document but for the
     *         type, as far as it is given or settled
     */
    public function write(): array;
}
