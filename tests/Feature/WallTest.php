<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\Wall;
use App\Bags\WorkLog;
use App\Models\Bag;
use App\Models\BagFinish;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Did;
use Fescue\Core\Work\Place;
use Tests\TestCase;

/** Bags side by side at one scale, filled to where they are worked. */
final class WallTest extends TestCase
{
    /** Work on it ends so many rows up. */
    private function worked(Bag $bag, int $rows): void
    {
        WorkLog::enter($bag, Course::of($bag->plan()), Did::Said, new Place($rows));
    }

    /** @return array{int, int} pixels from side to side, and from top to foot, of what is drawn */
    private static function reach(string $svg): array
    {
        preg_match_all('/ d="([^"]*)"/', $svg, $ways);
        preg_match_all('/([\d.]+) ([\d.]+)/', implode(' ', $ways[1]), $points);
        $reach = fn(array $of): int => (int) round(max(array_map(floatval(...), $of)) - min(array_map(floatval(...), $of)));

        return [$reach($points[1]), $reach($points[2])];
    }

    public function testTheLargestFillsItsPictureAndTheOthersAreAtItsScale(): void
    {
        $maker = $this->maker();
        $large = $this->bag($maker);
        $small = $large->replicate();
        $small->choices = ['name' => 'Half of it', 'body' => ['stitch' => 'sc', 'rounds' => 4]] + $large->choices;
        $maker->bags()->save($small);
        $page = (string) $this->actingAs($maker)->get('/bags')->assertOk()->assertSee('All at one scale')->getContent();
        preg_match_all('~src="(/bags/\d+/sketch\.svg\?scale=([\d.]+))"~', $page, $pictures);
        self::assertCount(2, $pictures[1]);
        self::assertCount(1, array_unique($pictures[2]));
        $sizes = [];
        foreach ($pictures[1] as $picture) {
            $answer = $this->get($picture)->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
            $sizes[] = self::reach((string) $answer->getContent());
        }
        [[$wide, $low], [$also, $high]] = $sizes;
        self::assertEqualsWithDelta($also, $wide, 2);
        // Ten rounds of 11.5 mm less.
        self::assertEqualsWithDelta(10 * 11.5 * cos(0.36) * (float) $pictures[2][0], $high - $low, 3);
        self::assertLessThanOrEqual(Wall::HIGH, $high);
        // Whatever is asked for, all of it is in the picture.
        $huge = (string) $this->get("/bags/{$large->id}/sketch.svg?scale=9e9")->assertOk()->getContent();
        self::assertLessThanOrEqual(Wall::HIGH, self::reach($huge)[1]);
        $this->get("/bags/{$large->id}/sketch.svg?scale=no")->assertOk();
    }

    public function testItIsFilledToWhereItIsWorkedAndSaysWhatIsNext(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $picture = fn(): string => (string) $this->actingAs($maker)->get("/bags/{$bag->id}/sketch.svg?scale=0.4")->getContent();
        $isDotted = fn(string $svg): bool => str_contains($svg, 'stroke-dasharray');
        $begun = $picture();
        self::assertTrue($isDotted($begun));
        self::assertStringNotContainsString('#B9502A', $begun);
        $this->worked($bag, 8);
        $half = $picture();
        self::assertTrue($isDotted($half));
        self::assertStringContainsString('stroke="#B9502A" stroke-width="3"', $half);
        $this->get('/')->assertSee('Round 8, of ')->assertSee(route('bags.work', $bag, false), false);
        $this->worked($bag, count($bag->plan()->work->rows));
        self::assertFalse($isDotted($picture()));
        // What is finished is drawn whole, whatever was logged of it.
        $otto = $this->maker('otto@pier.example');
        $other = $this->bag($otto);
        BagFinish::query()->forceCreate(['bag_id' => $other->id, 'otherwise' => '']);
        $this->actingAs($otto);
        self::assertFalse($isDotted((string) $this->get("/bags/{$other->id}/sketch.svg?scale=0.4")->getContent()));
    }

    public function testAListForWhoeverWantsOne(): void
    {
        $maker = $this->maker();
        $this->bag($maker);
        $this->actingAs($maker)->get('/bags')->assertSee('sketch.svg', false)->assertDontSee('lying flat');
        $this->from('/bags')->post('/shown/as/bags', ['as' => 'list'])->assertRedirect('/bags');
        foreach (['/bags', '/'] as $page) {
            $this->get($page)->assertDontSee('sketch.svg', false)->assertSee('lying flat');
        }
        $this->post('/shown/as/bags', ['as' => ['list']]);
        $this->post('/shown/as/else', ['as' => 'list'])->assertNotFound();
        $this->get('/')->assertSee('sketch.svg', false);
    }

    /** One whose material changed under it stands there too, and says so. */
    public function testABagWithoutAPlanSaysSo(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $bag->forceFill(['choices' => ['size' => ['length' => '1 mm']] + array_diff_key($bag->choices, ['base' => 1])])->save();
        $this->actingAs($maker)->get('/bags')->assertOk()->assertSee('open it to mend it')->assertDontSee('sketch.svg', false);
        $this->get("/bags/{$bag->id}/sketch.svg")->assertRedirect("/bags/{$bag->id}");
    }
}
