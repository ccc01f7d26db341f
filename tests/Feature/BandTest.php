<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\BagForm;
use App\Models\Bag;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Material\Material as Weighed;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Several bands and several materials, from the form to the drawing, the words and the file. */
final class BandTest extends TestCase
{
    private const ABOVE = [
        ['stitch' => 'mesh', 'loop' => 'both', 'rounds' => '3'],
        ['stitch' => '', 'loop' => 'both', 'rounds' => ''],
    ];

    public function testBandsAreChosenDrawnAndWritten(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->put(
            "/bags/{$bag->id}",
            $this->form(
                $bag,
                ['body' => ['stitch' => 'sc', 'loop' => 'back', 'rounds' => '8', 'above' => self::ABOVE]],
            ),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [
                'stitch' => 'sc',
                'loop' => 'back',
                'rounds' => 8,
                'above' => [['stitch' => 'mesh', 'loop' => 'both', 'rounds' => 3]],
            ],
            $bag->fresh()?->choices['body'],
        );
        $this->get("/bags/{$bag->id}")->assertSee('sc, back loop, 8 rounds + mesh, 3 rounds')->assertSee('And above that')->assertSee('rounds 11–13, mesh: 56 each')->assertSee('A mesh gives');
        $this->get("/bags/{$bag->id}/words")->assertSeeText('[dc in next dc, ch 1, sk next ch-1 sp] 28 times.')->assertSee('Rnd 13');
        // Left open, the first band follows the height and says so in its field.
        $this->putJson(
            "/bags/{$bag->id}",
            $this->form($bag, ['body' => ['stitch' => 'sc', 'loop' => 'both', 'rounds' => '', 'above' => self::ABOVE]]),
        )->assertOk()->assertJsonPath('solved.body[rounds]', '15')->assertJsonPath(
            'solved.body[above][0][rounds]',
            '3',
        );
        // A file that goes out comes in the same.
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertEquals(
            array_column($bag->fresh()?->plan()->work->rows, 'count'),
            array_column(Bag::query()->latest('id')->firstOrFail()->plan()->work->rows, 'count'),
        );
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        return [
            'two that follow the height' => [
                [
                    'body' => [
                        'stitch' => 'sc',
                        'loop' => 'both',
                        'rounds' => '',
                        'above' => [['stitch' => 'dc', 'loop' => 'both', 'rounds' => '']],
                    ],
                ],
                'body.above.0.rounds',
                'one band alone',
            ],
            'rounds in words' => [
                [
                    'body' => [
                        'stitch' => 'sc',
                        'loop' => 'both',
                        'rounds' => '4',
                        'above' => [['stitch' => 'dc', 'loop' => 'both', 'rounds' => 'some']],
                    ],
                ],
                'body.above.0.rounds',
                'whole number',
            ],
            'a round that is not there' => [
                ['changes' => [['from' => '99', 'to' => 'OTHER']]],
                'changes',
                'Round 2 to Round 18',
            ],
            'no material' => [
                ['changes' => [['from' => '9', 'to' => '']]],
                'changes',
                'Choose the material that is worked from round 9',
            ],
            'not hers' => [['changes' => [['from' => '9', 'to' => '999999']]], 'changes', 'your own materials'],
            'one round twice' => [
                ['changes' => [['from' => '9', 'to' => 'OTHER'], ['from' => '9', 'to' => 'own']]],
                'changes',
                'one a round',
            ],
            'worked already' => [['changes' => [['from' => '9', 'to' => 'own']]], 'changes', 'already'],
            'of no file' => [['changes' => [['from' => '9', 'to' => 'file-0']]], 'changes', 'your own materials'],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('bad')]
    public function testBadOnesAreSaidAtTheirFieldAndWhatWasTypedStays(
        array $changes,
        string $field,
        string $message,
    ): void {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $other = $this->material($maker);
        $changes = json_decode(str_replace('OTHER', (string) $other->id, (string) json_encode($changes)), true);
        $errors = $this->actingAs($maker)->putJson(
            "/bags/{$bag->id}",
            $this->form($bag, $changes),
        )->assertUnprocessable()->json('errors');
        self::assertStringContainsString($message, $errors[$field]);
        $this->from("/bags/{$bag->id}")->put(
            "/bags/{$bag->id}",
            $this->form($bag, $changes),
        )->assertSessionHasErrors($field);
        $typed = data_get($changes, $field === 'changes' ? 'changes.0.from' : $field);
        $page = $this->get("/bags/{$bag->id}")->assertSee($message);
        if ($typed !== '') {
            $page->assertSee('value="'.$typed.'"', false);
        }
    }

    public function testAnotherMaterialIsDrawnCountedAndKept(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $pale = $this->material($maker);
        $pale->update(
            [
                'name' => 'Pale cord',
                'colour' => '#eeddcc',
                'diameter' => Length::mm(4),
                'sample_mass' => Mass::grams(7),
            ],
        );
        $this->actingAs($maker)->put(
            "/bags/{$bag->id}",
            $this->form($bag, ['changes' => [['from' => '9', 'to' => (string) $pale->id]]]),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [[['material_id' => $pale->id]], [['from' => 'Round 9', 'to' => 1]]],
            [$bag->fresh()?->choices['others'], $bag->fresh()?->choices['changes']],
        );
        $this->get("/bags/{$bag->id}")->assertSee('then Pale cord')->assertSee('Round 9 begins another material')->assertSee('stroke="#eeddcc"', false)->assertSee('rounds 9–16: 56 each')->assertSee('rounds 3–8: 56 each');
        $this->get("/bags/{$bag->id}/words")->assertSeeInOrder(
            ['B', 'Pale cord', 'Change strands on', 'Rnds 3–8', 'Rnds 9–16', 'With B:'],
        );
        $this->get("/bags/{$bag->id}/words.pdf")->assertOk();
        $this->get("/bags/{$bag->id}/enough")->assertSee('Pale cord, from round 9')->assertSee('there is enough in');
        // What it costs is of both, where both have a price.
        $bag->material?->update(['price' => '10', 'price_for' => 500]);
        $this->get("/bags/{$bag->id}/enough")->assertSee('at its price; not all the others have one');
        $pale->update(['price' => '7', 'price_for' => 350]);
        $estimate = MaterialEstimate::of($bag->fresh()?->plan() ?? throw new \LogicException('It makes one.'));
        $this->get("/bags/{$bag->id}/enough")->assertSee('at its price, with the others')->assertSee(
            number_format(0.02 * ($estimate->grams->likely + $estimate->others[0]->grams->likely), 2),
        );
        // Its file reads by itself; the colour there is a shade of the first's.
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        self::assertSame('7 g/m', json_decode($file, true)['others'][0]['density']);
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        $copy = Bag::query()->latest('id')->firstOrFail();
        $this->get("/bags/{$copy->id}")->assertOk()->assertSee('then another')->assertSee('as its file says');
        $asFile = (string) array_key_first(BagForm::files($copy->choices['others']));
        // Changed there, it stays as the file had it; another round moves it, an empty one takes it out.
        $this->put(
            "/bags/{$copy->id}",
            $this->form($copy, ['changes' => [['from' => '10', 'to' => $asFile]]]),
        )->assertSessionHasNoErrors();
        self::assertSame(
            ['Round 10', '7 g/m'],
            [$copy->fresh()?->choices['changes'][0]['from'], $copy->fresh()?->choices['others'][0]['density']],
        );
        $this->put(
            "/bags/{$copy->id}",
            $this->form($copy, ['changes' => [['from' => '', 'to' => $asFile]]]),
        )->assertSessionHasNoErrors();
        self::assertSame([], array_intersect_key($copy->fresh()->document(), ['others' => 1, 'changes' => 1]));
        // Chosen again, behind one of the stash, it is still what the file had.
        $mine = $this->material($maker);
        $this->put(
            "/bags/{$copy->id}",
            $this->form(
                $copy,
                ['changes' => [['from' => '5', 'to' => (string) $mine->id], ['from' => '9', 'to' => $asFile]]],
            ),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [8.2, 7.0],
            array_map(
                fn(Weighed $one): float => round($one->density->gramsPerMetre, 1),
                $copy->fresh()?->plan()->spec->facts->strands->others ?? [],
            ),
        );
        $this->put(
            "/bags/{$copy->id}",
            $this->form(
                $copy,
                ['changes' => [['from' => '5', 'to' => (string) $mine->id], ['from' => '9', 'to' => $asFile]]],
            ),
        )->assertSessionHasNoErrors();
        self::assertSame('7 g/m', $copy->fresh()?->document()['others'][1]['density']);
        // Put away, it stays on its bag.
        $this->delete("/stash/{$pale->id}");
        $this->get("/bags/{$bag->id}")->assertSee('then Pale cord')->assertSee('Pale cord (put away)');
        $this->put(
            "/bags/{$bag->id}",
            $this->form(
                $bag,
                ['changes' => [['from' => '11', 'to' => 'own'], ['from' => '9', 'to' => (string) $pale->id]]],
            ),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [['from' => 'Round 9', 'to' => 1], ['from' => 'Round 11', 'to' => 0]],
            $bag->fresh()?->choices['changes'],
        );
        // By turns from the last change on: as far as the body goes, and joins should.
        $this->put(
            "/bags/{$bag->id}",
            $this->form($bag, ['changes' => [['from' => '5', 'to' => (string) $pale->id]], 'stripes' => '3']),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [['Round 5', 1], ['Round 8', 0], ['Round 11', 1], ['Round 14', 0]],
            array_map(array_values(...), $bag->fresh()->choices['changes']),
        );
        $this->get("/bags/{$bag->id}")->assertSee('from rounds 5 and 11');
        $this->put(
            "/bags/{$bag->id}",
            $this->form($bag, ['changes' => [['from' => '15', 'to' => (string) $pale->id]], 'stripes' => '1']),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [['Round 15', 1], ['Round 16', 0]],
            array_map(array_values(...), $bag->fresh()->choices['changes']),
        );
        // Those that are kept go on by turns, where a page sends none.
        $this->put("/bags/{$bag->id}", $this->form($bag, ['changes' => [['from' => '5', 'to' => (string) $pale->id]]]));
        $this->put("/bags/{$bag->id}", $this->form($bag, ['stripes' => '6']))->assertSessionHasNoErrors();
        self::assertSame(
            [['Round 5', 1], ['Round 11', 0]],
            array_map(array_values(...), $bag->fresh()->choices['changes']),
        );
        $this->from("/bags/{$bag->id}")->put(
            "/bags/{$bag->id}",
            $this->form($bag, ['changes' => [['from' => '5', 'to' => (string) $pale->id]], 'stripes' => 'some']),
        )->assertSessionHasErrors(
            ['changes' => 'Write every how many rounds the stripes change, as a whole number like 2.'],
        );
        $this->get("/bags/{$bag->id}")->assertSee('value="some"', false);
        $this->put(
            "/bags/{$bag->id}",
            $this->form($bag, ['changes' => [['from' => '', 'to' => '']], 'stripes' => '2']),
        )->assertSessionHasErrors('changes');
        $this->put(
            "/bags/{$bag->id}",
            $this->form(
                $bag,
                ['changes' => [['from' => '9', 'to' => (string) $pale->id], ['from' => '11', 'to' => 'own']]],
            ),
        )->assertSessionHasNoErrors();
        // Of another material altogether, it is of that alone; undone, it is as it was.
        $this->get("/bags/{$bag->id}/what-if")->assertSee('taking one takes the others out');
        $this->post(
            "/bags/{$bag->id}/what-if",
            ['material_id' => (string) $bag->material_id, 'hook' => '9 mm'],
        )->assertSessionHasNoErrors();
        self::assertSame([], $bag->fresh()?->plan()->spec->choices->changes);
        $this->post("/bags/{$bag->id}/undo?revision={$bag->fresh()->revision}")->assertSessionHasNoErrors();
        self::assertCount(2, $bag->fresh()?->plan()->spec->choices->changes ?? []);
    }

    public function testAMeshSwatchOfTheSameHookWinsOverProportions(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->put(
            "/bags/{$bag->id}",
            $this->form(
                $bag,
                [
                    'body' => [
                        'stitch' => 'sc',
                        'loop' => 'both',
                        'rounds' => '6',
                        'above' => [['stitch' => 'mesh', 'loop' => 'both', 'rounds' => '5']],
                    ],
                ],
            ),
        )->assertSessionHasNoErrors();
        $this->get("/bags/{$bag->id}")->assertSee('The swatch was sc alone');
        $before = $bag->fresh()?->plan()->comesOut->height->mm;
        $mesh = $this->swatch($maker, $bag->material);
        $mesh->update(
            [
                'name' => 'mesh on 8',
                'stitch' => 'mesh',
                'rows_counted' => 4.0,
                'height' => Length::mm(100),
                'mass' => Mass::grams(24),
            ],
        );
        self::assertEqualsWithDelta($before + 5 * 2, $bag->fresh()?->plan()->comesOut->height->mm, 1e-6);
        $this->get("/bags/{$bag->id}")->assertDontSee('The swatch was sc alone');
        // It goes out with the file, and comes in with it.
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        self::assertSame('mesh', json_decode($file, true)['also'][0]['stitch']);
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        $copy = Bag::query()->latest('id')->firstOrFail();
        self::assertEqualsWithDelta($before + 10, $copy->plan()->comesOut->height->mm, 1e-6);
        $this->put("/bags/{$copy->id}", $this->form($copy, ['name' => 'Copy']))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($before + 10, $copy->fresh()?->plan()->comesOut->height->mm, 1e-6);
        // Hung, or of a material nobody knows, it says nothing here.
        foreach ([
            ['state' => 'hung', 'hung_load' => Mass::grams(2000)],
            ['state' => 'relaxed', 'hung_load' => null, 'material_id' => null],
        ] as $change) {
            $mesh->update($change);
            self::assertEqualsWithDelta($before, $bag->fresh()?->plan()->comesOut->height->mm, 1e-6);
        }
    }

    public function testAMeshSwatchOfAnotherHookTellsHowHerHandMakesIt(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->put(
            "/bags/{$bag->id}",
            $this->form(
                $bag,
                [
                    'body' => [
                        'stitch' => 'sc',
                        'loop' => 'both',
                        'rounds' => '6',
                        'above' => [['stitch' => 'mesh', 'loop' => 'both', 'rounds' => '5']],
                    ],
                ],
            ),
        )->assertSessionHasNoErrors();
        $common = $bag->fresh()?->plan();
        $mesh = $this->swatch($maker, $bag->material);
        // Taller than is common on that hook too.
        $mesh->update(
            [
                'name' => 'mesh on 9',
                'stitch' => 'mesh',
                'hook' => Length::mm(9),
                'rows_counted' => 4.0,
                'height' => Length::mm(130),
                'mass' => Mass::grams(34),
            ],
        );
        $hers = $bag->fresh()?->plan();
        self::assertGreaterThan($common?->comesOut->height->mm + 5, $hers?->comesOut->height->mm);
        self::assertLessThan(
            MaterialEstimate::of($common)->grams->relative,
            MaterialEstimate::of($hers)->grams->relative,
        );
        $this->get("/bags/{$bag->id}")->assertDontSee('The swatch was sc alone')->assertSee('Rows of mesh are expected, not measured')->assertSee('times as high as of sc');
        // The file carries it, to somebody who has no such swatch.
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        self::assertSame('mesh', json_decode($file, true)['proportions'][0]['stitch']);
        $other = $this->maker('otto@pier.example');
        $this->flushSession()->actingAs($other)->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        $copy = Bag::query()->where('user_id', $other->id)->sole();
        self::assertEqualsWithDelta($hers?->comesOut->height->mm, $copy->plan()->comesOut->height->mm, 0.01);
        $this->put("/bags/{$copy->id}", $this->form($copy, ['name' => 'Copy']))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($hers?->comesOut->height->mm, $copy->fresh()?->plan()->comesOut->height->mm, 0.01);
    }

    /** A field may be sent holding anything; the page comes back. */
    public function testFieldsWithinFieldsBreakNoPage(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        foreach ([
            'name',
            'size.length',
            'base.chain',
            'body.stitch',
            'body.above',
            'body.above.0',
            'body.above.0.stitch',
            'body.above.0.rounds',
            'changes',
            'changes.0',
            'changes.0.from',
            'changes.0.to',
            'hook',
            'handles.type',
        ] as $field) {
            foreach ([['deep' => ['er']], '<script>alert(1)</script>'] as $value) {
                $this->from("/bags/{$bag->id}")->put(
                    "/bags/{$bag->id}",
                    $this->form($bag, ['working' => 'sideways', $field => $value]),
                )->assertSessionHasErrors();
                $this->get("/bags/{$bag->id}")->assertOk()->assertDontSee('<script>alert', false);
            }
        }
    }
}
