<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\Material;
use App\Models\StockEntry;
use App\Models\User;
use App\Stash\Ledger;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Move;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * The ledger with several devices at once, and with its server killed: other processes, other connections, nothing
 * rolled back after.
 */
final class LedgerUnderFireTest extends TestCase
{
    private const WRITER = __DIR__.'/../outside/ledger-writer.php';

    private ?string $folder = null;

    /** @var resource|null */
    private $server = null;

    private ?User $maker = null;

    protected function tearDown(): void
    {
        if ($this->server !== null) {
            $this->kill();
            exec('rm -rf '.escapeshellarg((string) $this->folder));
        } else {
            $this->maker?->delete();
        }
        parent::tearDown();
    }

    public function testOfTwoDevicesTakingTheLastFortyMetresOneWinsAndTheOtherIsTold(): void
    {
        Artisan::call('migrate', ['--force' => true]);
        for ($round = 0; $round < 3; $round++) {
            [$material] = $this->fortyMetres();
            $at = microtime(true) + 1.5;
            $devices = array_map(
                fn(): array => $this->device(['take', (string) $material->id, '40', sprintf('%.3f', $at)]),
                [1, 2],
            );
            $said = array_map($this->hear(...), $devices);
            sort($said);
            self::assertStringContainsString('told: There are 0 g on hand, and 40 g were to be taken', $said[0]);
            self::assertSame('won', $said[1]);
            self::assertSame(0.0, $material->fresh()?->balance());
            self::assertSame(2, $material->entries()->count());
            $this->maker?->delete();
            $this->maker = null;
        }
    }

    public function testKilledInMidWriteTheSumStillEqualsTheEntries(): void
    {
        $env = $this->ownDatabase();
        Artisan::call('migrate', ['--force' => true]);
        [$material, $bag] = $this->fortyMetres(100_000);
        Ledger::reserve($material, $bag, 100_000);
        $writers = array_map(
            fn(): array => $this->device(['loop', (string) $material->id, (string) $bag->id, '1'], $env),
            [1, 2, 3],
        );
        // Until they are well under way, however busy the machine is.
        for ($tenths = 0; $tenths < 200 && StockEntry::query()->count() < 100; $tenths++) {
            usleep(100_000);
        }
        $this->kill();
        $kept = array_sum(array_map(fn(array $writer): int => substr_count($this->hear($writer), 'kept'), $writers));
        self::assertGreaterThan(20, $kept, 'The writers had hardly begun.');

        $this->startServer();
        DB::purge();
        $used = $material->entries()->where('move', Move::Used)->count();
        // Nothing that a device was told is kept is lost; of what it was not told, each writer may have one more.
        self::assertGreaterThanOrEqual($kept, $used);
        self::assertLessThanOrEqual($kept + count($writers), $used);
        self::assertSame(100_000.0 - $used, $material->fresh()?->balance());
        // An entry and what it takes of the reservation are one write: never the one without the other.
        self::assertSame(100_000.0 - $used, $material->fresh()?->stock()->reserved());
    }

    public function testAnOlderStashMovesOverAndBack(): void
    {
        $this->ownDatabase();
        Artisan::call(
            'migrate',
            ['--force' => true, '--path' => 'database/migrations/2026_11_01_000000_make_tables.php'],
        );
        DB::table('users')->insert(['id' => 1, 'name' => 'Ilse', 'email' => 'ilse@pier.example', 'password' => 'x']);
        $cord = ['user_id' => 1, 'colour' => '#334455', 'diameter' => 4, 'sample_length' => 1000, 'sample_mass' => 8.2];
        DB::table('cords')->insert(
            [
                ['id' => 7, 'name' => 'Weighed', 'on_hand' => 900] + $cord,
                ['id' => 8, 'name' => 'Not weighed', 'on_hand' => null] + $cord,
            ],
        );
        DB::table('bags')->insert(['user_id' => 1, 'cord_id' => 7, 'choices' => '{}']);
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame(
            [900.0, null],
            [Material::query()->findOrFail(7)->balance(), Material::query()->findOrFail(8)->balance()],
        );
        self::assertSame(7, Bag::query()->sole()->material_id);
        Ledger::enter(Material::query()->findOrFail(7), Move::Used, 150);
        Artisan::call(
            'migrate:rollback',
            ['--force' => true, '--step' => count((array) glob(database_path('migrations/*.php'))) - 1],
        );
        self::assertEqualsWithDelta([750, null], DB::table('cords')->orderBy('id')->pluck('on_hand')->all(), 1e-9);
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame(750.0, Material::query()->findOrFail(7)->balance());
    }

    /** @return array<string, string> how another process reaches the database of this test's own */
    private function ownDatabase(): array
    {
        $this->startServer();
        $env = ['DB_SOCKET' => "{$this->folder}/sock", 'DB_USERNAME' => 'writer', 'DB_PASSWORD' => 'killed'];
        config()->set(
            'database.connections.mariadb',
            [
                'unix_socket' => $env['DB_SOCKET'],
                'username' => $env['DB_USERNAME'],
                'password' => $env['DB_PASSWORD'],
            ] + config('database.connections.mariadb'),
        );
        DB::purge();

        return $env;
    }

    /** @return array{Material, Bag} a material of 1 g/m, and a bag of it */
    private function fortyMetres(float $grams = 40): array
    {
        $this->maker = User::query()->create(
            ['name' => 'Ilse', 'email' => uniqid('ilse', true).'@pier.example', 'password' => 'a long password'],
        );
        $material = $this->maker->materials()->create(
            [
                'name' => 'The last of it',
                'colour' => '#334455',
                'diameter' => Length::mm(2),
                'sample_length' => Length::mm(1000),
                'sample_mass' => Mass::grams(1),
            ],
        );
        Ledger::enter($material, Move::Bought, $grams);
        $bag = new Bag(['material_id' => $material->id, 'choices' => ['name' => 'Pier tote']]);
        $this->maker->bags()->save($bag);

        return [$material, $bag];
    }

    /**
     * @param list<string> $arguments
     * @param array<string, string> $env
     *
     * @return array{resource, resource}
     */
    private function device(array $arguments, array $env = []): array
    {
        $process = proc_open(
            [PHP_BINARY, self::WRITER, ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            null,
            $env + getenv(),
        );
        self::assertIsResource($process);

        return [$process, $pipes[1]];
    }

    /** @param array{resource, resource} $device */
    private function hear(array $device): string
    {
        $said = (string) stream_get_contents($device[1]);
        proc_close($device[0]);

        return $said;
    }

    /** A MariaDB of this test's own, so that it can be killed. */
    private function startServer(): void
    {
        $root = posix_geteuid() === 0;
        $user = $root ? '--user=mysql' : '--user='.get_current_user();
        if ($this->folder === null) {
            $this->folder = sys_get_temp_dir().'/fescue-killed-'.bin2hex(random_bytes(4));
            mkdir($this->folder, 0o755);
            if ($root) {
                chown($this->folder, 'mysql');
            }
            exec(
                "mariadb-install-db --no-defaults {$user} --datadir={$this->folder}/data "
                    .'--auth-root-authentication-method=normal --skip-test-db 2>&1',
                $said,
                $code,
            );
            self::assertSame(0, $code, implode("\n", $said));
        }
        $server = proc_open(
            [
                'mariadbd',
                '--no-defaults',
                $user,
                "--datadir={$this->folder}/data",
                '--skip-networking',
                "--socket={$this->folder}/sock",
                "--pid-file={$this->folder}/pid",
                "--log-error={$this->folder}/log",
                '--innodb-buffer-pool-size=32M',
            ],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        self::assertIsResource($server);
        $this->server = $server;
        for ($try = 0; $try < 150; $try++) {
            try {
                $root = new PDO("mysql:unix_socket={$this->folder}/sock", 'root', '');
                $root->exec('create database if not exists '.config('database.connections.mariadb.database'));
                $root->exec("create user if not exists writer@localhost identified by 'killed'");
                $root->exec('grant all on *.* to writer@localhost');

                return;
            } catch (\PDOException) {
                usleep(200_000);
            }
        }
        self::fail("The server did not come up:\n".file_get_contents("{$this->folder}/log"));
    }

    private function kill(): void
    {
        if ($this->server !== null) {
            $pid = proc_get_status($this->server)['pid'];
            posix_kill($pid, SIGKILL);
            proc_close($this->server);
            $this->server = null;
        }
    }
}
