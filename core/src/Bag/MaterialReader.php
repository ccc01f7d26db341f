<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Material\Form;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Material\Property;
use Fescue\Core\Material\WeightClass;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;

/** Reads a strand: `material`, and each of `others`. */
final class MaterialReader
{
    private const MOST_WASTE = 20.0;

    private const MOST_GRAMS = 100_000;

    /** Null where something was wrong, which is noted. */
    public static function read(Fields $material): ?Material
    {
        $kind = $material->choice('kind', Kind::strands());
        $make = $kind !== null && $kind->makes() !== [] && $material->has('make')
            ? $material->choice('make', $kind->makes())
            : null;
        $fibre = $kind !== null && $material->has('fibre') ? $material->choice('fibre', $kind->fibres()) : null;
        $diameter = self::diameter($material);
        $density = $material->quantity('density', fn(string $text): LinearDensity => LinearDensity::parse($text));
        if ($density !== null && ! Material::isStrand($density)) {
            $material->refuse(
                'density',
                new Saying(
                    'A strand weighs from {lightest} to {heaviest} g/m; {density} is outside. Is the unit right?',
                    [
                        'lightest' => Material::LIGHTEST,
                        'heaviest' => Material::HEAVIEST,
                        'density' => $density->exact(),
                    ],
                ),
            );
        }
        $onHand = $material->has('on_hand') ? $material->quantity(
            'on_hand',
            fn(string $text): Mass => Mass::parse($text),
        ) : null;
        if ($onHand !== null && $onHand->grams > self::MOST_GRAMS) {
            $material->refuse('on_hand', new Saying('More than 100 kg on hand? Check the unit.'));
        }
        $unit = $material->has('unit') ? self::unit($material, $density) : null;
        $waste = $material->has('waste') ? $material->number(
            'waste',
            0,
            self::MOST_WASTE,
            'the waste of cutting a gram of strand, in grams',
        ) : null;
        // What was cut was joined when it was wound.
        $joined = $material->has('joined') ? $material->yes('joined') : $waste !== null;
        $class = $kind !== null && $kind->has(Property::WeightClass) && $material->has('weight_class')
            ? $material->choice('weight_class', WeightClass::cases())
            : null;
        $material->close();

        return $kind === null || $diameter === null || $density === null ? null : new Material(
            $kind,
            $diameter,
            $density,
            $onHand,
            $make,
            $fibre,
            $unit,
            $waste ?? 0.0,
            $joined,
            $class,
        );
    }

    public static function diameter(Fields $material): ?Length
    {
        return $material->length(
            'diameter',
            Length::mm(Form::THINNEST),
            Length::mm(Form::THICKEST),
            'A strand’s diameter',
        );
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

                return $density?->massOf($length) ?? throw new NotUnderstood(
                    new Saying('Its length says nothing while its density is not understood.'),
                );
            }
        });
        if ($unit !== null && ($unit->grams < 1 || $unit->grams > self::MOST_GRAMS)) {
            $material->refuse(
                'unit',
                new Saying(
                    'One ball weighs from 1 g to 100 kg; {unit} is outside. Is the unit right?',
                    ['unit' => $unit->exact()],
                ),
            );
        }

        return $unit;
    }
}
