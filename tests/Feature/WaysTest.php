<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use Fescue\Core\Tests\Bag\Plans;
use Tests\TestCase;

/**
 * Another base, another handle, another fabric, another tongue: from the form to the drawing, the words, the mends and
 * the file.
 */
final class WaysTest extends TestCase
{
    private const ROWS = [
        'base' => [
            'type' => 'rows',
            'stitch' => 'hdc',
            'round' => 'sc',
            'across' => '20',
            'rows' => '4',
            'corner' => '3',
            'along' => '6',
        ],
        'body' => ['stitch' => 'two-in-one', 'loop' => 'both', 'rounds' => '9'],
        'handles' => ['type' => 'chain', 'skip' => '8', 'chain' => '50', 'edge_rounds' => '1'],
    ];

    private function bagOfRows(): Bag
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->put("/bags/{$bag->id}", $this->form($bag, self::ROWS))->assertSessionHasNoErrors();

        return $bag->refresh();
    }

    public function testAreChosenDrawnAndWritten(): void
    {
        $bag = $this->bagOfRows();
        self::assertSame(
            [
                'type' => 'rows',
                'stitch' => 'hdc',
                'across' => 20,
                'rows' => 4,
                'corner' => 3,
                'along' => 6,
                'round' => 'sc',
            ],
            $bag->choices['base'],
        );
        $this->get("/bags/{$bag->id}")
            ->assertSeeInOrder(['rows, hdc, 20 across, 4 rows', 'two in one, 9 rounds', 'chain, ch 50 over 8'])
            ->assertSee(
                'value="rows" checked',
                false,
            )->assertSee('rows 1–4, base: 20')->assertSee('round 11: ch 50 over 8')
            ->assertSee('A handle lies 60.0 cm long and hangs about 66.0 cm.');
        $this->get("/bags/{$bag->id}/words")->assertSeeInOrder(
            [
                'Row 1',
                'Rows 2–4',
                'Each row the same.',
                'Round 1',
                'along the row ends',
                'Rounds 3–10',
                '[(sc, dc) in next st, skip 1] 28 times',
            ],
        );
        $this->get("/bags/{$bag->id}/words?terms=es")->assertSeeInOrder(
            [
                'Hilera 1',
                'Hileras 2–4',
                'Todas las hileras igual.',
                'Vuelta 1',
                'por los lados de las hileras',
                '[(pb, pa) en el p sig, saltar 1] 28 veces',
            ],
        );
        foreach (['/base.svg', '/side.svg', '/words.pdf', '/enough', '/what-if'] as $page) {
            $this->get("/bags/{$bag->id}{$page}")->assertOk();
        }
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertEquals(
            $bag->plan()->piece->counts,
            Bag::query()->latest('id')->firstOrFail()->plan()->piece->counts,
        );
    }

    public function testWhatIsWrongIsSaidAtItsField(): void
    {
        $bag = $this->bagOfRows();
        foreach ([
            ['base.corner', ['corner' => '4']],
            ['base.across', ['across' => 'wide']],
            ['base.stitch', ['stitch' => 'tr']],
            ['base.type', ['type' => 'ball']],
        ] as [$field, $base]) {
            $this->putJson(
                "/bags/{$bag->id}",
                $this->form($bag, ['base' => $base + self::ROWS['base']] + self::ROWS),
            )->assertUnprocessable()->assertJsonStructure(['errors' => [$field]]);
        }
        $this->putJson(
            "/bags/{$bag->id}",
            $this->form(
                $bag,
                ['handles' => ['type' => 'chain', 'skip' => '60', 'chain' => '70', 'edge_rounds' => '1']] + self::ROWS,
            ),
        )->assertUnprocessable()->assertJsonStructure(['errors' => ['handles.skip']]);
    }

    public function testLeftOpenTheyFollowTheSizeAndAMendIsTaken(): void
    {
        $bag = $this->bagOfRows();
        $open = [
            'base' => ['type' => 'rows', 'stitch' => 'sc', 'round' => 'sc'],
            'body' => ['stitch' => 'sc', 'loop' => 'both', 'rounds' => ''],
            'handles' => ['type' => 'chain'],
        ];
        // 30 × 12 cm at 12 and 11.5 mm.
        $this->putJson(
            "/bags/{$bag->id}",
            $this->form($bag, $open),
        )->assertOk()->assertJsonPath(
            'solved.base[across]',
            '25',
        )->assertJsonPath('solved.base[rows]', '10')->assertJsonPath('solved.base[along]', '10')->assertJsonPath(
            'solved.handles[chain]',
            '50',
        );
        $bag->refresh();
        self::assertArrayNotHasKey('rows', $bag->choices['base']);
        $was = $bag->plan();
        $this->post(
            "/bags/{$bag->id}/what-if",
            ['material_id' => (string) $bag->material_id, 'hook' => '10 mm', 'keep' => 'size'],
        )->assertSessionHasNoErrors();
        self::assertLessThan(25, Plans::count($bag->refresh()->plan(), '/base/across'));
        self::assertSame('rows', $bag->choices['base']['type']);
        $this->post("/bags/{$bag->id}/undo?revision={$bag->fresh()->revision}");
        $this->post(
            "/bags/{$bag->id}/what-if",
            ['material_id' => (string) $bag->material_id, 'hook' => '10 mm', 'keep' => 'counts'],
        )->assertSessionHasNoErrors();
        self::assertSame(Plans::settled($was), Plans::settled($bag->refresh()->plan()));
        self::assertSame(25, $bag->choices['base']['across']);
    }

    /** A page from before there was another base sends no type, and means an oval. */
    public function testAnOlderPageMeansAnOval(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $form = $this->form($bag, ['base' => ['ends' => 'three', 'chain' => '20', 'rounds' => '3']]);
        unset($form['base']['type']);
        $this->actingAs($maker)->put("/bags/{$bag->id}", $form)->assertSessionHasNoErrors();
        self::assertSame('oval', $bag->refresh()->choices['base']['type']);
    }
}
