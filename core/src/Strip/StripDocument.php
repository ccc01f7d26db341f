<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Document\Fields;
use Fescue\Core\Document\Json;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Saying;

/** Reads `fescue-strip/1` and writes `fescue-strip-plan/1` (docs/formats). */
final class StripDocument
{
    public const FORMAT = 'fescue-strip/1';

    public const PLAN = 'fescue-strip-plan/1';

    private const LONGEST_MM = 50_000.0;

    /** What cloth or film weighs, g/m². From memory. */
    private const LIGHTEST = 3.0;

    private const HEAVIEST = 3000.0;

    /** @throws Refused with every problem and its path */
    public static function fromJson(string $json): StripSpec
    {
        return self::read(Json::decode($json));
    }

    /** @throws Refused */
    public static function read(mixed $document): StripSpec
    {
        $top = Fields::top($document, self::FORMAT, 'a strip');
        $source = $top->choice('source', Source::cases());
        if ($source === null) {
            throw Refused::at(
                '/source',
                new Saying(
                    'Say what is cut: “{value}”.',
                    ['value' => implode('”, “', array_column(Source::cases(), 'value'))],
                ),
            );
        }
        $side = fn(string $key, string $what, bool $optional = false): ?Length => $top->length(
            $key,
            Length::mm($optional ? 0 : 1),
            Length::mm(self::LONGEST_MM),
            $what,
            $optional,
        );
        $width = $side('flat_width', 'A width');
        $height = $side('height', 'A height');
        $strip = $source === Source::RibbonHalf && ! $top->has('strip') ? null : $side('strip', 'A strip');
        $join = $top->has('join') ? $top->choice('join', JoinMethod::cases()) : null;
        $given = [
            'spine' => $source === Source::Tube ? $side('spine', 'A spine', true) : null,
            'foot' => $source === Source::Tube ? $side('flat_width_end', 'A width', true) : null,
            'fold' => $source->isBag() ? $side('side_fold', 'A side fold', true) : null,
            'hitch' => $source->isBag() ? $side('hitch_loss', 'A hitch’s loss', true) : null,
            'top' => $source === Source::RibbonHalf ? null : $side('trim_top', 'A trim', true),
            'bottom' => $source === Source::RibbonHalf ? null : $side('trim_bottom', 'A trim', true),
            'join' => $source->isBag() ? null : $side('join_loss', 'A join’s loss', true),
        ];
        $school = self::school($top, $source);
        $pull = $top->has('pull') ? $top->number(
            'pull',
            0,
            StripSpec::LONGEST_PULL,
            'the length after the pull over the length before',
        ) : 1.0;
        if ($pull !== null && $pull < 1) {
            $top->refuse('pull', new Saying('A pull makes longer: write 1.25 where 4 m become 5 m, and 1 for none.'));
        }
        $pieces = $top->whole($source->isBag() ? 'bags' : 'pieces', 1, StripSpec::MOST_PIECES, 'pieces') ?? 1;
        $areal = self::areal($top);
        $mass = self::mass($top);
        if (
            $source === Source::RibbonHalf
            && $strip !== null
            && $width !== null
            && $height !== null
            && abs(2 * $strip->mm - min($width->mm, $height->mm)) > 0.5
        ) {
            $top->refuse(
                'strip',
                new Saying(
                    'A ribbon is halved: its strip is {strip}. Write that, or leave it out.',
                    ['strip' => new Figure(
                        Length::mm(min($width->mm, $height->mm) / 2)->exact(LengthUnit::Millimetre),
                    )],
                ),
            );
        }
        $top->settle();
        $strip ??= $source === Source::RibbonHalf ? $height : null;
        if ($width === null || $height === null || $strip === null || $pull === null || $school === null) {
            throw new \LogicException('A reader returned nothing and noted no problem.');
        }
        try {
            $piece = match ($source) {
                Source::Tube => new Tube(
                    $width,
                    $height,
                    $strip,
                    $given['spine'] ?? Length::mm(Tube::SPINE_MM),
                    $given['foot'],
                    $given['top'],
                    $given['bottom'],
                    $join ?? JoinMethod::SewnLap,
                    $given['join'],
                ),
                Source::Panel => new Panel(
                    $width,
                    $height,
                    $strip,
                    $given['top'],
                    $given['bottom'],
                    $join ?? JoinMethod::SewnLap,
                    $given['join'],
                ),
                Source::BagLoops, Source::BagSpiral => new CarrierBag(
                    $width,
                    $height,
                    $strip,
                    $given['fold'],
                    $given['top'],
                    $given['bottom'],
                    $given['hitch'],
                ),
                // A ribbon is longer than it is wide, whichever way it was measured.
                Source::RibbonHalf => Panel::halvedRibbon(
                    Length::mm(max($width->mm, $height->mm)),
                    Length::mm(min($width->mm, $height->mm)),
                    $join ?? JoinMethod::MagicKnot,
                    $given['join'],
                ),
            };
            $refusal = $piece->refusal($school, $pieces);
            if ($refusal !== null) {
                throw $refusal;
            }
        } catch (TooSmall $e) {
            throw Refused::at("/{$e->measure}", $e->said);
        }

        return new StripSpec(
            $source,
            $piece,
            $school,
            $areal ?? ($mass === null ? null : ArealDensity::weighed($mass, $piece->area())),
            $pull,
            $pieces,
        );
    }

    public static function write(StripPlan $plan): string
    {
        return Json::encode([
            'format' => self::PLAN,
            'strips' => $plan->strips,
            'length_m' => ['cut' => self::metres($plan->cut), 'pulled' => self::metres($plan->pulled)],
            'mass_g' => self::grams($plan->mass),
            'density_g_per_m' => self::density($plan->density()),
            'joins' => $plan->joins,
            'waste_g' => self::grams($plan->waste),
            'cuts' => array_map(fn(Cut $cut, int $place): array => [
                'n' => $place + 1,
                'from' => [round($cut->x1, 2), round($cut->y1, 2)],
                'to' => [round($cut->x2, 2), round($cut->y2, 2)],
                'kind' => $cut->kind->value,
            ], $plan->cutting->cuts, array_keys($plan->cutting->cuts)),
        ]);
    }

    private static function school(Fields $top, Source $source): ?CutMethod
    {
        if ($source->isBag()) {
            return $source === Source::BagSpiral ? CutMethod::OneStrand : CutMethod::Joined;
        }

        return $top->has('school') ? $top->choice('school', CutMethod::cases()) : CutMethod::OneStrand;
    }

    private static function areal(Fields $top): ?ArealDensity
    {
        if (! $top->has('areal')) {
            return null;
        }
        $areal = $top->quantity('areal', fn(string $text): ArealDensity => ArealDensity::parse($text));
        if (
            $areal !== null
            && ($areal->gramsPerSquareMetre < self::LIGHTEST || $areal->gramsPerSquareMetre > self::HEAVIEST)
        ) {
            $top->refuse(
                'areal',
                new Saying(
                    'Cloth and film weigh from {lightest} to {heaviest} g/m²; {areal} is outside. Is the unit '
                        .'right?',
                    ['lightest' => self::LIGHTEST, 'heaviest' => self::HEAVIEST, 'areal' => $areal->exact()],
                ),
            );
        }

        return $areal;
    }

    private static function mass(Fields $top): ?Mass
    {
        if (! $top->has('mass')) {
            return null;
        }
        $mass = $top->quantity('mass', fn(string $text): Mass => Mass::parse($text));
        if ($mass !== null && ($mass->grams <= 0 || $mass->grams > 20_000)) {
            $top->refuse('mass', new Saying('One piece weighs above nothing and at most 20 kg. Is the unit right?'));
        }
        if ($mass !== null && $top->has('areal')) {
            $top->refuse('mass', new Saying('Give the weight of the piece or of a square metre, not both.'));
        }

        return $mass;
    }

    private static function metres(Length $length): float
    {
        return round($length->mm / 1000, 3);
    }

    private static function grams(?Mass $mass): ?float
    {
        return $mass === null ? null : round($mass->grams, 2);
    }

    private static function density(?LinearDensity $density): ?float
    {
        return $density === null ? null : round($density->gramsPerMetre, 3);
    }
}
