<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Material;
use App\Models\RawPiece;
use App\Models\User;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CuttingTest extends TestCase
{
    private const SHIRT = [
        'kind' => 'tube',
        'flat_width' => '46',
        'height' => '42',
        'trim_bottom' => '2',
        'strip' => '2,5 cm',
        'spine' => '',
        'pull' => '30',
        'mass' => '180',
        'pieces' => '2',
    ];

    private const BAG = [
        'kind' => 'bag',
        'flat_width' => '30',
        'height' => '40',
        'trim_top' => '7',
        'trim_bottom' => '3',
        'strip' => '5',
        'mass' => '9',
        'pieces' => '6',
    ];

    /** @param array<string, string> $query */
    private function table(array $query): TestResponse
    {
        return $this->get('/cutting?'.http_build_query($query));
    }

    public function testEachKindTeachesBeforeAnythingIsTyped(): void
    {
        $this->actingAs($this->maker());
        $this->get('/cutting')->assertOk()->assertSee('the spine is opened')->assertSee('Spine left uncut')->assertDontSee('Handles cut off');
        $this->get('/cutting?kind=panel')->assertOk()->assertSee('zigzag')->assertDontSee('Spine left uncut');
        $this->get('/cutting?kind=bag')->assertOk()->assertSee('joined by hitches')->assertSee('Each side is folded in by');
        $this->get('/cutting?kind=ribbon')->assertOk()->assertSee('cut in half lengthwise')->assertDontSee('name="strip"', false);
        $this->get('/cutting?kind=<script>')->assertOk()->assertSee('Spine left uncut');
    }

    public function testAShirtBothWays(): void
    {
        // 16 strips of 2.5: 16·(92 − 5) + 15·√(5² + 2.5²) cm; pulled by 30 %; two shirts lose a lap between them.
        $this->actingAs($this->maker());
        $this->table(self::SHIRT)->assertOk()
            ->assertSeeInOrder(['strand from one', '14.8 m', '14.3 m'])->assertSeeInOrder(['from 2, joined', '29.5 m', '28.7 m'])
            ->assertSeeInOrder(['after the pull', '38.3 m', '37.3 m'])->assertSeeInOrder(['strand weighs', '342 g, 8.9 g/m', '343 g'])
            ->assertSee('Cut away from you,')->assertSee('Jersey sheds dust')->assertDontSee('suffocate')->assertSee('Sewn lap');
    }

    /** A knot of 6 cm eats a ring of 6 cm: that way is refused with its reason, the other stands. */
    public function testAWayThatLeavesNothingIsRefusedAndTheOtherStands(): void
    {
        $this->actingAs($this->maker());
        $narrow = [
            'kind' => 'tube',
            'flat_width' => '3',
            'height' => '20',
            'strip' => '1',
            'spine' => '0.5',
            'join_by' => 'magic-knot',
        ];
        $this->table($narrow)->assertOk()->assertSee(
            '<b>Not so: joined.</b>',
            false,
        )->assertSee('A join takes 60 mm and a strip is 60 mm long')->assertSee('Cut it so')->assertDontSee('value="joined"', false);
        $this->get('/cutting/print?'.http_build_query($narrow + ['school' => 'joined']))->assertRedirect();
        $this->table(['spine' => '0.2'] + $narrow)->assertSee('leave at least 3 mm uncut')->assertSee('value="0.2"', false)->assertDontSee('Cut it so');
    }

    public function testTheJoinIsTheMakersChoice(): void
    {
        $this->actingAs($this->maker());
        // 16 rings of 92 cm, fifteen joins of 2.5 or of 6 cm.
        $this->table(self::SHIRT)->assertSee('sewn lap, takes 2.5 cm')->assertSeeInOrder(['strand from one', '14.8 m', '14.3 m']);
        $this->table(['join_by' => 'magic-knot'] + self::SHIRT)->assertSeeInOrder(['strand from one', '14.8 m', '13.8 m'])->assertSee(
            'name="join_by" value="magic-knot"',
            false,
        );
        $this->table(['join_by' => 'glue'] + self::SHIRT)->assertSeeInOrder(['strand from one', '14.8 m', '14.3 m']);
        $this->table(self::BAG)->assertDontSee('Joined by');
    }

    /** Handbook 3 [check]: six loops a bag of a 30 cm ruler by 5 cm. Common practice, no source. */
    public function testACarrierBagBothWays(): void
    {
        $this->actingAs($this->maker());
        $this->table(self::BAG)->assertOk()
            ->assertSeeInOrder(['strand from one', '3.6 m', '1.7 m'])->assertSeeInOrder(['the strand lies', 'single', 'double'])
            ->assertSeeInOrder(['strips of one', '6', '6'])->assertSee('Plastic bags suffocate');
    }

    /** @return array<string, array{string, string, string}> */
    public static function bad(): array
    {
        return [
            'no width' => ['flat_width', '', 'Measure this'],
            'words' => ['height', 'as long as my arm', 'not understood'],
            'zero' => ['strip', '0', 'A strip: from'],
            'too wide a strip' => ['strip', '60 cm', 'wider than the piece is high'],
            'too fine a strip' => ['strip', '0.5 mm', 'A strip: from'],
            'absurd' => ['flat_width', '3 km', 'not a unit'],
            'a spine too wide' => ['spine', '50 cm', 'leave less uncut'],
            'pull in words' => ['pull', 'a lot', 'in percent'],
            'half a shirt' => ['pieces', '1.5', 'whole number'],
            'a shirt of lead' => ['mass', '90 kg', 'at most 20 kg'],
            'all of it cut off' => ['trim_top', '41 cm', 'cut off less'],
            'a cone' => ['flat_width_end', '2 m', 'cut such a piece open'],
            'both weights' => ['areal', '160', 'not both'],
            'script' => ['flat_width', '<script>alert(1)</script>', 'not understood'],
        ];
    }

    #[DataProvider('bad')]
    public function testBadMeasuresAreSaidAtTheirFieldAndStay(string $field, string $value, string $message): void
    {
        $this->actingAs($this->maker());
        $page = $this->table(
            [$field => $value] + ['spine' => '2 cm'] + self::SHIRT,
        )->assertOk()->assertSee($message)->assertSee('Mend what is marked')->assertDontSee('<script>alert', false);
        $page->assertSee('id="'.($field === 'areal' ? 'mass' : $field).'-wrong"', false);
        if ($value !== '') {
            $page->assertSee('value="'.e($value).'"', false);
        }
    }

    public function testEveryCutIsDrawnToScaleInOrder(): void
    {
        $this->actingAs($this->maker());
        preg_match_all('/<svg xmlns.*?<\/svg>/s', (string) $this->table(self::BAG)->getContent(), $drawings);
        self::assertCount(2, $drawings[0]);
        foreach ($drawings[0] as $svg) {
            self::assertTrue((new \DOMDocument())->loadXML($svg));
        }
        // Loops: handles and seam come off first, then five cuts make six of them; each has its number.
        preg_match_all('/font-weight="600" font-size="13">(\d+)<\/text>/', $drawings[0][1], $numbers);
        sort($numbers[1]);
        self::assertSame(['1', '2', '3', '4', '5', '6', '7'], $numbers[1]);
    }

    public function testPaperCarriesABarAndTrueSizeIsTrue(): void
    {
        $this->actingAs($this->maker());
        $print = fn(string $more): string => (string) $this->get(
            '/cutting/print?'.http_build_query(self::SHIRT).$more,
        )->assertOk()->getContent();
        $one = $print('&school=one-strand');
        self::assertSame(1, substr_count($one, 'data-bar="100"'));
        $tiled = $print('&school=one-strand&size=true&paper=a4');
        self::assertSame(8, substr_count($tiled, 'data-bar="100"'));
        self::assertStringContainsString('row 2 of 2, sheet 4 of 4', $tiled);
        // A window of so many mm on so many mm of paper, and marks of 96 pixels to the inch in it.
        self::assertMatchesRegularExpression(
            '/<svg x="0" y="0" width="180" height="241" viewBox="170 0 180 241"/',
            $tiled,
        );
        self::assertStringContainsString('scale(0.264583)', $tiled);
        self::assertStringContainsString(
            'This bar is 4 in',
            (string) $this->flushSession()->actingAs($this->inches())->get(
                '/cutting/print?'.http_build_query(
                    ['flat_width' => '18', 'height' => '16', 'strip' => '1'] + self::SHIRT,
                ),
            )->getContent(),
        );
        $this->get('/cutting/print?kind=tube')->assertRedirect();
    }

    public function testRawPiecesAreKeptChangedAndBroughtBack(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/cutting/pieces')->assertSee('Nothing waits to be cut');
        $this->get('/cutting/pieces/new?kind=bag')->assertOk()->assertSee('Each side is folded in by')->assertDontSee('name="strip"', false);
        $shirt = [
            'name' => 'Old shirts',
            'count' => '3',
            'colour' => '#112233',
            'fibre' => 'cotton',
            'kind' => 'tube',
            'flat_width' => '18 1/2 in',
            'height' => '40',
            'mass' => '150',
            'pull' => '25',
        ];
        foreach ([
            ['count', 'a few', 'Write how many'],
            ['name', '', 'Give it a name'],
            ['colour', 'red', 'six digits'],
            ['flat_width', 'wide', 'not understood'],
            ['pull', '-3', 'in percent'],
            ['height', '', 'Measure this'],
        ] as [$field, $value, $message]) {
            $this->from('/cutting/pieces/new?kind=tube')->post(
                '/cutting/pieces',
                [$field => $value] + $shirt,
            )->assertSessionHasErrors($field);
            $this->get('/cutting/pieces/new?kind=tube')->assertSee($message)->assertSee(
                $field === 'name' ? '150' : 'value="Old shirts"',
                false,
            )->assertSee('150');
        }
        self::assertSame(0, RawPiece::query()->count());
        $this->post('/cutting/pieces', $shirt)->assertRedirect('/cutting/pieces')->assertSessionHasNoErrors();
        $piece = RawPiece::query()->sole();
        self::assertSame('18 1/2 in', $piece->measures['flat_width']);
        self::assertSame('40 cm', $piece->measures['height']);
        self::assertEqualsWithDelta(1.25, $piece->measures['pull'], 1e-9);
        $this->get("/cutting/pieces/{$piece->id}")->assertOk()->assertSee(
            'value="18 1/2 in"',
            false,
        )->assertSee('value="25"', false)->assertSee('value="3"', false);
        $this->put("/cutting/pieces/{$piece->id}", ['count' => '5'] + $shirt)->assertSessionHasNoErrors();
        self::assertSame(5, $piece->fresh()?->count);
        $this->delete("/cutting/pieces/{$piece->id}");
        $this->get('/cutting/pieces')->assertSee('Undo')->assertSee('Nothing waits');
        $this->post("/cutting/pieces/{$piece->id}/restore");
        $this->get('/cutting/pieces')->assertSee('Old shirts');
    }

    public function testPiecesAreChosenForTheStrandAndTheFirstOneCorrectsThem(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/cutting/choose')->assertSee('Nothing of that waits');
        $this->piece($maker, 'Shirts', 8);
        $this->get('/cutting/choose')->assertSee('From the strand to the pieces');
        foreach ([
            ['need', 'plenty', 'not understood'],
            ['density', '7 m', 'how heavy'],
            ['need', '0', 'above nothing'],
        ] as [$field, $value, $message]) {
            $this->get(
                '/cutting/choose?'.http_build_query([$field => $value] + ['need' => '42', 'density' => '7']),
            )->assertOk()->assertSee($message)->assertSee('value="'.$value.'"', false);
        }
        // 150 g over 2·50·40 cm is 375 g/m²; 7 g/m pulled to 1.25 is a strip of 2.33 cm: 17 rows.
        $page = $this->get('/cutting/choose?need=42&density=7&stuff=cloth')->assertOk()->assertSee('strips of 2.3 cm')->assertSee('no choice as sure leaves less over');
        self::assertSame(1, preg_match('/<b>3 × Shirts|<b>(\d) × Shirts/', (string) $page->getContent()));
        $short = fn(string $gave): string => (string) $this->get(
            '/cutting/choose?'.http_build_query(
                ['need' => '42', 'density' => '7', 'gave' => [RawPiece::query()->sole()->id => $gave]],
            ),
        )->assertOk()->getContent();
        self::assertStringContainsString('pieces', $short('12 m'));
        self::assertStringContainsString('There are 8 of it', $short(implode('; ', array_fill(0, 9, '12 m'))));
        self::assertStringContainsString('not understood', $short('much'));
        $this->get('/cutting/choose?need=400&density=7')->assertSee('Not enough waits to be cut');
        $this->get('/cutting/choose?need=42&density=200')->assertSee('Left out');
    }

    public function testABatchIsTickedOnTwoDevicesAndBecomesStrand(): void
    {
        $maker = $this->maker();
        $piece = $this->piece($maker, 'Shirts', 8);
        $this->actingAs($maker)->post(
            '/cutting/batches',
            [
                'raw_piece_id' => (string) $piece->id,
                'school' => 'one-strand',
                'strip' => '2.5 cm',
                'pieces' => '2',
                'stack' => '2',
            ],
        )->assertSessionHasNoErrors();
        $batch = Batch::query()->sole();
        $page = $this->get("/cutting/batches/{$batch->id}")->assertOk()->assertSee('2 over each other')->assertSee('One piece at a time')->assertSee('Cut away from you, on a mat')->assertSeeInOrder(
            ['Lay', 'Slit', 'Open the spine', 'Join', 'Pull', 'Wind', 'Weigh'],
        );
        self::assertSame(7, substr_count((string) $page->getContent(), 'data-tick>'));
        $this->postJson(
            "/cutting/batches/{$batch->id}/ticks",
            ['step' => 's1-lay', 'done' => '1'],
        )->assertOk()->assertJson(['ticked' => ['s1-lay']]);
        // The other device, later, the same step and another; an unknown one is nothing.
        foreach (['s1-lay', 's1-slit', 'no such step', "x'; drop table batches"] as $step) {
            $this->flushSession()->actingAs($maker)->post(
                "/cutting/batches/{$batch->id}/ticks",
                ['step' => $step, 'done' => '1'],
            );
        }
        self::assertEqualsCanonicalizing(['s1-lay', 's1-slit'], $batch->ticked());
        $this->postJson(
            "/cutting/batches/{$batch->id}/ticks",
            ['step' => 's1-lay', 'done' => '0'],
        )->assertJson(['ticked' => ['s1-slit']]);
        $this->getJson("/cutting/batches/{$batch->id}/ticks")->assertJson(['ticked' => ['s1-slit'], 'finished' => false]);

        $this->from("/cutting/batches/{$batch->id}")->post(
            "/cutting/batches/{$batch->id}/finish",
            ['mass' => 'heavy'],
        )->assertSessionHasErrors('mass');
        $this->post(
            "/cutting/batches/{$batch->id}/finish",
            ['mass' => '290 g', 'length' => '37,5 m', 'diameter' => '8', 'name' => 'Shirt yarn'],
        )->assertSessionHasNoErrors();
        $yarn = Material::query()->sole();
        self::assertSame([Kind::TShirt, 290.0, 6], [$yarn->kind, $yarn->balance(), $piece->fresh()?->count]);
        self::assertEqualsWithDelta(290 / 37.5, $yarn->density()->gramsPerMetre, 1e-9);
        // Twice is once.
        $this->post("/cutting/batches/{$batch->id}/finish", ['mass' => '290 g'])->assertSessionHasErrors('into');
        self::assertSame([1, 290.0], [Material::query()->count(), $yarn->fresh()?->balance()]);
    }

    public function testBagsFromTheTableBecomePlarnOfTheirKind(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->post(
            '/cutting/batches',
            self::BAG + ['school' => 'joined', 'stack' => '3', 'join' => 'ahead'],
        )->assertSessionHasNoErrors();
        $this->post('/cutting/batches', self::BAG + ['school' => 'one-strand'])->assertSessionHasNoErrors();
        [$loops, $spiral] = Batch::query()->orderBy('id')->get()->all();
        $this->get("/cutting/batches/{$loops->id}")->assertSee('stack 2 of 2')->assertSee('Join them all')->assertSee('plastic suffocates');
        $this->get("/cutting/batches/{$spiral->id}")->assertSee('One bag at a time');
        foreach ([$loops, $spiral] as $batch) {
            $this->post("/cutting/batches/{$batch->id}/finish")->assertSessionHasNoErrors();
        }
        [$double, $single] = Material::query()->orderBy('id')->get()->all();
        self::assertSame([Kind::Plarn, Make::Looped, Make::Single], [$double->kind, $double->make, $single->make]);
        // Six bags of 9 g, of which 30 of 40 cm become loops.
        self::assertEqualsWithDelta(6 * 9 * 30 / 40, $double->balance(), 0.01);
        self::assertEqualsWithDelta(6 * 6 * 0.28, $double->sample_length?->mm / 1000, 1e-6);
        // More of the same goes to what is there.
        $this->post('/cutting/batches', self::BAG + ['school' => 'joined']);
        $more = Batch::query()->latest('id')->firstOrFail();
        $this->post(
            "/cutting/batches/{$more->id}/finish",
            ['into' => (string) $double->id, 'mass' => '40'],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(80.5, $double->fresh()?->balance(), 0.01);
        // What is no such strand is asked about once, as it was typed, and taken at her word then.
        $this->post('/cutting/batches', self::BAG + ['school' => 'joined']);
        $other = Batch::query()->latest('id')->firstOrFail();
        $typed = ['into' => (string) $double->id, 'mass' => '100 g', 'length' => '100 m'];
        $page = $this->from("/cutting/batches/{$other->id}")->followingRedirects()
            ->post("/cutting/batches/{$other->id}/finish", $typed)
            ->assertSee('by its weight it would count as')->assertSee('value="100 m"', false);
        self::assertSame(1, preg_match('/name="really" value="(\w+)"/', (string) $page->getContent(), $sure));
        $this->post("/cutting/batches/{$other->id}/finish", ['length' => '90 m', 'really' => $sure[1]] + $typed)
            ->assertSessionHasErrors('into');
        self::assertEqualsWithDelta(80.5, $double->fresh()?->balance(), 0.01);
        $this->post("/cutting/batches/{$other->id}/finish", ['really' => $sure[1]] + $typed)
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(180.5, $double->fresh()?->balance(), 0.01);
        $this->get('/cutting/batches')->assertOk()->assertSee('in the stash');
    }

    public function testABatchThatCannotBeIsRefused(): void
    {
        $maker = $this->maker();
        $piece = $this->piece($maker, 'Shirts', 2);
        $this->actingAs($maker);
        foreach ([
            ['pieces' => '3'],
            ['pieces' => 'all'],
            ['strip' => 'wide'],
            ['strip' => '3 m'],
            ['stack' => '0'],
        ] as $bad) {
            $this->from('/cutting/choose')->post(
                '/cutting/batches',
                $bad + [
                    'raw_piece_id' => (string) $piece->id,
                    'school' => 'one-strand',
                    'strip' => '2 cm',
                    'pieces' => '2',
                    'stack' => '1',
                ],
            )->assertSessionHasErrors('batch');
        }
        $this->post('/cutting/batches', ['kind' => 'tube'])->assertSessionHasErrors('batch');
        $this->post(
            '/cutting/batches',
            ['pieces' => '400', 'stack' => '2'] + self::BAG,
        )->assertSessionHasErrors('batch');
        self::assertSame(0, Batch::query()->count());
    }

    private function piece(User $maker, string $name, int $count): RawPiece
    {
        /** @var RawPiece */
        return $maker->rawPieces()->create(
            [
                'name' => $name,
                'form' => 'tube',
                'colour' => '#334455',
                'fibre' => 'cotton',
                'count' => $count,
                'measures' => [
                    'source' => 'tube',
                    'flat_width' => '50 cm',
                    'height' => '40 cm',
                    'mass' => '150 g',
                    'pull' => 1.25,
                ],
            ],
        );
    }

    private function inches(): User
    {
        $maker = $this->maker('otto@pier.example');
        $maker->update(['units' => 'in']);

        return $maker;
    }
}
