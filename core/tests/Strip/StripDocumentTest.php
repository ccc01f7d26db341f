<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Strip\StripDocument;
use Fescue\Core\Strip\StripPlan;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StripDocumentTest extends TestCase
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

    private const BAG = [
        'format' => 'fescue-strip/1',
        'source' => 'bag-loops',
        'flat_width' => '28 cm',
        'side_fold' => '8 cm',
        'height' => '42 cm',
        'strip' => '5 cm',
        'trim_top' => '9 cm',
        'trim_bottom' => '3 cm',
        'hitch_loss' => '2,5 cm',
        'bags' => 5,
        'areal' => '24 g/m²',
    ];

    /** @param array<string, mixed> $document @return array<string, mixed> */
    private static function plan(array $document): array
    {
        $json = StripDocument::write(
            StripPlan::of(StripDocument::fromJson(json_encode($document, JSON_THROW_ON_ERROR))),
        );
        $schema = (string) file_get_contents(__DIR__.'/../../../docs/formats/fescue-strip-plan-1.schema.json');
        self::assertTrue((new Validator())->validate(json_decode($json), $schema)->isValid(), $json);

        return json_decode($json, true, 16, JSON_THROW_ON_ERROR);
    }

    public function testAShirt(): void
    {
        $plan = self::plan(self::SHIRT);
        self::assertSame(16, $plan['strips']);
        self::assertEqualsWithDelta(16, $plan['length_m']['cut'], 0.16);
        self::assertEqualsWithDelta(20, $plan['length_m']['pulled'], 0.2);
        self::assertEqualsWithDelta(64, $plan['mass_g'] + $plan['waste_g'], 0.02);
        self::assertSame(0, $plan['joins']);
        self::assertSame(range(1, 31), array_column($plan['cuts'], 'n'));
    }

    public function testFiveCarrierBags(): void
    {
        $plan = self::plan(self::BAG);
        self::assertSame(30, $plan['strips']);
        self::assertEqualsWithDelta(30 * (0.44 - 0.025), $plan['length_m']['cut'], 1e-3);
        self::assertEqualsWithDelta(5 * 2 * 0.44 * 0.42 * 24, $plan['mass_g'] + $plan['waste_g'], 0.02);
        self::assertSame(['trim', 'trim', 'slit', 'slit', 'slit', 'slit', 'slit'], array_column($plan['cuts'], 'kind'));
    }

    public function testEverySourceReadsAgainstTheSchema(): void
    {
        $schema = (string) file_get_contents(__DIR__.'/../../../docs/formats/fescue-strip-1.schema.json');
        $ribbon = [
            'format' => 'fescue-strip/1',
            'source' => 'ribbon-half',
            'flat_width' => '2 cm',
            'height' => '2.5 m',
        ];
        foreach ([
            self::SHIRT,
            self::BAG,
            ['source' => 'bag-spiral'] + self::BAG,
            [
                'source' => 'panel',
                'school' => 'joined',
                'mass' => '90 g',
            ] + array_diff_key(self::SHIRT, ['spine' => 1, 'areal' => 1]),
            $ribbon,
        ] as $document) {
            self::assertTrue(
                (new Validator())->validate(json_decode((string) json_encode($document)), $schema)->isValid(),
            );
            self::assertGreaterThan(0, self::plan($document)['length_m']['cut']);
        }
        self::assertEqualsWithDelta(5, self::plan($ribbon)['length_m']['cut'], 1e-9);
        // Whichever way it was measured, the slit runs down its middle, a strip's width short of its end.
        foreach ([
            $ribbon,
            ['flat_width' => '2.5 m', 'height' => '2 cm'] + $ribbon,
            ['strip' => '1 cm'] + $ribbon,
        ] as $one) {
            self::assertEquals(
                [['n' => 1, 'from' => [0, 10], 'to' => [2490, 10], 'kind' => 'slit']],
                self::plan($one)['cuts'],
            );
        }
        // Fifty metres are no longer a shirt.
        self::assertEqualsWithDelta(
            50,
            self::plan(
                ['flat_width' => '50 m', 'height' => '2 cm', 'school' => 'joined', 'join_loss' => '0 cm'] + $ribbon,
            )['length_m']['cut'] / 2,
            1e-9,
        );
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function bad(): array
    {
        return [
            'no source' => [array_diff_key(self::SHIRT, ['source' => 1]), '/source'],
            'no unit' => [['height' => '40'] + self::SHIRT, '/height'],
            'no width' => [array_diff_key(self::SHIRT, ['flat_width' => 1]), '/flat_width'],
            'a sail' => [['flat_width' => '50.1 m'] + self::SHIRT, '/flat_width'],
            'a number' => [['height' => 40] + self::SHIRT, '/height'],
            'a spine for a bag' => [['spine' => '2 cm'] + self::BAG, '/spine'],
            'a strip too wide' => [['strip' => '60 cm'] + self::SHIRT, '/strip'],
            'trims too high' => [['trim_top' => '41 cm'] + self::BAG, '/trim_top'],
            'a pull that shortens' => [['pull' => 0.8] + self::SHIRT, '/pull'],
            'lead' => [['areal' => '160 kg/m2'] + self::SHIRT, '/areal'],
            'no bags' => [['bags' => 0] + self::BAG, '/bags'],
            'a spelling' => [['hight' => '2 cm'] + self::SHIRT, '/hight'],
            'both weights' => [['mass' => '60 g'] + self::SHIRT, '/mass'],
            'another format' => [['format' => 'fescue-bag/1'] + self::SHIRT, '/format'],
            'rings' => [['spine' => '0 mm'] + self::SHIRT, '/spine'],
            'a thread between rings' => [['spine' => '0.1 mm'] + self::SHIRT, '/spine'],
            'joins that eat their strips' => [
                [
                    'source' => 'panel',
                    'school' => 'joined',
                    'join_loss' => '50 cm',
                ] + array_diff_key(self::SHIRT, ['spine' => 1]),
                '/join_loss',
            ],
            'joins that eat the pieces' => [['pieces' => 2, 'join_loss' => '20 m'] + self::SHIRT, '/join_loss'],
            'a ribbon of another strip' => [
                [
                    'format' => 'fescue-strip/1',
                    'source' => 'ribbon-half',
                    'flat_width' => '2 m',
                    'height' => '2 cm',
                    'strip' => '5 mm',
                ],
                '/strip',
            ],
            'hostile' => [['strip' => '<script>alert(1)</script>'] + self::SHIRT, '/strip'],
        ];
    }

    /**
     * A strand over the spine is 2m·s/√(4m² + s²) wide (geometry): at 7.2 mm half of a strip of 25 mm. Rings need no
     * spine.
     */
    public function testTheLeastSpineThatWorksIsSaid(): void
    {
        try {
            self::plan(['spine' => '7 mm'] + self::SHIRT);
            self::fail('Was cut.');
        } catch (Refused $e) {
            self::assertStringContainsString('at least 8 mm', $e->getMessage());
        }
        self::assertSame(0, self::plan(['spine' => '8 mm'] + self::SHIRT)['joins']);
        self::assertSame(15, self::plan(['spine' => '0 mm', 'school' => 'joined'] + self::SHIRT)['joins']);
        self::assertSame(1, self::plan(['spine' => '0 mm', 'strip' => '25 cm'] + self::SHIRT)['strips']);
        self::assertEqualsWithDelta(
            16 * 1.0 - 15 * 0.999,
            self::plan(['school' => 'joined', 'join_loss' => '99.9 cm'] + self::SHIRT)['length_m']['cut'],
            1e-9,
        );
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('bad')]
    public function testBadFieldsAreNamed(array $document, string $path): void
    {
        try {
            StripDocument::read($document);
            self::fail('Was read.');
        } catch (Refused $e) {
            self::assertContains($path, array_map(fn(Problem $problem): string => $problem->path, $e->problems));
            self::assertGreaterThan(15, strlen($e->problems[0]->message));
        }
    }
}
