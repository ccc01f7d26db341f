<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Ends;
use Fescue\Core\Base\Oval;
use Fescue\Core\Document\Fields;
use Fescue\Core\Document\Json;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** Reads `fescue-bag/1` (docs/formats/fescue-bag-1.schema.json): every problem at once, each with its path. */
final class BagDocument
{
    public const FORMAT = 'fescue-bag/1';

    public const LONGEST_NAME = 120;

    public const MOST_CHAIN = 400;

    public const MOST_BASE_ROUNDS = 40;

    public const MOST_BODY_ROUNDS = 400;

    public const MOST_EDGE_ROUNDS = 20;

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
            self::swatch($top->object('gauge')),
            $top->choice('working', Working::cases()),
            self::base($top->object('base')),
            self::body($top->object('body')),
            $top->has('handles') ? self::slots($top->object('handles')) : null,
        ];
        $top->settle();
        [$name, $wish, $material, $hook, $swatch, $working, $base, $body, $slots] = $spec;
        if ($name === null || $material === null || $hook === null || $swatch === null
            || $working === null || $base === null || $body === null) {
            throw new \LogicException('A reader returned nothing and noted no problem.');
        }

        return new BagSpec($name, $wish, $material, $hook, $swatch, $working, $base, $body, $slots);
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
        $material->close();

        return $kind === null || $diameter === null || $density === null ? null : new Material($kind, $diameter, $density, $onHand, $make, $fibre);
    }

    private static function swatch(Fields $gauge): ?Swatch
    {
        $fabric = array_values(array_filter(Stitch::cases(), fn(Stitch $stitch): bool => $stitch->makesFabric()));
        $stitch = $gauge->choice('stitch', $fabric);
        $stitches = $gauge->number('stitches', 0, 1000, 'the stitches counted');
        $width = $gauge->length('width', Length::mm(5), Length::mm(3000), 'A swatch’s width');
        $rows = $gauge->number('rows', 0, 1000, 'the rows counted');
        $height = $gauge->length('height', Length::mm(5), Length::mm(3000), 'A swatch’s height');
        $mass = $gauge->has('mass') ? $gauge->quantity('mass', fn(string $text): Mass => Mass::parse($text)) : null;
        if ($mass !== null && $mass->grams <= 0) {
            $gauge->refuse('mass', 'A swatch weighs something; leave the mass out if you have not weighed it.');
        }
        $gauge->close();
        if ($stitch === null || $stitches === null || $width === null || $rows === null || $height === null) {
            return null;
        }
        $swatch = new Swatch($stitch, $stitches, $width, $rows, $height, $mass);
        $doubt = $swatch->doubt();
        if ($doubt !== null) {
            $gauge->refuse($doubt->field, $doubt->message);
        }

        return $swatch;
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
        $fabric = array_values(array_filter(Stitch::cases(), fn(Stitch $stitch): bool => $stitch->makesFabric()));
        $stitch = $body->choice('stitch', $fabric);
        $loop = $body->has('loop') ? $body->choice('loop', Loop::cases()) : Loop::Both;
        $rounds = $body->whole('rounds', 1, self::MOST_BODY_ROUNDS, 'body rounds are');
        $body->close();

        return $stitch === null || $loop === null ? null : new BodySpec($stitch, $loop, $rounds);
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
