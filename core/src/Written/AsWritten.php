<?php

declare(strict_types=1);

namespace Fescue\Core\Written;

use Fescue\Core\Base\LieOfRounds;
use Fescue\Core\Document\Fields;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Miscount;
use Fescue\Core\Piece\Misfit;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Piece\Wording;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Around;
use Fescue\Core\Shape\Circle;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Outline;
use Fescue\Core\Shape\Path;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Grammar;
use Fescue\Core\Text\Sign;

/**
 * A bag as a pattern's text has it, row by row: what lies flat of its rounds is its base, the rest its wall; rows alone
 * are pieces, which lie as they are until whoever wrote them says how they join.
 */
final readonly class AsWritten implements Maker
{
    /** Bytes that are read of a text: as much as answers at once, whatever it says. */
    public const LONGEST = 24_000;

    private const PATTERN = 'pattern';

    private const GAUGE = 'stitch';

    private const SIZE = 'size';

    private const PLAIN = ['sc', 'hdc', 'dc'];

    /** Share of what a flat round adds that still lies. From memory. */
    private const LIES = 0.35;

    /** mm between pieces that lie side by side. */
    private const APART = 20.0;

    /**
     * @param ?string $stitch that the gauge is of; null: that of most of its rows
     * @param ?Checked $checked null of no text
     * @param ?int $size of several that the text is written for, from 1; null: the first
     */
    private function __construct(
        private string $text,
        private ?string $stitch,
        private ?Checked $checked,
        private ?int $size = null,
    ) {}

    public static function key(): string
    {
        return 'written';
    }

    public static function called(): array
    {
        return ['As written', 'row by row, from a pattern’s text'];
    }

    public static function open(): static
    {
        return new self('', null, null);
    }

    public static function of(string $text): self
    {
        $text = trim(Grammar::cleaned($text));

        return new self($text, null, self::checked($text));
    }

    public static function read(Fields $choices): static
    {
        $text = $choices->lines(self::PATTERN, self::LONGEST) ?? '';
        $stitch = $choices->has(self::GAUGE) ? $choices->word(self::GAUGE, self::PLAIN) : null;
        $size = $choices->whole(self::SIZE, 1, Grammar::MOST_SIZES, 'the size of the text');
        $choices->close();

        return new self($text, is_string($stitch) ? $stitch : null, self::checked($text, $size), $size);
    }

    private static function checked(string $text, ?int $size = null): ?Checked
    {
        return trim($text) === '' ? null : Checked::of($text, size: $size ?? 1);
    }

    public function settings(?Ground $ground = null): array
    {
        $sizes = $this->checked->sizes ?? 1;

        return [
            new Wording(
                self::PATTERN,
                'The pattern, as it is written',
                $this->text,
                self::LONGEST,
                $this->checked->tongue ?? '',
            ),
            Choice::plain(self::GAUGE, 'Stitch of the gauge', $this->stitch ?? $this->most()),
            ...($sizes === 1 ? [] : [new Choice(
                self::SIZE,
                'Size of the text',
                (string) min($this->size ?? 1, $sizes),
                array_map(
                    fn(int $nth): array => [(string) $nth, ''],
                    array_combine(range(1, $sizes), range(1, $sizes)),
                ),
            )]),
        ];
    }

    public function with(array $values): static
    {
        $text = $values[self::PATTERN] ?? $this->text;
        $stitch = array_key_exists(self::GAUGE, $values) ? $values[self::GAUGE] : $this->stitch;
        $stitch = is_string($stitch) ? $stitch : null;
        $size = array_key_exists(self::SIZE, $values) ? $values[self::SIZE] : $this->size;
        $size = is_numeric($size) ? (int) $size : null;
        $text = is_string($text) ? $text : $this->text;

        return $text !== $this->text || $size !== $this->size
            ? new self($text, $stitch, self::checked($text, $size), $size)
            : new self($text, $stitch, $this->checked, $size);
    }

    public function write(): array
    {
        return array_filter(
            [self::PATTERN => $this->text, self::GAUGE => $this->stitch, self::SIZE => $this->size],
            fn(int|string|null $one): bool => $one !== null && $one !== '',
        );
    }

    public function text(): string
    {
        return $this->text;
    }

    /** How its rounds meet. */
    public function working(): Working
    {
        $joins = $turns = false;
        foreach ($this->checked->rows ?? [] as $row) {
            $joins = $joins || ($row->line->isRound && Sign::isAmong($row->line->steps, Sign::JOIN));
            $turns = $turns || ($row->line->isRound && Sign::isAmong($row->line->steps, Sign::TURN));
        }

        return match (true) {
            ! $joins => Working::Spiral,
            $turns => Working::JoinedTurned,
            default => Working::Joined,
        };
    }

    public function height(Ground $ground): Length
    {
        return Length::mm(0);
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        return $this;
    }

    /** The stitch of most of its rows, of those that a gauge is measured in. */
    private function most(): string
    {
        $many = array_fill_keys(self::PLAIN, 0);
        foreach ($this->checked->rows ?? [] as $row) {
            foreach ($many as $stitch => $rows) {
                $many[$stitch] = $rows + (int) $row->works($stitch);
            }
        }

        return (string) array_search(max($many), $many, true);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $pieces = $this->pieces();
        try {
            $body = array_filter($pieces, fn(WrittenRows $one): bool => $one->hasRounds());
            $first = array_key_first($body);

            return $first === null
                ? $this->flat($pieces, $ground)
                : $this->standing($body[$first], array_values(array_diff_key($pieces, [$first => 0])), $ground);
        } catch (Miscount|Misfit $e) {
            throw new Unmakeable(self::PATTERN, new Saying(
                '{row} comes out in the text, but not where the rows before it leave off. Write it so that it says '
                    .'what each stitch goes into.',
                ['row' => $e->row],
            ));
        }
    }

    /**
     * @return non-empty-list<WrittenRows>
     *
     * @throws Unmakeable
     */
    private function pieces(): array
    {
        $checked = $this->checked ?? throw new Unmakeable(
            self::PATTERN,
            new Saying('Paste or type the pattern first.'),
        );
        $wrong = $checked->problems[0] ?? null;
        if ($wrong !== null) {
            throw new Unmakeable(self::PATTERN, new Saying(
                'Line {line} does not come out yet: {why} A bag is made of a text that does.',
                ['line' => $wrong->line, 'why' => $wrong->said],
            ));
        }
        try {
            return WrittenRows::all($checked);
        } catch (NotWritten $e) {
            throw new Unmakeable(self::PATTERN, new Saying(
                '{row} comes out, but no bag can be made of how it is worked yet. Write it another way.',
                ['row' => $e->row],
            ));
        }
    }

    /** @param list<WrittenRows> $others made by themselves */
    private function standing(WrittenRows $body, array $others, Ground $ground): Made
    {
        $gauge = $ground->gauge;
        $lying = $body->lying($gauge, self::LIES);
        if ($lying === count($body->rows)) {
            throw new Unmakeable(self::PATTERN, new Saying(
                'All its rounds lie flat, so that it makes a mat and no bag: rounds without increases are its wall.',
            ));
        }
        $outline = $this->outline($body, $lying, $gauge);
        $paths = $this->paths($body, $lying, $gauge);
        $rows = [];
        $on = null;
        foreach ($body->rows as $nth => $row) {
            $stands = $nth >= $lying;
            if ($stands && $on === null) {
                $on = self::foot($body, $lying);
            }
            $isPicked = $stands && (count($row['on']) > 1
                || in_array($row['on'][0][0], [EdgeKind::Opening, EdgeKind::LongEdges], true));
            $made = new Row(
                $stands && ! $isPicked ? Part::Body : Part::Base,
                $row['fabric'],
                $row['does'],
                $stands && $on !== null && ! $isPicked ? [
                    $row['turned'] ? $on->turned() : $on,
                ] : self::edges($row['on'], $nth === 0 ? null : $body->rows[$nth - 1]['fabric']),
                $stands && ! $row['lies'],
                $paths[$nth] ?? null,
                ! $row['hole'],
                $row['isRound'] ? RowKind::Round : RowKind::Row,
            );
            $rows[] = $made;
            if ($stands) {
                $on = $isPicked ? self::around($row['leaves'], $row['on'], $row['fabric']) : Edge::left($made);
            }
        }

        $start = $this->start($body, $lying, $gauge);
        // A row that fits nowhere is said here, where all of them are known.
        new Piece($start, $rows);

        return new Made(
            $rows,
            $on ?? throw new \LogicException('Nothing stands.'),
            $start,
            $outline ?? new Rectangle($body->rows[0]['leaves'] * $gauge->widthOf($body->rows[0]['fabric'])->mm / 2, 0),
            $this->remarks($body, $lying, $gauge),
            apart: $this->apart($others, $gauge),
            opens: $outline === null ? Length::mm(0) : null,
            freely: true,
        );
    }

    /** What the wall stands on where rounds lie flat, or where it goes round its own chain. */
    private static function foot(WrittenRows $body, int $lying): ?Edge
    {
        if ($lying > 0 && ! $body->rows[$lying - 1]['isRound']) {
            return null;
        }
        $last = $body->rows[max(0, $lying - 1)];
        $many = $lying > 0 ? $last['leaves'] : $body->rows[0]['on'][0][1];
        $kind = $lying > 0 ? EdgeKind::Tops : $body->rows[0]['on'][0][0];
        $middle = round($many / 2) / 2;

        return new Edge(
            $kind,
            $many,
            [$middle, $middle + $many / 2],
            $lying > 0 ? $last['fabric'] : null,
        );
    }

    /**
     * A round that was picked up around rows: the front is what lies along the last of them.
     *
     * @param non-empty-list<array{EdgeKind, int}> $on
     */
    private static function around(int $leaves, array $on, Motif $fabric): Edge
    {
        return Edge::around($leaves, count($on) > 1 ? $on[0][1] / 2 : round($leaves / 2) / 2, $fabric);
    }

    /**
     * @param non-empty-list<array{EdgeKind, int}> $on
     *
     * @return non-empty-list<Edge>
     */
    private static function edges(array $on, ?Motif $fabric): array
    {
        return array_map(
            fn(array $one): Edge => new Edge(
                $one[0],
                $one[1],
                fabric: $one[0] === EdgeKind::Tops ? $fabric : null,
            ),
            $on,
        );
    }

    private function start(WrittenRows $body, int $lying, Gauge $gauge): Start
    {
        $half = ($body->chain - (int) ($lying > 0)) * $gauge->widthOf($body->rows[0]['fabric'])->mm / 2;

        return new Start(
            $body->chain,
            $body->turning,
            match (true) {
                $body->isRing => new Circle(0.0),
                $body->rows[0]['isRound'] => new Polyline([[-$half, 0.0], [$half, 0.0]], 0.0),
                default => null,
            },
            leads: $body->leads,
        );
    }

    /** What the lying rounds, or rows, cover; null where nothing lies. */
    private function outline(WrittenRows $body, int $lying, Gauge $gauge): ?Outline
    {
        if ($lying === 0) {
            return null;
        }
        $last = $body->rows[$lying - 1] ?? throw new \LogicException('Something lies.');
        if (! $last['isRound']) {
            $wide = max(0.0, ...array_map(
                fn(array $row): float => $row['leaves'] * $gauge->widthOf($row['fabric'])->mm,
                array_slice($body->rows, 0, $lying),
            ));

            return new Rectangle($wide, $body->high(0, $lying, $gauge));
        }

        return $this->outlineOf($body, $lying - 1, $body->high(0, $lying, $gauge), $gauge);
    }

    /** Of rounds up to one, so high in all. */
    private function outlineOf(WrittenRows $body, int $nth, float $high, Gauge $gauge): Outline
    {
        return match (true) {
            ! $body->isRing => new Stadium(($body->chain - 1) * $gauge->widthOf($body->rows[0]['fabric'])->mm, $high),
            $body->hasFourCorners($nth) => new Rectangle(2 * $high, 2 * $high),
            default => new Circle($high),
        };
    }

    /** @return array<int, Path> where the tops of what lies flat stand, by its place */
    private function paths(WrittenRows $body, int $lying, Gauge $gauge): array
    {
        $paths = [];
        $all = $body->high(0, $lying, $gauge);
        for ($nth = 0; $nth < $lying; $nth++) {
            $row = $body->rows[$nth];
            $middle = $body->high(0, $nth, $gauge) + $gauge->heightOf($row['fabric'])->mm / 2;
            if (! $row['isRound']) {
                $half = $row['leaves'] * $gauge->widthOf($row['fabric'])->mm / 2;
                $y = $all / 2 - $middle;
                $right = ($lying - $nth) % 2 === 1;
                $paths[] = new Polyline($right ? [[-$half, $y], [$half, $y]] : [[$half, $y], [-$half, $y]], 0.0);

                continue;
            }
            $outline = $this->outlineOf($body, $nth, $middle, $gauge);
            // An oval's rounds begin at its end.
            $from = $outline instanceof Stadium ? -M_PI * $middle / 2 / max(1e-9, $outline->perimeter()) : 0.0;
            $paths[] = new Around($outline, $from);
        }

        return $paths;
    }

    /** @return list<Remark> */
    private function remarks(WrittenRows $body, int $lying, Gauge $gauge): array
    {
        $flatness = [];
        $excess = 0.0;
        for ($nth = 1; $nth < $lying && $body->rows[0]['isRound']; $nth++) {
            $row = $body->rows[$nth];
            $added = $row['leaves'] - $body->rows[$nth - 1]['leaves'];
            $flat = $gauge->flatGrowth($row['fabric']);
            $excess += $added - $flat;
            $flatness[] = new Flatness($added, $flat, $excess);
        }

        return [
            ...LieOfRounds::remarks($flatness),
            ...($body->isTold ? [] : [new Remark(
                'not-told',
                Tone::Better,
                0,
                'The text does not say what {row} stands on.',
                'A chain of {n} is taken for it, closed to a ring.',
                ['n' => $body->chain],
            )]),
        ];
    }

    /**
     * @param list<WrittenRows> $others
     *
     * @return list<Piece>
     */
    private function apart(array $others, Gauge $gauge): array
    {
        return array_map(
            fn(WrittenRows $one, int $nth): Piece => $this->piece($one, $nth + 1, count($others), $gauge),
            $others,
            array_keys($others),
        );
    }

    private function piece(WrittenRows $of, int $nth, int $many, Gauge $gauge): Piece
    {
        $rows = $flat = [];
        foreach ($of->rows as $place => $row) {
            $wide = $gauge->widthOf($row['fabric'])->mm;
            $flat[] = [$row['leaves'] * $wide, $gauge->heightOf($row['fabric'])->mm, $row['on'][0][1] * $wide];
            $rows[] = new Row(
                Part::Piece,
                $row['fabric'],
                $row['does'],
                self::edges($row['on'], $place === 0 ? null : $of->rows[$place - 1]['fabric']),
                false,
                kind: $row['isRound'] ? RowKind::Round : RowKind::Row,
            );
        }

        return new Piece(
            new Start($of->chain, $of->turning, leads: $of->leads),
            $rows,
            'part',
            $many === 1 ? 0 : $nth,
            Flat::stacked($flat),
        );
    }

    /** @param non-empty-list<WrittenRows> $pieces of rows alone, as they lie side by side */
    private function flat(array $pieces, Ground $ground): Made
    {
        $made = $faces = [];
        $x = $high = 0.0;
        foreach ($pieces as $nth => $one) {
            $made[] = $piece = $this->piece($one, $nth + 1, count($pieces), $ground->gauge);
            $flat = $piece->flat ?? throw new \LogicException('A piece lies flat.');
            [$left] = $flat->box();
            $faces[] = new Face(array_map(
                fn(array $at): array => [$x + $at[0] - $left, -$at[1], 0.0],
                $flat->outline,
            ), 'part');
            $x += $flat->width() + self::APART;
            $high = max($high, $flat->height());
        }

        return new Made(
            [],
            new Edge(EdgeKind::Some, 1),
            assembly: new Assembly(
                $made,
                [],
                [new AssemblyStep(new Saying('The pieces as they lie'), $faces)],
                Length::mm($x - self::APART),
                Length::mm(0),
                Length::mm($high),
                0.0,
            ),
        );
    }
}
