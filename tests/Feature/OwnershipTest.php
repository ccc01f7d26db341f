<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\Material;
use App\Models\Swatch;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** Everything belongs to its owner: to others it is not there, and to strangers the door is shut. */
final class OwnershipTest extends TestCase
{
    public function testAnotherMakersThingsAreNotFound(): void
    {
        $bag = $this->bag($this->maker());
        $this->actingAs($this->maker('otto@pier.example'));
        $ids = ['bag' => $bag->id, 'cord' => $bag->material_id, 'swatch' => $bag->swatch_id, 'drawing' => 'base'];
        $tried = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $names = $route->parameterNames();
            if (array_intersect($names, ['bag', 'cord', 'swatch']) === []) {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $tried++;
                $form = $method === 'PUT' ? $this->goodForm($names[0], $bag) : [];
                $answer = $this->call($method, route((string) $route->getName(), array_intersect_key($ids, array_flip($names))), $form);
                self::assertSame(404, $answer->status(), "{$method} {$route->uri()}");
            }
        }
        self::assertGreaterThan(15, $tried);
        self::assertSame([1, 1, 1], [Bag::query()->count(), Material::query()->count(), Swatch::query()->count()]);
        self::assertSame('Pier tote', $bag->fresh()?->name());
    }

    public function testAnotherMakersCordCannotBePutOnMyBag(): void
    {
        $theirs = $this->material($this->maker());
        $otto = $this->maker('otto@pier.example');
        $mine = $this->bag($otto);
        $this->flushSession()->actingAs($otto);
        $this->putJson("/bags/{$mine->id}", $this->form($mine, ['material_id' => $theirs->id]))->assertUnprocessable()->assertJsonValidationErrorFor('material_id');
        self::assertNotSame($theirs->id, $mine->fresh()?->material_id);
    }

    public function testStrangersAreSentToSignIn(): void
    {
        $bag = $this->bag($this->maker());
        foreach (['/stash', '/swatches', '/bags', '/account', "/bags/{$bag->id}", "/bags/{$bag->id}/export"] as $path) {
            $this->get($path)->assertRedirect('/sign-in');
        }
        $this->get('/bags/99999999999999999999')->assertRedirect('/sign-in');
        $this->actingAs($this->maker('otto@pier.example'))->get('/bags/99999999999999999999')->assertNotFound();
    }

    /** @return array<string, mixed> */
    private function goodForm(string $kind, Bag $bag): array
    {
        return match ($kind) {
            'cord' => ['name' => 'x', 'colour' => '#000000', 'diameter' => '4 mm', 'sample_length' => '1 m', 'sample_mass' => '8 g'],
            'swatch' => ['name' => 'x', 'hook' => '8 mm', 'stitch' => 'sc', 'stitches_counted' => '10', 'width' => '12 cm', 'rows_counted' => '10', 'height' => '11 cm'],
            default => $this->form($bag, ['material_id' => null, 'swatch_id' => null]),
        };
    }
}
