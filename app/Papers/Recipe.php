<?php

declare(strict_types=1);

namespace App\Papers;

use App\Bags\Booklet;
use App\Bags\FinishSheet;
use App\Bags\SharedCopy;
use App\Bags\Sheets\PlanSheet;
use App\Books\BagFacts;
use App\Files\ClothSheets;
use App\Files\Code;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Picture;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Illuminate\Support\Facades\DB;

/** What is to be printed of a bag, for whom: told by a few words, so that a worker elsewhere can make it. */
final readonly class Recipe
{
    /**
     * @param 'words'|'booklet'|'given'|'lining' $kind as given it is what a link shows
     * @param ?Terms $beside of words, the tongue that stands beside theirs
     */
    public function __construct(
        private string $kind,
        private Bag $bag,
        private LengthUnit $unit,
        private Terms $terms,
        private string $paper = 'A4',
        private ?Terms $beside = null,
    ) {}

    public function owner(): int
    {
        return $this->bag->user_id;
    }

    /** Another as soon as what it shows is: choices, facts, tongue, unit, paper, and our own code. */
    public function key(): string
    {
        $bag = $this->bag;
        $hands = BagFacts::of($bag)->hands();

        return sha1(json_encode([
            Code::fingerprint(), $this->write(), $bag->getAttributes(), $bag->document(), $hands->marks(),
            $hands->books()->timed(),
            // How she signs.
            DB::table('users')->where('id', $bag->user_id)->first(['signs', 'rights', 'sections']),
            array_map(
                fn(mixed $one): mixed => $one?->getAttributes(),
                [$bag->material, $bag->swatch, ...$bag->others(), BagFinish::query()->find($bag->id)],
            ),
            Picture::query()->where('bag_id', $bag->id)->orderBy('id')->pluck('id'),
            // Hours are told by all that she logged.
            DB::table('bag_minutes')->join('bags', 'bags.id', '=', 'bag_id')->where('user_id', $bag->user_id)
                ->selectRaw('sum(crc32(concat_ws(" ", bag_id, part, bag_minutes.minutes))) as logged')->value('logged'),
            DB::table('bag_finishes')->join('bags', 'bags.id', '=', 'bag_id')->where('user_id', $bag->user_id)
                ->selectRaw('sum(crc32(concat_ws(" ", bag_id, minutes))) as logged')->value('logged'),
        ], JSON_THROW_ON_ERROR));
    }

    public function write(): string
    {
        return json_encode([
            'kind' => $this->kind, 'bag' => $this->bag->id, 'unit' => $this->unit->value,
            'terms' => $this->terms->value, 'paper' => $this->paper, 'beside' => $this->beside?->value,
        ], JSON_THROW_ON_ERROR);
    }

    /** Null where the bag has gone meanwhile. */
    public static function read(string $text): ?self
    {
        /**
         * @var array{
         *     kind: 'words'|'booklet'|'given'|'lining', bag: int, unit: string, terms: string, paper: string,
         *     beside?: ?string
         * } $of one that was written by the version before has nothing beside it
         */
        $of = json_decode($text, true, flags: JSON_THROW_ON_ERROR);
        $bag = Bag::query()->find($of['bag']);

        return $bag === null ? null : new self(
            $of['kind'],
            $bag,
            LengthUnit::from($of['unit']),
            Terms::from($of['terms']),
            $of['paper'],
            Terms::tryFrom($of['beside'] ?? ''),
        );
    }

    public function pdf(): string
    {
        return Tongues::speaking($this->terms, $this->unit, $this->printed(...));
    }

    private function printed(): string
    {
        $reader = User::query()->findOrFail($this->bag->user_id);
        $reader->units = $this->unit;
        if ($this->kind === 'given') {
            [$given, $estimate] = SharedCopy::of($this->bag);

            return Booklet::whole(PlanSheet::of($given, $reader, $this->terms, $estimate));
        }
        $sheet = PlanSheet::of($this->bag, $reader, $this->terms);

        return match ($this->kind) {
            'words' => Booklet::plain(
                $sheet,
                $this->beside === null ? null : PlanSheet::of($this->bag, $reader, $this->beside),
            ),
            'booklet' => Booklet::whole($sheet),
            'lining' => ClothSheets::of(
                FinishSheet::of($sheet, $reader)->linings()[0][0]->pieces ?? [],
                $this->bag->name(),
                $this->paper,
            ),
        };
    }
}
