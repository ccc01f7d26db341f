<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Glossary\Guide;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

final class GuideTest extends TestCase
{
    /** Each page says what it is for, where it stands; without a script all of them stand on one. */
    public function testEachPageSaysWhatItIsFor(): void
    {
        $this->get('/')->assertOk()->assertSee('Say what is in your hand at the left')->assertSee('/guide#begin', false);
        $bag = $this->bag($maker = $this->maker());
        $this->actingAs($maker)->get('/')->assertSee('What was in your hand last')->assertSee('<kbd>g</kbd>', false);
        foreach ([
            "/bags/{$bag->id}" => 'what you decide at the stations', "/bags/{$bag->id}/words" => 'as it is published',
            "/bags/{$bag->id}/enough" => 'The ball running down', '/stash' => 'Every strand you have', '/cutting' => 'Strips of shirts',
            '/swatches' => 'A square worked and measured', '/count' => 'Paste a pattern in any', '/account' => 'Your name, units',
        ] as $page => $said) {
            $this->get($page)->assertOk()->assertSee($said);
        }
        $all = $this->get('/guide')->assertOk();
        foreach (Guide::PAGES as $lines) {
            self::assertLessThanOrEqual(6, count($lines), 'A name and five lines.');
            array_map(fn(string $line) => $all->assertSee($line), $lines);
        }
    }

    /** None stands for a route that is not there, nor behind one that hides it. */
    public function testEachIsOfAPage(): void
    {
        $names = array_map(fn($route): string => (string) $route->getName(), iterator_to_array(Route::getRoutes()));
        foreach (array_keys(Guide::PAGES) as $key) {
            $of = array_filter($names, fn(string $name): bool => $name === $key || str_starts_with($name, "{$key}."));
            self::assertNotSame([], $of, $key);
            self::assertSame(str_replace('.', '-', $key), Guide::of(array_values($of)[0], true)[0] ?? '', $key);
        }
        self::assertNull(Guide::of('sign-in', false));
    }
}
