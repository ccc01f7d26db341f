<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\User;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Guessed;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** From what is in the hand to figures, a drawn plan and a kept bag; for a stranger and for a maker. */
final class BeginTest extends TestCase
{
    private const WAYS = [
        'hexagon', 'half-round',
        'oval', 'rows', 'square', 'round', 'folded-chain', 'folded-rows', 'holes', 'frame',
        'panels', 'envelope', 'canvas', 'end-and-back', 'net', 'tabs',
    ];

    /** Every kind is drawn of every strand at its usual thickness, and nothing is kept. */
    public function testAStrangerSeesEveryKind(): void
    {
        foreach (Kind::strands() as $kind) {
            $page = $this->get("/begin?kind={$kind->value}")->assertOk();
            foreach (self::WAYS as $way) {
                $page->assertSee("data-region=\"way-{$way}\"", false);
            }
            // The door for a pattern is one more.
            self::assertSame(1 + count(self::WAYS), substr_count((string) $page->getContent(), 'viewBox="0 0 172 178"'), $kind->value);
            $page->assertSee('See the whole plan')->assertSee('guessed: weigh a metre');
        }
        $this->get('/')->assertOk()->assertSee('What shall it be?')->assertSee('Oval and slots');
        self::assertSame(0, Bag::query()->count());
    }

    /** What the page says is what the planner says of the same guesses. */
    public function testTheFiguresAreThePlanners(): void
    {
        $thick = Length::mm(5);
        $hook = Guessed::hook(Kind::Cord, $thick);
        $plan = Planner::plan(BagDocument::read([
            'format' => 'fescue-bag/1', 'name' => 'x', 'material' => Guessed::material(Kind::Cord, $thick),
            'hook' => $hook->exact(), 'gauge' => Guessed::gauge(Kind::Cord, $thick, $hook), 'working' => 'spiral',
            'size' => ['length' => '28 cm', 'width' => '10 cm', 'height' => '20 cm'],
            'base' => ['type' => 'square'], 'body' => ['stitch' => 'sc'], 'edge' => ['stitch' => 'slip', 'rounds' => 1],
        ]));
        $answer = $this->getJson('/begin?kind=cord&thick=5&length=28&width=10&height=20&bag=square')->assertOk()->json();
        self::assertStringContainsString(
            number_format($plan->work->stitches()->total(), 0, '', "\u{202F}"),
            str_replace(["\u{A0}", ' '], "\u{202F}", $answer['regions']['answer']),
        );
        self::assertStringContainsString("first chain {$plan->work->start->works()}", $answer['regions']['answer']);
        self::assertStringContainsString('10 mm (N/P-15) tried first', $answer['regions']['hook']);
        self::assertSame([], $answer['errors']);
    }

    /** A touch is answered by one plan; all kinds follow. A page that asks for neither has both. */
    public function testTheAnswerComesBeforeAllKinds(): void
    {
        $asked = fn(string $part): array => $this->getJson("/begin?length=33&bag=round{$part}")->assertOk()->json();
        [$both, $answer, $kinds] = [$asked(''), $asked('&part=answer'), $asked('&part=kinds')];
        self::assertSame(['answer', 'strand', 'bars', 'hook'], array_keys($answer['regions']));
        self::assertCount(count(Makers::BASES) + count(Makers::BUILDS), $kinds['regions']);
        self::assertSame($both['regions'], $answer['regions'] + $kinds['regions']);
        self::assertSame($both['errors'], $answer['errors']);
    }

    /** A kind that the size does not suit says why, and does not vanish. */
    public function testAKindThatMakesNoneSaysWhy(): void
    {
        $answer = $this->getJson('/begin?length=10&width=30&height=20&bag=oval')->assertOk()->json();
        self::assertStringContainsString('Ask for more length or less width', $answer['regions']['way-oval']);
        self::assertStringContainsString('Ask for more length', $answer['regions']['answer']);
        self::assertStringNotContainsString('See the whole plan', $answer['regions']['answer']);
        self::assertStringContainsString('<svg', $answer['regions']['way-rows']);
        $this->get('/begin/plan?length=10&width=30&height=20&bag=oval')->assertRedirect();
    }

    #[TestWith(['thick', '99', 'From 0.5'])]
    #[TestWith(['thick', 'fat', ''])]
    #[TestWith(['hook', 'huge', ''])]
    #[TestWith(['length', '-3', ''])]
    #[TestWith(['height', '900', 'outside'])]
    public function testBadInputIsSaidAtItsFieldAndStays(string $field, string $typed, string $says): void
    {
        $answer = $this->getJson("/begin?{$field}={$typed}")->assertOk()->json();
        self::assertSame([$field], array_keys($answer['errors']));
        self::assertStringContainsString($says, $answer['errors'][$field]);
        $this->get("/begin?{$field}={$typed}")->assertOk()->assertSee("value=\"{$typed}\"", false);
    }

    public function testNothingOddBreaksIt(): void
    {
        foreach ([
            '/begin?kind[]=cord&thick[]=4&bag[]=x', '/begin?kind=tabs', '/begin?material_id=1&swatch_id=1',
            '/begin?thick='.str_repeat('9', 3000), '/begin/plan?bag=nothing', '/begin?length='.urlencode("\xff\xfe"),
        ] as $odd) {
            $this->get($odd)->assertOk();
        }
        $this->post('/begin')->assertRedirect('/sign-in');
    }

    /** The whole plan is read without an account, and kept by registering. */
    public function testWhatAStrangerBeganIsKeptWhenSheRegisters(): void
    {
        $query = 'kind=cord&thick=4&length=34&width=14&height=22&bag=holes';
        $this->get("/begin/plan?{$query}")->assertOk()->assertSee('Draw up a loop from the outside')->assertSee('Register and keep it');
        $this->get('/register?begin='.urlencode($query))->assertOk()->assertSee('name="begin"', false);
        $this->post('/register', [
            'name' => 'Ilse', 'email' => 'ilse@pier.example', 'password' => 'a long password',
            'password_confirmation' => 'a long password', 'begin' => $query,
        ])->assertRedirect('/sign-in');
        self::assertSame(0, Bag::query()->count());
        $this->post('/sign-in', ['email' => 'ilse@pier.example', 'password' => 'a long password']);
        $bag = Bag::query()->firstOrFail();
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('Bought base')->assertSee('34.0');
        self::assertSame('holes', $bag->choices['base']['type']);
        self::assertSame(
            User::query()->where('email', 'ilse@pier.example')->value('id'),
            $bag->user_id,
        );
        $this->get("/bags/{$bag->id}/words")->assertOk();
        $this->get("/bags/{$bag->id}/enough")->assertOk();
        $this->get("/bags/{$bag->id}/export")->assertOk();
    }

    public function testNonsenseCarriedOnIsNoReasonNotToRegister(): void
    {
        foreach (['bag[]=x&length=0', str_repeat('x', 9000), 'length=1&width=200'] as $nth => $begin) {
            $this->post('/register', [
                'name' => 'Ilse', 'email' => "ilse{$nth}@pier.example", 'password' => 'a long password',
                'password_confirmation' => 'a long password', 'begin' => $begin,
            ])->assertRedirect();
            $this->post('/sign-in', ['email' => "ilse{$nth}@pier.example", 'password' => 'a long password'])
                ->assertRedirect();
            $this->assertAuthenticated();
            $this->post('/sign-out');
        }
        self::assertSame(3, User::query()->count());
    }

    /** Of a maker the strand comes from her stash and the gauge from her swatch: what she keeps stands on them. */
    public function testAMakersOwnStrandAndSwatch(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $swatch = $this->swatch($maker, $material);
        $this->actingAs($maker)->get('/begin')->assertOk()->assertSee('Tarred cord')->assertSee('by your swatches');
        $query = "material_id={$material->id}&swatch_id={$swatch->id}&length=30&width=12&height=26&bag=rows";
        $this->get("/begin?{$query}")->assertOk()->assertSee('from your stash');
        $this->post("/begin?{$query}")->assertRedirect();
        $bag = $maker->bags()->firstOrFail();
        self::assertSame([$material->id, $swatch->id], [$bag->material_id, $bag->swatch_id]);
        self::assertArrayNotHasKey('material', $bag->choices);
        self::assertArrayNotHasKey('gauge', $bag->choices);
        $this->get("/bags/{$bag->id}")->assertOk()->assertSee('Rows picked up');
        // Without a swatch of it: what her others teach, on the hook that is tried first.
        $this->post('/begin?kind=cord&thick=5&bag=round&length=30&width=20&height=20')->assertRedirect();
        $learned = $maker->bags()->firstWhere('swatch_id', null);
        self::assertTrue($learned?->choices['learned']);
        self::assertArrayNotHasKey('gauge', $learned->choices);
        $this->get("/bags/{$learned->id}")->assertOk();
        // What was answered before is what she has now.
        $answer = $this->getJson('/begin?part=answer&kind=cord&thick=5&bag=round&length=30&width=20&height=20')->json();
        $out = $learned->plan()->comesOut;
        self::assertNotNull($learned->plan()->spec->facts->hands->predicted);
        foreach ([$out->flatWidth, $out->height] as $side) {
            self::assertStringContainsString(rtrim($side->print(), ' cm'), $answer['regions']['answer']);
        }
    }

    /** Another’s things are none of hers. */
    public function testAnothersStrandIsNotTaken(): void
    {
        $material = $this->material($this->maker('other@pier.example'));
        $this->actingAs($this->maker())->get("/begin?material_id={$material->id}")->assertOk()->assertDontSee('Tarred cord');
    }
}
