<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Material;
use App\Models\Swatch;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class StashTest extends TestCase
{
    private const CORD = ['name' => 'Tarred cord', 'colour' => '#334455', 'diameter' => '4', 'sample_length' => '2 yd', 'sample_mass' => '0,5 oz', 'on_hand' => '1 lb'];

    private const SWATCH = ['name' => 'sc on 8', 'material_id' => '', 'hook' => 'L-11', 'stitch' => 'sc', 'stitches_counted' => '10,5', 'width' => '12', 'rows_counted' => '10', 'height' => '4 1/2 in', 'mass' => '79'];

    public function testWeighsACordInAnyUnits(): void
    {
        $this->actingAs($this->maker())->post('/stash', self::CORD)->assertRedirect('/stash')->assertSessionHasNoErrors();
        $material = Material::query()->sole();
        self::assertEqualsWithDelta(4, $material->diameter->mm, 1e-9);
        self::assertEqualsWithDelta(14.1747615625 / 1.8288, $material->density()->gramsPerMetre, 1e-9);
        self::assertEqualsWithDelta(453.59237, $material->on_hand?->grams, 1e-9);
        $this->get('/stash')->assertSee('Tarred cord')->assertSee('7.8')->assertSee('59');
    }

    public function testEditsPutsAwayAndBrings(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->actingAs($maker)->get("/stash/{$material->id}")->assertSee('value="4 mm"', false)->assertSee('value="1 m"', false)->assertSee('value="8.2 g"', false);
        $this->put("/stash/{$material->id}", ['on_hand' => ''] + self::CORD)->assertSessionHasNoErrors();
        self::assertNull($material->fresh()?->on_hand);
        $this->delete("/stash/{$material->id}")->assertRedirect('/stash');
        $this->get('/stash')->assertSee('Undo')->assertSee('Nothing weighed yet');
        $this->post("/stash/{$material->id}/restore")->assertRedirect('/stash');
        $this->get('/stash')->assertSee('Tarred cord');
    }

    /** @return array<string, array{string, string, string}> */
    public static function badCords(): array
    {
        return [
            'no name' => ['name', '', 'Give the cord a name'],
            'long name' => ['name', str_repeat('x', 81), '80'],
            'no thickness' => ['diameter', '', 'Measure how thick'],
            'thick as a mast' => ['diameter', '40 cm', 'outside'],
            'thickness unread' => ['diameter', 'rather thin', 'not understood'],
            'zero length' => ['sample_length', '0 m', 'outside'],
            'negative mass' => ['sample_mass', '-8 g', 'less than nothing'],
            'mass in metres' => ['sample_mass', '8 m', 'not a unit of mass'],
            'too heavy to be' => ['sample_mass', '9 kg', 'g to the metre'],
            'colour of script' => ['colour', '#<svg>', 'six digits'],
        ];
    }

    #[DataProvider('badCords')]
    public function testRefusesBadCordsAndKeepsWhatWasTyped(string $field, string $value, string $message): void
    {
        $this->actingAs($this->maker());
        $this->from('/stash/new')->post('/stash', [$field => $value] + self::CORD)->assertRedirect('/stash/new')->assertSessionHasErrors($field);
        self::assertSame(0, Material::query()->count());
        $page = $this->get('/stash/new')->assertSee($message)->assertSee('what you typed is still here')->assertSee('value="1 lb"', false);
        if ($value !== '') {
            $page->assertSee('value="'.e($value).'"', false);
        }
    }

    public function testHoldsCordsTogether(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->get('/stash/together')->assertSee('Weigh them first');
        $one = $this->material($maker);
        $two = $this->material($maker);
        $two->update(['name' => 'Thin cord', 'diameter' => Length::mm(3), 'sample_mass' => Mass::grams(4.5), 'on_hand' => Mass::grams(450)]);
        $this->get('/stash/together')->assertSee('Say how many ends');
        // 8.2 + 2 × 4.5 g/m; √(16 + 2 × 9) mm; the thin one's 100 m make 50 of two ends.
        $this->get("/stash/together?ends[{$one->id}]=1&ends[{$two->id}]=2")->assertSee('17.2')->assertSee('5.8')->assertSee('after 50 m, 860 g of all')->assertSee('60 m left');
        foreach (['x', '-1', '13', '1.5', '<script>'] as $bad) {
            $this->get('/stash/together?'.http_build_query(['ends' => [$one->id => $bad]]))->assertOk()->assertSee('from 0 to 12')->assertSee('value="'.e($bad).'"', false)->assertDontSee('<script>"', false);
        }
        $two->update(['on_hand' => null]);
        $this->get("/stash/together?ends[{$one->id}]=1&ends[{$two->id}]=1")->assertSee('not known');
        // Another maker's cords are not there to hold.
        $theirs = $this->material($this->maker('otto@pier.example'));
        $this->get("/stash/together?ends[{$theirs->id}]=3")->assertSee('Say how many ends');
    }

    public function testMeasuresASwatch(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->actingAs($maker)->post('/swatches', ['material_id' => (string) $material->id] + self::SWATCH)->assertRedirect('/swatches')->assertSessionHasNoErrors();
        $swatch = Swatch::query()->sole();
        self::assertEqualsWithDelta(10.5, $swatch->stitches_counted, 1e-9);
        self::assertEqualsWithDelta(114.3, $swatch->height->mm, 1e-9);
        self::assertEqualsWithDelta(8, $swatch->hook->mm, 1e-9);
        // 10.5 stitches over 12 cm are 8.75 in 10 cm; 79 g of 105 stitches at 8.2 g/m are 9.2 cm a stitch.
        $this->get('/swatches')->assertSee('8.8 × 8.7')->assertSee('8.9 × 8.9')->assertSee('9.2')->assertSee('0.75');
    }

    public function testBareSwatchLengthsTakeTheMakersUnit(): void
    {
        $maker = $this->maker();
        $maker->update(['units' => 'in']);
        $this->actingAs($maker)->post('/swatches', ['width' => '5'] + self::SWATCH)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(127, Swatch::query()->sole()->width->mm, 1e-9);
    }

    /** @return array<string, array{string, string, string}> */
    public static function badSwatches(): array
    {
        return [
            'no rows' => ['rows_counted', '', 'Count the rows'],
            'zero rows' => ['rows_counted', '0', 'above 0'],
            'stitches in words' => ['stitches_counted', 'ten', 'how many you counted'],
            'no such hook' => ['hook', 'bent nail', 'not a hook size'],
            'no such stitch' => ['stitch', 'knit', 'invalid'],
            'nobody’s cord' => ['material_id', '12345', 'your own cords'],
            'rows too high' => ['height', '2 m', 'no fabric'],
            'weightless' => ['mass', '0 g', 'outside'],
        ];
    }

    #[DataProvider('badSwatches')]
    public function testRefusesBadSwatches(string $field, string $value, string $message): void
    {
        $this->actingAs($this->maker());
        $this->from('/swatches/new')->post('/swatches', [$field => $value] + self::SWATCH)->assertRedirect('/swatches/new')->assertSessionHasErrors($field);
        self::assertSame(0, Swatch::query()->count());
        $this->get('/swatches/new')->assertSee($message)->assertSee($field === 'stitches_counted' ? 'value="ten"' : 'value="10,5"', false);
    }

    public function testScriptInAnyFieldIsOnlyText(): void
    {
        $maker = $this->maker();
        $script = '<script>alert(1)</script>';
        $this->actingAs($maker)->post('/stash', ['name' => $script] + self::CORD)->assertSessionHasNoErrors();
        $this->get('/stash')->assertDontSee($script, false)->assertSee($script);
        foreach (['diameter', 'sample_length', 'sample_mass', 'on_hand', 'colour'] as $field) {
            $this->from('/stash/new')->post('/stash', [$field => $script] + self::CORD)->assertSessionHasErrors($field);
            $this->get('/stash/new')->assertOk()->assertDontSee($script, false);
        }
        foreach (['name', 'hook', 'stitches_counted', 'width', 'rows_counted', 'height', 'mass', 'stitch', 'material_id'] as $field) {
            $this->from('/swatches/new')->post('/swatches', [$field => $script] + self::SWATCH);
            $this->get('/swatches')->assertOk()->assertDontSee($script, false);
            $this->get('/swatches/new')->assertOk()->assertDontSee($script, false);
        }
    }

    public function testArraysWhereTextIsAskedAreRefused(): void
    {
        $this->actingAs($this->maker());
        foreach (array_keys(self::CORD) as $field) {
            $this->from('/stash/new')->post('/stash', [$field => ['x' => ['y']]] + self::CORD)->assertRedirect('/stash/new')->assertSessionHasErrors($field);
        }
        self::assertSame(0, Material::query()->count());
    }
}
