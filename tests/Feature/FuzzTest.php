<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\User;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Tests\Draw;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/**
 * Every route, as a maker and as a stranger, with fields of every name that any page or controller knows and values that
 * no form sends: refused, or taken for nothing, never broken. A new route is fuzzed by itself.
 */
final class FuzzTest extends TestCase
{
    /** So often every route, as a maker and as a stranger: some four thousand requests. FESCUE_FUZZ says another. */
    private const TIMES = 10;

    /** @return list<string> names of fields, by what pages and controllers ask for */
    private static function names(): array
    {
        $root = dirname(__DIR__, 2);
        $names = [];
        foreach (['app', 'resources/views'] as $folder) {
            $files = new \RegexIterator(
                new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/{$folder}")),
                '/\.php$/',
            );
            foreach ($files as $file) {
                $code = (string) file_get_contents((string) $file);
                preg_match_all('/\bname="([\w\[\].]+)"|(?:Typed::\w+\(\$\w+(?:->\w+)?|->(?:input|string|has|boolean|typed|file)\(|\btyped\(), *\'([\w.]+)\'|->(?:input|string|has|boolean|typed|file)\(\'([\w.]+)\'/', $code, $found);
                array_push($names, ...$found[1], ...$found[2], ...$found[3]);
            }
        }
        $names = array_map(
            fn(string $name): string => str_replace(['[', ']'], ['.', ''], $name),
            array_filter($names, fn(string $name): bool => $name !== '' && ! str_starts_with($name, '_')),
        );
        foreach (['base', 'body', 'build', 'handles', 'edge'] as $part) {
            foreach (['type', 'chain', 'rounds', 'ends', 'growth', 'stitch', 'holes', 'length', 'skip', 'rise', 'above', 'net', 'tab'] as $field) {
                $names[] = "{$part}.{$field}";
            }
        }

        foreach (['type', 'as', 'wide', 'under', 'length', 'pocket', 'every'] as $field) {
            array_push($names, "finish.0.{$field}", "finish.1.{$field}");
        }

        return array_values(array_unique($names));
    }

    private static function odd(): mixed
    {
        return match (mt_rand(0, 18)) {
            0 => [], 1 => ['x' => ['y' => ['z']]], 2 => "\xff\xfe\x00", 3 => str_repeat('9', 20), 4 => '-1', 5 => '1e309',
            6 => str_repeat('ä', 3000), 7 => "a\0b", 8 => '<script>', 9 => '0', 10 => ['1', '2'], 11 => 'NaN',
            12 => '١٢ cm', 13 => '1/0', 14 => '{"a":[1,{"b":null}]}',
            15 => "Rnd 1: *2 dc in next st, sk 1; rep from * around\nRepeat round 1.",
            16 => 'Own: 2 dc in next st, sk next st', 17 => 'Own: [[2 dc in next st] 9999 times] 9999 times', default => '12 cm',
        };
    }

    private function path(Route $route, Bag $bag): string
    {
        $of = [
            'bag' => $bag->id, 'material' => $bag->material_id, 'swatch' => $bag->swatch_id, 'entry' => 1, 'piece' => 1,
            'batch' => 1, 'picture' => 1, 'weighIn' => 1, 'drawing' => 'side',
            'place' => 0, 'token' => str_repeat('a', 40),
        ];

        return '/'.ltrim((string) preg_replace_callback(
            '/\{(\w+)\??\}/',
            fn(array $found): string => match (mt_rand(0, 5)) {
                0 => str_repeat('9', 20), 1 => '0', default => (string) ($of[$found[1]] ?? 'x'),
            },
            $route->uri(),
        ), '/');
    }

    #[Group('slow')]
    public function testNothingThatIsSentBreaksARoute(): void
    {
        Draw::sow(11);
        $names = self::names();
        self::assertGreaterThan(120, count($names), 'Where have the fields gone?');
        $broken = [];
        $sent = 0;
        $times = (int) getenv('FESCUE_FUZZ') ?: self::TIMES;
        foreach ([true, false] as $signedIn) {
            foreach (Routes::getRoutes() as $route) {
                for ($time = 0; $time < $times; $time++) {
                    foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                        $maker = User::query()->first() ?? $this->maker();
                        $bag = $maker->bags()->first() ?? $this->bag($maker);
                        $fields = [];
                        foreach ((array) array_rand($names, mt_rand(5, 40)) as $name) {
                            data_set($fields, $names[$name], self::odd());
                        }
                        if (mt_rand(0, 1) === 1 && $signedIn) {
                            $fields = array_replace_recursive($this->form($bag), $fields);
                        }
                        if (mt_rand(0, 1) === 1) {
                            data_set($fields, 'finish.0.type', array_rand(Finishings::byKey()));
                            data_set($fields, 'type', array_rand(Finishings::byKey()));
                        }
                        $path = $this->path($route, $bag);
                        $this->flushSession();
                        auth()->forgetGuards();
                        $as = $signedIn ? $this->actingAs($maker) : $this;
                        $answer = $as->call($method, $path, $fields, server: mt_rand(0, 2) > 0 ? [] : ['HTTP_ACCEPT' => 'application/json']);
                        $sent++;
                        if ($answer->getStatusCode() >= 500) {
                            $broken["{$method} {$route->uri()}: ".mb_substr((string) $answer->exception?->getMessage(), 0, 160).' '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine()] = true;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $sent);
        if (getenv('FESCUE_FUZZ') !== false) {
            fwrite(STDERR, "{$sent} requests\n");
        }
        self::assertSame([], array_keys($broken));
    }
}
