<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\Booklet;
use App\Bags\Sheets\PlanSheet;
use App\Files\Paper;
use App\Models\Bag;
use App\Models\User;
use Fescue\Core\Sheet\Section;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Sheet\Editor;
use Fescue\Core\Tests\Sheet\Sheets;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Vite;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What is printed, looked at: poppler renders the PDF, the browser the page. */
final class PaperTest extends TestCase
{
    /** A drawing is compared square by square of so many pixels. */
    private const SQUARE = 8;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/fescue-paper-'.bin2hex(random_bytes(6));
        File::makeDirectory($this->folder);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** Every drawing of every bag of the demo: on paper as on screen. */
    #[Group('slow')]
    public function testWhatIsDrawnOnPaperIsWhatIsDrawnOnScreen(): void
    {
        $this->seed();
        $maker = User::query()->firstOrFail();
        $figures = [];
        foreach (Bag::query()->orderBy('id')->get() as $bag) {
            foreach (PlanSheet::of($bag, $maker)->words()->drawings() as [$title, $canvas]) {
                $figures["{$bag->name()}: {$title}"] = $canvas->inline();
            }
        }
        self::assertGreaterThan(40, count($figures));
        $style = '<style>h2, figcaption { display: none } .sheet-of-paper figure { margin: 0; padding: 0; border: 0; '
            .'break-after: page } .drawing > svg { margin: 0 }</style>';
        $this->run_(['pdftoppm', '-r', '96', '-png', $this->kept('all.pdf', Paper::print(Paper::page(
            'All',
            'en',
            "{$style}<main class=\"sheet-of-paper\">".implode('', array_map(
                fn(string $svg): string => "<figure class=\"drawing\">{$svg}</figure>",
                $figures,
            )).'</main>',
        ))), "{$this->folder}/paper"]);
        $sheets = glob("{$this->folder}/paper-*.png") ?: [];
        self::assertCount(count($figures), $sheets);
        foreach (array_chunk($figures, 12, true) as $chunk) {
            $screen = $this->screen($chunk);
            $top = 0;
            foreach ($chunk as $name => $svg) {
                preg_match('~viewBox="0 0 656 (\d+)"~', $svg, $size);
                $paper = imagecreatefrompng((string) array_shift($sheets)) ?: self::fail('It was not rendered.');
                $this->isAlike($screen, 0, $top, $paper, 68, 38, (int) $size[1], $name);
                $top += (int) $size[1];
            }
        }
    }

    /** Tagged, with its headings as bookmarks, of the size that it says, its words to be read, in our typefaces. */
    public function testAPdfCanBeRead(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->update(['choices' => ['name' => 'Štěpán’s tote'] + $bag->choices]);
        $pdf = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/words.pdf")->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')->getContent();
        $file = $this->kept('words.pdf', $pdf);
        $info = $this->run_(['pdfinfo', $file]);
        self::assertMatchesRegularExpression('/^Title:\s+Štěpán’s tote$/mu', $info);
        self::assertMatchesRegularExpression('/^Tagged:\s+yes$/m', $info);
        self::assertMatchesRegularExpression('/^JavaScript:\s+no$/m', $info);
        self::assertMatchesRegularExpression('/\(A4\)$/m', $info);
        self::assertStringContainsString('/Outlines', $pdf);
        $words = (string) preg_replace('/\s+/', ' ', $this->run_(['pdftotext', '-layout', $file, '-']));
        foreach (['Štěpán’s tote', 'Finished size', 'Materials', 'Rnd 1', 'ch 16, sk next 10 sts', 'Take care'] as $said) {
            self::assertStringContainsString($said, $words);
        }
        // Typefaces that vary in weight are shapes of their own in it; any other would be named.
        preg_match_all('/^\S+ +(Type \w+|TrueType|CID \S+)/m', $this->run_(['pdffonts', $file]), $fonts);
        self::assertSame(['Type 3'], array_values(array_unique($fonts[1])));
    }

    /**
     * A plain tote's pattern with its drawings takes one sheet, any other four at the most; no heading stands alone at
     * the foot of one.
     */
    #[Group('slow')]
    public function testSheetsOfPaper(): void
    {
        $this->seed();
        $maker = User::query()->firstOrFail();
        foreach (Bag::query()->orderBy('id')->get() as $bag) {
            $sheet = PlanSheet::of($bag, $maker);
            $file = $this->kept('words.pdf', Booklet::plain($sheet));
            $pages = array_slice(explode("\f", $this->run_(['pdftotext', '-layout', $file, '-'])), 0, -1);
            $most = match ($bag->name()) {
                'Ropemaker’s tote', 'Bait-shed tote' => 1,
                'Winter-market carrier' => 2,
                default => 4,
            };
            self::assertLessThanOrEqual($most, count($pages), $bag->name());
            $published = $sheet->words()->published();
            // Beside another tongue all of it stands twice.
            $pair = html_entity_decode(strip_tags(Booklet::page(
                $sheet,
                false,
                other: PlanSheet::of($bag, $maker, Terms::ES),
            )), ENT_QUOTES);
            foreach ([$published, PlanSheet::of($bag, $maker, Terms::ES)->words()->published()] as $one) {
                $all = [$one->level, $one->gauge, ...$one->size, ...$one->notes, ...$one->cautions];
                foreach ([...$one->specials, ...$one->finishing] as $told) {
                    $all[] = $told[1];
                }
                foreach ($one->sections as $section) {
                    array_push($all, ...array_column($section->lines, 'text'));
                }
                foreach ($all as $told) {
                    self::assertStringContainsString($told, $pair, $bag->name());
                }
            }
            foreach (Terms::cases() as $terms) {
                Editor::reads(Sheets::of($sheet->plan, $terms), $sheet->plan, $terms, "{$bag->name()}, {$terms->value}");
            }
            $titles = [
                ...array_map(fn(Section $one): string => $one->title, $published->sections),
                $published->titles->materials, $published->titles->gauge, $published->titles->abbreviations,
                $published->titles->notes, $published->titles->finishing,
            ];
            foreach ($pages as $nth => $page) {
                $lines = array_values(array_filter(array_map(trim(...), explode("\n", $page)), fn(string $one): bool => $one !== ''));
                self::assertNotContains($lines[count($lines) - 1] ?? '', $titles, "{$bag->name()}, page ".($nth + 1));
            }
        }
    }

    /** At most two at once: a third waits, and is told to come again. It holds no place after it. */
    public function testOnlySoManyPrintAtOnce(): void
    {
        $folder = storage_path('app/paper');
        File::ensureDirectoryExists($folder);
        $held = [];
        foreach ([1, 2] as $place) {
            $held[$place] = fopen("{$folder}/place-{$place}", 'c') ?: self::fail('No place.');
            self::assertTrue(flock($held[$place], LOCK_EX | LOCK_NB));
        }
        try {
            Paper::print(Paper::page('One', 'en', '<p>One</p>'), 0.3);
            self::fail('A third one printed.');
        } catch (ServiceUnavailableHttpException $e) {
            self::assertSame(503, $e->getStatusCode());
            self::assertArrayHasKey('Retry-After', $e->getHeaders());
        }
        fclose($held[2]);
        self::assertStringStartsWith('%PDF', Paper::print(Paper::page('One', 'en', '<p>One</p>'), 0.3));
        self::assertSame([], File::directories($folder));
        fclose($held[1]);
    }

    /** Nothing in it runs, and nothing is fetched: neither a file of this machine nor an address. */
    public function testAPageFetchesNothing(): void
    {
        $secret = $this->kept('secret.txt', 'SECRET');
        $page = Paper::page('One', 'en', "<p>Here</p><iframe src=\"file://{$secret}\"></iframe><object data=\"file://{$secret}\">"
            .'</object><script>document.body.append("RAN")</script><img src=x onerror="document.body.append(\'RAN\')">');
        $words = $this->run_(['pdftotext', $this->kept('one.pdf', Paper::print($page)), '-']);
        self::assertStringContainsString('Here', $words);
        self::assertStringNotContainsString('SECRET', $words);
        self::assertStringNotContainsString('RAN', $words);
    }

    /** @param array<string, string> $figures */
    private function screen(array $figures): \GdImage
    {
        $high = 0;
        foreach ($figures as $svg) {
            preg_match('~viewBox="0 0 656 (\d+)"~', $svg, $size);
            $high += (int) $size[1];
        }
        $styles = (string) preg_replace_callback(
            '~url\(/?(build/assets/[\w.-]+)\)~',
            fn(array $found): string => 'url(file://'.public_path($found[1]).')',
            Vite::content('resources/scss/fonts.css').Vite::content('resources/scss/app.scss'),
        );
        $page = $this->kept('screen.html', "<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><style>{$styles}</style>"
            .'<body style="margin:0">'.implode('', array_map(
                fn(string $svg): string => str_replace('<svg ', '<svg style="display:block;width:656px" ', $svg),
                $figures,
            )));
        $this->run_([
            'chromium', '--headless', '--no-sandbox', '--disable-gpu', '--hide-scrollbars', '--allow-file-access-from-files',
            "--user-data-dir={$this->folder}/profile", "--window-size=656,{$high}",
            "--screenshot={$this->folder}/screen.png", "file://{$page}",
        ]);

        return imagecreatefrompng("{$this->folder}/screen.png") ?: self::fail('It was not rendered.');
    }

    private function isAlike(
        \GdImage $one,
        int $x1,
        int $y1,
        \GdImage $other,
        int $x2,
        int $y2,
        int $high,
        string $name,
    ): void {
        [$across, $down] = [intdiv(656, self::SQUARE), intdiv($high, self::SQUARE)];
        $small = function (\GdImage $of, int $x, int $y) use ($across, $down): \GdImage {
            $made = imagecreatetruecolor(max(1, $across), max(1, $down));
            imagecopyresampled(
                $made,
                $of,
                0,
                0,
                $x,
                $y,
                max(1, $across),
                max(1, $down),
                $across * self::SQUARE,
                $down * self::SQUARE,
            );

            return $made;
        };
        [$one, $other] = [$small($one, $x1, $y1), $small($other, $x2, $y2)];
        $apart = [];
        for ($y = 0; $y < $down; $y++) {
            for ($x = 0; $x < $across; $x++) {
                [$a, $b] = [imagecolorat($one, $x, $y), imagecolorat($other, $x, $y)];
                $apart[] = max(array_map(
                    fn(int $shift): int => abs((($a >> $shift) & 255) - (($b >> $shift) & 255)),
                    [0, 8, 16],
                ));
            }
        }
        sort($apart);
        $said = "{$name}: ".array_sum($apart) / count($apart).", 99 % under {$apart[(int) (0.99 * count($apart))]}, most "
            .max($apart);
        self::assertLessThan(6.0, array_sum($apart) / count($apart), $said);
        self::assertLessThan(48, $apart[(int) (0.99 * count($apart))], $said);
    }

    private function kept(string $name, string $content): string
    {
        File::put("{$this->folder}/{$name}", $content);

        return "{$this->folder}/{$name}";
    }

    /** @param list<string> $command */
    private function run_(array $command): string
    {
        $process = new Process($command, timeout: 120);
        $process->mustRun();

        return $process->getOutput();
    }
}
