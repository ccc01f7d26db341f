<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\AccountExport;
use App\Bags\Booklet;
use App\Bags\Sheets\PlanSheet;
use App\Casts\Cell;
use App\Console\Visit;
use App\Drawing\BaseDrawing;
use App\Drawing\SideDrawing;
use App\Models\Bag;
use App\Models\Material;
use App\Models\StockEntry;
use App\Models\User;
use Closure;
use Database\Seeders\DatabaseSeeder;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\HandGauge;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\WeighIn;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Gauge\DrawnHand;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Report\Notes;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Strip\Candidate;
use Fescue\Core\Strip\PieceChoice;
use Fescue\Core\Text\Checked;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Prints how long planning, drawing and redrawing take. Measured, never asserted. */
final class Bench extends Command
{
    private const ROUNDS = 300;

    private const WARM_UP = 30;

    private const EMPTY = 'an empty route';

    private const AT_ONCE = [1, 4, 16, 64];

    private const AT_ONCE_SECONDS = 2.0;

    protected $signature = 'fescue:bench {url : where the application is served with FESCUE_BENCH set} {--at-once : '
        .'how many requests are answered in a second alone}';

    protected $description = 'Measure planning, drawing, choosing pieces, and pages through the web server';

    private const CROWDED = 'crowded@harbour.example';

    public function handle(): int
    {
        if ($this->option('at-once') === true) {
            $this->atOnce($this->argument('url'));

            return self::SUCCESS;
        }
        $this->core();
        $this->choices();
        $url = $this->argument('url');
        $this->served($url);
        $this->listed($url);
        $this->atOnce($url);
        $this->crowded($url);
        $this->worked($url);
        $this->onPaper();

        return self::SUCCESS;
    }

    private function core(): void
    {
        $document = [
            'format' => BagDocument::FORMAT, 'name' => 'Five thousand',
            'size' => ['length' => '40 cm', 'width' => '14 cm', 'height' => '34 cm'],
            'material' => ['kind' => 'cord', 'diameter' => '3 mm', 'density' => '4.6 g/m', 'on_hand' => '2 kg'],
            'hook' => '5 mm',
            'gauge' => [
                'stitch' => 'sc',
                'stitches' => 12,
                'width' => '10.6 cm',
                'rows' => 12,
                'height' => '10.1 cm',
                'mass' => '58 g',
            ],
            'working' => 'joined', 'base' => ['type' => 'oval', 'ends' => 'three'], 'body' => ['stitch' => 'sc'],
            'handles' => ['type' => 'slot', 'edge_rounds' => 2],
        ];
        $this->sizes($document);
        $document = (string) json_encode($document);
        $plan = Planner::plan(BagDocument::fromJson($document));
        $this->line(
            "A bag of {$plan->work->stitches()->total()} stitches, "
                .count($plan->work->rows)
                .' rounds; '
                .self::ROUNDS
                .' times each:',
        );
        $this->report('read and plan', $this->times(fn(): BagPlan => Planner::plan(BagDocument::fromJson($document))));
        $this->report('estimate and notes', $this->times(fn(): array => Notes::on($plan, MaterialEstimate::of($plan))));
        $this->report('place base and side', $this->times(
            fn(): array => [BaseChart::of($plan), SideView::of($plan)],
        ));
        $this->report(
            'draw base and side',
            $this->times(fn(): string => BaseDrawing::of($plan, LengthUnit::Centimetre)->inline()
            .SideDrawing::of($plan, LengthUnit::Centimetre, ['#c9b994'], new Writer(Terms::US))->inline()),
        );
        $this->learned($plan);
        foreach ([200, 5000] as $rows) {
            $text = "Rnd 1: 6 sc in magic ring (6)\nRnd 2: 2 sc in each st around (12)\n";
            for ($nth = 3; $nth <= $rows; $nth++) {
                $text .= "Rnd {$nth}: *sc in next ".(1 + $nth % 5).' sts, sc in next '.(5 - $nth % 5)
                    ." sts; rep from * around (12)\n";
            }
            $this->report("prove a text of {$rows} rows", $this->times(
                fn(): Checked => Checked::of($text, 'en-US'),
                $rows > 1000 ? 5 : self::ROUNDS,
            ));
        }
        $this->line(sprintf('  peak memory of this process  %.1f MB', memory_get_peak_usage(true) / 1048576));
    }

    /** A booklet of forty rounds, and an account of two hundred bags as a zip, in steps and its memory. */
    private function onPaper(): void
    {
        $mail = 'parcel@harbour.example';
        $maker = User::query()->where('email', $mail)->first() ?? User::query()->create(
            ['name' => 'Parcel', 'email' => $mail, 'password' => DatabaseSeeder::PASSWORD],
        );
        $document = [
            'material' => ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m', 'on_hand' => '2 kg'],
            'hook' => '8 mm',
            'gauge' => ['stitch' => 'sc', 'stitches' => 10, 'width' => '12 cm', 'rows' => 10, 'height' => '11.5 cm'],
            'working' => 'spiral', 'base' => ['type' => 'oval', 'ends' => 'three', 'chain' => 22, 'rounds' => 5],
            'body' => ['stitch' => 'sc', 'rounds' => 35], 'finish' => [['type' => 'lining'], ['type' => 'drawstring']],
        ];
        for ($nth = $maker->bags()->count(); $nth < 200; $nth++) {
            $maker->bags()->create(['choices' => ['name' => "Bag {$nth}"] + $document]);
        }
        $sheet = PlanSheet::of($maker->bags()->firstOrFail(), $maker);
        $this->report('a booklet of 40 rounds', array_map(
            fn(): float => $this->time(fn(): string => Booklet::whole($sheet)),
            range(1, 5),
        ));
        memory_reset_peak_usage();
        $steps = [];
        $parcel = AccountExport::begin($maker);
        while (! $parcel->isDone()) {
            $steps[] = $this->time(fn() => $parcel->step());
        }
        $this->report('the zip of 200 bags, a step', $steps);
        $this->line(sprintf(
            '  all of it  %.1f s in %d steps, %.1f MB of memory, %.1f MB of zip',
            array_sum($steps) / 1000,
            count($steps),
            memory_get_peak_usage(true) / 1048576,
            (int) filesize($parcel->zip()) / 1048576,
        ));
    }

    /**
     * About a thousand, ten thousand and a hundred thousand stitches.
     *
     * @param array<string, mixed> $document
     */
    private function sizes(array $document): void
    {
        foreach ([[16, 24], [46, 97], [120, 396]] as [$chain, $rounds]) {
            $json = (string) json_encode(
                [
                    'base' => ['type' => 'oval', 'ends' => 'three', 'chain' => $chain, 'rounds' => 2],
                    'body' => ['stitch' => 'sc', 'rounds' => $rounds],
                ] + array_diff_key($document, ['handles' => 1]),
            );
            $plan = Planner::plan(BagDocument::fromJson($json));
            $this->report(
                "{$plan->work->stitches()->total()} stitches, read, plan and estimate",
                $this->times(
                    fn(): MaterialEstimate => MaterialEstimate::of(Planner::plan(BagDocument::fromJson($json))),
                ),
            );
            $this->report(
                '  and drawn',
                $this->times(
                    fn(): string => SideDrawing::of(
                        $plan,
                        LengthUnit::Centimetre,
                        ['#c9b994'],
                        new Writer(Terms::US),
                    )->inline(),
                ),
            );
        }
    }

    /** A hand learned from 200 swatches, and the same bag with five weigh-ins. */
    private function learned(BagPlan $plan): void
    {
        $hand = new DrawnHand(new Chance(new Randomizer(new Mt19937(5))));
        $trials = [];
        for ($swatch = 0; $swatch < 200; $swatch++) {
            $trials[] = $hand->trial(...$hand->occasion());
        }
        $spec = $plan->spec;
        $learn = fn(): Predicted => LearnedHand::of($trials)->predict(
            $spec->facts->hands->hook,
            $spec->facts->strands->own->diameter,
            $spec->facts->strands->own->kind,
            $spec->motif(),
        );
        $this->report('learn a hand from 200 swatches', array_map(fn(): float => $this->time($learn), range(1, 40)));
        $this->report(
            'doubt those among 200 that are odd',
            array_map(fn(): float => $this->time(fn(): array => LearnedHand::doubts($trials)), range(1, 40)),
        );
        $rows = count($plan->work->rows);
        $weighIns = array_map(
            fn(int $place): WeighIn => new WeighIn(
                $plan->work->rows[intdiv($place * $rows, 6)]->id,
                Mass::grams(1900 - 240 * $place),
            ),
            range(1, 5),
        );
        $weighed = $plan->weighed(Mass::grams(2000), $weighIns);
        $this->report(
            'estimate with 5 weigh-ins',
            $this->times(fn(): MaterialEstimate => MaterialEstimate::of($weighed)),
        );
        $both = function () use ($trials, $spec, $plan, $weighIns): MaterialEstimate {
            $predicted = LearnedHand::of($trials)->predictBag(
                $spec->facts->hands->hook,
                $spec->facts->strands->own,
                $spec->motif(),
            );
            $learned = Planner::plan(
                $plan->settled()->worked(
                    $spec->facts->strands->own,
                    HandGauge::predicted($spec->facts->hands->hook, $predicted, $spec->facts->strands->own),
                ),
            );

            return MaterialEstimate::of($learned->weighed(Mass::grams(2000), $weighIns));
        };
        $this->report(
            'plan and estimate it from 200 swatches',
            array_map(fn(): float => $this->time($both), range(1, 40)),
        );
    }

    private function choices(): void
    {
        mt_srand(21);
        $this->line('Choosing pieces for 42 m, at 500 for 400 m:');
        foreach ([20 => 42.0, 100 => 42.0, 500 => 400.0] as $pieces => $need) {
            $candidates = array_map(
                fn(int $key): Candidate => new Candidate($key, mt_rand(50, 1500) / 100, 1),
                range(1, $pieces),
            );
            $choice = PieceChoice::of($candidates, $need);
            $kind = $choice?->within === null ? 'exact' : sprintf('within %.2f m of the best', $choice->within);
            $times = [];
            for ($round = 0; $round < 15; $round++) {
                $times[] = $this->time(fn(): ?PieceChoice => PieceChoice::of($candidates, $need));
            }
            $this->report("{$pieces} pieces, {$kind}", $times);
        }
    }

    /** Work: the page with its plan, a thousand lines sent at once, and a tap in a browser. */
    private function worked(string $url): void
    {
        $visit = new Visit($url, DatabaseSeeder::EMAIL);
        $bag = self::bags($visit)[0];
        [$token, $lines, $size] = self::lines($visit, $bag);
        $this->line(sprintf('Work: the page with its plan %.0f kB', $size / 1000));
        $times = [];
        for ($round = 0; $round < 15; $round++) {
            $sent = $lines(1000);
            $times[] = $this->time(fn(): string => $visit->works("/bags/{$bag}/work", $token, $sent));
        }
        $this->report('a thousand lines sent and kept', $times);
        $tap = 'node '.escapeshellarg(base_path('ops/bench-tap.mjs')).' '.escapeshellarg($url)." {$bag}";
        $this->line(rtrim((string) shell_exec($tap)));
    }

    /** @return array{string, \Closure(int): list<array<string, int|string>>, int} token; taps of a new device; bytes */
    private static function lines(Visit $visit, int $bag): array
    {
        $page = $visit->get("/bags/{$bag}/work");
        preg_match('#"plan":"([0-9a-f]{16})"#', $page, $plan);
        preg_match('#"rows":\[\{"name":"([^"]+)"#', $page, $row);
        $lines = function (int $many) use ($plan, $row): array {
            $device = 'bench-'.bin2hex(random_bytes(5));

            return array_map(fn(int $number): array => [
                'device' => $device, 'number' => $number, 'turn' => $number, 'at' => 1_790_000_000_000 + $number,
                'did' => 'step', 'row' => $row[1] ?? '', 'stitch' => $number % 20, 'plan' => $plan[1] ?? '',
            ], range(1, $many));
        };

        return [Visit::token($page), $lines, strlen($page)];
    }

    /** @return non-empty-list<int> numbers of her bags on the first page, those changed last first */
    private static function bags(Visit $visit): array
    {
        preg_match_all('#/bags/(\d+)"#', $visit->get('/bags'), $found);
        $bags = array_values(array_unique(array_map(intval(...), $found[1])));

        return $bags === [] ? throw new \RuntimeException('The demo’s bags are not there.') : $bags;
    }

    /** A stash of 200 materials whose ledger has 10 000 lines, against the empty route. */
    private function crowded(string $url): void
    {
        if (! User::query()->where('email', self::CROWDED)->exists()) {
            DB::transaction(function (): void {
                $maker = User::query()->create(
                    ['name' => 'Crowded', 'email' => self::CROWDED, 'password' => DatabaseSeeder::PASSWORD],
                );
                $lines = [];
                for ($number = 0; $number < 200; $number++) {
                    $material = $maker->materials()->create(
                        [
                            'kind' => Kind::strands()[$number % 6],
                            'name' => "Material {$number}",
                            'colour' => sprintf('#%06x', $number * 80_000),
                            'diameter' => Length::mm(2 + $number % 9),
                            'sample_length' => Length::mm(1000),
                            'sample_mass' => Mass::grams(2 + $number % 17),
                        ],
                    );
                    for ($line = 0; $line < 50; $line++) {
                        $lines[] = [
                            'material_id' => $material->id,
                            'move' => $line % 3 !== 0 ? 'bought' : 'used',
                            'amount' => $line % 3 !== 0 ? 100 : -40,
                            'note' => "line {$line}",
                            'created_at' => now(),
                            'updated_at' => now(),
                        ];
                    }
                }
                foreach (array_chunk($lines, 1000) as $chunk) {
                    StockEntry::query()->insert($chunk);
                }
            });
        }
        $visit = new Visit($url, self::CROWDED);
        $get = fn(string $path): Closure => fn(): string => $visit->get($path);
        $this->line('A stash of 200 materials and 10 000 ledger lines, 100 requests each, turn about:');
        $this->turnAbout(100, [
            self::EMPTY => $get('/bench/empty'),
            'stash' => $get('/stash'),
            'stash by most on hand' => $get('/stash?sort=most&q=material'),
            'ledger' => $get('/stash/ledger'),
            'ledger searched' => $get('/stash/ledger?q=line+4&sort=largest'),
        ]);
    }

    /** Lists of ten bags and of a thousand: as they are kept, and when all that was kept of them is old. */
    private function listed(string $url): void
    {
        $pages = [
            'the worktable' => '/', 'bags' => '/bags', 'bags searched' => '/bags?q=bench', 'swatches' => '/swatches',
        ];
        $ways = [];
        foreach ([10, 1000] as $many) {
            $email = "with-{$many}@harbour.example";
            $this->copyBags($email, $many);
            $visit = new Visit($url, $email);
            foreach ($pages as $name => $path) {
                $ways["{$name} of {$many} bags"] = fn(): string => $visit->get($path);
            }
            $material = Cell::int(Material::query()->where('user_id', self::idOf($email))->value('id'));
            $ways["bags of {$many}, another ball bought"] = function () use ($visit, $material): string {
                StockEntry::query()->create(['material_id' => $material, 'move' => 'bought', 'amount' => 1]);

                return $visit->get('/bags');
            };
            $ways[self::EMPTY] = fn(): string => $visit->get('/bench/empty');
        }
        $this->line('Lists, 60 requests each, turn about:');
        $times = $this->turnAbout(60, $ways);
        foreach (array_keys($pages) as $name) {
            [$many, $few] = [$times["{$name} of 1000 bags"], $times["{$name} of 10 bags"]];
            $this->ratio("a thousand bags over ten, {$name}", $many, $few);
        }
    }

    /**
     * @param list<float> $these
     * @param list<float> $those
     */
    private function ratio(string $what, array $these, array $those): void
    {
        $this->line(sprintf(
            '  %-44s median %7.2f      95th percentile %7.2f',
            $what,
            self::percentile($these, 0.5) / self::percentile($those, 0.5),
            self::percentile($these, 0.95) / self::percentile($those, 0.95),
        ));
    }

    private static function idOf(string $email): int
    {
        return Cell::int(User::query()->where('email', $email)->value('id'));
    }

    /** A maker with the first bag of the demo so many times, its material and its swatch. */
    private function copyBags(string $email, int $many): void
    {
        if (self::idOf($email) !== 0) {
            return;
        }
        DB::transaction(function () use ($email, $many): void {
            $of = Bag::query()->where('user_id', self::idOf(DatabaseSeeder::EMAIL))->whereNotNull('swatch_id')
                ->orderBy('id')->firstOrFail();
            $maker = User::query()->create(
                ['name' => "With {$many}", 'email' => $email, 'password' => DatabaseSeeder::PASSWORD],
            );
            $copy = function (string $table, int $id, array $instead) use ($maker): int {
                $row = array_diff_key((array) DB::table($table)->find($id), ['id' => 1]);

                return DB::table($table)->insertGetId(Cell::map($instead + ['user_id' => $maker->id] + $row));
            };
            $material = $copy('materials', (int) $of->material_id, []);
            StockEntry::query()->create(['material_id' => $material, 'move' => 'bought', 'amount' => 2000]);
            $swatch = $copy('swatches', (int) $of->swatch_id, ['material_id' => $material]);
            for ($number = 1; $number <= $many; $number++) {
                $copy('bags', $of->id, [
                    'material_id' => $material, 'swatch_id' => $swatch,
                    'choices' => json_encode(['name' => "Bench {$number}"] + $of->choices),
                    'updated_at' => now()->subMinutes($number),
                ]);
            }
        });
    }

    /** How many requests are answered in a second, by how many ask at once. */
    private function atOnce(string $url): void
    {
        $visit = new Visit($url, DatabaseSeeder::EMAIL);
        $bags = self::bags($visit);
        $form = self::redraw($visit, $bags[0]);
        // What is worked is fixed.
        $begun = DB::table('work_entries')->distinct()->pluck('bag_id')->map(Cell::int(...))->all();
        $open = array_values(array_diff($bags, $begun));
        [$token, $lines] = self::lines($visit, $bags[0]);
        $ways = [
            self::EMPTY => fn(int $number): array => ['/bench/empty', null],
            'redraw' => function (int $number) use ($open, $form): array {
                $form['size'] = ['length' => 24 + $number % 20 .' cm'] + Cell::map($form['size']);

                return ["/bags/{$open[$number % count($open)]}", $form + ['_method' => 'PUT']];
            },
            'worktable' => fn(int $number): array => ['/', null],
            'enough' => fn(int $number): array => ["/bags/{$bags[$number % count($bags)]}/enough", null],
            'three taps kept' => fn(): array => ["/bags/{$bags[0]}/work", ['entries' => $lines(3)], $token],
        ];
        $this->commits();
        $this->line('Requests answered in a second, by how many makers ask at once:');
        $this->line(sprintf('  %-20s %8d %8d %8d %8d', '', ...self::AT_ONCE));
        foreach ($ways as $name => $what) {
            $this->line(sprintf('  %-20s %8.1f %8.1f %8.1f %8.1f', $name, ...array_map(
                fn(int $many): float => $visit->atOnce($many, self::AT_ONCE_SECONDS, $what),
                self::AT_ONCE,
            )));
        }
    }

    /** What it costs to keep one row: the disk alone, or every database beside it. */
    private function commits(): void
    {
        $kept = [];
        for ($round = 0; $round < 100; $round++) {
            $row = ['key' => 'bench', 'value' => (string) $round, 'expiration' => 0];
            $kept[] = $this->time(fn(): int => DB::table('cache')->upsert([$row], ['key']));
        }
        $this->report('a row kept by a commit of its own', $kept);
        DB::table('cache')->where('key', 'bench')->delete();
    }

    private function served(string $url): void
    {
        $visit = new Visit($url, DatabaseSeeder::EMAIL);
        $bag = self::bags($visit)[0];
        $form = self::redraw($visit, $bag);
        $strands = Material::query()->whereKeyNot($form['material_id']);
        $strands->where('user_id', self::idOf(DatabaseSeeder::EMAIL))->whereNotNull('diameter');
        $other = Cell::int($strands->value('id'));
        $short = self::short();
        $round = 0;
        $start = function (string $part) use (&$round): string {
            return "/begin?part={$part}&length=".(24 + $round % 20);
        };
        $this->line('Through nginx and php-fpm, '.self::ROUNDS.' requests each, turn about:');
        $this->turnAbout(self::ROUNDS, [
            self::EMPTY => fn(): string => $visit->get('/bench/empty'),
            'redraw and keep a bag' => function () use ($visit, $bag, &$form, &$round): string {
                $form['size'] = ['length' => 24 + $round++ % 20 .' cm'] + Cell::map($form['size']);
                $answer = $visit->send('PUT', "/bags/{$bag}", $form);
                // As the page does: what it saw last is what it was answered.
                $form['revision'] = preg_match('/"revision":(\d+)/', $answer, $seen) === 1 ? $seen[1] : '';

                return $answer;
            },
            'a touch of the start' => fn(): string => $visit->ask($start('answer')),
            'all kinds, which follow' => fn(): string => $visit->ask($start('kinds')),
            'worktable' => fn(): string => $visit->get('/'),
            'enough' => fn(): string => $visit->get("/bags/{$bag}/enough"),
            'enough, of one that runs short' => fn(): string => $visit->get("/bags/{$short}/enough"),
            'what if, its own material' => fn(): string => $visit->get("/bags/{$bag}/what-if"),
            'what if, another that follows' => fn(): string => $visit->get("/bags/{$bag}/what-if/{$other}"),
        ]);
    }

    /** The number of a bag of hers whose strand does not reach. */
    private static function short(): int
    {
        $maker = User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
        foreach ($maker->bags()->get() as $bag) {
            if (PlanSheet::orNone($bag, $maker)?->estimate->isSure() === false) {
                return $bag->id;
            }
        }
        throw new \RuntimeException('All of the demo’s bags reach.');
    }

    /** @return array<string, mixed> what Plan’s page sends of a bag that becomes an oval one */
    private static function redraw(Visit $visit, int $bag): array
    {
        $plan = $visit->get("/bags/{$bag}");
        preg_match_all('/<option value="(\d+)" selected/', $plan, $linked);

        return [
            '_token' => Visit::token($plan),
            'revision' => preg_match('/name="revision" value="(\d+)"/', $plan, $seen) === 1 ? $seen[1] : '',
            'name' => 'Bench',
            'material_id' => $linked[1][0] ?? '',
            'swatch_id' => $linked[1][1] ?? '',
            'size' => ['length' => '31 cm', 'width' => '11 cm', 'height' => '25 cm'],
            'working' => 'spiral',
            'base' => ['ends' => 'two-and-two'],
            'body' => ['stitch' => 'sc', 'loop' => 'back'],
            'handles' => ['type' => 'slot', 'skip' => '10', 'chain' => '16'],
        ];
    }

    /**
     * Turn about, so that whatever else the machine does falls on all alike; each is told against the empty route.
     *
     * @param array<string, Closure(): mixed> $ways
     *
     * @return array<string, list<float>> milliseconds
     */
    private function turnAbout(int $rounds, array $ways): array
    {
        $times = array_map(fn(): array => [], $ways);
        $warm = intdiv($rounds, 10);
        for ($round = 0; $round < $warm + $rounds; $round++) {
            foreach ($ways as $name => $way) {
                $one = $this->time($way);
                if ($round >= $warm) {
                    $times[$name][] = $one;
                }
            }
        }
        foreach ($times as $name => $all) {
            $this->report($name, $all);
        }
        foreach (array_diff_key($times, [self::EMPTY => 1]) as $name => $all) {
            $this->ratio("against the empty route, {$name}", $all, $times[self::EMPTY]);
            // Each against the one beside it: a machine that grows slower meanwhile grows so for both.
            $beside = array_map(fn(float $one, float $empty): float => $one / $empty, $all, $times[self::EMPTY]);
            $this->line(sprintf('  %-44s median %7.2f', "  round by round, {$name}", self::percentile($beside, 0.5)));
        }

        return $times;
    }

    /**
     * @param Closure(): mixed $work
     *
     * @return list<float> milliseconds
     */
    private function times(Closure $work, int $rounds = self::ROUNDS): array
    {
        $times = [];
        for ($round = 0; $round < self::WARM_UP + $rounds; $round++) {
            $one = $this->time($work);
            if ($round >= self::WARM_UP) {
                $times[] = $one;
            }
        }

        return $times;
    }

    /** @param Closure(): mixed $work */
    private function time(Closure $work): float
    {
        $start = hrtime(true);
        $work();

        return (hrtime(true) - $start) / 1e6;
    }

    /** @param list<float> $times */
    private function report(string $what, array $times): void
    {
        $this->line(
            sprintf(
                '  %-44s median %7.2f ms   95th percentile %7.2f ms',
                $what,
                self::percentile($times, 0.5),
                self::percentile($times, 0.95),
            ),
        );
    }

    /** @param list<float> $values */
    private static function percentile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) min(count($values) - 1, ceil($share * count($values)) - 1)];
    }
}
