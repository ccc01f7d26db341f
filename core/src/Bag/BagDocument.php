<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Ends;
use Fescue\Core\Base\Oval;
use Fescue\Core\Document\Fields;
use Fescue\Core\Document\Json;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Proportion;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Gauge\Worked;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Motif;

/** Reads `fescue-bag/1` (docs/formats/fescue-bag-1.schema.json): every problem at once, each with its path. */
final class BagDocument
{
    public const FORMAT = 'fescue-bag/1';

    public const LONGEST_NAME = 120;

    public const MOST_CHAIN = 400;

    public const MOST_BASE_ROUNDS = 40;

    public const MOST_BODY_ROUNDS = 400;

    public const MOST_BANDS = 6;

    public const MOST_OTHERS = 8;

    public const MOST_CHANGES = 60;

    public const MOST_WASTE = 20.0;

    public const MOST_TIMES = 20.0;

    public const MOST_EDGE_ROUNDS = 20;

    /** Of a swatch's measures, as a share: what is less sure measures nothing. */
    public const MOST_SPREAD = 0.5;

    public const MOST_SWATCHES = 400;

    public const MOST_WEIGH_INS = 60;

    /** @throws Refused */
    public static function fromJson(string $json): BagSpec
    {
        return self::read(Json::decode($json));
    }

    /** @throws Refused */
    public static function read(mixed $document): BagSpec
    {
        $top = Fields::top($document, self::FORMAT, 'bag');
        $spec = [
            $top->text('name', self::LONGEST_NAME),
            self::wish($top->object('size')),
            self::material($top->object('material')),
            $top->quantity('hook', fn(string $text): HookSize => HookSize::parse($text)),
            $top->has('swatches') ? null : self::swatch($top->object('gauge'), true),
            $top->choice('working', Working::cases()),
            self::base($top->object('base')),
            self::body($top->object('body')),
            $top->has('handles') ? self::slots($top->object('handles')) : null,
        ];
        $trials = $top->has('swatches') ? self::trials($top) : [];
        $worked = self::worked($top);
        $also = self::also($top, $spec[4]);
        $proportions = self::proportions($top, $spec[4]);
        $weighIns = self::weighIns($top);
        $others = self::others($top);
        $changes = self::changes($top, count($others));
        $top->settle();
        [$name, $wish, $material, $hook, $swatch, $working, $base, $body, $slots] = $spec;
        if ($name === null || $material === null || $hook === null || $working === null || $base === null || $body === null) {
            throw new \LogicException('A reader returned nothing and noted no problem.');
        }
        $predicted = null;
        if ($trials !== []) {
            $predicted = LearnedHand::of($trials, $worked)->predictBag($hook, $material, $body->motif());
            $swatch = self::expected($predicted, $material);
        }
        if ($swatch === null) {
            throw new \LogicException('A reader returned nothing and noted no problem.');
        }

        return new BagSpec($name, $wish, $material, $hook, $swatch, $working, $base, $body, $slots, $predicted, $weighIns, array_values(array_filter($others)), $changes, $also, $proportions, LearnedHand::doubts($trials));
    }

    private static function wish(Fields $size): Wish
    {
        $least = Length::of(1, LengthUnit::Centimetre);
        $most = Length::of(200, LengthUnit::Centimetre);
        $wish = new Wish(
            $size->length('length', $least, $most, 'A length', optional: true),
            $size->length('width', $least, $most, 'A width', optional: true),
            $size->length('height', $least, $most, 'A height', optional: true),
        );
        $size->close();

        return $wish;
    }

    private static function material(Fields $material): ?Material
    {
        $kind = $material->choice('kind', Kind::strands());
        $make = $kind !== null && $kind->makes() !== [] && $material->has('make') ? $material->choice('make', $kind->makes()) : null;
        $fibre = $kind !== null && $material->has('fibre') ? $material->choice('fibre', $kind->fibres()) : null;
        $diameter = $material->length('diameter', Length::mm(0.5), Length::mm(30), 'A strand’s diameter');
        $density = $material->quantity('density', fn(string $text): LinearDensity => LinearDensity::parse($text));
        if ($density !== null && ! Material::isStrand($density)) {
            $material->refuse('density', 'A strand weighs from '.Material::LIGHTEST.' to '.Material::HEAVIEST." g/m; {$density->exact()} is outside. Is the unit right?");
        }
        $onHand = $material->has('on_hand') ? $material->quantity('on_hand', fn(string $text): Mass => Mass::parse($text)) : null;
        if ($onHand !== null && $onHand->grams > 100_000) {
            $material->refuse('on_hand', 'More than 100 kg on hand? Check the unit.');
        }
        $unit = $material->has('unit') ? self::unit($material, $density) : null;
        $waste = $material->has('waste') ? $material->number('waste', 0, self::MOST_WASTE, 'the waste of cutting a gram of strand, in grams,') : null;
        // What was cut was joined when it was wound.
        $joined = $material->has('joined') ? $material->yes('joined') : $waste !== null && $waste > 0;
        $material->close();

        return $kind === null || $diameter === null || $density === null ? null : new Material($kind, $diameter, $density, $onHand, $make, $fibre, $unit, $waste ?? 0.0, $joined);
    }

    /** @param bool $own whether it is this bag's own, which may have come out of what is on hand */
    private static function swatch(Fields $gauge, bool $own = false): ?Swatch
    {
        $motif = $gauge->choice('stitch', Motif::cases());
        $stitches = $gauge->number('stitches', 0, 1000, 'the stitches counted');
        $width = $gauge->length('width', Length::mm(5), Length::mm(3000), 'A swatch’s width');
        $rows = $gauge->number('rows', 0, 1000, 'the rows counted');
        $height = $gauge->length('height', Length::mm(5), Length::mm(3000), 'A swatch’s height');
        $mass = $gauge->has('mass') ? $gauge->quantity('mass', fn(string $text): Mass => Mass::parse($text)) : null;
        if ($mass !== null && $mass->grams <= 0) {
            $gauge->refuse('mass', 'A swatch weighs something; leave the mass out if you have not weighed it.');
        }
        $fromOnHand = $own && $gauge->yes('from_on_hand');
        [$widthSpread, $heightSpread] = array_map(fn(string $side): float => $gauge->has("{$side}_spread") ? $gauge->number("{$side}_spread", 0, self::MOST_SPREAD, "how far the {$side} may be off, as a share,") ?? 0.0 : 0.0, ['width', 'height']);
        $gauge->close();
        if ($motif === null || $stitches === null || $width === null || $rows === null || $height === null) {
            return null;
        }
        $swatch = new Swatch($motif, $stitches, $width, $rows, $height, $mass, $fromOnHand, $widthSpread, $heightSpread);
        $doubt = $swatch->doubt();
        if ($doubt !== null) {
            $gauge->refuse($doubt->field, $doubt->message);
        }

        return $swatch;
    }

    /** @return list<Swatch> of the same hook and material, in other stitches */
    private static function also(Fields $top, ?Swatch $own): array
    {
        if ($top->has('also') && ! $top->has('gauge')) {
            $top->refuse('also', 'Swatches of other stitches stand beside a gauge.');
        }
        $also = [];
        $taken = $own === null ? [] : [$own->motif->value => true];
        foreach ($top->objects('also', count(Motif::cases()) - 1) as $one) {
            $swatch = self::swatch($one);
            if ($swatch !== null && isset($taken[$swatch->motif->value])) {
                $one->refuse('stitch', 'One swatch a stitch: this one is measured already.');
            } elseif ($swatch !== null) {
                $taken[$swatch->motif->value] = true;
                $also[] = $swatch;
            }
        }

        return $also;
    }

    /** @return list<Proportion> what the hand is known to make of other stitches than its gauge is of */
    private static function proportions(Fields $top, ?Swatch $own): array
    {
        if ($top->has('proportions') && ! $top->has('gauge')) {
            $top->refuse('proportions', 'Proportions of other stitches stand beside a gauge; swatches bring their own.');
        }
        $proportions = [];
        $taken = $own === null ? [] : [$own->motif->value => true];
        foreach ($top->objects('proportions', count(Motif::cases()) - 1) as $one) {
            $motif = $one->choice('stitch', Motif::cases());
            $width = self::times($one->object('width'), 'wide');
            $height = self::times($one->object('height'), 'high');
            $strand = self::times($one->object('strand'), 'long');
            $one->close();
            if ($motif === null || $width === null || $height === null || $strand === null) {
                continue;
            }
            if (isset($taken[$motif->value])) {
                $one->refuse('stitch', 'One proportion a stitch, and none of the gauge’s own.');

                continue;
            }
            $taken[$motif->value] = true;
            $proportions[] = new Proportion($motif, $width, $height, $strand);
        }

        return $proportions;
    }

    private static function times(Fields $spread, string $way): ?Spread
    {
        $likely = $spread->number('likely', 0, self::MOST_TIMES, "how many times as {$way} it is");
        $relative = $spread->number('spread', 0, 1, 'how far that may be off, as a share,');
        $spread->close();

        return $likely === null || $relative === null ? null : new Spread($likely, $relative);
    }

    /** @return list<Trial> */
    private static function trials(Fields $top): array
    {
        if ($top->has('gauge')) {
            $top->refuse('swatches', 'Give one gauge or several swatches, not both.');
        }
        $trials = [];
        $given = $top->objects('swatches', self::MOST_SWATCHES);
        if ($given === []) {
            $top->refuse('swatches', 'Give at least one swatch, or a gauge in their place.');
        }
        foreach ($given as $one) {
            $hook = $one->quantity('hook', fn(string $text): HookSize => HookSize::parse($text));
            $of = $one->object('material');
            $kind = $of->choice('kind', Kind::strands());
            $diameter = $of->length('diameter', Length::mm(0.5), Length::mm(30), 'A strand’s diameter');
            $density = $of->has('density') ? $of->quantity('density', fn(string $text): LinearDensity => LinearDensity::parse($text)) : null;
            foreach (['make', 'fibre', 'on_hand', 'unit', 'waste', 'joined'] as $aside) {
                $of->has($aside);
            }
            $of->close();
            $blocked = $one->yes('blocked');
            $swatch = self::swatch($one);
            if ($hook !== null && $kind !== null && $diameter !== null && $swatch !== null) {
                $trials[] = new Trial($swatch, $hook, $kind, $diameter, $density, $blocked);
            }
        }

        return $trials;
    }

    /** @return list<Worked> what bags taught beside the swatches */
    private static function worked(Fields $top): array
    {
        if ($top->has('worked') && ! $top->has('swatches')) {
            $top->refuse('worked', 'What bags took teaches beside swatches; a gauge of its own needs no teaching.');
        }
        $worked = [];
        foreach ($top->objects('worked', self::MOST_SWATCHES) as $one) {
            $motif = $one->choice('stitch', Motif::cases());
            $hook = $one->quantity('hook', fn(string $text): HookSize => HookSize::parse($text));
            $of = $one->object('material');
            $kind = $of->choice('kind', Kind::strands());
            $diameter = $of->length('diameter', Length::mm(0.5), Length::mm(30), 'A strand’s diameter');
            $of->close();
            $strand = $one->length('strand', Length::mm(1), Length::mm(3000), 'The strand in one stitch');
            $spread = $one->number('spread', 0, 1, 'how far one bag may be off, as a share,');
            $one->close();
            if ($motif !== null && $hook !== null && $kind !== null && $diameter !== null && $strand !== null && $spread !== null) {
                $worked[] = new Worked($motif, $hook, $kind, $diameter, $strand, $spread);
            }
        }

        return $worked;
    }

    /** The swatch a hand is expected to make. */
    public static function expected(Predicted $predicted, Material $material): Swatch
    {
        $side = 10;

        return new Swatch($predicted->motif, $side, $predicted->width()->times($side), $side, $predicted->height()->times($side), Mass::grams($material->density->massOf($predicted->strand())->grams * $side * $side));
    }

    /** @return list<WeighIn> */
    private static function weighIns(Fields $top): array
    {
        $weighIns = [];
        foreach ($top->objects('weigh_ins', self::MOST_WEIGH_INS) as $one) {
            $after = $one->text('after', 40);
            $left = $one->quantity('left', fn(string $text): Mass => Mass::parse($text));
            $one->close();
            if ($after !== null && $left !== null) {
                $weighIns[] = new WeighIn($after, $left);
            }
        }

        return $weighIns;
    }

    /** One ball as it is to be had, by its mass or its length. */
    private static function unit(Fields $material, ?LinearDensity $density): ?Mass
    {
        $unit = $material->quantity('unit', function (string $text) use ($density): Mass {
            try {
                return Mass::parse($text);
            } catch (NotUnderstood $e) {
                try {
                    $length = Length::parse($text);
                } catch (NotUnderstood) {
                    throw $e;
                }

                return $density?->massOf($length) ?? throw new NotUnderstood('Its length says nothing while its density is not understood.');
            }
        });
        if ($unit !== null && ($unit->grams < 1 || $unit->grams > 100_000)) {
            $material->refuse('unit', "One ball weighs from 1 g to 100 kg; {$unit->exact()} is outside. Is the unit right?");
        }

        return $unit;
    }

    private static function base(Fields $base): ?BaseSpec
    {
        $type = $base->choice('type', BaseType::cases());
        $ends = $base->choice('ends', Ends::cases());
        $chain = $base->whole('chain', Oval::FEWEST_CHAINS, self::MOST_CHAIN, 'a starting chain is');
        $rounds = $base->whole('rounds', 1, self::MOST_BASE_ROUNDS, 'base rounds are');
        $base->close();

        return $type === null || $ends === null ? null : new BaseSpec($ends, $chain, $rounds);
    }

    private static function body(Fields $body): ?BodySpec
    {
        $above = $body->objects('above', self::MOST_BANDS - 1);
        $first = self::band($body);
        $bands = [$first, ...array_map(self::band(...), $above)];
        $open = array_keys(array_filter($bands, fn(?BandSpec $band): bool => $band !== null && $band->rounds === null));
        if (count($open) > 1 && $above !== []) {
            $above[max(0, $open[1] - 1)]->refuse('rounds', 'Say how many rounds: one band alone can follow the height.');
        }
        $read = array_values(array_filter($bands));

        return $first === null || $read === [] ? null : new BodySpec($read);
    }

    private static function band(Fields $band): ?BandSpec
    {
        $motif = $band->choice('stitch', Motif::cases());
        $loop = $band->has('loop') ? $band->choice('loop', Loop::cases()) : Loop::Both;
        $rounds = $band->whole('rounds', 1, self::MOST_BODY_ROUNDS, 'body rounds are');
        $band->close();

        return $motif === null || $loop === null ? null : new BandSpec($motif, $loop, $rounds);
    }

    /** @return list<?Material> worked beside the bag's own */
    private static function others(Fields $top): array
    {
        return array_map(self::material(...), $top->objects('others', self::MOST_OTHERS));
    }

    /** @return list<Change> */
    private static function changes(Fields $top, int $others): array
    {
        $changes = [];
        foreach ($top->objects('changes', self::MOST_CHANGES) as $one) {
            $from = $one->text('from', 40);
            $to = $one->whole('to', 0, $others, 'the bag’s own material is 0, its others are', optional: false);
            $one->close();
            if ($from !== null && $to !== null) {
                $changes[] = new Change($from, $to);
            }
        }
        if ($others > 0 && $changes === []) {
            $top->refuse('changes', 'Say from which round another material is worked.');
        }

        return $changes;
    }

    private static function slots(Fields $handles): SlotSpec
    {
        $handles->choice('type', HandleType::cases());
        $slots = new SlotSpec(
            $handles->whole('skip', 1, 400, 'the stitches to skip are'),
            $handles->whole('chain', 1, 800, 'the chain of a slot is'),
            $handles->whole('edge_rounds', 0, self::MOST_EDGE_ROUNDS, 'edge rounds are') ?? 1,
        );
        $handles->close();

        return $slots;
    }
}
