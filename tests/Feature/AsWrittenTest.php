<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use Tests\TestCase;

/** A pattern's text on its way to a bag: from its proof, of her strand, as large as she wishes. */
final class AsWrittenTest extends TestCase
{
    private const OVAL = "Ch 23.\r\nRound 1: 2 sc in 2nd ch from hook, sc in next 20 ch, 4 sc in last ch, working along other side sc in next "
        ."20, 2 sc in same ch as first (48)\r\nRound 2: 2 sc in each of next 2, sc in next 20, 2 sc in each of next 4, sc in next 20, 2 sc in "
        ."each of next 2 (56)\r\nRounds 3-16: sc blo around. [56]";

    public function testAStrangersPatternIsPlannedAtOnceAndKeptWhenSheIsIn(): void
    {
        $this->get('/')->assertOk()->assertSee('I have a pattern');
        $this->post('/count/bag', ['text' => self::OVAL, 'name' => 'A friend’s tote'])->assertRedirect('/begin?bag=written');
        $this->get('/begin?bag=written')->assertOk()->assertSee('A friend’s tote')->assertSee('as it is written')->assertSee('Put yours away');
        $this->get('/begin/plan?bag=written&kind=tshirt&thick=9')->assertOk()
            ->assertSeeText('sc in next 20 ch, 4 sc in last ch')->assertSee('Rnds 3–16')->assertSee('1 to turn');
        $maker = $this->maker();
        $this->actingAs($maker)->post('/begin?bag=written&have=900+g')->assertRedirect();
        $bag = Bag::query()->sole();
        self::assertSame('A friend’s tote', $bag->name());
        self::assertStringStartsWith("Ch 23.\nRound 1", $bag->choices['build']['pattern']);
        self::assertCount(16, $bag->plan()->work->rows);
        foreach (['', '/words', '/enough', '/work', '/finish', '/what-if'] as $page) {
            $this->get("/bags/{$bag->id}{$page}")->assertOk();
        }
        $this->get("/bags/{$bag->id}/words?terms=es")->assertOk()->assertSeeText('pb en las 20 cad sig');
        $this->delete('/count/bag')->assertRedirect('/begin');
        $this->get('/begin')->assertDontSee('as it is written');
    }

    public function testWhatDoesNotComeOutIsMendedFirstAndStillThere(): void
    {
        $wrong = str_replace('(56)', '(57)', self::OVAL);
        $this->followingRedirects()->post('/count/bag', ['text' => $wrong, 'name' => 'Tote'])
            ->assertSee('mend what does not first')->assertSee('each of next 2 (57)');
        $this->followingRedirects()->post('/count/bag', ['text' => ' '])->assertSee('Paste or type the pattern first.');
        $this->get('/begin')->assertDontSee('as it is written');
    }

    public function testATextIsWrittenWiderAndTakenBack(): void
    {
        $wide = $this->post('/count/resize', ['text' => self::OVAL, 'across' => '4', 'rounds' => '−2'])->assertOk()
            ->assertSee('sc in next 24 ch')->assertSee('Rounds 3-14')->assertSee('20 → 24, 20 → 24, (48 → 56)')->assertSee('As it was');
        self::assertStringContainsString('It all comes out', (string) $wide->getContent());
        $wide->assertDontSee('It comes out in more ways than one');
        $handles = self::OVAL."\nRound 17: sc in next 8, ch 14, sk 12, sc in next 16, ch 14, sk 12, sc in next 8 (60)";
        $this->post('/count/resize', ['text' => $handles, 'across' => '4'])->assertOk()
            ->assertSee('It comes out in more ways than one')->assertSee('value="2" aria-pressed="false"', false);
        $by = ['across' => '4', 'grows' => '0', 'rounds' => '0'];
        $other = fn(string $way) => $this->post('/count/resize', ['text' => 'x', 'before' => $handles, 'by' => $by, 'way' => $way]);
        $other('1')->assertOk()->assertSee('value="1" aria-pressed="true"', false)
            ->assertSee('sc in next 12, ch 14, sk 12, sc in next 16')->assertSee('As it was');
        $other('7')->assertOk()->assertSee('value="0" aria-pressed="true"', false);
        $this->post('/count/resize', ['text' => 'x', 'before' => self::OVAL, 'back' => '1'])->assertOk()->assertSee('Rounds 3-16');
        $this->post('/count/resize', ['text' => self::OVAL, 'across' => 'four'])->assertOk()->assertSee('Write how many')->assertSee('Rounds 3-16');
        $this->post('/count/resize', ['text' => "Rnd 1: 6 sc in ring (6)\nRnd 2: sc around (6)", 'across' => '2'])->assertOk()
            ->assertSee('Nothing in it stretches across');
        $this->post('/count/resize', ['text' => self::OVAL, 'grows' => '-1', 'across' => ['x']])->assertOk()->assertSee('put in, not taken out');
    }

    public function testABagIsWrittenAsLargeAsItIsWished(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->post('/count/bag', ['text' => self::OVAL, 'name' => 'Tote']);
        $this->post('/begin?bag=written');
        $bag = Bag::query()->sole();
        $was = $bag->plan()->comesOut;
        $stitch = $was->flatWidth->mm / 28;
        $this->post("/bags/{$bag->id}/pattern", ['wide' => (string) round(($was->flatWidth->mm + 4.1 * $stitch) / 10, 1)])
            ->assertRedirect("/bags/{$bag->id}")->assertSessionHasNoErrors();
        $now = $bag->fresh()?->plan()->comesOut;
        self::assertNotNull($now);
        self::assertEqualsWithDelta($was->flatWidth->mm + 4 * $stitch, $now->flatWidth->mm, 0.6 * $stitch);
        self::assertSame($was->height->mm, $now->height->mm);
        $this->post("/bags/{$bag->id}/pattern", ['high' => '40 cm'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(400.0, (float) $bag->fresh()?->plan()->comesOut->height->mm, 8.0);
        $this->get("/bags/{$bag->id}")->assertSee('Undo');
        $this->post("/bags/{$bag->id}/pattern", ['wide' => 'broad'])->assertSessionHasErrors('wide');
        $this->post("/bags/{$bag->id}/pattern", [])->assertSessionHasErrors('wide');
    }

    public function testItsTextIsChangedOnThePlan(): void
    {
        $this->actingAs($this->maker())->post('/count/bag', ['text' => self::OVAL]);
        $this->post('/begin?bag=written');
        $bag = Bag::query()->sole();
        $sent = ['revision' => (string) $bag->revision, 'name' => 'Tote', 'swatch_id' => 'learned', 'hook' => '8', 'working' => 'spiral', 'build' => [
            'type' => 'written', 'pattern' => str_replace('3-16', '3-20', self::OVAL),
        ]];
        $this->put("/bags/{$bag->id}", $sent)->assertSessionHasNoErrors();
        self::assertCount(20, $bag->fresh()?->plan()->work->rows ?? []);
        $sent['revision'] = (string) $bag->fresh()?->revision;
        $sent['build']['pattern'] = str_replace('(56)', '(57)', self::OVAL);
        $this->put("/bags/{$bag->id}", $sent)->assertSessionHasErrors();
        self::assertCount(20, $bag->fresh()?->plan()->work->rows ?? []);
    }
}
