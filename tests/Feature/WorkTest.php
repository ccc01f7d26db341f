<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\Sheets\PlanSheet;
use App\Bags\WhatIfCell;
use App\Bags\WhatIfSheet;
use App\Bags\WorkLog;
use App\Bags\WorkSheet;
use App\Models\Bag;
use App\Stash\Ledger;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Stock\Move;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Place;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The place is what the log says: sent twice, late, from two devices, of a plan that changed. */
final class WorkTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private function line(Course $course, int $number, array $changes = []): array
    {
        return $changes + [
            'device' => 'phone-one', 'number' => $number, 'turn' => $number, 'at' => 1_790_000_000_000 + 40_000 * $number,
            'did' => 'step', 'row' => (string) $course->rows[$number - 1]->id, 'stitch' => $course->rows[$number - 1]->stitches,
            'plan' => $course->fingerprint(),
        ];
    }

    /** @param list<array<string, mixed>> $lines */
    private function send(Bag $bag, array $lines, int $seen = 0): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/bags/{$bag->id}/work", ['entries' => $lines, 'seen' => $seen]);
    }

    public function testWhatIsSentIsKeptOnceAndToldToTheOther(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker)->get("/bags/{$bag->id}/work")->assertOk()->assertSeeInOrder(['Pier tote', 'Round 1', 'of 18 rows']);
        $lines = [$this->line($course, 1), $this->line($course, 2), $this->line($course, 3)];
        $answer = $this->send($bag, $lines)->assertOk()->json();
        self::assertCount(3, $answer['entries']);
        self::assertSame($course->fingerprint(), $answer['plan']);
        $this->send($bag, $lines, $answer['seen'])->assertOk()->assertJsonCount(0, 'entries');
        $this->send($bag, array_reverse($lines))->assertOk();
        self::assertSame(3, DB::table('work_entries')->count());
        self::assertEquals(new Place(3), WorkLog::place($bag, $course));
        // Another device, that heard of none, is told them all, and what it did behind them is where it is.
        $other = $this->line($course, 1, ['device' => 'tablet-two', 'turn' => 9, 'row' => 'Round 5', 'stitch' => 7]);
        self::assertCount(1, $this->send($bag, [$other], $answer['seen'])->assertOk()->json('entries'));
        self::assertEquals(new Place(4, 7), WorkLog::place($bag, $course));
        $this->get("/bags/{$bag->id}/work")->assertOk()->assertSee('Round 5')->assertSee('of 18 rows');
        $this->get('/')->assertOk()->assertSee('Go on: Pier tote, Round 5');
        $counted = $this->line($course, 2, ['device' => 'tablet-two', 'turn' => 10, 'did' => 'counted', 'counted' => 55]);
        $mends = $this->line($course, 3, ['device' => 'tablet-two', 'turn' => 11, 'did' => 'mends', 'counted' => -1]);
        self::assertEqualsCanonicalizing([$counted, $mends], array_slice($this->send($bag, [$counted, $mends])->assertOk()
            ->json('entries'), -2));
        self::assertEquals(new Place(4, 7), WorkLog::place($bag, $course), 'A count is no step.');
        $csv = (string) $this->get("/bags/{$bag->id}/work.csv")->assertOk()->getContent();
        self::assertStringContainsString('turn,device,', $csv);
        self::assertStringContainsString('9,tablet-two,', $csv);
        self::assertSame(7, count(explode("\n", trim($csv))));
    }

    /** Her page says which plan it is of; the shelf knows it again whatever her tongue is. */
    public function testWorkIsKeptInEveryTongue(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        foreach (Terms::cases() as $nth => $terms) {
            $maker->update(['terms' => $terms]);
            $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/work")->assertOk()->getContent();
            self::assertSame(1, preg_match('/"plan":"(\w{16})"/', $page, $of));
            $this->send($bag, [$this->line(Course::of($bag->plan()), $nth + 1, ['plan' => $of[1], 'turn' => $nth + 1])])
                ->assertOk();
            self::assertSame($nth + 1, DB::table('work_entries')->count(), $terms->value);
        }
    }

    public function testWhatIsForgedIsRefusedAndHarmsNothing(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker);
        $this->send($bag, [$this->line($course, 1)])->assertOk();
        foreach ([
            ['row' => 'Round 99'], ['stitch' => 5000], ['did' => 'flew'], ['device' => '<script>'], ['turn' => 0],
            ['number' => 1.5], ['at' => 'yesterday'], ['plan' => 'x'],
            // What would leave no number for anybody behind it.
            ['turn' => 900_000], ['turn' => 1_000_000_000], ['number' => 1_000_000_000], ['device' => 'page-of-forms'],
        ] as $wrong) {
            // A good line beside it is not kept either: all of a sending, or nothing.
            $this->send($bag, [$this->line($course, 2), $this->line($course, 3, $wrong)])->assertUnprocessable()
                ->assertJsonStructure(['message']);
        }
        $this->send($bag, array_fill(0, WorkLog::A_SENDING + 1, []))->assertUnprocessable();
        $this->postJson("/bags/{$bag->id}/work", ['entries' => 'all'])->assertUnprocessable();
        $this->postJson("/bags/{$bag->id}/work", ['entries' => [7]])->assertUnprocessable();
        self::assertSame(1, DB::table('work_entries')->count());
        $this->flushSession()->actingAs($this->maker('otto@pier.example'));
        $this->send($bag, [$this->line($course, 2)])->assertNotFound();
        $this->get("/bags/{$bag->id}/work")->assertNotFound();
        self::assertSame(1, DB::table('work_entries')->count());
    }

    /** Without a script: a row done, a row back, here I am. */
    public function testByPlainForms(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker);
        $do = fn(string $what, string $row = '') => $this->post("/bags/{$bag->id}/work/step", ['do' => $what, 'row' => $row]);
        $do('done')->assertRedirect("/bags/{$bag->id}/work");
        $do('done');
        $do('done');
        $do('back');
        self::assertEquals(new Place(2), WorkLog::place($bag, $course));
        $do('here', 'Round 10');
        self::assertEquals(new Place(9), WorkLog::place($bag, $course));
        $do('here', 'Round 77')->assertSessionHasErrors('row');
        $do('fly')->assertSessionHasErrors('row');
        $this->get("/bags/{$bag->id}/work")->assertSee('round 10 done')->assertSeeInOrder(['class="done"', 'class="now"'], false);
        self::assertCount(5, WorkLog::of($bag)->entries);
    }

    /** What is worked is fixed; what comes after follows, and a copy takes the rest. */
    public function testAPlanInWorkChangesAboveThePlaceAlone(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker);
        $this->send($bag, array_map(fn(int $row): array => $this->line($course, $row), range(1, 6)))->assertOk();
        $this->put("/bags/{$bag->id}", $this->form($bag, ['body.rounds' => 18]))->assertSessionHasNoErrors();
        self::assertEquals(new Place(6), WorkLog::place($bag, Course::of($bag->refresh()->plan())));
        $this->put("/bags/{$bag->id}", $this->form($bag, ['base.chain' => 24]))->assertSessionHasErrors('worked');
        self::assertSame(22, $bag->refresh()->choices['base']['chain']);
        $answer = $this->putJson("/bags/{$bag->id}", $this->form($bag, ['body.stitch' => 'dc']))->assertUnprocessable()->json();
        self::assertStringContainsString('up to Round 6', $answer['errors']['worked']);
        self::assertSame('Make a copy, changed so', $answer['ways']['worked'][0]['said']);
        $go = $this->putJson("/bags/{$bag->id}", ['copy' => 'yes'] + $this->form($bag, ['base.chain' => 24]))->assertOk()->json('go');
        $copy = Bag::query()->latest('id')->firstOrFail();
        self::assertStringEndsWith("/bags/{$copy->id}", $go);
        self::assertSame([24, 'Pier tote, copy'], [$copy->choices['base']['chain'], $copy->name()]);
        self::assertFalse(WorkLog::isBegun($copy));
        // A line of the old plan, done offline meanwhile, is kept, and folds behind it.
        $late = $this->line($course, 7);
        $this->send($bag, [$late])->assertOk();
        self::assertEquals(new Place(7), WorkLog::place($bag, Course::of($bag->plan())));
    }

    /** Where the swatch under it changed what is worked, she is asked where she is. */
    public function testAPlanThatChangedUnderItAsks(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->choices = array_replace_recursive($bag->choices, ['base' => ['chain' => null, 'rounds' => null]]);
        $bag->choices = ['base' => ['type' => 'oval', 'ends' => 'two-and-two']] + $bag->choices;
        $bag->save();
        $course = Course::of($bag->plan());
        $this->actingAs($maker);
        $this->send($bag, [$this->line($course, 1), $this->line($course, 2)])->assertOk();
        $bag->swatch?->update(['stitches_counted' => 14.0]);
        $this->get("/bags/{$bag->id}/work")->assertOk()->assertSee('The plan was changed')->assertSee('"place":null', false);
        $this->post("/bags/{$bag->id}/work/step", ['do' => 'done'])->assertSessionHasErrors('row');
        $this->post("/bags/{$bag->id}/work/step", ['do' => 'here', 'row' => 'Round 2'])->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}/work")->assertOk()->assertDontSee('The plan was changed');
        self::assertCount(3, WorkLog::of($bag)->entries, 'Nothing of what was done is thrown away.');
    }

    public function testAWrongCountAndTheTape(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker);
        $count = fn(string $row, string $counted) => $this->postJson("/bags/{$bag->id}/work/count", ['row' => $row, 'counted' => $counted]);
        $count('Round 9', '56')->assertOk()->assertExactJson(['off' => 0]);
        $wrong = $count('Round 9', '54')->assertOk()->json();
        self::assertSame([-2, 168], [$wrong['off'], $wrong['rip']]);
        self::assertSame('In Round 10: put two in one 2 times, half of them at each side: 56 again.', $wrong['mend']);
        $count('Round 9', 'many')->assertUnprocessable();
        $count('Round 90', '5')->assertUnprocessable();
        $tape = fn(array $sent) => $this->from("/bags/{$bag->id}/work")->post("/bags/{$bag->id}/work/tape", $sent);
        $tape(['high' => '9'])->assertSessionHasErrors('high');
        $this->send($bag, array_map(fn(int $row): array => $this->line($course, $row), range(1, 9)))->assertOk();
        $tape(['high' => 'a hand'])->assertSessionHasErrors('high');
        $tape(['high' => '9,2', 'wide' => 'a hand'])->assertSessionHasErrors('wide');
        $this->followingRedirects()->from("/bags/{$bag->id}/work")
            ->post("/bags/{$bag->id}/work/tape", ['high' => ['9']])->assertOk()->assertSee('Write how high it stands');
        $this->followingRedirects()->from("/bags/{$bag->id}/work")
            ->post("/bags/{$bag->id}/work/tape", ['high' => '9,2', 'wide' => '33,6'])
            ->assertOk()->assertSee('% higher')->assertSee('Take it')->assertSee('Flat it comes to 33.6 cm, planned were 33.6 cm');
        self::assertSame(14, $bag->refresh()->choices['body']['rounds'], 'It is a proposal.');
        $tape(['high' => '9,2', 'take' => 'yes'])->assertSessionHasNoErrors();
        self::assertNotSame(14, $bag->refresh()->choices['body']['rounds']);
        // 92 mm where 80.5 were planned, weighed 0.05² to (4 ÷ 92)².
        self::assertSame(['width' => 1, 'height' => 1.0813], $bag->choices['tape']);
        $worked = array_slice(Course::of($bag->plan())->digests(), 0, 9);
        self::assertSame(array_slice($course->digests(), 0, 9), $worked);
        // Told again, it goes on from there; what is not touched stays.
        $tape(['high' => '9,2', 'wide' => '36', 'take' => 'yes'])->assertSessionHasNoErrors();
        self::assertGreaterThan(1.05, $bag->refresh()->choices['tape']['width']);
        self::assertSame(22, $bag->choices['base']['chain']);
        self::assertSame('Pier tote', $bag->choices['name']);
        self::assertEquals(new Place(9), WorkLog::place($bag, Course::of($bag->plan())));
        // Marks that do not meet: all move by half, and the lean is planned with.
        $marks = fn(array $sent) => $this->from("/bags/{$bag->id}/work")->post("/bags/{$bag->id}/work/marks", $sent);
        $marks(['gap' => 'some'])->assertSessionHasErrors('gap');
        $marks(['gap' => '90'])->assertSessionHasErrors('gap');
        $this->followingRedirects()->from("/bags/{$bag->id}/work")->post("/bags/{$bag->id}/work/marks", ['gap' => '2'])
            ->assertOk()->assertSee('Move all four marks one stitch back');
        $marks(['gap' => '2', 'take' => 'yes'])->assertSessionHasNoErrors();
        self::assertSame(0.143, $bag->refresh()->choices['lean']);
        // The scale from here, in two presses.
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 9', 'left' => '500', 'from' => 'work'])
            ->assertRedirect("/bags/{$bag->id}/work");
    }

    /** The page with its plan stays small. */
    public function testThePageIsSmall(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->choices = ['body' => ['stitch' => 'sc', 'rounds' => 300]] + $bag->choices;
        $bag->save();
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/work")->assertOk()->getContent();
        self::assertLessThan(300_000, strlen($page));
    }

    /** Used up in the midst of a round: another strand of hers goes on from the next, above what is worked. */
    public function testAStrandThatIsUsedUp(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $other = $this->material($maker);
        $other->update(['name' => 'Harbour blue']);
        $this->actingAs($maker);
        $used = fn(string $next) => $this->from("/bags/{$bag->id}/work")->post("/bags/{$bag->id}/work/used-up", ['material_id' => $next]);
        $used((string) $other->id)->assertSessionHasErrors('material_id');
        $this->send($bag, array_map(fn(int $row): array => $this->line($course, $row), range(1, 6)))->assertOk();
        $this->send($bag, [$this->line($course, 7, ['stitch' => 30])])->assertOk();
        $used('')->assertSessionHasNoErrors();
        self::assertArrayNotHasKey('changes', $bag->refresh()->choices);
        $used((string) $other->id)->assertSessionHasNoErrors()->assertSessionHas('status', 'Harbour blue goes on from Round 8.');
        self::assertSame([['from' => 'Round 8', 'to' => 1]], $bag->refresh()->choices['changes']);
        self::assertSame([0, 1], array_slice($bag->plan()->materials, 6, 2));
        // A change lies ahead: it goes in between, and what is one of the bag's is not added once more.
        $bag->choices = ['changes' => [['from' => 'Round 8', 'to' => 1], ['from' => 'Round 11', 'to' => 0], ['from' => 'Round 14', 'to' => 1]]] + $bag->choices;
        $bag->save();
        $third = $this->material($maker);
        $third->update(['name' => 'Pier grey']);
        $this->send($bag, [$this->line(Course::of($bag->refresh()->plan()), 9, ['row' => 'Round 9'])])->assertOk();
        $used((string) $third->id)->assertSessionHasNoErrors();
        self::assertSame(
            [['from' => 'Round 8', 'to' => 1], ['from' => 'Round 10', 'to' => 2], ['from' => 'Round 11', 'to' => 0], ['from' => 'Round 14', 'to' => 1]],
            $bag->refresh()->choices['changes'],
        );
        $used((string) $other->id)->assertSessionHasNoErrors();
        self::assertSame([8 => 1, 9 => 1, 10 => 0], array_intersect_key($bag->refresh()->plan()->materials, [8 => 1, 9 => 1, 10 => 1]));
        self::assertCount(2, $bag->choices['others']);
        $this->send($bag, [$this->line(Course::of($bag->plan()), 10, ['row' => 'Round 7', 'stitch' => 30])])->assertOk();
        self::assertEquals(new Place(6, 30), WorkLog::place($bag, Course::of($bag->plan())), 'The place is where it was.');
    }

    /** Hours keep themselves when a part is done, once: what she corrects stays. A mend stands in the words. */
    public function testHoursAreKeptByThemselvesAndAMendStandsInTheWords(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker);
        $at = fn(int $row, int $minutes): array => ['at' => 1_790_000_000_000 + 60_000 * $minutes];
        $this->send($bag, [$this->line($course, 1, $at(1, 0))])->assertOk();
        self::assertSame(0, DB::table('bag_minutes')->count());
        $this->send($bag, [$this->line($course, 2, $at(2, 3))])->assertOk();
        // The first row, whose beginning no tap tells, by the pace of the second.
        $base = (int) round(3 * (1 + $course->rows[0]->stitches / $course->rows[1]->stitches));
        self::assertSame([['base', $base]], DB::table('bag_minutes')->get()->map(fn($one): array => [$one->part, $one->minutes])->all());
        $this->post("/bags/{$bag->id}/time", ['part' => 'base', 'minutes' => '20'])->assertSessionHasNoErrors();
        $this->send($bag, [$this->line($course, 3, ['row' => 'Round 2', 'stitch' => 0, 'did' => 'ripped'] + $at(3, 4)), $this->line($course, 4, ['row' => 'Round 2', 'stitch' => $course->rows[1]->stitches] + $at(4, 7))])->assertOk();
        self::assertSame(20, (int) DB::table('bag_minutes')->value('minutes'));
        $mends = ['row' => 'Round 2', 'stitch' => $course->rows[1]->stitches, 'did' => 'mends', 'counted' => -2];
        $this->send($bag, [$this->line($course, 5, $mends)])->assertOk();
        foreach (['words', 'work'] as $page) {
            $this->get("/bags/{$bag->id}/{$page}")->assertOk()->assertSee('Work two together 2 times, half of them at each side: 56 again.');
        }
        $this->get("/bags/{$bag->id}/words")->assertSeeInOrder(['Round 2 was 2 too many', 'Rnd 3', 'Rnds 4']);
    }

    /** Small and capital letters are two devices, in the table too. */
    public function testDevicesAreToldApartByTheLetter(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $this->actingAs($maker)->send($bag, [
            $this->line($course, 1, ['device' => 'abcdefgh']), $this->line($course, 1, ['device' => 'ABCDEFGH']),
        ])->assertOk()->assertJsonCount(2, 'entries');
        self::assertSame(2, DB::table('work_entries')->count());
    }

    /** What a page foretells is told anew when it is of another weigh-in or ball, and else not sent. */
    public function testWhatIsForetoldFollows(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $course = Course::of($bag->plan());
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/work")->assertOk()->getContent();
        $told = json_decode(explode('</script>', explode('data-course>', $page)[1])[0], true, flags: JSON_THROW_ON_ERROR);
        $stands = $told['stands'];
        $ask = function (array $lines) use ($bag, &$stands): array {
            return $this->postJson("/bags/{$bag->id}/work", ['entries' => $lines, 'seen' => 0, 'stands' => $stands])->assertOk()->json();
        };
        self::assertArrayNotHasKey('foretold', $ask([$this->line($course, 1), $this->line($course, 2)]));
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 2', 'left' => '800'])->assertSessionHasNoErrors();
        $answer = $ask([]);
        self::assertSame([null, null, 800], array_slice($answer['foretold']['strands'][0]['left'], 0, 3));
        self::assertGreaterThan($told['foretold']['strands'][0]['come'][2], $answer['foretold']['strands'][0]['come'][2], 'More went.');
        $stands = $answer['stands'];
        self::assertArrayNotHasKey('foretold', $ask([]));
        // A ball nobody weighed: from the next row on nothing is known, until it is weighed.
        $used = $ask([$this->line($course, 3, ['stitch' => 7]), $this->line($course, 4, ['row' => 'Round 3', 'stitch' => 7, 'did' => 'used-up'])]);
        self::assertSame(3, $used['foretold']['strands'][0]['whole']);
        $this->get("/bags/{$bag->id}/enough")->assertSee('You used a ball up by Round 3, and what goes on was not weighed.');
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 4', 'left' => '700'])->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}/enough")->assertDontSee('You used a ball up');
        self::assertSame(0, $ask([])['foretold']['strands'][0]['whole']);
    }

    /** Plan and What if tell the same hours of the bag as it is; ripping costs the hook's time, and no lining's. */
    public function testHoursAreOneWhereverTheyAreTold(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/time", ['part' => 'base', 'minutes' => '20'])->assertSessionHasNoErrors();
        $bag = Bag::query()->findOrFail($bag->id);
        $sheet = PlanSheet::of($bag, $maker);
        $mine = [];
        foreach (WhatIfSheet::of($bag, $maker, [], true)->rows as $row) {
            array_push($mine, ...array_filter($row, fn(WhatIfCell $one): bool => $one->isMine));
        }
        self::assertCount(1, $mine);
        self::assertEqualsWithDelta($sheet->tally()->minutes()->likely, $mine[0]->counts?->minutes, 1e-9);
        $plain = WorkSheet::secondsOf($sheet->plan, $bag);
        $bag->choices = ['finish' => [['type' => 'lining'], ['type' => 'zip']]] + $bag->choices;
        $bag->save();
        self::assertEqualsWithDelta($plain, WorkSheet::secondsOf($bag->plan(), $bag), 1e-9);
    }

    /** Held together, each strand ends at its own place. */
    public function testStrandsHeldTogetherEachHaveTheirEnd(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $own = $bag->material()->firstOrFail();
        $thin = $this->material($maker);
        $thin->update(['name' => 'Thin']);
        Ledger::enter($thin, Move::Weighed, 200.0);
        $bag->update(['choices' => ['together' => ['ends' => [$own->id => '1', $thin->id => '1']]] + $bag->choices]);
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/work")->assertOk()->getContent();
        self::assertSame(1, preg_match('/Thin ends near Round (\d+), stitch \d+, by itself\. Lay its next in at Round (\d+)/', $page, $said));
        self::assertLessThanOrEqual((int) $said[1], (int) $said[2]);
        $bag->update(['choices' => ['together' => 'x'] + $bag->choices]);
        $this->get("/bags/{$bag->id}/work")->assertOk()->assertDontSee('by itself');
    }
}
