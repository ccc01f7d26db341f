<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** What a setting counts, in words. */
final readonly class Counted
{
    /**
     * @param string $one of it: "starting chain"
     * @param string $several of it, where an s does not make that
     * @param string $short in a line of several: "ch {n}"; '' where it is not told there
     */
    public function __construct(public string $one, private string $several = '', private string $short = '') {}

    /** "body rounds" */
    public function several(): string
    {
        return $this->several === '' ? "{$this->one}s" : $this->several;
    }

    /** "one body round", "3 body rounds" */
    public function many(int $count): string
    {
        return $count === 1 ? "one {$this->one}" : "{$count} {$this->several()}";
    }

    public function told(int $count): string
    {
        return strtr($this->short, ['{n}' => (string) $count, '{s}' => $count === 1 ? '' : 's']);
    }
}
