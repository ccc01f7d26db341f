<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Chains. */
final readonly class Chain implements Step
{
    /** @param ?string $counts as which stitch they count; '' as none, null where it is not said */
    public function __construct(
        private Token $at,
        public int $many,
        public ?string $counts = null,
        public int $more = 0,
    ) {}

    public function at(): Token
    {
        return $this->at;
    }

    public function takes(): int
    {
        return 0;
    }

    /** @param int $more chains that stand behind the stitch */
    public function counting(string $as, int $more): self
    {
        return new self($this->at, $this->many, $as, $more);
    }
}
