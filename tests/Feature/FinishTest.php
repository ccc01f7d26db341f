<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\SharedCopy;
use App\Files\Paper;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\BagLink;
use App\Models\Draft;
use App\Models\Picture;
use App\Models\User;
use App\Stash\Ledger;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Finish\ClothPiece;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Move;
use Fescue\Core\Tests\Bag\Ways;
use Illuminate\Http\UploadedFile;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Lining, closures, tassels, and what the bag really was. */
final class FinishTest extends TestCase
{
    /** @param list<array<string, mixed>> $finish */
    private function finishedWith(User $maker, array $finish): Bag
    {
        $bag = $this->bag($maker);
        $bag->update(['choices' => ['finish' => $finish] + $bag->choices]);

        return $bag;
    }

    public function testWhatABagIsFinishedWithIsChosenAndKept(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}/finish")->assertOk()->assertSee('Finish it with')->assertSee('Magnetic snap');
        foreach (['magnet', 'lining', 'drawstring'] as $type) {
            $this->post("/bags/{$bag->id}/finish/parts", ['type' => $type])->assertRedirect("/bags/{$bag->id}/finish");
        }
        $this->post("/bags/{$bag->id}/finish/parts", ['type' => 'sails'])->assertNotFound();
        $bag->refresh();
        self::assertSame(['magnet', 'lining', 'drawstring'], array_column($bag->choices['finish'], 'type'));
        // 56 stitches of 12 mm: 33.6 cm; a magnet of 1.8 cm stands 15.9 cm from either fold.
        $this->get("/bags/{$bag->id}/finish")->assertOk()
            ->assertSeeInOrder(['Where it goes', 'Magnetic snap', '15.9 cm from either fold', 'Drawstring', '89.2 cm over one and under one, 25 times under in 50 stitches', 'Lining', 'Sew the wall to a ring'])
            ->assertSee('Cut away from you, on a mat')->assertSee('are swallowed')->assertSee('not in the stash');
        $put = fn(array $fields, array $headers = []) => $this->from("/bags/{$bag->id}/finish")
            ->put("/bags/{$bag->id}/finish", ['revision' => $bag->refresh()->revision] + $fields, $headers);
        $fields = ['finish' => [
            ['type' => 'magnet', 'wide' => '24', 'under' => '4'],
            ['type' => 'lining', 'as' => 'fit', 'drawn' => 'yes', 'seam' => '', 'pocket' => '15 × 12 cm', 'cloth' => '90'],
            ['type' => 'drawstring', 'as' => 'twist', 'tie' => '8'],
        ]];
        $put($fields)->assertSessionHasNoErrors();
        self::assertEquals([
            ['type' => 'magnet', 'wide' => '24 mm', 'under' => '4 cm'],
            ['type' => 'lining', 'as' => 'fit', 'drawn' => true, 'pocket' => ['width' => '15 cm', 'height' => '12 cm'], 'cloth' => '90 cm'],
            ['type' => 'drawstring', 'as' => 'twist', 'tie' => '8 cm'],
        ], $bag->refresh()->choices['finish']);
        // Nothing is kept of what it has no room for; what was typed comes back.
        $fields['finish'][0]['wide'] = '40 cm';
        $put($fields)->assertSessionHasErrors('finish.0.wide');
        $this->get("/bags/{$bag->id}/finish")->assertSee('value="40 cm"', false);
        $put($fields, ['Accept' => 'application/json'])->assertStatus(422)->assertJsonPath('errors', [
            'finish.0.wide' => '40.0 cm is wider than the opening, 33.6 cm lying flat. Take a smaller one.',
        ]);
        self::assertSame('24 mm', $bag->refresh()->choices['finish'][0]['wide']);
        $fields['finish'][0]['wide'] = '20 mm';
        $answer = $put($fields, ['Accept' => 'application/json'])->assertOk();
        self::assertStringContainsString('15.8 cm from either fold', $answer->json('regions.drawing'));
        self::assertStringContainsString('Magnetic snap', $answer->json('regions.tally'));
        self::assertSame('33.6 cm', $answer->json('solved')['finish[1][lies]']);
        // An older page meets what was changed meanwhile: nothing is overwritten in silence.
        $older = $bag->refresh()->revision;
        $put(['finish' => [['type' => 'magnet', 'wide' => '12 mm']]])->assertSessionHasNoErrors();
        $this->put("/bags/{$bag->id}/finish", ['revision' => $older, 'finish' => [['type' => 'zip']]])->assertSessionHas('met');
        self::assertSame([['type' => 'magnet', 'wide' => '12 mm']], $bag->refresh()->choices['finish']);
        // It is thought of in its row, in Words and at Work; it is needed, and part of the steps.
        $this->get("/bags/{$bag->id}/words")->assertSee('The magnetic snap goes here')->assertSeeInOrder(['Magnetic snap, two halves, 12 mm']);
        $this->get("/bags/{$bag->id}/work")->assertSee('The magnetic snap goes here');
        $this->get("/bags/{$bag->id}")->assertSee('data-note="magnet"', false);
        // Plan sends no finish, and takes none away.
        $this->put("/bags/{$bag->id}", ['revision' => $bag->revision] + $this->form($bag))->assertSessionHasNoErrors();
        self::assertCount(1, $bag->refresh()->choices['finish']);
        $this->delete("/bags/{$bag->id}/finish/parts/0", ['type' => 'zip'])->assertSessionHasErrors('add');
        $this->delete("/bags/{$bag->id}/finish/parts/0", ['type' => 'magnet'])->assertSessionHasNoErrors();
        self::assertArrayNotHasKey('finish', $bag->refresh()->choices);
    }

    /** A bag that shrinks under its zip is mended at Finish, which opens all the same. */
    public function testABagThatNoLongerBearsItsClosureIsMendedAtFinish(): void
    {
        $maker = $this->maker();
        $bag = $this->finishedWith($maker, [['type' => 'zip', 'length' => '50 cm']]);
        $this->actingAs($maker)->get("/bags/{$bag->id}/finish")->assertOk()->assertSee('longer than the opening')->assertSee('value="50 cm"', false);
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('longer than the opening');
    }

    /** Hardware is counted, cloth is measured; the list says what is wanting of both, for one bag or for all. */
    public function testTheShoppingListReadsTheStash(): void
    {
        $maker = $this->maker();
        $bag = $this->finishedWith($maker, [['type' => 'magnet'], ['type' => 'lining'], ['type' => 'chain-strap']]);
        $this->actingAs($maker);
        $keep = fn(array $what) => $this->post('/stash', $what)->assertSessionHasNoErrors();
        $keep(['kind' => 'hardware', 'make' => 'magnet', 'name' => 'Magnets', 'width' => '18 mm', 'on_hand' => '3']);
        $keep(['kind' => 'hardware', 'make' => 'ring', 'name' => 'Rings', 'on_hand' => '1 piece']);
        $keep(['kind' => 'cloth', 'name' => 'Stripe', 'width' => '150 cm', 'on_hand' => '0.1 m']);
        $this->post('/stash', ['kind' => 'cloth', 'name' => 'Odd', 'on_hand' => 'a lot', 'diameter' => '4'])->assertSessionHasErrors(['on_hand', 'diameter']);
        $this->post('/stash', ['kind' => 'hardware', 'name' => 'Odd', 'on_hand' => '2.5'])->assertSessionHasErrors(['on_hand']);
        $cloth = $maker->materials()->where('kind', 'cloth')->firstOrFail();
        self::assertSame([10.0, 'cm'], [$cloth->balance(), $cloth->unit()]);
        $list = $this->get('/bags/shopping')->assertOk();
        // The lining takes 19 cm of cloth; a wider one will do. One more ring, two hooks and a chain are wanting.
        $list->assertSeeInOrder(['Hardware and cloth', 'Magnetic snap', 'there', 'Lining cloth', '10 cm there', 'Chain, 110 cm', 'none in the stash', 'Snap hook', 'Ring', '1 there']);
        $this->get("/bags/shopping?bags={$bag->id}")->assertOk()->assertSee('Chain, 110 cm');
        $this->get('/bags/shopping?for[]=x&for[]='.$bag->id)->assertOk();
        $this->post("/stash/{$cloth->id}/entries", ['move' => 'bought', 'amount' => '2 m'])->assertSessionHasNoErrors();
        self::assertSame(210.0, $cloth->fresh()?->balance());
        $csv = (string) $this->get('/stash/export')->assertOk()->getContent();
        self::assertStringContainsString('Stripe', $csv);
        // Taken out once, all or none; the page sent twice takes nothing more.
        $this->post("/bags/{$bag->id}/finish/take")->assertSessionHasErrors('take');
        self::assertSame(1.0, $maker->materials()->where('name', 'Rings')->firstOrFail()->balance());
        self::assertSame(3.0, $maker->materials()->where('name', 'Magnets')->firstOrFail()->balance());
        $rings = $maker->materials()->where('name', 'Rings')->firstOrFail();
        $this->post("/stash/{$rings->id}/entries", ['move' => 'bought', 'amount' => '4'])->assertSessionHasNoErrors();
        for ($twice = 0; $twice < 2; $twice++) {
            $this->post("/bags/{$bag->id}/finish/take")->assertSessionHasNoErrors();
            self::assertSame(3.0, $rings->fresh()?->balance());
            self::assertSame(2.0, $maker->materials()->where('name', 'Magnets')->firstOrFail()->balance());
        }
        $this->get("/bags/{$bag->id}/finish")->assertSee('Chain, 110 cm');
        // None of them is offered to be worked.
        $this->get('/bags/new')->assertOk()->assertDontSee('Stripe');
        foreach ($maker->notions()->get() as $one) {
            $this->get("/stash/{$one->id}")->assertOk();
            $this->get("/stash/{$one->id}/edit")->assertOk();
        }
        $other = $this->maker('ada@pier.example');
        $this->flushSession()->actingAs($other)->get("/bags/shopping?bags={$bag->id}")->assertOk()->assertDontSee('Chain, 110 cm');
    }

    /** Measured back from what poppler draws of it: the pocket is as wide as it is cut, and the bar is 5 cm. */
    public function testTheTiledPdfIsTrueToSize(): void
    {
        $maker = $this->maker();
        $bag = $this->finishedWith($maker, [
            ['type' => 'lining', 'pocket' => ['width' => '12 cm', 'height' => '9 cm']],
        ]);
        $lining = $bag->plan()->fitted[0]->lining ?? self::fail('It is lined.');
        $svg = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/lining.svg")->assertOk()->getContent();
        self::assertNotFalse(simplexml_load_string($svg));
        // At true size: a unit of the drawing is a millimetre.
        preg_match('/width="([\d.]+)mm".* viewBox="0 0 ([\d.]+)/', $svg, $size);
        self::assertSame($size[1], $size[2]);
        foreach (Paper::SIZES as $paper => [$wide, $high]) {
            $file = tempnam(sys_get_temp_dir(), 'cloth') ?: self::fail('No file.');
            file_put_contents($file, (string) $this->get("/bags/{$bag->id}/lining.pdf?paper={$paper}")->assertOk()->getContent());
            $sheets = array_map(fn(ClothPiece $piece): array => [
                (int) ceil($piece->width() / ($wide - 24)), (int) ceil($piece->height() / ($high - 24)),
            ], $lining->pieces);
            $info = (new Process(['pdfinfo', $file]))->mustRun()->getOutput();
            preg_match('/^Page size: +([\d.]+) x ([\d.]+)/m', $info, $box);
            self::assertEqualsWithDelta([$wide, $high], [(float) $box[1] * 25.4 / 72, (float) $box[2] * 25.4 / 72], 0.2);
            preg_match('/^Pages: +(\d+)/m', $info, $pages);
            self::assertSame(array_sum(array_map(array_product(...), $sheets)), (int) $pages[1]);
            // Five pixels a millimetre: the bar of the first sheet, and the pocket, which one sheet holds.
            $first = 1 + array_sum(array_map(array_product(...), array_slice($sheets, 0, -1)));
            (new Process(['pdftoppm', '-r', '127', '-gray', '-png', $file, $file]))->mustRun();
            $drawn = fn(int $sheet): string => glob($file.'-'.($pages[1] < 10 ? '' : '0')."{$sheet}.png")[0] ?? '';
            self::assertEqualsWithDelta(50.0, $this->longest($drawn(1), 5 * ($high - 7)) / 5, 0.5);
            self::assertEqualsWithDelta(
                $lining->pieces[count($lining->pieces) - 1]->width(),
                $this->longest($drawn($first), 5 * (12 + $lining->pieces[count($lining->pieces) - 1]->height())) / 5,
                0.7,
            );
            array_map(unlink(...), [$file, ...(glob("{$file}-*") ?: [])]);
        }
    }

    /** The longest dark run near a line of a picture, px. */
    private function longest(string $file, float $line): int
    {
        $image = imagecreatefrompng($file) ?: self::fail('No picture.');
        $longest = 0;
        for ($y = (int) $line - 4; $y <= $line + 4; $y++) {
            for ($x = $run = 0; $x < imagesx($image); $x++) {
                $run = (imagecolorsforindex($image, (int) imagecolorat($image, $x, $y))['red'] ?? 255) < 150 ? $run + 1 : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest;
    }

    public function testItIsDoneAndWrittenDown(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $write = fn(array $what) => $this->from("/bags/{$bag->id}/finish")->post("/bags/{$bag->id}/finish", $what);
        $write(['wide' => 'a lot', 'high' => '25', 'load' => 'heavy', 'minutes' => 'long', 'left_over' => 'some'])
            ->assertSessionHasErrors(['wide', 'load', 'minutes', 'left_over']);
        self::assertSame(0, BagFinish::query()->count());
        $write(['otherwise' => str_repeat('a', 601)])->assertSessionHasErrors('otherwise');
        $material = $bag->material()->firstOrFail();
        $before = (float) $material->balance();
        Ledger::reserve($material, $bag, 300.0);
        $write([
            'wide' => '34', 'high' => '17,0', 'load' => '9', 'hung_for' => '60', 'seen' => 'held', 'left_over' => '300', 'minutes' => '5 h 20',
            'strap_lay' => '30', 'strap_hung' => '32.4', 'blocked_wide' => '35', 'otherwise' => 'Two rounds fewer.',
        ])->assertSessionHasNoErrors();
        // 33.6 and 18.4 cm planned, 16 rows of 11.5 mm; the ledger closes the bag and frees what it had reserved.
        $this->get("/bags/{$bag->id}/finish")->assertSeeInOrder(['What it was', '33.6 cm', '34.0 cm', '+1.2 %', '17.0 cm', 'blocked, wide', '35.0 cm', '+4.2 %', 'strap stretched', '8.0 %', '9 kg', 'it held as it is'])
            ->assertSee('Two rounds fewer.');
        self::assertEqualsWithDelta(300.0, $material->fresh()?->balance(), 1e-6);
        self::assertSame(0.0, $material->fresh()?->stock()->reserved());
        $done = BagFinish::query()->firstOrFail();
        self::assertEqualsWithDelta($before - 300.0, (float) $done->used, 1e-6);
        self::assertSame(320, $done->minutes);
        // Corrected: the line gives way to another, and what was expected stays.
        $expected = $done->expected;
        $write(['wide' => '34', 'high' => '17', 'load' => '9', 'left_over' => '280', 'otherwise' => 'As it is.'])->assertSessionHasNoErrors();
        self::assertSame(1, BagFinish::query()->count());
        self::assertEqualsWithDelta(280.0, $material->fresh()?->balance(), 1e-6);
        self::assertEquals($expected, BagFinish::query()->firstOrFail()->expected);
        // Done, it is no longer in hand; it stands in the log, and its measures are a swatch.
        $this->get('/bags')->assertDontSee("/bags/{$bag->id}\"", false);
        $this->get('/bags/log')->assertOk()->assertSee('Pier tote')->assertSee('As it is.')->assertSee('1 in the band', false);
        $this->post("/bags/{$bag->id}/finish/swatch")->assertSessionHasNoErrors();
        $this->post("/bags/{$bag->id}/finish/swatch")->assertSessionHasNoErrors();
        $swatch = $maker->swatches()->where('note', 'measured of the finished bag')->sole();
        self::assertSame([28.0, 340.0, 16.0, 170.0], [$swatch->stitches_counted, $swatch->width->mm, $swatch->rows_counted, $swatch->height->mm]);
        // A list where a text belongs is no text; the page comes back with its messages.
        $this->followingRedirects()->from("/bags/{$bag->id}/finish")
            ->post("/bags/{$bag->id}/finish", ['wide' => 'a hand', 'load' => ['9']])->assertOk();
        // Again, a tenth larger, with what she wrote in sight.
        $this->post("/bags/{$bag->id}/again", ['larger' => '900'])->assertSessionHasErrors('larger');
        $this->post("/bags/{$bag->id}/again", ['larger' => '10'])->assertSessionHasNoErrors()
            ->assertSessionHas('status', 'Made again. You wrote: “As it is.”');
        $copy = Bag::query()->latest('id')->firstOrFail();
        self::assertSame('Pier tote, again', $copy->name());
        [$was, $is] = [$bag->plan()->comesOut, $copy->plan()->comesOut];
        self::assertEqualsWithDelta(1.1 * $was->baseLength->mm, $is->baseLength->mm, 24.0);
        self::assertEqualsWithDelta(1.1 * $was->height->mm, $is->height->mm, 11.5);
        $this->post("/bags/{$bag->id}/again")->assertSessionHasNoErrors();
        self::assertEquals(array_column($bag->plan()->work->rows, 'count'), array_column(Bag::query()->latest('id')->firstOrFail()->plan()->work->rows, 'count'));
        // Of another strand, as all her swatches teach.
        $thick = $this->material($maker);
        $this->post("/bags/{$bag->id}/again", ['material_id' => (string) $thick->id])->assertSessionHasNoErrors();
        $other = Bag::query()->latest('id')->firstOrFail();
        self::assertSame([$thick->id, null, true], [$other->material_id, $other->swatch_id, $other->choices['learned']]);
        // Taken back, its line goes too.
        $this->delete("/bags/{$bag->id}/finish")->assertSessionHasNoErrors();
        self::assertSame(0, BagFinish::query()->count());
        self::assertEqualsWithDelta($before, $material->fresh()?->balance(), 1e-6);
    }

    /**
     * Weighed, taped and lined, then made again of a thicker strand, larger, or as it is: what was entered once stays with
     * the old bag, what follows from the size follows, and what cannot come along is said.
     */
    public function testMadeAgainOfWhatItIs(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $second = $this->material($maker);
        $second->update(['name' => 'Harbour blue']);
        $bag->choices = [
            'others' => [['material_id' => $second->id]],
            'changes' => [['from' => 'Round 9', 'to' => 1]],
            'tape' => ['width' => 1, 'height' => 1.04],
            'finish' => [
                ['type' => 'zip', 'length' => '31 cm'],
                ['type' => 'lining', 'as' => 'flat', 'lies' => '31 cm', 'stands' => '24 cm', 'pocket' => ['width' => '12 cm', 'height' => '10 cm']],
            ],
        ] + $bag->choices;
        $bag->save();
        $this->post("/bags/{$bag->id}/enough", ['after' => 'Round 5', 'left' => '700 g'])->assertSessionHasNoErrors();
        $made = function (array $form) use ($bag): array {
            $this->post("/bags/{$bag->id}/again", $form)->assertSessionHasNoErrors();

            return [Bag::query()->latest('id')->firstOrFail(), (string) session('status')];
        };
        // As it is: the same rounds, nothing weighed or taped.
        [$same, $said] = $made([]);
        self::assertSame('Made again.', $said);
        self::assertEquals(array_column($bag->plan()->work->rows, 'count'), array_column($same->plan()->work->rows, 'count'));
        self::assertArrayNotHasKey('tape', $same->choices);
        self::assertArrayNotHasKey('weigh_ins', $same->document());
        self::assertSame(['type' => 'zip', 'length' => '31 cm'], $same->choices['finish'][0]);
        self::assertSame([0, 1], array_values(array_unique($same->plan()->materials)));
        // Half as large again: zip and lining are of the new bag.
        [$large, $said] = $made(['larger' => '50']);
        self::assertStringContainsString('change as high as they did', $said);
        $plan = $large->plan();
        self::assertGreaterThan(45.0, $plan->fitted[0]->figures->with['long']->mm / 10);
        self::assertEqualsWithDelta(0.98 * $plan->shell()->opening->mm * 2, $plan->fitted[1]->lining->around ?? 0.0, 1.0);
        self::assertSame(['width' => '12 cm', 'height' => '10 cm'], $large->choices['finish'][1]['pocket'], 'As large as a hand.');
        $share = fn(Bag $of): float => array_search(1, $of->plan()->materials, true) / count($of->plan()->materials);
        self::assertEqualsWithDelta($share($bag), $share($large), 1 / count($plan->materials));
        // Of a strand half as thick again, of which she has 336 g: not the old bag's weigh-ins, and not its hook.
        $thick = $this->material($maker);
        $thick->update(['name' => 'Rope', 'diameter' => Length::mm(6), 'sample_mass' => Mass::grams(18)]);
        Ledger::enter($thick, Move::Weighed, 336.0);
        [$other, $said] = $made(['material_id' => (string) $thick->id]);
        self::assertSame('12 mm', $other->choices['hook']);
        self::assertStringContainsString('On a hook of 12 mm', $said);
        self::assertStringContainsString('“Rope” is thicker', $said);
        self::assertStringContainsString('Harbour blue is left out: it is not as thick as the new one.', $said);
        self::assertSame([0], array_values(array_unique($other->plan()->materials)));
        // A swatch of it in the same stitch is better than what others teach.
        $own = $this->swatch($maker, $thick);
        $own->update(['hook' => Length::mm(10), 'name' => 'Rope on 10', 'width' => Length::mm(170), 'height' => Length::mm(160)]);
        [$swatched, $said] = $made(['material_id' => (string) $thick->id]);
        self::assertSame([$own->id, false], [$swatched->swatch_id, isset($swatched->choices['learned'])]);
        self::assertStringContainsString('By your swatch “Rope on 10”', $said);
    }

    /** What a strap gave under the load is what the next one of that strand is planned with. */
    public function testTheNextStrapKnowsHowFarTheLastOneGave(): void
    {
        $maker = $this->maker();
        [$done, $next] = [$this->bag($maker), $this->bag($maker)];
        $next->update(['material_id' => $done->material_id, 'choices' => ['handles' => ['type' => 'chain', 'hangs' => '66 cm', 'skip' => 4]] + $next->choices]);
        $chain = fn(): int => (int) ($next->fresh()?->plan()->spec->choices->maker('handles')?->settings() === null ? 0
            : array_column(array_map(fn($one): array => [$one->name, $one->written(true)], $next->fresh()->plan()->settled()->choices->maker('handles')?->settings() ?? []), 1, 0)['chain']);
        // 66 cm hang of 60 lying: 50 chains of 12 mm.
        self::assertSame(50, $chain());
        BagFinish::query()->create(['bag_id' => $done->id, 'strap_lay' => '40 cm', 'strap_hung' => '50 cm', 'otherwise' => '']);
        // A quarter: 66 ÷ 1.25 ÷ 1.2 = 44.
        self::assertSame(44, $chain());
    }

    public function testPicturesOfABagAreMadeAnewAndHersAlone(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        BagFinish::query()->create(['bag_id' => $bag->id, 'otherwise' => '']);
        $this->actingAs($maker);
        $send = fn(mixed $file) => $this->from("/bags/{$bag->id}/finish")->post("/bags/{$bag->id}/pictures", ['picture' => $file]);
        $send(UploadedFile::fake()->create('no.jpg', 20))->assertSessionHasErrors('picture');
        $send('words')->assertSessionHasErrors('picture');
        for ($nth = 0; $nth < 6; $nth++) {
            $send(UploadedFile::fake()->image('bag.png', 320, 240))->assertSessionHasNoErrors();
        }
        $send(UploadedFile::fake()->image('bag.png', 320, 240))->assertSessionHasErrors('picture');
        $picture = Picture::query()->firstOrFail();
        $this->get("/bags/{$bag->id}/pictures/{$picture->id}.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get('/swatches/pictures')->assertOk()->assertDontSee("/swatches/pictures/{$picture->id}\"", false);
        $other = $this->bag($maker);
        $this->get("/bags/{$other->id}/pictures/{$picture->id}.jpg")->assertNotFound();
        $this->flushSession()->actingAs($this->maker('ada@pier.example'))->get("/bags/{$bag->id}/pictures/{$picture->id}.jpg")->assertNotFound();
        $this->flushSession()->actingAs($maker)->delete("/bags/{$bag->id}/pictures/{$picture->id}.jpg")->assertSessionHasNoErrors();
        self::assertSame(5, Picture::query()->count());
    }

    /** A link shows the bag and nothing else of hers, until it is withdrawn; another maker takes it as her own. */
    /**
     * Learned from swatches and finished bags, taped and weighed: the link tells rows, size and grams as its owner is told
     * them, and nothing that she measured; and a copy of it has the same counts.
     */
    public function testALinkShowsTheBagAsItsOwnerPlannedIt(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $material = $bag->material()->firstOrFail();
        // A hand that works wider than common, and its mesh tighter.
        foreach ([[9, 118], [6, 96], [10, 150]] as [$hook, $wide]) {
            $this->swatch($maker, $material)->update(['hook' => Length::mm($hook), 'width' => Length::mm($wide * 1.15), 'mass' => Mass::grams(95)]);
        }
        $mesh = $this->swatch($maker, $material);
        $mesh->update(['stitch' => Motif::named('mesh'), 'width' => Length::mm(100), 'height' => Length::mm(140), 'name' => 'Her own mesh']);
        $bag->swatch()->dissociate();
        $bag->choices = [
            'learned' => true, 'hook' => '8 mm', 'tape' => ['width' => 1.03, 'height' => 1.05],
            'base' => ['type' => 'oval', 'ends' => 'three'], 'handles' => ['type' => 'none'],
            'body' => ['stitch' => 'sc', 'above' => [['stitch' => 'mesh', 'rounds' => 4]]],
        ] + array_diff_key($bag->choices, ['base' => 1, 'body' => 1, 'handles' => 1]);
        $bag->save();
        $plan = $bag->refresh()->plan();
        $this->actingAs($maker)->post("/bags/{$bag->id}/enough", ['after' => 'Round 3', 'left' => '790 g'])->assertSessionHasNoErrors();
        $this->post("/bags/{$bag->id}/link");
        $token = BagLink::query()->sole()->token;
        $own = (string) $this->get("/bags/{$bag->id}/words")->assertOk()->getContent();
        $page = (string) $this->get("/shown/{$token}")->assertOk()->assertDontSee('Her own mesh')->assertDontSee('790 g')
            ->assertDontSee('on hand')->getContent();
        $told = function (string $page): array {
            preg_match_all('#<li[^>]*><b>[^<]*</b><span class="text">.*?</li>#s', $page, $rows);
            preg_match('#thick: ([\d\x{202F}]+ g), #u', $page, $takes);
            preg_match('#([\d.]+) cm [^<]* wide and ([\d.]+) cm#', $page, $size);

            return [$rows[0], $takes[1] ?? '', ($size[1] ?? '').' × '.($size[2] ?? '').' cm'];
        };
        [$rows, $takes, $size] = $told($page);
        $out = $bag->refresh()->plan()->comesOut;
        self::assertSame(sprintf('%.1f × %.1f cm', $out->flatWidth->mm / 10, $out->height->mm / 10), $size);
        $grams = number_format(MaterialEstimate::of($bag->plan())->grams->likely, 0, '.', "\u{202F}");
        self::assertSame("{$grams} g", $takes);
        self::assertSame($told($own)[0], $rows);
        self::assertGreaterThan(4, count($rows));
        $given = SharedCopy::of($bag)[0]->plan();
        self::assertSame(Ways::leaves($plan), Ways::leaves($given));
        self::assertEqualsWithDelta($plan->comesOut->flatWidth->mm, $given->comesOut->flatWidth->mm, 1e-6);
        self::assertEqualsWithDelta($plan->comesOut->height->mm, $given->comesOut->height->mm, 1e-6);
        $this->flushSession()->actingAs($this->maker('ada@pier.example'))->post("/shown/{$token}")->assertSessionHasNoErrors();
        $copy = Bag::query()->latest('id')->firstOrFail();
        self::assertSame(Ways::leaves($plan), Ways::leaves($copy->plan()));
        self::assertEqualsWithDelta($plan->comesOut->flatWidth->mm, $copy->plan()->comesOut->flatWidth->mm, 1.0);
        self::assertSame([], array_intersect_key($copy->choices, array_flip([...Draft::TAUGHT, 'weigh_ins', 'tape', 'learned'])));
    }

    public function testALinkShowsOneBagAndNothingElse(): void
    {
        $maker = $this->maker();
        $bag = $this->finishedWith($maker, [['type' => 'magnet']]);
        $bag->update(['choices' => ['learned' => true, 'hook' => '8 mm'] + $bag->choices, 'swatch_id' => null]);
        $this->actingAs($maker)->post("/bags/{$bag->id}/link")->assertSessionHasNoErrors();
        $this->post("/bags/{$bag->id}/link")->assertSessionHasNoErrors();
        $link = BagLink::query()->sole();
        $this->post('/sign-out');
        $shown = $this->get("/shown/{$link->token}")->assertOk()->assertSee('Pier tote')->assertSee('Register to take it')
            ->assertHeader('X-Robots-Tag', 'noindex, nofollow, noarchive')->assertHeader('Referrer-Policy', 'no-referrer')->assertDontSee('on hand')->assertDontSee($maker->email)
            ->assertDontSee($bag->material?->name ?? '?');
        self::assertStringContainsString('no-store', (string) $shown->headers->get('Cache-Control'));
        $this->get("/shown/{$link->token}/booklet.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->get('/shown/'.str_repeat('a', 40))->assertNotFound();
        $this->get("/shown/{$link->token}x")->assertNotFound();
        $this->get('/shown/'.strtolower($link->token))->assertNotFound();
        $this->get('/shown/'.strtoupper($link->token))->assertNotFound();
        $this->post("/shown/{$link->token}")->assertRedirect('/sign-in');
        $other = $this->maker('ada@pier.example');
        $this->flushSession()->actingAs($other)->post("/shown/{$link->token}")->assertSessionHasNoErrors();
        $copy = $other->bags()->sole();
        self::assertSame([null, null], [$copy->material_id, $copy->swatch_id]);
        self::assertSame([], array_intersect_key($copy->choices, ['swatches' => 1, 'worked' => 1, 'weigh_ins' => 1, 'learned' => 1]));
        self::assertArrayNotHasKey('on_hand', $copy->choices['material']);
        self::assertSame(Ways::leaves($bag->plan()), Ways::leaves($copy->plan()));
        self::assertSame([['type' => 'magnet']], $copy->choices['finish']);
        // Another's link is not hers to make or to withdraw.
        $this->post("/bags/{$bag->id}/link")->assertNotFound();
        $this->delete("/bags/{$bag->id}/link")->assertNotFound();
        $this->flushSession()->actingAs($maker)->delete("/bags/{$bag->id}/link")->assertSessionHasNoErrors();
        $this->get("/shown/{$link->token}")->assertNotFound();
        $this->post("/bags/{$bag->id}/link");
        $bag->delete();
        $this->get('/shown/'.BagLink::query()->sole()->token)->assertNotFound();
    }

    /** Every page of a booklet is on paper: cover, needs, rounds, drawings, the lay. */
    public function testABookletHasAllOfIt(): void
    {
        $maker = $this->maker();
        $bag = $this->finishedWith($maker, [['type' => 'lining'], ['type' => 'tassels']]);
        BagFinish::query()->create(['bag_id' => $bag->id, 'wide' => '34 cm', 'load' => '9 kg', 'otherwise' => 'A firmer base.']);
        $pdf = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/booklet.pdf?terms=uk")->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        $file = tempnam(sys_get_temp_dir(), 'booklet') ?: self::fail('No file.');
        file_put_contents($file, $pdf);
        $words = (string) preg_replace('/\s+/', ' ', (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput());
        unlink($file);
        foreach (['It came 34 cm', 'It held 9 kg', 'Next time A firmer base.', 'Base, drawn', 'The lay, drawn', 'miss next 10 sts'] as $said) {
            self::assertStringContainsString($said, $words);
        }
    }
}
