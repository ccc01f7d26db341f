<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

final class ErrorPageTest extends TestCase
{
    public function testErrorsStandInTheSameLook(): void
    {
        config(['app.debug' => false]);
        Route::get('/broken/{how}', fn(string $how) => match ($how) {
            '403' => abort(403),
            '419' => throw new TokenMismatchException(),
            '500' => throw new \RuntimeException('the secret inside'),
            default => throw new PostTooLargeException(),
        })->middleware('web');
        foreach ([
            '403' => 'Not yours to see',
            '419' => 'waited too long',
            '500' => 'Something broke here',
            '413' => 'Too large',
        ] as $code => $said) {
            $this->get("/broken/{$code}")->assertStatus((int) $code)->assertSee($said)->assertSee('To the worktable')->assertDontSee('the secret inside');
        }
        $this->get('/no/such/page')->assertNotFound()->assertSee('Nothing here');
    }

    public function testADatabaseThatIsDownIsSaidPlainly(): void
    {
        $maker = $this->maker();
        $port = config('database.connections.mariadb.port');
        config(['database.connections.mariadb.port' => 1]);
        DB::purge();
        $this->actingAs($maker)->get('/stash')->assertStatus(503)->assertSee('does not answer')->assertSee('To the worktable');
        config(['database.connections.mariadb.port' => $port]);
        DB::purge();
        // What stood in the transaction is gone with its connection: the next test starts from a whole database.
        Artisan::call('migrate:fresh', ['--force' => true]);
    }

    public function testTheDemoLoadsTwiceAsOnce(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        Artisan::call('db:seed', ['--force' => true]);
        self::assertSame(
            [1, 19, 12, 32, 7, 3],
            array_map(
                fn(string $table): int => DB::table($table)->count(),
                ['users', 'materials', 'swatches', 'bags', 'raw_pieces', 'batches'],
            ),
        );
    }
}
