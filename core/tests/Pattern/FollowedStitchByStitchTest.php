<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

/**
 * The words alone are followed, a stitch at a time, by another reader than the plan's: from the round that a wall
 * stands on, the stitches beside the front's middle, the back's and both folds are looked for in each round's words, what is
 * turned begun on the same stitch and gone back (stitch i on stitch 2 − i). The plan has to have them in the same
 * place.
 */
final class FollowedStitchByStitchTest extends TestCase
{
    private const BASE = ['type' => 'rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 6];

    /** Widened by 48 stitches, the slots stay on the front's middle and the back's, and increases on the folds. */
    public function testATaperingWall(): void
    {
        $plan = self::plan([
            'base' => self::BASE, 'body' => ['stitch' => 'sc', 'rounds' => 14, 'top_width' => '60 cm'],
            'handles' => ['type' => 'slot', 'skip' => 6, 'chain' => 8],
        ]);
        $lines = Ways::lines($plan);
        self::assertStringContainsString('sc in next 22 sts, 2 sc in each of next 2 sts, sc', $lines['Round 3']);
        self::assertStringContainsString('sc in next 24 sts, 2 sc in each of next 2 sts, sc', $lines['Round 5']);
        // Stitches 8 to 13: the middle is after the tenth.
        self::assertStringContainsString('sc in next 7 sts, ch 8, sk next 6 sts, sc in next 44 sts, ch 8', $lines['Round 16']);
        self::follow($plan);
    }

    /** Counted with the side of Round 1 before one, whether the last round was turned to that side or not. */
    public function testStrapsOnAnEdgeThatIsTurned(): void
    {
        foreach ([1, 2, 3, 4, 5] as $rounds) {
            foreach (['joined', 'joined-turned'] as $working) {
                $plan = self::plan([
                    'working' => $working, 'base' => self::BASE, 'body' => ['stitch' => 'sc', 'rounds' => $rounds],
                    'handles' => ['type' => 'straps', 'wide' => 4, 'rows' => 10, 'from_side' => 4],
                ]);
                $lines = Ways::lines($plan);
                $first = $lines['Row 7'];
                self::assertStringStartsWith('Join the strand in st 2 of the edge, counted from the join', $first);
                self::assertStringContainsString('to sts 16 to 19 of the edge', $lines['Row 16']);
                self::assertStringStartsWith('Join the strand in st 28 of the edge', $lines['Row 17']);
                self::assertStringContainsString('to sts 42 to 45 of the edge', $lines['Row 26']);
                self::assertSame($working === 'joined-turned', str_contains($first, 'side of Round 1 before you'));
                self::follow($plan);
            }
        }
    }

    /** Every base, wall, taper and turn; the seed is the day's. */
    public function testEveryWay(): void
    {
        $seed = Draw::seed();
        Draw::sow(33);
        $one = fn(array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $followed = $refused = 0;
        while ($followed < 200) {
            $fabric = $one(['sc', 'hdc', 'dc', 'mesh', 'spaced', 'rib']);
            $document = [
                'working' => $one(['spiral', 'joined', 'joined-turned']), 'starting_chain' => $one(['apart', 'counts']),
                'base' => $one([
                    ['across' => mt_rand(6, 30), 'rows' => mt_rand(2, 12), 'corner' => mt_rand(1, 3)] + self::BASE,
                    ['type' => 'oval', 'ends' => 'two-and-two', 'chain' => mt_rand(4, 25), 'rounds' => mt_rand(1, 6)],
                    ['type' => 'square', 'chain' => mt_rand(4, 20), 'rounds' => mt_rand(1, 5)],
                    ['type' => 'round', 'stitch' => 'sc', 'start' => mt_rand(5, 8), 'rounds' => mt_rand(3, 9)],
                    ['type' => 'folded-chain', 'chain' => 2 * mt_rand(4, 20)],
                ]),
                'body' => ['stitch' => $fabric, 'rounds' => mt_rand(3, 14), 'even' => mt_rand(0, 2) === 0]
                    + (in_array($fabric, ['sc', 'hdc', 'dc'], true) && mt_rand(0, 1) === 1
                        ? ['top_width' => mt_rand(12, 40).' cm'] : []),
                'handles' => $one([
                    ['type' => 'slot', 'skip' => mt_rand(2, 6), 'chain' => mt_rand(6, 12)],
                    ['type' => 'chain', 'skip' => mt_rand(2, 6), 'chain' => 40, 'edge_rounds' => 2],
                    ['type' => 'sewn'],
                ]),
            ];
            try {
                $plan = self::plan($document);
            } catch (Refused) {
                self::assertLessThan(20000, $refused++, "seed {$seed}");

                continue;
            }
            self::follow($plan, "seed {$seed}: ".json_encode($document));
            $followed++;
        }
    }

    /** @param array<string, mixed> $choices */
    private static function plan(array $choices): BagPlan
    {
        return Planner::plan(BagDocument::read($choices + Documents::SQUARE));
    }

    private static function follow(BagPlan $plan, string $of = ''): void
    {
        $writer = new Writer(Terms::US);
        $marks = null;
        foreach ($plan->work->rows as $row) {
            if ($row->kind !== RowKind::Round || $row->part === Part::Base) {
                continue;
            }
            $edge = $row->into[0];
            $marks ??= [...$edge->middles, ...$edge->folds];
            $words = $writer->line($row);
            if (preg_match('/sl st in (?:next st|each of next (\d+) sts): rounds begin/', $words, $on) === 1) {
                $marks = array_map(fn(float $mark): float => $mark - (int) ($on[1] ?? 1), $marks);
            }
            $there = $edge->anchors;
            self::assertMarks($there, $marks, [...$edge->middles, ...$edge->folds], "{$row->name} {$of}");
            $marks = self::through($words, $there, $marks);
            $leaves = $row->count->leaves;
            if ($plan->spec->school()->working->value === 'joined-turned') {
                $marks = array_map(fn(float $mark): float => 1 - $mark + $leaves, $marks);
            }
        }
        $last = $plan->parts[count($plan->parts) - 1]->made->open;
        self::assertMarks($last->anchors, $marks ?? [], [...$last->middles, ...$last->folds], "the edge {$of}");
    }

    /**
     * @param list<float> $marks
     * @param list<float> $planned
     */
    private static function assertMarks(int $there, array $marks, array $planned, string $of): void
    {
        $within = fn(float $mark): float => round(fmod($mark + 4 * $there, $there), 6);
        self::assertSame(array_map($within, $marks), array_map($within, $planned), $of);
    }

    /**
     * @param list<float> $marks
     *
     * @return list<float>
     */
    private static function through(string $words, int $there, array $marks): array
    {
        // One a stitch or a chain, in their order: of each top, the anchors under it; a chain lies over all it skips.
        $tops = self::tops($words, $there);
        $over = [];
        foreach ($tops as $top => $anchors) {
            foreach ($anchors as $anchor) {
                $over[$anchor][] = $top;
            }
        }

        return array_map(function (float $mark) use ($over, $tops, $there): float {
            $mark = fmod($mark + 4 * $there, $there);
            $on = (int) floor($mark);
            $under = $tops[$over[$on][0]];
            $chains = $over[$on];
            if (count($under) > 1 && $mark > $under[0] && $mark < $under[0] + count($under)) {
                return $chains[0] + ($mark - $under[0]) * count($chains) / count($under);
            }
            if (abs($mark - $on) < 1e-6) {
                // Between two: after the last top of the one, before the first of the next.
                $before = $on === 0 ? 0 : max($over[$on - 1]) + 1;

                return (min($over[$on]) + $before) / 2;
            }

            return $chains[0] + ($mark - $on) * count($chains);
        }, $marks);
    }

    /** @return list<list<int>> */
    private static function tops(string $words, int $there): array
    {
        $text = (string) preg_replace('/ \([^()]*\)$|\./', '', lcfirst($words));
        // A repeat is written out.
        while (preg_match('/\[([^\[\]]*)\] (?:(twice)|(\d+) times)/', $text, $found) === 1) {
            $times = $found[2] === 'twice' ? 2 : (int) $found[3];
            $text = str_replace($found[0], implode(', ', array_fill(0, $times, $found[1])), $text);
        }
        $tops = [];
        $at = 0;
        $steps = array_map(trim(...), explode(', ', $text));
        foreach ($steps as $nth => $step) {
            $step = (string) preg_replace('/^then back along its other side: /', '', $step);
            $next = $steps[$nth + 1] ?? '';
            if (preg_match('/^ch (\d+)$/', $step, $chain) === 1 && preg_match('/^sk next (?:(\d+) \w+|st|sc|hdc|dc|ch|ch-(?<sp>\d+) sp)$/', $next, $skip) === 1) {
                for ($link = 0; $link < (int) $chain[1]; $link++) {
                    $tops[] = range($at, $at + (int) (($skip['sp'] ?? '') ?: (($skip[1] ?? '') ?: 1)) - 1);
                }
                $at += (int) (($skip['sp'] ?? '') ?: (($skip[1] ?? '') ?: 1));
            } elseif (preg_match('/^(?:sc|hdc|dc) in each st (?:and ch )?around/', $step) === 1) {
                while ($at < $there) {
                    $tops[] = [$at++];
                }
            } elseif (preg_match('/^ch \d \(counts as/', $step) === 1) {
                $tops[] = [$at++];
            } elseif (preg_match('/^(?:(\d) )?(?:sc|hdc|dc) in same st$/', $step, $found) === 1) {
                for ($more = 0; $more < (int) (($found[1] ?? '') ?: 1); $more++) {
                    $tops[] = [$at - 1];
                }
            } elseif (preg_match('/^(?:sc|hdc|dc)2tog(?: (\d+) times)?$/', $step, $found) === 1) {
                for ($one = 0; $one < (int) ($found[1] ?? 1); $one++, $at += 2) {
                    $tops[] = [$at, $at + 1];
                }
            } elseif (preg_match('/^(\d+) sc in ch-\d+ sp$/', $step, $found) === 1) {
                // As many chains as it has stitches, here.
                for ($one = 0; $one < (int) $found[1]; $one++) {
                    $tops[] = [$at++];
                }
            } elseif (preg_match(
                '/^(?:(\d) )?(?:sc|hdc|dc|tr) in (?:each of )?next (?:(\d+) )?(?:sts?|sts and chs|ch|sc|hdc|dc)$/',
                $step,
                $found,
            ) === 1) {
                for ($one = 0; $one < (int) (($found[2] ?? '') ?: 1); $one++, $at++) {
                    for ($same = 0; $same < (int) (($found[1] ?? '') ?: 1); $same++) {
                        $tops[] = [$at];
                    }
                }
            } else {
                self::assertMatchesRegularExpression(
                    '/^$|^turn$|^ch \d *$|^sk |join|^(?:all in )?[BF]LO$|marker|rounds begin|^along one side/',
                    $step,
                    $words,
                );
            }
        }
        self::assertSame($there, $at, $words);

        return $tops;
    }
}
