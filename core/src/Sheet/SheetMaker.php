<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Finish\Tool;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Material\Washing;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Report\Note;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;

/** Makes the sheet of a plan. */
final readonly class SheetMaker
{
    /** How sure the larger figure of a material is. */
    private const SURE = MaterialEstimate::SURE;

    /**
     * @param list<Note> $notes of the plan
     * @param list<string> $strands what its strands are called, its own first; '' of one that has no name
     */
    private function __construct(
        private BagPlan $plan,
        private MaterialEstimate $estimate,
        private array $notes,
        private Tongue $tongue,
        private array $strands,
    ) {}

    /**
     * @param list<Note> $notes of the plan
     * @param list<string> $strands what its strands are called, its own first
     * @param string $by who signs it; '' where nobody does
     * @param string $rights a line of hers; '' of none
     * @param bool $anew whether rows are numbered anew in each section, not on through the bag
     */
    public static function of(
        BagPlan $plan,
        MaterialEstimate $estimate,
        array $notes,
        Tongue $tongue,
        array $strands = [],
        string $by = '',
        string $rights = '',
        bool $anew = false,
    ): Sheet {
        $maker = new self($plan, $estimate, $notes, $tongue, $strands);
        $sections = Sections::of($plan, $notes, $tongue, $anew);
        $specials = $maker->specials();
        $gauge = $maker->gauge();
        $said = $maker->notes();
        $text = implode("\n", [
            ...array_merge(...array_map(fn(Section $one): array => array_merge(...array_map(
                fn(SheetLine $line): array => [...$line->before, $line->head, $line->text, $line->count],
                $one->lines,
            )), $sections)),
            ...array_column($specials, 1),
            ...$said,
            $gauge,
        ]);

        return new Sheet(
            $plan->spec->choices->name,
            $by === '' ? '' : $tongue->tell('By {name}', ['name' => $by]),
            $rights,
            $maker->level(),
            $maker->size(),
            $maker->materials(),
            $gauge,
            Vocabulary::of($tongue->terms)->used($text, match ($tongue->terms) {
                Terms::US => Vocabulary::of(Terms::UK),
                Terms::UK => Vocabulary::of(Terms::US),
                default => null,
            }),
            $specials,
            $said,
            $sections,
            FinishingSteps::of($plan, $notes, $tongue),
            $maker->cautions(),
            new Titles($tongue),
        );
    }

    /** By what makes it harder; the Craft Yarn Council’s four levels, from memory. */
    private function level(): string
    {
        $stitches = array_filter(
            [Stitch::HalfDouble, Stitch::Double, Stitch::Treble],
            fn(Stitch $one): bool => $this->plan->work->stitches()->many($one) > 0,
        );
        $motifs = array_filter($this->fabrics(), fn(Motif $one): bool => $one->multiple > 1);
        $assembly = $this->plan->assembly();
        $by = array_values(array_filter([
            $assembly === null || count($assembly->pieces) < 2 ? null : $this->tongue->tell(
                '{n, plural, one {# piece} other {# pieces}} to join',
                ['n' => count($assembly->pieces)],
            ),
            $motifs === [] ? null : $this->tongue->tell('a pattern stitch'),
            count($stitches) > 1 ? $this->tongue->tell('stitches of several heights') : null,
            $this->plan->spec->facts->strands->others === [] ? null : $this->tongue->tell('changes of colour'),
            array_filter($this->plan->work->rows, fn(Row $row): bool => $row->opening() !== null) === []
                ? null
                : $this->tongue->tell('hand holes'),
        ], fn(?string $one): bool => $one !== null));
        $level = match (true) {
            ($assembly->tabs ?? null) !== null || count($by) > 3 => $this->tongue->tell('Complex'),
            $assembly !== null || count($by) > 2 => $this->tongue->tell('Intermediate'),
            $by === [] => $this->tongue->tell('Basic'),
            default => $this->tongue->tell('Easy'),
        };

        return $by === [] ? $this->tongue->tell('Level: {level}', ['level' => $level]) : $this->tongue->tell(
            'Level: {level} ({by})',
            ['level' => $level, 'by' => implode(', ', $by)],
        );
    }

    /** @return array<string, Motif> of its rows */
    private function fabrics(): array
    {
        $fabrics = [];
        foreach ($this->plan->work->rows as $row) {
            $fabrics[$row->fabric->key] = $row->fabric;
        }

        return $fabrics;
    }

    /** In centimetres and in inches. */
    private function both(Length $one): string
    {
        [$first, $other] = $this->tongue->unit === LengthUnit::Inch
            ? [LengthUnit::Inch, LengthUnit::Centimetre]
            : [LengthUnit::Centimetre, LengthUnit::Inch];
        return $this->tongue->number("{$one->print($first)} ({$one->print($other)})");
    }

    /** @return list<string> */
    private function size(): array
    {
        $out = $this->plan->comesOut;
        $size = [$this->tongue->tell(
            $this->plan->assembly() === null
                ? '{wide} wide and {high} high, lying flat'
                : '{wide} wide and {high} high, closed',
            ['wide' => $this->both($out->flatWidth), 'high' => $this->both($out->height)],
        )];
        if ($out->baseWidth->mm > 0) {
            $size[] = $this->plan->assembly() === null
                ? $this->tongue->tell('Base: {long} by {wide}', [
                    'long' => $this->both($out->baseLength), 'wide' => $this->both($out->baseWidth),
                ])
                : $this->tongue->tell('Depth: {deep}', ['deep' => $this->both($out->baseWidth)]);
        }
        foreach ($this->plan->parts as $part) {
            foreach (array_slice($part->made->attached, 0, 1) as $one) {
                if ($one->long !== null) {
                    $size[] = $this->tongue->tell('Strap or handle: {long} from end to end', [
                        'long' => $this->both($one->long),
                    ]);
                }
            }
        }
        if ($out->litres > 0.05) {
            $size[] = $this->tongue->tell('Holds about {litres} litres', ['litres' => round($out->litres, 1)]);
        }

        return $size;
    }

    /** @return list<array{string, string}> */
    private function materials(): array
    {
        $all = [];
        foreach ([$this->estimate, ...$this->estimate->others] as $which => $takes) {
            $all[] = [
                Sections::letter($which),
                $this->strand(
                    $this->plan->spec->facts->strands->of($takes->which),
                    $takes,
                    $this->strands[$which] ?? '',
                ),
            ];
        }
        $hook = $this->plan->spec->facts->hands->hook;
        $isAlone = array_filter(
            $this->plan->work->pieces,
            fn(Piece $piece): bool => $piece->start?->hook !== null,
        ) === [];
        $all[] = ['', $this->tongue->tell($isAlone ? '{hook} hook' : '{hook} hook, for all other rows', [
            'hook' => $hook,
        ])];
        $tabs = $this->plan->assembly()?->tabs;
        foreach ($this->plan->work->pieces as $piece) {
            $ready = match ($piece->start?->kind) {
                EdgeKind::Holes => $this->tongue->tell('Bought base with holes'),
                EdgeKind::Frames => $this->tongue->tell('2 frames with holes'),
                default => null,
            };
            if ($ready !== null) {
                $all[] = ['', $ready];
            }
            if ($piece->start?->hook !== null) {
                $all[] = ['', $this->tongue->tell('{hook} hook, for the first row in holes', [
                    'hook' => HookSize::mm($piece->start->hook->mm),
                ])];
            }
        }
        foreach ($this->plan->assembly()->seams ?? [] as $seam) {
            if ($seam->from->kind === EdgeKind::Squares) {
                $flat = $this->plan->assembly()?->pieces[0]->flat;
                $all[] = ['', $this->tongue->tell('Plastic canvas, {wide} by {high}', [
                    'wide' => Length::mm($flat?->width() ?? 0), 'high' => Length::mm($flat?->height() ?? 0),
                ])];
            }
        }
        if ($tabs !== null) {
            $all[] = ['', $this->tongue->tell(
                '{n, plural, one {# pop tab, washed} other {# pop tabs, washed}}; gloves, eye protection and pliers',
                ['n' => $tabs->total],
            )];
        }
        $markers = $this->markers();
        if ($markers > 0) {
            $all[] = ['', $this->tongue->tell('{n, plural, one {# stitch marker} other {# stitch markers}}', [
                'n' => $markers,
            ])];
        }
        $tools = array_merge(...array_map(fn(Fitted $one): array => $one->tools, $this->plan->fitted));
        $own = $this->plan->spec->facts->strands->own;
        $pinned = Washing::of($own->kind, $own->fibre) === Washing::WetBlock;
        array_push(
            $tools,
            ...($this->isSaid('handles-sewn') ? [Tool::Thread, Tool::Pins] : []),
            ...($pinned ? [Tool::Pins] : []),
        );
        array_push($tools, ...(($this->plan->assembly()->seams ?? []) === [] ? [] : [Tool::Clips]));
        $all[] = ['', implode(', ', [
            $this->tongue->tell('Tape measure, scissors, blunt needle'),
            ...array_unique(array_map(fn(Tool $one): string => $this->tongue->tell($one->value), $tools)),
        ])];
        foreach ($this->plan->needs() as $need) {
            $all[] = ['', $need->kind === Kind::Cloth
                ? $this->tongue->tell('{name}, {wide} wide: {long}', [
                    'name' => new Saying($need->name), 'wide' => $need->size ?? Length::mm(1400),
                    'long' => Length::mm(10 * $need->amount),
                ])
                : $this->tongue->tell('{n}{name}{size}', [
                    'n' => $need->amount > 1 ? Decimal::print($need->amount).' × ' : '',
                    'name' => new Saying($need->name),
                    'size' => $need->size === null ? '' : ", {$need->size->exact(LengthUnit::Millimetre)}",
                ])];
        }

        return $all;
    }

    /** As many as hang in it at once: in the first stitch of a spiral's round, at the ends of slots, at a closure. */
    private function markers(): int
    {
        $runsOn = $this->plan->spec->school()->working === Working::Spiral
            && $this->has(fn(Row $row): bool => $row->kind === RowKind::Round && $row->part !== Part::Piece);

        return match (true) {
            $this->isSaid('compare-slots') => 4,
            $this->isSaid('button', 'clasp', 'magnet', 'snap') => 2,
            default => 0,
        } + ($runsOn ? 1 : 0);
    }

    /** Whether one of these is noted. */
    private function isSaid(string ...$codes): bool
    {
        return array_intersect($codes, array_column($this->notes, 'code')) !== [];
    }

    private function strand(Material $material, MaterialEstimate $takes, string $called): string
    {
        $kind = $this->tongue->tell($material->kind->name());
        $metres = $takes->metres->likely;
        $balls = $takes->balls(self::SURE);

        return $this->tongue->tell('{what}, {thick} thick: {grams}, {metres} m ({yards} yd); to be sure {sure}', [
            'what' => implode(', ', array_filter([
                $called,
                $material->fibre === null ? $kind : $this->tongue->tell('{fibre} {kind}', [
                    'fibre' => $this->tongue->tell($material->fibre->value), 'kind' => $kind,
                ]),
                $material->class === null ? '' : $this->tongue->tell('CYC {class}', [
                    'class' => new Saying($material->class->value),
                ]),
            ], fn(string $one): bool => $one !== '')),
            'thick' => $this->tongue->number($material->diameter->exact(LengthUnit::Millimetre)),
            'grams' => Mass::grams($takes->grams->likely),
            'metres' => Decimal::print($metres),
            'yards' => Decimal::print($metres / 0.9144),
            'sure' => Mass::grams($takes->grams->at(self::SURE)),
        ]).($balls === null ? '' : ', '.$this->tongue->tell(
            '{n, plural, one {# ball} other {# balls}} of {each}',
            ['n' => $balls, 'each' => $takes->unit ?? Mass::grams(0)],
        ));
    }

    private function gauge(): string
    {
        $motif = $this->plan->spec->motif();
        $in = fn(Length $each): float => 100 / $each->mm;

        return $this->tongue->tell(
            '{sts} sts and {rows} rows of {fabric} over 10 cm (4 in), on the {hook} hook. More stitches than that: '
                .'take a larger hook. Fewer: a smaller one. On another gauge the bag comes out another size and takes '
                .'another amount.',
            [
                'sts' => $in($this->plan->gauge->widthOf($motif)),
                'rows' => $in($this->plan->gauge->heightOf($motif)),
                'fabric' => $motif,
                'hook' => $this->plan->spec->facts->hands->hook,
            ],
        );
    }

    /** @return list<array{string, string}> fabrics of several stitches, told as stitches */
    private function specials(): array
    {
        $specials = [];
        $vocabulary = Vocabulary::of($this->tongue->terms);
        foreach ($this->fabrics() as $motif) {
            if ($motif->multiple === 1) {
                continue;
            }
            [$setUp, $rows] = $motif->told();
            $told = [];
            foreach ($setUp as $one) {
                $told[] = $this->tongue->tell('First row: {does}.', ['does' => $vocabulary->list($one)]);
            }
            $does = array_map($vocabulary->list(...), $rows);
            $from = 0;
            while ($from < count($does)) {
                // Those that are alike are told once.
                $to = $from + 1;
                while (($does[$to] ?? null) === $does[$from]) {
                    $to++;
                }
                $told[] = $this->tongue->tell(match (true) {
                    count($does) === 1 => 'Each row: {does}.',
                    $to === $from + 1 => 'Repeat row {n}: {does}.',
                    default => 'Repeat rows {n} to {last}: {does}.',
                }, ['n' => $from + 1, 'last' => $to, 'does' => $does[$from]]);
                $from = $to;
            }
            $beside = $motif->beside($this->plan->spec->school()->runsOn());
            $specials[] = [
                ucfirst($motif->fullName($this->tongue->terms)),
                $this->tongue->tell(
                    $beside === 0 ? 'over a multiple of {n} sts.' : 'over a multiple of {n} sts + {more}.',
                    ['n' => $motif->multiple, 'more' => $beside],
                ).' '.implode(' ', $told),
            ];
        }

        return $specials;
    }

    /** @return list<string> what holds throughout */
    private function notes(): array
    {
        $rounds = $this->has(fn(Row $row): bool => $row->kind === RowKind::Round && $row->part !== Part::Piece);
        $turns = $this->has(fn(Row $row): bool => $row->kind === RowKind::Row
            && $row->instructions[0] instanceof Turn);
        $counted = fn(Row $row): bool => self::any(
            $row->instructions,
            fn(Instruction $one): bool => $one instanceof StartingChain && $one->as !== null,
        );
        $counts = $this->has($counted);
        $isCounted = $this->has(fn(Row $row): bool => $row->kind === RowKind::Row && $counted($row));
        $slip = ['slip' => Stitch::Slip];
        $notes = $rounds ? match ($this->plan->spec->school()->working) {
            Working::Spiral => [new Saying(
                'Rounds run on in a spiral: do not join or turn. Put a marker in the first stitch of each round and '
                    .'move it up.',
            )],
            Working::Joined => [new Saying(
                'Rounds are joined: where a round says join, work {slip} in its first stitch. Do not turn.',
                $slip,
            )],
            Working::JoinedTurned => [new Saying(
                'Rounds are joined: where a round says join, work {slip} in its first stitch.',
                $slip,
            )],
        } : [];
        if ($rounds && $this->plan->spec->school()->working !== Working::Spiral) {
            $notes[] = new Saying($counts
                ? 'The chain that starts a round counts as a stitch only where the round says so; then join in its '
                    .'top. Elsewhere the first stitch goes into the stitch of the join.'
                : 'The chain that starts a round does not count: the first stitch goes into the stitch of the join.');
        }
        if ($turns) {
            $notes[] = new Saying($isCounted
                ? 'A turning chain counts as a stitch only where the row says so.'
                : 'Turning chains do not count as a stitch.');
        }
        if ($this->plan->spec->facts->strands->others !== []) {
            $notes[] = new Saying(
                'Change strands on the last draw-through of the stitch before, and work over both tails.',
            );
        }
        $notes[] = new Saying('The number in brackets is what to count at the end of the row.');

        return array_map($this->tongue->say(...), $notes);
    }

    /** @param \Closure(Row): bool $is */
    private function has(\Closure $is): bool
    {
        return self::any($this->plan->work->rows, $is);
    }

    /**
     * @template T
     *
     * @param list<T> $all
     * @param \Closure(T): bool $is
     */
    private static function any(array $all, \Closure $is): bool
    {
        foreach ($all as $one) {
            if ($is($one)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> each once */
    private function cautions(): array
    {
        $said = [];
        foreach ($this->notes as $note) {
            if ($note->tone === Tone::Care && $note->row === null) {
                $said[] = $this->tongue->say($note->text());
            }
        }

        return array_values(array_unique($said));
    }
}
