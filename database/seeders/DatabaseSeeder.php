<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Bag;
use App\Models\Cord;
use App\Models\Swatch;
use App\Models\User;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stitch\Stitch;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The demo: a maker with a stall at the winter market of a small ferry port. All invented. */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'mirre@harbour.example';

    public const PASSWORD = 'ferry-at-dusk';

    /** name, colour, diameter mm, sample m, sample g, on hand g */
    private const CORDS = [
        'rope-walk' => ['Rope-walk cord', '#c9b994', 4.0, 5.0, 42.5, 2150.0],
        'net-loft' => ['Net-loft green', '#5f7f6c', 5.0, 3.0, 31.2, 1580.0],
        'buoy' => ['Buoy red', '#b3553a', 3.0, 4.0, 18.4, 470.0],
        'slate' => ['Slipway slate', '#5c6670', 4.5, 2.0, 19.0, 1980.0],
        'foam' => ['Foam white', '#e9e4d6', 6.0, 2.0, 27.4, null],
        'dusk' => ['Last-ferry blue', '#33475f', 3.5, 5.0, 33.5, 905.0],
    ];

    /** cord, name, hook mm, stitch, stitches, width mm, rows, height mm, grams */
    private const SWATCHES = [
        'rope-walk' => ['rope-walk', 'Rope-walk, sc on 8', 8.0, 'sc', 11.0, 131.0, 11.0, 124.0, 97.0],
        'net-loft' => ['net-loft', 'Net-loft, sc on 10', 10.0, 'sc', 10.0, 146.0, 10.0, 139.0, 121.0],
        'buoy' => ['buoy', 'Buoy, sc on 6', 6.0, 'sc', 14.0, 128.0, 14.0, 121.0, 67.5],
        'slate' => ['slate', 'Slipway, hdc on 9', 9.0, 'hdc', 10.0, 132.0, 8.0, 151.0, 91.0],
        'foam' => ['foam', 'Foam, sc on 12', 12.0, 'sc', 9.0, 151.0, 9.0, 142.0, null],
        'dusk' => ['dusk', 'Last-ferry, sc on 7', 7.0, 'sc', 12.0, 124.0, 12.0, 118.0, 71.0],
    ];

    public function run(): void
    {
        DB::transaction(function (): void {
            if (User::query()->where('email', self::EMAIL)->exists()) {
                return;
            }
            $maker = User::query()->create(['name' => 'Mirre', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
            $cords = $this->cords($maker);
            $swatches = $this->swatches($maker, $cords);
            $this->bags($maker, $cords, $swatches);
        });
    }

    /** @return array<string, Cord> */
    private function cords(User $maker): array
    {
        return array_map(fn(array $cord): Cord => $maker->cords()->create([
            'name' => $cord[0],
            'colour' => $cord[1],
            'diameter' => Length::mm($cord[2]),
            'sample_length' => Length::mm($cord[3] * 1000),
            'sample_mass' => Mass::grams($cord[4]),
            'on_hand' => $cord[5] === null ? null : Mass::grams($cord[5]),
        ]), self::CORDS);
    }

    /**
     * @param array<string, Cord> $cords
     *
     * @return array<string, Swatch>
     */
    private function swatches(User $maker, array $cords): array
    {
        return array_map(fn(array $swatch): Swatch => $maker->swatches()->create([
            'cord_id' => $cords[$swatch[0]]->id,
            'name' => $swatch[1],
            'hook' => Length::mm($swatch[2]),
            'stitch' => Stitch::from($swatch[3]),
            'stitches_counted' => $swatch[4],
            'width' => Length::mm($swatch[5]),
            'rows_counted' => $swatch[6],
            'height' => Length::mm($swatch[7]),
            'mass' => $swatch[8] === null ? null : Mass::grams($swatch[8]),
        ]), self::SWATCHES);
    }

    /**
     * @param array<string, Cord> $cords
     * @param array<string, Swatch> $swatches
     */
    private function bags(User $maker, array $cords, array $swatches): void
    {
        foreach (array_reverse(self::bagsInHand()) as $order => [$key, $name, $length, $width, $height, $ends, $working, $stitch, $loop, $slot, $given]) {
            $choices = [
                'name' => $name,
                'size' => ['length' => "{$length} cm", 'width' => "{$width} cm", 'height' => "{$height} cm"],
                'working' => $working,
                'base' => ['type' => 'oval', 'ends' => $ends] + array_filter(['chain' => $given['chain'] ?? null, 'rounds' => $given['rounds'] ?? null]),
                'body' => ['stitch' => $stitch, 'loop' => $loop] + array_filter(['rounds' => $given['body'] ?? null]),
            ];
            if ($slot !== null) {
                $choices['handles'] = ['type' => 'slot', 'skip' => $slot[0], 'chain' => $slot[1], 'edge_rounds' => $slot[2]];
            }
            $bag = new Bag(['cord_id' => $cords[$key]->id, 'swatch_id' => $swatches[$key]->id, 'choices' => $choices]);
            $bag->created_at = Carbon::now()->subMinutes(60 - $order);
            $bag->updated_at = Carbon::now()->subMinutes(60 - $order);
            $maker->bags()->save($bag);
            // A demo bag that cannot be planned is a fault in the demo: let it be seen.
            $bag->plan();
        }
    }

    /**
     * swatch, name, length, width and height cm, ends, working, body stitch, loop, slot (skip, chain, edge) or null, counts given
     *
     * @return list<array{string, string, int|float, int|float, int|float, string, string, string, string, ?array{int, int, int}, array{chain?: int, rounds?: int, body?: int}}>
     */
    private static function bagsInHand(): array
    {
        return [
            ['rope-walk', 'Gangway tote', 31, 11.5, 25, 'two-and-two', 'spiral', 'sc', 'back', [10, 16, 1], []],
            ['net-loft', 'Mooring basket', 34, 17, 20, 'three', 'spiral', 'sc', 'both', [8, 12, 2], []],
            ['buoy', 'Purser’s pouch', 19, 7, 14, 'three', 'joined', 'sc', 'both', null, []],
            ['slate', 'Deck-chair tote', 36, 14, 32, 'two-and-two', 'joined', 'hdc', 'both', [9, 15, 2], []],
            ['foam', 'Breadwinner', 30, 12, 22, 'three', 'spiral', 'sc', 'both', [8, 13, 1], []],
            ['dusk', 'Night-crossing bag', 26, 9, 21, 'two-and-two', 'spiral', 'sc', 'front', [11, 17, 1], []],
            ['rope-walk', 'Lantern bag', 24, 14, 18, 'three', 'spiral', 'sc', 'both', [9, 14, 1], []],
            ['net-loft', 'Ticket-hall shopper', 38, 11, 33, 'two-and-two', 'spiral', 'dc', 'both', [9, 15, 2], []],
            ['slate', 'Tideline tray', 32, 20, 8, 'three', 'joined', 'sc', 'both', null, []],
            ['dusk', 'Knot-garden clutch', 23, 5, 13, 'two-and-two', 'spiral', 'sc', 'back', null, []],
            ['buoy', 'Signal bag', 22, 9, 20, 'two-and-two', 'spiral', 'hdc', 'both', [12, 19, 1], ['chain' => 16, 'rounds' => 5, 'body' => 13]],
            ['rope-walk', 'Winter-market carrier', 36, 13, 30, 'two-and-two', 'joined', 'sc', 'both', [11, 17, 2], []],
        ];
    }
}
