<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\RunDown;
use Fescue\Core\Estimate\Foretold;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Tests\Bag\Ways;
use Illuminate\Foundation\Testing\TestCase;

/** The strand running down is what the estimate says of it, row by row. */
final class RunDownTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function drawn(array $changes): array
    {
        $plan = Ways::plan($changes + ['body/rounds' => 20]);
        $estimate = MaterialEstimate::of($plan);

        return [$plan, $estimate, RunDown::of($plan, Foretold::of($plan, $estimate)[0])];
    }

    public function testWhereItEndsIsWhereTheEstimateSays(): void
    {
        [$plan, $estimate] = self::drawn([]);
        $needs = $estimate->grams->likely;
        [, , $enough] = self::drawn(['material/on_hand' => round(2 * $needs).' g']);
        self::assertNotNull($enough);
        self::assertNull($enough->ends);
        [$plan, $estimate, $short] = self::drawn(['material/on_hand' => round(0.6 * $needs).' g']);
        $out = $estimate->runsOut();
        self::assertNotNull($out);
        self::assertNotNull($short);
        $row = fn(?RowId $of): int => $of === null ? count($plan->work->rows) : 1 + (int) $plan->work->place($of);
        self::assertSame([$row($out->earliest), $row($out->latest)], $short->ends);
        [$first, $last] = $short->ends;
        self::assertLessThanOrEqual($row($out->row), $first);
        self::assertGreaterThanOrEqual($row($out->row), $last);
        $svg = $short->svg(4, 'Cord');
        self::assertStringContainsString("runs out in rows {$first} to {$last}", $svg);
        self::assertStringContainsString('you are here', $svg);
        self::assertNotFalse(simplexml_load_string($svg));
        self::assertStringNotContainsString('you are here', $short->svg(0, 'Cord'));
    }

    /** What was weighed is a ring where it was weighed; from the last on it is foretold. */
    public function testWhatWasWeighedIsMarked(): void
    {
        [, , $run] = self::drawn([
            'material/on_hand' => '900 g', 'weigh_ins' => [['after' => 'Round 4', 'left' => '790 g'], ['after' => 'Round 9', 'left' => '610 g']],
        ]);
        $svg = simplexml_load_string((string) $run?->svg(9, 'Cord'));
        self::assertNotFalse($svg);
        self::assertCount(3, $svg->circle);
        $height = fn(int $nth): float => (float) $svg->circle[$nth]['cy'];
        // Down by 110 and by 180 g, on one scale.
        self::assertEqualsWithDelta(110 / 180, ($height(1) - $height(0)) / ($height(2) - $height(1)), 0.02);
        foreach (['900 g', '790 g', '610 g'] as $grams) {
            self::assertStringContainsString(">{$grams}<", (string) $svg->asXML());
        }
    }

    public function testOfABallThatWasNotWeighedNothingIsDrawn(): void
    {
        self::assertNull(self::drawn(['material/on_hand' => null])[2]);
    }
}
