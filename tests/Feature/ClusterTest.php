<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Transaction;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What makers of a cluster are served by: asked by its proxy, and tried again whole where a node was lost. */
final class ClusterTest extends TestCase
{
    /** @var list<string> none: transactions are what is looked at, so that they are real ones */
    protected array $connectionsToTransact = [];

    protected function tearDown(): void
    {
        config(['database.connections.mariadb.port' => env('DB_PORT')]);
        DB::purge();
        DB::table('users')->delete();
        parent::tearDown();
    }

    public function testAProxyIsToldWhetherItLivesAndWhetherItServes(): void
    {
        $this->get('/up')->assertOk()->assertSee('up')->assertCookieMissing(config('session.cookie'));
        $this->get('/ready')->assertOk()->assertSee('ready')->assertHeader('Cache-Control', 'no-store, private');
        // No server answers there.
        config(['database.connections.mariadb.port' => '1', 'database.connections.mariadb.unix_socket' => '']);
        DB::purge();
        $this->get('/up')->assertOk();
        $this->get('/ready')->assertStatus(503)->assertHeader('Retry-After', '2');
    }

    public function testWhatStoodInTheWayIsTriedAgainWhole(): void
    {
        $tries = 0;
        $name = Transaction::run(function () use (&$tries): string {
            $this->maker('try'.++$tries.'@pier.example');
            if ($tries < 3) {
                // As a node says what it could not certify.
                throw $this->failed(1213);
            }

            return 'done';
        });
        self::assertSame(['done', 3], [$name, $tries]);
        self::assertSame(['try3@pier.example'], DB::table('users')->pluck('email')->all());
    }

    /** So it says as it is asked to commit, of no query. */
    public function testWhatIsNotCertifiedAtItsCommitIsTriedAgain(): void
    {
        $why = new \PDOException('SQLSTATE[40001]: Serialization failure: 1213');
        $why->errorInfo = ['40001', 1213, ''];
        self::assertTrue(Transaction::isInTheWay($why));
        self::assertFalse(Transaction::isOutOfReach($why));
    }

    public function testAServerThatWasLostBeforeItWasAskedToCommitIsAskedAgain(): void
    {
        $tries = 0;
        Transaction::run(function () use (&$tries): void {
            $this->maker('lost@pier.example');
            if (++$tries === 1) {
                throw $this->failed(1047);
            }
        });
        self::assertSame(2, $tries);
        self::assertSame(1, DB::table('users')->count());
    }

    public function testItIsNotTriedForEverNorForAFaultOfOurs(): void
    {
        foreach ([[1213, Transaction::TRIES], [1062, 1]] as [$code, $most]) {
            $tries = 0;
            try {
                Transaction::run(function () use (&$tries, $code): void {
                    $tries++;
                    throw $this->failed($code);
                });
                self::fail('It was said to be done.');
            } catch (QueryException $e) {
                self::assertSame($code, $e->errorInfo[1] ?? null);
            }
            self::assertSame($most, $tries);
        }
        self::assertSame(0, DB::transactionLevel());
    }

    /** Of one inside another the outermost is tried again: half of it alone would be half a thing. */
    public function testTheOutermostIsTriedAgain(): void
    {
        $outer = $inner = 0;
        Transaction::run(function () use (&$outer, &$inner): void {
            $outer++;
            Transaction::run(function () use (&$inner): void {
                if (++$inner === 1) {
                    throw $this->failed(1205);
                }
            });
        });
        self::assertSame([2, 2], [$outer, $inner]);
    }

    /** Rows are certified by their primary key: each table has one. */
    public function testEachTableHasAPrimaryKey(): void
    {
        $lack = DB::select(
            "SELECT t.table_name AS name FROM information_schema.tables t LEFT JOIN information_schema.table_constraints c
                ON c.table_schema = t.table_schema AND c.table_name = t.table_name AND c.constraint_type = 'PRIMARY KEY'
            WHERE t.table_schema = DATABASE() AND t.table_type = 'BASE TABLE' AND c.constraint_name IS NULL",
        );
        self::assertSame([], $lack);
    }

    /** What stands before the web machines, and what each database is told, is as it is written down. */
    public function testItsTemplatesAreWhole(): void
    {
        $read = fn(string $file): string => (string) file_get_contents(base_path("ops/cluster/{$file}"));
        self::assertStringContainsString('external-check command @ROOT@/ops/cluster/synced', $read('haproxy.cfg.in'));
        self::assertStringContainsString('hdr Host 127.0.0.1', $read('haproxy.cfg.in'));
        self::assertMatchesRegularExpression('/^innodb-autoinc-lock-mode = 2$/m', $read('node.cnf.in'));
        foreach (['node.cnf.in', 'haproxy.cfg.in'] as $file) {
            preg_match_all('/@([A-Z_]+)@/', $read($file), $found);
            foreach (array_unique($found[1]) as $place) {
                self::assertStringContainsString("s|@{$place}@|", $read('cluster.sh'), "{$file} has @{$place}@");
            }
        }
    }

    private function failed(int $code): QueryException
    {
        $why = new \PDOException("SQLSTATE[HY000]: {$code}");
        $why->errorInfo = ['HY000', $code, ''];

        return new QueryException('mariadb', 'COMMIT', [], $why);
    }
}
