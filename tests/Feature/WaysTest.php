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
        $this->get("/bags/{$bag->id}/words")->assertSeeTextInOrder(
            [
                'Row 1',
                'Rows 2–4',
                'Rnd 1',
                'along the row ends',
                'Rnds 3–10',
                '[(sc, dc) in next st, sk next st] 28 times',
            ],
        );
        $this->get("/bags/{$bag->id}/words?terms=es")->assertSeeTextInOrder(
            [
                'H 1',
                'H 2–4',
                'V 1',
                'por los lados de las hileras',
                '[(pb, pa) en el p sig, saltar el p sig] 28 veces',
            ],
        );
        foreach (['/base.svg', '/side.svg', '/solid.svg', '/solid.glb', '/words.pdf', '/enough', '/what-if'] as $page) {
            $this->get("/bags/{$bag->id}{$page}")->assertOk();
        }
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        $this->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertEquals(
            array_column($bag->plan()->work->rows, 'count'),
            array_column(Bag::query()->latest('id')->firstOrFail()->plan()->work->rows, 'count'),
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

    /** Sewn on, in rings, hung from frames: the words say where, after the last round; each from the form to the PDF. */
    public function testOtherWaysAreKeptDrawnAndSaid(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $kept = function (array $changes) use ($bag): void {
            $this->put("/bags/{$bag->id}", $this->form($bag, $changes))->assertSessionHasNoErrors();
        };
        $kept([
            'base' => [
                'type' => 'holes', 'holes' => '52', 'length' => '30', 'width' => '14 cm', 'corners' => '4',
                'per_hole' => '', 'first_hook' => '3.5', 'hole' => '5',
            ],
            'handles' => ['type' => 'sewn', 'from_side' => '7', 'length' => '42'],
            'edge' => ['stitch' => 'slip', 'rounds' => '1'], 'size' => ['height' => '20 cm'],
        ]);
        $choices = $bag->refresh()->choices;
        self::assertSame(['30 cm', '3.5 mm', 4], [
            $choices['base']['length'], $choices['base']['first_hook'], $choices['base']['corners'],
        ]);
        $this->get("/bags/{$bag->id}/words")->assertSee('With the 3.5 mm hook')->assertSee('Sew each tongue over 3 stitches, 7 from the fold')
            ->assertSeeText('Sl st in each st around');
        $this->get("/bags/{$bag->id}")->assertSee('ready-made, 52 holes')->assertSee('slip stitch rim + sewn on, 7 from each side');
        $this->get("/bags/{$bag->id}/base.svg")->assertOk();
        $this->get("/bags/{$bag->id}/words.pdf")->assertOk();
        $this->get("/bags/{$bag->id}/enough")->assertOk();
        $this->get("/bags/{$bag->id}/what-if")->assertOk();
        $kept([
            'base' => ['type' => 'frame', 'holes' => '11', 'length' => '26 cm', 'bridge' => '10'],
            'body' => ['stitch' => 'posts', 'loop' => 'both', 'rounds' => '9'], 'handles' => ['type' => 'none'],
            'working' => 'joined', 'starting_chain' => 'counts', 'lean' => '0,25',
        ]);
        self::assertSame([0.25, 'counts'], [$bag->refresh()->choices['lean'], $bag->choices['starting_chain']]);
        $this->get("/bags/{$bag->id}/words")->assertSee('3 groups of four against 3');
        $this->get("/bags/{$bag->id}/side.svg")->assertOk()->assertSee('scale(1 -1)', false);
        $kept([
            'base' => ['type' => 'oval', 'ends' => '5', 'stitch' => 'dc', 'growth' => '10; 12', 'rise' => 'yes', 'rounds' => '4'],
            'body' => ['stitch' => 'sc', 'loop' => 'both', 'rounds' => '20', 'top_width' => '30', 'even' => 'no'],
            'handles' => ['type' => 'rings', 'count' => '4'], 'size' => ['length' => '40 cm', 'height' => '24 cm'],
        ]);
        $base = $bag->refresh()->choices['base'];
        self::assertSame([5, [10, 12], true], [$base['ends'], $base['growth'], $base['rise']]);
        self::assertSame('30 cm', $bag->choices['body']['top_width']);
        $this->get("/bags/{$bag->id}/words")->assertSee('A ring in stitch');
        $this->get("/bags/{$bag->id}")->assertSee('The wall tapers to')->assertSee('value="10, 12"', false);
        // What is none stays as it was typed, with its message at its field.
        $this->put("/bags/{$bag->id}", $this->form($bag, ['base.growth' => 'eight', 'base.ends' => '99']))
            ->assertSessionHasErrors(['base.growth', 'base.ends']);
        $this->get("/bags/{$bag->id}")->assertSee('value="eight"', false);
    }

    /** Refused for its repeat, the page offers what would do, a press each, without a script too. */
    public function testARepeatThatDoesNotDivideIsMendedByOnePress(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $fans = $this->form($bag, ['body.stitch' => 'fans']);
        $this->actingAs($maker)->from("/bags/{$bag->id}")->put("/bags/{$bag->id}", $fans)->assertSessionHasErrors('body.stitch');
        $page = (string) $this->get("/bags/{$bag->id}")->assertSee('Begin with 21 starting chains')->getContent();
        // The press stands behind the field that it overrules.
        self::assertGreaterThan(strrpos($page, 'id="base-chain"'), strpos($page, 'name="base[chain]" value="21"'));
        $answer = $this->putJson("/bags/{$bag->id}", $fans)->assertUnprocessable()->json();
        self::assertSame(
            ['name' => 'body[even]', 'value' => 'yes', 'said' => 'A plain round first'],
            $answer['ways']['body.stitch'][2],
        );
        $this->put("/bags/{$bag->id}", $this->form($bag, ['body.stitch' => 'fans', 'body.even' => 'yes']))->assertSessionHasNoErrors();
        self::assertTrue($bag->refresh()->choices['body']['even']);
    }
}
