<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Stash\CuttingForm;
use App\Stash\Ledger;
use Fescue\Core\Gauge\State;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\WeightClass;
use Fescue\Core\Stock\Move;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What the database lets be, whoever writes it: every kind there is, and nothing that may never be. */
final class CanBeTest extends TestCase
{
    private static function refuses(string $why, callable $write): void
    {
        try {
            DB::transaction($write);
        } catch (QueryException $e) {
            self::assertStringContainsString($why, $e->getMessage());

            return;
        }
        self::fail("It was taken: {$why}");
    }

    public function testEveryKindThereIsCanBeAndNoOther(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $swatch = $this->swatch($maker, $material);
        $piece = $maker->rawPieces()->create(
            ['name' => 'Shirts', 'form' => 'tube', 'colour' => '#aabbcc', 'count' => 2, 'measures' => []],
        );
        foreach ([
            ['materials', $material->id, 'kind', array_column(Kind::cases(), 'value')],
            ['materials', $material->id, 'make', array_column(Make::cases(), 'value')],
            ['materials', $material->id, 'fibre', array_column(Fibre::cases(), 'value')],
            ['materials', $material->id, 'weight_class', array_column(WeightClass::cases(), 'value')],
            ['materials', $material->id, 'acquired', array_column(Acquired::cases(), 'value')],
            ['swatches', $swatch->id, 'state', array_column(State::cases(), 'value')],
            ['swatches', $swatch->id, 'drape', array_column(Fabric::cases(), 'value')],
            ['raw_pieces', $piece->id, 'form', array_keys(CuttingForm::KINDS)],
        ] as [$table, $id, $column, $values]) {
            $set = fn(string $value): int => DB::table($table)->where('id', $id)->update([$column => $value]);
            foreach ($values as $value) {
                $set($value);
                self::assertSame($value, DB::table($table)->where('id', $id)->value($column));
            }
            self::refuses("{$table}_{$column}_can_be", fn() => $set('rope'));
        }
    }

    public function testNothingIsOfNoSizeOrLessThanNone(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $material = $bag->material ?? self::fail('It has one.');
        foreach ([
            ['materials', 'diameter', 0], ['materials', 'pull', 0.9], ['swatches', 'width', 0], ['swatches', 'hook', -8],
            ['bags', 'price_tag', -1], ['stock_entries', 'released', -1],
        ] as [$table, $column, $value]) {
            self::refuses("{$table}_{$column}_can_be", fn() => DB::table($table)->update([$column => $value]));
        }
        $line = ['material_id' => $material->id, 'released' => 0, 'created_at' => now()];
        $add = fn(string $move, float $amount) => DB::table('stock_entries')
            ->insert(['move' => $move, 'amount' => $amount] + $line);
        self::refuses('amount_can_be', fn() => $add('used', 5));
        self::refuses('amount_can_be', fn() => $add('bought', -5));
        self::refuses('less than nothing', fn() => $add('used', -901));
        self::refuses('less than nothing', fn() => $add('weighed', -901));
        $add('used', -900);
        self::refuses('less than nothing', fn() => $add('given', -0.001));
        // Taking back what was bought, too; not putting back what was taken.
        Ledger::enter($material, Move::Bought, 50);
        Ledger::enter($material, Move::Used, 20);
        $undo = fn(string $move) => DB::table('stock_entries')->where('move', $move)->update(['undone_at' => now()]);
        self::refuses('less than nothing', fn() => $undo('bought'));
        $undo('used');
        self::assertSame(950.0, $material->fresh()?->balance());
    }
}
