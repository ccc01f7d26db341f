<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Measure\Length;
use Fescue\Core\Shape\Path;

/** What a piece begins on: a chain to work into, and those that turn it; or the holes of something ready-made. */
final readonly class Start
{
    /**
     * @param int $chain chains, or holes, to work into, at least 1
     * @param int $turning chains that lift the first row beside them
     * @param ?Length $hook of the first round, where it has its own
     * @param bool $leads whether those that turn count as the first stitch
     */
    public function __construct(
        public int $chain,
        public int $turning = 1,
        public ?Path $path = null,
        public EdgeKind $kind = EdgeKind::Chain,
        public ?Length $hook = null,
        private bool $leads = false,
    ) {
        if ($chain < 1) {
            throw new \InvalidArgumentException('A chain has a chain at least.');
        }
    }

    public function isChain(): bool
    {
        return $this->kind === EdgeKind::Chain;
    }

    /** Chains that the hands make. */
    public function chains(): int
    {
        return $this->isChain() ? $this->chain + $this->turning : 0;
    }

    /** So many of them as no row tells. */
    public function works(): int
    {
        return $this->chains() - (int) $this->leads;
    }

    /** Anchors of an edge of a kind, on this and a row that leaves so many; null where it says nothing. */
    public function offers(EdgeKind $kind, int $there): ?int
    {
        return match ($kind) {
            EdgeKind::Chain, EdgeKind::Tops, EdgeKind::Holes, EdgeKind::Frames => $there,
            EdgeKind::BothSides, EdgeKind::LongEdges => $there + $this->chain,
            EdgeKind::OtherSide,
            EdgeKind::RowEnds,
            EdgeKind::Squares,
            EdgeKind::Tabs,
            EdgeKind::Opening,
            EdgeKind::Some => null,
        };
    }
}
