<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Code;
use App\Models\Bag;
use App\Models\BagLink;
use App\Models\User;
use App\Papers\Papers;
use App\Papers\PrintPaper;
use App\Papers\Recipe;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Tests\TestCase;

/** PDFs are ordered, printed by a worker, kept for what they show, and of each maker one at a time. */
final class PapersTest extends TestCase
{
    private function token(Bag $bag): string
    {
        BagLink::query()->create(['bag_id' => $bag->id, 'token' => $token = Str::random(40)]);

        return $token;
    }

    public function testAStrangersRequestIsAJobAndNeverPrintedOnTheWay(): void
    {
        Queue::fake();
        $bag = $this->bag($this->maker());
        $token = $this->token($bag);
        for ($time = 0; $time < 5; $time++) {
            $this->get("/shown/{$token}/booklet.pdf")->assertStatus(202)->assertHeader('Retry-After', '2')
                ->assertSee('It is being printed')->assertHeader('X-Robots-Tag');
        }
        // In UK names it is another; it waits for the first, which is the same maker's.
        $this->get("/shown/{$token}/booklet.pdf?terms=uk&state=1")->assertOk()->assertExactJson(['state' => 'waiting', 'ahead' => 1]);
        Queue::assertPushed(PrintPaper::class, 1);
        self::assertSame(['queued', 'waiting'], DB::table('papers')->orderBy('id')->pluck('state')->all());
        // Printed, the next one's turn comes; and it is there for whoever asks.
        Papers::print((int) DB::table('papers')->min('id'));
        Queue::assertPushed(PrintPaper::class, 2);
        self::assertSame(['ready', 'queued'], DB::table('papers')->orderBy('id')->pluck('state')->all());
        $pdf = $this->get("/shown/{$token}/booklet.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF', (string) $pdf);
        self::assertSame($pdf, $this->get("/shown/{$token}/booklet.pdf")->getContent());
        Queue::assertPushed(PrintPaper::class, 2);
        $this->get('/shown/'.str_repeat('a', 40).'/booklet.pdf')->assertNotFound();
    }

    /** Another as soon as anything that it shows is; the same for whoever reads the same. */
    public function testWhatItIsKeptFor(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $key = fn(string $kind = 'booklet', ?LengthUnit $unit = null, Terms $terms = Terms::US): string => (new Recipe(
            $kind,
            Bag::query()->findOrFail($bag->id),
            $unit ?? $maker->units,
            $terms,
        ))->key();
        $first = $key();
        self::assertSame($first, $key());
        $pair = (new Recipe('words', $bag->refresh(), $maker->units, Terms::US, beside: Terms::ES))->write();
        self::assertSame($pair, Recipe::read($pair)?->write());
        // As the version before wrote it.
        $plain = (string) json_encode(array_diff_key(json_decode($pair, true), ['beside' => 1]));
        self::assertStringContainsString('"beside":null', (string) Recipe::read($plain)?->write());
        $all = [$first, sha1($pair), $key('words'), $key('booklet', LengthUnit::Inch), $key('booklet', null, Terms::UK)];
        foreach ([
            fn() => $bag->update(['choices' => ['name' => 'Another'] + $bag->choices]),
            fn() => $bag->material()->firstOrFail()->update(['name' => 'Other cord']),
            fn() => $bag->swatch()->firstOrFail()->update(['width' => \Fescue\Core\Measure\Length::mm(125)]),
            fn() => DB::table('bag_minutes')->insert(['bag_id' => $bag->id, 'part' => 'base', 'minutes' => 40]),
            fn() => DB::table('bag_finishes')->insert(['bag_id' => $bag->id, 'expected' => '{}', 'otherwise' => 'x', 'created_at' => now(), 'updated_at' => now()]),
        ] as $change) {
            $change();
            $all[] = $key();
        }
        self::assertSame([], array_diff_key($all, array_unique($all)));
        config(['app.code' => 'another version']);
        self::assertNotContains($key(), $all);
        self::assertSame(Code::of(base_path()), Code::of(base_path()));
    }

    /** One whose worker died is taken up again; one that failed is tried again; too many are refused; old ones go. */
    public function testNothingIsStuck(): void
    {
        Queue::fake();
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->get("/bags/{$bag->id}/booklet.pdf")->assertStatus(202);
        $this->travel(200)->seconds();
        $this->get("/bags/{$bag->id}/booklet.pdf")->assertStatus(202);
        Queue::assertPushed(PrintPaper::class, 2);
        DB::table('papers')->update(['state' => 'failed', 'updated_at' => now()]);
        $this->get("/bags/{$bag->id}/booklet.pdf")->assertStatus(503)->assertSee('It could not be printed');
        $this->travel(30)->seconds();
        $this->get("/bags/{$bag->id}/booklet.pdf")->assertStatus(202);
        for ($nth = 0; $nth < 12; $nth++) {
            $bag->update(['choices' => ['name' => "Bag {$nth}"] + $bag->choices]);
            $last = $this->get("/bags/{$bag->id}/words.pdf");
        }
        $last->assertStatus(429);
        self::assertSame(9, DB::table('papers')->count());
        // Another maker's are printed meanwhile.
        $other = $this->bag($this->maker('otto@pier.example'));
        $this->flushSession()->actingAs(User::query()->findOrFail($other->user_id))->get("/bags/{$other->id}/words.pdf")->assertStatus(202);
        self::assertSame('queued', DB::table('papers')->where('user_id', $other->user_id)->value('state'));
        $this->get("/bags/{$bag->id}/words.pdf")->assertNotFound();
        DB::table('papers')->where('user_id', $maker->id)->update(['state' => 'ready', 'updated_at' => now()->subDays(31)]);
        $this->flushSession()->actingAs($maker)->get("/bags/{$bag->id}/booklet.pdf?terms=uk")->assertStatus(202);
        self::assertSame(1, DB::table('papers')->where('user_id', $maker->id)->count());
    }
}
