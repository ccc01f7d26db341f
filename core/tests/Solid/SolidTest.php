<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Solid;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Gauge\Hang;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\School;
use Fescue\Core\Solid\Carried;
use Fescue\Core\Solid\Gltf;
use Fescue\Core\Solid\Skin;
use Fescue\Core\Solid\SkinOf;
use Fescue\Core\Solid\Solid;
use Fescue\Core\Tests\Bag\Recorded;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Panel\Built;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What stands is as large as the plan says, found again by other ways of reckoning. */
final class SolidTest extends TestCase
{
    private const RED = [0.8, 0.1, 0.1];

    private const BLUE = [0.1, 0.1, 0.8];

    private const GREY = [0.7, 0.7, 0.7];

    private static function mesh(BagPlan $plan, string $only = ''): Mesh
    {
        return Mesh::read(
            Gltf::of($plan->solid(), $plan->spec->choices->name, [self::RED, self::BLUE], self::GREY, self::GREY),
            $only,
        );
    }

    /** @return list<Skin> */
    private static function skins(Solid $solid, SkinOf $of): array
    {
        return array_values(array_filter($solid->skins, fn(Skin $one): bool => $one->of === $of));
    }

    public function testItStandsOnTheFloorInTheMiddle(): void
    {
        $plan = Ways::plan(['base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 9], 'body/rounds' => 12]);
        [$left, $right, $foot, $top, $back, $front] = $plan->solid()->box();
        self::assertEqualsWithDelta([0.0, -$left, -$back], [$foot, $right, $front], 1e-9);
        self::assertEqualsWithDelta($plan->comesOut->height->mm, $top, 1e-9);
        self::assertEqualsWithDelta(
            [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm],
            [$right - $left, $front - $back],
            1e-6,
        );
    }

    /**
     * Carried full: a strap is a tenth longer until one has hung (Handbook 7: length × (1 + stretch)), and its middle
     * rises by Pythagoras; the fabric is as its swatch hung.
     */
    public function testCarried(): void
    {
        $plan = Ways::plan([
            'body/rounds' => 14, 'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 40, 'edge_rounds' => 0],
        ]);
        [$stitch, $row] = [$plan->gauge->singleWidth()->mm, $plan->gauge->singleHeight()->mm];
        $lay = new Swatch(Motif::single(), 10, Length::mm(100), 10, Length::mm(100));
        $hung = new Swatch(Motif::single(), 10, Length::mm(96), 10, Length::mm(108));
        foreach ([
            [new School(), null, 1.1, 1.0, 1.0],
            [(new School())->giving(0.25), Hang::of($lay, $hung, Mass::grams(2000)), 1.25, 0.96, 1.08],
        ] as [$school, $hang, $longer, $wide, $high]) {
            $lies = $plan->solid();
            $full = $plan->solid(carried: Carried::of($school, $hang));
            $size = fn(array $box): array => [$box[1] - $box[0], $box[3] - $box[2], $box[5] - $box[4]];
            [$lyingWide, $lyingHigh, $lyingDeep] = $size($lies->body());
            self::assertEqualsWithDelta(
                [$wide * $lyingWide, $high * $lyingHigh, $wide * $lyingDeep],
                $size($full->body()),
                1e-6,
            );
            self::assertSame($lies->litres, $full->litres);
            $hand = min(80.0, 10 * $stitch);
            $rise = sqrt((($longer * 40 * $stitch - $hand) / 2) ** 2 - ((10 * $stitch - $hand) / 2) ** 2);
            self::assertCount(2, self::skins($full, SkinOf::Handle));
            foreach (self::skins($full, SkinOf::Handle) as $handle) {
                self::assertEqualsWithDelta(
                    $high * 14 * $row + $rise,
                    max(array_column($handle->lines[0], 1)),
                    0.1,
                );
                self::assertEqualsWithDelta($high * 14 * $row, min(array_column($handle->lines[0], 1)), 1e-6);
            }
        }
    }

    /** Hand holes: gone out of the wall at front and back, as wide as what is skipped; arches over them. */
    public function testHandHoles(): void
    {
        $plan = Ways::plan([
            'body/rounds' => 14, 'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 1],
        ]);
        $solid = $plan->solid();
        $wide = 10 * $plan->gauge->singleWidth()->mm;
        $high = $plan->gauge->singleHeight()->mm;
        [$wall] = self::skins($solid, SkinOf::Wall);
        $rim = $wall->lines[count($wall->lines) - 1];
        $left = [];
        foreach ($wall->holes as $hole => $is) {
            [$band, $at] = array_map(intval(...), explode(' ', $hole));
            self::assertTrue($is);
            self::assertSame(count($wall->lines) - 2, $band);
            array_push($left, $rim[$at], $rim[($at + 1) % count($rim)]);
        }
        foreach ([1, -1] as $side) {
            $xs = array_column(array_filter($left, fn(array $one): bool => $one[2] * $side > 0), 0);
            self::assertEqualsWithDelta([-$wide / 2, $wide / 2], [min($xs), max($xs)], 0.5);
        }
        // The wall ends where the hole begins, and goes on beside it to the rim.
        self::assertEqualsWithDelta(
            $plan->comesOut->height->mm - 2 * $high,
            $wall->lines[count($wall->lines) - 2][0][1],
            1e-6,
        );
        $arches = self::skins($solid, SkinOf::Handle);
        self::assertCount(2, $arches);
        [$under, $over] = $arches[0]->lines;
        self::assertEqualsWithDelta(16 * $plan->gauge->singleWidth()->mm, self::long($under), 2.0);
        $middle = (int) (count($under) / 2);
        self::assertEqualsWithDelta(2 * $high, $over[$middle][1] - $under[$middle][1], 0.3);
        self::assertEqualsWithDelta($solid->box()[3], max(array_column($over, 1)), 1e-9);
    }

    /** No two points of a line in one place: a face has an area. */
    public function testPointsStandApart(): void
    {
        foreach ([false, true] as $rough) {
            [$wall] = self::skins(Ways::plan(['body/rounds' => 8])->solid(null, $rough), SkinOf::Wall);
            foreach ($wall->lines[0] as $nth => [$x, , $z]) {
                [$nextX, , $nextZ] = $wall->lines[0][($nth + 1) % count($wall->lines[0])];
                self::assertGreaterThan(0.5, hypot($nextX - $x, $nextZ - $z));
            }
        }
    }

    /** @param list<array{float, float, float}> $line */
    private static function long(array $line): float
    {
        $long = 0.0;
        foreach (array_slice($line, 1) as $nth => [$x, $y, $z]) {
            $long += sqrt(($x - $line[$nth][0]) ** 2 + ($y - $line[$nth][1]) ** 2 + ($z - $line[$nth][2]) ** 2);
        }

        return $long;
    }

    /** Two straps, one on the front and one on the back, with their feet where the plan fastens them. */
    public function testStrapsStandOnTheirFeet(): void
    {
        $plan = Ways::plan(['body/rounds' => 10, 'handles' => ['type' => 'straps', 'wide' => 4, 'rows' => 30]]);
        $solid = $plan->solid();
        $straps = self::skins($solid, SkinOf::Handle);
        self::assertCount(2, $straps);
        $one = $plan->parts[count($plan->parts) - 1]->made->attached[0];
        foreach ([1, -1] as $nth => $side) {
            $mean = fn(array $line, int $axis): float => array_sum(array_column($line, $axis)) / count($line);
            $feet = [$straps[$nth]->lines[0], $straps[$nth]->lines[count($straps[$nth]->lines) - 1]];
            foreach ($feet as $foot) {
                self::assertGreaterThan(0, $side * $mean($foot, 2));
                self::assertEqualsWithDelta($plan->comesOut->height->mm, $mean($foot, 1), 1e-6);
            }
            // So thick across the rim, so broad along it.
            $deep = array_column($feet[0], 2);
            self::assertEqualsWithDelta(5.0, max($deep) - min($deep), 0.2);
            // Along a straight side as far from the middle as along the edge.
            self::assertEqualsWithDelta(
                [$one->from, $one->to],
                array_map(fn(array $foot): float => $side * $mean($foot, 0), $feet),
                3.0,
            );
        }
    }

    public function testStrandsAreTheColoursOfTheirRows(): void
    {
        $plan = Ways::plan([
            'body/rounds' => 10, 'others' => [['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m']],
            'changes' => [['from' => 'Round 8', 'to' => 1], ['from' => 'Round 10', 'to' => 0]],
        ]);
        [$wall] = self::skins($plan->solid(), SkinOf::Wall);
        self::assertSame([0, 1, 0], $wall->strands);
        $base = $plan->parts[0]->to();
        $row = $plan->gauge->singleHeight()->mm;
        self::assertEqualsWithDelta(
            [0.0, (7 - $base) * $row, (9 - $base) * $row, 10 * $row],
            array_map(fn(array $line): float => $line[0][1], $wall->lines),
            1e-6,
        );
        // One line between two rounds.
        self::assertCount(9, $wall->rows);
        self::assertSame(['wall 0', 'wall 1', 'base 0'], array_keys(self::mesh($plan)->named));
    }

    /** What hangs from frames hangs under them, as wide as they are at its top, together at its foot. */
    public function testWhatHangsIsOpenAboveAndClosedBelow(): void
    {
        $plan = Ways::plan([
            'base' => ['type' => 'frame', 'holes' => 8, 'length' => '24 cm', 'between' => 2], 'working' => 'joined',
            'body' => ['stitch' => 'sc', 'rounds' => 16],
        ]);
        [$wall] = self::skins($plan->solid(), SkinOf::Wall);
        // No lid on it.
        self::assertSame([], self::skins($plan->solid(), SkinOf::Base));
        $deep = fn(array $line): float => max(array_column($line, 2)) - min(array_column($line, 2));
        self::assertEqualsWithDelta(0.0, $wall->lines[0][0][1], 1e-6);
        self::assertEqualsWithDelta(0.0, $deep($wall->lines[0]), 1e-6);
        self::assertGreaterThan(10, $deep($wall->lines[count($wall->lines) - 1]));
        self::assertGreaterThan(0, self::mesh($plan, 'wall')->litres($plan->comesOut->height->mm / 1000));
    }

    /** A box of pieces, closed: as large inside as its panels make it; the clasp on its front. */
    public function testPiecesStandClosed(): void
    {
        $plan = Built::plan([
            'type' => 'canvas', 'sheet_across' => 50, 'sheet_high' => 95, 'pitch' => '3.8 mm', 'clasp' => '36 mm',
            'front' => 30, 'bottom' => 14, 'back' => 30, 'flap' => 20,
        ]);
        $solid = $plan->solid();
        [$left, $right, $foot, $top] = $solid->body();
        self::assertEqualsWithDelta([190.0, 114.0], [$right - $left, $top - $foot], 1e-6);
        $clasps = self::skins($solid, SkinOf::Hardware);
        self::assertCount(1, $clasps);
        self::assertEqualsWithDelta(36.0, $clasps[0]->lines[0][1][0] - $clasps[0]->lines[0][0][0], 1e-6);
        foreach (self::skins($solid, SkinOf::Piece) as $skin) {
            // Outward: away from the middle.
            $normal = Gltf::normal($skin->faces()[0][1]) ?? [0.0, 0.0, 0.0];
            $corners = $skin->faces()[0][1];
            $out = 0.0;
            foreach ([0.0, 57.0, 0.0] as $axis => $middle) {
                $out += $normal[$axis] * (array_sum(array_column($corners, $axis)) / count($corners) - $middle);
            }
            self::assertGreaterThanOrEqual(0.0, $out);
        }
        // Rows of the front: 114 mm by the gauge's row.
        $front = self::skins($solid, SkinOf::Piece)[0];
        self::assertCount((int) round(114 / $plan->gauge->singleHeight()->mm) - 1, $front->rows);
    }

    public function testAFileSaysItsBoundsAndItsMetres(): void
    {
        $plan = Ways::plan(['body/rounds' => 12, 'name' => 'Otter “bag”']);
        $mesh = self::mesh($plan);
        self::assertSame('2.0', $mesh->json['asset']['version']);
        self::assertSame('Otter “bag”', $mesh->json['scenes'][0]['name']);
        self::assertEqualsWithDelta([0.0, $plan->comesOut->height->mm / 1000], $mesh->reach(1), 1e-6);
        foreach ($mesh->json['meshes'] as $of) {
            $bounds = $mesh->json['accessors'][$of['primitives'][0]['attributes']['POSITION']];
            $triangles = Mesh::read(
                Gltf::of($plan->solid(), '', [self::RED], self::GREY, self::GREY),
                $of['name'],
            );
            if ($of['name'] !== 'rows') {
                self::assertSame($triangles->reach(0), [$bounds['min'][0], $bounds['max'][0]]);
            }
        }
        // sRGB 0.8 and 0.1 as light (IEC 61966-2-1): 0.60383 and 0.01002.
        self::assertSame([0.60383, 0.01002, 0.01002, 1.0], array_map(
            floatval(...),
            $mesh->json['materials'][0]['pbrMetallicRoughness']['baseColorFactor'],
        ));
        // Eleven lines between twelve rounds, and the base's.
        self::assertNotSame([], $mesh->lines);
    }

    /** Five hundred bags of every way: what its faces enclose is what it holds, its height that of its rows. */
    #[Group('slow')]
    public function testWhatItsFacesEnclose(): void
    {
        $asked = 0;
        foreach (Recorded::documents() as $nth => $document) {
            // What hands go through would be left out.
            $document['handles'] = null;
            $plan = Planner::plan(BagDocument::read(array_filter($document)));
            $solid = $plan->solid();
            $mesh = self::mesh($plan);
            self::assertNotSame([], $mesh->triangles, "Line {$nth}");
            [, , $foot, $top] = $solid->body();
            if ($plan->assembly() === null) {
                self::assertEqualsWithDelta($plan->comesOut->height->mm, $top - $foot, 0.01, "Line {$nth}");
                $body = [self::mesh($plan, 'wall')->litres(($top - $foot) / 1000),
                    self::mesh($plan, 'base')->litres(($top - $foot) / 1000)];
                self::assertEqualsWithDelta(
                    $solid->litres,
                    array_sum($body),
                    0.01 * $solid->litres + 1e-6,
                    "Line {$nth}: ".json_encode($document),
                );
                $asked++;
            }
            self::assertSame($plan->comesOut->litres, $solid->litres, "Line {$nth}");
        }
        self::assertGreaterThan(300, $asked);
    }
}
