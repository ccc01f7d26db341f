<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Rest;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

final class RestTest extends TestCase
{
    public function testItIsSurelyEnoughForWhatIsNamedAndMoreRestNamesMore(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote()));
        $before = [];
        foreach ([0, 60, 150, 300, 1000] as $grams) {
            $rest = Rest::of($plan, $grams);
            foreach ($rest as $one) {
                self::assertLessThanOrEqual($grams, $one->estimate->grams->at(MaterialEstimate::SURE));
                self::assertSame(['/base', '/body'], array_map(fn($part): string => $part->path, $one->plan->parts));
            }
            $names = array_map(fn(Rest $one): string => $one->thing, $rest);
            self::assertSame([], array_diff($before, $names));
            $before = $names;
        }
        self::assertSame([], Rest::of($plan, 0));
        self::assertCount(5, $before);
    }

    public function testACoarseGaugeMakesNoSmallThings(): void
    {
        $plan = Planner::plan(
            BagDocument::read(
                Documents::tote(
                    [
                        'gauge' => [
                            'stitch' => 'sc',
                            'stitches' => 2,
                            'width' => '9 cm',
                            'rows' => 2,
                            'height' => '9 cm',
                        ],
                    ],
                ),
            ),
        );
        self::assertNotContains('key purse', array_map(fn(Rest $one): string => $one->thing, Rest::of($plan, 1e6)));
    }
}
