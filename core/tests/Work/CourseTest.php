<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Work;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Gauge\Loops;
use Fescue\Core\Tests\Panel\Built;
use Fescue\Core\Work\CountError;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Grain;
use Fescue\Core\Work\Marks;
use Fescue\Core\Work\Passage;
use Fescue\Core\Work\Place;
use Fescue\Core\Work\StitchGroup;
use Fescue\Core\Work\Tape;
use PHPUnit\Framework\TestCase;

/** A plan worked step by step. */
final class CourseTest extends TestCase
{
    /** @return list<BagPlan> of one piece and of several, in spirals, turned, over slots, nets, seams */
    public static function plans(): array
    {
        return [
            Ways::plan(['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16], 'edge' => ['stitch' => 'slip']]),
            Ways::plan(
                ['working' => 'joined-turned', 'base' => ['type' => 'rows', 'stitch' => 'hdc', 'across' => 20, 'rows' => 4]],
            ),
            Ways::plan(
                ['body' => ['stitch' => 'fans', 'rounds' => 4], 'base' => ['type' => 'folded-chain', 'chain' => 30]],
            ),
            Built::plan(['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5]),
            Built::plan(['type' => 'net', 'across' => 12, 'net' => 9]),
            Built::plan([
                'type' => 'tabs', 'rows' => 3, 'across' => 4, 'net' => [1, 3, 1],
                'tab' => ['width' => '16 mm', 'height' => '24 mm'],
            ]),
            Built::plan(['type' => 'panels', 'across' => 15, 'rows' => 8, 'shape' => 'slipped', 'border' => 'dc']),
        ];
    }

    public function testAPlanIsTheSameInEveryTongue(): void
    {
        foreach (self::plans() as $plan) {
            $of = array_map(fn(Terms $terms): Course => Course::of($plan, $terms), Terms::cases());
            self::assertCount(1, array_unique(array_map(fn(Course $one): string => $one->fingerprint(), $of)));
            self::assertCount(count($of), array_unique(array_map(fn(Course $one): string => $one->rows[0]->said, $of)));
        }
        self::assertNotSame(Course::of(self::plans()[0])->digests()[2], Course::of(self::plans()[1])->digests()[2]);
    }

    /** Every stitch that the hands work is a step, and no other but what is no stitch at all. */
    public function testEveryStitchIsAStep(): void
    {
        foreach (self::plans() as $plan) {
            $course = Course::of($plan);
            $stitches = $plan->work->stitches()->total();
            $without = 0;
            foreach ($course->rows as $place => $row) {
                self::assertSame($row->stitches, array_sum(array_column($row->groups, 'stitches')));
                $worked = $plan->work->chainsBefore($place)
                    + StitchCount::of($plan->work->rows[$place]->instructions)->total();
                self::assertGreaterThanOrEqual($worked, $row->stitches, (string) $row->id);
                $without += $row->stitches - $worked;
            }
            self::assertSame($stitches + $without, $course->done($course->end()));
            self::assertTrue($course->has(new Place(0)) && $course->has($course->end()));
            self::assertFalse($course->has(new Place(count($course->rows), 1)));
            self::assertFalse($course->has(new Place(0, $course->rows[0]->stitches)));
        }
    }

    /** On n and back n is where it was, in every grain, all through every bag; on goes through every place. */
    public function testBackIsWhereItWas(): void
    {
        foreach (self::plans() as $plan) {
            $course = Course::of($plan);
            foreach (Grain::cases() as $grain) {
                $way = [new Place(0)];
                while (end($way)->compare($course->end()) < 0) {
                    $next = $course->forward(end($way), $grain);
                    self::assertGreaterThan(0, $next->compare(end($way)));
                    self::assertTrue($course->has($next));
                    $way[] = $next;
                }
                $steps = match ($grain) {
                    Grain::Row => count($course->rows),
                    Grain::Group => array_sum(array_map(fn(Passage $row): int => count($row->groups), $course->rows)),
                    Grain::Stitch => $course->done($course->end()),
                };
                self::assertCount($steps + 1, $way);
                self::assertEquals($course->end(), $course->forward($course->end(), $grain));
                for ($at = count($way) - 1; $at > 0; $at--) {
                    self::assertEquals($way[$at - 1], $course->back($way[$at], $grain));
                }
                self::assertEquals($way[0], $course->back($way[0], $grain));
            }
        }
    }

    /** In the midst of a group one goes on to its end and back to its beginning. */
    public function testGrainsMayBeChangedMidway(): void
    {
        $course = Course::of(Ways::plan([]));
        $row = array_keys(array_filter($course->rows, fn(Passage $one): bool => count($one->groups) > 2))[0];
        [$first, $second] = [$course->rows[$row]->groups[0]->stitches, $course->rows[$row]->groups[1]->stitches];
        $midst = new Place($row, $first + intdiv($second, 2));
        self::assertEquals(new Place($row, $first + $second), $course->forward($midst, Grain::Group));
        self::assertEquals(new Place($row, $first), $course->back($midst, Grain::Group));
        self::assertEquals(new Place($row), $course->back($midst, Grain::Row));
        self::assertEquals(new Place($row + 1), $course->forward($midst, Grain::Row));
    }

    public function testItIsCountedWherePeopleCount(): void
    {
        $counted = fn(BagPlan $plan): array => array_map(
            fn(Passage $row): string => (string) $row->id,
            array_values(array_filter(Course::of($plan)->rows, fn(Passage $row): bool => $row->counted)),
        );
        // The first two grow; then every fourth, and the last two.
        self::assertSame(
            ['Round 1', 'Round 2', 'Round 6', 'Round 10', 'Round 14', 'Round 15', 'Round 16'],
            $counted(Ways::plan([])),
        );
        $net = $counted(Built::plan(['type' => 'net', 'across' => 12, 'net' => 9]));
        self::assertSame(['Row 1', 'Row 5', 'Row 8', 'Row 11', 'Row 14'], array_slice($net, 0, 5));
        self::assertContains('Row 21', $net, 'Before the ring.');
    }

    /** When four rounds stand, and three before the last; a flat bag and a low one are not asked. */
    public function testTheTapeIsLaidOnWhereItTells(): void
    {
        $taped = fn(BagPlan $plan): array => array_map(
            fn(Passage $row): string => (string) $row->id,
            array_values(array_filter(Course::of($plan)->rows, fn(Passage $row): bool => $row->taped)),
        );
        self::assertSame(['Round 6', 'Round 13'], $taped(Ways::plan([])), 'Fourteen that stand, on two.');
        self::assertSame(['Round 6'], $taped(Ways::plan(['body/rounds' => 5])));
        self::assertSame([], $taped(Ways::plan(['body/rounds' => 4])));
        self::assertSame([], $taped(Built::plan(['type' => 'net', 'across' => 12, 'net' => 9])), 'Pieces lie flat.');
        $rows = Course::of(Ways::plan([]))->rows;
        foreach ([...$rows, ...Course::of(self::plans()[1])->rows] as $row) {
            $tops = array_sum(array_map(fn(StitchGroup $group): int => $group->tops, $row->groups));
            self::assertSame($row->leaves, $tops, "What is counted at the end of {(string) $row->id}.");
        }
        self::assertSame(
            [true, true, false, false],
            array_map(fn(Passage $row): bool => $row->changes, array_slice($rows, 0, 4)),
        );
    }

    /** What is done in a row is all of it, the chain before the first too; each of its groups is a part of that. */
    public function testARowIsToldAsAWhole(): void
    {
        $plan = self::plans()[0];
        $writer = new Writer(Terms::US);
        $rows = Course::of($plan)->rows;
        self::assertStringStartsWith($writer->start($plan->work->start).' ', $rows[0]->said);
        foreach ($rows as $place => $row) {
            self::assertStringEndsWith($writer->words($plan->work->rows[$place]), $row->said);
        }
        self::assertGreaterThan(2, count($rows[0]->groups));
        self::assertNotContains($rows[0]->said, array_column($rows[0]->groups, 'said'));
    }

    public function testSidesSpecialPlacesAndWhatToHeed(): void
    {
        $rows = Course::of(self::plans()[1])->rows;
        self::assertSame(
            [true, false, true, false],
            array_map(fn(Passage $row): ?bool => $row->right, array_slice($rows, 0, 4)),
        );
        self::assertNull(Course::of(Ways::plan([]))->rows[3]->right, 'Nothing of it is turned.');
        $slots = Course::of(self::plans()[0])->rows;
        self::assertContains('slots', array_column($slots, 'special'));
        self::assertSame('last', $slots[count($slots) - 1]->special);
        $coloured = Ways::plan([
            'others' => [['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m']],
            'changes' => [['from' => 'Round 8', 'to' => 1]], 'material/fibre' => 'nylon', 'material/make' => 'braided',
        ]);
        $row = Course::of($coloured)->rows[7];
        self::assertSame('colour', $row->special);
        self::assertStringContainsString('last draw-through', $row->heed[0]->english());
        self::assertStringContainsString('Burns', self::heed($row), 'Singeing is cautioned where it is done.');
    }

    /** 56 around and 58 counted: where it mostly is, what ripping costs, how it is mended. */
    public function testAWrongCount(): void
    {
        $plan = Ways::plan([]);
        $course = Course::of($plan);
        self::assertNull(CountError::of($plan, $course, 8, 56, 12.0));
        $slip = CountError::of($plan, $course, 8, 58, 12.0);
        self::assertSame([2, 3 * 56], [$slip?->off, $slip?->rip], 'Rounds 7, 8 and 9, after the count of round 6.');
        self::assertEqualsWithDelta(3 * 56 * 12 / 60, $slip->minutes ?? 0.0, 1e-9);
        self::assertSame([
            'a stitch past the marker, which belongs to the next round',
            'two stitches in one, mostly where the work was laid down',
        ], array_map(fn(Saying $one): string => $one->english(), $slip->usually ?? []));
        self::assertSame(
            'In Round 10: work two together 2 times, half of them at each side: 56 again.',
            $slip->mend?->english() ?? '',
        );
        self::assertSame(
            'In Round 10: put two in one once, at a side where it does not show: 56 again.',
            CountError::of($plan, $course, 8, 55, 12.0)->mend?->english() ?? '',
        );
        self::assertSame('', CountError::of($plan, $course, 8, 20, 12.0)->mend?->english() ?? '', 'Too much to hide.');
        self::assertSame(
            '',
            CountError::of($plan, $course, count($course->rows) - 1, 60, 12.0)->mend?->english() ?? '',
            'None is next.',
        );
        $pieces = Built::plan(['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5]);
        $third = array_values(array_filter(array_keys($pieces->work->rows), $pieces->work->begins(...)))[2];
        $mended = fn(int $place): string => CountError::of(
            $pieces,
            Course::of($pieces),
            $place,
            4,
            12.0,
        )->mend?->english() ?? '';
        self::assertSame('', $mended($third - 1), 'What is next is another piece.');
        self::assertStringContainsString('put two in one once', $mended($third - 2));
        $slots = self::plans()[0];
        $before = array_search('slots', array_column(Course::of($slots)->rows, 'special'), true) - 1;
        self::assertSame(
            '',
            CountError::of($slots, Course::of($slots), $before, 54, 12.0)->mend?->english() ?? '',
            'It would move the slots.',
        );
    }

    /** What can be wrong in a row, and nothing of what it has not: no join in a spiral, no corner in a plain round. */
    public function testWhereASlipIsInARow(): void
    {
        $usually = function (BagPlan $plan, int $row, int $off): string {
            $course = Course::of($plan);

            return implode(
                '; ',
                array_map(
                    fn(Saying $one): string => $one->english(),
                    CountError::of($plan, $course, $row, $course->rows[$row]->leaves + $off, 12.0)->usually ?? [],
                ),
            );
        };
        $spiral = Ways::plan([]);
        $turned = Ways::plan(['working' => 'joined-turned']);
        $mesh = Ways::plan(['body/stitch' => 'mesh']);
        foreach ([1, -1] as $off) {
            self::assertStringNotContainsString('join', $usually($spiral, 8, $off));
            self::assertStringNotContainsString('turn', $usually($spiral, 8, $off));
            self::assertStringNotContainsString('corner', $usually($spiral, 8, $off));
            self::assertStringNotContainsString('increase', $usually($spiral, 8, $off));
            self::assertStringContainsString('marker', $usually($spiral, 8, $off));
            self::assertStringContainsString('increase', $usually($spiral, 1, $off));
            self::assertStringContainsString('join', $usually($turned, 8, $off));
            self::assertStringNotContainsString('marker', $usually($turned, 8, $off));
            self::assertStringContainsString('space', $usually($mesh, 8, $off));
        }
        self::assertStringContainsString('turning chain', $usually($turned, 8, 1));
        self::assertStringContainsString('where it turns', $usually($turned, 8, -1));
    }

    /** 14 rounds of 11.5 mm wished as 161 mm: after 7 of them the tape says 90 for 80.5. */
    public function testTheTapeReplansWhatIsLeft(): void
    {
        $plan = Ways::plan(['size' => ['height' => '161 mm'], 'body/rounds' => null]);
        self::assertSame(14, $plan->parts[1]->maker->write()['rounds']);
        $tape = Tape::of($plan, 2 + 7, Length::mm(90));
        // (90/80.5 − 1), by 5 % of the swatch against 4 mm of the tape.
        $ratio = 1 + (90 / 80.5 - 1) * 0.05 ** 2 / (0.05 ** 2 + (4 / 90) ** 2);
        self::assertEqualsWithDelta($ratio, $tape->ratio ?? 0.0, 1e-12);
        self::assertSame([14, 13], [$tape->was ?? 0, $tape->rows ?? 0]);
        self::assertSame(7 + (int) round((161 - 90) / (11.5 * $ratio)), $tape->rows ?? 0);
        self::assertSame(15, count($tape->plan->work->rows ?? []));
        self::assertEqualsWithDelta(90 + 7 * 11.5 * $ratio, $tape->height->mm ?? 0.0, 1e-9);
        self::assertNull(Tape::of($plan, 2, Length::mm(90)), 'Nothing stands yet.');
        self::assertNull(Tape::of($plan, 9, Length::mm(80.5))?->plan, 'As planned.');
        self::assertEqualsWithDelta(
            90 + 6 * 11.5 * $ratio,
            $tape->plan?->comesOut->height->mm - 7 * 11.5 * $ratio + 90,
            1e-6,
        );
        self::assertSame(7, Tape::of($plan, 9, Length::mm(300))->rows ?? 0, 'What is worked stays.');
        // A slot round and two edge rounds stand upon the wall: as high as they come out, they are left room for.
        $slots = Ways::plan([
            'size' => ['height' => '207 mm'], 'body/rounds' => null,
            'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 2],
        ]);
        self::assertSame(15, $slots->parts[1]->maker->write()['rounds']);
        $tape = Tape::of($slots, 2 + 7, Length::mm(90));
        self::assertSame(7 + (int) round((207 - 90 - 3 * 11.5 * $ratio) / (11.5 * $ratio)), $tape->rows ?? 0);
        self::assertEqualsWithDelta(90 + 11 * 11.5 * $ratio, $tape->height->mm ?? 0.0, 1e-9);
    }

    /** 56 stitches of 12 mm: 336 mm flat as planned, 350 by the tape. */
    public function testTheTapeAcross(): void
    {
        $plan = Ways::plan([]);
        self::assertEqualsWithDelta(336, $plan->comesOut->flatWidth->mm, 1e-9);
        $weight = 0.05 ** 2 / (0.05 ** 2 + (4 / 350) ** 2);
        $across = Tape::across($plan, 6, Length::mm(350));
        self::assertEqualsWithDelta(336 + 14 * $weight, $across->mm ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(336, Tape::across($plan, 16, Length::mm(336))->mm ?? 0.0, 1e-9);
        self::assertNull(Tape::across($plan, 2, Length::mm(350)), 'The base only.');
        self::assertNull(Tape::across($plan, 6, Length::mm(0)));
    }

    /**
     * Over 7 rounds the front's marks came to stand 2 stitches before the back's: all move by 1, a round leans by
     * 1/7.
     */
    public function testMarksMoveByHalfTheGapAndTeachTheLean(): void
    {
        $plan = Ways::plan(['lean' => 0.05]);
        $marks = Marks::of($plan, 2 + 7, 2.0);
        self::assertSame([1.0, 7], [$marks?->move, $marks?->rounds]);
        self::assertEqualsWithDelta(0.05 + 1 / 7, $marks->lean ?? 0.0, 1e-12);
        self::assertNull(Marks::of($plan, 2, 2.0), 'No round of the wall is worked yet.');
        self::assertStringContainsString(
            'Do not stop after a stitch: stop on the chain of a loop.',
            self::heed(Course::of(Built::plan(['type' => 'net', 'across' => 12, 'net' => 9]))->rows[9]),
        );
    }

    /** A bought base has a thin hook for its holes alone; what follows is told to change. */
    public function testTheHookIsChangedBehindTheHoles(): void
    {
        $course = Course::of(Ways::plan([
            'base' => ['type' => 'holes', 'holes' => 52, 'length' => '30 cm', 'width' => '14 cm', 'first_hook' => '3.5 mm'],
        ]));
        $told = array_map(
            fn($row): array => preg_grep('/Change to the hook of 8 mm/', [self::heed($row)]) ?: [],
            $course->rows,
        );
        self::assertSame([1], array_keys(array_filter($told)));
        $plain = Course::of(Ways::plan([]));
        self::assertStringNotContainsString('Change to the', implode(' ', array_map(self::heed(...), $plain->rows)));
        self::assertSame([false, true, false], array_map($plain->endsPart(...), [0, 1, 2]));
        self::assertTrue($plain->endsPart(count($plain->rows) - 1));
    }

    /** Taken, the tape is the gauge of this work: width, height and strand, by its loops. */
    public function testTheTapeIsTheGaugeOfThisWork(): void
    {
        // Its growth is given, as it is where the tape is taken: what is worked stays.
        $was = Ways::plan(['base/growth' => [8]]);
        $plan = Ways::plan(['base/growth' => [8], 'tape' => ['width' => 1.05, 'height' => 0.9]]);
        self::assertEqualsWithDelta(1.05 * $was->comesOut->flatWidth->mm, $plan->comesOut->flatWidth->mm, 1e-9);
        self::assertEqualsWithDelta(0.9 * $was->comesOut->height->mm, $plan->comesOut->height->mm, 1e-9);
        self::assertEqualsWithDelta(
            0.79 * Loops::mm('sc', 1.05 * 12, 0.9 * 11.5, 4) / Loops::mm('sc', 12, 11.5, 4),
            $plan->gauge->mass->grams ?? 0.0,
            1e-9,
        );
        self::assertSame(Ways::leaves($was), Ways::leaves($plan));
        self::assertSame('/tape/height', Ways::refused(['tape' => ['height' => 3]])[0]);
        self::assertSame('/tape/depth', Ways::refused(['tape' => ['depth' => 1]])[0]);
        $taped = Tape::of($plan, 9, Length::mm(85), Length::mm(340));
        self::assertEqualsWithDelta(1.05 * ($taped->wide ?? 0.0), $taped?->plan?->spec->facts->hands->taped[0], 1e-9);
        self::assertEqualsWithDelta(0.9 * ($taped->ratio ?? 0.0), $taped?->plan?->spec->facts->hands->taped[1], 1e-9);
        self::assertSame(
            $plan->spec->facts->hands->taped,
            $plan->spec->sized($plan->spec->choices->wish)->facts->hands->taped,
        );
    }

    private static function heed(Passage $row): string
    {
        return implode(' ', array_map(fn(Saying $one): string => $one->english(), $row->heed));
    }
}
