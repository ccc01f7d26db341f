<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\WorkLog;
use App\Books\KeptWeighIns;
use App\Models\Bag;
use App\Models\BagMinutes;
use App\Models\StockEntry;
use App\Models\User;
use App\Stash\Ledger;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Move;
use Fescue\Core\Tests\Draw;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;

/** One bag on several devices at once: other processes, other connections. Nothing that was answered as kept is lost. */
final class BagUnderFireTest extends TestCase
{
    private ?User $maker = null;

    protected function tearDown(): void
    {
        $this->maker?->delete();
        parent::tearDown();
    }

    private function bag(): Bag
    {
        Artisan::call('migrate', ['--force' => true]);
        $this->maker = User::query()->create(
            ['name' => 'Ilse', 'email' => uniqid('ilse', true).'@pier.example', 'password' => 'a long password'],
        );
        $material = $this->maker->materials()->create([
            'name' => 'Tarred cord', 'colour' => '#334455', 'diameter' => Length::mm(4),
            'sample_length' => Length::mm(1000), 'sample_mass' => Mass::grams(8.2),
        ]);
        Ledger::enter($material, Move::Bought, 9000);
        $swatch = $this->maker->swatches()->create([
            'material_id' => $material->id, 'name' => 'sc on 8', 'hook' => Length::mm(8), 'stitch' => Motif::single(),
            'stitches_counted' => 10.0, 'width' => Length::mm(120), 'rows_counted' => 10.0, 'height' => Length::mm(115),
            'mass' => Mass::grams(79),
        ]);
        $bag = new Bag(['material_id' => $material->id, 'swatch_id' => $swatch->id, 'choices' => [
            'name' => 'Pier tote', 'size' => ['length' => '30 cm', 'height' => '26 cm'], 'working' => 'spiral',
            'base' => ['type' => 'oval', 'ends' => 'two-and-two', 'chain' => 22, 'rounds' => 2],
            'body' => ['stitch' => 'sc', 'rounds' => 50],
        ]]);
        $this->maker->bags()->save($bag);

        return $bag->refresh();
    }

    /** @param list<string> $arguments @return array{resource, resource} */
    private static function device(array $arguments): array
    {
        $process = proc_open(
            [PHP_BINARY, '-d', 'memory_limit=512M', __DIR__.'/../outside/bag-writer.php', ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            null,
            getenv(),
        );
        self::assertIsResource($process);

        return [$process, $pipes[1]];
    }

    /** @param array{resource, resource} $device @return list<string> its answers */
    private static function hear(array $device): array
    {
        $said = (string) stream_get_contents($device[1]);
        proc_close($device[0]);

        return explode("\n", trim($said));
    }

    /** Forty weigh-ins against two devices that redraw: each stands, with its line of the ledger. */
    #[Group('slow')]
    public function testNoWeighInIsLostToARedraw(): void
    {
        $bag = $this->bag();
        $at = sprintf('%.3f', microtime(true) + 2);
        $devices = [
            self::device(['weigh', (string) $bag->id, $at, '1', '40']),
            self::device(['redraw', (string) $bag->id, $at, '1', '40']),
            self::device(['redraw', (string) $bag->id, $at, '4', '43']),
        ];
        [$weighed, $drawn, $redrawn] = array_map(self::hear(...), $devices);
        self::assertSame(array_fill(0, 40, '302'), $weighed);
        self::assertSame(array_fill(0, 40, '200'), $drawn);
        self::assertSame(array_fill(0, 40, '200'), $redrawn);
        $kept = KeptWeighIns::of(Bag::query()->findOrFail($bag->id));
        self::assertSame(
            array_map(fn(int $round): string => "Round {$round}", range(1, 40)),
            array_map(strval(...), array_column($kept->all, 'after')),
        );
        self::assertSame(40, StockEntry::query()->where('bag_id', $bag->id)->whereNull('undone_at')->count());
        self::assertSame(9000.0 - 42 * 40, $bag->material?->fresh()?->balance());
    }

    /** Done, not done, weighed and used at once: who is in another's way is tried again, and nobody is told of a fault. */
    #[Group('slow')]
    public function testNobodyIsToldOfADeadlock(): void
    {
        $bag = $this->bag();
        $at = (string) (microtime(true) + 2.0);
        $devices = array_map(
            fn(string $mode): array => self::device([$mode, (string) $bag->id, $at, '1', '30']),
            ['finish', 'unfinish', 'weighs', 'entry', 'entry', 'finish'],
        );
        $codes = array_count_values(array_merge(...array_map(self::hear(...), $devices)));
        self::assertSame([302 => 180], $codes);
        // Every line that was entered stands: 60 of one gram each, beside what weighing and finishing found.
        $lines = StockEntry::query()->where(['bag_id' => $bag->id, 'note' => null])->get();
        self::assertCount(60, $lines);
    }

    /** A price, minutes and redraws at once, sixty of each: the last of each is what it was. */
    public function testNeitherPriceNorMinutesAreLost(): void
    {
        $bag = $this->bag();
        $at = sprintf('%.3f', microtime(true) + 2);
        $devices = array_map(
            fn(string $mode): array => self::device([$mode, (string) $bag->id, $at, '1', '60']),
            ['price', 'minutes', 'redraw'],
        );
        [$priced, $logged, $drawn] = array_map(self::hear(...), $devices);
        self::assertSame([array_fill(0, 60, '302'), array_fill(0, 60, '302')], [$priced, $logged]);
        self::assertSame(array_fill(0, 60, '200'), $drawn);
        $bag = Bag::query()->findOrFail($bag->id);
        self::assertSame('60.00', $bag->price_tag);
        self::assertSame(60, BagMinutes::query()->where('bag_id', $bag->id)->value('minutes'));
        self::assertSame((20 + 60 % 9).' cm', $bag->choices['size']['height']);
    }

    /** Two devices tap, and whatever works for them is killed in the midst, again and again. */
    public function testTapsSurviveKills(): void
    {
        $bag = $this->bag();
        Draw::sow(5);
        $acknowledged = ['phone-one' => [], 'tablet-two' => []];
        $kills = 0;
        for ($round = 0; $round < 5; $round++) {
            $devices = [];
            foreach ($acknowledged as $name => $taken) {
                // It goes on with what was not answered.
                $from = 1 + max([0, ...$taken]);
                $devices[$name] = self::device([
                    'taps', (string) $bag->id, (string) microtime(true), (string) $from, (string) ($from + 400), $name,
                ]);
            }
            // In the midst of its taps, however long it took to begin.
            $first = array_map(fn(array $device): string => (string) fgets($device[1]), $devices);
            usleep(mt_rand(300_000, 900_000));
            foreach ($devices as $name => [$process, $out]) {
                $kills += (int) proc_terminate($process, 9);
                $said = $first[$name].stream_get_contents($out);
                proc_close($process);
                array_push($acknowledged[$name], ...array_map(intval(...), array_filter(explode("\n", $said))));
            }
        }
        self::assertSame(10, $kills);
        foreach ($acknowledged as $name => $taken) {
            $kept = DB::table('work_entries')->where(['bag_id' => $bag->id, 'device' => $name])->pluck('number')->all();
            self::assertGreaterThan(20, count($taken), $name);
            self::assertSame([], array_diff($taken, $kept), 'No acknowledged tap is lost.');
            self::assertSame($kept, array_unique($kept), 'None is doubled.');
        }
    }

    /** Who asks for what is new while four devices tap is told of every line, whenever each was committed. */
    #[Group('slow')]
    public function testWhoFollowsIsToldOfEveryLine(): void
    {
        $bag = $this->bag();
        $devices = array_map(
            fn(string $name): array => self::device(['taps', (string) $bag->id, (string) (microtime(true) + 2.0), '1', '120', $name]),
            ['phone-one', 'phone-two', 'tablet-three', 'tablet-four'],
        );
        $told = [];
        $seen = 0;
        $ask = function () use (&$seen, &$told, $bag): void {
            [$entries, $seen] = WorkLog::since($bag, $seen);
            foreach ($entries as $entry) {
                $told[$entry->key()] = true;
            }
        };
        while (array_filter($devices, fn(array $one): bool => proc_get_status($one[0])['running']) !== []) {
            $ask();
            usleep(1000);
        }
        array_map(self::hear(...), $devices);
        $ask();
        $kept = DB::table('work_entries')->where('bag_id', $bag->id)->get(['device', 'number'])
            ->map(fn($one): string => "{$one->device} {$one->number}")->all();
        self::assertGreaterThan(400, count($kept));
        self::assertSame([], array_diff($kept, array_keys($told)));
    }

    /** Another's change that comes between is in what is kept: each statement sees what is there then. */
    public function testWhatIsKeptIsOfWhatOthersChangedMeanwhile(): void
    {
        $bag = $this->bag();
        config(['database.connections.other' => config('database.connections.mariadb')]);
        $onHand = fn(): mixed => (Bag::query()->findOrFail($bag->id)->document()['material'] ?? [])['on_hand'] ?? null;
        DB::transaction(function () use ($bag, $onHand): void {
            self::assertSame('9000 g', $onHand());
            DB::connection('other')->table('stock_entries')->insert([
                'material_id' => $bag->material_id, 'move' => 'bought', 'amount' => 100, 'created_at' => now(),
            ]);
            Ledger::enter($bag->material ?? $this->fail(), Move::Bought, 50);
            self::assertSame('9150 g', $onHand());
        });
        self::assertSame('9150 g', $onHand());
        DB::table('known')->where('user_id', $bag->user_id)->delete();
        self::assertSame('9150 g', $onHand());
    }
}
