<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;

/**
 * One way to make a part of a bag: a base, a band of wall, a top. It reads its own choices, settles what they leave
 * open against the wish, and makes rows on the edge that the maker before it left. Nothing outside its file names it,
 * but for one line in Bag\Makers.
 */
interface Maker
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
     * @param array<string, int|string|bool|array<int|string, int|string>|null> $values by the setting's name; null
     *         leaves it open
     */
    public function with(array $values): static;

    /** How high its rows stand; null where that follows the wish. */
    public function height(Ground $ground): ?Length;

    /**
     * Every count given.
     *
     * @param Wish $wish with the height that is left for it
     * @param ?Edge $on null of the first
     *
     * @throws Unmakeable
     */
    public function settle(Wish $wish, Ground $ground, ?Edge $on): static;

    /** @throws Unmakeable */
    public function make(Ground $ground, ?Edge $on): Made;

    /**
     * @return array<string, int|string|bool|array<int|string, int|string>> its part of a document but for the
     *         type, as far as it is given or settled
     */
    public function write(): array;
}
