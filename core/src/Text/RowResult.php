<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** What comes of a row, read in one way. */
final readonly class RowResult
{
    /**
     * @param ?string $code what is wrong with it; null where it takes just what is there
     * @param ?Token $where it goes wrong
     */
    public function __construct(
        public int $there,
        public int $takes,
        public Tops $tops,
        public int $leaves,
        public bool $isAsStated,
        public RowReading $reading,
        public ?string $code = null,
        public ?Token $where = null,
    ) {}

    /** The less, the better it reads. */
    public function worth(): int
    {
        return ($this->code === null ? 0 : 1000 + 4 * min(200, abs($this->there - $this->takes)))
            + ($this->isAsStated ? 0 : 500);
    }

    public function isRight(): bool
    {
        return $this->code === null && $this->isAsStated;
    }
}
