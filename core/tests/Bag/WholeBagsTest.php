<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\PartsWriter;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tally\Notes;
use Fescue\Core\Tally\PlanDocument;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/**
 * Every base under every fabric, school and top: refused with a true reason, or counted right by a reader of the words
 * alone.
 */
final class WholeBagsTest extends TestCase
{
    private const EACH = 4;

    public function testTheWordsOfAnyBagCountAsItsRowsDo(): void
    {
        mt_srand(10);
        $planned = $refused = 0;
        $bases = [
            'oval' => fn(): array => ['ends' => ['two-and-two', 'three'][mt_rand(0, 1)]],
            'rows' => fn(): array => [
                'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
                'round' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
                'corner' => mt_rand(1, 3),
            ],
        ];
        self::assertEqualsCanonicalizing(
            array_keys(Makers::byKey(Makers::BASES)),
            array_keys($bases),
            'A base is missing here.',
        );
        foreach ($bases as $base => $of) {
            foreach (['spiral', 'joined'] as $working) {
                foreach (array_keys(Motif::all()) as $motif) {
                    foreach ([null, ...array_keys(Makers::byKey(Makers::TOPS))] as $top) {
                        for ($bag = 0; $bag < self::EACH; $bag++) {
                            $document = self::document(['type' => $base] + $of(), $working, $motif, $top);
                            try {
                                $plan = Planner::plan(BagDocument::read($document));
                            } catch (Refused $e) {
                                $refused++;
                                self::assertStringStartsWith('/', $e->problems[0]->path);
                                self::assertGreaterThan(15, strlen($e->problems[0]->message));

                                continue;
                            }
                            $planned++;
                            $this->countsAsItReads($plan, json_encode($document, JSON_THROW_ON_ERROR));
                            $this->isDrawnTalliedAndKept($plan, $document);
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(3 * $refused, $planned);
        self::assertGreaterThan(0, $refused);
    }

    /** A wall is of one kind: a type there is a name the format does not have. */
    public function testAWallHasNoType(): void
    {
        $this->expectException(Refused::class);
        BagDocument::read(Documents::tote(['body/type' => 'band']));
    }

    /** What a maker may be given, as it says itself, is what the format says. */
    public function testBoundsAndSchoolsAreThoseOfTheFormat(): void
    {
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-bag-1.schema.json'),
            true,
        );
        $parts = [
            [Makers::WALL, $schema['properties']['body']],
            [Makers::WALL, $schema['properties']['body']['properties']['above']['items']],
        ];
        foreach ($schema['properties']['base']['oneOf'] as $base) {
            $parts[] = [Makers::byKey(Makers::BASES)[$base['properties']['type']['const']], $base];
        }
        self::assertSame(
            array_keys(Makers::byKey(Makers::TOPS)),
            $schema['properties']['handles']['properties']['type']['enum'],
        );
        foreach (Makers::TOPS as $top) {
            $parts[] = [$top, $schema['properties']['handles']];
        }
        self::assertCount(2 + count(Makers::BASES) + count(Makers::TOPS), $parts);
        foreach ($parts as [$maker, ['properties' => $said, 'required' => $required]]) {
            $settings = $maker::open()->settings();
            self::assertEqualsCanonicalizing(
                array_diff(array_keys($said), ['type', 'above']),
                array_column($settings, 'name'),
                $maker,
            );
            foreach ($settings as $one) {
                $of = $said[$one->name];
                $of = isset($of['$ref']) ? $schema['$defs'][basename($of['$ref'])] + $of : $of;
                if ($one instanceof Setting) {
                    self::assertSame(
                        [$of['minimum'], $of['maximum'], $of['default'] ?? null, is_array($of['type'])],
                        [$one->least, $one->most, $one->else, $one->mayBeNull],
                        "{$maker}: {$one->name}",
                    );
                } else {
                    self::assertSame(
                        $of['enum'],
                        $one->values() === [] ? array_keys(Motif::all()) : $one->values(),
                        "{$maker}: {$one->name}",
                    );
                    self::assertSame($of['default'] ?? $of['enum'][0], $one->value, "{$maker}: {$one->name}");
                    self::assertSame(in_array($one->name, $required, true), $one->asked, "{$maker}: {$one->name}");
                }
            }
        }
    }

    /** @return array<string, mixed> */
    private static function document(array $base, string $working, string $motif, ?string $top): array
    {
        return Documents::tote([
            'size/length' => mt_rand(12, 60).' cm',
            'size/width' => mt_rand(2, 25).' cm',
            'size/height' => mt_rand(8, 40).' cm',
            'gauge/width' => mt_rand(50, 200).' mm', 'gauge/height' => mt_rand(50, 200).' mm',
            'working' => $working, 'base' => $base, 'body' => [
                'stitch' => $motif,
                'loop' => ['both', 'back', 'front'][mt_rand(0, 2)],
            ],
            'handles' => $top === null ? null : ['type' => $top],
        ]);
    }

    private function countsAsItReads(BagPlan $plan, string $said): void
    {
        $writer = new Writer(Terms::US);
        $there = $plan->piece->start->chain;
        foreach ($plan->piece->rows as $row) {
            $offered = array_sum(array_map(fn(Edge $edge): int => $edge->anchors, $row->into));
            $line = $writer->line($row);
            [$takes, $leaves] = self::reads(
                rtrim((string) preg_replace('/ \(\d+\)$/', '', lcfirst($line)), '.'),
                $there,
            );
            self::assertSame(
                [$offered, $leaves],
                [$takes, (int) preg_replace('/^.*\((\d+)\)$/', '$1', $line)],
                "{$row->name}: {$line} of {$said}",
            );
            $there = $leaves;
        }
    }

    /**
     * What a line takes and leaves, read by nothing of ours.
     *
     * @return array{int, int}
     */
    private static function reads(string $text, int $there): array
    {
        $text = (string) preg_replace(
            '/ \(does not count as a stitch; start in the st of the join\)|(?:go on along the other side of the '
                .'chain|along the row ends): |do not join: .*$|sl st in first st to join/',
            '',
            $text,
        );
        // Of a chain that lifts a row or a round nothing is counted.
        $text = (string) preg_replace('/^(?:turn, )?ch \d(?=, (?!skip)|$)/', '', $text);
        [$takes, $leaves] = [0, 0];
        preg_match_all('/(?:\[[^\]]*\][^,]*|\([^)]*\)[^,]*|[^,\[(])+/', $text, $parts);
        foreach (array_filter(array_map(trim(...), $parts[0])) as $part) {
            [$take, $leave] = match (true) {
                preg_match('/^\[(.*)\] (?:(twice)|(\d+) times)$/', $part, $found) === 1 => array_map(
                    fn(int $one): int => $one * ($found[2] === 'twice' ? 2 : (int) $found[3]),
                    self::reads($found[1], 0),
                ),
                preg_match('/^\((.*)\) in next st$/', $part, $found) === 1 => [1, count(explode(', ', $found[1]))],
                preg_match('/^(sc|hdc|dc|tr) in each st (around|across)$/', $part) === 1 => [$there, $there],
                preg_match('/^(\d+) sc around the chain$/', $part, $found) === 1 => [(int) $found[1], (int) $found[1]],
                preg_match('/^skip (\d+)$/', $part, $found) === 1 => [(int) $found[1], 0],
                preg_match('/^ch (\d+)$/', $part, $found) === 1 => [0, (int) $found[1]],
                preg_match('/^(back|front) loop only$/', $part) === 1 => [0, 0],
                preg_match(
                    '/^(?:(\d+) )?(?:sc|hdc|dc|tr) in (?:\S+ ch from hook|last ch|the first ch again)$/',
                    $part,
                    $found,
                ) === 1 => [1, (int) ($found[1] ?? 1)],
                preg_match(
                    '/^(?:(\d+) )?(?:sc|hdc|dc|tr) in (?:each of )?next (?:(\d+) )?(?:sts?|ch|row ends?)$/',
                    $part,
                    $found,
                ) === 1 => [
                    (int) (($found[2] ?? '') ?: 1),
                    (int) (($found[2] ?? '') ?: 1) * (int) (($found[1] ?? '') ?: 1),
                ],
                default => self::fail("Not a step: {$part}"),
            };
            $takes += $take;
            $leaves += $leave;
        }

        return [$takes, $leaves];
    }

    /** @param array<string, mixed> $document */
    private function isDrawnTalliedAndKept(BagPlan $plan, array $document): void
    {
        $lie = count(array_filter($plan->piece->rows, fn($row): bool => $row->path !== null));
        self::assertCount(
            $plan->piece->start->chain + array_sum(
                array_map(fn($count): int => $count->leaves, array_slice($plan->piece->counts, 0, $lie)),
            ),
            BaseChart::of($plan),
        );
        $view = SideView::of($plan);
        self::assertGreaterThanOrEqual($plan->comesOut->height->mm - 1e-6, $view->height);
        // Half of what goes around is the front.
        $wall = $plan->piece->counts[$lie]->leaves;
        self::assertEqualsWithDelta(
            $wall / 2,
            count($view->rows[count($view->rows) - 1 - (count($plan->piece->rows) - 1 - $lie)]->course->stitches),
            1.0,
        );
        $estimate = MaterialEstimate::of($plan);
        self::assertGreaterThan(0, $estimate->grams->likely);
        foreach (Notes::on($plan, $estimate) as $note) {
            self::assertStringNotContainsString('{', $note->text());
        }
        // What is settled is written and read again to the same rows, and both files are as their formats say.
        $settled = PartsWriter::write($plan->settled()->parts) + $document;
        self::assertSame(PlanDocument::toJson($plan), PlanDocument::toJson(Planner::plan(BagDocument::read($settled))));
        foreach ([
            'bag' => json_encode($settled, JSON_THROW_ON_ERROR),
            'plan' => PlanDocument::toJson($plan),
        ] as $name => $json) {
            $schema = (string) file_get_contents(dirname(__DIR__, 3)."/docs/formats/fescue-{$name}-1.schema.json");
            self::assertTrue((new Validator())->validate(json_decode($json), $schema)->isValid(), $json);
        }
    }
}
