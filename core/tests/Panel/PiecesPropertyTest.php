<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Panel;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\PartsWriter;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Bag\Words;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Tests\Report\Told;
use Fescue\Core\Tests\Shape\Outside;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Every bag of pieces at random sizes: refused with a true reason, or every seam meets and the bag closes to its size. */
final class PiecesPropertyTest extends TestCase
{
    private const EACH = 250;

    /** Planned of each way, whose flat pieces are measured by another library too. */
    private const MEASURED = 15;

    #[Group('slow')]
    public function testSeamsMeetWordsCountAndTheBagCloses(): void
    {
        Draw::sow(13);
        $ways = self::ways();
        self::assertEqualsCanonicalizing(
            array_keys(Makers::byKey(Makers::BUILDS)),
            array_keys($ways),
            'A way is missing.',
        );
        $flats = [];
        foreach ($ways as $type => $of) {
            $planned = 0;
            for ($bag = 0; $bag < self::EACH; $bag++) {
                $document = self::document(['type' => $type] + $of());
                $said = json_encode($document, JSON_THROW_ON_ERROR);
                try {
                    $plan = Planner::plan(BagDocument::read($document));
                } catch (Refused $e) {
                    self::assertStringStartsWith('/', $e->problems[0]->path, $said);
                    self::assertGreaterThan(15, strlen($e->problems[0]->message));
                    Ways::isSaidOfOneAsOfOne($e->problems[0]->message);

                    continue;
                }
                $this->everySeamMeets($plan, $said);
                $this->everyRowCounts($plan, $said);
                if ($planned++ < self::MEASURED) {
                    $this->everyStepStands($plan, $type, $said);
                    $this->isKept($plan, $document);
                    foreach ($plan->work->pieces as $piece) {
                        $flats[] = $piece->flat;
                    }
                }
            }
            self::assertGreaterThan(self::EACH / 8, $planned, $type);
        }
        $flats = array_values(array_filter($flats));
        $outside = Outside::polygons(array_map(fn(Flat $flat): array => $flat->outline, $flats));
        foreach ($flats as $place => $flat) {
            self::assertEqualsWithDelta($outside[$place][0], $flat->area(), 1e-6 * $outside[$place][0]);
            self::assertEqualsWithDelta($outside[$place][1], $flat->perimeter(), 1e-6 * $outside[$place][1]);
        }
    }

    /** @return array<string, \Closure(): array<string, mixed>> */
    private static function ways(): array
    {
        $plain = fn(): string => ['sc', 'hdc', 'dc'][mt_rand(0, 2)];
        $join = fn(): string => ['slip', 'whip', 'sc'][mt_rand(0, 2)];
        $half = fn(mixed $value): mixed => mt_rand(0, 1) === 0 ? null : $value;

        return [
            'panels' => fn(): array => [
                'stitch' => $plain(), 'shape' => ['straight', 'slipped', 'narrows', 'widens'][mt_rand(0, 3)],
                'every' => mt_rand(1, 8), 'border' => $plain(), 'join' => $join(), 'rows' => $half(mt_rand(3, 40)),
                'along' => mt_rand(0, 3) > 0 ? null : mt_rand(1, 60),
            ],
            'envelope' => fn(): array => [
                'stitch' => ['sc', 'hdc', 'dc', 'rib'][mt_rand(0, 3)], 'hole' => mt_rand(0, 3), 'join' => $join(),
                'back' => $half(mt_rand(4, 30)), 'flap' => $half(mt_rand(1, 30)), 'hang' => ['ring', 'none'][mt_rand(0, 1)],
                'gusset' => $half(mt_rand(2, 12)),
            ],
            'canvas' => fn(): array => [
                'stitch' => $plain(), 'sheet_across' => mt_rand(90, 200), 'sheet_high' => mt_rand(250, 400),
                'pitch' => mt_rand(30, 60) / 10 .' mm', 'bar' => mt_rand(1, 4), 'clasp' => $half(mt_rand(2, 20).' cm'),
            ],
            'end-and-back' => fn(): array => [
                'stitch' => $plain(), 'end' => mt_rand(2, 6), 'join' => $join(), 'chain' => $half(mt_rand(10, 80)),
                'tassels' => ['none', 'tassels'][mt_rand(0, 1)], 'tassel_every' => mt_rand(1, 9),
                'growth' => mt_rand(0, 3) > 0 ? null : [mt_rand(0, 6), mt_rand(0, 9)],
            ],
            'net' => fn(): array => [
                'stitch' => $plain(), 'panel_rows' => mt_rand(1, 9), 'chains' => mt_rand(3, 8), 'strap' => mt_rand(20, 90),
                'side' => $half(mt_rand(10, 60)), 'rounds' => mt_rand(5, 8), 'slipped' => mt_rand(0, 4),
            ],
            'tabs' => fn(): array => [
                'rows' => mt_rand(2, 9), 'across' => mt_rand(2, 12), 'join' => $join(),
                'tab' => ['width' => mt_rand(12, 20).' mm', 'height' => mt_rand(18, 30).' mm'],
                'net' => $half(
                    [[2, 4, 5, 4, 2], [1, 3, 1], [2, 2], [3, 4, 3], [1, 3, 5, 3, 1], [2, 3, 4]][mt_rand(0, 5)],
                ),
            ],
        ];
    }

    /**
     * @param array<string, mixed> $build
     *
     * @return array<string, mixed>
     */
    private static function document(array $build): array
    {
        return Built::document(array_filter($build, fn(mixed $one): bool => $one !== null), [
            'size' => [
                'length' => mt_rand(12, 60).' cm', 'width' => mt_rand(2, 25).' cm', 'height' => mt_rand(8, 45).' cm',
            ],
            'gauge/width' => mt_rand(60, 180).' mm', 'gauge/height' => mt_rand(60, 180).' mm',
            'working' => ['spiral', 'joined', 'joined-turned'][mt_rand(0, 2)],
            'edge' => mt_rand(0, 3) > 0 ? null : ['stitch' => ['sc', 'slip', 'crab'][mt_rand(0, 2)]],
            'handles' => mt_rand(0, 3) > 0 ? null : ['type' => ['straps', 'sewn', 'rings', 'chain', 'slot', 'hooked'][mt_rand(0, 5)]],
        ]);
    }

    /** As many on both edges, or eased by a quarter at most and said so; both edges drawn, as long as each other. */
    private function everySeamMeets(BagPlan $plan, string $said): void
    {
        $assembly = Built::assembly($plan);
        $lines = [];
        foreach ($plan->work->rows as $place => $row) {
            if ($row->kind === RowKind::Seam) {
                $lines[$row->name] = $plan->work->rows[$place]->count->takes;
            }
        }
        self::assertSame(
            array_map(fn(Seam $one): string => "Seam {$one->letter}", $assembly->seams),
            array_keys($lines),
        );
        $edges = [];
        foreach ($plan->work->pieces as $piece) {
            foreach ($piece->flat->edges ?? [] as $edge) {
                $edges[$edge->letter][] = $edge;
            }
        }
        foreach ($assembly->seams as $seam) {
            [$from, $to] = [$seam->from, $seam->to];
            self::assertSame($from->anchors + $to->anchors, $lines["Seam {$seam->letter}"], $said);
            self::assertSame($seam->eased(), abs($from->stitches - $to->stitches), $said);
            self::assertLessThanOrEqual(max(1, $seam->stitches / 4), $seam->eased(), $said);
            $drawn = $edges[$seam->letter] ?? [];
            if ($drawn === []) {
                continue;
            }
            self::assertCount(2, [...$drawn, ...(count($drawn) === 1 ? $drawn : [])], "{$seam->letter} of {$said}");
            $long = array_map(fn($edge): float => $edge->length(), $drawn);
            // Stitches that are eased in are as long as they are; else within one stitch and one row.
            $one = $plan->gauge->singleWidth()->mm + $plan->gauge->heightOf($plan->spec->motif())->mm;
            $slack = $assembly->tabs === null ? $one : max($long) * 0.45;
            self::assertLessThanOrEqual(
                $slack + ($seam->eased() + 0.16 * $seam->stitches) * $plan->gauge->singleWidth()->mm,
                max($long) - min($long),
                "{$seam->letter} of {$said}",
            );
        }
    }

    /**
     * While it goes together: what is sewn lies on edges of two parts or more, and its right is as its left, but for a
     * net that is not and while one side alone is on. What is edged lies on its outline.
     */
    private function everyStepStands(BagPlan $plan, string $type, string $said): void
    {
        foreach (Built::assembly($plan)->steps as $step) {
            $all = array_merge(...array_map(fn(Face $face): array => $face->corners, $step->faces));
            $across = array_column($all, 0);
            $middle = min($across) + max($across);
            if ($type !== 'tabs' && ! str_contains($step->does->message, 'left side')) {
                $alone = array_filter($all, fn(array $one): bool => array_filter($all, fn(array $other): bool => max(
                    abs($one[0] + $other[0] - $middle),
                    abs($one[1] - $other[1]),
                    abs($one[2] - $other[2]),
                ) < 0.01) === []);
                self::assertSame([], $alone, "{$step->does->message} of {$said}");
            }
            foreach ($step->seams as [$letter, $from, $to]) {
                foreach ([$from, $to] as $end) {
                    // Layers lie a little apart, that one is seen before the other.
                    $touched = array_filter($step->faces, fn(Face $face): bool => self::off($face, $end) < 0.5);
                    self::assertGreaterThanOrEqual(
                        2,
                        count($touched),
                        "{$letter} in {$step->does->message} of {$said}",
                    );
                }
                self::assertNotSame($from, $to);
            }
            // No two are sewn in one place.
            $places = array_map(fn(array $seam): array => [$seam[1], $seam[2]], $step->seams);
            self::assertCount(count($places), array_unique($places, SORT_REGULAR), "{$step->does->message} of {$said}");
        }
        // What is folded stays as large as it is; a net opens, and borders stand up that lay unseen.
        $large = array_map(
            fn(AssemblyStep $step): float => array_sum(array_map(self::area(...), $step->faces)),
            Built::assembly($plan)->steps,
        );
        $flats = array_values(array_filter(array_map(fn(Piece $piece): ?Flat => $piece->flat, $plan->work->pieces)));
        if (in_array($type, ['canvas', 'end-and-back', 'net'], true)) {
            $all = array_sum(array_map(fn(Flat $flat): float => $flat->area(), $flats));
            self::assertEqualsWithDelta($all, $large[0], 0.002 * $all, $said);
        }
        if ($type !== 'net' && $type !== 'tabs') {
            $from = $type === 'panels' ? 1 : 0;
            self::assertEqualsWithDelta($large[$from], min(array_slice($large, $from)), 0.002 * $large[$from], $said);
            self::assertEqualsWithDelta($large[$from], max(array_slice($large, $from)), 0.002 * $large[$from], $said);
        }
        foreach ($flats as $flat) {
            $this->liesWell($flat, $plan, $said);
            if (in_array($type, ['panels', 'envelope', 'tabs'], true)) {
                $up = array_map(fn(array $row): float => $row[0][1], $flat->rows);
                foreach (array_slice($up, 1) as $nth => $y) {
                    self::assertEqualsWithDelta(abs($up[1] - $up[0]), abs($y - $up[$nth]), 0.01, $said);
                }
            }
        }
    }

    /** A flat piece is as its other half, its rows and marks lie on it, and its edges offer what their seams take. */
    private function liesWell(Flat $flat, BagPlan $plan, string $said): void
    {
        $seams = [];
        foreach (Built::assembly($plan)->seams as $seam) {
            $seams[$seam->letter] = [$seam->from->stitches, $seam->to->stitches];
        }
        [$left, $right] = $flat->box();
        $face = new Face(array_map(fn(array $at): array => [$at[0], $at[1], 0.0], $flat->outline));
        $on = fn(float $x, float $y): bool => self::off($face, [$x, $y, 0.0]) < 1.0
            || self::holds($flat->outline, $x, $y);
        foreach ($flat->outline as [$x, $y]) {
            self::assertNotSame([], array_filter($flat->outline, fn(array $other): bool => max(
                abs($left + $right - $x - $other[0]),
                abs($y - $other[1]),
            ) < 0.01), $said);
        }
        foreach ($flat->rows as $row) {
            $last = $row[count($row) - 1];
            self::assertEqualsWithDelta($left + $right, $row[0][0] + $last[0], 0.02, $said);
            self::assertTrue($on(...$row[0]) && $on(...$last), $said);
        }
        foreach ($flat->marks as $mark) {
            self::assertTrue($on($mark->x, $mark->y), "{$mark->as->name} of {$said}");
            // Of bars and tassels so many as there are, from where they begin; a hole is a stitch of an even row too.
            if ($mark->as === Marked::Hole) {
                self::assertLessThan(0.51 * $mark->wide, abs($mark->x - ($left + $right) / 2), "Hole of {$said}");
            } elseif (! in_array($mark->as, [Marked::Bar, Marked::Tassel], true)) {
                self::assertNotSame([], array_filter(
                    $flat->marks,
                    fn(Mark $other): bool => $other->as === $mark->as && abs($mark->y - $other->y) < 0.01
                        && abs($left + $right - $mark->x - $other->x) < 0.01,
                ), "{$mark->as->name} of {$said}");
            }
        }
        foreach ($flat->folds as $fold) {
            self::assertEqualsWithDelta($left + $right, $fold->from[0] + $fold->to[0], 0.02, $said);
            self::assertEqualsWithDelta($fold->from[1], $fold->to[1], 0.02, $said);
            foreach ([$fold->from, $fold->to] as [$x, $y]) {
                self::assertLessThan(0.5, self::off($face, [$x, $y, 0.0]), "{$fold->above?->english()} of {$said}");
            }
        }
        foreach ($flat->edges as $edge) {
            self::assertContains($edge->stitches, $seams[$edge->letter], "{$edge->letter} of {$said}");
            self::assertGreaterThan(0.0, $edge->length(), $said);
            foreach ($edge->points as [$x, $y]) {
                self::assertLessThan(0.5, self::off($face, [$x, $y, 0.0]), "{$edge->letter} of {$said}");
            }
        }
    }

    /** Whether a ray from a point leaves an outline an odd number of times. @param list<array{float, float}> $outline */
    private static function holds(array $outline, float $x, float $y): bool
    {
        $holds = false;
        $before = $outline[count($outline) - 1];
        foreach ($outline as $corner) {
            [[$x1, $y1], [$x2, $y2]] = [$before, $corner];
            if (($y1 > $y) !== ($y2 > $y) && $x < $x1 + ($y - $y1) / ($y2 - $y1) * ($x2 - $x1)) {
                $holds = ! $holds;
            }
            $before = $corner;
        }

        return $holds;
    }

    /** How far from the outline of a face a point lies, layers not counted. @param array{float, float, float} $point */
    private static function off(Face $face, array $point): float
    {
        $least = INF;
        $before = $face->corners[count($face->corners) - 1];
        foreach ($face->corners as $corner) {
            $thick = abs($before[2] - $corner[2]) < 0.5 && abs($point[2] - $corner[2]) < 7 ? 0.0 : 1.0;
            $along = [$corner[0] - $before[0], $corner[1] - $before[1], $thick * ($corner[2] - $before[2])];
            $from = [$point[0] - $before[0], $point[1] - $before[1], $thick * ($point[2] - $before[2])];
            $dot = fn(array $a, array $b): float => $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
            $share = max(0.0, min(1.0, $dot($along, $from) / max(1e-9, $dot($along, $along))));
            $rest = array_map(fn(float $one, float $way): float => $one - $share * $way, $from, $along);
            $least = min($least, sqrt($dot($rest, $rest)));
            $before = $corner;
        }

        return $least;
    }

    /** Its words, read by nothing of ours, take what is there and leave what the next takes. */
    private function everyRowCounts(BagPlan $plan, string $said): void
    {
        $writer = new Writer(Terms::US);
        foreach ($plan->work->pieces as $piece) {
            $there = $piece->start->chain ?? 0;
            foreach ($piece->rows as $row) {
                $offered = array_sum(array_map(fn(Edge $edge): int => $edge->anchors, $row->into));
                $line = $writer->line($row);
                Ways::isSaidOfOneAsOfOne($line);
                $text = rtrim((string) preg_replace('/ \([^()]*\)$/', '', lcfirst($line)), '.');
                $seam = $row->kind === RowKind::Seam;
                [$takes, $leaves] = Words::read($text, count($row->into) === 1 || $seam ? $offered : $there);
                $counted = Words::counted($line);
                self::assertSame($offered, $takes, "{$row->name}: {$line} of {$said}");
                if (! $seam) {
                    self::assertSame($leaves, $counted, "{$row->name}: {$line} of {$said}");
                }
                $there = $leaves;
            }
        }
    }

    /** Of a polygon in space: half of the sum of its corners' cross products. */
    private static function area(Face $face): float
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($face->corners as $place => [$x, $y, $z]) {
            [$x2, $y2, $z2] = $face->corners[($place + 1) % count($face->corners)];
            $sum = [$sum[0] + $y * $z2 - $z * $y2, $sum[1] + $z * $x2 - $x * $z2, $sum[2] + $x * $y2 - $y * $x2];
        }

        return hypot(hypot($sum[0], $sum[1]), $sum[2]) / 2;
    }

    /**
     * Read again it is the same, both files are as their formats say, and the last step stands as large as is said.
     *
     * @param array<string, mixed> $document
     */
    private function isKept(BagPlan $plan, array $document): void
    {
        $settled = PartsWriter::write($plan->settled()->choices->parts) + $document;
        $json = PlanDocument::toJson($plan);
        self::assertSame($json, PlanDocument::toJson(Planner::plan(BagDocument::read($settled))));
        foreach (['bag' => json_encode($settled, JSON_THROW_ON_ERROR), 'plan' => $json] as $name => $text) {
            $schema = (string) file_get_contents(dirname(__DIR__, 3)."/docs/formats/fescue-{$name}-1.schema.json");
            self::assertTrue((new Validator())->validate(json_decode($text), $schema)->isValid(), $text);
        }
        $estimate = MaterialEstimate::of($plan);
        self::assertGreaterThan(0, $estimate->grams->likely);
        self::assertEqualsWithDelta(
            $estimate->grams->likely,
            array_sum(array_column($estimate->parts, 'grams')),
            1e-6 * $estimate->grams->likely,
        );
        foreach (Told::on($plan, $estimate) as $note) {
            self::assertStringNotContainsString('{', $note->text());
            Ways::isSaidOfOneAsOfOne($note->text());
        }
        $assembly = Built::assembly($plan);
        if ($document['build']['type'] !== 'net') {
            $corners = array_merge(...array_map(fn(Face $face): array => $face->corners, $assembly->closed()->faces));
            $span = fn(int $axis): float => max(array_column($corners, $axis)) - min(array_column($corners, $axis));
            self::assertEqualsWithDelta($assembly->wide->mm, $span(0), 1e-6);
            self::assertEqualsWithDelta($assembly->high->mm, $span(1), 1e-6);
        }
        if (! in_array($document['build']['type'], ['net', 'panels'], true) && ! isset($document['build']['back'])) {
            // Nothing is cut off and nothing is added: what lies flat is what the closed bag is covered with. Gussets are of
            // whole stitches against the bottom's rows: of several pieces the panel is weighed alone.
            $of = $assembly->pieces[0]->called;
            $flat = array_sum(array_map(
                fn(Piece $piece): float => $piece->called === $of ? $piece->flat?->area() ?? 0.0 : 0.0,
                $assembly->pieces,
            ));
            $closed = array_sum(array_map(
                fn(Face $face): float => $of === '' || $face->of === $of ? self::area($face) : 0.0,
                $assembly->closed()->faces,
            ));
            // A box’s sides are drawn as high as its front, though a square of theirs lies across.
            $off = $assembly->tabs === null ? 1e-6 : 0.2;
            self::assertEqualsWithDelta($flat, $closed, $off * $flat, json_encode($document, JSON_THROW_ON_ERROR));
        }
        foreach ($plan->work->pieces as $piece) {
            self::assertSame($piece->flat === null, $piece->start === null || $piece->called === 'strap');
        }
    }
}
