<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Strip\Checklist;
use Fescue\Core\Strip\Step;
use Fescue\Core\Strip\StripDocument;
use PHPUnit\Framework\TestCase;

final class ChecklistTest extends TestCase
{
    /** @param array<string, mixed> $changes @return list<Step> */
    private static function steps(array $changes, int $stack, bool $ahead): array
    {
        $document = $changes + ['format' => 'fescue-strip/1', 'source' => 'tube', 'flat_width' => '50 cm', 'height' => '40 cm', 'strip' => '2.5 cm', 'pieces' => 3];

        return Checklist::of(StripDocument::read($document), $stack, $ahead, LengthUnit::Centimetre);
    }

    /** @param list<Step> $steps @return list<string> */
    private static function keys(array $steps): array
    {
        return array_map(fn(Step $step): string => $step->key, $steps);
    }

    public function testEveryStepHasItsOwnKey(): void
    {
        foreach ([[[], 1, true], [['pull' => 1.3], 2, false], [['source' => 'panel', 'school' => 'joined', 'pieces' => 60], 1, false]] as [$changes, $stack, $ahead]) {
            $keys = self::keys(self::steps($changes, $stack, $ahead));
            self::assertSame($keys, array_values(array_unique($keys)));
            self::assertLessThanOrEqual(40, max(array_map(strlen(...), $keys)));
        }
    }

    public function testJoiningAsYouGoOrAhead(): void
    {
        self::assertSame(['s1-lay', 's1-slit', 's1-spine', 's1-join', 's2-lay', 's2-slit', 's2-spine', 's2-join', 'wind', 'weigh'], self::keys(self::steps([], 2, false)));
        self::assertSame(['s1-lay', 's1-slit', 's1-spine', 's2-lay', 's2-slit', 's2-spine', 'join', 'pull', 'wind', 'weigh'], self::keys(self::steps(['pull' => 1.3], 2, true)));
        // One piece in one strand has nothing to join.
        self::assertSame(['s1-lay', 's1-slit', 's1-spine', 'wind', 'weigh'], self::keys(self::steps(['pieces' => 1], 1, false)));
    }

    /** Handbook 9: cautions where the hand is about to do it. */
    public function testCautionsStandAtTheirStep(): void
    {
        foreach ([self::steps(['trim_bottom' => '2 cm', 'pull' => 1.2], 3, true), Checklist::of(StripDocument::read(['format' => 'fescue-strip/1', 'source' => 'bag-spiral', 'flat_width' => '30 cm', 'height' => '40 cm', 'strip' => '5 cm', 'trim_top' => '8 cm', 'bags' => 4]), 4, true, LengthUnit::Inch)] as $steps) {
            foreach ($steps as $step) {
                if (preg_match('/-(trim|slit|spine|spiral)$/', $step->key) === 1) {
                    self::assertStringContainsString('Cut away from you', $step->caution);
                }
                if ($step->key === 'pull') {
                    self::assertStringContainsString('air the room', $step->caution);
                }
            }
        }
        self::assertStringContainsString('suffocates', $steps[count($steps) - 1]->caution);
    }
}
