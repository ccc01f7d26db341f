<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Refused;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Through;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\DoesNotDivide;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\OnFolds;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\WantsPlain;
use Fescue\Core\Piece\Work;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Outline;
use Fescue\Core\Solid\Standing;
use Fescue\Core\Stitch\Stitch;

/**
 * Folds over the makers: each settles what it leaves open from the size and the gauge, and makes its rows on the edge
 * that the one before it left. Counts that are solved come within one stitch and one round of the wish.
 */
final readonly class Planner
{
    public const MOST_STITCHES = 100_000;

    private Ground $ground;

    private function __construct(private BagSpec $spec)
    {
        $this->ground = new Ground(
            $spec->gauge(),
            $spec->school(),
            $spec->motif(),
            $spec->facts->strands->own->diameter,
            $spec->choices->beginsPlain(),
        );
    }

    /** @throws Refused where no such bag can be made, saying which figure to change */
    public static function plan(BagSpec $spec): BagPlan
    {
        $planner = new self($spec);
        try {
            return $planner->fold(0);
        } catch (DoesNotDivide $e) {
            return $planner->divided($e);
        }
    }

    /**
     * A count at the start that is open moves to the next where every repeat divides; where it is given, that is the
     * advice.
     */
    private function divided(DoesNotDivide $e): BagPlan
    {
        $at = self::lengthwise($this->spec->choices->parts[0]->maker);
        $works = [];
        for ($by = 1; $at !== null && $by <= 2 * $e->multiple && count($works) < 2; $by++) {
            foreach ([$by, -$by] as $nudge) {
                try {
                    $plan = $this->fold($nudge);
                } catch (DoesNotDivide|Refused) {
                    continue;
                }
                if ($at->value === null) {
                    return $plan;
                }
                $works[] = $at->value + $nudge;
            }
        }
        sort($works);
        $works = array_values(array_unique($works));
        $ways = array_map(fn(int $count): array => [
            'path' => "{$this->spec->choices->parts[0]->path}/{$at?->name}",
            'value' => $count,
            'said' => new Saying('Begin with {many}', ['many' => $at?->counted->many($count) ?? '']),
        ], $works);
        $ways[] = self::plainFirst(substr($e->path, 0, (int) strrpos($e->path, '/')));

        throw Refused::at($e->path, $works === [] ? $e->said : new Saying(
            '{why} Or begin with {counts} {things}.',
            [
                'why' => $e->said, 'counts' => new Listing(array_map(strval(...), $works), true),
                'things' => new Saying($at?->counted->several() ?? ''),
            ],
        ), $ways);
    }

    /** @return array{path: string, value: bool, said: Saying} how a band stands on what it could not */
    private static function plainFirst(string $part): array
    {
        return ['path' => "{$part}/even", 'value' => true, 'said' => new Saying('A plain round first')];
    }

    /** The count of a maker that serves the length. */
    private static function lengthwise(Maker $maker): ?Setting
    {
        return Setting::serving($maker->settings(), Side::Length)[0] ?? null;
    }

    /**
     * @param int $nudge added to the count of the base that serves the length
     *
     * @throws DoesNotDivide with the path in the document
     * @throws Refused
     */
    private function fold(int $nudge): BagPlan
    {
        $heights = array_map(
            fn(Chosen $part): ?Length => $part->maker->height($this->ground),
            $this->spec->choices->parts,
        );
        $parts = $rows = $pieces = [];
        $many = 0;
        $on = $start = $outline = null;
        $stitches = 0;
        foreach ($this->spec->choices->parts as $place => $part) {
            $others = array_diff_key($heights, [$place => null]);
            $besides = array_reduce(
                $others,
                fn(Length $sum, ?Length $height): Length => $sum->plus($height ?? Length::mm(0)),
                Length::mm(0),
            );
            if ($place > 0 && $on !== null && $on->kind === EdgeKind::Some && $parts[0]->made->assembly !== null) {
                throw Refused::at(
                    "/{$part->part()}",
                    new Saying('This bag has no round opening to work it on; leave it out.'),
                );
            }
            if ($place > 0 && $parts[0]->made->closes !== null && $part->part() !== 'body') {
                self::standsOnFolds($part);
            }
            try {
                $maker = $part->maker->settle($this->spec->choices->wish->besides($besides), $this->ground, $on);
                if ($place === 0 && $nudge !== 0) {
                    $maker = $this->nudged($maker, $nudge);
                }
                $made = $maker->make($this->ground, $on);
            } catch (DoesNotDivide $e) {
                throw new DoesNotDivide("{$part->path}/{$e->path}", $e->said, $e->multiple);
            } catch (Unmakeable $e) {
                throw Refused::at(
                    str_starts_with($e->path, '/') ? $e->path : rtrim("{$part->path}/{$e->path}", '/'),
                    $e->said,
                    $e instanceof WantsPlain ? [self::plainFirst($part->path)] : [],
                );
            }
            $parts[] = new PlannedPart($part->path, $maker, $made, $many);
            array_push($pieces, ...($made->assembly->pieces ?? []));
            array_push($rows, ...$made->rows);
            if ($made->apart !== []) {
                array_push($pieces, ...self::closed($pieces, $start ?? $made->start, $rows), ...$made->apart);
                $rows = [];
            }
            $many += $made->many();
            $stitches += self::tops($made);
            if ($stitches > self::MOST_STITCHES) {
                throw Refused::at(
                    $this->length(),
                    new Saying(
                        'This bag needs about {stitches} stitches or more; Fescue plans up to {most}. Check the '
                            .'size and the gauge.',
                        ['stitches' => $stitches, 'most' => self::MOST_STITCHES],
                    ),
                );
            }
            $left = $place === 0 ? $this->spec->school()->onto($made->open) : $made->open;
            [$on, $start, $outline] = [$left, $start ?? $made->start, $outline ?? $made->outline];
        }
        $closes = $parts[0]->made->closes;
        if ($closes !== null) {
            $rows[] = new Row(
                Part::Edge,
                Motif::single(),
                [new Through(Stitch::Single, min($closes, $on->anchors), $on->anchors)],
                // Straps may have been worked meanwhile: it is closed all the same.
                [new Edge(EdgeKind::Some, $on->anchors, $on->middles, $on->fabric)],
                false,
            );
        }
        $work = new Work([...$pieces, ...self::closed($pieces, $start, $rows)]);
        $materials = $this->materials($work);
        $this->weighIns($work, $materials);

        return Finishes::fit(new BagPlan(
            $this->spec,
            $this->ground->gauge,
            $parts,
            $work,
            $this->comesOut($work, $parts, $outline),
            $materials,
        ));
    }

    /** What hangs from frames is worked down to its bottom: nothing goes on that but what closes it. @throws Refused */
    private static function standsOnFolds(Chosen $part): void
    {
        if (! $part->maker instanceof OnFolds || ! $part->maker->isOnFolds()) {
            throw Refused::at(
                "/{$part->part()}",
                new Saying(
                    'A bag that hangs from frames ends at its bottom, which is folded and closed: nothing can be '
                        .'worked on there. Its frames are its handles; it can have a strap on hooks, a foundation '
                        .'strap or two rings on the folds beneath them, or nothing.',
                ),
            );
        }
    }

    /**
     * Rows that stand on no piece of their own, as one: the first begins the bag, a later one stands on what is there.
     *
     * @param list<Piece> $before
     * @param list<Row> $rows
     *
     * @return list<Piece>
     */
    private static function closed(array $before, ?Start $start, array $rows): array
    {
        $last = array_filter($before, fn(Piece $piece): bool => $piece->name === '');

        return $rows === [] && $before !== []
            ? []
            : [new Piece($before === [] ? $start : null, $rows, after: array_pop($last))];
    }

    private static function tops(Made $made): int
    {
        $tops = array_sum(array_map(fn(Row $row): int => $row->count->leaves, $made->rows));
        foreach ([...($made->assembly->pieces ?? []), ...$made->apart] as $piece) {
            $tops += array_sum(array_map(fn(Row $row): int => $row->count->leaves, $piece->rows));
        }

        return $tops;
    }

    private function nudged(Maker $maker, int $nudge): Maker
    {
        $at = self::lengthwise($maker);
        if ($at === null) {
            return $maker;
        }
        $count = (int) $at->value + $nudge;

        return $count < $at->bounds->least || $count > $at->bounds->most
            ? throw new Unmakeable($at->name, new Saying('There is no such count.'))
            : $maker->with([$at->name => $count])->settle($this->spec->choices->wish, $this->ground, null);
    }

    /** The figure by which a bag is too long: the first count that serves its length, or the length itself. */
    private function length(): string
    {
        foreach ($this->spec->choices->parts as $part) {
            $at = self::lengthwise($part->maker);
            if ($at !== null) {
                return $at->value === null ? '/size/length' : "{$part->path}/{$at->name}";
            }
        }

        return '/size/length';
    }

    /** @return list<int> which material each row is worked in */
    private function materials(Work $work): array
    {
        $names = $work->names();
        $which = array_fill(0, count($names), 0);
        $last = $now = 0;
        foreach ($this->spec->choices->changes as $place => $change) {
            $row = $work->place($change->from);
            if ($row === null || $row === 0) {
                throw Refused::at(
                    "/changes/{$place}/from",
                    new Saying(
                        'Another material begins in a row from {names} to {names2}; this bag has no “{from}” '
                            .'there.',
                        [
                            'names' => $names[min(1, count($names) - 1)],
                            'names2' => $names[count($names) - 1],
                            'from' => $change->from,
                        ],
                    ),
                );
            }
            if ($row <= $last) {
                throw Refused::at(
                    "/changes/{$place}/from",
                    new Saying(
                        '{from} does not come after the change before; changes stand in the order of their '
                            .'rounds, one a round.',
                        ['from' => $change->from],
                    ),
                );
            }
            if ($change->to === $now) {
                throw Refused::at(
                    "/changes/{$place}/to",
                    new Saying(
                        '{from} is worked in that material already; choose another, or take the change out.',
                        ['from' => $change->from],
                    ),
                );
            }
            [$last, $now] = [$row, $change->to];
            $which = [...array_slice($which, 0, $row), ...array_fill(0, count($names) - $row, $now)];
        }

        return $which;
    }

    /**
     * Weigh-ins stand after rows that are there, in their order, with less and less left of the material of that row.
     *
     * @param list<int> $materials
     */
    private function weighIns(Work $work, array $materials): void
    {
        $names = $work->names();
        $before = [];
        $last = null;
        foreach ($this->spec->facts->weighIns as $place => $weighIn) {
            $row = $work->place($weighIn->after);
            if ($row === null) {
                throw Refused::at(
                    "/weigh_ins/{$place}/after",
                    new Saying(
                        'This bag has no “{after}”; its rows run from {first} to {last}.',
                        ['after' => $weighIn->after, 'first' => $names[0], 'last' => $names[count($names) - 1]],
                    ),
                );
            }
            if ($last !== null && $row <= $last) {
                throw Refused::at(
                    "/weigh_ins/{$place}/after",
                    new Saying('Weigh-ins stand in the order of their rows, one a row.'),
                );
            }
            $which = $materials[$row];
            $there = $before[$which] ?? $this->spec->facts->strands->of($which)->onHand;
            if ($there !== null && $weighIn->left->grams > $there->grams) {
                throw Refused::at("/weigh_ins/{$place}/left", new Saying(
                    isset($before[$which])
                        ? '{left} is more than the {there} left at the weigh-in before. Weigh again.'
                        : '{left} left of {there} that were on hand? Weigh again, or correct what was on hand.',
                    ['left' => $weighIn->left, 'there' => $there],
                ));
            }
            $before[$which] = $weighIn->left;
            $last = $row;
        }
    }

    /**
     * Rows that stand make it as high as they are, and as wide as the widest of a wall.
     *
     * @param non-empty-list<PlannedPart> $parts
     */
    private function comesOut(Work $work, array $parts, ?Outline $outline): ComesOut
    {
        $wide = 0.0;
        $standing = [];
        foreach ($work->rows as $row) {
            $standing[$row->fabric->key] = ($standing[$row->fabric->key] ?? 0) + (int) $row->stands;
            $wide = $row->part === Part::Body ? max($wide, $this->width($row)) : $wide;
        }
        $height = array_sum(
            array_map(
                fn(string $key, int $rows): float => $rows * $this->ground->gauge->heightOf(Motif::named($key))->mm,
                array_keys($standing),
                $standing,
            ),
        );

        $closed = $parts[0]->made->assembly;
        if ($closed !== null) {
            // What is worked on the opening stands above what its pieces close to.
            return new ComesOut(
                $closed->wide,
                $closed->deep,
                $closed->wide,
                $closed->high->plus(Length::mm($height)),
                $closed->litres,
            );
        }

        return new ComesOut(
            Length::mm($outline?->length() ?? 0.0),
            Length::mm($outline?->width() ?? 0.0),
            Length::mm($wide),
            Length::mm($height),
            Standing::of(array_map(fn(PlannedPart $part): Made => $part->made, $parts), $this->ground->gauge)->litres(),
        );
    }

    /** Half of what goes around, as it takes it. */
    private function width(Row $row): float
    {
        return $this->ground->gauge->widthOf($row->fabric)->mm * $row->count->takes / 2;
    }
}
