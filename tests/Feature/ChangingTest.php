<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\WorkLog;
use App\Books\KeptWeighIns;
use App\Http\Middleware\Once;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\StockEntry;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Did;
use Fescue\Core\Work\Place;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Pages of different age, steps back, either side of a weigh-in, and forms that are sent twice. */
final class ChangingTest extends TestCase
{
    /** One page sets the height, an older one renames: both stand. */
    public function testAnOlderPageChangesOnlyWhatItChanged(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $form = ['revision' => '1'] + $this->form($bag);
        $this->actingAs($maker)->put("/bags/{$bag->id}", ['size' => ['height' => '30 cm'] + $form['size']] + $form)
            ->assertSessionHasNoErrors();
        self::assertSame(2, $bag->fresh()?->revision);
        $this->put("/bags/{$bag->id}", ['name' => 'Renamed'] + $form)->assertSessionHasNoErrors();
        $now = $bag->fresh();
        self::assertSame(['Renamed', '30 cm'], [$now?->name(), $now?->choices['size']['height']]);
        $answer = $this->putJson("/bags/{$bag->id}", ['base' => ['chain' => '24'] + $form['base']] + $form)->assertOk()->json();
        self::assertSame(['30 cm', 'Renamed'], [$answer['elsewhere']['size[height]'], $answer['elsewhere']['name']]);
        self::assertSame([4, ''], [$answer['revision'], $answer['met']]);
        self::assertSame(24, $bag->fresh()?->choices['base']['chain']);
    }

    /** Both set the height: theirs stands, mine is told with one press to keep it, and nothing is silent. */
    public function testTheSameFieldChangedTwiceIsTold(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $form = ['revision' => '1'] + $this->form($bag);
        $of = fn(string $height): array => ['size' => ['height' => $height] + $form['size']] + $form;
        $this->actingAs($maker)->put("/bags/{$bag->id}", $of('30 cm'));
        $this->put("/bags/{$bag->id}", ['name' => 'Renamed'] + $of('24 cm'))->assertRedirect();
        $this->get("/bags/{$bag->id}")->assertSee('Size, height: yours 24 cm, theirs 30 cm.')->assertSee('Keep mine: 24 cm');
        self::assertSame(['30 cm', 'Renamed'], [$bag->fresh()?->choices['size']['height'], $bag->fresh()?->name()]);
        $answer = $this->putJson("/bags/{$bag->id}", $of('22 cm'))->assertOk()->json();
        self::assertStringContainsString('yours 22 cm, theirs 30 cm', $answer['met']);
        self::assertSame('30 cm', $answer['elsewhere']['size[height]']);
        $this->post("/bags/{$bag->id}/keep-mine", ['field' => 'size/height', 'value' => '"24 cm"'])->assertSessionHasNoErrors();
        self::assertSame('24 cm', $bag->fresh()?->choices['size']['height']);
        $this->post("/bags/{$bag->id}/keep-mine", ['field' => 'size/height', 'value' => '"-4 cm"'])->assertSessionHasErrors();
        self::assertSame('24 cm', $bag->fresh()->choices['size']['height']);
    }

    /** A step back takes back its own change and nothing that came after it, weigh-ins least of all. */
    public function testAStepBackLeavesWhatCameSince(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post(
            "/bags/{$bag->id}/what-if",
            ['material_id' => (string) $bag->material_id, 'hook' => '9 mm', 'keep' => 'counts'],
        )->assertSessionHas('undo');
        $undo = (string) session('undo');
        $now = $bag->fresh();
        self::assertNull($now?->swatch_id);
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 5', 'left' => '640 g'])->assertSessionHasNoErrors();
        $this->put("/bags/{$bag->id}", [
            'name' => 'Renamed', 'swatch_id' => 'learned', 'hook' => '9 mm', 'revision' => (string) $now->revision,
        ] + $this->form($now))->assertSessionHasNoErrors();
        $this->post($undo)->assertSessionHas('status', 'It is as it was.');
        $after = $bag->fresh();
        self::assertSame($bag->swatch_id, $after?->swatch_id);
        self::assertSame('Renamed', $after->name());
        self::assertSame(['Round 5'], array_map(strval(...), array_column(KeptWeighIns::of($after)->all, 'after')));
        self::assertArrayNotHasKey('learned', $after->choices);
    }

    /** Undo and redo over more than fifty changes, from wherever they were made; one field without a pause is one. */
    public function testChangesAreTakenBackAndDoneAgain(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $now = fn(): array => Bag::query()->findOrFail($bag->id)->choices;
        $step = function (string $way): string {
            $this->post($way)->assertRedirect();

            return (string) session('status');
        };
        [$undo, $redo] = ["/bags/{$bag->id}/undo", "/bags/{$bag->id}/redo"];
        self::assertSame('There is nothing to undo.', $step($undo));
        $states = [$now()];
        for ($change = 0; $change < 60; $change++) {
            $this->travel(10)->seconds();
            $this->putJson("/bags/{$bag->id}", $this->form($bag->refresh(), match ($change % 3) {
                0 => ['size.height' => (20 + $change).' cm'],
                1 => ['body.rounds' => 14 + $change],
                default => ['handles.skip' => 8 + $change % 5],
            }))->assertOk();
            $states[] = $now();
        }
        self::assertStringContainsString('Undo: skip', (string) $this->get("/bags/{$bag->id}")->getContent());
        foreach (array_reverse(array_slice($states, -56, 55)) as $state) {
            self::assertStringStartsWith('Undone: ', $step($undo));
            self::assertEquals($state, $now());
        }
        foreach (array_slice($states, -55) as $state) {
            self::assertStringStartsWith('Done again: ', $step($redo));
            self::assertEquals($state, $now());
        }
        self::assertSame('There is nothing to do again.', $step($redo));
        // Typed without a pause it is one step, to and fro it is none; a pause makes it two.
        $type = fn(string $height) => $this->putJson("/bags/{$bag->id}", $this->form($bag->refresh(), ['size.height' => $height]))->assertOk();
        $before = $now();
        $this->travel(10)->seconds();
        array_map($type, ['2', '20', '20 cm']);
        $this->travel(4)->seconds();
        $type('21 cm');
        self::assertSame('Undone: height.', $step($undo));
        self::assertSame('20 cm', $now()['size']['height']);
        self::assertSame('Undone: height.', $step($undo));
        self::assertEquals($before, $now());
        // Something else was changed meanwhile: what was taken back is not done again over it.
        $type('33 cm');
        self::assertSame('There is nothing to do again.', $step($redo));
        self::assertSame('33 cm', $now()['size']['height']);
        // Another maker's is not there to be undone.
        $this->flushSession()->actingAs($this->maker('otto@pier.example'));
        $this->post($undo)->assertNotFound();
        $this->post($redo)->assertNotFound();
    }

    /** What is worked is fixed, and what was entered once stays, however far she goes back. */
    public function testAnUndoLeavesWhatIsWorkedAndEntered(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->putJson("/bags/{$bag->id}", $this->form($bag, ['base.chain' => 24]))->assertOk();
        $this->travel(10)->seconds();
        $course = Course::of($bag->refresh()->plan());
        WorkLog::enter($bag, $course, Did::Step, new Place(4));
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 4', 'left' => '700 g'])->assertSessionHasNoErrors();
        $this->putJson("/bags/{$bag->id}", $this->form($bag->refresh(), ['body.rounds' => 16]))->assertOk();
        $this->post("/bags/{$bag->id}/undo")->assertSessionHas('status', 'Undone: rounds.');
        $this->post("/bags/{$bag->id}/undo");
        self::assertStringContainsString('This would change what is worked already', (string) session('status'));
        self::assertSame(24, $bag->refresh()->choices['base']['chain']);
        self::assertCount(1, KeptWeighIns::of($bag)->all);
        self::assertEquals(new Place(4), WorkLog::place($bag, $course));
    }

    /** Begun anew by a cell of What if, the old weigh-ins are of another bag; undone, they are back. */
    public function testWeighInsOfABagBegunAnewComeBackWithIt(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 5', 'left' => '640 g']);
        $this->post("/bags/{$bag->id}/what-if", ['material_id' => (string) $bag->material_id, 'hook' => '9 mm', 'keep' => 'counts']);
        self::assertSame([], KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
        $this->post((string) session('undo'));
        self::assertCount(1, KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
        $this->post("/bags/{$bag->id}/redo");
        self::assertSame([], KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
        $this->post("/bags/{$bag->id}/undo");
        self::assertCount(1, KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
        // Taken back by its own button after something else was changed, too.
        $this->post("/bags/{$bag->id}/what-if", ['material_id' => (string) $bag->material_id, 'hook' => '9 mm', 'keep' => 'counts']);
        $undo = (string) session('undo');
        $now = Bag::query()->findOrFail($bag->id);
        $this->put("/bags/{$bag->id}", [
            'name' => 'Renamed', 'swatch_id' => 'learned', 'hook' => '9 mm', 'revision' => (string) $now->revision,
        ] + $this->form($now))->assertSessionHasNoErrors();
        self::assertSame([], KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
        $this->post($undo)->assertSessionHas('status', 'It is as it was.');
        self::assertCount(1, KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
    }

    /** Taking a weigh-in back takes its line back, from whichever side, and so does putting it there again. */
    public function testAWeighInAndItsLineGoTogether(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 5', 'left' => '640 g']);
        $line = StockEntry::query()->where('bag_id', $bag->id)->firstOrFail();
        $stands = fn(): int => count(KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all);
        $this->post("/stash/entries/{$line->id}/undo");
        self::assertSame(0, $stands());
        $this->post("/stash/entries/{$line->id}/redo");
        self::assertSame(1, $stands());
        $one = $bag->weighIns()->firstOrFail();
        $this->delete("/bags/{$bag->id}/enough/{$one->id}")->assertSessionHas('undo');
        self::assertNotNull($line->fresh()?->undone_at);
        $this->post("/stash/entries/{$line->id}/redo");
        self::assertSame(1, $stands());
        $this->delete("/bags/{$bag->id}/enough/{$one->id}");
        $this->post((string) session('undo'))->assertSessionHas('status', 'It is as it was.');
        self::assertSame([1, null], [$stands(), $line->fresh()->undone_at]);
        // Of another bag it is none.
        $other = $this->bag($this->maker('other@pier.example'));
        $this->delete("/bags/{$other->id}/enough/{$one->id}")->assertNotFound();
    }

    /** The same form twice is one write and one answer; other values under its key are another write. */
    public function testARequestSentTwiceIsDoneOnce(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $send = fn(string $amount, string $key) => $this->actingAs($maker)->post(
            "/stash/{$material->id}/entries",
            ['move' => 'bought', 'amount' => $amount, Once::FIELD => $key],
        );
        $said = $send('50 g', 'k1')->assertRedirect()->baseResponse->headers->get('Location');
        self::assertSame($said, $send('50 g', 'k1')->assertRedirect()->assertSessionHas('status')->baseResponse->headers->get('Location'));
        self::assertSame(950.0, $material->fresh()?->balance());
        $send('60 g', 'k1');
        $send('50 g', 'k2');
        self::assertSame(1060.0, $material->fresh()->balance());
        // Refused, nothing is kept of it: mended or not, it may be sent again.
        $send('lots', 'k3')->assertSessionHasErrors('amount');
        $send('lots', 'k3')->assertSessionHasErrors('amount');
        self::assertSame(3, DB::table('sent_once')->where('user_id', $maker->id)->count());
        $this->get('/stash/new')->assertSee('name="'.Once::FIELD.'"', false);
    }

    public function testFieldsThatDoNotMeetAreMerged(): void
    {
        $base = ['name' => 'a', 'base' => ['type' => 'oval', 'chain' => 22], 'size' => ['height' => '26 cm']];
        $mine = ['name' => 'b', 'base' => ['type' => 'oval', 'chain' => 22, 'rounds' => 3], 'size' => ['height' => '26 cm']];
        $theirs = ['name' => 'a', 'base' => ['type' => 'oval', 'chain' => 24], 'size' => ['height' => '26 cm', 'width' => '9 cm']];
        $merged = (new Draft($mine))->merge(new Draft($base), new Draft($theirs));
        self::assertSame([], $merged->met);
        self::assertEquals(
            ['name' => 'b', 'base' => ['type' => 'oval', 'chain' => 24, 'rounds' => 3], 'size' => ['height' => '26 cm', 'width' => '9 cm']],
            $merged->draft->all,
        );
        self::assertEqualsCanonicalizing(['base/chain', 'size/width'], $merged->elsewhere);
        // Another way is another part: its counts are not mixed with the old one's.
        $rows = ['base' => ['type' => 'rows', 'across' => 30]] + $base;
        $met = (new Draft($mine))->merge(new Draft($base), new Draft($rows));
        self::assertSame(['base'], array_keys($met->met));
        self::assertEquals(['type' => 'rows', 'across' => 30], $met->draft->all['base']);
        // What one takes out and the other leaves is out.
        self::assertArrayNotHasKey('handles', (new Draft($mine))->merge(
            new Draft(['handles' => ['type' => 'slot']] + $base),
            new Draft(['handles' => ['type' => 'slot']] + $theirs),
        )->draft->all);
    }

    /** What met on another page is taken as this one wanted it, links too: hers alone. */
    public function testWhatMetMayBeALinkAndIsHersAlone(): void
    {
        $maker = $this->maker();
        [$bag, $hers, $others] = [
            $this->bag($maker), $this->material($maker), $this->material($this->maker('otto@pier.example')),
        ];
        $keep = fn(int $material) => $this->actingAs($maker)->post("/bags/{$bag->id}/keep-mine", [
            'field' => 'material_id', 'value' => (string) $material,
        ]);
        $keep($others->id)->assertSessionHasErrors('material_id');
        self::assertSame($bag->material_id, $bag->fresh()?->material_id);
        $keep($hers->id)->assertSessionHasNoErrors();
        self::assertSame($hers->id, $bag->fresh()?->material_id);
        self::assertArrayNotHasKey('material_id', $bag->fresh()->choices);
    }

    public function testADraftIsLearnedMeasuredOrBegunAnew(): void
    {
        $all = ['name' => 'a', 'gauge' => [], 'hook' => '8 mm', 'learned' => true, 'swatches' => [], 'worked' => [], 'also' => [],
            'proportions' => [], 'tape' => [], 'swatch_counts' => true, 'material' => [], 'together' => [], 'others' => [],
            'changes' => [], 'finish' => [], 'material_id' => 3, 'swatch_id' => 4];
        $draft = new Draft($all);
        $left = fn(Draft $of): array => array_keys(array_diff_key($all, $of->all));
        self::assertSame(
            ['gauge', 'hook', 'learned', 'swatches', 'worked', 'also', 'proportions'],
            $left($draft->measured()),
        );
        self::assertSame(['gauge', 'swatches', 'worked', 'also', 'proportions'], $left($draft->learned('9 mm')));
        self::assertSame(['9 mm', true], [$draft->learned('9 mm')->all['hook'], $draft->learned('9 mm')->all['learned']]);
        self::assertSame(['tape', 'swatch_counts'], $left($draft->unmeasured()));
        self::assertSame(['others', 'changes'], $left($draft->inOne()));
        self::assertSame(['material', 'together'], $left($draft->inAnother()));
        self::assertSame(['finish'], $left($draft->finished([])));
        self::assertSame(['name', 'learned', 'material_id', 'swatch_id'], $left($draft->unasked()));
        self::assertSame(['learned', 'swatch_counts', 'together', 'material_id', 'swatch_id'], array_keys(array_diff_key($all, $draft->document())));
    }
}
