<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bags\WeighIns;
use App\Bags\WorkLog;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Batch;
use App\Models\Material;
use App\Models\RawPiece;
use App\Models\RecoveryCode;
use App\Models\Swatch;
use App\Models\User;
use App\Stash\Ledger;
use App\Stash\MaterialText;
use App\Stash\Stash;
use App\Stash\TabShelf;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Gauge\State;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\TabStep;
use Fescue\Core\Stock\Move;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Text\Checked;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Did;
use Fescue\Core\Work\Entry;
use Fescue\Core\Written\OwnMotif;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The demo: a maker with a stall at the winter market of a small ferry port. All invented. */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'mirre@harbour.example';

    public const PASSWORD = 'ferry-at-dusk';

    /**
     * What a form would say of each, in its order; dates are days ago.
     *
     * @var array<string, array{0: array<string, string>, 1: list<array{Move, float, int, string}>}>
     */
    private const MATERIALS = [
        'rope-walk' => [['kind' => 'cord', 'make' => 'twisted', 'fibre' => 'cotton', 'name' => 'Rope-walk cord', 'colour' => '#c9b994', 'diameter' => '4', 'sample_length' => '5', 'sample_mass' => '42.5', 'label_hook' => '5–6 mm', 'weight_class' => '5 bulky', 'acquired' => 'roll', 'price' => '23.40', 'price_for' => '1250', 'care' => 'wash cold, block wet'],
            [[Move::Bought, 2500, 64, 'two rolls'], [Move::Used, 310, 22, 'first lantern, sold'], [Move::Weighed, 2150, 6, 'on the kitchen scale']]],
        'net-loft' => [['kind' => 'cord', 'make' => 'braided', 'fibre' => 'polyester', 'name' => 'Net-loft green', 'colour' => '#5f7f6c', 'diameter' => '5', 'sample_length' => '3', 'sample_mass' => '31.2', 'acquired' => 'cone', 'price' => '31', 'price_for' => '2000'],
            [[Move::Bought, 2000, 51, ''], [Move::GivenAway, 420, 19, 'to the sailmaker’s girl']]],
        'buoy' => [['kind' => 'cord', 'make' => 'braided', 'fibre' => 'nylon', 'name' => 'Buoy red', 'colour' => '#b3553a', 'diameter' => '3', 'sample_length' => '4', 'sample_mass' => '18.4', 'label_hook' => '3 mm', 'acquired' => 'ball', 'price' => '7.80', 'price_for' => '235'],
            [[Move::Bought, 470, 33, 'two balls']]],
        'slate' => [['kind' => 'cord', 'make' => 'twisted', 'fibre' => 'jute', 'name' => 'Slipway slate', 'colour' => '#5c6670', 'diameter' => '4.5', 'sample_length' => '2', 'sample_mass' => '19', 'acquired' => 'roll', 'price' => '16.20', 'price_for' => '1980', 'care' => 'keep dry; wipe'],
            [[Move::Bought, 1980, 40, '']]],
        'foam' => [['kind' => 'cord', 'make' => 'braided', 'fibre' => 'cotton', 'name' => 'Foam white', 'colour' => '#e9e4d6', 'diameter' => '6', 'sample_length' => '2', 'sample_mass' => '27.4', 'acquired' => 'found'], []],
        'dusk' => [['kind' => 'cord', 'make' => 'twisted', 'fibre' => 'cotton', 'name' => 'Last-ferry blue', 'colour' => '#33475f', 'diameter' => '3.5', 'sample_length' => '5', 'sample_mass' => '33.5', 'label_hook' => '4–5 mm', 'weight_class' => '5 bulky', 'acquired' => 'cone'],
            [[Move::Bought, 1000, 28, ''], [Move::Used, 95, 9, 'swatches']]],
        'deckhand' => [['kind' => 'tshirt', 'fibre' => 'cotton', 'name' => 'Deckhand jersey', 'colour' => '#8c3f4d', 'strip_width' => '25', 'pull' => '28', 'areal' => '165', 'diameter' => '8', 'sample_length' => '4', 'sample_mass' => '13.4', 'acquired' => 'cut', 'care' => 'wash cold, dry flat'],
            [[Move::Cut, 168, 12, 'three shirts'], [Move::Cut, 121, 11, 'two more']]],
        'stripe' => [['kind' => 'tshirt', 'fibre' => 'mixed', 'name' => 'Pilot stripe', 'colour' => '#d7c48a', 'pull' => '20', 'diameter' => '9', 'sample_length' => '2', 'sample_mass' => '14.8', 'label_hook' => '8–12 mm', 'weight_class' => '7 jumbo', 'acquired' => 'cone', 'price' => '12.90', 'price_for' => '850'],
            [[Move::Bought, 850, 17, '']]],
        'bakery' => [['kind' => 'plarn', 'make' => 'looped', 'name' => 'Bakery loops', 'colour' => '#d9a441', 'strip_width' => '50', 'diameter' => '7', 'sample_length' => '3', 'sample_mass' => '7.6', 'acquired' => 'cut', 'care' => 'wipe; never tumble-dry'],
            [[Move::Cut, 240, 15, 'twenty-four bags'], [Move::Cut, 96, 4, 'ten bags']]],
        'gull' => [['kind' => 'plarn', 'make' => 'single', 'name' => 'Gull spiral', 'colour' => '#c6ccca', 'strip_width' => '40', 'diameter' => '4', 'sample_length' => '10', 'sample_mass' => '9.1', 'acquired' => 'cut'],
            [[Move::Cut, 88, 5, '']]],
        'pennant' => [['kind' => 'ribbon', 'fibre' => 'polyester', 'name' => 'Pennant ribbon', 'colour' => '#2f6a74', 'width' => '18', 'diameter' => '4', 'sample_length' => '5', 'sample_mass' => '21.5', 'label_hook' => '6 mm', 'acquired' => 'roll', 'price' => '9.50', 'price_for' => '215'],
            [[Move::Bought, 430, 26, 'two rolls'], [Move::Used, 61, 8, 'first round of a leather base']]],
        'dune' => [['kind' => 'raffia', 'fibre' => 'palm', 'name' => 'Dune raffia', 'colour' => '#cfae72', 'diameter' => '3', 'sample_length' => '4', 'sample_mass' => '6.8', 'acquired' => 'ball', 'price' => '5.20', 'price_for' => '100'],
            [[Move::Bought, 500, 45, 'five hanks']]],
        'fog' => [['kind' => 'strand', 'fibre' => 'cotton', 'name' => 'Fog, thin', 'colour' => '#aab4b5', 'diameter' => '2', 'sample_length' => '10', 'sample_mass' => '21', 'acquired' => 'cone'],
            [[Move::Bought, 640, 70, ''], [Move::Wound, 85, 20, 'ends joined']]],
        'ember' => [['kind' => 'strand', 'fibre' => 'acrylic', 'name' => 'Ember, thin', 'colour' => '#c65b3b', 'diameter' => '2.2', 'sample_length' => '10', 'sample_mass' => '24', 'acquired' => 'found'],
            [[Move::Weighed, 310, 30, '']]],
        'quay' => [['kind' => 'tabs', 'name' => 'Quay-bar tabs', 'colour' => '#b9bfc2', 'pitch' => '14', 'sample_count' => '50', 'sample_mass' => '14.5', 'cord' => 'Buoy red', 'acquired' => 'found'],
            [[Move::Weighed, 610, 25, 'counted and washed'], [Move::Used, 154, 7, 'two squares of 7 by 11']]],
    ];

    /** Hardware and cloth, said in the same way. */
    private const NOTIONS = [
        'magnets' => [['kind' => 'hardware', 'make' => 'magnet', 'name' => 'Magnets, sewn in', 'colour' => '#b9bfc2', 'width' => '18 mm'],
            [[Move::Bought, 6, 30, 'a card of six'], [Move::Used, 2, 12, '']]],
        'brass rings' => [['kind' => 'hardware', 'make' => 'ring', 'name' => 'Brass rings', 'colour' => '#c2a15a'],
            [[Move::Bought, 10, 44, '']]],
        'sail zip' => [['kind' => 'hardware', 'make' => 'zip', 'name' => 'Sail zips, blue', 'colour' => '#33475f', 'width' => '30 cm'],
            [[Move::Bought, 1, 21, '']]],
        'awning' => [['kind' => 'cloth', 'fibre' => 'cotton', 'name' => 'Awning stripe', 'colour' => '#cfd8d2', 'width' => '140 cm', 'care' => 'wash before it is cut'],
            [[Move::Bought, 180, 40, ''], [Move::Used, 62, 12, 'the first lining']]],
    ];

    /** material, name, hook mm, stitch, stitches, width mm, rows, height mm, grams */
    private const SWATCHES = [
        'rope-seven' => ['rope-walk', 'Rope-walk, sc on 7', 7.0, 'sc', 12.0, 128.5, 12.0, 121.0, 104.0],
        'rope-nine' => ['rope-walk', 'Rope-walk, sc on 9', 9.0, 'sc', 10.0, 131.0, 10.0, 126.0, 91.0],
        'rope-walk' => ['rope-walk', 'Rope-walk, sc on 8', 8.0, 'sc', 11.0, 131.0, 11.0, 124.0, 97.0],
        'net-loft' => ['net-loft', 'Net-loft, sc on 10', 10.0, 'sc', 10.0, 146.0, 10.0, 139.0, 121.0],
        'buoy' => ['buoy', 'Buoy, sc on 6', 6.0, 'sc', 14.0, 128.0, 14.0, 121.0, 67.5],
        'slate' => ['slate', 'Slipway, hdc on 9', 9.0, 'hdc', 10.0, 132.0, 8.0, 151.0, 91.0],
        'foam' => ['foam', 'Foam, sc on 12', 12.0, 'sc', 9.0, 151.0, 9.0, 142.0, null],
        'dusk-mesh' => ['dusk', 'Last-ferry, mesh on 7', 7.0, 'mesh', 12.0, 129.0, 6.0, 123.0, 46.0],
        'dusk' => ['dusk', 'Last-ferry, sc on 7', 7.0, 'sc', 12.0, 124.0, 12.0, 118.0, 71.0],
        'stripe' => ['stripe', 'Pilot stripe, sc on 10', 10.0, 'sc', 8.0, 104.0, 8.0, 106.0, 52.0],
        'bakery' => ['bakery', 'Bakery loops, sc on 8', 8.0, 'sc', 9.0, 107.0, 9.0, 101.0, 24.0],
    ];

    /**
     * Texts that came to her: the tongue they are written in, and their lines; in the second one row does not come
     * out, the third is a fabric.
     */
    private const TEXTS = [
        'Lighthouse bucket' => ['', [
            'Lighthouse bucket', '', 'Round 1: 8 sc in magic ring (8)', 'Round 2: 2 sc in each st around (16)',
            'Round 3: *sc in next st, 2 sc in next st; rep from * around (24)',
            'Round 4: *sc in next 2 sts, 2 sc in next st; rep from * around (32)',
            'Round 5: *sc in next 3 sts, 2 sc in next st; rep from * around (40)',
            'Rounds 6-20: sc in each st around (40)',
            'Round 21: sc in next 5 sts, ch 12, sk next 10 sts, sc in next 10 sts, ch 12, sk next 10 sts, sc in next 5 sts (20 sc, 2 ch-12 sps)',
            'Round 22: sc in next 5 sts, 12 sc in ch-12 sp, sc in next 10 sts, 12 sc in ch-12 sp, sc in next 5 sts (44)',
        ]],
        'Cesta del muelle' => ['en-US', [
            'Hacer 17 cadenetas.',
            'V1: 3 pb en la 2.ª cad desde la aguja, pb en las 14 cad sig, 3 pb en la última cad, por el otro lado pb en las 14 cad sig (34)',
            'V2: 2 pb en cada uno de los 3 p sig, pb en los 14 p sig, 2 pb en cada uno de los 3 p sig, pb en los 13 p sig (40)',
            'Vueltas 3-14: pb en cada p de la vuelta (40)',
        ]],
        'Lantern shells' => ['', [
            'Round 1: *sc in next st, sk 2, (2 dc, ch 1, 2 dc) in next st, sk 2; rep from * around',
            'Round 2: *sc in next sc, sk 2, (2 dc, ch 1, 2 dc) in next ch-1 sp, sk 2; rep from * around',
        ]],
    ];

    public function run(): void
    {
        DB::transaction(function (): void {
            if (User::query()->where('email', self::EMAIL)->exists()) {
                return;
            }
            $maker = User::query()->create(['name' => 'Mirre', 'email' => self::EMAIL, 'password' => self::PASSWORD, 'wage' => '13.50']);
            RecoveryCode::renew($maker);
            $materials = $this->materials($maker);
            $swatches = $this->swatches($maker, $materials);
            $this->bags($maker, $materials, $swatches);
            $this->otherWays($maker, $materials, $swatches);
            $this->finishes($maker);
            $this->worked($maker);
            $this->finished($maker);
            $this->pieces($maker, $materials['bakery']);
            $this->picture($maker);
            foreach (self::TEXTS as $name => [$to, $lines]) {
                $text = implode("\n", $lines);
                $motif = OwnMotif::of(Checked::of($text), $name)->motif->key ?? '';
                $maker->texts()->create(['name' => $name, 'to' => $to, 'text' => $text, 'motif' => $motif]);
            }
        });
    }

    /** @return array<string, Material> */
    private function materials(User $maker): array
    {
        $made = [];
        foreach (self::MATERIALS as $key => [$said, $entries]) {
            $made[$key] = $this->material($maker, $said, $entries);
        }
        foreach (self::NOTIONS as $key => [$said, $entries]) {
            $made[$key] = $this->material($maker, $said, $entries);
        }

        return $made;
    }

    /**
     * @param array<string, string> $said
     * @param list<array{Move, float, int, string}> $entries
     */
    private function material(User $maker, array $said, array $entries): Material
    {
        $text = new MaterialText($said, Stash::finder($maker));
        if ($text->wrong !== []) {
            throw new \LogicException("The demo’s {$said['name']}: ".implode(' ', $text->wrong));
        }
        $made = Stash::keep($maker, $text);
        foreach ($entries as [$move, $amount, $days, $note]) {
            $entry = Ledger::enter($made, $move, $amount, note: $note === '' ? null : $note);
            $entry->created_at = Carbon::now()->subDays($days);
            $entry->save();
        }

        return $made;
    }

    /**
     * @param array<string, Material> $materials
     *
     * @return array<string, Swatch>
     */
    private function swatches(User $maker, array $materials): array
    {
        // The same square again, with three kilograms hung from it.
        $maker->swatches()->create(['material_id' => $materials['rope-walk']->id, 'name' => 'Rope-walk, sc on 8, hung', 'hook' => Length::mm(8), 'stitch' => Motif::single(), 'stitches_counted' => 11.0, 'width' => Length::mm(128), 'rows_counted' => 11.0, 'height' => Length::mm(133), 'state' => State::Hung, 'hung_load' => Mass::grams(3000)]);

        return array_map(fn(array $swatch): Swatch => $maker->swatches()->create([
            'material_id' => $materials[$swatch[0]]->id,
            'name' => $swatch[1],
            'hook' => Length::mm($swatch[2]),
            'stitch' => Motif::named($swatch[3]),
            'stitches_counted' => $swatch[4],
            'width' => Length::mm($swatch[5]),
            'rows_counted' => $swatch[6],
            'height' => Length::mm($swatch[7]),
            'mass' => $swatch[8] === null ? null : Mass::grams($swatch[8]),
            'drape' => $swatch[2] > 8.5 ? Fabric::Even : Fabric::Firm,
            'chosen' => $swatch[1] === 'Rope-walk, sc on 8',
        ]), self::SWATCHES);
    }

    /** One picture on the table, its marks where they belong. */
    private function picture(User $maker): void
    {
        $marks = ['stitches' => '10', 'rows' => '8', 'stitch' => 'sc', 'lies' => 'level'];
        foreach (DemoPicture::marks() as $mark => [$x, $y]) {
            $marks += ["{$mark}x" => (string) $x, "{$mark}y" => (string) $y];
        }
        $maker->pictures()->create(['width' => DemoPicture::WIDTH, 'height' => DemoPicture::HEIGHT, 'jpeg' => DemoPicture::jpeg(), 'marks' => $marks]);
    }

    /**
     * @param array<string, Material> $materials
     * @param array<string, Swatch> $swatches
     */
    private function bags(User $maker, array $materials, array $swatches): void
    {
        foreach (array_reverse(self::bagsInHand()) as $order => [$key, $name, $length, $width, $height, $ends, $working, $stitch, $loop, $slot, $given]) {
            $choices = [
                'name' => $name,
                'size' => ['length' => "{$length} cm", 'width' => "{$width} cm", 'height' => "{$height} cm"],
                'working' => $working,
                'base' => ['type' => 'oval', 'ends' => $ends] + array_intersect_key($given, ['chain' => 1, 'rounds' => 1]),
                'body' => ['stitch' => $stitch, 'loop' => $loop] + (isset($given['body']) ? ['rounds' => $given['body']] : []),
            ];
            if ($slot !== null) {
                $choices['handles'] = ['type' => 'slot', 'skip' => $slot[0], 'chain' => $slot[1], 'edge_rounds' => $slot[2]];
            }
            if ($name === 'Purser’s pouch') {
                $choices['handles'] = ['type' => 'foundation', 'hangs' => '90 cm'];
            }
            if ($name === 'Night-crossing bag') {
                $choices['body'] = ['stitch' => $stitch, 'loop' => $loop, 'rounds' => 8, 'above' => [['stitch' => 'mesh', 'loop' => 'both'], ['stitch' => 'sc', 'loop' => 'both', 'rounds' => 2]]];
            }
            if ($name === 'Ticket-hall shopper') {
                $choices['base'] = ['type' => 'rows', 'stitch' => 'sc'];
                $choices['body'] = ['stitch' => 'two-in-one', 'loop' => 'both'];
                $choices['handles'] = ['type' => 'chain', 'edge_rounds' => 2];
            }
            if ($name === 'Lantern bag') {
                $choices['others'] = [['material_id' => $materials['dusk']->id]];
                $choices['changes'] = [['from' => 'Round 8', 'to' => 1], ['from' => 'Round 10', 'to' => 0], ['from' => 'Round 14', 'to' => 1]];
            }
            $bag = new Bag(['material_id' => $materials[$key]->id, 'swatch_id' => $swatches[$key]->id, 'choices' => $choices]);
            $bag->created_at = Carbon::now()->subMinutes(60 - $order);
            $bag->updated_at = Carbon::now()->subMinutes(60 - $order);
            $maker->bags()->save($bag);
            if ($name === 'Gangway tote') {
                Ledger::reserve($materials[$key], $bag, 820);
            }
            if ($name === 'Signal bag') {
                $bag->minutes()->create(['part' => 'base', 'minutes' => 46]);
                Bag::withoutTimestamps(function () use ($bag): void {
                    WeighIns::of($bag)->enter(new RowId(RowKind::Round, 3), Mass::grams(424));
                    WeighIns::of($bag)->enter(new RowId(RowKind::Round, 8), Mass::grams(304));
                });
            }
            // A demo bag that cannot be planned is a fault in the demo: let it be seen.
            $bag->plan();
        }
    }

    /**
     * Other ways to begin and to end a bag, a bag each.
     *
     * @param array<string, Material> $materials
     * @param array<string, Swatch> $swatches
     */
    private function otherWays(User $maker, array $materials, array $swatches): void
    {
        $size = fn(?int $length, ?int $width, int $height): array => array_filter(['length' => $length === null ? null : "{$length} cm", 'width' => $width === null ? null : "{$width} cm", 'height' => "{$height} cm"]);
        foreach ([
            'Rope-locker bucket' => ['rope-walk', ['size' => $size(null, 22, 24), 'working' => 'spiral', 'base' => ['type' => 'round', 'stitch' => 'sc'], 'body' => ['stitch' => 'sc', 'loop' => 'both', 'top_width' => '31 cm'], 'edge' => ['stitch' => 'crab', 'rounds' => 1], 'handles' => ['type' => 'straps', 'from' => 'across', 'stitch' => 'sc', 'wide' => 5, 'hangs' => '80 cm']]],
            'Chart-table tray' => ['slate', ['size' => $size(34, 22, 9), 'working' => 'joined', 'base' => ['type' => 'square'], 'body' => ['stitch' => 'sc', 'loop' => 'both'], 'edge' => ['stitch' => 'slip', 'rounds' => 1]]],
            'Oyster-stall net bag' => ['dusk', ['size' => $size(34, null, 30), 'working' => 'spiral', 'base' => ['type' => 'folded-chain', 'turn' => 'space'], 'body' => ['stitch' => 'mesh', 'loop' => 'both'], 'handles' => ['type' => 'chain', 'edge_rounds' => 1]]],
            'Paper-boat pouch' => ['buoy', ['size' => $size(24, 4, 18), 'working' => 'spiral', 'base' => ['type' => 'folded-rows', 'stitch' => 'sc', 'rows' => 3], 'body' => ['stitch' => 'spaced', 'loop' => 'both'], 'handles' => ['type' => 'straps', 'stitch' => 'sc', 'wide' => 3, 'rows' => 20]]],
            'Lighthouse basket' => ['stripe', ['size' => ['height' => '20 cm'], 'working' => 'joined', 'base' => ['type' => 'holes', 'holes' => 52, 'length' => '30 cm', 'width' => '14 cm', 'first_hook' => '3.5 mm', 'hole' => '5 mm'], 'body' => ['stitch' => 'sc', 'loop' => 'both'], 'edge' => ['stitch' => 'slip', 'rounds' => 1], 'handles' => ['type' => 'sewn', 'length' => '42 cm']]],
            'Ferry-bench bag' => ['slate', ['size' => $size(32, 14, 28), 'working' => 'joined-turned', 'starting_chain' => 'counts', 'base' => ['type' => 'oval', 'ends' => 'six', 'stitch' => 'dc', 'rise' => true], 'body' => ['stitch' => 'dc', 'loop' => 'both'], 'edge' => ['stitch' => 'sc', 'rounds' => 1], 'handles' => ['type' => 'rings', 'count' => 4]]],
            'Two-masted bag' => ['slate', ['working' => 'joined', 'base' => ['type' => 'frame', 'holes' => 11, 'length' => '26 cm', 'bridge' => 10], 'body' => ['stitch' => 'posts', 'loop' => 'both', 'rounds' => 9]]],
            'Harbour-office satchel' => ['rope-walk', ['size' => $size(19, 5, 13), 'working' => 'spiral', 'build' => ['type' => 'envelope', 'stitch' => 'sc', 'hole' => 2]]],
            'Twin-quay tote' => ['slate', ['size' => $size(28, 9, 26), 'working' => 'joined', 'build' => ['type' => 'panels', 'stitch' => 'sc', 'shape' => 'slipped', 'border' => 'dc', 'join' => 'whip'], 'edge' => ['stitch' => 'slip', 'rounds' => 1], 'handles' => ['type' => 'straps', 'stitch' => 'sc', 'wide' => 3, 'hangs' => '40 cm']]],
            'Ticket-desk case' => ['dusk', ['working' => 'spiral', 'build' => ['type' => 'canvas', 'stitch' => 'sc', 'sheet_across' => 55, 'sheet_high' => 130, 'pitch' => '3.8 mm', 'front' => 36, 'bottom' => 18, 'flap' => 38, 'clasp' => '5 cm']]],
            'Gangway clutch' => ['buoy', ['size' => $size(22, null, 15), 'working' => 'spiral', 'build' => ['type' => 'end-and-back', 'stitch' => 'hdc', 'tassels' => 'tassels']]],
            'Herring-day hammock' => ['stripe', ['size' => $size(26, null, 36), 'working' => 'spiral', 'build' => ['type' => 'net', 'stitch' => 'sc', 'strap' => 48]]],
            'Lantern-tab bag' => ['buoy', ['working' => 'spiral', 'build' => ['type' => 'tabs', 'rows' => 4, 'across' => 6, 'net' => [2, 4, 5, 4, 2], 'tab' => ['width' => '16 mm', 'height' => '24 mm']]]],
        ] as $name => [$key, $choices]) {
            $bag = new Bag(['material_id' => $materials[$key]->id, 'swatch_id' => $swatches[$key]->id, 'choices' => ['name' => $name] + $choices]);
            // By turns with the ovals: the first screen shows how bags are made, not one way of it.
            $bag->created_at = $bag->updated_at = Carbon::now()->subMinutes(48)->subSeconds(60 * $maker->bags()->count() - 660);
            $maker->bags()->save($bag);
            if ($bag->plan()->assembly()?->tabs !== null) {
                foreach (['collect' => 320, 'sort' => 240, 'wash' => 160, 'bend' => 36] as $step => $done) {
                    TabShelf::add($bag, TabStep::from($step), $done);
                }
            }
        }
    }

    /** What some of them will be closed and lined with. */
    private function finishes(User $maker): void
    {
        foreach ([
            'Gangway tote' => [['type' => 'magnet', 'wide' => '18 mm', 'under' => '3 cm'], ['type' => 'lining', 'pocket' => ['width' => '16 cm', 'height' => '13 cm']]],
            'Knot-garden clutch' => [['type' => 'zip'], ['type' => 'lining'], ['type' => 'tassels', 'where' => 'folds', 'wraps' => 40]],
            'Night-crossing bag' => [['type' => 'turn-lock', 'wide' => '35 mm'], ['type' => 'lining', 'drawn' => true]],
            'Oyster-stall net bag' => [['type' => 'drawstring', 'as' => 'double']],
            'Paper-boat pouch' => [['type' => 'drawstring'], ['type' => 'tassels', 'where' => 'around', 'every' => 6]],
            'Harbour-office satchel' => [['type' => 'chain-strap', 'link' => '3 mm'], ['type' => 'lining']],
        ] as $name => $finish) {
            $bag = $maker->bags()->where('choices->name', $name)->firstOrFail();
            Bag::withoutTimestamps(fn() => $bag->update(['choices' => ['finish' => $finish] + $bag->choices]));
            $bag->plan();
        }
    }

    /** Bags that were sold or given before: what each took, came to and held. */
    private function finished(User $maker): void
    {
        foreach ([
            ['First lantern', 'rope-walk', [22, 12, 17], 0.97, 8.0, 'The slot one round lower.'],
            ['Bait-shed tote', 'slate', [34, 12, 29], 1.06, 11.0, 'A smaller hook for the base.'],
            ['Deckhand’s lunch bag', 'rope-walk', [24, 13, 20], 1.02, 6.0, ''],
            ['Low-tide basket', 'stripe', [32, 14, 12], 0.93, 5.0, 'Two rounds more, it is a tray.'],
            ['Anchor-light bag', 'dusk', [25, 8, 22], 1.19, 7.0, 'I drew it up too loosely: it took a third ball.'],
            ['Ropemaker’s tote', 'rope-walk', [33, 12, 26], 1.03, 9.5, 'Nothing. Again just so.'],
            ['Bollard bucket', 'slate', [30, 16, 24], 1.08, 10.0, 'Line it next time.'],
        ] as $nth => [$name, $key, [$length, $width, $height], $off, $load, $note]) {
            $swatch = $maker->swatches()->where('name', self::SWATCHES[$key][1])->firstOrFail();
            $bag = new Bag(['material_id' => $swatch->material_id, 'swatch_id' => $swatch->id, 'choices' => [
                'name' => $name,
                'size' => ['length' => "{$length} cm", 'width' => "{$width} cm", 'height' => "{$height} cm"],
                'working' => 'spiral',
                'base' => ['type' => 'oval', 'ends' => 'two-and-two'],
                'body' => ['stitch' => $swatch->stitch->key],
                'handles' => ['type' => 'slot', 'edge_rounds' => 1],
            ]]);
            $bag->created_at = $bag->updated_at = Carbon::now()->subDays(80 - 9 * $nth);
            $maker->bags()->save($bag);
            $plan = $bag->plan();
            $estimate = MaterialEstimate::of($plan);
            BagFinish::query()->forceCreate([
                'bag_id' => $bag->id,
                'wide' => $plan->comesOut->flatWidth->times(1 + ($off - 1) / 4)->exact(),
                'high' => $plan->comesOut->height->times(1 - ($off - 1) / 5)->exact(),
                'used' => round($estimate->grams->likely * $off, 1),
                'minutes' => (int) round(240 + 37 * $nth),
                'load' => "{$load} kg", 'hung_for' => 60, 'seen' => $off > 1.1 ? 'stretched' : 'held',
                'expected' => [
                    'low' => round($estimate->grams->low(), 1), 'likely' => round($estimate->grams->likely, 1),
                    'high' => round($estimate->grams->high(), 1), 'minutes' => 260.0,
                ],
                'otherwise' => $note,
                'created_at' => Carbon::now()->subDays(74 - 9 * $nth), 'updated_at' => Carbon::now()->subDays(74 - 9 * $nth),
            ]);
        }
    }

    /** Bags in every state of work: hardly begun, in the midst of a round, ripped back, all rows done. */
    private function worked(User $maker): void
    {
        foreach ([
            'Oyster-stall net bag' => [null, 0], 'Harbour-office satchel' => ['Panel: Row 12', 0],
            'Rope-locker bucket' => ['Round 2', 0], 'Signal bag' => ['Round 8', 21],
        ] as $name => [$row, $stitch]) {
            $bag = $maker->bags()->where('choices->name', $name)->firstOrFail();
            $course = Course::of($bag->plan());
            $end = $row === null ? count($course->rows) : 1 + (int) $course->row(RowId::read($row) ?? throw new \LogicException("No row is called {$row}."));
            $at = Carbon::now()->subDays(2)->valueOf();
            $entries = [];
            for ($done = 1; $done <= $end; $done++) {
                $entries[] = [(string) $course->rows[$done - 1]->id, $course->rows[$done - 1]->stitches, Did::Step];
            }
            if ($name === 'Rope-locker bucket') {
                array_push($entries, ['Round 3', 9, Did::Step], ['Round 2', 0, Did::Ripped], ['Round 2', $course->rows[1]->stitches, Did::Step]);
            }
            if ($stitch > 0) {
                $entries[] = [(string) $course->rows[$end]->id, $stitch, Did::Step];
            }
            WorkLog::add($bag, array_map(fn(array $one, int $nth): Entry => Entry::read([
                'device' => 'first-phone', 'number' => $nth + 1, 'turn' => $nth + 1, 'at' => (int) $at + 200_000 * $nth,
                'did' => $one[2]->value, 'row' => $one[0], 'stitch' => $one[1], 'plan' => $course->fingerprint(),
            ]), $entries, array_keys($entries)), $course);
        }
    }

    /** Shirts, bags and ribbon that wait, two batches on the table, and one that is done. */
    private function pieces(User $maker, Material $bakery): void
    {
        $made = array_map(fn(array $one): RawPiece => $maker->rawPieces()->create(array_combine(['name', 'form', 'colour', 'fibre', 'count', 'measures'], $one)), [
            'hold' => ['Hold-crew shirts, large', 'tube', '#3f5b6b', 'cotton', 4, ['source' => 'tube', 'flat_width' => '54 cm', 'height' => '44 cm', 'trim_bottom' => '2.5 cm', 'mass' => '148 g', 'pull' => 1.3]],
            'small' => ['Cabin-boy shirts', 'tube', '#8c3f4d', 'cotton', 6, ['source' => 'tube', 'flat_width' => '41 cm', 'height' => '36 cm', 'trim_bottom' => '2 cm', 'mass' => '86 g', 'pull' => 1.25]],
            'sleeves' => ['Long sleeves', 'tube', '#3f5b6b', 'cotton', 8, ['source' => 'tube', 'flat_width' => '19 cm', 'flat_width_end' => '11 cm', 'height' => '47 cm', 'trim_bottom' => '3 cm', 'areal' => '158 g/m2', 'pull' => 1.25]],
            'sheet' => ['Bunk sheet, torn', 'panel', '#e4dcc8', 'cotton', 1, ['source' => 'panel', 'flat_width' => '140 cm', 'height' => '90 cm', 'areal' => '131 g/m2']],
            'bakery' => ['Bakery bags, yellow', 'bag', '#d9a441', 'polyethylene', 34, ['source' => 'bag-loops', 'flat_width' => '28 cm', 'side_fold' => '8 cm', 'height' => '52 cm', 'trim_top' => '14 cm', 'trim_bottom' => '3 cm', 'mass' => '8.6 g']],
            'chandler' => ['Chandler’s bags, white', 'bag', '#dfe2df', 'polyethylene', 12, ['source' => 'bag-loops', 'flat_width' => '38 cm', 'height' => '49 cm', 'trim_top' => '9 cm', 'trim_bottom' => '2 cm', 'mass' => '17 g']],
            'pennant' => ['Pennant ribbon end', 'ribbon', '#2f6a74', 'polyester', 1, ['source' => 'ribbon-half', 'flat_width' => '18 mm', 'height' => '3.2 m', 'mass' => '13.8 g']],
        ]);
        foreach ([['bakery', 'Yellow loops for the shopper', 50.0, CutMethod::Joined, 12, 5, true, 4], ['hold', 'Hold-crew yarn', 22.0, CutMethod::OneStrand, 2, 1, false, 7], ['bakery', 'First yellow loops', 50.0, CutMethod::Joined, 24, 6, true, 99]] as [$key, $name, $strip, $school, $pieces, $stack, $ahead, $done]) {
            /** @var Batch $batch */
            $batch = $maker->batches()->create(['raw_piece_id' => $made[$key]->id, 'name' => $name, 'colour' => $made[$key]->colour, 'document' => $made[$key]->document(Length::mm($strip), $school, $pieces), 'stack' => $stack, 'join_ahead' => $ahead]);
            foreach (array_slice($batch->steps(), 0, $done) as $step) {
                $batch->tick($step->key, true);
            }
            if ($name === 'First yellow loops') {
                $batch->update(['finished_at' => Carbon::now()->subDays(15), 'material_id' => $bakery->id]);
            }
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
            ['stripe', 'Mooring basket', 34, 17, 12, 'three', 'spiral', 'sc', 'both', [8, 12, 2], []],
            ['buoy', 'Purser’s pouch', 19, 7, 14, 'three', 'joined', 'sc', 'both', null, []],
            ['slate', 'Deck-chair tote', 36, 14, 32, 'two-and-two', 'joined', 'hdc', 'both', [9, 15, 2], []],
            ['foam', 'Breadwinner', 30, 12, 22, 'three', 'spiral', 'sc', 'both', [8, 13, 1], []],
            ['dusk', 'Night-crossing bag', 26, 9, 21, 'two-and-two', 'spiral', 'sc', 'front', [11, 17, 1], []],
            ['rope-walk', 'Lantern bag', 24, 14, 18, 'three', 'spiral', 'sc', 'both', [9, 14, 1], []],
            ['bakery', 'Ticket-hall shopper', 33, 9, 27, 'two-and-two', 'spiral', 'hdc', 'both', [9, 15, 2], []],
            ['slate', 'Tideline tray', 32, 20, 8, 'three', 'joined', 'sc', 'both', null, []],
            ['dusk', 'Knot-garden clutch', 23, 5, 13, 'two-and-two', 'spiral', 'sc', 'back', null, []],
            ['buoy', 'Signal bag', 22, 9, 20, 'two-and-two', 'spiral', 'hdc', 'both', [12, 19, 1], ['chain' => 16, 'rounds' => 5, 'body' => 13]],
            ['rope-walk', 'Winter-market carrier', 36, 13, 30, 'two-and-two', 'joined', 'sc', 'both', [11, 17, 2], []],
        ];
    }
}
