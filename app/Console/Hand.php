<?php

declare(strict_types=1);

namespace App\Console;

use CurlHandle;

/**
 * A simulated maker who works through the real pages and never gives up: what was not taken she sends again, as it was.
 * What was taken she writes down, a line each: nothing of it may be lost, and nothing may be there twice.
 */
final class Hand
{
    private const BAG = '{"format":"fescue-bag/1","name":"%s","material":{"kind":"cord","diameter":"4 mm",'
        .'"density":"8 g/m"},"hook":"8 mm","gauge":{"stitch":"sc","stitches":10,"width":"12 cm","rows":10,'
        .'"height":"12 cm","mass":"79 g"},"working":"spiral","base":{"type":"oval","ends":"two-and-two","chain":22,'
        .'"rounds":2},"body":{"stitch":"sc","rounds":14}}';

    /** Seconds after which even she gives up. */
    private const PATIENCE = 120.0;

    /** @var array<string, int> requests that were not taken the first time, by what came instead */
    public array $failed = [];

    /** Seconds that the longest of them took until it was taken. */
    public float $longest = 0.0;

    /** @var list<array{float, float}> when each was taken, and the seconds that took */
    public array $times = [];

    private CurlHandle $curl;

    private string $token = '';

    /** @var list<array{CurlHandle, string}> her other devices, each with its own session */
    private array $others = [];

    private string $page = '';

    private string $bag = '';

    private string $material = '';

    private string $plan = '';

    private string $row = '';

    private int $number = 0;

    private int $tap = 0;

    /** @param string $name of letters and digits, hers alone */
    public function __construct(
        private readonly string $url,
        private readonly string $name,
        private readonly string $log,
    ) {
        $this->curl = self::device();
    }

    private static function device(): CurlHandle
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_HEADER => true,
        ]);

        return $curl;
    }

    /** On with what lies at her other hand. */
    private function turn(): void
    {
        $this->others[] = [$this->curl, $this->token];
        [$this->curl, $this->token] = array_shift($this->others);
    }

    /** An account, a strand, a swatch and a bag of her own. */
    public function begin(): void
    {
        $account = ['email' => "{$this->name}@chaos.example", 'password' => 'a bag of ropes and rain'];
        $this->open('/register');
        $this->form('/register', $account + ['name' => $this->name, 'password_confirmation' => $account['password']]);
        $this->others[] = [self::device(), ''];
        foreach ([1, 2] as $_) {
            $this->open('/sign-in');
            $this->form('/sign-in', $account);
            $this->open('/stash/new');
            $this->turn();
        }
        $this->open('/stash/new');
        $this->material = basename($this->form('/stash', [
            'kind' => 'cord', 'name' => $this->name, 'colour' => '#334455', 'diameter' => '4 mm',
            'sample_length' => '1 m', 'sample_mass' => '8.2 g',
        ]));
        $this->bag = $this->sew($this->name);
        $this->open("/bags/{$this->bag}/work");
        preg_match('/"plan":"([0-9a-f]{16})"/', $this->page, $plan);
        preg_match('/"name":"(Round 3)"/', $this->page, $row);
        [$this->plan, $this->row] = [
            $plan[1] ?? throw new \RuntimeException('Work names no plan.'),
            $row[1] ?? throw new \RuntimeException('Work has no Round 3.'),
        ];
    }

    /** One thing more, of the kinds that makers do. */
    public function act(): void
    {
        $tag = "{$this->name}-".++$this->number;
        if (random_int(0, 2) === 0) {
            $this->turn();
        }
        match (random_int(0, 9)) {
            0, 1, 2 => $this->tap(),
            3, 4, 5 => $this->does('entry', $tag, fn() => $this->form(
                "/stash/{$this->material}/entries",
                ['move' => 'bought', 'amount' => '1 g', 'note' => $tag],
            )),
            6 => $this->does('swatch', $tag, fn() => $this->form('/swatches', [
                'name' => $tag, 'material_id' => $this->material, 'hook' => '8 mm', 'stitch' => 'sc',
                'stitches_counted' => '10', 'width' => '12 cm', 'rows_counted' => '10', 'height' => '12 cm',
                'mass' => '79 g',
            ])),
            7 => $this->does('bag', $tag, fn() => $this->sew($tag)),
            default => $this->open(['/', '/stash', '/bags', "/bags/{$this->bag}/enough"][random_int(0, 3)]),
        };
    }

    /** Three stitches more, as Work sends them, with the last two once again. */
    private function tap(): void
    {
        $this->tap += 3;
        $lines = array_map(fn(int $nth): array => [
            'device' => "device-{$this->name}", 'number' => $nth, 'turn' => $nth, 'at' => 1_790_000_000_000 + $nth,
            'did' => 'step', 'row' => $this->row, 'stitch' => $nth % 40, 'plan' => $this->plan,
        ], range(max(1, $this->tap - 4), $this->tap));
        $this->insist("/bags/{$this->bag}/work", (string) json_encode(['entries' => $lines, 'seen' => PHP_INT_MAX]), [
            'Accept: application/json', 'Content-Type: application/json', "X-CSRF-TOKEN: {$this->token}",
        ]);
        foreach ([2, 1, 0] as $back) {
            $this->wrote('tap', "device-{$this->name} ".($this->tap - $back));
        }
    }

    private function sew(string $name): string
    {
        return basename($this->form('/bags/import', ['text' => sprintf(self::BAG, $name)]));
    }

    /** @param \Closure(): mixed $do */
    private function does(string $kind, string $tag, \Closure $do): void
    {
        $do();
        $this->wrote($kind, $tag);
    }

    private function wrote(string $kind, string $tag): void
    {
        file_put_contents($this->log, "{$kind} {$tag}\n", FILE_APPEND | LOCK_EX);
    }

    private function open(string $path): void
    {
        $this->page = $this->insist($path, null, [])[0];
        if (preg_match('/name="csrf-token" content="([^"]+)"/', $this->page, $found) === 1) {
            $this->token = $found[1];
        }
    }

    /**
     * @param array<string, string> $fields
     *
     * @return string where it leads
     */
    private function form(string $path, array $fields): string
    {
        $once = ['_token' => $this->token, '_once' => bin2hex(random_bytes(12))];

        return $this->insist($path, http_build_query($fields + $once), [])[1];
    }

    /**
     * Until it is taken.
     *
     * @param list<string> $headers
     *
     * @return array{string, string} the page, and where it leads
     */
    private function insist(string $path, ?string $body, array $headers): array
    {
        $begun = microtime(true);
        $status = 0;
        for ($time = 1; microtime(true) - $begun < self::PATIENCE; $time++) {
            curl_setopt($this->curl, CURLOPT_URL, Visit::address("{$this->url}{$path}"));
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
            curl_setopt($this->curl, CURLOPT_HTTPHEADER, [...$headers, 'Referer: '.$this->url.$path]);
            if ($body !== null) {
                curl_setopt($this->curl, CURLOPT_POSTFIELDS, $body);
            }
            $answer = (string) curl_exec($this->curl);
            $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
            [$head, $page] = explode("\r\n\r\n", $answer, 2) + ['', ''];
            $to = preg_match('/^Location: (\S+)/mi', $head, $found) === 1 ? $found[1] : '';
            // Whoever is sent to sign in was not taken, but for her who has just registered.
            $isOut = $body !== null && str_ends_with($to, '/sign-in') && $path !== '/register';
            if ($status === 200 || ($status === 302 && ! $isOut)) {
                $this->times[] = [microtime(true), microtime(true) - $begun];
                if ($time > 1) {
                    $this->longest = max($this->longest, microtime(true) - $begun);
                }

                return [$page, $to];
            }
            $after = preg_match('/^Retry-After: (\d+)/mi', $head, $found) === 1 ? (int) $found[1] : null;
            $what = $status === 0 ? 'no answer' : "{$status}".($after === null ? ' without Retry-After' : '');
            $this->failed[$what] = ($this->failed[$what] ?? 0) + 1;
            usleep(min(3, $after ?? 1) * 300_000);
        }
        throw new \RuntimeException("{$path} was never taken: {$status}.");
    }
}
