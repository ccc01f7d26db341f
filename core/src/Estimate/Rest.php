<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\Choices;
use Fescue\Core\Bag\Chosen;
use Fescue\Core\Bag\Facts;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\Strands;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Wish;

/** A small thing that the rest of a material would do for, of the same gauge. */
final readonly class Rest
{
    /** What is made of rests: length, width and height, mm. Common practice, no source. */
    private const THINGS = [
        'basket' => [240, 140, 120],
        'belt bag' => [200, 70, 130],
        'tray' => [200, 100, 60],
        'pouch' => [150, 50, 100],
        'key purse' => [90, 35, 70],
    ];

    private function __construct(public string $thing, public BagPlan $plan, public MaterialEstimate $estimate) {}

    /**
     * The largest first.
     *
     * @param float $grams that are surely left
     *
     * @return list<self> those it is enough for, nine times in ten
     */
    public static function of(BagPlan $plan, float $grams): array
    {
        $spec = $plan->spec;
        $parts = self::plain($spec);
        $found = [];
        foreach (self::THINGS as $thing => [$length, $width, $height]) {
            try {
                $small = Planner::plan(
                    new BagSpec(
                        new Choices(
                            $thing,
                            new Wish(Length::mm($length), Length::mm($width), Length::mm($height)),
                            $spec->choices->school,
                            $parts,
                        ),
                        new Facts(new Strands($spec->facts->strands->own), $spec->facts->hands),
                    ),
                );
            } catch (Refused) {
                // Too coarse a gauge for so small a thing.
                continue;
            }
            $estimate = MaterialEstimate::of($small);
            if ($estimate->grams->at(MaterialEstimate::SURE) <= $grams) {
                $found[] = new self($thing, $small, $estimate);
            }
        }

        return $found;
    }

    /**
     * Its base and the first of its wall, all that follows the size open.
     *
     * @return non-empty-list<Chosen>
     */
    private static function plain(BagSpec $spec): array
    {
        $kept = array_values(
            array_filter(
                $spec->choices->opened()->parts,
                fn(Chosen $part): bool => in_array($part->path, ['/base', '/body'], true),
            ),
        );
        $parts = [];
        foreach ($kept as $part) {
            $open = array_column(Setting::serving($part->maker->settings()), 'name');
            $parts[] = new Chosen($part->path, $part->maker->with(array_fill_keys($open, null)));
        }

        return $parts === [] ? $spec->choices->parts : $parts;
    }
}
