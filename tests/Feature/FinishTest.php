<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\TiledPdf;
use App\Models\Bag;
use App\Models\BagFinish;
use Fescue\Core\Finish\ClothPiece;
use Fescue\Core\Finish\Lining;
use Tests\TestCase;

/** Lining, closures, tassels, and what the bag really was. */
final class FinishTest extends TestCase
{
    public function testThePageSaysWhatABagIsFinishedWith(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}/finish")->assertOk()
            ->assertSeeInOrder(['Lining, bottom and wall', 'The lay', 'wall', 'bottom', 'Sew the wall to a ring'])
            ->assertSee('Scissors and rotary cutters: cut away from you')
            // 56 stitches of 12 mm: 33.6 cm; a closure of 1.8 cm stands 15.9 cm from either fold.
            ->assertSee('15.9 cm from either fold, on stitch 14.5 of 28')
            ->assertSee('A drawstring: 89.2 cm, in and out through 28 gaps')->assertSee('9 round the edge');
        $this->get("/bags/{$bag->id}/finish?seam=2+cm&cloth=50&lies=35&stands=20&closure=40")->assertOk()
            ->assertSee('A piece is wider than the cloth')->assertSee('A closure of 40.0 cm is wider than the opening.')
            ->assertSee('value="2 cm"', false);
        $this->get("/bags/{$bag->id}/finish?seam=a+thumb&cloth=9+km")->assertOk()->assertSee('Seam:')
            ->assertSee('value="a thumb"', false);
    }

    /** Measured back from its own drawing operators: every piece is as large as it is, and the bar is 5 cm. */
    public function testTheTiledPdfIsTrueToSize(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $lining = Lining::of($bag->plan());
        foreach (TiledPdf::PAPERS as $paper => [$wide, $high]) {
            $pdf = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/lining.pdf?paper={$paper}")->assertOk()->getContent();
            self::assertStringStartsWith('%PDF-1.4', $pdf);
            preg_match('#/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]#', $pdf, $box);
            self::assertEqualsWithDelta([$wide, $high], [(float) $box[1] * 25.4 / 72, (float) $box[2] * 25.4 / 72], 0.01);
            preg_match_all('#stream\n(.*?)endstream#s', $pdf, $streams);
            $sheets = array_sum(array_map(
                fn(ClothPiece $piece): int => (int) (ceil($piece->width() / ($wide - 24)) * ceil($piece->height() / ($high - 24))),
                $lining->pieces,
            ));
            self::assertCount($sheets, $streams[1]);
            self::assertSame($sheets, substr_count($pdf, '/Type /Page /Parent'));
            $sizes = [];
            foreach ($streams[1] as $ops) {
                // The first path is the whole cutting line, wherever the sheet cuts it off.
                preg_match('#0\.9 w \[\] 0 d\n(.*?)h S#s', $ops, $path);
                preg_match_all('#([-\d.]+) ([-\d.]+) [ml]#', $path[1], $points);
                [$x, $y] = [array_map(floatval(...), $points[1]), array_map(floatval(...), $points[2])];
                $sizes[] = round((max($x) - min($x)) * 25.4 / 72, 1).' × '.round((max($y) - min($y)) * 25.4 / 72, 1);
            }
            self::assertEqualsCanonicalizing(array_map(
                fn(ClothPiece $piece): string => round($piece->width(), 1).' × '.round($piece->height(), 1),
                $lining->pieces,
            ), array_values(array_unique($sizes)));
            self::assertSame(1, preg_match('#1\.4 w \[\] 0 d\n([\d.]+) [\d.]+ m ([\d.]+) [\d.]+ l S#', $streams[1][0], $bar));
            self::assertEqualsWithDelta(TiledPdf::BAR, ((float) $bar[2] - (float) $bar[1]) * 25.4 / 72, 0.01);
            // What stands where in the file is where its table says.
            preg_match('#startxref\n(\d+)#', $pdf, $from);
            self::assertStringStartsWith('xref', substr($pdf, (int) $from[1]));
            preg_match_all('#^(\d{10}) 00000 n #m', $pdf, $table);
            foreach ($table[1] as $nth => $place) {
                self::assertStringStartsWith(($nth + 1).' 0 obj', substr($pdf, (int) $place));
            }
        }
    }

    public function testItIsDoneAndWrittenDown(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $write = fn(array $what) => $this->from("/bags/{$bag->id}/finish")->post("/bags/{$bag->id}/finish", $what);
        $write(['wide' => 'a lot', 'high' => '25', 'load' => 'heavy'])->assertSessionHasErrors(['wide', 'load']);
        self::assertSame(0, BagFinish::query()->count());
        $write(['otherwise' => str_repeat('a', 601)])->assertSessionHasErrors('otherwise');
        $write(['wide' => '34', 'high' => '17,0', 'load' => '9', 'otherwise' => 'Two rounds fewer.'])->assertSessionHasNoErrors();
        // 33.6 and 16.1 cm planned.
        $this->get("/bags/{$bag->id}/finish")->assertSeeInOrder(['What it was', '33.6 cm', '34 cm', '+1.2 %', '17 cm', '9 kg'])
            ->assertSee('Two rounds fewer.');
        $write(['wide' => '34', 'high' => '17', 'load' => '9', 'otherwise' => 'As it is.'])->assertSessionHasNoErrors();
        self::assertSame(1, BagFinish::query()->count());
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
        self::assertEquals($bag->plan()->work->counts, Bag::query()->latest('id')->firstOrFail()->plan()->work->counts);
        $this->delete("/bags/{$bag->id}/finish")->assertSessionHasNoErrors();
        self::assertSame(0, BagFinish::query()->count());
    }
}
