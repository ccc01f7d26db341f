<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

/**
 * A surface of a bag: lines of as many points each, one after another, with a face between each two points of a line
 * and the two beside them on the next; or one line alone, around a flat face. Millimetres, x right, y up, z toward
 * whoever looks at the front; seen from outside a line runs to the right and the next lies above it.
 */
final readonly class Skin
{
    /**
     * @param list<list<array{float, float, float}>> $lines
     * @param list<int> $strands of the faces between each line and the next, as the plan has them; below
     *        zero, as −1 less that, of those that are not worked yet
     * @param bool $closed whether each line's last point joins its first
     * @param list<list<array{float, float, float}>> $rows where one row meets the next
     * @param array<string, true> $holes faces that are left out: "line point"
     */
    public function __construct(
        public SkinOf $of,
        public array $lines,
        public array $strands,
        public bool $closed = false,
        public array $rows = [],
        public array $holes = [],
    ) {
        $bands = max(1, count($lines) - 1);
        if (count($strands) !== $bands || count(array_unique(array_map(count(...), $lines))) !== 1) {
            throw new \InvalidArgumentException('Lines have as many points, and between two lies one strand.');
        }
    }

    /**
     * A flat face of any corners.
     *
     * @param list<array{float, float, float}> $corners seen from outside, counter-clockwise
     */
    public static function flat(SkinOf $of, array $corners, int $strand): self
    {
        return new self($of, [$corners], [$strand], true);
    }

    public function isFlat(): bool
    {
        return count($this->lines) === 1;
    }

    /**
     * @return list<array{int, non-empty-list<array{float, float, float}>, int, int}> strand and corners of each face,
     *         and the line and the point that it begins at
     */
    public function faces(): array
    {
        if ($this->isFlat()) {
            $corners = $this->lines[0] ?? [];

            return $corners === [] ? [] : [[$this->strands[0] ?? 0, $corners, 0, 0]];
        }
        $faces = [];
        $many = count($this->lines[0] ?? []);
        foreach ($this->strands as $nth => $strand) {
            [$below, $above] = [$this->lines[$nth], $this->lines[$nth + 1]];
            for ($at = 0; $at < ($this->closed ? $many : $many - 1); $at++) {
                $next = ($at + 1) % $many;
                if (! isset($this->holes["{$nth} {$at}"])) {
                    $faces[] = [$strand, [$below[$at], $below[$next], $above[$next], $above[$at]], $nth, $at];
                }
            }
        }

        return $faces;
    }

    /** The same, so far aside. */
    public function moved(float $x, float $y, float $z): self
    {
        return $this->with(
            fn(float $atX, float $atY, float $atZ): array => [$atX + $x, $atY + $y, $atZ + $z],
        );
    }

    /** The same of fabric that hangs so wide and high, as shares of what it was; a handle is moved with its foot. */
    public function pulled(float $wide, float $high): self
    {
        $foot = min([INF, ...array_column(array_merge(...$this->lines), 1)]);

        return $this->with(fn(float $x, float $y, float $z): array => [
            $wide * $x, $this->of->isBody() ? $high * $y : $y + ($high - 1) * $foot, $wide * $z,
        ]);
    }

    /** @param \Closure(float, float, float): array{float, float, float} $place of each of its points */
    private function with(\Closure $place): self
    {
        return new self(
            $this->of,
            self::each($this->lines, $place),
            $this->strands,
            $this->closed,
            self::each($this->rows, $place),
            $this->holes,
        );
    }

    /** The same upside down: what lay above lies below, and outside stays outside. */
    public function overturned(): self
    {
        $over = fn(float $x, float $y, float $z): array => [$x, -$y, $z];

        return new self(
            $this->of,
            array_reverse(self::each($this->lines, $over)),
            array_reverse($this->strands),
            $this->closed,
            self::each($this->rows, $over),
        );
    }

    /**
     * @param list<list<array{float, float, float}>> $lines
     * @param \Closure(float, float, float): array{float, float, float} $move
     *
     * @return list<list<array{float, float, float}>>
     */
    private static function each(array $lines, \Closure $move): array
    {
        return array_map(
            fn(array $line): array => array_map(fn(array $at): array => $move($at[0], $at[1], $at[2]), $line),
            $lines,
        );
    }
}
