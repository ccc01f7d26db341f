<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\AccountImport;
use App\Models\Bag;
use App\Models\WeighIn;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Row;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/**
 * The demo account's zip as it was on 30 November 2026, read in: every bag is planned to the rows, size and grams that
 * were recorded beside it then.
 */
final class AsBeforeTest extends TestCase
{
    public function testAnAccountOfBeforeIsPlannedAlike(): void
    {
        $maker = $this->maker('otto@pier.example');
        AccountImport::take($maker, dirname(__DIR__).'/before/account.zip');
        $kept = json_decode(
            (string) file_get_contents(dirname(__DIR__).'/before/account.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $planned = [];
        foreach ($maker->bags()->orderBy('id')->get() as $bag) {
            // Tassels had 50 wraps then, whatever the strand.
            $bag->choices = array_replace($bag->choices, isset($bag->choices['finish']) ? ['finish' => array_map(
                fn(array $one): array => $one + ($one['type'] === 'tassels' ? ['wraps' => 50] : []),
                $bag->choices['finish'],
            )] : []);
            $planned[$bag->name()] = self::planned($bag);
        }
        self::assertSame(array_keys($kept), array_keys($planned));
        foreach ($kept as $name => $one) {
            self::assertSame($one['rows'], $planned[$name]['rows'], $name);
            self::assertEqualsWithDelta($one['size'], $planned[$name]['size'], 0.01, $name);
            // A border of doubles is lifted to their height since.
            $off = $name === 'Twin-quay tote' ? 2.0 : 0.01;
            self::assertEqualsWithDelta($one['grams'], $planned[$name]['grams'], $off, $name);
            self::assertSame($one['entered'], $planned[$name]['entered'], $name);
        }
    }

    /** What was written of a row in another way than documents have it is written as they do. */
    public function testRowsOfBeforeAreReadByTheirIdentity(): void
    {
        $maker = $this->maker('otto@pier.example');
        AccountImport::take($maker, dirname(__DIR__).'/before/account.zip');
        $bag = $maker->bags()->where('choices->name', 'Signal bag')->sole();
        $bag->weighIns()->where('after', 'Round 8')->toBase()->update(['after' => 'round  8']);
        $choices = ['changes' => [['from' => 'round 9', 'to' => 1]], 'lean' => 1.0] + $bag->choices;
        DB::table('bags')->where('id', $bag->id)->update([
            'choices' => json_encode($choices, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ]);
        DB::table('work_entries')->where(['bag_id' => $bag->id, 'row' => 'Round 2'])->update(['row' => 'ROUND 2']);
        (require database_path('migrations/2026_11_30_800000_rows_by_identity.php'))->up();
        $bag->refresh();
        self::assertSame([['from' => 'Round 9', 'to' => 1]], $bag->choices['changes']);
        self::assertSame(1.0, $bag->choices['lean']);
        self::assertSame(
            ['Round 3', 'Round 8'],
            $bag->weighIns()->toBase()->orderBy('place')->pluck('after')->all(),
        );
        $rows = DB::table('work_entries')->where('bag_id', $bag->id)->pluck('row')->all();
        self::assertContains('Round 2', $rows);
        self::assertNotContains('ROUND 2', $rows);
    }

    /** @return array{rows: string, size: list<float>, grams: list<float>, entered: list<string>} */
    private static function planned(Bag $bag): array
    {
        $plan = $bag->plan();
        $out = $plan->comesOut;
        $grams = MaterialEstimate::of($plan)->grams;

        return [
            'rows' => implode('; ', array_map(
                fn(Row $row): string => "{$row->name} {$row->count->takes} {$row->count->leaves}",
                $plan->work->rows,
            )),
            'size' => [$out->baseLength->mm, $out->baseWidth->mm, $out->flatWidth->mm, $out->height->mm],
            'grams' => [$grams->likely, $grams->relative],
            'entered' => array_values($bag->weighIns->map(
                fn(WeighIn $one): string => "{$one->after}: {$one->left}",
            )->all()),
        ];
    }
}
