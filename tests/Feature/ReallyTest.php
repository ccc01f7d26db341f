<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Swatch;
use Tests\TestCase;

/** What is implausible is asked about once, kept as it was typed, and taken at her word the second time. */
final class ReallyTest extends TestCase
{
    private const CORD = [
        'kind' => 'cord', 'name' => 'Odd cord', 'colour' => '#334455', 'diameter' => '4', 'sample_length' => '1 m', 'sample_mass' => '82 g',
    ];

    /**
     * Asked at the field, with what was typed still there; another value is asked about anew; the same is taken.
     *
     * @param array<string, mixed> $form
     * @param array<string, mixed> $other as odd
     */
    private function assertAsked(string $page, string $to, array $form, array $other, string $field, string $said): void
    {
        $asked = $this->followingRedirects()->from($page)->post($to, $form)->assertOk()->assertSee($said)->assertSee('Really?');
        self::assertSame(1, preg_match('/name="really" value="(\w{40})"/', (string) $asked->getContent(), $really));
        $asked->assertSee('value="'.$form[$field].'"', false);
        $this->flushSession();
        $this->from($page)->post($to, ['really' => $really[1]] + $other)->assertSessionHasErrors($field);
        $this->flushSession();
        $this->from($page)->post($to, ['really' => $really[1]] + $form)->assertSessionHasNoErrors();
    }

    public function testMaterialsAndSwatches(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker);
        $this->assertAsked('/stash/new', '/stash', self::CORD, ['sample_mass' => '90 g'] + self::CORD, 'sample_mass', 'That is 82.0 g/m; 4.0 mm thick, of such a strand (a round cord)');
        $cord = $maker->materials()->firstOrFail();
        self::assertSame('Odd cord', $cord->name);
        $plain = ['sample_mass' => '8 g', 'name' => 'Cord'] + self::CORD;
        $this->assertAsked(
            '/stash/new',
            '/stash',
            ['price' => '1000000', 'price_for' => '100 g'] + $plain,
            ['price' => '2000000', 'price_for' => '100 g'] + $plain,
            'price',
            'a price of 1',
        );
        self::assertSame(2, $maker->materials()->count());
        $swatch = [
            'name' => 'Odd', 'material_id' => (string) $cord->id, 'hook' => '4 mm', 'stitch' => 'sc', 'stitches_counted' => '20',
            'width' => '3 cm', 'rows_counted' => '20', 'height' => '3 cm',
        ];
        $this->assertAsked('/swatches/new', '/swatches', $swatch, ['width' => '2.9 cm'] + $swatch, 'width', 'less than half as wide as its strand');
        self::assertSame(1, Swatch::query()->count());
    }

    public function testAPriceTag(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $page = "/bags/{$bag->id}/enough";
        $this->assertAsked($page, "/bags/{$bag->id}/price", ['price_tag' => '1000000'], ['price_tag' => '1000001'], 'price_tag', 'a price of 1');
        self::assertSame('1000000.00', $bag->refresh()->price_tag);
    }
}
