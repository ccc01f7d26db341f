<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Bags of pieces: from the form to the pieces laid flat, the fold, the words, the tally, the mends and the files. */
final class PiecesTest extends TestCase
{
    private const ENVELOPE = [
        'type' => 'envelope', 'stitch' => 'sc', 'across' => '16', 'front' => '10', 'bottom' => '5', 'flap' => '8',
    ];

    /** @param array<string, mixed> $build */
    private function pieces(User $maker, array $build): Bag
    {
        $bag = $this->bag($maker);
        $bag->choices = ['build' => $build] + array_diff_key(
            $bag->choices,
            ['base' => 1, 'body' => 1, 'handles' => 1, 'size' => 1],
        );
        $bag->save();

        return $bag;
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private function sent(Bag $bag, array $changes = []): array
    {
        return array_replace_recursive([
            'revision' => (string) $bag->fresh()?->revision, 'name' => 'Pier case', 'material_id' => $bag->material_id, 'swatch_id' => $bag->swatch_id,
            'size' => ['length' => '', 'width' => '', 'height' => ''], 'working' => 'spiral',
            'handles' => ['type' => 'none'],
        ], $changes);
    }

    public function testAreChosenLaidOutAndSaid(): void
    {
        $maker = $this->maker();
        $bag = $this->pieces($maker, ['type' => 'panels', 'across' => 9, 'rows' => 9]);
        $this->actingAs($maker)->put("/bags/{$bag->id}", $this->sent($bag, ['build' => self::ENVELOPE]))
            ->assertSessionHasNoErrors();
        self::assertSame(
            ['type' => 'envelope', 'stitch' => 'sc', 'across' => 16, 'front' => 10, 'bottom' => 5, 'flap' => 8],
            $bag->refresh()->choices['build'],
        );
        self::assertArrayNotHasKey('base', $bag->choices);
        $page = $this->get("/bags/{$bag->id}")->assertOk();
        $page->assertSeeInOrder(['Size, closed', 'Wide', 'Deep', 'High', 'Pieces', 'envelope, sc, 16 across'])
            ->assertSeeInOrder(['hole, row 33', '1 · Panel, 16 × 34 rows', '2 · Left gusset', '3 · Right gusset'])
            ->assertSee('Seam A: panel and left gusset, 10 stitches.')
            ->assertSeeInOrder(['Going together', 'the pieces, flat', 'left side, from the front up: A, B, C', 'flap over'])
            ->assertSeeInOrder(['3 pieces, 6 seams', '19.2 × 11.5 cm', '5.8 cm deep'])
            // What was settled stands in the fields left open.
            ->assertSee('name="build[back]"', false)->assertDontSee('name="base[type]"', false);
        self::assertMatchesRegularExpression('/name="build\[back\]"[^>]*placeholder="10"/', (string) $page->getContent());
        $this->get("/bags/{$bag->id}/words")->assertSeeTextInOrder([
            'Panel', 'loosely', 'falls in Panel: Row 33', 'Row 33', 'ch 2, sk next st',
            'Left gusset, Right gusset (make 2)', 'around the ring', 'Assembly', 'Seam A',
            'Panel and left gusset together: 10 sl st through both edges', 'Seam F',
        ])->assertDontSee('run on in a spiral');
        $this->get("/bags/{$bag->id}/words?terms=es")->assertSeeInOrder(['Fuelle izquierdo', 'anilla', 'Costura A']);
        foreach (['pieces', 'closed'] as $drawing) {
            $svg = (string) $this->get("/bags/{$bag->id}/{$drawing}.svg")->assertOk()->getContent();
            self::assertNotFalse(simplexml_load_string($svg), $drawing);
        }
        $this->get("/bags/{$bag->id}/base.svg")->assertNotFound();
        self::assertStringStartsWith('%PDF', (string) $this->get("/bags/{$bag->id}/words.pdf")->assertOk()->getContent());
        $this->get("/bags/{$bag->id}/enough")->assertOk()->assertSee('seams')->assertSee('Left gusset: Row 3');
        $page = $this->get("/bags/{$bag->id}/what-if")->assertOk();
        self::assertMatchesRegularExpression('/ch \d+, \d+ rows/', (string) $page->getContent());
        $page->assertDontSee(' rounds');
        $this->get('/bags')->assertOk()->assertSee('Pier case');
    }

    public function testAChangeRedrawsAndWhatIsWrongStandsAtItsField(): void
    {
        $maker = $this->maker();
        $bag = $this->pieces($maker, self::ENVELOPE);
        $redraw = fn(array $build) => $this->actingAs($maker)->putJson(
            "/bags/{$bag->id}",
            $this->sent($bag->refresh(), ['build' => $build + self::ENVELOPE]),
        );
        $answer = $redraw(['across' => '20'])->assertOk()->json();
        self::assertStringContainsString('1 · Panel, 20 × ', $answer['regions']['drawing']);
        self::assertStringContainsString('24.0 × 11.5 cm', $answer['regions']['tally']);
        $answer = $redraw(['flap' => '40'])->assertUnprocessable()->json();
        self::assertStringContainsString('reaches past the front', $answer['errors']['build.flap']);
        self::assertSame(8, $bag->refresh()->choices['build']['flap'], 'What does not work is not kept.');
        $answer = $redraw(['across' => 'wide'])->assertUnprocessable()->json();
        self::assertArrayHasKey('build.across', $answer['errors']);
        $answer = $redraw(['type' => 'parachute'])->assertUnprocessable()->json();
        self::assertArrayHasKey('build.type', $answer['errors']);
    }

    /** The size moves every piece together; a tab is typed as two sides. */
    public function testASizeIsSolvedAndATabIsTwoSides(): void
    {
        $maker = $this->maker();
        $bag = $this->pieces($maker, self::ENVELOPE);
        $this->actingAs($maker)->put("/bags/{$bag->id}", $this->sent($bag, [
            'size' => ['length' => '24', 'width' => '6', 'height' => '15'], 'build' => ['type' => 'envelope'],
        ]))->assertSessionHasNoErrors();
        $plan = $bag->refresh()->plan();
        self::assertSame([20, 5], [$plan->work->pieces[0]->start?->chain, $plan->work->pieces[1]->start?->chain]);
        $this->put("/bags/{$bag->id}", $this->sent($bag, ['build' => [
            'type' => 'tabs', 'rows' => '7', 'across' => '11', 'net' => '2, 4, 5, 4, 2', 'tab' => '16 × 25 mm',
        ]]))->assertSessionHasNoErrors();
        self::assertSame(['width' => '16 mm', 'height' => '25 mm'], $bag->refresh()->choices['build']['tab']);
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('value="16 mm × 25 mm"', false)
            ->assertSeeInOrder(['17 squares', '1 309 tabs, 77 a square, 187 to bend'])
            ->assertSee('Cut edges of tabs are sharp');
        $this->get("/bags/{$bag->id}/words")->assertSeeInOrder(['Square (make 17)', 'gloves and eye protection', 'Assembly']);
        $this->put("/bags/{$bag->id}", $this->sent($bag, ['build' => [
            'type' => 'tabs', 'rows' => '7', 'across' => '11', 'net' => '2, 4, 5, 4, 3', 'tab' => '16',
        ]]))->assertSessionHasErrors(['build.tab']);
        $this->put("/bags/{$bag->id}", $this->sent($bag, ['build' => [
            'type' => 'tabs', 'rows' => '7', 'across' => '11', 'net' => '2, 4, 5, 4, 3', 'tab' => '16 x 25',
        ]]))->assertSessionHasErrors('build.net');
        self::assertStringContainsString('square 4 in row 2', session('errors')->first('build.net'));
    }

    /** @param array<string, mixed> $build */
    #[DataProvider('builds')]
    public function testEachWayHasItsPagesAndComesBackFromItsFile(array $build, string $seen): void
    {
        $maker = $this->maker();
        $bag = $this->pieces($maker, $build);
        $this->actingAs($maker)->get("/bags/{$bag->id}")->assertOk()->assertSee($seen);
        foreach (['words', 'enough', 'what-if', 'pieces.svg', 'closed.svg', 'words.pdf'] as $page) {
            $this->get("/bags/{$bag->id}/{$page}")->assertOk();
        }
        $file = (string) $this->get("/bags/{$bag->id}/export")->assertOk()->getContent();
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        $copy = Bag::query()->latest('id')->firstOrFail();
        self::assertNotSame($bag->id, $copy->id);
        self::assertEquals(array_column($bag->plan()->work->rows, 'count'), array_column($copy->plan()->work->rows, 'count'));
        // A row of a piece is weighed after, by its name.
        $row = $bag->plan()->work->rows[1]->name;
        $this->insist("/bags/{$bag->id}/enough", ['after' => $row, 'left' => '800 g'])->assertSessionHasNoErrors();
        self::assertSame($row, (string) $bag->refresh()->plan()->spec->facts->weighIns[0]->after);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function builds(): array
    {
        return [
            'panels' => [
                ['type' => 'panels', 'across' => 19, 'rows' => 10, 'shape' => 'slipped', 'border' => 'dc'],
                'Front panel · make 2',
            ],
            'envelope' => [['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5], 'Left gusset'],
            'canvas' => [
                [
                    'type' => 'canvas', 'sheet_across' => 50, 'sheet_high' => 95, 'pitch' => '3.8 mm', 'front' => 36,
                    'bottom' => 11, 'clasp' => '5 cm',
                ],
                'The clasp stands',
            ],
            'end-and-back' => [
                ['type' => 'end-and-back', 'chain' => 45, 'meets' => 44, 'rows' => 8, 'tassels' => 'tassels'],
                'tassels round the flap',
            ],
            'net' => [['type' => 'net', 'across' => 20, 'net' => 18], '1 · The piece, 20 × 30 rows'],
            'tabs' => [
                [
                    'type' => 'tabs', 'rows' => 4, 'across' => 6, 'net' => [1, 3, 1],
                    'tab' => ['width' => '16 mm', 'height' => '24 mm'],
                ],
                '5 squares',
            ],
        ];
    }

    public function testABagOfPiecesHasNoBaseBesideThem(): void
    {
        $this->actingAs($this->maker())->post('/bags/import', ['text' => json_encode([
            'format' => 'fescue-bag/1', 'material' => ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m'],
            'build' => ['type' => 'net', 'across' => 12, 'net' => 8], 'base' => ['type' => 'square'],
        ])])->assertSessionHasErrors(['file' => '/base: A bag of pieces has no base of its own; take one of the two out.']);
    }

    public function testTabsArePreparedAHandfulAtATime(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/stash/prepare')->assertOk()->assertSee('No bag of tabs yet');
        $bag = $this->pieces($maker, self::builds()['tabs'][0]);
        $add = fn(string $step, string $more) => $this->post("/stash/prepare/{$bag->id}", [
            'step' => $step, 'more' => $more,
        ]);
        $this->get('/stash/prepare')->assertOk()->assertSeeInOrder(['Pier tote', '120 tabs: 5 squares of 24', '0 of 120'])
            ->assertSee('Gloves and eye protection')->assertSee('0 of 30');
        $add('collect', '70')->assertSessionHasNoErrors();
        $add('collect', '60')->assertSessionHasNoErrors();
        $add('bend', '12')->assertSessionHasNoErrors();
        $add('bend', '-4')->assertSessionHasNoErrors();
        $add('wash', '-9')->assertSessionHasNoErrors();
        $this->get('/stash/prepare')->assertSeeInOrder(['130 of 120', '0 of 120', '0 of 120', '8 of 30']);
        $add('bend', 'many')->assertSessionHasErrors("more-{$bag->id}-bend");
        $this->followingRedirects()->from('/stash/prepare')->post("/stash/prepare/{$bag->id}", [
            'step' => 'bend', 'more' => 'many',
        ])->assertSee('value="many"', false);
        $add('melt', '3')->assertUnprocessable();
        $this->flushSession()->actingAs($this->maker('piet@pier.example'))->post("/stash/prepare/{$bag->id}", [
            'step' => 'bend', 'more' => '1',
        ])->assertNotFound();
    }
}
