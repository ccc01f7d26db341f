<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\SolidDrawing;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\PlannedPart;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Piece\Made;
use Fescue\Core\Solid\Standing;
use Fescue\Core\Tests\Bag\Recorded;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Solids as files, looked at by libraries of others. */
final class SolidFilesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/fescue-solids-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    public function testSomeAreWhatOthersFindThemToBe(): void
    {
        $this->looked(40);
    }

    /** Five hundred bags of every way. */
    #[Group('slow')]
    public function testAllAreWhatOthersFindThemToBe(): void
    {
        $this->looked(1000);
    }

    private function looked(int $most): void
    {
        $bags = Recorded::documents();
        // Other ones each day.
        mt_srand((int) (getenv('FESCUE_SEED') ?: 1));
        shuffle($bags);
        $expected = [];
        foreach (array_slice($bags, 0, $most) as $nth => $document) {
            $plan = Planner::plan(BagDocument::read($document));
            file_put_contents("{$this->folder}/{$nth}.glb", SolidDrawing::gltf($plan->solid(), 'Bag', ['#c9b48a', '#3d6b8a']));
            $solid = $plan->solid();
            $first = $plan->parts[0]->made;
            $standing = Standing::of(array_map(fn(PlannedPart $part): Made => $part->made, $plan->parts), $plan->gauge);
            // Straight from its base to the rim: its hull is all of it.
            $isStraight = $plan->assembly() === null && $first->opens === null && $first->closes === null
                && count($standing->levels) === 1;
            [, , $foot, $top] = $solid->body();
            $expected[] = [
                'file' => "{$nth}.glb",
                'high' => $plan->assembly() === null ? $plan->comesOut->height->mm : $top - $foot,
                'litres' => $isStraight ? $solid->litres : 0.0,
            ];
        }
        self::assertGreaterThan(count($expected) / 20, count(array_filter(array_column($expected, 'litres'))));
        file_put_contents("{$this->folder}/expected.json", json_encode($expected, JSON_THROW_ON_ERROR));
        $look = new Process(['node', 'tests/script/look-at-solids.js', $this->folder], dirname(__DIR__, 2), timeout: 120);
        $look->run();
        self::assertSame(0, $look->getExitCode(), $look->getErrorOutput());
        self::assertSame(count($expected)." solids\n", $look->getOutput());
    }
}
