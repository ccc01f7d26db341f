<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Row;
use PHPUnit\Framework\TestCase;

/**
 * Five hundred bags of every way, recorded on 30 November 2026: what a file was planned to then it is planned to
 * always. Each line of the recording is a document, its rows (name, takes, leaves), mm of its size, and its grams with
 * their spread.
 */
final class AsBeforeTest extends TestCase
{
    public function testWhatWasPlannedBeforeIsPlannedAlike(): void
    {
        $bags = Recorded::bags();
        self::assertCount(500, $bags);
        foreach ($bags as $nth => $kept) {
            foreach ($kept['document']['finish'] ?? [] as $place => $finish) {
                // Tassels had 50 wraps then, whatever the strand.
                if ($finish['type'] === 'tassels') {
                    $kept['document']['finish'][$place] += ['wraps' => 50];
                }
            }
            $plan = Planner::plan(BagDocument::read($kept['document']));
            $out = $plan->comesOut;
            $grams = MaterialEstimate::of($plan)->grams;
            self::assertSame($kept['rows'], implode('; ', array_map(
                fn(Row $row): string => "{$row->name} {$row->count->takes} {$row->count->leaves}",
                $plan->work->rows,
            )), "Line {$nth}: ".json_encode($kept['document']));
            self::assertEqualsWithDelta(
                $kept['size'],
                [$out->baseLength->mm, $out->baseWidth->mm, $out->flatWidth->mm, $out->height->mm],
                0.01,
                "Line {$nth}",
            );
            // A round that begins with the lower of its stitches is lifted lower since: two chains a round.
            $isLower = preg_match('/"stitch":"(?:fans|two-in-one)"/', (string) json_encode($kept['document'])) === 1;
            // A border of high stitches is lifted to their height since: two chains and more on either panel.
            $isLifted = preg_match('/"border":"(?!sc\b)/', (string) json_encode($kept['document'])) === 1;
            $off = 0.01 + ($isLower || $isLifted ? 0.03 * $grams->likely : 0.0);
            self::assertEqualsWithDelta($kept['grams'][0], $grams->likely, $off, "Line {$nth}");
            self::assertLessThan($kept['grams'][0] + ($isLifted ? $off : 0.01), $grams->likely, "Line {$nth}");
            self::assertEqualsWithDelta($kept['grams'][1], $grams->relative, 0.01, "Line {$nth}");
        }
    }
}
