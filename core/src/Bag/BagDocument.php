<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Rows;
use Fescue\Core\Document\Fields;
use Fescue\Core\Document\Json;
use Fescue\Core\Document\Refused;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\School;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Wish;

/** Reads `fescue-bag/1` (docs/formats/fescue-bag-1.schema.json): every problem at once, each with its path. */
final class BagDocument
{
    public const FORMAT = 'fescue-bag/1';

    private const UNNAMED = 'A bag';

    public const APART = 'apart';

    public const COUNTS = 'counts';

    /** Stitches a round. From memory. */
    private const MOST_LEAN = 2.0;

    /** The tape over the gauge. From memory. */
    private const LEAST_TAPED = 0.5;

    private const MOST_TAPED = 2.0;

    private const LONGEST_NAME = 120;

    private const LONGEST_SIDE_CM = 200.0;

    private const LEAST_OFF = 0.01;

    private const MOST_OFF = 0.5;

    /** @throws Refused */
    public static function fromJson(string $json): BagSpec
    {
        return self::read(Json::decode($json));
    }

    /** @throws Refused */
    public static function read(mixed $document, LearnedCache $teaching = new LearnedCache()): BagSpec
    {
        $top = Fields::top(self::asWorked($document), self::FORMAT, 'a bag');
        // A bag of pieces is planned of its strand alone, by a guess.
        $pieces = $top->has('build');
        $name = $pieces && ! $top->has('name') ? self::UNNAMED : $top->text('name', self::LONGEST_NAME);
        $wish = self::wish($top->object('size'));
        $material = MaterialReader::read($top->object('material'));
        $hook = $pieces && ! $top->has('hook') && $material !== null
            ? Guessed::hook($material->kind, $material->diameter)
            : $top->quantity('hook', fn(string $text): HookSize => HookSize::parse($text));
        $swatch = $top->has('swatches') || ($pieces && ! $top->has('gauge'))
            ? null
            : GaugeReader::swatch($top->object('gauge'), true);
        $school = self::school($top);
        $parts = PartsReader::read($top);
        $of = [$top->raw('swatches'), $top->raw('worked')];
        $taught = $top->has('gauge') ? null : $teaching->known($of);
        $trials = $taught === null && $top->has('swatches') ? HandReader::trials($top) : [];
        $worked = $taught === null ? HandReader::worked($top) : [];
        $also = GaugeReader::also($top, $swatch);
        $proportions = GaugeReader::proportions($top, $swatch);
        $weighIns = RowsReader::weighIns($top);
        $others = RowsReader::others($top);
        $changes = RowsReader::changes($top, count($others));
        $finish = Finishes::read($top);
        $taped = self::taped($top);
        $stretch = $top->has('stretch') ? $top->number('stretch', 0, 1, 'how far straps give, as a share') : null;
        $differs = $top->has('differs')
            ? $top->number(
                'differs',
                self::LEAST_OFF,
                self::MOST_OFF,
                'how far bags are off their swatches, as a share',
            )
            : null;
        $top->settle();
        if ($name === null || $material === null || $hook === null || $school === null || $parts === []) {
            throw new \LogicException('A reader returned nothing and noted no problem.');
        }
        $choices = new Choices($name, $wish, $school, $parts, $changes, $finish);
        $hands = $swatch === null
            ? self::learned(
                $taught ?? $teaching->keep(LearnedGauge::by($of, $trials, $worked)),
                $hook,
                $material,
                $choices->motif(),
            )
            : new HandGauge($hook, $swatch, null, $also, $proportions);

        return new BagSpec($choices, new Facts(
            new Strands($material, array_values(array_filter($others))),
            $hands->taped(...$taped),
            $weighIns,
            $stretch,
            $differs,
        ));
    }

    /** Of a file that was worked when the tops of rows were the front whatever their length, they still are. */
    private static function asWorked(mixed $document): mixed
    {
        $base = is_array($document) ? $document['base'] ?? null : null;
        if (is_array($document) && is_array($base) && ($base['type'] ?? null) === Rows::key()) {
            $worked = ($document['weigh_ins'] ?? []) !== [];
            $document['base'] = $base + ($worked ? ['front' => Rows::TOPS] : []);
        }

        return $document;
    }

    /** No reading: what a hand that was taught so is expected to make. */
    private static function learned(LearnedGauge $taught, HookSize $hook, Material $material, Motif $motif): HandGauge
    {
        return HandGauge::predicted(
            $hook,
            $taught->hand->predictBag($hook, $material, $motif),
            $material,
            $taught->doubts,
        );
    }

    private static function school(Fields $top): ?School
    {
        $working = $top->has('build') && ! $top->has('working')
            ? Working::Spiral
            : $top->choice('working', Working::cases());
        $chain = $top->has('starting_chain') ? $top->word('starting_chain', [self::APART, self::COUNTS]) : null;
        $lean = $top->has('lean') ? $top->signed('lean', self::MOST_LEAN, 'The lean of the start of rounds') : null;

        return $working === null ? null : new School($working, $chain === self::COUNTS, $lean ?? 0.0);
    }

    /** @return array{float, float} by how many times the work is wider and higher than its gauge says */
    private static function taped(Fields $top): array
    {
        if (! $top->has('tape')) {
            return [1.0, 1.0];
        }
        $tape = $top->object('tape');
        $by = array_map(fn(string $side): float => $tape->has($side)
            ? max(
                self::LEAST_TAPED,
                $tape->number($side, self::LEAST_TAPED, self::MOST_TAPED, 'the tape over the gauge') ?? 1.0,
            )
            : 1.0, ['width', 'height']);
        $tape->close();

        return [$by[0], $by[1]];
    }

    private static function wish(Fields $size): Wish
    {
        $least = Length::of(1, LengthUnit::Centimetre);
        $most = Length::of(self::LONGEST_SIDE_CM, LengthUnit::Centimetre);
        $wish = new Wish(
            $size->length('length', $least, $most, 'A length', optional: true),
            $size->length('width', $least, $most, 'A width', optional: true),
            $size->length('height', $least, $most, 'A height', optional: true),
        );
        $size->close();

        return $wish;
    }
}
