<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Bags of every way, as written, of own fabrics, with every finish and number of strands, recorded on 1 December 2026:
 * what was drawn and told of them then, figure by figure, is told always. `php core/tests/Bag/before/record.php` writes
 * it anew where a figure was to change.
 */
final class AsToldTest extends TestCase
{
    private const A_DAY = 20;

    public function testSomeOfThem(): void
    {
        Draw::sow(512);
        $bags = Recorded::told();
        shuffle($bags);
        array_map($this->isToldAlike(...), array_slice($bags, 0, self::A_DAY));
    }

    #[Group('slow')]
    public function testAllOfThem(): void
    {
        array_map($this->isToldAlike(...), Recorded::told());
    }

    /** @param array<string, mixed> $kept */
    private function isToldAlike(array $kept): void
    {
        $told = Figures::of(self::plan($kept['document']));
        $said = json_encode($kept['document'], JSON_THROW_ON_ERROR);
        self::assertSame(array_keys($kept['figures']), array_keys($told), $said);
        foreach ($kept['figures'] as $where => $figures) {
            // A sum of some thousand figures, printed to four places.
            $off = 0.001 + 1e-7 * abs((float) $figures[2]);
            self::assertEqualsWithDelta($figures, $told[$where], $off, "{$where} of {$said}");
        }
    }

    /** @param array<string, mixed> $document */
    private static function plan(array $document): BagPlan
    {
        return Planner::plan(BagDocument::read($document));
    }
}
