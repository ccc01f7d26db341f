<?php

declare(strict_types=1);

namespace App\Console;

use CurlHandle;
use Database\Seeders\DatabaseSeeder;

/** A signed-in maker, as a measuring command visits the application through its web server. */
final class Visit
{
    private readonly CurlHandle $curl;

    /** @throws \RuntimeException where it does not answer as it should, as every visit does */
    public function __construct(private readonly string $url, string $email)
    {
        $this->curl = curl_init();
        curl_setopt($this->curl, CURLOPT_COOKIEFILE, '');
        $token = self::token($this->get('/sign-in'));
        $this->send('POST', '/sign-in', [
            '_token' => $token, 'email' => $email, 'password' => DatabaseSeeder::PASSWORD,
        ]);
    }

    public function get(string $path): string
    {
        return $this->said($this->asks($this->curl, $path));
    }

    /** As a page’s own script asks. */
    public function ask(string $path): string
    {
        $curl = $this->asks($this->curl, $path);
        curl_setopt($curl, CURLOPT_HTTPHEADER, ['Accept: application/json']);

        return $this->said($curl);
    }

    /** @param array<string, mixed> $form */
    public function send(string $method, string $path, array $form): string
    {
        return $this->said($this->asks($this->curl, $path, $form + ['_method' => $method]));
    }

    /**
     * How many are answered in a second by those who ask again as soon as they were answered.
     *
     * Who is turned away for now is not answered.
     *
     * @param \Closure(int): array{0: string, 1: ?array<string, mixed>, 2?: string} $what of each by its number: a path
     *        and a form; with a token, what a page's script tells
     */
    public function atOnce(int $visitors, float $seconds, \Closure $what): float
    {
        $all = curl_multi_init();
        $number = $answered = 0;
        $ask = function () use ($all, $what, &$number): void {
            [$path, $form, $token] = $what($number++) + [2 => null];
            curl_multi_add_handle($all, $token === null
                ? $this->asks($this->another(), $path, $form)
                : $this->tells($this->another(), $path, $token, $form ?? []));
        };
        for ($one = 0; $one < $visitors; $one++) {
            $ask();
        }
        $begun = microtime(true);
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
            while (($done = curl_multi_info_read($all)) !== false) {
                /** @var \CurlHandle $handle */
                $handle = $done['handle'];
                if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) !== 503) {
                    self::heard($handle, (string) curl_multi_getcontent($handle));
                    $answered++;
                }
                curl_multi_remove_handle($all, $handle);
                $ask();
            }
        } while (microtime(true) - $begun < $seconds);
        $rate = $answered / (microtime(true) - $begun);
        // Those still asked are waited for: whoever is measured next does not stand behind them.
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);

        return $rate;
    }

    /** As known as she is. */
    private function another(): CurlHandle
    {
        $curl = curl_init();
        curl_setopt($curl, CURLOPT_COOKIEFILE, '');
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            curl_setopt($curl, CURLOPT_COOKIELIST, self::address($cookie));
        }

        return $curl;
    }

    /**
     * Lines of Work, as its page sends them.
     *
     * @param list<array<string, int|string>> $entries
     */
    public function works(string $path, string $token, array $entries): string
    {
        return $this->said($this->tells($this->curl, $path, $token, ['entries' => $entries]));
    }

    /** @param array<string, mixed> $what */
    private function tells(CurlHandle $curl, string $path, string $token, array $what): CurlHandle
    {
        $this->asks($curl, $path);
        curl_setopt($curl, CURLOPT_POSTFIELDS, (string) json_encode($what + ['seen' => PHP_INT_MAX]));
        curl_setopt($curl, CURLOPT_HTTPHEADER, [
            'Accept: application/json', 'Content-Type: application/json', "X-CSRF-TOKEN: {$token}",
        ]);

        return $curl;
    }

    public static function token(string $page): string
    {
        return preg_match('/name="csrf-token" content="([^"]+)"/', $page, $found) === 1
            ? $found[1]
            : throw new \RuntimeException('The page has no token.');
    }

    /** @param ?array<string, mixed> $form */
    private function asks(CurlHandle $curl, string $path, ?array $form = null): CurlHandle
    {
        curl_setopt($curl, CURLOPT_RETURNTRANSFER, true);
        curl_setopt($curl, CURLOPT_TIMEOUT, 60);
        curl_setopt($curl, CURLOPT_URL, self::address("{$this->url}{$path}"));
        curl_setopt($curl, CURLOPT_HTTPGET, true);
        curl_setopt($curl, CURLOPT_HTTPHEADER, ($form['_method'] ?? '') === 'PUT' ? ['Accept: application/json'] : []);
        if ($form !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($form));
        }

        return $curl;
    }

    private function said(CurlHandle $curl): string
    {
        return self::heard($curl, (string) curl_exec($curl));
    }

    private static function heard(CurlHandle $curl, string $body): string
    {
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);

        return in_array($status, [200, 302], true)
            ? $body
            : throw new \RuntimeException(curl_getinfo($curl, CURLINFO_EFFECTIVE_URL)." answered {$status}.");
    }

    /** @return non-empty-string */
    public static function address(string $text): string
    {
        return $text === '' ? throw new \LogicException('Nothing is asked for.') : $text;
    }
}
