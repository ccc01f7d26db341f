<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class WeighingTest extends TestCase
{
    private const DESK = [
        'piece_length' => '5',
        'piece' => "41 g\n42; 43",
        'with' => '1 kg 162 g',
        'without' => '262',
        'turns' => '12',
        'wrap_width' => '5',
        'before' => '50',
        'load' => '1 kg',
        'under' => '68',
        'rested' => '62 cm',
    ];

    public function testWhatIsTypedIsWorkedOut(): void
    {
        $this->actingAs($this->maker())->get('/stash/weigh')->assertOk()->assertSee('Kitchen scale')->assertSee('wait a quarter of an hour');
        // 42 g over 5 m; 900 g of it are 107 m; 12 turns over 5 cm are 4.2 mm; 50 to 68 to 62 cm.
        $this->get('/stash/weigh?'.http_build_query(self::DESK))->assertOk()->assertSee('8.40')->assertSee('from 3 weighings, spread 1.0 g')->assertSee('900')->assertSee('107.1')->assertSee('4.2')->assertSeeInOrder(['36', 'under 1', '24 % after rest']);
    }

    public function testWhatWasFoundIsKept(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $desk = ['material' => (string) $material->id] + self::DESK;
        $this->actingAs($maker);
        foreach ([
            'density' => '8.4 g/m',
            'net' => '900 g on hand',
            'thickness' => '4.17 mm thick',
            'stretch' => 'stretches by 36 %',
        ] as $keep => $said) {
            $this->post('/stash/weigh', ['keep' => $keep] + $desk)->assertRedirect('/stash/weigh');
            $this->get('/stash/weigh')->assertSee($said)->assertSee('value="68"', false)->assertSee('42; 43');
        }
        $fresh = $material->fresh();
        self::assertEqualsWithDelta(8.4, $fresh?->density()->gramsPerMetre, 1e-9);
        self::assertEqualsWithDelta(4.17, $fresh->diameter?->mm, 1e-9);
        self::assertEqualsWithDelta([1.36, 1.24], [$fresh->stretch, $fresh->stretch_rest], 1e-9);
        self::assertSame([900.0, 2], [$fresh->balance(), $fresh->entries()->count()]);
        $this->post('/stash/weigh', ['keep' => 'density'] + self::DESK)->assertSessionHasErrors('material');
        $this->post(
            '/stash/weigh',
            [
                'keep' => 'net',
                'material' => (string) $this->material($this->maker('otto@pier.example'))->id,
            ] + self::DESK,
        )->assertSessionHasErrors('material');
    }

    public function testWhatCannotBeIsSaidAtItsField(): void
    {
        $this->actingAs($this->maker());
        foreach ([
            'piece' => ['heavy', 'not understood'],
            'piece_length' => ['0', 'above nothing'],
            'without' => ['2 kg', 'wrong way round'],
            'turns' => ['some', 'side by side'],
            'wrap_width' => ['', 'Nothing is written'],
            'under' => ['40', 'shorter under the load'],
            'rested' => ['70', 'what it hung at'],
            'load' => ['', 'Nothing is written'],
            'with' => [implode(';', array_fill(0, 21, '5')), 'At most 20'],
        ] as $field => [$value, $message]) {
            $this->get(
                '/stash/weigh?'.http_build_query([$field => $value] + self::DESK),
            )->assertOk()->assertSee($message);
        }
    }

    public function testTheScaleIsTaredOverloadedAndUnplugged(): void
    {
        $this->actingAs($this->maker());
        $press = fn(string $key, array $more = []) => $this->postJson('/stash/scale', ['do' => $key] + $more);
        $this->getJson('/stash/scale')->assertOk()->assertJson(['plugged' => true, 'stable' => true]);
        $press('put', ['pan' => '412 g'])->assertOk()->assertJson(['stable' => false]);
        usleep(1_700_000);
        $at = $this->getJson('/stash/scale')->assertJson(['stable' => true])->json('grams');
        self::assertEqualsWithDelta(412, $at, 2);
        $press('tare')->assertOk();
        self::assertEqualsWithDelta(0, $this->getJson('/stash/scale')->json('grams'), 2);
        $press('unit', ['unit' => 'oz'])->assertOk();
        self::assertStringEndsWith('oz', $this->getJson('/stash/scale')->json('shown'));
        $press('put', ['pan' => '6 kg']);
        $this->getJson('/stash/scale')->assertJson(['overloaded' => true, 'grams' => null]);
        $press('unplug')->assertJson(['plugged' => false]);
        $press('tare')->assertUnprocessable()->assertJson(
            ['wrong' => 'The scale does not answer: plug it in, or read it yourself and type what it shows.'],
        );
        $press('plug')->assertJson(['plugged' => true]);
        $press('put', ['pan' => 'a cat'])->assertUnprocessable();
        $press('hammer')->assertUnprocessable();
        // Without a script the keys come back to the desk, with what was wrong.
        $this->from('/stash/weigh')->post(
            '/stash/scale',
            ['do' => 'put', 'pan' => 'a cat'],
        )->assertRedirect('/stash/weigh')->assertSessionHasErrors('pan');
        $this->flushSession()->actingAs($this->maker('otto@pier.example'))->getJson('/stash/scale')->assertJson(['overloaded' => false]);
    }
}
