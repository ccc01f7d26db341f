<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\Loops;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Material\EndCare;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Terms;

/** A plan as steps: every row, every group in it, every stitch. */
final readonly class Course
{
    /** Rows between two counts where nothing asks for one. Common practice, no source. */
    private const EVERY = 4;

    /** So of a net, where a loop is soon lost. Common practice, no source. */
    private const EVERY_OF_NET = 3;

    /** Rows that stand before a tape tells anything. Common practice, no source. */
    private const STAND = 4;

    /** Rows before the height is reached in which the tape is laid on once more. Common practice, no source. */
    private const BEFORE_HEIGHT = 3;

    /** Rows before the end in which is counted. */
    private const LAST = 2;

    /** @param non-empty-list<Passage> $rows */
    public function __construct(public array $rows) {}

    /** @param array<string, list<Saying>> $told what is to be heeded at rows, by their names */
    public static function of(BagPlan $plan, Terms $terms = Terms::US, array $told = []): self
    {
        $writer = new Writer($terms);
        $us = new Writer(Terms::US);
        $vocabulary = Vocabulary::of($terms);
        $heed = self::heeds($plan, $told);
        $counted = self::counted($plan);
        $taped = self::taped($plan);
        $rows = [];
        $sides = $plan->sides();
        $changes = array_map(fn(Row $row): string => $row->name, $plan->changes());
        foreach ($plan->work->rows as $place => $row) {
            $begun = $plan->work->begun($place);
            $groups = [];
            $said = $writer->words($row);
            $plain = $terms === Terms::US ? $said : $us->words($row);
            if ($begun?->start !== null) {
                $groups[] = new StitchGroup($writer->start($begun->start), max(1, $begun->start->works()));
                $said = "{$writer->start($begun->start)} {$said}";
                $plain = "{$us->start($begun->start)} {$plain}";
            }
            foreach (Traverser::unrolled($row->instructions) as [$leaf]) {
                $stitches = $tops = 0;
                foreach ($leaf->works() as $one) {
                    $stitches += $one->count;
                    $tops += $one->top ? $one->count : 0;
                }
                $does = ucfirst($vocabulary->say($leaf->phrase()));
                $groups[] = new StitchGroup($does, max(1, $stitches), max(0, $tops));
            }
            $rows[] = new Passage(
                $row->id,
                $writer->name($row),
                $row->part,
                $said,
                $writer->leaves($row),
                $counted[$place],
                self::changes($plan, $place),
                in_array($place, $taped, true),
                $sides[$place],
                match (true) {
                    $row->opening() !== null => 'slots',
                    in_array($row->name, $changes, true) => 'colour',
                    $begun !== null && $place > 0 => 'new piece',
                    $place === count($plan->work->rows) - 1 => 'last',
                    default => '',
                },
                $heed[$row->name] ?? [],
                $groups === [] ? [new StitchGroup($said, 1)] : $groups,
                $plain,
            );
        }

        return $rows === [] ? throw new \LogicException('A plan has rows.') : new self($rows);
    }

    /**
     * What is to be heeded at each row: what is told of it, and how another material is laid in.
     *
     * @param array<string, list<Saying>> $heed
     *
     * @return array<string, list<Saying>> by the row's name
     */
    private static function heeds(BagPlan $plan, array $heed): array
    {
        foreach ($plan->work->rows as $place => $row) {
            $hook = $place === 0 ? null : $plan->work->begun($place - 1)?->start?->hook;
            if ($hook !== null) {
                $heed[$row->name][] = new Saying(
                    'Change to the hook of {hook}.',
                    ['hook' => $plan->spec->facts->hands->hook],
                );
            }
            if (self::isNet($row)) {
                $heed[$row->name][] = new Saying('Do not stop after a stitch: stop on the chain of a loop.');
            }
        }
        $material = $plan->spec->facts->strands->own;
        $care = array_map(fn(string $caution): Saying => new Saying($caution), array_filter(array_map(
            fn(EndCare $care): string => $care->caution,
            EndCare::of($material->kind, $material->make, $material->fibre),
        ), fn(string $caution): bool => $caution !== ''));
        foreach ($plan->changes() as $row) {
            $heed[$row->name][] = new Saying(
                'Lay the other strand in at the last draw-through of the stitch before, and work over both tails.',
            );
            array_push($heed[$row->name], ...$care);
        }
        $last = $plan->work->rows[count($plan->work->rows) - 1]->name;
        $heed[$last] = [...($heed[$last] ?? []), ...$care];

        return array_map(fn(array $all): array => array_values(array_unique($all, SORT_REGULAR)), $heed);
    }

    /**
     * Where people count: the first row, after each that adds or takes, every few of a net, before the tops, in the
     * last two.
     *
     * @return list<bool> one a row
     */
    private static function counted(BagPlan $plan): array
    {
        $rows = $plan->work->rows;
        $counted = [];
        $since = 0;
        foreach ($rows as $place => $row) {
            $since++;
            $net = self::isNet($row);
            $next = $rows[$place + 1] ?? null;
            $is = $row->kind !== RowKind::Seam && (
                self::changes($plan, $place)
                || $since >= ($net ? self::EVERY_OF_NET : self::EVERY)
                || ($next !== null && $next->part === Part::Handles && $row->part !== Part::Handles)
                || $place >= count($rows) - self::LAST
            );
            $since = $is ? 0 : $since;
            $counted[] = $is;
        }

        return $counted;
    }

    /** Whether a row leaves another count than the one before; the first of a piece does. */
    private static function changes(BagPlan $plan, int $place): bool
    {
        $rows = $plan->work->rows;

        return $plan->work->begins($place)
            || ($rows[$place - 1] ?? null)?->count->leaves !== ($rows[$place] ?? null)?->count->leaves;
    }

    /**
     * After which rows the tape is laid on: when four stand, and so many before the last of the wall.
     *
     * @return list<int>
     */
    private static function taped(BagPlan $plan): array
    {
        $standing = array_keys(array_filter(
            $plan->work->rows,
            fn(Row $row): bool => $row->stands && $row->part === Part::Body,
        ));
        $last = count($standing) - 1;

        return array_values(array_intersect_key($standing, array_flip(array_filter(
            [self::STAND - 1, $last - self::BEFORE_HEIGHT],
            fn(int $nth): bool => $nth >= self::STAND - 1 && $nth < $last,
        ))));
    }

    private static function isNet(Row $row): bool
    {
        return array_filter($row->instructions, fn($one): bool => $one instanceof Loops) !== [];
    }

    /** Whether a row is the last of its part. */
    public function endsPart(int $row): bool
    {
        foreach (array_slice($this->rows, $row + 1) as $later) {
            if ($later->part === $this->rows[$row]->part) {
                return false;
            }
        }

        return true;
    }

    /** The same for two plans of which every row is the same. */
    public function fingerprint(): string
    {
        return substr(hash('sha256', implode("\n", $this->digests())), 0, 16);
    }

    /** @return list<string> a row's name and what is done in it, shortened; alike in every tongue */
    public function digests(): array
    {
        return array_map(
            fn(Passage $row): string => "{$row->id} ".hash('crc32b', "{$row->plain}|{$row->stitches}"),
            $this->rows,
        );
    }

    /**
     * How many rows from the first on are the same as in another course.
     *
     * @param list<string> $digests of the other
     */
    public function same(array $digests): int
    {
        $same = 0;
        foreach ($this->digests() as $place => $digest) {
            if ($digest !== ($digests[$place] ?? null)) {
                break;
            }
            $same++;
        }

        return $same;
    }

    public function end(): Place
    {
        return new Place(count($this->rows));
    }

    /** Whether there is such a place. */
    public function has(Place $place): bool
    {
        return $place->row === count($this->rows)
            ? $place->stitch === 0
            : isset($this->rows[$place->row]) && $place->stitch < $this->rows[$place->row]->stitches;
    }

    /** One step on; at the end it stays. */
    public function forward(Place $from, Grain $grain): Place
    {
        $row = $this->rows[$from->row] ?? null;
        if ($row === null) {
            return $this->end();
        }
        $to = match ($grain) {
            Grain::Row => $row->stitches,
            Grain::Stitch => $from->stitch + 1,
            Grain::Group => $row->groupEnd($from->stitch),
        };

        return $to >= $row->stitches ? new Place($from->row + 1) : new Place($from->row, $to);
    }

    /** One step back, to where such a step begins; at the beginning it stays. */
    public function back(Place $from, Grain $grain): Place
    {
        $at = $from->stitch === 0 ? $from->row - 1 : $from->row;
        $row = $this->rows[max(0, $at)] ?? null;
        if ($at < 0 || $row === null) {
            return $from;
        }
        $done = $from->stitch === 0 ? $row->stitches : $from->stitch;

        return new Place($at, match ($grain) {
            Grain::Row => 0,
            Grain::Stitch => $done - 1,
            Grain::Group => $row->groupBegin($done),
        });
    }

    /** Stitches done up to a place. */
    public function done(Place $place): int
    {
        $done = $place->stitch;
        for ($row = 0; $row < $place->row; $row++) {
            $done += $this->rows[$row]->stitches ?? 0;
        }

        return $done;
    }

    /** Place of a row; null where it is not there. */
    public function row(RowId $id): ?int
    {
        foreach ($this->rows as $place => $row) {
            if ($row->id->is($id)) {
                return $place;
            }
        }

        return null;
    }
}
