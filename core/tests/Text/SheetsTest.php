<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Text;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Pattern\Row as Planned;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Recorded;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Tests\Sheet\Sheets;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\ProvenRow;
use PHPUnit\Framework\TestCase;

/** What our own sheets say is read back by the reader of patterns to the same rows. */
final class SheetsTest extends TestCase
{
    public function testOurSheetsAreReadBack(): void
    {
        Draw::sow(333);
        $bags = Recorded::documents();
        $rows = $right = $seen = 0;
        $wrong = [];
        foreach ((array) array_rand($bags, 45) as $place => $nth) {
            $plan = Planner::plan(BagDocument::read($bags[$nth]));
            $terms = Terms::cases()[$place % count(Terms::cases())];
            $text = Sheets::of($plan, $terms)->text();
            $checked = Checked::of($text);
            foreach ($checked->rows as $row) {
                $rows++;
                $right += $row->isRight() ? 1 : 0;
            }
            $planned = $plan->work->rows;
            // Sections of a sheet may number anew: where they do not, row stands for row.
            $names = array_map(fn(ProvenRow $row): string => $row->line->name, $checked->rows);
            if ($checked->problems === [] && $names === array_map(fn(Planned $row): string => $row->name, $planned)) {
                $seen++;
                foreach ($checked->rows as $at => $row) {
                    // A loop is one top of a plan, and its chains are as many of a text.
                    $tops = $row->outcome->tops;
                    $leaves = [$tops->count(false) + $tops->chains(), $tops->count(false), $tops->count(true)];
                    self::assertContains($planned[$at]->count->leaves, $leaves, "{$planned[$at]->name}: {$text}");
                }
            }
            foreach ($checked->problems as $problem) {
                $wrong[] = "{$checked->tongue} {$problem->row}: {$problem->said->english()} "
                    .(explode("\n", $text)[$problem->line - 1] ?? '');
            }
        }
        self::assertGreaterThan(0.94 * $rows, $right, implode("\n", array_slice($wrong, 0, 12)));
        self::assertGreaterThan(8, $seen);
    }
}
