<?php

declare(strict_types=1);

namespace Tests\Feature;

use Fescue\Core\Tests\Bag\Documents;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the commands print, asked as somebody at a terminal asks. */
final class CommandTest extends TestCase
{
    private const SHIRT = [
        'format' => 'fescue-strip/1',
        'source' => 'tube',
        'flat_width' => '50 cm',
        'height' => '40 cm',
        'strip' => '2.5 cm',
        'spine' => '2.5 cm',
        'areal' => '160 g/m2',
        'pull' => 1.25,
    ];

    /** @param array<string, mixed> $document @return array{int, string} */
    private function printed(string $command, array|string $document, bool $json = true): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'fescue');
        file_put_contents($file, is_string($document) ? $document : json_encode($document));
        $code = Artisan::call($command, ['file' => $file] + ($json ? ['--json' => true] : []));
        unlink($file);

        return [$code, Artisan::output()];
    }

    public function testStripPlanPrintsItsDocumentAndItsWords(): void
    {
        [$code, $json] = $this->printed('strip:plan', self::SHIRT);
        $plan = json_decode($json, true);
        self::assertSame([0, 'fescue-strip-plan/1', 16, 0], [$code, $plan['format'], $plan['strips'], $plan['joins']]);
        // Handbook 3 (geometry): n·2F less the tapered ends, times the pull; 2F·H·g/m².
        self::assertEqualsWithDelta(16.0, $plan['length_m']['cut'], 0.1);
        self::assertEqualsWithDelta(1.25, $plan['length_m']['pulled'] / $plan['length_m']['cut'], 1e-3);
        self::assertEqualsWithDelta(64.0, $plan['mass_g'] + $plan['waste_g'], 0.01);
        self::assertSame(['slit', 'diagonal'], array_values(array_unique(array_column($plan['cuts'], 'kind'))));
        [$code, $words] = $this->printed('strip:plan', self::SHIRT, false);
        self::assertSame(0, $code);
        self::assertStringContainsString('16 strips, 20.0 m of strand, 0 joins, 64 g', $words);
        self::assertStringContainsString("\n31. diagonal from (475, 375) to (525, 400) mm", $words);
    }

    /** @return array<string, array{string, string}> file and how it begins */
    public static function solids(): array
    {
        return ['glTF' => ['bag.glb', 'glTF'], 'SVG' => ['bag.svg', '<?xml version="1.0"']];
    }

    #[DataProvider('solids')]
    public function testABagIsStoodUpInAFile(string $name, string $begins): void
    {
        [$file, $out] = [tempnam(sys_get_temp_dir(), 'fescue'), sys_get_temp_dir().'/'.uniqid('fescue', true).$name];
        file_put_contents((string) $file, json_encode(Documents::tote()));
        $asked = ['file' => $file, '--out' => $out, '--colour' => ['#336699']];
        $code = Artisan::call('bag:solid', $asked);
        $said = Artisan::output();
        self::assertSame(0, $code, $said);
        self::assertMatchesRegularExpression('/: \d+\.\d × \d+\.\d × \d+\.\d cm, \d+\.\d litres\n$/', $said);
        $empty = (string) file_get_contents($out);
        self::assertStringStartsWith($begins, $empty);
        self::assertSame(0, Artisan::call('bag:solid', $asked + ['--carried' => true]));
        self::assertNotSame($empty, (string) file_get_contents($out));
        unlink($out);
        // Nothing is drawn in yards; a colour has six figures; a bag is no picture.
        foreach ([['--unit' => 'yd'], ['--colour' => ['red']], ['--out' => 'bag.png'], ['--out' => '/no/such/bag.glb']] as $wrong) {
            self::assertSame(1, Artisan::call('bag:solid', $wrong + $asked), (string) json_encode($wrong));
            self::assertFileDoesNotExist($out);
        }
        unlink((string) $file);
    }

    /** @return array<string, array{array<string, mixed>, int, float}> source, strips, metres */
    public static function sources(): array
    {
        $bag = [
            'format' => 'fescue-strip/1',
            'flat_width' => '30 cm',
            'side_fold' => '8 cm',
            'height' => '40 cm',
            'trim_top' => '7 cm',
            'trim_bottom' => '3 cm',
            'strip' => '5 cm',
            'hitch_loss' => '2 cm',
            'bags' => 2,
        ];

        return [
            // Half the circumference is 30 + 2·8; six loops of it each, less the hitch.
            'loops' => [['source' => 'bag-loops'] + $bag, 12, 12 * 0.44],
            // The circumference six times each, a knot between the two.
            'spiral' => [['source' => 'bag-spiral'] + $bag, 12, 2 * 6 * 0.92 - 0.06],
            'panel' => [['source' => 'panel'] + array_diff_key(self::SHIRT, ['spine' => 1]), 16, 8.0],
            'ribbon' => [
                ['format' => 'fescue-strip/1', 'source' => 'ribbon-half', 'flat_width' => '2 cm', 'height' => '2.5 m'],
                2,
                5.0,
            ],
        ];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('sources')]
    public function testEverySourceIsPlanned(array $document, int $strips, float $metres): void
    {
        [$code, $json] = $this->printed('strip:plan', $document);
        $plan = json_decode($json, true);
        self::assertSame([0, $strips], [$code, $plan['strips']]);
        self::assertEqualsWithDelta($metres, $plan['length_m']['cut'], 0.01 * $metres);
    }

    /** @return array<string, array{array<string, mixed>|string, string}> */
    public static function bad(): array
    {
        return [
            'no JSON' => ['{"format": ', ''],
            'a list' => ['[1, 2]', ''],
            'another format' => [['format' => 'fescue-bag/1'], '/format'],
            'a strip without a unit' => [['strip' => '2.5'] + self::SHIRT, '/strip'],
            'too many bytes' => [str_repeat(' ', 300_000), ''],
            'bytes that are no text' => ["\xff\xfe\x00", ''],
        ];
    }

    /** @param array<string, mixed>|string $document */
    #[DataProvider('bad')]
    public function testBadFilesFailWithTheirProblems(array|string $document, string $path): void
    {
        [$code, $json] = $this->printed('strip:plan', $document);
        $problems = json_decode($json, true)['problems'];
        self::assertSame(1, $code);
        self::assertSame($path, $problems[0]['path']);
        self::assertGreaterThan(15, strlen($problems[0]['message']));
        self::assertSame(1, Artisan::call('strip:plan', ['file' => '/no/such/file', '--json' => true]));
    }

    public function testBagPlanTakesSwatchesAndWeighIns(): void
    {
        $document = [
            'format' => 'fescue-bag/1', 'name' => 'Quay tote', 'hook' => '8 mm', 'working' => 'spiral',
            'size' => ['length' => '30 cm', 'width' => '12 cm', 'height' => '26 cm'],
            'material' => [
                'kind' => 'cord',
                'diameter' => '4 mm',
                'density' => '8.2 g/m',
                'on_hand' => '900 g',
                'unit' => '450 g',
            ],
            'swatches' => [
                [
                    'stitch' => 'sc',
                    'stitches' => 10,
                    'width' => '12 cm',
                    'rows' => 10,
                    'height' => '11.5 cm',
                    'mass' => '79 g',
                    'hook' => '8 mm',
                    'material' => ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m'],
                ],
            ],
            'base' => [
                'type' => 'oval',
                'ends' => 'two-and-two',
                'chain' => 22,
                'rounds' => 2,
            ], 'body' => ['stitch' => 'sc', 'loop' => 'back', 'rounds' => 14],
            'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 1],
            'weigh_ins' => [['after' => 'Round 5', 'left' => '640 g']],
        ];
        [$code, $json] = $this->printed('bag:plan', $document);
        $material = json_decode($json, true)['material'];
        self::assertSame(0, $code);
        self::assertSame(['unit_g', 'p80', 'p95', 'p99'], array_keys($material['buy']));
        self::assertSame(
            ['base', 'body', 'handles', 'edge', 'tails', 'joins'],
            array_column($material['per_part'], 'part'),
        );
        self::assertGreaterThan(900, $material['mass_g']['likely']);
        self::assertMatchesRegularExpression('/^Round 1\d$/', $material['runs_out']['row']);
        [$code, $words] = $this->printed(
            'bag:plan',
            [
                'others' => [['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m']],
                'changes' => [['from' => 'Round 12', 'to' => 1]],
            ] + $document,
            false,
        );
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('/^Rnds? [\d–]+: With B: Sc in each st around, BLO\. \(56\)$/mu', $words);
        self::assertMatchesRegularExpression('/\nA: cord, [^\n]+: [\d\x{202F}]+ g, \d+ m \(\d+ yd\)/u', $words);
        self::assertMatchesRegularExpression('/\nB: cord, [^\n]+: \d+ g/u', $words);
        $document['weigh_ins'][0]['left'] = '901 g';
        [$code, $json] = $this->printed('bag:plan', $document);
        self::assertSame([1, '/weigh_ins/0/left'], [$code, json_decode($json, true)['problems'][0]['path']]);
    }

    public function testCalibratePrintsBothTables(): void
    {
        self::assertSame(0, Artisan::call('fescue:calibrate', ['--makers' => '60']));
        $said = Artisan::output();
        self::assertSame(2, preg_match_all('/weigh-ins, all\s+[\d.]+ %\s+of 60/', $said));
        self::assertStringContainsString('The chance of enough, after weigh-ins:', $said);
    }
}
