<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Sheet;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Recorded;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Grammar;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\Prover;
use Fescue\Core\Text\Speech;
use Fescue\Core\Text\TextProblem;
use Fescue\Core\Text\TextWriter;
use Fescue\Core\Tongue\Tongue;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A sheet, pasted back as it stands, is read and proven: its rows leave what the plan says. */
final class ReadBackTest extends TestCase
{
    private const PARTS = 6;

    private static function read(BagPlan $plan, Terms $terms): Checked
    {
        return Checked::of(Sheets::of($plan, $terms)->text(), Tongue::named($terms));
    }

    /** @return list<string> what is wrong, and at which row */
    private static function codes(Checked $read): array
    {
        return array_map(fn(TextProblem $one): string => "{$one->row} {$one->code}", $read->problems);
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
                self::assertSame([], self::codes($read), "{$key}, {$terms->value}");
                self::assertSame(
                    array_map(fn(object $row): int => $row->count->leaves, $plan->work->rows),
                    array_map(fn(ProvenRow $row): int => $row->outcome->leaves, $read->rows),
                    "{$key}, {$terms->value}",
                );
            }
        }
    }

    /** The recorded bags, and the rows of each written in another tongue and read there. */
    #[Group('slow')]
    public function testTheRecordedBags(): void
    {
        $tongues = array_keys(Speech::TONGUES);
        $sheets = $rows = 0;
        // Another part of them each day.
        $part = crc32(Draw::seed()) % self::PARTS;
        foreach (Recorded::documents() as $nth => $document) {
            if ($nth % self::PARTS !== $part || isset($document['build']['pattern'])) {
                continue;
            }
            $plan = Planner::plan(BagDocument::read($document));
            foreach (Terms::cases() as $at => $terms) {
                $sheets++;
                $read = self::read($plan, $terms);
                self::assertSame([], self::codes($read), "bag {$nth}, {$terms->value}");
                $rows += self::assertReadIn($tongues[($at + intdiv($nth, self::PARTS)) % count($tongues)], $read, $nth);
            }
        }
        self::assertGreaterThan(500, $sheets);
        self::assertGreaterThan(4_000, $rows);
    }

    /** @return int rows that are told in another tongue, each leaving there what it leaves here */
    private static function assertReadIn(string $tongue, Checked $read, int $nth): int
    {
        $writer = new TextWriter($tongue);
        $speech = Speech::of($tongue);
        $below = $told = null;
        $rows = 0;
        foreach ($read->rows as $row) {
            if ($told !== $row->line->at) {
                $rows++;
                $told = $row->line->at;
                $text = $writer->row($row->line);
                $again = Grammar::read($text, $speech)[0];
                self::assertCount(1, $again, "bag {$nth}: {$text}");
                $line = $row->line->saying($again[0]->steps);
                $outcome = Prover::row($line, $row->line->isFirst ? null : $below);
                // Along edges it stands on no row below.
                $outcome = $outcome->code === null ? $outcome : Prover::row($line, null);
                self::assertSame(
                    [null, $row->outcome->leaves],
                    [$outcome->code, $outcome->leaves],
                    "bag {$nth}: {$text}",
                );
            }
            $below = $row->outcome->tops;
        }

        return $rows;
    }
}
