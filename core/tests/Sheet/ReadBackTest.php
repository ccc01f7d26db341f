<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Sheet;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\TextProblem;
use Fescue\Core\Tongue\Tongue;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A sheet, pasted back as it stands, is read and proven: its rows leave what the plan says. */
final class ReadBackTest extends TestCase
{
    private static function read(BagPlan $plan, Terms $terms): Checked
    {
        return Checked::of(Sheets::of($plan, $terms)->text(), Tongue::named($terms));
    }

    /** Every fabric, those with rows that set them up and a last repeat that breaks off among them. */
    public function testWallsOfEveryFabricInEveryTongue(): void
    {
        $own = ['Pairs: 2 dc in next st, sk next st', 'Net: dc in next st, ch 1, sk next st'];
        foreach ([...Motif::keys(), ...$own] as $key) {
            $plan = null;
            for ($chain = 20; $plan === null && $chain < 26; $chain++) {
                try {
                    $plan = Ways::plan([
                        'base' => [
                            'type' => 'oval', 'ends' => 'two-and-two', 'stitch' => 'sc', 'chain' => $chain,
                            'rounds' => 5,
                        ],
                        'body/stitch' => $key, 'body/loop' => 'both', 'body/rounds' => 10, 'working' => 'joined',
                        'handles' => null,
                    ]);
                } catch (Refused) {
                    // It does not divide.
                }
            }
            self::assertNotNull($plan, $key);
            foreach (Terms::cases() as $terms) {
                $read = self::read($plan, $terms);
                self::assertSame([], array_map(
                    fn(TextProblem $one): string => "{$one->row} {$one->code}",
                    $read->problems,
                ), "{$key}, {$terms->value}");
                self::assertSame(
                    array_map(fn(object $row): int => $row->count->leaves, $plan->work->rows),
                    array_map(fn(ProvenRow $row): int => $row->outcome->leaves, $read->rows),
                    "{$key}, {$terms->value}",
                );
            }
        }
    }

    /** Of the recorded bags all but those whose pieces are sewn, folded shut or worked through tabs. */
    #[Group('slow')]
    public function testTheRecordedBags(): void
    {
        $lines = explode("\n", trim((string) gzdecode(
            (string) file_get_contents(dirname(__DIR__).'/Bag/before/plans.jsonl.gz'),
        )));
        $proven = $all = 0;
        foreach ($lines as $nth => $line) {
            $document = json_decode($line, true, flags: JSON_THROW_ON_ERROR)['document'];
            if ($nth % 3 !== 0 || isset($document['build']) || ($document['base']['type'] ?? '') === 'frame') {
                continue;
            }
            $plan = Planner::plan(BagDocument::read($document));
            foreach (Terms::cases() as $terms) {
                $all++;
                $proven += self::read($plan, $terms)->problems === [] ? 1 : 0;
            }
        }
        self::assertGreaterThan(500, $all);
        // What is left: a strap's last row sewn down, in Turkish.
        self::assertGreaterThan(0.97, $proven / $all);
    }
}
