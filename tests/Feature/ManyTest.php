<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Books\MakerHistory;
use App\Drawing\NarrowingBands;
use App\Models\Material;
use App\Models\User;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What one maker has, however much, is no longer to be read than a page is. */
final class ManyTest extends TestCase
{
    /** @param array<string, mixed> $instead */
    private static function copies(string $table, int $id, int $many, array $instead = []): void
    {
        $row = $instead + array_diff_key((array) DB::table($table)->find($id), ['id' => 1]);
        foreach (array_chunk(range(1, $many), 100) as $some) {
            DB::table($table)->insert(array_map(fn(int $nth): array => ['name' => "Copy {$nth}"] + $row, $some));
        }
    }

    private function asMaker(): User
    {
        $maker = $this->maker();
        $this->actingAs($maker);

        return $maker;
    }

    public function testSwatchesArePagedAndFoundByTheirNamesAndMaterials(): void
    {
        $maker = $this->asMaker();
        $material = $this->material($maker);
        $swatch = $this->swatch($maker, $material);
        self::copies('swatches', $swatch->id, 100);
        $page = (string) $this->get('/swatches')->assertOk()->assertSee('1 to 40 of 101')->getContent();
        self::assertSame(40, substr_count($page, 'class="patch"'));
        $this->get('/swatches?page=3')->assertSee('81 to 101 of 101');
        $this->get('/swatches?q=copy+77')->assertSee('Copy 77')->assertDontSee('Copy 78');
        $this->get('/swatches?q=tarred')->assertSee('of 101');
        $this->get('/swatches?q=100%25')->assertSee('Try fewer letters');
        $this->get('/swatches?q[]=x')->assertOk();
    }

    /** The last two hundred teach; what was measured of the same strand and hook counts however old it is. */
    public function testTheLastTwoHundredSwatchesTeach(): void
    {
        $maker = $this->asMaker();
        $material = $this->material($maker);
        $first = $this->swatch($maker, $material);
        $double = $this->swatch($maker, $material);
        $double->update(['stitch' => Motif::named('dc'), 'height' => Length::mm(240)]);
        $other = $this->material($maker);
        self::copies('swatches', $first->id, 300, ['material_id' => $other->id, 'hook' => 6]);
        $hands = new MakerHistory($maker->id);
        self::assertCount(200, $hands->documents());
        self::assertSame(['dc'], array_column($hands->also($first->refresh()), 'stitch'));
    }

    public function testOnlyStrandsMostLikeItAreTriedForABagThatRunsShort(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $bag->material?->entries()->update(['amount' => 300]);
        $near = $this->material($maker);
        self::copies('materials', $near->id, 60, ['diameter' => 9.0]);
        $near->update(['name' => 'Next of kin', 'diameter' => Length::mm(4.1)]);
        foreach (Material::query()->where('diameter', 9.0)->pluck('id') as $id) {
            DB::table('stock_entries')->insert(['material_id' => $id, 'move' => 'bought', 'amount' => 900, 'created_at' => now()]);
        }
        DB::enableQueryLog();
        $this->get("/bags/{$bag->id}/enough?whole=1")->assertOk()->assertSee('Next of kin');
        self::assertLessThan(60, count(DB::getQueryLog()));
    }

    /** Sixty weigh-ins are told by thirteen bands, from before the first to after the last. */
    public function testManyWeighInsAreToldByAFewBands(): void
    {
        $document = $this->bag($this->maker())->document();
        $document['body']['rounds'] = 60;
        $document['material']['on_hand'] = '9 kg';
        $document['weigh_ins'] = array_map(
            fn(int $row): array => ['after' => "Round {$row}", 'left' => (9000 - 45 * $row).' g'],
            range(3, 62),
        );
        $bands = NarrowingBands::of(Planner::plan(BagDocument::read($document)));
        preg_match_all('/>(before the first|after Round \d+)</', $bands, $said);
        self::assertCount(13, $said[1]);
        self::assertSame(['before the first', 'after Round 7', 'after Round 62'], [$said[1][0], $said[1][1], $said[1][12]]);
    }
}
