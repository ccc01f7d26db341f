<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Instruction\JoinAt;
use Fescue\Core\Instruction\SlipSeam as SewnTo;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Verse;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Joining;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Report\Note;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Tongue\Tongue;

/** The rows of a plan as sections of a sheet, each with where the hook starts and what becomes of the strand. */
final class Sections
{
    /** A tail for a seam is so many times as long as that. Common practice, no source. */
    private const TAIL = 3.0;

    /** @var list<Section> */
    private array $sections = [];

    /** Place of the row that comes next. */
    private int $at = 0;

    /** @var list<?bool> whether the right side faces the maker, by the plan’s rows */
    private readonly array $sides;

    /** @var list<Row> that are told by themselves, however they read */
    private readonly array $apart;

    /** Whether a piece begins with the next row. */
    private bool $begins = true;

    /** @param list<Note> $notes */
    private function __construct(
        private readonly BagPlan $plan,
        private readonly array $notes,
        private readonly Tongue $tongue,
        private readonly bool $anew,
    ) {
        $this->sides = $plan->sides();
        $this->apart = [...$plan->changes(), ...$plan->heeded(), ...$this->heeded()];
    }

    /**
     * @param list<Note> $notes of the plan
     * @param bool $anew whether rows are numbered anew in each section, not on through the bag
     *
     * @return list<Section>
     */
    public static function of(BagPlan $plan, array $notes, Tongue $tongue, bool $anew = false): array
    {
        $sections = new self($plan, $notes, $tongue, $anew);
        $pieces = $plan->work->pieces;
        for ($nth = 0; $nth < count($pieces); $nth += count($alike)) {
            $alike = [$pieces[$nth]];
            $many = count($pieces[$nth]->rows);
            while (isset($pieces[$nth + count($alike)]) && $sections->isAlike($alike, $pieces[$nth + count($alike)])) {
                $alike[] = $pieces[$nth + count($alike)];
            }
            $sections->piece($alike, $pieces[$nth + count($alike)] ?? null);
            $sections->at += $many * count($alike);
        }
        $sections->straps();

        return array_map(fn(Section $one): Section => new Section(
            $one->title,
            array_merge(...array_map(fn(SheetLine $line): array => $line->inLines(), $one->lines)),
        ), $sections->sections);
    }

    /** @param non-empty-list<Piece> $alike */
    private function isAlike(array $alike, Piece $next): bool
    {
        $many = count($next->rows);
        $of = fn(int $from): array => array_slice($this->plan->materials, $from, $many);

        return $next->called !== ''
            && $alike[0]->isLike($next)
            && $of($this->at) === $of($this->at + $many * count($alike));
    }

    /**
     * @param non-empty-list<Piece> $alike told once
     * @param ?Piece $next
     */
    private function piece(array $alike, ?Piece $next): void
    {
        $this->begins = true;
        $piece = $alike[0];
        $begun = $this->at;
        $strands = self::strands($piece->rows);
        foreach ($strands as $nth => $rows) {
            $isLast = $nth === count($strands) - 1;
            $parts = self::parts($rows);
            $bases = count(array_filter($parts, fn(array $part): bool => $part[0]->part === Part::Base));
            $panel = 0;
            foreach ($parts as $place => $part) {
                $panel += $bases > 1 && $part[0]->part === Part::Base ? 1 : 0;
                $isEnd = $place === count($parts) - 1;
                $begins = $nth === 0 && $place === 0;
                $lines = [
                    ...($begins && $piece->start !== null
                        ? [new SheetLine('', $this->tongue->writer->start($piece->start))]
                        : []),
                    ...$this->lines($part, $alike, $begun),
                    ...($isEnd ? $this->ends($part, $isLast && $next !== null ? $alike : []) : []),
                ];
                if ($lines !== []) {
                    $this->add($this->titled($part[0], $alike, $panel), $lines);
                }
                $begun += count($part);
            }
        }
    }

    /**
     * @param non-empty-list<SheetLine> $lines
     */
    private function add(string $title, array $lines): void
    {
        $last = array_key_last($this->sections);
        if ($last !== null && $this->sections[$last]->title === $title) {
            $this->sections[$last] = new Section($title, [...$this->sections[$last]->lines, ...$lines]);
        } else {
            $this->sections[] = new Section($title, $lines);
        }
    }

    /**
     * Rows of one strand each: where one is joined anew another begins.
     *
     * @param list<Row> $rows
     *
     * @return list<non-empty-list<Row>>
     */
    private static function strands(array $rows): array
    {
        $strands = [];
        foreach ($rows as $row) {
            if ($strands === [] || self::isJoined($row)) {
                $strands[] = [$row];
            } else {
                $strands[count($strands) - 1][] = $row;
            }
        }

        return $strands;
    }

    private static function isJoined(Row $row): bool
    {
        return $row->instructions[0] instanceof JoinAt;
    }

    /**
     * @param non-empty-list<Row> $rows
     *
     * @return non-empty-list<non-empty-list<Row>>
     */
    private static function parts(array $rows): array
    {
        $parts = [];
        foreach ($rows as $row) {
            $last = array_key_last($parts);
            if ($last !== null && $parts[$last][0]->part === $row->part) {
                $parts[$last][] = $row;
            } else {
                $parts[] = [$row];
            }
        }

        return $parts;
    }

    /**
     * @param non-empty-list<Piece> $alike
     * @param int $panel what comes twice is no base, but a panel before a net and one after it: which; 0 of a base
     */
    private function titled(Row $first, array $alike, int $panel): string
    {
        $many = count($alike);
        $called = $this->tongue->writer->called($alike[0]->called, $many > 1 ? 0 : $alike[0]->nth);
        if ($many > 1) {
            $names = $alike[0]->nth > 0 || $alike[0]->called === $alike[1]->called
                ? $called
                : implode(', ', array_map(
                    fn(Piece $one): string => $this->tongue->writer->called($one->called),
                    $alike,
                ));

            return $this->tongue->tell('{piece} (make {n})', ['piece' => $names, 'n' => $many]);
        }

        return $called !== '' ? $called : match ($first->part) {
            Part::Base => match ($panel) {
                0 => $this->tongue->tell('Base'),
                1 => $this->tongue->tell('First panel'),
                default => $this->tongue->tell('Second panel'),
            },
            Part::Body => $panel === 0 ? $this->tongue->tell('Body') : $this->tongue->tell('Net'),
            Part::Handles => self::isJoined($first) && $first->kind === RowKind::Row
                ? $this->tongue->tell('Strap')
                : $this->tongue->tell('Handles'),
            Part::Edge => $this->tongue->tell('Edge'),
            Part::Piece => $this->tongue->tell('Piece'),
            Part::Seam => $this->tongue->tell('Assembly'),
        };
    }

    /**
     * @param non-empty-list<Row> $rows
     * @param non-empty-list<Piece> $alike
     * @param int $begun place of the first
     *
     * @return list<SheetLine>
     */
    private function lines(array $rows, array $alike, int $begun): array
    {
        $apart = $this->apart;
        $rows = $this->holed($rows, $begun, $apart);
        $as = $this->numbering($rows);
        $lines = [];
        foreach (Verse::all($this->tongue->writer, $rows, $apart, $as) as $verse) {
            $place = $begun;
            $begun += count($verse->rows);
            $ids = array_map(fn(Row $row): RowId => $row->id, $verse->rows);
            $isSeam = $verse->rows[0]->kind === RowKind::Seam;
            $lines[] = new SheetLine(
                $verse->name,
                $this->strand($place).$verse->text.(count($ids) === 1 && $isSeam ? $this->runs($ids[0]) : ''),
                implode(' / ', $verse->leaves),
                array_values(array_filter([
                    ...($isSeam && $lines === [] ? $this->assembling() : []),
                    ...$this->before($ids, $alike, $as($verse->rows[0])),
                    $isSeam ? '' : $this->side($verse->rows[0], $place, $verse->name, count($verse->rows)),
                ], fn(string $one): bool => $one !== '')),
                $ids,
            );
            $this->begins = false;
        }

        return $lines;
    }

    /** @return list<string> what holds of every seam */
    private function assembling(): array
    {
        $whips = array_filter(
            $this->plan->assembly()->seams ?? [],
            fn(Seam $seam): bool => $seam->how === Joining::Whip,
        );

        return [
            $this->tongue->tell(
                'Lay each pair of edges wrong sides together, clip both ends and the middle, and ease in what is '
                    .'between. Letters are those of the drawing.',
            ),
            $this->tongue->tell($whips !== []
                ? 'The needle takes the outer loop of a stitch, and half of the end stitch of a row.'
                : 'The hook goes under both loops of a stitch, and through the end stitch of a row.'),
        ];
    }

    /** Where a seam begins and which way it goes, after what is said of it; '' where that is all one. */
    private function runs(RowId $id): string
    {
        $runs = ($this->plan->assembly()->seams ?? [])[$id->number - 1]->runs ?? null;

        return $runs === null ? '' : " {$this->tongue->say($runs)}";
    }

    /**
     * Rows with the holes that a closure wants in them, and what stands on those told so.
     *
     * @param non-empty-list<Row> $rows
     * @param int $place of the first
     * @param list<Row> $apart rows that are told by themselves; these are added
     *
     * @return non-empty-list<Row>
     */
    private function holed(array $rows, int $place, array &$apart): array
    {
        $holes = array_replace([], ...array_map(fn(Fitted $one): array => $one->holes, $this->plan->fitted));
        $on = null;
        foreach ($rows as $nth => $row) {
            $hole = $holes[$place + $nth] ?? null;
            $told = $on === null ? $row : $row->again($this->plan->spec->school()->after($on));
            $on = $hole === null ? null : $told->holed(...$hole);
            if ($on !== null || $told !== $row) {
                $rows[$nth] = $on ?? $told;
                $apart[] = $rows[$nth];
            }
        }

        return $rows;
    }

    /**
     * What rows are called: numbered on through the bag, or anew in each section.
     *
     * @param non-empty-list<Row> $rows of one section
     *
     * @return \Closure(Row): RowId
     */
    private function numbering(array $rows): \Closure
    {
        $before = [];
        foreach ($this->anew ? $rows : [] as $row) {
            $before[$row->kind->value] ??= $row->id->number - 1;
        }

        return fn(Row $row): RowId => new RowId(
            $row->kind,
            $row->id->number - ($row->kind === RowKind::Seam ? 0 : $before[$row->kind->value] ?? 0),
            $row->id->piece,
            $row->id->nth,
        );
    }

    /** Which strand is taken up there: "With B: "; '' where it goes on. */
    private function strand(int $place): string
    {
        $materials = $this->plan->materials;
        $now = $materials[$place] ?? 0;
        $isNew = $this->plan->spec->facts->strands->others !== [] && ($materials[$place - 1] ?? null) !== $now;

        return $isNew ? $this->tongue->tell('With {strand}:', ['strand' => self::letter($now)]).' ' : '';
    }

    /** By which a sheet calls the first, second … of its strands. */
    public static function letter(int $which): string
    {
        return chr(ord('A') + $which);
    }

    /**
     * What is thought of before rows, told as one line each.
     *
     * @param list<RowId> $rows
     * @param non-empty-list<Piece> $alike
     * @param RowId $called the first of them, as it is numbered
     *
     * @return list<string>
     */
    private function before(array $rows, array $alike, RowId $called): array
    {
        $of = array_map(strval(...), $rows);
        foreach (array_slice($alike, 1) as $other) {
            foreach ($rows as $row) {
                $of[] = (string) new RowId($row->kind, $row->number, $other->called, $other->nth);
            }
        }
        $before = [];
        foreach ($this->notes as $note) {
            if ($note->works && $note->row !== null && in_array((string) $note->row, $of, true)) {
                $before[] = $this->tongue->tell('Before {row}: {what}', [
                    'row' => $this->tongue->writer->headed($called, $called),
                    'what' => $this->tongue->say($note->text()),
                ]);
            }
        }

        return $before;
    }

    /** @return list<Row> in which something is thought of, and those after them: it is of that row alone */
    private function heeded(): array
    {
        $rows = [];
        foreach ($this->notes as $note) {
            $place = $note->works ? $this->plan->work->place($note->row) : null;
            array_push($rows, ...($place === null ? [] : array_slice($this->plan->work->rows, $place, 2)));
        }

        return $rows;
    }

    /** Which side faces her where a piece begins, or a strand is joined anew: turning tells the rest. */
    private function side(Row $row, int $place, string $rows, int $many): string
    {
        $right = $this->sides[$place] ?? null;

        return $right === null || ! ($this->begins || self::isJoined($row)) ? '' : $this->tongue->tell($right
            ? '{rows} {n, plural, one {is} other {begin}} on the right side.'
            : '{rows} {n, plural, one {is} other {begin}} on the wrong side.', ['rows' => $rows, 'n' => $many]);
    }

    /**
     * What becomes of the strand.
     *
     * @param non-empty-list<Row> $rows
     * @param list<Piece> $pieces that are sewn up later; none where it is the bag's last
     *
     * @return list<SheetLine>
     */
    private function ends(array $rows, array $pieces): array
    {
        $last = $rows[count($rows) - 1];
        if ($last->kind === RowKind::Seam) {
            return [new SheetLine('', $this->tongue->tell('Fasten off.'))];
        }
        $seam = 0;
        foreach ($pieces === [] ? [] : $this->plan->assembly()->seams ?? [] as $one) {
            foreach ($pieces as $piece) {
                $isOf = $one->how === Joining::Whip
                    && in_array($piece->name, [$one->from->piece, $one->to->piece], true);
                $seam = $isOf ? max($seam, $one->stitches) : $seam;
            }
        }
        $tail = $this->plan->gauge->singleWidth()->times(self::TAIL * $seam);
        $isSpiral = $last->kind === RowKind::Round && $this->plan->spec->school()->working === Working::Spiral;

        return [new SheetLine('', match (true) {
            $seam > 0 => $this->tongue->tell('Fasten off, leaving a tail of {long} for the seam.', [
                'long' => Length::mm(50 * ceil($tail->mm / 50))->print($this->tongue->unit, 0),
            ]),
            $isSpiral => $this->tongue->tell('{slip} in next st to even the end of the spiral; fasten off.', [
                'slip' => ucfirst($this->tongue->tell('{stitch}', ['stitch' => Stitch::Slip])),
            ]),
            default => $this->tongue->tell('Fasten off.'),
        })];
    }

    /** Straps that are made alike are told once, with where the others begin and are sewn. */
    private function straps(): void
    {
        $title = $this->tongue->tell('Strap');
        foreach ($this->sections as $nth => $section) {
            if ($section->title !== $title) {
                continue;
            }
            $this->sections[$nth] = $this->strapsAlike($section);
        }
    }

    private function strapsAlike(Section $section): Section
    {
        $rows = array_values(array_filter(
            $this->plan->work->rows,
            fn(Row $row): bool => $row->part === Part::Handles && $row->kind === RowKind::Row,
        ));
        $straps = self::strands($rows);
        $long = count($straps[0] ?? []);
        if (count($straps) < 2 || ! self::isJoined($straps[0][0])) {
            return $section;
        }
        $lines = [];
        $seen = 0;
        foreach ($section->lines as $line) {
            $seen += count($line->rows);
            if ($seen <= $long) {
                $lines[] = $line;
            }
            if ($line->rows === [] && $seen === $long) {
                break;
            }
        }
        // Numbered by itself: its rows follow no round.
        $first = $straps[0][0]->id->number;
        $of = fn(RowId $id): RowId => new RowId($id->kind, $id->number - $first + 1);
        $lines = array_map(function (SheetLine $line) use ($of): SheetLine {
            if ($line->rows === []) {
                return $line;
            }
            [$from, $to] = [$of($line->rows[0]), $of($line->rows[count($line->rows) - 1])];

            return new SheetLine(
                $this->tongue->writer->headed($from, $to),
                $line->text,
                $line->count,
                $line->before,
                $line->rows,
            );
        }, $lines);
        foreach (array_slice($straps, 1) as $nth => $strap) {
            [$join, $sew] = [$strap[0]->instructions[0], $strap[$long - 1]->instructions];
            $sewn = $sew[count($sew) - 1];
            if ($join instanceof JoinAt && $sewn instanceof SewnTo) {
                $lines[] = new SheetLine('', $this->tongue->tell(
                    'Strap {n}: begin in st {from} of the edge and sew to sts {first} to {last}.',
                    [
                        'n' => $nth + 2, 'from' => $join->nth, 'first' => $sewn->first,
                        'last' => $sewn->first + $sewn->count - 1,
                    ],
                ));
            }
        }

        return new Section($this->tongue->tell('{piece} (make {n})', [
            'piece' => $section->title, 'n' => count($straps),
        ]), $lines === [] ? $section->lines : $lines);
    }
}
