<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\WeighIns;
use App\Models\Material;
use App\Models\StockEntry;
use App\Stash\Ledger;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Stock\Move;
use Tests\TestCase;

final class LedgerTest extends TestCase
{
    private function balance(Material $material): ?float
    {
        return $material->fresh()?->balance();
    }

    public function testWhatIsOnHandIsTheSumOfItsLines(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->actingAs($maker);
        foreach ([
            ['bought', '1 lb'],
            ['cut', '100'],
            ['wound', '10 m'],
            ['used', '50 g'],
            ['given', '5 m'],
            ['weighed', '1,4 kg'],
        ] as [$move, $amount]) {
            $this->post(
                "/stash/{$material->id}/entries",
                ['move' => $move, 'amount' => $amount, 'note' => 'one of them'],
            )->assertSessionHasNoErrors()->assertRedirect("/stash/{$material->id}");
        }
        self::assertSame(1400.0, $this->balance($material));
        self::assertEqualsWithDelta(1400, (float) StockEntry::query()->sum('amount'), 1e-9);
        // 10 m of 8.2 g/m.
        self::assertSame('82.000', StockEntry::query()->where('move', 'wound')->sole()->amount);
        $this->get("/stash/{$material->id}")->assertSee("1\u{202F}400")->assertSee('wound from scraps')->assertSee('one of them');
    }

    public function testNeverBelowZeroAndUndoneLinesStay(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->actingAs($maker)->from("/stash/{$material->id}")->post(
            "/stash/{$material->id}/entries",
            ['move' => 'used', 'amount' => '901'],
        )->assertSessionHasErrors(
            ['amount' => 'There are 900 g on hand, and 901 g were to be taken. Weigh what is there, or take less.'],
        );
        $this->get("/stash/{$material->id}")->assertSee('There are 900 g on hand')->assertSee('value="901"', false);
        $this->post("/stash/{$material->id}/entries", ['move' => 'used', 'amount' => '600']);
        [$first, $used] = StockEntry::query()->orderBy('id')->get()->all();
        $this->post("/stash/entries/{$first->id}/undo")->assertSessionHasErrors('entry');
        self::assertSame(300.0, $this->balance($material));
        $this->post("/stash/entries/{$used->id}/undo")->assertSessionHasNoErrors();
        // Pressed twice, it is undone once.
        $this->post("/stash/entries/{$used->id}/undo");
        self::assertSame(900.0, $this->balance($material));
        $this->get("/stash/{$material->id}")->assertSee('Count again')->assertSee('class="struck"', false);
        $this->post("/stash/entries/{$used->id}/redo");
        self::assertSame(300.0, $this->balance($material));
        self::assertSame(2, StockEntry::query()->count());
    }

    public function testABagKeepsWhatIsReservedForIt(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $other = $this->bag($maker);
        $material = $bag->material;
        self::assertNotNull($material);
        $other->update(['material_id' => $material->id]);
        $this->actingAs($maker)->from("/stash/{$material->id}")->post(
            "/stash/{$material->id}/reserve",
            ['reserve_for' => (string) $bag->id, 'reserve' => '700 g'],
        )->assertSessionHasNoErrors();
        $this->post(
            "/stash/{$material->id}/reserve",
            ['reserve_for' => (string) $other->id, 'reserve' => '300'],
        )->assertSessionHasErrors('reserve');
        $this->get("/stash/{$material->id}")->assertSee(
            'Only 200 g are free: the rest is reserved (Pier tote: 700 g)',
        )->assertSee('not reserved');
        // For the other bag only what is free is there; for this one all of it.
        self::assertSame('200 g', $other->fresh()?->plan()->spec->facts->strands->own->onHand?->exact());
        self::assertSame('900 g', $bag->fresh()?->plan()->spec->facts->strands->own->onHand?->exact());
        $this->post(
            "/stash/{$material->id}/entries",
            ['move' => 'given', 'amount' => '300'],
        )->assertSessionHasErrors('amount');
        $this->post(
            "/stash/{$material->id}/entries",
            ['move' => 'used', 'amount' => '250', 'bag_id' => (string) $bag->id],
        )->assertSessionHasNoErrors();
        // What it used came out of what it had.
        self::assertSame([450.0, 650.0], [$material->fresh()?->stock()->reserved(), $this->balance($material)]);
        $this->get("/bags/{$other->id}")->assertOk();
        $bag->delete();
        self::assertSame(0.0, $material->fresh()?->stock()->reserved());
        $this->post(
            "/stash/{$material->id}/reserve",
            ['reserve_for' => (string) $other->id, 'reserve' => '0'],
        )->assertSessionHasNoErrors();
    }

    /** Bought 100, used 60 and undone, 100 reserved for another: it does not count again; freed, it does. */
    public function testWhatCountsAgainTakesNothingThatOthersReserved(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $material = $this->material($maker);
        Ledger::enter($material, Move::Weighed, 100.0);
        $used = Ledger::enter($material, Move::Used, 60.0);
        $this->actingAs($maker)->from("/stash/{$material->id}");
        $this->post("/stash/entries/{$used->id}/undo")->assertSessionHasNoErrors();
        Ledger::reserve($material, $bag, 100.0);
        $this->post("/stash/entries/{$used->id}/redo")->assertSessionHasErrors('entry');
        self::assertSame(100.0, $this->balance($material));
        Ledger::reserve($material, $bag, 40.0);
        $this->post("/stash/entries/{$used->id}/redo")->assertSessionHasNoErrors();
        self::assertSame([40.0, 40.0], [$this->balance($material), $material->fresh()?->stock()->reserved()]);
        // Nor is what came taken back from under what is kept.
        $more = Ledger::enter($material, Move::Bought, 50.0);
        Ledger::reserve($material, $bag, 80.0);
        $this->post("/stash/entries/{$more->id}/undo")->assertSessionHasErrors('entry');
    }

    /** What a bag used out of what was kept for it is kept for it again, and used again when it counts again. */
    public function testAUseThatIsUndoneIsReservedAgain(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $material = $bag->material ?? self::fail('It has one.');
        Ledger::reserve($material, $bag, 100.0);
        $used = Ledger::enter($material, Move::Used, 130.0, $bag);
        $reserved = fn(): float => $material->fresh()?->stock()->reserved() ?? -1.0;
        self::assertSame(0.0, $reserved());
        $this->actingAs($maker)->from("/stash/{$material->id}");
        $this->post("/stash/entries/{$used->id}/undo")->assertSessionHas(
            'status',
            'Undone; the line stays, struck out. 100 g are kept for “Pier tote” again.',
        );
        self::assertSame([100.0, 900.0], [$reserved(), $this->balance($material)]);
        $this->post("/stash/entries/{$used->id}/redo");
        self::assertSame([0.0, 770.0], [$reserved(), $this->balance($material)]);
    }

    /** Bought 100 and 50, weighed 120: without the 50 there are 120; a purchase that was used since stays. */
    public function testAWeighingStandsWhateverIsUndoneBeforeIt(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        StockEntry::query()->where('material_id', $material->id)->delete();
        Ledger::enter($material, Move::Bought, 100.0);
        $second = Ledger::enter($material, Move::Bought, 50.0);
        Ledger::enter($material, Move::Weighed, 120.0);
        $this->actingAs($maker)->from("/stash/{$material->id}");
        $this->post("/stash/entries/{$second->id}/undo")->assertSessionHasNoErrors();
        self::assertSame(120.0, $this->balance($material));
        $this->post("/stash/entries/{$second->id}/redo")->assertSessionHasNoErrors();
        self::assertSame(120.0, $this->balance($material));
        $third = Ledger::enter($material, Move::Bought, 30.0);
        Ledger::enter($material, Move::Used, 140.0);
        Ledger::enter($material, Move::Bought, 500.0);
        $this->post("/stash/entries/{$third->id}/undo")->assertSessionHasErrors('entry');
        self::assertSame(510.0, $this->balance($material));
    }

    /** Weighed in at 980 and at 940: the first taken out, 940 are there. */
    public function testAnEarlierWeighInIsTakenOut(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $material = $bag->material ?? self::fail('It has one.');
        Ledger::enter($material, Move::Weighed, 1000.0);
        foreach (['Round 3' => 880.0, 'Round 5' => 840.0] as $after => $left) {
            WeighIns::of($bag->fresh() ?? $bag)->enter(RowId::read($after) ?? self::fail($after), Mass::grams($left));
        }
        self::assertSame(840.0, $this->balance($material));
        $first = $bag->weighIns()->orderBy('id')->firstOrFail();
        self::assertTrue(WeighIns::takeOut($bag, $first));
        self::assertSame(840.0, $this->balance($material));
        self::assertSame(160.0, $bag->fresh()?->usedOf($material->id));
    }

    public function testTabsAreCounted(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->post(
            '/stash',
            ['kind' => 'tabs', 'name' => 'Tabs', 'pitch' => '14', 'on_hand' => '350'],
        )->assertSessionHasNoErrors();
        $tabs = Material::query()->sole();
        $this->post(
            "/stash/{$tabs->id}/entries",
            ['move' => 'used', 'amount' => '12.5'],
        )->assertSessionHasErrors('amount');
        $this->post(
            "/stash/{$tabs->id}/entries",
            ['move' => 'used', 'amount' => '3 m'],
        )->assertSessionHasErrors('amount');
        // Handbook 6 [check]: 7 × 11 = 77 a square. Common practice, no source.
        $this->post(
            "/stash/{$tabs->id}/entries",
            ['move' => 'used', 'amount' => (string) (7 * 11)],
        )->assertSessionHasNoErrors();
        self::assertSame(273.0, $this->balance($tabs));
        // Tabs have no metres: no swatch, no bag, no strand of several.
        foreach (['/bags/new', '/swatches/new', '/stash/together', '/stash/weigh'] as $path) {
            $this->get($path)->assertOk()->assertDontSee('>Tabs<', false);
        }
    }

    public function testBadEntriesAreSaidAndStay(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->actingAs($maker);
        foreach ([
            ['amount', 'a lot', 'not understood'],
            ['amount', '-5', 'less than nothing'],
            ['amount', '0', 'above nothing'],
            ['amount', '2000 kg', 'at most a ton'],
            ['move', 'stolen', 'Say what happened'],
            ['bag_id', '99999', 'your own bags'],
        ] as [$field, $value, $message]) {
            $this->from("/stash/{$material->id}")->post(
                "/stash/{$material->id}/entries",
                [$field => $value] + ['move' => 'bought', 'amount' => '77 g', 'note' => 'typed <b>note</b>'],
            );
            $this->get("/stash/{$material->id}")->assertSee($message)->assertSee('value="typed &lt;b&gt;note', false);
        }
        self::assertSame(900.0, $this->balance($material));
    }

    public function testTheLedgerIsSearchedFilteredAndSorted(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/stash/ledger')->assertSee('Nothing has come or gone');
        $material = $this->material($maker);
        foreach (range(1, 60) as $line) {
            Ledger::enter($material, $line % 3 ? Move::Bought : Move::Used, $line, note: "line {$line} of 60");
        }
        $this->get('/stash/ledger')->assertOk()->assertSee('1 to 40 of 61')->assertSee('line 60 of 60');
        $this->get('/stash/ledger?sort=largest')->assertSeeInOrder(['+900 g', '−60 g', '+59 g']);
        $this->get('/stash/ledger?move=used&sort=oldest')->assertSeeInOrder(['−3.0 g', '−6.0 g'])->assertDontSee('+59 g');
        $this->get('/stash/ledger?q=line+41')->assertSee('+41 g')->assertDontSee('+40 g');
        $this->get('/stash/ledger?q=nowhere')->assertSee('No line is like that');
        $this->get("/stash/ledger?material={$material->id}&page=2")->assertSee('41 to 61 of 61');
        $this->flushSession()->actingAs($this->maker('otto@pier.example'))->get('/stash/ledger')->assertSee('Nothing has come or gone');
    }
}
