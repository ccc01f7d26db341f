<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Anchor;
use Fescue\Core\Instruction\Following;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Placed;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Traverser;

/**
 * An ordered run of anchors that a row may be worked into: all that a wall or a handle knows of what is under it.
 * Places on it are anchors from its beginning: the boundary before the first is 0, the middle of the first a half.
 */
final readonly class Edge
{
    /** @var list<float> where its two sides meet; none where it has no sides */
    public array $folds;

    /**
     * @param list<float> $middles of its sides, the front's first; none where it has no sides
     * @param ?Motif $fabric of the row that left it
     * @param int $moved anchors by which its beginning moved on past where the row that left it began
     * @param ?list<float> $folds null of sides alike: a quarter either side of the front's middle
     * @param bool $wrong whether whoever meets it has the wrong side before her
     * @param ?list<Instruction> $made what left it, where that is known
     * @param bool $reversed whether it is met from the other end than it was made
     * @param list<float> $corners middles of the stitches that stand on corners, in their order; none where it has none
     */
    public function __construct(
        public EdgeKind $kind,
        public int $anchors,
        public array $middles = [],
        public ?Motif $fabric = null,
        public int $moved = 0,
        ?array $folds = null,
        public bool $wrong = false,
        private ?array $made = null,
        private bool $reversed = false,
        public array $corners = [],
    ) {
        if ($anchors < 1) {
            throw new \InvalidArgumentException('An edge has an anchor at least.');
        }
        $this->folds = $folds ?? ($middles === [] ? [] : [
            self::within($middles[0] - $anchors / 4, $anchors),
            self::within($middles[0] + $anchors / 4, $anchors),
        ]);
    }

    public static function tops(int $anchors, ?Motif $fabric = null): self
    {
        return new self(EdgeKind::Tops, $anchors, fabric: $fabric);
    }

    /**
     * A closed one of two sides alike, the front's middle so many anchors from its beginning.
     *
     * @param list<float> $corners
     */
    public static function around(int $anchors, float $middle, ?Motif $fabric = null, array $corners = []): self
    {
        $back = $middle + ($middle < $anchors / 2 ? $anchors : -$anchors) / 2;

        return new self(EdgeKind::Tops, $anchors, [$middle, $back], $fabric, corners: $corners);
    }

    /** What a row leaves: every place is followed stitch by stitch from what it was worked into. */
    public static function left(Row $row): self
    {
        $on = $row->into[0];
        $places = Following::through($row->instructions, [...$on->middles, ...$on->folds, ...$on->corners]);
        $middles = array_splice($places, 0, count($on->middles));
        $folds = array_splice($places, 0, count($on->folds));
        $same = $on->kind === EdgeKind::Tops
            && $on->moved === 0
            && ! $on->reversed
            && $on->fabric === $row->fabric
            && $on->made === $row->instructions
            && $on->anchors === $row->count->leaves
            && $on->middles === $middles
            && $on->folds === $folds
            && $on->corners === $places;

        return $same ? $on : new self(
            EdgeKind::Tops,
            $row->count->leaves,
            $middles,
            $row->fabric,
            0,
            $folds,
            $on->wrong,
            $row->instructions,
            corners: $places,
        );
    }

    /**
     * The same met from its other face: the stitch of the join is the first either way, and what was last the second.
     */
    public function turned(): self
    {
        return $this->with(fn(float $place): float => 1 - $place, turned: true);
    }

    /** The same as it is counted with the right side before one. */
    public function facing(): self
    {
        return $this->wrong ? $this->turned() : $this;
    }

    /** The same where the start of rounds leans on by so many stitches. */
    public function leaning(float $by): self
    {
        return $by === 0.0 ? $this : $this->with(fn(float $place): float => $place - $by);
    }

    /** The same begun so many anchors later. */
    public function begun(int $later): self
    {
        return $later === 0 ? $this : $this->with(fn(float $place): float => $place - $later, $this->moved + $later);
    }

    /** The same begun at a side's fold. */
    public function fromFold(): self
    {
        return $this->folds === [] ? $this : $this->begun((int) ceil(min($this->folds) - 0.5) % $this->anchors);
    }

    /** The same without its corners. */
    public function rounded(): self
    {
        return new self(
            $this->kind,
            $this->anchors,
            $this->middles,
            $this->fabric,
            $this->moved,
            $this->folds,
            $this->wrong,
            $this->made,
            $this->reversed,
        );
    }

    /** @return array{float, float} from fold to fold over the front's middle, which lies from 0 on within the edge */
    public function front(): array
    {
        $middle = $this->middles[0] ?? $this->anchors / 4;
        $before = array_map(
            fn(float $fold): float => self::within($middle - $fold, $this->anchors),
            $this->folds,
        );
        $from = $middle - ($before === [] ? $this->anchors / 4 : min($before));

        return [$from, $from + ($before === [] ? $this->anchors / 2 : $this->anchors - abs($before[1] - $before[0]))];
    }

    /** @return ?list<Placed> what lies there, as it is met, where chains lie among it; null where none is known to */
    public function placed(): ?array
    {
        return $this->made === null || ! Traverser::hasChains($this->made)
            ? null
            : self::met(Placement::of($this->made), $this->reversed, $this->moved);
    }

    /** @return list<Anchor> what each of its anchors is, in the order in which it is met */
    public function are(): array
    {
        return self::met(
            $this->made === null ? $this->kind->anchors($this->anchors) : Anchor::of($this->made),
            $this->reversed,
            $this->moved,
        );
    }

    /**
     * What stands on an edge in the order in which a round meets it: turned, the first stays the first and the last is
     * the second; begun so many later.
     *
     * @template T
     *
     * @param list<T> $below
     *
     * @return list<T>
     */
    public static function met(array $below, bool $turned, int $moved): array
    {
        $met = $turned ? [...array_slice($below, 0, 1), ...array_reverse(array_slice($below, 1))] : $below;

        return $moved === 0 ? $met : [...array_slice($met, $moved), ...array_slice($met, 0, $moved)];
    }

    /** @param \Closure(float): float $place that may lie before or behind it */
    private function with(\Closure $place, ?int $moved = null, bool $turned = false): self
    {
        $within = fn(float $one): float => self::within($place($one), $this->anchors);

        return new self(
            $this->kind,
            $this->anchors,
            array_map($within, $this->middles),
            $this->fabric,
            $moved ?? $this->moved,
            array_map($within, $this->folds),
            $this->wrong !== $turned,
            $this->made,
            $this->reversed !== $turned,
            array_map($within, $this->corners),
        );
    }

    private static function within(float $place, int $anchors): float
    {
        return fmod(fmod($place, $anchors) + $anchors, $anchors);
    }
}
