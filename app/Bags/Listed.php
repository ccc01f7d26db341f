<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Books\BagFacts;
use App\Books\MakerHistory;
use App\Books\Question;
use App\Models\Bag;
use App\Models\User;
use App\Tongue\Tongues;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** What a list says of a bag. Kept until the bag or what it stands on changes: planning many anew takes long. */
final readonly class Listed
{
    private function __construct(
        public int $id,
        public string $name,
        public string $chip,
        public string $material,
        public ?ListedPlan $plan,
    ) {}

    /**
     * Her bags in hand, those begun first, and of these as of the others those changed last.
     *
     * @return HasMany<Bag, User>
     */
    public static function query(User $maker): HasMany
    {
        $bags = $maker->bags();
        $bags->whereDoesntHave('finish');
        $bags->reorder()->orderByRaw(WorkLog::BEGUN.' desc')->latest('updated_at')->latest('id');

        return $bags;
    }

    /**
     * @param array<Bag> $bags
     *
     * @return list<self>
     */
    public static function all(User $maker, array $bags): array
    {
        if ($bags === []) {
            return [];
        }
        $hands = new MakerHistory($maker->id);
        $books = $hands->books();
        $asked = [];
        foreach ($bags as $bag) {
            $asked[] = [BagFacts::of($bag)->asks($hands), Question::listed($bag, $maker)];
        }
        $books->look(array_column($asked, 1));
        $old = array_filter($asked, fn(array $one): bool => ! $books->knows($one[1]));
        BagFacts::readAll($hands, array_column($old, 0));

        $listed = [];
        foreach ($asked as [$bag, $question]) {
            $listed[] = $books->known($question, fn(): self => self::of($bag, $maker));
        }

        return $listed;
    }

    /** What lists will say of a bag whose plan is at hand, so that none of them makes that again. */
    public static function foresee(PlanSheet $sheet, User $maker): void
    {
        $bag = $sheet->bag;
        $books = BagFacts::of($bag)->hands()->books();
        $books->foresee(Question::listed($bag, $maker), fn(): self => self::told($bag, $sheet));
    }

    private static function of(Bag $bag, User $maker): self
    {
        return self::told($bag, PlanSheet::orNone($bag, $maker));
    }

    private static function told(Bag $bag, ?PlanSheet $sheet): self
    {
        return new self(
            $bag->id,
            $bag->name(),
            $bag->chip($sheet?->plan->spec->facts->strands->own),
            $bag->material->name ?? Tongues::tell('material from its file'),
            $sheet === null ? null : ListedPlan::of($sheet),
        );
    }
}
