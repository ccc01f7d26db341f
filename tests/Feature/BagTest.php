<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Tests\Bag\Plans;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class BagTest extends TestCase
{
    public function testPlansANewBagFromItsSize(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $swatch = $this->swatch($maker, $material);
        $this->actingAs($maker)->get('/bags/new')->assertSee('Plan it');
        $this->post('/bags', ['name' => 'Pier tote', 'material_id' => $material->id, 'swatch_id' => $swatch->id, 'size' => ['length' => '30', 'width' => '12 cm', 'height' => '10 1/4 in'],
            'working' => 'spiral', 'base' => ['ends' => 'two-and-two'], 'body' => [
                'stitch' => 'sc',
                'loop' => 'both',
            ], 'handles' => ['type' => 'slot']])->assertSessionHasNoErrors();
        $bag = Bag::query()->sole();
        self::assertSame('30 cm', $bag->choices['size']['length']);
        self::assertSame(
            [16, 5, 21],
            array_map(
                fn(string $path): int => Plans::count($bag->plan(), $path),
                ['/base/chain', '/base/rounds', '/body/rounds'],
            ),
        );
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('placeholder="16"', false)->assertSee('29.5 × 11.5 cm');
    }

    public function testRedrawsInPlaceAndKeeps(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $answer = $this->actingAs($maker)->putJson(
            "/bags/{$bag->id}",
            $this->form($bag, ['base.chain' => '26', 'name' => 'Longer tote']),
        )->assertOk();
        self::assertSame(26, $bag->fresh()?->choices['base']['chain']);
        self::assertStringContainsString('round 2: 64', $answer->json('regions.drawing'));
        self::assertSame('Longer tote', $answer->json('regions.name'));
        self::assertSame('oval, ch 26, 2 rounds', $answer->json('regions.station-base'));
    }

    public function testEmptiedCountsAreSolvedAgain(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $answer = $this->actingAs($maker)->putJson(
            "/bags/{$bag->id}",
            $this->form($bag, ['base.chain' => '', 'base.rounds' => '', 'body.rounds' => '']),
        )->assertOk();
        self::assertSame(
            ['16', '5'],
            [$answer->json('solved')['base[chain]'], $answer->json('solved')['base[rounds]']],
        );
        self::assertArrayNotHasKey('chain', $bag->fresh()?->choices['base']);
    }

    /** @return array<string, array{string, string, string}> */
    public static function bad(): array
    {
        return [
            'zero' => ['size.length', '0', 'outside'],
            'negative' => ['size.height', '-5 cm', 'less than nothing'],
            'absurd' => ['size.height', '900 m', 'outside'],
            'unparsable' => ['size.width', 'a hand', 'not understood'],
            'slot wider than the side' => ['handles.skip', '27', 'at most 24'],
            'chain shorter than its skip' => ['handles.chain', '4', 'at least 10'],
            'ten thousand rounds' => ['body.rounds', '10000', 'outside'],
            'rounds in words' => ['base.rounds', 'two', 'whole number'],
            'no name' => ['name', '', 'Write something'],
            'no such working' => ['working', 'sideways', 'spiral'],
        ];
    }

    #[DataProvider('bad')]
    public function testBadChoicesAreSaidAtTheirFieldAndNothingIsKept(
        string $field,
        string $value,
        string $message,
    ): void {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $before = DB::table('bags')->first();
        $form = $this->form($bag, [$field => $value]);
        $errors = $this->actingAs($maker)->putJson("/bags/{$bag->id}", $form)->assertUnprocessable()->json('errors');
        self::assertStringContainsString($message, $errors[$field]);
        // And without a script: back on the page, the message at the field, what was typed still in it.
        $this->from("/bags/{$bag->id}")->put("/bags/{$bag->id}", $form)->assertRedirect("/bags/{$bag->id}")->assertSessionHasErrors($field);
        $page = $this->get("/bags/{$bag->id}")->assertOk()->assertSee($message);
        if ($field !== 'working') {
            $page->assertSee('value="'.e($value).'"', false);
        }
        self::assertEquals($before, DB::table('bags')->first());
    }

    /** A swatch brings its own material; one of another material, or one that hung, is said to be. */
    public function testASwatchBringsItsMaterialAndAMismatchIsSaid(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $other = $this->material($maker);
        $other->update(['name' => 'Other cord']);
        $swatch = $this->swatch($maker, $material);
        $hung = $this->swatch($maker, $material);
        $hung->update(['name' => 'Hung one', 'state' => 'hung', 'hung_load' => Mass::grams(2000)]);
        $loose = $this->swatch($maker);
        $this->actingAs($maker)->get("/bags/new?swatch={$swatch->id}")->assertSeeInOrder(
            [
                '<optgroup label="Tarred cord">',
                "value=\"{$swatch->id}\"",
                'selected',
                '</optgroup>',
                '<optgroup label="of no material">',
            ],
            false,
        )->assertDontSee('Hung one');
        $form = [
            'name' => 'New tote',
            'working' => 'spiral',
            'base' => ['ends' => 'three'],
            'body' => ['stitch' => 'sc'],
            'handles' => ['type' => 'slot'],
            'size' => ['length' => '30', 'width' => '12', 'height' => '26'],
            'material_id' => '',
        ];
        $this->post('/bags', ['swatch_id' => (string) $swatch->id] + $form)->assertSessionHasNoErrors();
        $bag = $maker->bags()->sole();
        self::assertSame([$material->id, $swatch->id], [$bag->material_id, $bag->swatch_id]);
        $this->get("/bags/{$bag->id}")->assertDontSee('The swatch is of');
        // Of a mesh swatch it is a bag of mesh, unless another stitch is said.
        $mesh = $this->swatch($maker, $material);
        $mesh->update(['stitch' => 'mesh', 'rows_counted' => 5.0]);
        $this->post('/bags', ['swatch_id' => (string) $mesh->id, 'body' => []] + $form)->assertSessionHasNoErrors();
        self::assertSame('mesh', $maker->bags()->latest('id')->firstOrFail()->choices['body']['stitch']);
        $this->post('/bags', ['swatch_id' => (string) $loose->id] + $form)->assertSessionHasErrors('material_id');
        // Of another material, or of one that hung: planned as it was chosen, and said.
        $bag->update(['material_id' => $other->id]);
        $this->get("/bags/{$bag->id}")->assertSee('The swatch is of Tarred cord, the bag of Other cord.');
        $bag->update(['material_id' => $material->id, 'swatch_id' => $hung->id]);
        $this->get("/bags/{$bag->id}")->assertSee('measured as it hung')->assertSee('Hung one, hung');
        // None of it yet: what the others teach, on a hook that is named.
        $learned = ['swatch_id' => 'learned', 'material_id' => (string) $other->id] + $form;
        $this->post('/bags', ['hook' => ''] + $learned)->assertSessionHasErrors('hook');
        $this->post('/bags', ['material_id' => '', 'hook' => '9'] + $learned)->assertSessionHasErrors('material_id');
        $this->post('/bags', ['hook' => '9'] + $learned)->assertSessionHasNoErrors();
        self::assertNotNull($maker->bags()->latest('id')->firstOrFail()->plan()->spec->facts->hands->predicted);
    }

    public function testScriptInAnyFieldOfABagIsOnlyText(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $script = '<script>alert(1)</script>';
        $this->actingAs($maker);
        foreach ([
            'size.length',
            'size.width',
            'size.height',
            'working',
            'base.ends',
            'base.chain',
            'base.rounds',
            'body.stitch',
            'body.loop',
            'body.rounds',
            'handles.type',
            'handles.skip',
            'handles.chain',
            'handles.edge_rounds',
            'material_id',
            'swatch_id',
        ] as $field) {
            $form = $this->form($bag, [$field => $script]);
            $this->from("/bags/{$bag->id}")->put("/bags/{$bag->id}", $form)->assertRedirect("/bags/{$bag->id}")->assertSessionHasErrors($field);
            $this->get("/bags/{$bag->id}")->assertOk()->assertDontSee($script, false);
            $this->putJson("/bags/{$bag->id}", $this->form($bag, [$field => ['deep' => ['er']]]))->assertStatus(
                in_array(
                    $field,
                    [
                        'size.length',
                        'size.width',
                        'base.chain',
                        'base.rounds',
                        'body.rounds',
                        'body.loop',
                        'handles.skip',
                        'handles.chain',
                        'handles.edge_rounds',
                        'size.height',
                    ],
                    true,
                ) ? 200 : 422,
            );
        }
        $this->put("/bags/{$bag->id}", $this->form($bag->refresh(), ['name' => $script]))->assertSessionHasNoErrors();
        foreach (['', '/words', '/base.svg', '/side.svg', '/solid.svg', '/solid.glb', '/words.pdf'] as $page) {
            $this->get("/bags/{$bag->id}{$page}")->assertOk()->assertDontSee($script, false);
        }
        $this->get('/bags')->assertOk()->assertDontSee($script, false)->assertSee($script);
    }

    public function testABagWhoseSwatchNoLongerFitsIsShownToBeMended(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->choices = array_diff_key($bag->choices, ['handles' => 1]) + [
            'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16],
        ];
        $bag->choices = ['base' => ['type' => 'oval', 'ends' => 'three']] + $bag->choices;
        $bag->save();
        $this->actingAs($maker)->put(
            "/swatches/{$bag->swatch_id}",
            [
                'name' => 'x',
                'material_id' => '',
                'hook' => '30',
                'stitch' => 'sc',
                'stitches_counted' => '2',
                'width' => '18 cm',
                'rows_counted' => '2',
                'height' => '18 cm',
            ],
        )->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('No plan yet');
        $this->get('/bags')->assertOk()->assertSee('open it to mend it');
        $this->get('/')->assertOk();
        foreach (['words', 'words.pdf', 'base.svg'] as $page) {
            $this->get("/bags/{$bag->id}/{$page}")->assertRedirect("/bags/{$bag->id}");
        }
    }

    public function testACordPutAwayStaysOnItsBag(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->delete("/stash/{$bag->material_id}");
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('Tarred cord (put away)');
        $this->putJson("/bags/{$bag->id}", $this->form($bag, ['body.rounds' => '15']))->assertOk();
    }

    public function testPutsAwayAndBringsBack(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->delete("/bags/{$bag->id}")->assertRedirect('/bags');
        $this->get('/bags')->assertSee('Undo')->assertDontSee("href=\"http://localhost/bags/{$bag->id}\"", false);
        $this->get("/bags/{$bag->id}")->assertNotFound();
        $this->post("/bags/{$bag->id}/restore");
        $this->get("/bags/{$bag->id}")->assertOk();
    }

    public function testWordsInBothTermsWithCountsMaterialsAndCautions(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}/words")
            ->assertSee('do not join')->assertSee('Chain 23, loosely')->assertSee('Rnds 3–16')->assertSeeText('Sc in each st around, BLO.')
            ->assertSee('803 g')->assertSee('8 mm (L-11)')->assertSee('Hang the full bag')->assertSee('water at hand');
        $this->get("/bags/{$bag->id}/words?terms=uk")->assertSeeText('Dc in each st around')->assertDontSeeText('Sc in')->assertSee('lang="en-GB"', false);
        $this->get("/bags/{$bag->id}/words?terms=xx")->assertOk()->assertSeeText('Sc in');
    }

    public function testPdfAndDrawings(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $pdf = $this->actingAs($maker)->get("/bags/{$bag->id}/words.pdf")->assertOk()->assertHeader(
            'Content-Type',
            'application/pdf',
        );
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        foreach (['base', 'side'] as $drawing) {
            $svg = (string) $this->get("/bags/{$bag->id}/{$drawing}.svg")->assertOk()->assertHeader(
                'Content-Disposition',
                "attachment; filename=\"pier-tote.{$drawing}.svg\"",
            )->getContent();
            $document = new \DOMDocument();
            self::assertTrue($document->loadXML($svg));
            self::assertStringEndsWith('mm', (string) $document->documentElement?->getAttribute('width'));
        }
        $solid = $this->get("/bags/{$bag->id}/solid.glb")->assertOk()
            ->assertHeader('Content-Type', 'model/gltf-binary')
            ->assertHeader('Content-Disposition', 'attachment; filename="pier-tote.glb"')->getContent();
        self::assertStringStartsWith('glTF', (string) $solid);
        $full = (string) $this->get("/bags/{$bag->id}/solid.glb?carried=1")->assertOk()->getContent();
        self::assertStringStartsWith('glTF', $full);
        self::assertNotSame($solid, $full);
        $this->get("/bags/{$bag->id}/lid.svg")->assertNotFound();
    }

    /**
     * The base's drawing is to scale: its outline's width in the file, at the ratio the page says, is the base's own.
     */
    public function testTheDrawingIsToScale(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $page = (string) $this->actingAs($maker)->get("/bags/{$bag->id}")->getContent();
        self::assertSame(1, preg_match('/drawn 1 : ([\d.]+) · /', $page, $ratio));
        $svg = (string) $this->get("/bags/{$bag->id}/base.svg")->getContent();
        self::assertSame(1, preg_match('/d="(M[\d.]+ [\d.]+L[\d. ]+C[^"z]+)z"/', $svg, $outline));
        preg_match_all('/([\d.]+) [\d.]+/', $outline[1], $points);
        $x = array_map(floatval(...), $points[1]);
        $drawnMm = (max($x) - min($x)) * 25.4 / 96;
        self::assertEqualsWithDelta(298, $drawnMm * (float) $ratio[1], 298 * 0.03);
    }

    public function testTheFrontPageSaysWhatToDoNextAndWhatRunsShort(): void
    {
        $maker = $this->maker();
        $this->get('/')->assertSee('Register');
        $this->actingAs($maker)->get('/')->assertSee('Three things make a plan');
        $bag = $this->bag($maker);
        $this->get('/')->assertSee('Bags in hand')->assertSee('chain 23')->assertDontSee('Running short');
        $this->post(
            "/stash/{$bag->material_id}/entries",
            ['move' => 'weighed', 'amount' => '500'],
        )->assertSessionHasNoErrors();
        $this->get('/')->assertSee('Running short')->assertSee('enough in 1 of 100')->assertSee('find 382 g more cord');
    }

    public function testEmptyPagesTeach(): void
    {
        $this->actingAs($this->maker());
        $this->get('/stash')->assertSee('Nothing weighed yet');
        $this->get('/swatches')->assertSee('No swatch yet');
        $this->get('/bags')->assertSee('No bag in hand yet');
        $this->get('/bags/new')->assertSee('Weigh a material');
    }

    /** Many bags are paged and found by name; the worktable has the last ones and says how many more there are. */
    public function testManyBagsArePagedAndFound(): void
    {
        $maker = $this->maker();
        $first = $this->bag($maker);
        for ($nth = 1; $nth <= 30; $nth++) {
            $copy = $first->replicate();
            $copy->choices = ['name' => "Quay bag {$nth}"] + $first->choices;
            $maker->bags()->save($copy);
        }
        $page = $this->actingAs($maker)->get('/bags')->assertOk()->assertSee('1 to 12 of 31')->assertSee('Quay bag 30');
        self::assertSame(12, substr_count((string) $page->getContent(), '/sketch.svg'));
        $this->get('/bags?page=3')->assertSee('Pier tote')->assertDontSee('Quay bag 30');
        $this->get('/bags?q=bag+17')->assertSee('Quay bag 17')->assertDontSee('Quay bag 18')->assertSee('value="bag 17"', false);
        $this->get('/bags?q=%25')->assertSee('No bag of yours is called so');
        $this->get('/bags?page=99999999999')->assertOk();
        $this->get('/')->assertSee('All bags: 19 more')->assertSee('Quay bag 30')->assertDontSee('Quay bag 18');
    }

    /** What it stands on changed under it: every page of it leads to Plan, which says what is wrong; nothing is logged. */
    public function testABagThatMakesNoPlanIsMendedAtPlan(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        DB::table('bags')->where('id', $bag->id)->update([
            'choices' => json_encode(['size' => ['length' => '1 mm']] + array_diff_key($bag->choices, ['base' => 1])),
        ]);
        Log::shouldReceive('error')->never();
        $this->actingAs($maker)->get("/bags/{$bag->id}")->assertOk()->assertSee('is-invalid', false);
        foreach (['enough', 'what-if', 'words', 'words.pdf', 'base.svg', 'work', 'finish', 'booklet.pdf'] as $page) {
            $this->get("/bags/{$bag->id}/{$page}")->assertRedirect("/bags/{$bag->id}");
        }
        foreach (['mend', 'work/step', 'work/tape', 'work/marks', 'finish/swatch'] as $sent) {
            $this->post("/bags/{$bag->id}/{$sent}", ['high' => '4 cm'])->assertRedirect("/bags/{$bag->id}");
        }
        $this->postJson("/bags/{$bag->id}/work", ['entries' => []])->assertStatus(409);
    }
}
