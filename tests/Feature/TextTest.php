<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Text;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class TextTest extends TestCase
{
    private const ROUND = "Rnd 1: 6 sc in ring (6)\nRnd 2: 2 sc in each st around (12)";

    public function testATextIsKeptOpenedKeptAnewAndPutAway(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/count')->assertOk()->assertSee('Keep it')->assertDontSee('Texts you keep');
        $this->post('/count/texts', ['name' => 'A friend’s coaster', 'text' => self::ROUND, 'to' => 'es', 'tongue' => 'xx'])
            ->assertRedirect()->assertSessionHasNoErrors();
        $text = Text::query()->sole();
        self::assertSame(['es', '', self::ROUND, 0], [$text->to, $text->tongue, $text->text, $text->revision]);
        $this->get("/count/{$text->id}")->assertOk()->assertSee('A friend’s coaster')->assertSee('Texts you keep')
            ->assertSee('value="A friend’s coaster"', false)->assertSee('2 pb en cada p alrededor')->assertSee('It all comes out');
        $this->post("/count/{$text->id}", ['name' => 'Coaster', 'text' => self::ROUND."\nRnd 3: sc around (12)", 'revision' => '0'])
            ->assertRedirect("/count/{$text->id}")->assertSessionHasNoErrors();
        self::assertSame(['Coaster', 1], [$text->fresh()?->name, $text->fresh()?->revision]);
        $this->delete("/count/{$text->id}")->assertRedirect('/count');
        $this->get("/count/{$text->id}")->assertNotFound();
        $this->get('/count')->assertDontSee('Texts you keep');
        $this->post("/count/{$text->id}/restore")->assertRedirect("/count/{$text->id}");
        $this->get('/count')->assertSee('Coaster');
    }

    public function testWhatWasKeptElsewhereMeanwhileIsNotLost(): void
    {
        $maker = $this->maker();
        $text = $maker->texts()->create(['name' => 'Coaster', 'text' => self::ROUND]);
        $this->actingAs($maker)->post("/count/{$text->id}", ['name' => 'Hers', 'text' => 'Rnd 1: 8 sc in ring (8)', 'revision' => '0']);
        $this->followingRedirects()->post("/count/{$text->id}", ['name' => 'Mine', 'text' => 'Rnd 1: 7 sc in ring (7)', 'revision' => '0'])
            ->assertSee('It was kept anew elsewhere')->assertSee('Rnd 1: 7 sc in ring (7)')
            ->assertSee('name="revision" value="1"', false);
        self::assertSame('Hers', $text->fresh()?->name);
        // Sent once more it is meant.
        $this->post("/count/{$text->id}", ['name' => 'Mine', 'text' => 'Rnd 1: 7 sc in ring (7)', 'revision' => '1']);
        self::assertSame('Mine', $text->fresh()?->name);
    }

    public function testSentTwiceItIsKeptOnce(): void
    {
        $this->actingAs($this->maker());
        $sent = ['name' => 'Coaster', 'text' => self::ROUND, '_once' => str_repeat('a', 32)];
        $first = $this->post('/count/texts', $sent)->assertRedirect();
        self::assertSame($first->headers->get('Location'), $this->post('/count/texts', $sent)->headers->get('Location'));
        self::assertSame(1, Text::query()->count());
    }

    public function testWhatCannotBeKeptIsStillThere(): void
    {
        $this->actingAs($this->maker());
        foreach ([
            [['name' => '', 'text' => self::ROUND], 'Give it a name'],
            [['name' => 'Coaster', 'text' => '  '], 'Paste or type the pattern first.'],
            [['name' => 'Coaster', 'text' => str_repeat('x', 24_001)], 'take it in parts of'],
        ] as [$sent, $said]) {
            $this->followingRedirects()->post('/count/texts', $sent)->assertOk()->assertSee($said)
                ->assertSee(mb_substr($sent['text'], 0, 30));
        }
        self::assertSame(0, Text::query()->count());
    }

    public function testOnlyHerOwn(): void
    {
        $text = $this->maker()->texts()->create(['name' => 'Coaster', 'text' => self::ROUND]);
        $this->get("/count/{$text->id}")->assertRedirect('/sign-in');
        $this->actingAs($this->maker('otto@pier.example'))->get("/count/{$text->id}")->assertNotFound();
        $this->post("/count/{$text->id}", ['name' => 'x', 'text' => 'y', 'revision' => '0'])->assertNotFound();
        $this->get('/count')->assertDontSee('Coaster');
    }

    public function testATextOfAFabricIsOfferedForEveryWallOfHersAndNobodyElses(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker);
        $text = 'Rnd 1: *sc in next st, sk 2, 5 dc in next st, sk 2; rep from * around';
        $key = 'Shells: sc in next st, sk next 2 sts, 5 dc in next st, sk next 2 sts';
        $this->post('/count/texts', ['name' => 'Shells', 'text' => $text])->assertSessionHasNoErrors();
        $kept = Text::query()->sole();
        self::assertSame($key, $kept->motif);
        $this->get("/count/{$kept->id}")->assertSee('It repeats over 6 stitches and one round.');
        $this->get('/swatches/new')->assertSee('value="'.$key.'"', false);
        $material = $this->material($maker);
        $swatch = [
            'name' => 'Shells on 8', 'material_id' => $material->id, 'hook' => '8', 'stitch' => $key, 'stitches_counted' => '12',
            'width' => '12', 'rows_counted' => '6', 'height' => '10',
        ];
        $this->post('/swatches', $swatch)->assertSessionHasNoErrors();
        self::assertSame($key, $maker->swatches()->sole()->stitch->key);
        // Every key of the catalogue has room, too.
        foreach (['two-in-one', 'mesh-plain'] as $one) {
            $this->post('/swatches', ['stitch' => $one, 'name' => $one] + $swatch)->assertSessionHasNoErrors();
            self::assertSame(1, $maker->swatches()->where('stitch', $one)->count());
        }
        // A bag of that swatch, and one of another that has such a wall, are planned, worked, and asked about.
        $bag = $this->bag($maker);
        $bag->update(['choices' => array_replace_recursive((array) $bag->choices, [
            'body' => ['stitch' => $key, 'loop' => 'both', 'even' => true, 'rounds' => 6],
        ])]);
        foreach ([$bag->swatch_id, $maker->swatches()->where('stitch', $key)->value('id')] as $swatched) {
            $bag->update(['swatch_id' => $swatched]);
            foreach (['', '/words', '/enough', '/work', '/what-if', '/finish', '/export'] as $page) {
                $this->get("/bags/{$bag->id}{$page}")->assertOk();
            }
        }
        // What her hand makes of other stitches is kept beside it, too.
        self::assertTrue(DB::table('known')->where('user_id', $maker->id)->where('what', 'proportions '.sha1($key))->exists());
        $this->get("/bags/{$bag->id}")->assertSee('value="'.$key.'" selected', false);
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        self::assertStringContainsString($key, $file);
        // Another maker reads the file: the fabric is in it.
        $otto = $this->maker('otto@pier.example');
        $this->flushSession()->actingAs($otto)->post('/bags/import', ['text' => $file])->assertSessionHasNoErrors();
        $his = $otto->bags()->firstOrFail();
        $this->get("/bags/{$his->id}")->assertOk()->assertSee('value="'.$key.'" selected', false);
        $this->flushSession()->actingAs($maker);
        // Changed to what is none, it is none; swatches and bags of it carry it themselves.
        $this->post("/count/{$kept->id}", ['name' => 'Shells', 'text' => self::ROUND, 'revision' => '0']);
        self::assertSame('', $kept->fresh()?->motif);
        $this->get('/swatches')->assertOk()->assertSee('Shells');
        $this->flushSession()->actingAs($this->maker('ida@pier.example'))->get('/swatches/new')->assertDontSee('Shells:');
        $this->post('/swatches', ['stitch' => 'Shells: 2 dc in next st', 'material_id' => ''] + $swatch)
            ->assertSessionHasErrors('stitch');
    }
}
