<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\BaseDrawing;
use App\Drawing\SideDrawing;
use Closure;
use CurlHandle;
use Database\Seeders\DatabaseSeeder;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tally\Notes;
use Illuminate\Console\Command;

/** Prints how long planning, drawing and redrawing take. Measured, never asserted. */
final class Bench extends Command
{
    private const ROUNDS = 300;

    private const WARM_UP = 30;

    protected $signature = 'fescue:bench {url : where the application is served with FESCUE_BENCH set}';

    protected $description = 'Measure planning a 5 000-stitch bag and redrawing through the web server';

    public function handle(): int
    {
        $this->core();
        $url = $this->argument('url');
        $this->served(is_string($url) ? $url : '');

        return self::SUCCESS;
    }

    private function core(): void
    {
        $document = (string) json_encode([
            'format' => BagDocument::FORMAT, 'name' => 'Five thousand',
            'size' => ['length' => '40 cm', 'width' => '14 cm', 'height' => '34 cm'],
            'material' => ['kind' => 'cord', 'diameter' => '3 mm', 'density' => '4.6 g/m', 'on_hand' => '2 kg'],
            'hook' => '5 mm',
            'gauge' => ['stitch' => 'sc', 'stitches' => 12, 'width' => '10.6 cm', 'rows' => 12, 'height' => '10.1 cm', 'mass' => '58 g'],
            'working' => 'joined', 'base' => ['type' => 'oval', 'ends' => 'three'], 'body' => ['stitch' => 'sc'],
            'handles' => ['type' => 'slot', 'edge_rounds' => 2],
        ]);
        $plan = Planner::plan(BagDocument::fromJson($document));
        $this->line("A bag of {$plan->pattern->stitches()->total()} stitches, ".count($plan->pattern->rows).' rounds; '.self::ROUNDS.' times each:');
        $this->report('read and plan', $this->times(fn(): BagPlan => Planner::plan(BagDocument::fromJson($document))));
        $this->report('estimate and notes', $this->times(fn(): array => Notes::on($plan, MaterialEstimate::of($plan))));
        $this->report('draw base and side', $this->times(fn(): string => BaseDrawing::of($plan, LengthUnit::Centimetre)->inline()
            .SideDrawing::of($plan, LengthUnit::Centimetre, '#c9b994', new Writer(Terms::US))->inline()));
        $this->line(sprintf('  peak memory of this process  %.1f MB', memory_get_peak_usage(true) / 1048576));
    }

    private function served(string $url): void
    {
        $curl = curl_init();
        curl_setopt($curl, CURLOPT_RETURNTRANSFER, true);
        curl_setopt($curl, CURLOPT_COOKIEFILE, '');
        curl_setopt($curl, CURLOPT_TIMEOUT, 20);
        $sign = self::page($curl, "{$url}/sign-in");
        self::send($curl, 'POST', "{$url}/sign-in", ['_token' => self::token($sign), 'email' => DatabaseSeeder::EMAIL, 'password' => DatabaseSeeder::PASSWORD]);
        $bags = self::page($curl, "{$url}/bags");
        if (preg_match('#/bags/(\d+)"#', $bags, $bag) !== 1) {
            throw new \RuntimeException('The demo’s bags are not there to be redrawn.');
        }
        $plan = self::page($curl, "{$url}/bags/{$bag[1]}");
        preg_match_all('/<option value="(\d+)" selected/', $plan, $linked);
        $form = ['_token' => self::token($plan), 'name' => 'Bench', 'material_id' => $linked[1][0] ?? '', 'swatch_id' => $linked[1][1] ?? '',
            'size' => ['length' => '31 cm', 'width' => '11 cm', 'height' => '25 cm'], 'working' => 'spiral', 'base' => ['ends' => 'two-and-two'],
            'body' => ['stitch' => 'sc', 'loop' => 'back'], 'handles' => ['type' => 'slot', 'skip' => '10', 'chain' => '16']];
        // Turn about, so that whatever else the machine does falls on both alike.
        $empty = [];
        $redraw = [];
        for ($round = 0; $round < self::WARM_UP + self::ROUNDS; $round++) {
            $form['size']['length'] = 24 + $round % 20 .' cm';
            $one = $this->time(fn(): string => self::page($curl, "{$url}/bench/empty"));
            $two = $this->time(fn(): string => self::send($curl, 'PUT', "{$url}/bags/{$bag[1]}", $form));
            if ($round >= self::WARM_UP) {
                $empty[] = $one;
                $redraw[] = $two;
            }
        }
        $this->line('Through nginx and php-fpm, '.self::ROUNDS.' requests each, turn about:');
        $this->report('an empty route', $empty);
        $this->report('redraw and keep a bag', $redraw);
        $this->line(sprintf('  ratio  median %.2f  95th percentile %.2f', self::percentile($redraw, 0.5) / self::percentile($empty, 0.5), self::percentile($redraw, 0.95) / self::percentile($empty, 0.95)));
    }

    /**
     * @param Closure(): mixed $work
     *
     * @return list<float> milliseconds
     */
    private function times(Closure $work): array
    {
        $times = [];
        for ($round = 0; $round < self::WARM_UP + self::ROUNDS; $round++) {
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
        $this->line(sprintf('  %-24s median %7.2f ms   95th percentile %7.2f ms', $what, self::percentile($times, 0.5), self::percentile($times, 0.95)));
    }

    /** @param list<float> $values */
    private static function percentile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) min(count($values) - 1, ceil($share * count($values)) - 1)];
    }

    /** @param non-empty-string $url */
    private static function page(CurlHandle $curl, string $url): string
    {
        self::aim($curl, $url);
        curl_setopt($curl, CURLOPT_HTTPGET, true);
        curl_setopt($curl, CURLOPT_HTTPHEADER, []);

        return self::answer($curl, [200]);
    }

    private static function aim(CurlHandle $curl, string $url): void
    {
        curl_setopt($curl, CURLOPT_URL, $url === '' ? throw new \RuntimeException('Say where the application is served.') : $url);
    }

    /** @param array<string, mixed> $form */
    private static function send(CurlHandle $curl, string $method, string $url, array $form): string
    {
        self::aim($curl, $url);
        curl_setopt($curl, CURLOPT_POST, true);
        curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($form + ['_method' => $method]));
        curl_setopt($curl, CURLOPT_HTTPHEADER, $method === 'PUT' ? ['Accept: application/json'] : []);

        return self::answer($curl, [200, 302]);
    }

    /** @param list<int> $good */
    private static function answer(CurlHandle $curl, array $good): string
    {
        $body = curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        if (! is_string($body) || ! in_array($status, $good, true)) {
            throw new \RuntimeException(curl_getinfo($curl, CURLINFO_EFFECTIVE_URL)." answered {$status}.");
        }

        return $body;
    }

    private static function token(string $page): string
    {
        return preg_match('/name="csrf-token" content="([^"]+)"/', $page, $found) === 1 ? $found[1] : throw new \RuntimeException('The page has no token.');
    }
}
