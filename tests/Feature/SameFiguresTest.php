<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\User;
use Fescue\Core\Measure\Mass;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** Work, Enough? and Plan tell the same of every strand at every row, and it is what the rows take. */
final class SameFiguresTest extends TestCase
{
    #[Group('slow')]
    public function testOfEveryDemoBag(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        $maker = User::query()->firstOrFail();
        $this->actingAs($maker);
        $rows = 0;
        foreach (Bag::query()->orderBy('id')->get() as $bag) {
            $rows += $this->compare($bag, $bag->name());
        }
        self::assertGreaterThan(500, $rows);
    }

    /** Of two strands, one of them soon at its end. */
    public function testOfTwoStrands(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $other = $this->material($maker);
        $other->update(['name' => 'Harbour blue']);
        $bag->choices = ['others' => [['material_id' => $other->id]], 'changes' => [
            ['from' => 'Round 5', 'to' => 1], ['from' => 'Round 9', 'to' => 0], ['from' => 'Round 12', 'to' => 1],
        ]] + $bag->choices;
        $bag->save();
        $this->actingAs($maker);
        $this->compare($bag, 'two strands');
        $this->get("/bags/{$bag->id}/work")->assertSeeInOrder(['Tarred cord left', 'still to come', 'Harbour blue left', 'still to come']);
        $this->insist("/bags/{$bag->id}/enough", ['after' => 'Round 6', 'left' => '100'])->assertSessionHasNoErrors();
        $this->compare($bag->refresh(), 'two strands, one weighed');
        self::assertMatchesRegularExpression(
            '/Harbour blue runs out near Round 1\d, stitch/',
            (string) $this->get("/bags/{$bag->id}/work")->getContent(),
        );
    }

    /** How many rows were compared. */
    private function compare(Bag $bag, string $name): int
    {
        $document = $bag->document();
        $work = (string) $this->get("/bags/{$bag->id}/work")->assertOk()->getContent();
        $told = json_decode(explode('</script>', explode('data-course>', $work)[1])[0], true, flags: JSON_THROW_ON_ERROR);
        $enough = (string) $this->get("/bags/{$bag->id}/enough")->assertOk()->getContent();
        $plan = (string) $this->get("/bags/{$bag->id}")->assertOk()->getContent();
        // The table of Enough?, a row of it: grams, and what is left then.
        preg_match_all('#<tr><th scope="row">[^<]*(?:<span[^>]*>[^<]*</span>)?</th>\s*<td>([\d.\x{202F}]+)</td>\s*<td>([\d\x{202F}]*)#u', explode(
            'what the ball should weigh after it',
            $enough,
        )[1], $table, PREG_SET_ORDER);
        $number = fn(string $text): float => (float) str_replace("\u{202F}", '', $text);
        self::assertCount(count($told['rows']), array_slice($table, 0, count($told['rows'])), $name);
        $weighed = [];
        foreach ($document['weigh_ins'] ?? [] as $one) {
            $at = array_search($one['after'], array_column($told['rows'], 'name'), true);
            $weighed[$told['rows'][$at]['strand'] ?? 0] = [$at, Mass::parse($one['left'])->grams];
        }
        foreach ($told['foretold']['strands'] as $which => $strand) {
            $onHand = ($which === 0 ? $document['material'] : $document['others'][$which - 1])['on_hand'] ?? null;
            $left = $onHand === null ? null : Mass::parse($onHand)->grams;
            // What goes with a row: its stitches; and with the first a tail, with joins and last rows another.
            foreach ($told['rows'] as $place => $row) {
                $grams = $number($table[$place][1]);
                $isIts = ($row['strand'] ?? 0) === $which;
                $falls = $strand['come'][$place] - $strand['come'][$place + 1];
                self::assertGreaterThanOrEqual(0, $falls, "{$name}: {$row['name']}");
                if (! $isIts) {
                    self::assertSame(0, $falls, "{$name}: {$row['name']} is of another strand");

                    continue;
                }
                // Rounded thrice; tails and joins come on top.
                self::assertGreaterThan($grams - 1.6, $falls, "{$name}: {$row['name']}");
                self::assertLessThan(max(8, 1.5 * $grams + 12), $falls, "{$name}: {$row['name']}");
                $isBefore = $place < ($weighed[$which][0] ?? -1);
                if ($table[$place][2] === '') {
                    $then = $strand['left'][$place + 1];
                    self::assertSame($place === ($weighed[$which][0] ?? -1) ? (int) round($weighed[$which][1]) : null, $then, $name);
                } else {
                    self::assertSame((int) $number($table[$place][2]), $strand['left'][$place + 1], "{$name}: {$row['name']}");
                    self::assertFalse($isBefore);
                }
            }
            // Nothing of it is left to come, but tails and what it is finished with.
            $begin = $strand['left'][0] ?? $left;
            if ($begin !== null && ! isset($weighed[$which])) {
                self::assertSame((int) round($begin), (int) round((float) $left), $name);
                // On Plan stands what the whole bag takes.
                self::assertStringContainsString(
                    '>'.number_format($strand['come'][0], 0, '.', "\u{202F}").'</span> g',
                    $plan,
                    "{$name}: {$which}",
                );
            }
            if ($strand['out'] !== null) {
                self::assertStringContainsString("runs out in {$strand['out']['row']}, near", strtolower($enough) === '' ? '' : str_replace('Runs', 'runs', $enough), $name);
            } else {
                self::assertStringNotContainsString(' runs out in', $which === 0 && count($told['foretold']['strands']) === 1 ? str_replace('Runs', ' runs', $enough) : '', $name);
            }
        }

        return count($told['rows']);
    }
}
