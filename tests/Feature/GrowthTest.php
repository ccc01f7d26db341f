<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Growth;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** What a maker asks costs what she has, however many others there are. */
final class GrowthTest extends TestCase
{
    /** The database counts and plans by what is committed. */
    protected array $connectionsToTransact = [];

    protected function tearDown(): void
    {
        Schema::withoutForeignKeyConstraints(function (): void {
            foreach (array_diff($this->tables(), ['migrations']) as $table) {
                DB::table($table)->truncate();
            }
        });
        parent::tearDown();
    }

    /** Counted by the database: the rows that it read for each page, of a hundred makers and of three times as many. */
    #[Group('slow')]
    public function testNoPageReadsMoreThanItsMakersRows(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        $maker = User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
        $this->actingAs($maker);
        $bag = $maker->bags()->whereNotNull('material_id')->orderBy('id')->firstOrFail();
        $pages = $this->pages($maker, [
            'bag' => $bag->id, 'material' => $bag->material_id, 'drawing' => 'base',
            'batch' => DB::table('batches')->where('user_id', $maker->id)->value('id'),
            'piece' => DB::table('raw_pieces')->where('user_id', $maker->id)->value('id'),
            'swatch' => DB::table('swatches')->where('user_id', $maker->id)->value('id'),
            'kept' => DB::table('texts')->where('user_id', $maker->id)->value('id'),
        ]);
        self::assertGreaterThan(45, count($pages));
        $this->grow($maker, 120);
        // The first visit lays down what the next ones take.
        array_map($this->rows(...), $pages);
        $before = array_map($this->rows(...), $pages);
        $this->grow($maker, 240);
        self::assertSame(361 * $maker->bags()->count(), DB::table('bags')->count());
        self::assertSame(361, DB::table('texts')->where('name', 'Lighthouse bucket')->count());
        // Hers may be sorted another way now, each read once more; one row of each of the others would be 240.
        $more = array_filter(array_map(
            fn(string $page, int $was): ?string => ($is = $this->rows($page)) >= $was + 100
                ? "{$page}: {$was}, then {$is}"
                : null,
            $pages,
            $before,
        ));
        self::assertSame([], array_values($more));
    }

    private function grow(User $maker, int $many): void
    {
        Growth::of($maker, $many);
        DB::select('ANALYZE TABLE '.implode(', ', $this->tables()));
    }

    /** @return list<string> */
    private function tables(): array
    {
        return array_column(Schema::getTables(Schema::getCurrentSchemaName()), 'name');
    }

    /**
     * @param array<string, mixed> $ids
     * @return list<string>
     */
    private function pages(User $maker, array $ids): array
    {
        $pages = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (
                ! in_array('GET', $route->methods(), true)
                || array_diff($route->parameterNames(), array_keys($ids)) !== []
                || str_starts_with($route->uri(), '_')
            ) {
                continue;
            }
            $pages[] = '/'.ltrim((string) preg_replace_callback(
                '/\{(\w+)\}/',
                fn(array $name): string => (string) $ids[$name[1]],
                $route->uri(),
            ), '/');
        }

        return $pages;
    }

    /** How many rows are read for a page. */
    private function rows(string $page): int
    {
        $was = $this->read();
        $status = $this->get($page)->status();
        self::assertLessThan(500, $status, $page);

        return $this->read() - $was;
    }

    private function read(): int
    {
        return (int) array_sum(array_column(
            DB::select("SHOW SESSION STATUS WHERE Variable_name IN ('Handler_read_first', 'Handler_read_key', "
                ."'Handler_read_next', 'Handler_read_prev', 'Handler_read_rnd', 'Handler_read_rnd_next')"),
            'Value',
        ));
    }
}
