<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\Sheets\PlanSheet;
use App\Bags\WeighIns;
use App\Books\KeptWeighIns;
use App\Books\MakerHistory;
use App\Models\Bag;
use App\Models\WeighIn;
use App\Stash\Ledger;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Duration;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Stock\Move;
use Fescue\Core\Tests\Bag\Plans;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class EnoughTest extends TestCase
{
    /** Number of the weigh-in that stands after a row. */
    private static function at(Bag $bag, string $after): int
    {
        return (int) collect(KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all)->firstWhere('after', $after)?->id;
    }

    /** @return list<string> rows that were weighed after, as far as it stands */
    private static function weighed(Bag $bag): array
    {
        return array_map(
            fn(WeighIn $one): string => (string) $one->after,
            KeptWeighIns::of(Bag::query()->findOrFail($bag->id))->all,
        );
    }

    public function testAWeighInTurnsEnoughIntoRunsOutAndBack(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}/enough")->assertOk()->assertSee('94')->assertSee('The strand is likely to reach')->assertSee('before the first')->assertSeeInOrder(['base', 'body', 'handles', 'edge', 'tails'])->assertDontSee('Making it fit');
        $this->post(
            "/bags/{$bag->id}/enough",
            ['after' => 'Round 6', 'left' => '590'],
        )->assertRedirect("/bags/{$bag->id}/enough")->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}/enough?whole=1")->assertSee('from weigh-ins')->assertSee('The strand runs out in Round')->assertSee('after Round 6')->assertSeeInOrder(['Making it fit', 'fewer', 'another material']);
        $this->get("/bags/{$bag->id}")->assertSee('runs out near Round');
        // A change on Plan keeps what was weighed.
        $this->putJson("/bags/{$bag->id}", $this->form($bag, ['body.rounds' => 10]))->assertOk();
        self::assertSame([['after' => 'Round 6', 'left' => '590 g']], $bag->fresh()?->document()['weigh_ins']);
        $this->get("/bags/{$bag->id}/enough")->assertSee('The strand is likely to reach');
        // Said again after the same round, it takes the place of the first; an earlier one stands before it.
        $this->post(
            "/bags/{$bag->id}/enough",
            ['after' => 'Round 6', 'left' => '1 lb 5 oz'],
        )->assertSessionHasNoErrors();
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 2', 'left' => '800 g'])->assertSessionHasNoErrors();
        self::assertSame(['Round 2', 'Round 6'], self::weighed($bag));
        $this->delete("/bags/{$bag->id}/enough/".self::at($bag, 'Round 2'))->assertRedirect();
        self::assertSame(['Round 6'], self::weighed($bag));
    }

    /** @return array<string, array{array<string, string>, string, string}> */
    public static function bad(): array
    {
        return [
            'heavier than on hand' => [['after' => 'Round 5', 'left' => '950 g'], 'left', 'Weigh again'],
            'heavier than before' => [['after' => 'Round 5', 'left' => '850 g'], 'left', 'more than the 800 g'],
            'no such round' => [['after' => 'Round 500', 'left' => '600'], 'after', 'its rows run from'],
            'in words' => [['after' => 'Round 5', 'left' => 'half'], 'left', 'not understood'],
            'script' => [['after' => '<script>alert(1)</script>', 'left' => '600'], 'after', 'no row of this bag'],
        ];
    }

    /** @param array<string, string> $form */
    #[DataProvider('bad')]
    public function testBadWeighInsAreSaidAndStay(array $form, string $field, string $message): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 3', 'left' => '800 g']);
        $this->from("/bags/{$bag->id}/enough")->post("/bags/{$bag->id}/enough", $form)->assertSessionHasErrors($field);
        $this->get("/bags/{$bag->id}/enough")->assertSee($message)->assertSee(
            'value="'.e($form['left']).'"',
            false,
        )->assertDontSee('<script>alert', false);
        self::assertCount(1, self::weighed($bag));
    }

    public function testACountThatLosesAWeighedRoundIsSaid(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 14', 'left' => '300 g']);
        $answer = $this->putJson(
            "/bags/{$bag->id}",
            $this->form($bag, ['body.rounds' => 5, 'handles.type' => 'none']),
        )->assertUnprocessable()->json('errors');
        self::assertStringContainsString('no “Round 14”', implode(' ', $answer));
    }

    public function testTheRestWouldDoForAnother(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        Ledger::enter($bag->material ?? throw new \LogicException('It has one.'), Move::Bought, 400);
        $this->actingAs($maker)->get("/bags/{$bag->id}/enough")->assertDontSee('The rest would do for')->assertSee('surely enough for one of these')->assertSee('pouch, ');
        $small = new Bag(
            [
                'material_id' => $bag->material_id,
                'swatch_id' => $bag->swatch_id,
                'choices' => [
                    'name' => 'Coin pouch',
                    'size' => ['length' => '14 cm', 'width' => '5 cm', 'height' => '8 cm'],
                ] + $bag->choices,
            ],
        );
        $small->choices = [
            'base' => ['type' => 'oval', 'ends' => 'three'],
            'body' => ['stitch' => 'sc'],
        ] + array_diff_key($small->choices, ['handles' => 1]);
        $maker->bags()->save($small);
        $this->get("/bags/{$bag->id}/enough")->assertSee('The rest would do for Coin pouch');
    }

    public function testAMendIsTakenAndUndone(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 2', 'left' => '785']);
        $before = $bag->fresh()?->choices;
        // What makes it fit follows the page, and is there the next time.
        $follows = "data-later=\"/bags/{$bag->id}/enough/mends\"";
        $this->get("/bags/{$bag->id}/enough")->assertSee('Making it fit')->assertSee($follows, false)
            ->assertDontSee('Take it');
        $mends = (string) $this->get("/bags/{$bag->id}/enough/mends")->assertOk()->getContent();
        self::assertStringStartsWith('<section', trim($mends));
        $page = $this->get("/bags/{$bag->id}/enough")->assertSee('Take it')->assertDontSee($follows, false);
        $takes = fn(string $said): int => substr_count($said, 'aria-label="Take it: ');
        self::assertSame($takes($mends), $takes((string) $page->getContent()));
        self::assertSame(1, preg_match('/name="do" value="(Work [^"]+)"/', (string) $page->getContent(), $found));
        $this->post("/bags/{$bag->id}/mend", ['do' => $found[1]])->assertRedirect("/bags/{$bag->id}/enough");
        $this->get("/bags/{$bag->id}/enough")->assertSee("Taken: {$found[1]}")->assertSee('Undo')->assertDontSee('Making it fit');
        self::assertSame($bag->choices['base'], $bag->fresh()?->choices['base'], 'What a mend leaves stays as it was.');
        self::assertLessThan(14, $bag->fresh()->choices['body']['rounds']);
        $this->post("/bags/{$bag->id}/undo")->assertRedirect("/bags/{$bag->id}/enough");
        self::assertEquals($before, $bag->fresh()->choices);
        $this->followingRedirects()->post("/bags/{$bag->id}/undo")->assertSee('nothing to undo');
        $this->followingRedirects()->post(
            "/bags/{$bag->id}/mend",
            ['do' => 'Conjure more'],
        )->assertSee('no longer stands');
    }

    public function testEveryMendThatCanBeTakenMakesItEnough(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        Ledger::enter($bag->material ?? throw new \LogicException('It has one.'), Move::Used, 80);
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/enough?whole=1")->getContent();
        preg_match_all('/name="do" value="([^"]+)"/', (string) strstr($page, 'The kitchen scale', true), $found);
        self::assertGreaterThanOrEqual(5, count($found[1]));
        self::assertNotSame([], preg_grep('/^Take .* hook/', $found[1]));
        self::assertNotSame([], preg_grep('/double crochet mesh/', $found[1]));
        foreach ($found[1] as $do) {
            $this->post("/bags/{$bag->id}/mend", ['do' => html_entity_decode($do)])->assertSessionHasNoErrors();
            $this->get("/bags/{$bag->id}/enough")->assertOk()->assertSee('figure  good', false)->assertDontSee('Making it fit');
            $this->get("/bags/{$bag->id}")->assertOk()->assertDontSee('No plan yet');
            // Of the same hook the growth of its base goes on following its counts; of another it is kept with them.
            self::assertSame(
                str_starts_with($do, 'Take a '),
                isset($bag->fresh()->choices['base']['growth']),
                $do,
            );
            $this->post("/bags/{$bag->id}/undo?revision={$bag->fresh()->revision}");
        }
    }

    public function testHerOtherStrandGoesOnWhereTheFirstEnds(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $pale = $this->material($maker);
        $pale->update(['name' => 'Pale cord', 'diameter' => Length::mm(4.1)]);
        Ledger::enter($bag->material ?? throw new \LogicException('It has one.'), Move::Used, 300);
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/enough?whole=1")->assertSee('work in Pale cord')->getContent();
        self::assertSame(1, preg_match('/name="do" value="(From (Round \d+) on, work in Pale cord)"/', $page, $found));
        $this->post("/bags/{$bag->id}/mend", ['do' => $found[1]])->assertSessionHasNoErrors();
        self::assertSame(
            [[['material_id' => $pale->id]], [['from' => $found[2], 'to' => 1]]],
            [$bag->fresh()?->choices['others'], $bag->fresh()?->choices['changes']],
        );
        $this->get("/bags/{$bag->id}/enough")->assertSee('figure  good', false)->assertSee('there is enough in');
        $this->post("/bags/{$bag->id}/undo?revision={$bag->fresh()->revision}");
        self::assertSame([], $bag->fresh()?->plan()->spec->choices->changes);
    }

    public function testAWeighInTakenOutComesBack(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 5', 'left' => '640']);
        $taken = self::at($bag, 'Round 5');
        $this->delete("/bags/{$bag->id}/enough/{$taken}");
        self::assertSame([], self::weighed($bag));
        $this->post("/bags/{$bag->id}/enough/{$taken}");
        self::assertSame([['after' => 'Round 5', 'left' => '640 g']], $bag->fresh()->document()['weigh_ins']);
    }

    /**
     * What a weigh-in finds used is used in the stash too; what is bought, weighed again or taken out later changes
     * nothing of what it says.
     */
    public function testAWeighInAndTheStashSayTheSame(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $cord = $bag->material ?? self::fail('It has one.');
        $onHand = fn(): ?float => $cord->fresh()?->balance();
        $estimate = fn(): MaterialEstimate => MaterialEstimate::of(($bag->fresh() ?? $bag)->plan());
        $this->actingAs($maker)->post(
            "/bags/{$bag->id}/enough",
            ['after' => 'Round 4', 'left' => '700 g'],
        )->assertSessionHasNoErrors();
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 6', 'left' => '590 g'])->assertSessionHasNoErrors();
        self::assertSame(590.0, $onHand());
        $this->get("/stash/{$cord->id}")->assertSee('weighed in after Round 6')->assertSee('590');
        $this->get("/bags/{$bag->id}")->assertSee('590 g on hand, 310 g in the bag');
        $said = $estimate();
        self::assertLessThan(0.5, $said->enough);
        // The same ball on the stash's scale says nothing new, and the kitchen scale's page neither.
        Ledger::enter($cord, Move::Weighed, 590);
        self::assertEqualsWithDelta(
            [$said->grams->likely, $said->enough],
            [$estimate()->grams->likely, $estimate()->enough],
            1e-6,
        );
        // Another ball is bought: the bag takes what it takes, and now it is enough.
        Ledger::enter($cord, Move::Bought, 450);
        self::assertEqualsWithDelta($said->grams->likely, $estimate()->grams->likely, 1e-6);
        self::assertGreaterThan(0.99, $estimate()->enough);
        $this->get("/bags/{$bag->id}/enough")->assertSeeInOrder(['after Round 4', '700 g', 'after Round 6', '590 g']);
        // More left than there is: refused, and the stash is as it was.
        $this->post(
            "/bags/{$bag->id}/enough",
            ['after' => 'Round 9', 'left' => '1.2 kg'],
        )->assertSessionHasErrors('left');
        self::assertSame(1040.0, $onHand());
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 9', 'left' => '880 g'])->assertSessionHasNoErrors();
        self::assertSame(880.0, $onHand());
        self::assertEqualsWithDelta($said->grams->likely, $estimate()->grams->likely, 0.1 * $said->grams->likely);
        // Said again after the same round it replaces its own line; taken out, what it took is there again, and back
        // with a step back.
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 9', 'left' => '900 g'])->assertSessionHasNoErrors();
        self::assertSame(900.0, $onHand());
        $taken = self::at($bag, 'Round 9');
        $this->delete("/bags/{$bag->id}/enough/{$taken}");
        self::assertSame(1040.0, $onHand());
        $this->post("/bags/{$bag->id}/enough/{$taken}");
        self::assertSame([900.0, 3], [$onHand(), count(self::weighed($bag))]);
        $this->get('/bags')->assertSee('go on with Round 10');
        // A file of it stands by itself.
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        self::assertSame(['after', 'left'], array_keys(json_decode($file, true)['weigh_ins'][0]));
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            $estimate()->grams->likely,
            MaterialEstimate::of(Bag::query()->latest('id')->firstOrFail()->plan())->grams->likely,
            1e-6,
        );
    }

    /** A nought forgotten: entered as it was typed, and said at once. */
    public function testAMisreadWeighInIsSaidWhereItWasEntered(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->followingRedirects()->from("/bags/{$bag->id}/enough")->post(
            "/bags/{$bag->id}/enough",
            ['after' => 'Round 6', 'left' => '59'],
        )->assertSee('By that 841 g went since it was weighed last; the stitches take about')->assertSee('Really?')
            ->assertSee('value="59"', false);
        self::assertSame(0, $bag->weighIns()->count());
        $this->insist("/bags/{$bag->id}/enough", ['after' => 'Round 6', 'left' => '59'])->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}/enough")->assertSee('By Round 6 841 g had gone where about')->assertSee('A digit misread');
        $this->get("/bags/{$bag->id}")->assertSee('data-note="weigh-in-odd"', false);
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 6', 'left' => '590'])->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}/enough")->assertDontSee('A digit misread');
        self::assertSame(590.0, $bag->material?->fresh()?->balance());
    }

    /** Two devices that both had the bag open lose neither's weigh-in. */
    public function testTwoDevicesLoseNoWeighIn(): void
    {
        $maker = $this->maker();
        $here = $this->bag($maker);
        $there = Bag::query()->findOrFail($here->id);
        WeighIns::of($here)->enter(new RowId(RowKind::Round, 4), Mass::grams(700));
        WeighIns::of($there)->enter(new RowId(RowKind::Round, 6), Mass::grams(590));
        self::assertSame(['Round 4', 'Round 6'], self::weighed($there));
        self::assertSame(590.0, $there->fresh()->material?->balance());
    }

    /** What is used for a bag by the ledger is in the bag, and no less of it is there for the bag. */
    public function testWhatTheLedgerHasInTheBagCountsForIt(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $before = MaterialEstimate::of($bag->plan())->enough;
        Ledger::enter($bag->material ?? self::fail('It has one.'), Move::Used, 300, $bag);
        self::assertSame(
            $before,
            MaterialEstimate::of($bag->fresh()?->plan() ?? self::fail('The bag is gone.'))->enough,
        );
        Ledger::enter($bag->material, Move::Used, 300);
        self::assertLessThan(0.5, MaterialEstimate::of($bag->fresh()->plan())->enough);
    }

    /**
     * Where nothing was weighed before, the first weigh-in only begins: the stash has what it found, and the next says
     * what was used.
     */
    public function testTheFirstWeighInOfWhatWasNeverWeighedBegins(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $cord = $bag->material ?? self::fail('It has one.');
        $cord->entries()->delete();
        $this->actingAs($maker)->post(
            "/bags/{$bag->id}/enough",
            ['after' => 'Round 3', 'left' => '700 g'],
        )->assertSessionHasNoErrors();
        self::assertSame(700.0, $cord->fresh()?->balance());
        $plan = $bag->fresh()?->plan() ?? self::fail('The bag is gone.');
        self::assertNull($plan->spec->facts->strands->own->onHand);
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 7', 'left' => '520 g'])->assertSessionHasNoErrors();
        self::assertSame(520.0, $cord->fresh()->balance());
        $plan = $bag->fresh()->plan();
        self::assertSame(
            [null, 700.0, 520.0],
            [
                $plan->spec->facts->strands->own->onHand,
                $plan->spec->facts->weighIns[0]->left->grams,
                $plan->spec->facts->weighIns[1]->left->grams,
            ],
        );
        Ledger::enter($cord, Move::Bought, 450);
        $more = $bag->fresh()->plan();
        self::assertSame(
            [1150.0, 970.0],
            [$more->spec->facts->weighIns[0]->left->grams, $more->spec->facts->weighIns[1]->left->grams],
        );
        self::assertEqualsWithDelta(
            MaterialEstimate::of($plan)->grams->likely,
            MaterialEstimate::of($more)->grams->likely,
            1e-6,
        );
        self::assertGreaterThan(MaterialEstimate::of($plan)->enough, MaterialEstimate::of($more)->enough);
    }

    public function testSwatchJoinsAndCuttingWasteAreListed(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->material?->update(['acquired' => 'ball', 'price' => '9', 'price_for' => 300]);
        $this->actingAs($maker)->get("/bags/{$bag->id}/enough")->assertSeeInOrder(
            ['tails', 'joins', 'in all', 'No seams', 'Balls of 300 g:'],
        )->assertSee('The swatch is not counted: what is on hand was weighed after it, or it will be unravelled. (79 g)', false);
        $this->post("/bags/{$bag->id}/swatch-counts", ['counts' => '1']);
        $this->get("/bags/{$bag->id}/enough")->assertSeeInOrder(['joins', 'swatch', '79', 'in all'])->assertSee('Leave it out');
        self::assertTrue(
            json_decode((string) $this->get("/bags/{$bag->id}/export")->getContent(), true)['gauge']['from_on_hand'],
        );
        $this->post("/bags/{$bag->id}/swatch-counts", ['counts' => '0']);
        $this->get("/bags/{$bag->id}/enough")->assertSee('is not counted');
        // Cut by herself: more is to be had in bags like those, and what they threw away is told.
        $bag->material->update(['acquired' => 'cut']);
        $maker->batches()->create(['material_id' => $bag->material_id, 'name' => 'Loops', 'colour' => '#334455', 'stack' => 1, 'join_ahead' => false, 'finished_at' => now(),
            'document' => [
                'format' => 'fescue-strip/1',
                'source' => 'tube',
                'flat_width' => '50 cm',
                'height' => '40 cm',
                'strip' => '2.5 cm',
                'spine' => '2.5 cm',
                'areal' => '160 g/m2',
                'pieces' => 2,
            ]]);
        $this->get("/bags/{$bag->id}/enough")->assertSee('Shirts or tubes of ')->assertSee('throws away about');
    }

    /** Two balls of 450 g on the shelf: where the first ends, and that the second may be joined there. */
    public function testTheBallsOnHandAreToldOneAfterAnother(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}/enough")->assertDontSee('worked one after another');
        $bag->material?->update(['price' => '9', 'price_for' => 450, 'acquired' => Acquired::Ball]);
        $this->get("/bags/{$bag->id}/enough")->assertSeeInOrder(
            ['worked one after another', '450 g', 'ends in', 'Join where it ends'],
        );
        // The begun one first; of one that ends among slots and edge it is told where to join before.
        Ledger::enter($bag->material ?? self::fail('It has one.'), Move::Weighed, 1250);
        $bag->material->update(['price_for' => 780]);
        $this->get("/bags/{$bag->id}/enough")->assertSeeInOrder(['worked one after another', '470 g', 'ends in']);
        Ledger::enter($bag->material, Move::Weighed, 1560);
        $this->get("/bags/{$bag->id}/enough")->assertSeeInOrder(
            ['780 g', 'Lay the next in by the end of', 'clear of slots'],
        );
    }

    public function testThePriceTagIsHersToSet(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->material?->update(['price' => '9', 'price_for' => 450]);
        $this->actingAs($maker)->post("/bags/{$bag->id}/price", ['price_tag' => '48,5'])->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}/enough")->assertSee('48.50')->assertSee('on your price tag, which leaves');
        foreach (['a lot', '-3', '1e9', '<script>alert(1)</script>'] as $bad) {
            $this->from("/bags/{$bag->id}/enough")->post(
                "/bags/{$bag->id}/price",
                ['price_tag' => $bad],
            )->assertSessionHasErrors('price_tag');
            $this->get("/bags/{$bag->id}/enough")->assertSee(
                'value="'.e($bad).'"',
                false,
            )->assertDontSee('<script>alert', false);
        }
        self::assertSame('48.50', $bag->fresh()?->price_tag);
        self::assertStringNotContainsString('price_tag', (string) $this->get("/bags/{$bag->id}/export")->getContent());
        // A change on Plan keeps it.
        $this->putJson("/bags/{$bag->id}", $this->form($bag, ['body.rounds' => 12]))->assertOk();
        self::assertSame('48.50', $bag->fresh()->price_tag);
        $this->post("/bags/{$bag->id}/price", ['price_tag' => '']);
        self::assertNull($bag->fresh()->price_tag);
    }

    public function testASwatchOfJustThatWinsOverWhatIsExpected(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $nine = $this->swatch($maker, $bag->material);
        $nine->update(['name' => 'sc on 9', 'hook' => Length::mm(9), 'width' => Length::mm(160)]);
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/what-if")->getContent();
        self::assertSame(2, substr_count($page, 'swatch measured'));
        // 10 stitches in 160 mm of 4 mm cord.
        self::assertStringContainsString('firmness 0.25', $page);
        $this->post(
            "/bags/{$bag->id}/what-if",
            ['material_id' => (string) $bag->material_id, 'hook' => '9 mm'],
        )->assertRedirect("/bags/{$bag->id}");
        self::assertSame($nine->id, $bag->fresh()?->swatch_id);
        $this->get("/bags/{$bag->id}")->assertSee('by your swatch “sc on 9”')->assertSee('Undo');
        $this->post("/bags/{$bag->id}/undo?revision={$bag->fresh()->revision}");
        self::assertNotSame($nine->id, $bag->fresh()->swatch_id);
    }

    public function testWeighInsOfABagTeachTheHandForOthers(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 6', 'left' => '590']);
        $this->get("/bags/{$bag->id}/enough")->assertSee('So far your hands took')->assertSee('more than expected');
        $this->get("/swatches/trial?material={$bag->material_id}")->assertSee(
            'from one swatch of yours and one bag weighed in the work',
        );
        // The stash has what the first left, and what was bought since for the second.
        Ledger::enter($bag->material ?? self::fail('It has one.'), Move::Bought, 310);
        // A second bag, learned, expects more than it would without the first one's weigh-in.
        $other = new Bag(
            [
                'material_id' => $bag->material_id,
                'choices' => ['learned' => true, 'hook' => '8 mm'] + array_diff_key($bag->choices, ['weigh_ins' => 1]),
            ],
        );
        $maker->bags()->save($other);
        $taught = $other->plan();
        self::assertSame([1, 1], [$taught->spec->facts->hands->predicted?->from, $taught->spec->facts->hands->predicted?->bags]);
        self::assertGreaterThan(
            $other->plan(taught: false)->spec->facts->hands->predicted->strand->likely,
            $taught->spec->facts->hands->predicted->strand->likely,
        );
        // Its own weigh-ins are its estimate's to heed, and no second time the hand's; two that teach each other come
        // to an end.
        $this->post("/bags/{$other->id}/enough", ['after' => 'Round 4', 'left' => '680'])->assertSessionHasNoErrors();
        self::assertSame(1, $other->fresh()?->plan()->spec->facts->hands->predicted?->bags);
        $file = (string) $this->get("/bags/{$other->id}/export")->getContent();
        self::assertCount(1, json_decode($file, true)['worked']);
        $here = $other->fresh()->plan()->spec->facts->hands->predicted?->strand->likely;
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            $here,
            Bag::query()->latest('id')->firstOrFail()->plan()->spec->facts->hands->predicted?->strand->likely,
            0.01,
        );
    }

    public function testWhatHungSaysHowHighTheBagHangs(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}")->assertDontSee('hung under');
        $this->swatch($maker, $bag->material)->update(
            ['name' => 'hung', 'height' => Length::mm(126.5), 'state' => 'hung', 'hung_load' => Mass::grams(2000)],
        );
        $this->get("/bags/{$bag->id}")->assertSee('hung under')->assertSee('about 20.2 cm high');
        $this->get("/swatches/trial?material={$bag->material_id}")->assertSee('10 % longer');
    }

    public function testTimeIsLoggedByPartAndCostsAreSummed(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->material?->update(['price' => '9', 'price_for' => 450]);
        $this->actingAs($maker)->get("/bags/{$bag->id}/enough")->assertSee('guessed at 12 s a stitch')->assertSee('at its price')->assertDontSee('your work<', false);
        foreach (['dear' => true, '12,50' => false] as $wage => $wrong) {
            $answer = $this->put('/account', ['name' => 'Ilse', 'units' => 'cm', 'terms' => 'us', 'wage' => $wage]);
            $wrong ? $answer->assertSessionHasErrors('wage') : $answer->assertSessionHasNoErrors();
        }
        $this->post("/bags/{$bag->id}/time", ['part' => 'base', 'minutes' => '1 h 10'])->assertSessionHasNoErrors();
        self::assertSame(['base' => 70], $bag->minutes()->pluck('minutes', 'part')->all());
        $this->get("/bags/{$bag->id}/enough")->assertSee('from one bag you logged')
            ->assertSee('your work')->assertSee('1 h 10');
        // Plan says the same time, from the same log.
        $time = Duration::about(
            PlanSheet::of($bag->fresh() ?? self::fail('The bag is gone.'), $maker)->tally()->minutes()->likely,
        );
        $this->get("/bags/{$bag->id}/enough")->assertSee("<b>{$time}</b>", false);
        $this->get("/bags/{$bag->id}")->assertSee("<b>{$time}</b>", false)->assertSee('from one bag you logged')
            ->assertDontSee('guessed at 12 s');
        $this->post(
            "/bags/{$bag->id}/time",
            ['part' => 'base', 'minutes' => 'an age'],
        )->assertSessionHasErrors('minutes');
        $this->get("/bags/{$bag->id}/enough")->assertSee('like “45”');
        $this->post("/bags/{$bag->id}/time", ['part' => 'base', 'minutes' => '0']);
        self::assertSame([], $bag->minutes()->pluck('minutes', 'part')->all());
        // Neither is part of the bag's file.
        self::assertStringNotContainsString('logged', (string) $this->get("/bags/{$bag->id}/export")->getContent());
    }

    public function testWhatIfAndTakingACell(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $thick = $this->material($maker);
        $thick->update(['name' => 'Thick cord', 'diameter' => Length::mm(6), 'sample_mass' => Mass::grams(14)]);
        $this->actingAs($maker)->get("/bags/{$bag->id}/what-if")->assertOk()->assertSee('learned from one swatch of yours.')->assertSee('Thick cord')->assertSee('12 mm')->assertSee('firmness');
        $counts = $bag->plan()->work->names();
        $this->post(
            "/bags/{$bag->id}/what-if",
            ['material_id' => (string) $thick->id, 'hook' => '12 mm', 'keep' => 'size'],
        )->assertRedirect("/bags/{$bag->id}");
        $fresh = $bag->fresh();
        self::assertSame(
            [$thick->id, null, '12 mm', true],
            [$fresh?->material_id, $fresh?->swatch_id, $fresh?->choices['hook'], $fresh?->choices['learned']],
        );
        self::assertNotNull($fresh->plan()->spec->facts->hands->predicted);
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('what all my swatches teach')->assertSee('from your swatches')->assertSee('value="12 mm"', false);
        // The plan goes on from there, and out as a file that reads by itself.
        $this->putJson("/bags/{$bag->id}", $this->form($fresh, ['swatch_id' => 'learned', 'hook' => '10']))->assertOk();
        self::assertSame('10 mm', $bag->fresh()?->choices['hook']);
        $this->putJson(
            "/bags/{$bag->id}",
            $this->form($fresh, ['swatch_id' => 'learned', 'hook' => 'a nail']),
        )->assertUnprocessable()->assertJsonValidationErrorFor('hook');
        $file = (string) $this->get("/bags/{$bag->id}/export")->assertOk()->getContent();
        self::assertCount(1, json_decode($file, true)['swatches']);
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        $copy = Bag::query()->latest('id')->firstOrFail();
        self::assertEqualsWithDelta($bag->fresh()?->plan()->gauge->width->mm, $copy->plan()->gauge->width->mm, 1e-9);
        self::assertNotSame($counts, $copy->plan()->work->names());
        foreach ([
            ['material_id' => '99999', 'hook' => '8 mm'],
            ['material_id' => (string) $thick->id, 'hook' => 'nail'],
            ['material_id' => (string) $thick->id, 'hook' => '30 mm', 'keep' => 'size'],
        ] as $bad) {
            $this->from("/bags/{$bag->id}/what-if")->post("/bags/{$bag->id}/what-if", $bad)->assertSessionHasErrors();
        }
    }

    public function testOtherMaterialsFollowThePageAndAreThereTheNextTime(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $thick = $this->material($maker);
        $thick->update(['name' => 'Thick cord', 'diameter' => Length::mm(6)]);
        $page = fn(string $query = ''): string => (string) $this->get("/bags/{$bag->id}/what-if{$query}")
            ->assertOk()->getContent();
        $follows = 'data-later="'.route('bags.what-if.material', [$bag, $thick->id]).'"';
        $takes = fn(string $said): int => substr_count($said, 'aria-label="Take Thick cord on ');
        $this->actingAs($maker);
        $first = $page();
        self::assertStringContainsString($follows, $first);
        self::assertStringContainsString("aria-label=\"Take {$bag->material?->name} on 8 mm, the counts kept\"", $first);
        self::assertSame(0, $takes($first));
        $row = (string) $this->get("/bags/{$bag->id}/what-if/{$thick->id}")->assertOk()->getContent();
        self::assertSame(12, $takes($row));
        self::assertStringStartsWith('<tbody>', trim($row));
        self::assertStringNotContainsString('data-later', $page());
        self::assertStringContainsString(trim($row), $page(), 'What came is what stands there the next time.');
        // Another bag: it follows again, or comes with the page where that is asked for, or where it comes first.
        $this->putJson("/bags/{$bag->id}", $this->form($bag, ['body.rounds' => 12]))->assertOk();
        self::assertStringContainsString($follows, $page());
        self::assertSame(12, $takes($page("?materials[]={$thick->id}")));
        $this->putJson("/bags/{$bag->id}", $this->form($bag, ['body.rounds' => 11]))->assertOk();
        self::assertSame(12, $takes($page('?whole=1')));
        // None but hers.
        $theirs = $this->material($this->maker('otto@pier.example'));
        $this->get("/bags/{$bag->id}/what-if/{$theirs->id}")->assertNotFound();
        $this->get("/bags/{$bag->id}/what-if/99999999")->assertNotFound();
    }

    /**
     * What the cell shows is what the plan becomes: the size that comes of the counts, or the counts that come to the
     * size.
     */
    public function testACellIsTakenWithItsCountsOrWithItsSize(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker);
        // Of counts that were given, and of a size that they followed.
        foreach ([
            [],
            [
                'base' => ['type' => 'oval', 'ends' => 'three'],
                'body' => ['stitch' => 'hdc'],
                'handles' => ['type' => 'slot'],
            ],
        ] as $open) {
            $bag = $this->bag($maker);
            $bag->choices = $open + $bag->choices;
            $bag->save();
            $was = $bag->plan();
            $take = fn(string $keep): TestResponse => $this->post(
                "/bags/{$bag->id}/what-if",
                ['material_id' => (string) $bag->material_id, 'hook' => '10 mm', 'keep' => $keep],
            )->assertSessionHasNoErrors();
            $cell = WhatIf::of(
                $was,
                (new MakerHistory($maker->id))->learned(),
                $was->spec->facts->strands->own,
                HookSize::mm(10),
            );
            $take('counts');
            $taken = $bag->fresh()?->plan() ?? self::fail('The bag is gone.');
            self::assertSame(Plans::settled($was), Plans::settled($taken));
            self::assertEqualsWithDelta($cell->counts?->comesOut->height->mm, $taken->comesOut->height->mm, 1e-9);
            self::assertGreaterThan($was->comesOut->flatWidth->mm, $taken->comesOut->flatWidth->mm);
            $this->post("/bags/{$bag->id}/undo?revision={$bag->fresh()->revision}");
            self::assertSame($was->comesOut->height->mm, $bag->fresh()?->plan()->comesOut->height->mm);
            $take('size');
            $taken = $bag->fresh()?->plan() ?? self::fail('The bag is gone.');
            self::assertSame($cell->sized?->work->names(), $taken->work->names());
            self::assertSame(Plans::settled($cell->sized), Plans::settled($taken));
            self::assertLessThan($was->work->start->chain, $taken->work->start->chain);
            self::assertArrayNotHasKey('chain', $bag->fresh()->choices['base']);
        }
    }

    /**
     * A blocked swatch teaches as a blocked one, goes out with its bag as such, and does not stand beside a relaxed one
     * as its like.
     */
    public function testBlockedSwatchesAreKeptApart(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $blocked = $this->swatch($maker, $bag->material);
        $blocked->update(
            ['name' => 'Blocked', 'stitch' => Motif::named('dc'), 'state' => 'blocked', 'rows_counted' => 5.0],
        );
        self::assertArrayNotHasKey('also', $bag->document());
        self::assertSame([false, true], array_column((new MakerHistory($maker->id))->trials(), 'blocked'));
        $bag->update(['swatch_id' => null, 'choices' => ['learned' => true, 'hook' => '8 mm'] + $bag->choices]);
        $bag = $bag->fresh() ?? self::fail('The bag is gone.');
        self::assertSame(
            [null, true],
            array_map(fn(array $one): ?bool => $one['blocked'] ?? null, $bag->document()['swatches']),
        );
        $file = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/export")->getContent();
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            $bag->plan()->gauge->width->mm,
            Bag::query()->latest('id')->firstOrFail()->plan()->gauge->width->mm,
            1e-9,
        );
        $blocked->update(['state' => 'relaxed']);
        self::assertNotEqualsWithDelta(
            $bag->plan()->gauge->height->mm,
            ($bag->fresh() ?? $bag)->plan()->gauge->height->mm,
            1e-9,
        );
    }

    /** Minutes logged of one bag tell of another; its own tell more. */
    public function testHoursAreLearnedFromAllHerBags(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker);
        [$first, $other] = [$this->bag($maker), $this->bag($maker)];
        $this->get("/bags/{$other->id}/enough")->assertSee('guessed at 12 s a stitch');
        $before = PlanSheet::of($other, $maker)->tally()->minutes();
        $base = Pace::expected($first->plan())['base'];
        $this->post(
            "/bags/{$first->id}/time",
            ['part' => 'base', 'minutes' => (string) (int) round(1.5 * $base)],
        )->assertSessionHasNoErrors();
        $other = $other->fresh() ?? self::fail('The bag is gone.');
        $after = PlanSheet::of($other, $maker)->tally()->minutes();
        self::assertGreaterThan(1.1 * $before->likely, $after->likely);
        self::assertLessThan($before->relative, $after->relative);
        foreach (["/bags/{$other->id}", "/bags/{$other->id}/enough", "/bags/{$first->id}/what-if"] as $page) {
            $this->get($page)->assertSee('from one bag you logged');
        }
        $this->post("/bags/{$other->id}/time", ['part' => 'body', 'minutes' => '2 h'])->assertSessionHasNoErrors();
        $this->get("/bags/{$other->id}")->assertSee('from 2 bags you logged');
    }

    public function testAHookTrialIsFilledTheWayPeopleMeasure(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/swatches/trial')->assertOk()->assertSee('Nothing to try a hook on');
        $material = $this->material($maker);
        $this->get('/swatches/trial')->assertSee('not tried; a guess')->assertSee('One more hook');
        $this->post(
            '/swatches/trial',
            [
                'material' => (string) $material->id,
                'hook' => '8',
                'stitch' => 'sc',
                'quick' => "16 chains = 20 cm\n8 st = 9.8\n31 rows = 40 cm",
                'stitch_mass' => '0,79',
                'drape' => 'firm',
                'note' => 'stiff',
            ],
        )->assertSessionHasNoErrors();
        $swatch = $maker->swatches()->sole();
        self::assertEqualsWithDelta((12.5 + 12.25) / 2, $swatch->measured()->gauge()->width->mm, 1e-9);
        self::assertEqualsWithDelta(0.79, $swatch->measured()->gauge()->mass?->grams, 1e-9);
        $this->get('/swatches/trial')->assertSee('from one swatch of yours')->assertSee('stiff')->assertSee('± 0.1 × once')->assertSeeInOrder(
            ['What your hand makes of it', 'A stitch is wide, mm', '<circle'],
            false,
        )->assertSee('firm');
        // The same hooks in another stitch, expected from the one: wider of its mark, and the swatch of sc is not among
        // them.
        $page = (string) $this->get(
            "/swatches/trial?material={$material->id}&stitch=dc",
        )->assertSee('not tried; from one swatch of yours')->assertDontSee('stiff')->getContent();
        self::assertMatchesRegularExpression('#<th scope="row">8 mm \(L-11\)</th>\s*<td>dc</td>#', $page);
        $this->get("/swatches/trial?material={$material->id}&stitch=knot")->assertOk()->assertSee('stiff');
        $this->post("/swatches/{$swatch->id}/choose");
        $this->get("/swatches/trial?material={$material->id}")->assertSee('chosen');
        foreach ([
            ['hook', 'twig'],
            ['quick', 'sixteen chains'],
            ['quick', '16 chains = 20 cm'],
            ['quick', "16 chains = 20 cm\n1 row = 2 m"],
            ['stitch_mass', 'light'],
        ] as [$field, $value]) {
            $this->post(
                '/swatches/trial',
                [$field => $value] + [
                    'material' => (string) $material->id,
                    'hook' => '9',
                    'stitch' => 'sc',
                    'quick' => "10 st = 14 cm\n10 rows = 13 cm",
                ],
            )->assertSessionHasErrors($field);
            $this->get("/swatches/trial?material={$material->id}")->assertSee(e($value), false);
        }
        self::assertSame(1, $maker->swatches()->count());
    }

    public function testWhatHungSaysUnderWhat(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $form = [
            'name' => 'Hung',
            'material_id' => (string) $material->id,
            'hook' => '8 mm',
            'stitch' => 'sc',
            'stitches_counted' => '10',
            'width' => '12',
            'rows_counted' => '10',
            'height' => '13',
            'state' => 'hung',
        ];
        $this->actingAs($maker)->from('/swatches/new')->post('/swatches', $form)->assertSessionHasErrors('hung_load');
        $this->get('/swatches/new')->assertSee('Say what hung on it')->assertSee('value="Hung"', false);
        $this->post('/swatches', ['hung_load' => '2 kg'] + $form)->assertSessionHasNoErrors();
        $this->get("/swatches/trial?material={$material->id}")->assertSee("hung under 2\u{202F}000 g")->assertSee('not tried; a guess');
        $quick = [
            'material' => (string) $material->id,
            'hook' => '9',
            'stitch' => 'sc',
            'quick' => "10 st = 14\n10 rows = 14",
            'state' => 'hung',
        ];
        $this->post('/swatches/trial', $quick)->assertSessionHasErrors('hung_load');
        $this->post('/swatches/trial', ['hung_load' => '1 lb'] + $quick)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(453.59237, $maker->swatches()->where('hook', 9)->sole()->hung_load?->grams, 1e-6);
    }

    public function testTheOddSwatchIsDoubtedAndTheHungOneKeptApart(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        foreach ([
            [8.0, 120, 115],
            [9.0, 134, 129],
            [7.0, 107, 101],
            [8.0, 70, 114],
        ] as $place => [$hook, $width, $height]) {
            $maker->swatches()->create(
                [
                    'material_id' => $material->id,
                    'name' => "Swatch {$place}",
                    'hook' => Length::mm($hook),
                    'stitch' => Motif::single(),
                    'stitches_counted' => 10.0,
                    'width' => Length::mm($width),
                    'rows_counted' => 10.0,
                    'height' => Length::mm($height),
                ],
            );
        }
        $this->actingAs($maker)->get('/swatches')->assertSee('less wide than your other swatches say');
        $this->get("/swatches/trial?material={$material->id}")->assertSee('less wide than your other swatches say');
        // A bag planned of what they teach says which it is; one of a swatch of its own does not.
        $bag = $this->bag($maker);
        $this->get("/bags/{$bag->id}")->assertDontSee('disagrees with the others');
        $bag->swatch?->forceDelete();
        $bag->update(
            [
                'material_id' => $material->id,
                'swatch_id' => null,
                'choices' => ['learned' => true, 'hook' => '8 mm'] + $bag->choices,
            ],
        );
        $this->get("/bags/{$bag->id}")->assertSee('“Swatch 3” disagrees with the others this is learned from.');
        $bag->delete();
        $maker->swatches()->where('name', 'Swatch 3')->update(['state' => 'hung']);
        $this->get('/swatches')->assertDontSee('than your other swatches say')->assertSee('hung');
    }
}
