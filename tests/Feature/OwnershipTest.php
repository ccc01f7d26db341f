<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\Batch;
use App\Models\Material;
use App\Models\Picture;
use App\Models\RawPiece;
use App\Models\Swatch;
use App\Models\Text;
use Fescue\Core\Measure\Length;
use Fescue\Core\Strip\CutMethod;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** Everything belongs to its owner: to others it is not there, and to strangers the door is shut. */
final class OwnershipTest extends TestCase
{
    public function testAnotherMakersThingsAreNotFound(): void
    {
        $bag = $this->bag($this->maker());
        $this->actingAs($this->maker('otto@pier.example'));
        $hers = $bag->material ?? throw new \LogicException('The bag has its material.');
        $piece = RawPiece::query()->forceCreate(
            [
                'user_id' => $bag->user_id,
                'name' => 'Shirt',
                'form' => 'tube',
                'colour' => '#000000',
                'count' => 2,
                'measures' => ['source' => 'tube', 'flat_width' => '40 cm', 'height' => '40 cm'],
            ],
        );
        $batch = Batch::query()->forceCreate(
            [
                'user_id' => $bag->user_id,
                'name' => 'Shirts',
                'colour' => '#000000',
                'document' => $piece->document(Length::mm(20), CutMethod::Joined, 1),
                'stack' => 1,
                'join_ahead' => false,
            ],
        );
        $ids = [
            'bag' => $bag->id,
            'material' => $hers->id,
            'swatch' => $bag->swatch_id,
            'entry' => $hers->entries()->sole()->id,
            'piece' => $piece->id,
            'kept' => Text::query()->forceCreate(
                ['user_id' => $bag->user_id, 'name' => 'Coaster', 'text' => 'Rnd 1: 6 sc in ring (6)'],
            )->id,
            'batch' => $batch->id,
            'drawing' => 'base',
            'place' => 0,
            'picture' => Picture::query()->forceCreate(
                ['user_id' => $bag->user_id, 'width' => 300, 'height' => 300, 'jpeg' => 'x'],
            )->id,
        ];
        $tried = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $names = $route->parameterNames();
            if (array_intersect($names, array_keys($ids)) === []) {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $tried++;
                $answer = $this->call(
                    $method,
                    '/'.strtr(
                        $route->uri(),
                        array_combine(
                            array_map(fn(string $name): string => "{{$name}}", array_keys($ids)),
                            array_map(strval(...), $ids),
                        ),
                    ),
                );
                self::assertSame(404, $answer->status(), "{$method} {$route->uri()}");
            }
        }
        self::assertGreaterThan(30, $tried);
        self::assertSame(
            [1, 1, 1, 1, 1, 1],
            [
                Bag::query()->count(),
                Material::query()->count(),
                Swatch::query()->count(),
                RawPiece::query()->count(),
                Batch::query()->count(),
                Text::query()->count(),
            ],
        );
        self::assertSame([900.0, []], [$hers->fresh()?->balance(), $batch->ticked()]);
        self::assertSame('Pier tote', $bag->fresh()?->name());
    }

    public function testAnotherMakersCordCannotBePutOnMyBag(): void
    {
        $theirs = $this->material($this->maker());
        $otto = $this->maker('otto@pier.example');
        $mine = $this->bag($otto);
        $this->flushSession()->actingAs($otto);
        $this->putJson(
            "/bags/{$mine->id}",
            $this->form($mine, ['material_id' => $theirs->id]),
        )->assertUnprocessable()->assertJsonValidationErrorFor('material_id');
        self::assertNotSame($theirs->id, $mine->fresh()?->material_id);
    }

    public function testStrangersAreSentToSignIn(): void
    {
        $bag = $this->bag($this->maker());
        foreach ([
            '/stash',
            '/stash/weigh',
            '/stash/ledger',
            '/stash/scale',
            '/cutting',
            '/cutting/pieces',
            '/cutting/choose',
            '/cutting/batches',
            '/swatches',
            '/bags',
            '/account',
            "/bags/{$bag->id}",
            "/bags/{$bag->id}/export",
        ] as $path) {
            $this->get($path)->assertRedirect('/sign-in');
        }
        $this->get('/bags/99999999999999999999')->assertRedirect('/sign-in');
        $this->actingAs($this->maker('otto@pier.example'))->get('/bags/99999999999999999999')->assertNotFound();
    }

}
