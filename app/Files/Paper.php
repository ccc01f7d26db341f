<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Prints our own pages to PDF, by the browser that shows them: what is drawn on paper is what is drawn on screen. The
 * page stands for itself: styles and fonts are in it, its policy lets no script run and nothing be loaded, and there
 * is no network. So many at once, so long.
 */
final class Paper
{
    /** Width and height, mm. */
    public const SIZES = ['A4' => [210.0, 297.0], 'Letter' => [215.9, 279.4]];

    private const BROWSER = 'chromium';

    private const AT_ONCE = 2;

    /** Between them lies a drawing at the scale that it says. */
    private const MARGIN = '10mm 18mm';

    /** Seconds that one may take, and that one waits for its turn. */
    private const LONGEST = 25;

    private const WAITS = 20;

    /** Nothing is loaded that is not in the page itself. */
    private const POLICY = "default-src 'none'; style-src 'unsafe-inline'; font-src data:; img-src data:";

    private const BARE = [
        '--headless', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run', '--disable-sync',
        '--disable-extensions', '--disable-background-networking', '--disable-component-update', '--no-pings',
        '--proxy-server=127.0.0.1:9', '--host-resolver-rules=MAP * ~NOTFOUND',
        '--no-pdf-header-footer', '--generate-pdf-document-outline', '--export-tagged-pdf',
    ];

    /**
     * @param float $waits seconds for its turn
     *
     * @throws ServiceUnavailableHttpException where too many are printed, or it takes too long
     */
    public static function print(string $html, float $waits = self::WAITS): string
    {
        $folder = storage_path('app/paper');
        File::ensureDirectoryExists($folder, 0700);
        $turn = self::turn($folder, $waits);
        $own = "{$folder}/".Str::random(20);
        File::makeDirectory($own, 0700);
        try {
            File::put("{$own}/page.html", $html);
            $process = new Process(
                [
                    'timeout', '--kill-after=2', (string) self::LONGEST, self::BROWSER, ...self::BARE,
                    "--user-data-dir={$own}/profile", "--print-to-pdf={$own}/page.pdf", "file://{$own}/page.html",
                ],
                $own,
                ['HOME' => $own, 'XDG_CONFIG_HOME' => $own, 'XDG_CACHE_HOME' => $own, 'FESCUE_VAR' => false],
                timeout: self::LONGEST + 5,
            );
            $process->run();
            $pdf = is_file("{$own}/page.pdf") ? (string) file_get_contents("{$own}/page.pdf") : '';
            if (! str_starts_with($pdf, '%PDF')) {
                throw new \RuntimeException(
                    'The browser printed nothing: '.mb_substr($process->getErrorOutput(), -500),
                );
            }

            return $pdf;
        } catch (ProcessTimedOutException) {
            throw new ServiceUnavailableHttpException(self::LONGEST, 'This takes too long to print now.');
        } finally {
            File::deleteDirectory($own);
            fclose($turn);
        }
    }

    /**
     * A whole page: its styles and fonts are in it.
     *
     * @param string $lang of its words, as browsers name tongues
     * @param string $body markup
     */
    public static function page(
        string $title,
        string $lang,
        string $body,
        string $size = 'A4',
        string $margin = self::MARGIN,
    ): string {
        return '<!doctype html><html lang="'.e($lang).'"><head><meta charset="utf-8">'
            .'<meta http-equiv="Content-Security-Policy" content="'.self::POLICY.'"><title>'.e($title).'</title><style>'
            ."@page { size: {$size}; margin: {$margin}; }\n".self::styles()
            .'</style></head><body class="on-paper">'.$body.'</body></html>';
    }

    /** The print stylesheet, with its fonts. */
    private static function styles(): string
    {
        $styles = Vite::content('resources/scss/fonts.css').Vite::content('resources/scss/paper.scss');

        return (string) preg_replace_callback(
            '~url\([^)]*/([\w-]+\.woff2)\)~',
            fn(array $found): string => 'url(data:font/woff2;base64,'
                .base64_encode((string) file_get_contents(public_path("build/assets/{$found[1]}"))).')',
            $styles,
        );
    }

    /**
     * Waits for a place among those that print at once, which is free again when it is closed.
     *
     * @return resource
     */
    private static function turn(string $folder, float $waits): mixed
    {
        $until = microtime(true) + $waits;
        do {
            for ($place = 1; $place <= self::AT_ONCE; $place++) {
                $held = fopen("{$folder}/place-{$place}", 'c');
                if ($held !== false && flock($held, LOCK_EX | LOCK_NB)) {
                    return $held;
                }
            }
            usleep(100_000);
        } while (microtime(true) < $until);

        throw new ServiceUnavailableHttpException(self::WAITS, 'Many are printing just now.');
    }
}
