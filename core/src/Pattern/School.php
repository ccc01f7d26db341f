<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\CountedFrom;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\JoinAt;
use Fescue\Core\Instruction\Marker;
use Fescue\Core\Instruction\MoveOn;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Stitch\Stitch;

/**
 * How rounds meet, whether the chain that starts one counts as its first stitch, how their start leans, and how far
 * straps give.
 */
final readonly class School
{
    /**
     * @param float $lean stitches by which a round starts past the start of the one below, measured of her hand
     * @param ?float $stretch by which her straps grow under a full bag, as a share; null until one has hung
     */
    public function __construct(
        public Working $working = Working::Spiral,
        public bool $chainCounts = false,
        public float $lean = 0.0,
        public ?float $stretch = null,
    ) {}

    /** The same, her straps giving so much. */
    public function giving(?float $stretch): self
    {
        return new self($this->working, $this->chainCounts, $this->lean, $stretch);
    }

    /** Whether a round goes on where the one before it ended. */
    public function runsOn(): bool
    {
        return $this->working === Working::Spiral;
    }

    /** As what lies flat is worked: its right side up, never turned. */
    public function flat(): self
    {
        return $this->working === Working::JoinedTurned ? new self(
            Working::Joined,
            $this->chainCounts,
            stretch: $this->stretch,
        ) : $this;
    }

    /**
     * A whole round of a stitch, begun and closed as this school does.
     *
     * @param non-empty-list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
     */
    public function around(array $instructions, Stitch $stitch = Stitch::Single): array
    {
        if ($this->working === Working::Spiral) {
            return $instructions;
        }
        // As high as what stands beside it, which may be less than the round's highest.
        $chains = (Traverser::first($instructions) ?? $stitch)->startingChains();
        $turned = $this->working === Working::JoinedTurned;
        $counted = $this->chainCounts ? StartingChain::counted($chains, $instructions) : null;

        return match (true) {
            $counted !== null => [...($turned ? [new Turn(0)] : []), ...$counted, new Join(true)],
            $turned => [new Turn($chains), ...$instructions, new Join()],
            default => [new StartingChain($chains), ...$instructions, new Join()],
        };
    }

    /**
     * A round led to the beginning of its edge, where that moved on.
     *
     * @param non-empty-list<Instruction> $round
     *
     * @return non-empty-list<Instruction>
     */
    public function ledTo(Edge $on, array $round): array
    {
        $lift = $round[0];

        return match (true) {
            $on->moved === 0 => $round,
            // Turned first, then on to where it begins, and lifted there.
            $lift instanceof Turn => [
                new Turn(0),
                new MoveOn($on->moved),
                ...($lift->chains > 0 ? [new StartingChain($lift->chains)] : []),
                ...array_slice($round, 1),
            ],
            default => [new MoveOn($on->moved), ...$round],
        };
    }

    /**
     * A whole round of a stitch on an edge of that kind: on a chain its turning chain lifts it, on a strip of rows it
     * is turned first, on the opening of pieces the strand is joined.
     *
     * @param non-empty-list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
     */
    public function on(EdgeKind $kind, array $instructions, Stitch $stitch): array
    {
        return match ($kind) {
            EdgeKind::BothSides => $this->close($instructions),
            EdgeKind::LongEdges => $this->close([new Turn($stitch->startingChains()), ...$instructions]),
            EdgeKind::Opening => $this->close([$this->joinAt(1, $stitch, $kind), ...$instructions]),
            default => $this->around($instructions, $stitch),
        };
    }

    /** The strand joined anew in a stitch of an edge of that kind, lifted for a stitch. */
    public function joinAt(int $nth, Stitch $stitch, EdgeKind $kind): JoinAt
    {
        return new JoinAt($nth, $stitch->startingChains(), $this->countedFrom($kind));
    }

    /** What the stitches of an edge of that kind are counted from. */
    public function countedFrom(EdgeKind $kind): CountedFrom
    {
        return match (true) {
            $kind === EdgeKind::Opening => CountedFrom::Seam,
            $this->working === Working::Spiral => CountedFrom::Marker,
            $this->working === Working::Joined => CountedFrom::Join,
            default => CountedFrom::TurnedJoin,
        };
    }

    /**
     * A first round, whose turning chain has already lifted it.
     *
     * @param non-empty-list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
     */
    public function close(array $instructions): array
    {
        return [...$instructions, $this->working === Working::Spiral ? new Marker() : new Join()];
    }

    /** The edge of what lies flat as the wall meets it: turned, where rounds are. */
    public function onto(Edge $edge): Edge
    {
        return $this->working === Working::JoinedTurned && $edge->kind === EdgeKind::Tops ? $edge->turned() : $edge;
    }

    /** The edge that a round of it leaves, as the next round meets it. */
    public function after(Row $row): Edge
    {
        $left = Edge::left($row);

        return $this->working === Working::JoinedTurned ? $left->turned() : $left->leaning($this->lean);
    }
}
