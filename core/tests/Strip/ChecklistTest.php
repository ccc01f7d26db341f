<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Strip\Checklist;
use Fescue\Core\Strip\CuttingStep;
use Fescue\Core\Strip\StripDocument;
use PHPUnit\Framework\TestCase;

final class ChecklistTest extends TestCase
{
    /** @param array<string, mixed> $changes @return list<CuttingStep> */
    private static function steps(array $changes, int $stack, bool $ahead): array
    {
        $document = $changes + [
            'format' => 'fescue-strip/1',
            'source' => 'tube',
            'flat_width' => '50 cm',
            'height' => '40 cm',
            'strip' => '2.5 cm',
            'pieces' => 3,
        ];

        return Checklist::of(StripDocument::read($document), $stack, $ahead);
    }

    /** @param list<CuttingStep> $steps @return list<string> */
    private static function keys(array $steps): array
    {
        return array_map(fn(CuttingStep $step): string => $step->key, $steps);
    }

    public function testEveryStepHasItsOwnKey(): void
    {
        foreach ([
            [[], 1, true],
            [['pull' => 1.3], 2, false],
            [['source' => 'panel', 'school' => 'joined', 'pieces' => 60], 1, false],
        ] as [$changes, $stack, $ahead]) {
            $keys = self::keys(self::steps($changes, $stack, $ahead));
            self::assertSame($keys, array_values(array_unique($keys)));
            self::assertLessThanOrEqual(40, max(array_map(strlen(...), $keys)));
        }
    }

    public function testJoiningAsYouGoOrAhead(): void
    {
        self::assertSame(
            ['s1-lay', 's1-slit', 's1-spine', 's1-join', 's2-lay', 's2-slit', 's2-spine', 's2-join', 'wind', 'weigh'],
            self::keys(self::steps([], 2, false)),
        );
        self::assertSame(
            ['s1-lay', 's1-slit', 's1-spine', 's2-lay', 's2-slit', 's2-spine', 'join', 'pull', 'wind', 'weigh'],
            self::keys(self::steps(['pull' => 1.3], 2, true)),
        );
        // One piece in one strand has nothing to join.
        self::assertSame(
            ['s1-lay', 's1-slit', 's1-spine', 'wind', 'weigh'],
            self::keys(self::steps(['pieces' => 1], 1, false)),
        );
    }

    /** Twelve pieces by stacks of five: two are left for the last; each source says where its slits run. */
    public function testWhatIsLaidAndWhereSlitsRun(): void
    {
        $do = fn(array $steps, string $key): string => array_column(
            array_map(fn(CuttingStep $step): array => [$step->key, $step->do->english()], $steps),
            1,
            0,
        )[$key];
        $twelve = self::steps(['pieces' => 12], 5, true);
        self::assertSame(
            [
                '5 over each other, edges true, the fold at your left.',
                '2 over each other, edges true, the fold at your left.',
            ],
            [$do($twelve, 's2-lay'), $do($twelve, 's3-lay')],
        );
        // One at a time they are counted, one alone is not; several at once are stacks.
        $lays = fn(int $pieces, int $stack): array => array_values(array_map(
            fn(CuttingStep $step): string => $step->lead->english(),
            array_filter(
                self::steps(['pieces' => $pieces], $stack, true),
                fn(CuttingStep $one): bool => str_ends_with($one->key, '-lay'),
            ),
        ));
        self::assertStringEndsWith(', stack 3 of 3', $lays(12, 5)[2]);
        self::assertStringEndsWith(' 2 of 2', $lays(2, 1)[1]);
        self::assertStringNotContainsString('stack', $lays(2, 1)[1]);
        self::assertStringNotContainsString(' of ', $lays(1, 1)[0]);
        self::assertStringNotContainsString(' of ', $lays(5, 5)[0]);
        self::assertSame('Flat, the fold at your left.', $do(self::steps(['pieces' => 1], 1, true), 's1-lay'));
        $loops = Checklist::of(StripDocument::read([
            'format' => 'fescue-strip/1', 'source' => 'bag-loops', 'flat_width' => '30 cm', 'height' => '40 cm',
            'strip' => '5 cm', 'trim_top' => '7 cm', 'trim_bottom' => '3 cm',
        ]), 1, true);
        self::assertSame('Cut off what is hatched: cuts 1 and 2.', $do($loops, 's1-trim'));
        self::assertSame('Cuts 3 to 7, 5.0 cm apart, right across.', $do($loops, 's1-slit'));
        $slits = fn(array $changes): string => $do(self::steps($changes, 1, true), 's1-slit');
        self::assertStringEndsWith('cm apart, from the fold to the spine, both layers.', $slits([]));
        self::assertStringEndsWith('cm apart, right across.', $slits(['school' => 'joined']));
        self::assertStringEndsWith(
            'cm apart, from alternate sides, a strip’s width short each time.',
            $slits(['source' => 'panel']),
        );
        $ribbon = fn(string $school): array => Checklist::of(
            StripDocument::read(
                [
                    'format' => 'fescue-strip/1',
                    'source' => 'ribbon-half',
                    'flat_width' => '2 m',
                    'height' => '2 cm',
                    'school' => $school,
                ],
            ),
            1,
            true,
        );
        self::assertSame(
            'Cut 1, 1.0 cm from the edge, down the middle, and stop a strip’s width short of the end.',
            $do($ribbon('one-strand'), 's1-slit'),
        );
        self::assertSame('Cut 1, 1.0 cm from the edge, right across.', $do($ribbon('joined'), 's1-slit'));
    }

    /** Handbook 9: cautions where the hand is about to do it. */
    public function testCautionsStandAtTheirStep(): void
    {
        foreach ([
            self::steps(['trim_bottom' => '2 cm', 'pull' => 1.2], 3, true),
            Checklist::of(
                StripDocument::read(
                    [
                        'format' => 'fescue-strip/1',
                        'source' => 'bag-spiral',
                        'flat_width' => '30 cm',
                        'height' => '40 cm',
                        'strip' => '5 cm',
                        'trim_top' => '8 cm',
                        'bags' => 4,
                    ],
                ),
                4,
                true,
            ),
        ] as $steps) {
            foreach ($steps as $step) {
                if (preg_match('/-(trim|slit|spine|spiral)$/', $step->key) === 1) {
                    self::assertStringContainsString('Cut away from you', $step->caution?->english() ?? '');
                }
                if ($step->key === 'pull') {
                    self::assertStringContainsString('air the room', $step->caution?->english() ?? '');
                }
            }
        }
        self::assertStringContainsString('suffocates', $steps[count($steps) - 1]->caution?->english() ?? '');
    }
}
