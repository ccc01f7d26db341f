<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Finishes;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\PartsWriter;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\Hung;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Series;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\SizedPair;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Tests\Report\Told;
use Fescue\Core\Written\AsWritten;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Every base under every fabric, school and top: refused with a true reason, or counted right by a reader of the words
 * alone.
 */
final class WholeBagsTest extends TestCase
{
    private const EACH = 1;

    #[Group('slow')]
    public function testTheWordsOfAnyBagCountAsItsRowsDo(): void
    {
        Draw::sow(10);
        $planned = $refused = 0;
        $bases = [
            'oval' => fn(): array => [
                'ends' => ['two-and-two', 'three', 'six', 2, 5, 9][mt_rand(0, 5)],
                'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
                'rise' => mt_rand(0, 1) === 1,
            ],
            'square' => fn(): array => ['stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)]],
            'round' => fn(): array => ['stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)]],
            'hexagon' => fn(): array => [
                'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)], 'corner' => [null, 1, 2, 3][mt_rand(0, 3)],
            ],
            'half-round' => fn(): array => [
                'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)], 'round' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
            ],
            'folded-chain' => fn(): array => ['turn' => ['space', 'stitch'][mt_rand(0, 1)]],
            'folded-rows' => fn(): array => ['stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)]],
            'holes' => fn(): array => [
                'holes' => 2 * mt_rand(10, 60), 'length' => mt_rand(15, 40).' cm', 'width' => mt_rand(8, 30).' cm',
                'corners' => [4, 0][mt_rand(0, 1)], 'first_hook' => '3.5 mm', 'hole' => mt_rand(2, 8).' mm',
            ],
            'rows' => fn(): array => [
                'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
                'round' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
                'corner' => mt_rand(1, 3),
            ],
            'frame' => fn(): array => [
                'holes' => mt_rand(2, 20), 'length' => mt_rand(15, 40).' cm', 'between' => mt_rand(1, 3),
            ],
        ];
        self::assertEqualsCanonicalizing(
            array_keys(Makers::byKey(Makers::BASES)),
            array_keys($bases),
            'A base is missing here.',
        );
        foreach ($bases as $base => $of) {
            foreach (Working::cases() as $working) {
                foreach (array_keys(Motif::all()) as $motif) {
                    foreach ([null, ...array_keys(Makers::byKey(Makers::TOPS))] as $top) {
                        for ($bag = 0; $bag < self::EACH; $bag++) {
                            $document = self::document(['type' => $base] + $of(), $working->value, $motif, $top);
                            try {
                                $plan = Planner::plan(BagDocument::read($document));
                            } catch (Refused $e) {
                                $refused++;
                                self::assertStringStartsWith('/', $e->problems[0]->path);
                                self::assertGreaterThan(15, strlen($e->problems[0]->message));
                                Ways::isSaidOfOneAsOfOne($e->problems[0]->message);

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
        self::assertGreaterThan(2 * $refused, $planned);
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
        foreach (['base' => Makers::BASES, 'build' => Makers::WHOLE, 'handles' => Makers::TOPS] as $part => $makers) {
            foreach ($schema['properties'][$part]['oneOf'] as $way) {
                $type = $way['properties']['type'];
                if ($type === ['const' => 'none']) {
                    continue;
                }
                foreach ($type['enum'] ?? [$type['const']] as $key) {
                    $parts[] = [Makers::byKey($makers)[$key], $way];
                }
            }
        }
        $parts[] = [Makers::RIM, $schema['properties']['edge']];
        foreach ($schema['properties']['finish']['items']['oneOf'] as $way) {
            $parts[] = [Finishings::byKey()[$way['properties']['type']['const']], $way];
        }
        $all = [...Makers::BASES, ...Makers::WHOLE, ...Makers::TOPS, ...Finishings::ALL];
        self::assertSame(Finishes::MOST, $schema['properties']['finish']['maxItems']);
        self::assertCount(3 + count($all), $parts);
        foreach ($parts as [$maker, ['properties' => $said, 'required' => $required]]) {
            // A size is asked for where a text is of several.
            $settings = ($maker === AsWritten::class
                ? AsWritten::of('Round 1: 6 (7, 8, 9, 10, 11) sc in ring')
                : $maker::open())->settings();
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
                        [
                            $one->bounds->least,
                            $one->bounds->most,
                            $one->unsaid->else,
                            $one->unsaid->mayBeNull,
                        ],
                        "{$maker}: {$one->name}",
                    );
                } elseif ($one instanceof Series) {
                    self::assertSame(
                        [$of['items']['minimum'], $of['items']['maximum'], $of['maxItems']],
                        [$one->least, $one->most, $one->longest],
                        "{$maker}: {$one->name}",
                    );
                } elseif ($one instanceof Flag) {
                    self::assertSame(['boolean', false], [$of['type'], $of['default']], "{$maker}: {$one->name}");
                } elseif ($one instanceof Choice) {
                    // Any fabric, or one of a maker's own.
                    $keys = $of['enum'] ?? $of['anyOf'][0]['enum'];
                    self::assertSame(
                        array_map(strval(...), $keys),
                        $one->values() === [] ? array_keys(Motif::all()) : $one->values(),
                        "{$maker}: {$one->name}",
                    );
                    self::assertSame((string) ($of['default'] ?? $keys[0]), $one->value, "{$maker}: {$one->name}");
                } elseif ($one instanceof Sized) {
                    self::assertSame('string', $of['type'], "{$maker}: {$one->name}");
                    self::assertSame(
                        1,
                        preg_match('/([\d.]+) to ([\d.]+) (mm|cm)$/', $of['description'] ?? '', $bounds),
                        "{$maker}: {$one->name}",
                    );
                    $times = $bounds[3] === 'cm' ? 10 : 1;
                    self::assertEqualsWithDelta(
                        [$times * (float) $bounds[1], $times * (float) $bounds[2]],
                        [$one->least->mm, $one->most->mm],
                        1e-9,
                        "{$maker}: {$one->name}",
                    );
                } elseif ($one instanceof SizedPair) {
                    self::assertSame(['width', 'height'], $of['required'], "{$maker}: {$one->name}");
                } else {
                    self::assertSame('string', $of['type'], "{$maker}: {$one->name}");
                }
                self::assertSame(in_array($one->name, $required, true), $one->isAsked(), "{$maker}: {$one->name}");
            }
        }
    }

    /** @return array<string, mixed> */
    private static function document(array $base, string $working, string $motif, ?string $top): array
    {
        return Documents::tote([
            // What is as long as it is wide, or in a fixed proportion, follows from its width.
            'size/length' => in_array($base['type'], ['round', 'hexagon', 'half-round'], true) ? null : mt_rand(12, 60).' cm',
            'size/width' => mt_rand(2, 25).' cm',
            'size/height' => mt_rand(8, 40).' cm',
            'gauge/width' => mt_rand(50, 200).' mm', 'gauge/height' => mt_rand(50, 200).' mm',
            'working' => $working, 'base' => $base, 'body' => array_filter([
                'stitch' => $motif, 'top_width' => mt_rand(0, 9) > 0 ? null : mt_rand(8, 60).' cm',
                'loop' => ['both', 'back', 'front'][mt_rand(0, 2)],
            ]),
            'handles' => $top === null ? null : array_filter([
                'type' => $top,
                'stitches' => in_array($top, ['slot', 'chain'], true) && mt_rand(0, 3) === 0 ? mt_rand(5, 60) : null,
            ]),
            'edge' => mt_rand(0, 2) > 0 ? null : ['stitch' => ['sc', 'slip', 'crab'][mt_rand(0, 2)]],
            'finish' => mt_rand(0, 2) > 0 ? null : [['type' => array_rand(Finishings::byKey())]],
            'starting_chain' => ['apart', 'counts'][mt_rand(0, 1)], 'lean' => [0, 0.15, -0.3][mt_rand(0, 2)],
        ]);
    }

    private function countsAsItReads(BagPlan $plan, string $said): void
    {
        $writer = new Writer(Terms::US);
        $there = $plan->work->start->chain;
        foreach ($plan->work->rows as $row) {
            $offered = array_sum(array_map(fn(Edge $edge): int => $edge->anchors, $row->into));
            $line = $writer->line($row);
            [$takes, $leaves] = Words::read(
                rtrim((string) preg_replace('/ \([^()]*\)$/', '', preg_match('/^[FB]P/', $line) === 1 ? $line : lcfirst($line)), '.'),
                count($row->into) === 1 ? $offered : $there,
            );
            self::assertSame(
                [$offered, $leaves],
                [$takes, Words::counted($line)],
                "{$row->name}: {$line} of {$said}",
            );
            Ways::isSaidOfOneAsOfOne($line);
            $there = $leaves;
        }
    }

    /**
     * Counts that follow the size come within one of them of it; a repeat is one. Openings stand within half a stitch
     * of
     * the middle, and what is fastened on likewise.
     *
     * @param array<string, mixed> $document
     */
    private function comesOutAsWished(BagPlan $plan, array $document): void
    {
        $said = json_encode($document, JSON_THROW_ON_ERROR);
        $ground = new Ground($plan->gauge, $plan->spec->school(), $plan->spec->motif());
        $out = [
            'length' => $plan->comesOut->baseLength, 'width' => $plan->comesOut->baseWidth,
            'height' => $plan->comesOut->height,
        ];
        foreach ($plan->parts as $place => $part) {
            foreach ($part->maker->settings($ground) as $one) {
                $side = $one instanceof Setting ? $one->serves?->side : null;
                $wish = $side === null ? null : $plan->spec->choices->wish->of($side);
                // Moved to a count that the wall’s repeat divides, it is so many off as that takes.
                if ($wish !== null && $one->serves?->step !== null && $place > 0) {
                    self::assertLessThanOrEqual(
                        $one->serves->step->mm / 2 + 1e-6,
                        abs($out[$side->value]->mm - $wish->mm),
                        "{$one->name} of {$said}",
                    );
                } elseif ($wish !== null && $one->serves?->step !== null && $plan->spec->motif()->multiple === 1) {
                    self::assertLessThanOrEqual(
                        $one->serves->step->mm * $one->bounds->every + 1e-6,
                        abs($out[$side->value]->mm - $wish->mm),
                        "{$one->name} of {$said}",
                    );
                }
            }
        }
        $view = SideView::of($plan);
        $wide = $plan->gauge->singleWidth()->mm;
        foreach ([...$view->openings, ...$view->hung] as $one) {
            if (! $one instanceof Hung || $one->arch !== null) {
                self::assertLessThanOrEqual(0.5 * $wide + 1e-6, abs($one->x), $said);
            }
        }
    }

    /** @param array<string, mixed> $document */
    private function isDrawnTalliedAndKept(BagPlan $plan, array $document): void
    {
        $lie = count(array_filter($plan->work->rows, fn($row): bool => $row->path !== null));
        self::assertCount(
            $plan->work->start->chain + array_sum(
                array_slice(Ways::leaves($plan), 0, $lie),
            ),
            BaseChart::of($plan),
        );
        $view = SideView::of($plan);
        self::assertGreaterThanOrEqual($plan->comesOut->height->mm - 1e-6, $view->height);
        // Half of what goes around is the front.
        $wall = array_search(Part::Body, array_column($plan->work->rows, 'part'), true);
        $seen = array_values(array_filter($view->rows, fn($row): bool => $row->place === $wall));
        self::assertEqualsWithDelta(
            $plan->work->rows[$wall]->count->leaves / 2,
            count($seen[0]->course->stitches),
            2.0,
            json_encode($document, JSON_THROW_ON_ERROR),
        );
        $this->comesOutAsWished($plan, $document);
        $estimate = MaterialEstimate::of($plan);
        self::assertGreaterThan(0, $estimate->grams->likely);
        foreach (Told::on($plan, $estimate) as $note) {
            self::assertStringNotContainsString('{', $note->text());
            Ways::isSaidOfOneAsOfOne($note->text());
        }
        // What is settled is written and read again to the same rows, and both files are as their formats say.
        $settled = PartsWriter::write($plan->settled()->choices->parts) + $document;
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
