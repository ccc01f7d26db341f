<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\JoinAt;
use Fescue\Core\Instruction\Loops;
use Fescue\Core\Instruction\Marker;
use Fescue\Core\Instruction\Phrase;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Sewn;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\Together;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** The writing pass: rows in the words of a tongue. */
final class Writer
{
    /** A loop that is named so often in a row is named once, at its end. */
    private const OFTEN = 3;

    private readonly Vocabulary $vocabulary;

    /** @var \WeakMap<Row, string> words that were written already */
    private \WeakMap $written;

    public function __construct(public readonly Terms $terms)
    {
        $this->vocabulary = Vocabulary::of($terms);
        /** @var \WeakMap<Row, string> $written */
        $written = new \WeakMap();
        $this->written = $written;
    }

    public function start(Start $start): string
    {
        return $this->vocabulary->say(match (true) {
            $start->isChain() => new Phrase(
                'foundation',
                ['n' => $start->chains(), 'm' => $start->chain, 'k' => $start->turning],
            ),
            $start->hook === null => new Phrase("begin.{$start->kind->value}", ['m' => $start->chain]),
            default => new Phrase(
                "begin.{$start->kind->value}.hook",
                ['m' => $start->chain, 'hook' => $start->hook->exact(LengthUnit::Millimetre)],
            ),
        });
    }

    /** "Left gusset", "Square 3"; '' of what joins the others. */
    public function called(string $piece, int $nth = 0): string
    {
        return $piece === ''
            ? ''
            : ucfirst($this->vocabulary->phrases["piece.{$piece}"] ?? $piece).($nth === 0 ? '' : " {$nth}");
    }

    /** "Round 5" */
    public function name(Row $row): string
    {
        return $this->names($row, $row);
    }

    /** "Rounds 5–9", of like ones one after another. */
    public function names(Row $first, Row $last): string
    {
        return $this->numbered($first->kind->value, $first->id, $last->id);
    }

    /** "Rnd 5", "Rnds 5–9": as a sheet heads them. */
    public function headed(RowId $first, RowId $last): string
    {
        return $this->numbered("sheet.{$first->kind->value}", $first, $last);
    }

    /** @param string $kind the phrase for one; that for several has an s behind it */
    private function numbered(string $kind, RowId $first, RowId $last): string
    {
        $n = $first->kind->numbered($first->number);

        return $this->vocabulary->say($first->is($last) ? new Phrase($kind, ['n' => $n]) : new Phrase("{$kind}s", [
            'n' => $n, 'm' => $first->kind->numbered($last->number),
        ]));
    }

    /** A row without its name, closing with what is counted at its end: "… (44 sc, 2 ch-16 sps)". */
    public function line(Row $row): string
    {
        return "{$this->words($row)} ({$this->counted($row)})";
    }

    /** What is counted at its end: stitches, or a seam's; where chains lie among them those by their spaces. */
    public function counted(Row $row): string
    {
        $stitches = $spaces = $loops = [];
        $run = 0;
        if ($row->kind === RowKind::Seam || ! Traverser::hasChains($row->instructions)) {
            return (string) $this->leaves($row);
        }
        foreach (Placement::of($row->instructions) as $one) {
            if ($one->isLyingChain()) {
                $run++;

                continue;
            }
            $spaces[$run] = ($spaces[$run] ?? 0) + (int) ($run > 0);
            $run = 0;
            $stitch = $one->standing > 0 ? self::standing($row) : $one->stitch;
            $stitches[$stitch->value] = ($stitches[$stitch->value] ?? 0) + 1;
        }
        $spaces[$run] = ($spaces[$run] ?? 0) + (int) ($run > 0);
        foreach ($row->instructions as $one) {
            if ($one instanceof Loops) {
                $loops[$one->chains] = ($loops[$one->chains] ?? 0) + $one->count;
            }
        }
        $spaces = array_filter($spaces, fn(int $many): bool => $many > 0);
        if ($spaces === [] && $loops === []) {
            return (string) $this->leaves($row);
        }
        $said = [];
        foreach ($loops === [] ? $stitches : [] as $stitch => $many) {
            $said[] = new Phrase('count.stitches', ['n' => $many, 'stitch' => Stitch::from($stitch)]);
        }
        foreach (['space' => $spaces, 'loop' => $loops] as $as => $all) {
            foreach ($all as $long => $many) {
                $said[] = new Phrase("count.{$as}", ['n' => $many, 's' => $long]);
            }
        }

        return implode(', ', array_map($this->say(...), $said));
    }

    /** What a chain that counts stands for. */
    private static function standing(Row $row): Stitch
    {
        foreach ($row->instructions as $one) {
            if ($one instanceof StartingChain && $one->as !== null) {
                return $one->as;
            }
        }

        throw new \LogicException('No chain of it counts.');
    }

    /** What is counted at its end: the tops it leaves, or a seam's stitches. */
    public function leaves(Row $row): int
    {
        return $row->kind === RowKind::Seam ? $row->stitches->total() : $row->count->leaves;
    }

    /** A row without its name and count. */
    public function words(Row $row): string
    {
        return $this->written[$row] ??= $this->write($row);
    }

    public function say(Phrase $phrase): string
    {
        return $this->vocabulary->say($phrase);
    }

    /** What a seam joins: "square 2 and square 1". */
    public function pair(Row $seam): string
    {
        foreach ($seam->instructions as $one) {
            if ($one instanceof Sewn) {
                return $this->say($one->pair());
            }
        }

        return '';
    }

    /** How it does that, whatever it joins: "14 sc through both edges, a stitch to a stitch". */
    public function sewn(Row $seam): string
    {
        return ucfirst(implode(', ', array_map(
            fn(Instruction $one): string => $this->say($one instanceof Sewn ? $one->each() : $one->phrase()),
            $seam->instructions,
        )));
    }

    private function write(Row $row): string
    {
        $fill = self::soleFill($row);
        $below = Below::of($row);
        $ways = $row->kind === RowKind::Round ? 'around' : 'across';
        $says = fn(Instruction $one): Phrase => $one === $fill
            ? new Phrase($ways.($below->isMixed($fill) ? '.mixed' : ''), ['stitch' => $fill->stitch], $fill->loop)
            : $below->says($one);
        $loop = self::oneLoop($row->instructions);
        $told = self::inOrder($row->instructions);
        $join = array_slice($told, -1)[0] ?? null;
        $closes = $loop !== null && $join instanceof Join ? [$join] : [];
        $said = array_filter([
            $this->vocabulary->list(
                $closes === [] ? $told : array_slice($told, 0, -1),
                $loop === null,
                $says,
            ),
            $loop === null ? '' : $this->vocabulary->phrases["loops.all.{$loop->value}"],
            $this->vocabulary->list($closes, true, $says),
        ], fn(string $one): bool => $one !== '');

        $into = "into.{$row->into[0]->kind->value}";
        $lead = isset($this->vocabulary->phrases[$into])
            ? $this->vocabulary->say(new Phrase($into, ['nth' => 1 + $row->fabric->post()->startingChains()])).': '
            : '';
        $turn = $told[0] ?? null;
        $first = $lead !== '' && $turn instanceof Turn ? $this->vocabulary->say($turn->phrase()).', ' : '';

        return ucfirst($first.$lead.substr(implode(', ', $said), strlen($first))).'.';
    }

    /**
     * As it is written: how rounds go on is told once for all of them, and chains that lift stand before the turn.
     *
     * @param list<Instruction> $instructions
     *
     * @return list<Instruction>
     */
    private static function inOrder(array $instructions): array
    {
        $told = array_values(array_filter($instructions, fn(Instruction $one): bool => ! $one instanceof Marker));
        $lifts = ($told[0] ?? null) instanceof Turn && ($told[1] ?? null) instanceof StartingChain;

        return $lifts ? [$told[1], $told[0], ...array_slice($told, 2)] : $told;
    }

    /**
     * Runs of rows that read alike, to be written once.
     *
     * @param list<Row> $rows
     * @param list<Row> $anew rows that begin a run of their own, however they read
     *
     * @return list<non-empty-list<Row>>
     */
    public function runs(array $rows, array $anew = []): array
    {
        $runs = [];
        foreach ($rows as $row) {
            $last = array_key_last($runs);
            $like = $last !== null
                && ! in_array($row, $anew, true)
                && $runs[$last][0]->part === $row->part
                && $runs[$last][0]->kind === $row->kind
                && $runs[$last][0]->id->piece() === $row->id->piece()
                && $this->words($runs[$last][0]) === $this->words($row);
            if ($like) {
                $runs[$last][] = $row;
            } else {
                $runs[] = [$row];
            }
        }

        return $runs;
    }

    /**
     * The loop that all of a row's stitches go through, to be said once; null where it is said with each.
     *
     * @param list<Instruction> $instructions
     */
    private static function oneLoop(array $instructions): ?Loop
    {
        $loops = self::loops($instructions);
        $same = count($loops) >= self::OFTEN && array_unique($loops, SORT_REGULAR) === [$loops[0]];

        return $same && $loops[0] !== Loop::Both ? $loops[0] : null;
    }

    /**
     * @param list<Instruction> $instructions
     *
     * @return list<?Loop> of each that goes through one; null of what none is named of
     */
    private static function loops(array $instructions): array
    {
        $loops = [];
        foreach ($instructions as $one) {
            if ($one instanceof Repeat) {
                array_push($loops, ...self::loops($one->children()));
            } elseif ($one instanceof Each || $one instanceof Several || $one instanceof Together) {
                $loops[] = $one->loop;
            } elseif ($one->children() !== [] || ($one->takes() > 0 && $one->works() !== [])) {
                $loops[] = null;
            }
        }

        return $loops;
    }

    /** The one instruction that fills the whole row, where one does. */
    private static function soleFill(Row $row): ?Each
    {
        $fills = array_values(
            array_filter(
                $row->instructions,
                fn(Instruction $one): bool => ! $one instanceof StartingChain
                    && ! $one instanceof Join
                    && ! $one instanceof Turn
                    && ! ($one instanceof JoinAt && $row->kind === RowKind::Round),
            ),
        );
        $counted = array_filter(
            $row->instructions,
            fn(Instruction $one): bool => $one instanceof StartingChain && $one->as !== null,
        );
        $sole = count($fills) === 1 && $counted === [] ? $fills[0] : null;

        return $sole instanceof Each && $sole->into === Into::Stitch ? $sole : null;
    }
}
