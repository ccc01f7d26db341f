<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\Hands;
use App\Models\User;
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
     * Her bags in hand, those changed last first.
     *
     * @return HasMany<Bag, User>
     */
    public static function query(User $maker): HasMany
    {
        $bags = $maker->bags();
        $bags->whereDoesntHave('finish');

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
        $hands = new Hands($maker->id);
        $books = $hands->books();
        $known = [];
        foreach ($bags as $bag) {
            $bag->asks($hands);
            $known[self::knownAs($bag)] = [$bag, self::on($bag, $maker)];
        }
        $books->look(array_keys($known));
        $old = array_filter(
            $known,
            fn(array $one, string $what): bool => ! $books->knows($what, $one[1]),
            ARRAY_FILTER_USE_BOTH,
        );
        PlanSheet::read($hands, array_column($old, 0));

        $listed = [];
        foreach ($known as $what => [$bag, $of]) {
            $listed[] = $books->known($what, $of, fn(): self => self::of($bag, $maker));
        }

        return $listed;
    }

    /** What lists will say of a bag whose plan is at hand, so that none of them makes that again. */
    public static function foresee(PlanSheet $sheet, User $maker): void
    {
        $bag = $sheet->bag;
        $books = $bag->hands()->books();
        $books->foresee(self::knownAs($bag), self::on($bag, $maker), fn(): self => self::told($bag, $sheet));
    }

    private static function knownAs(Bag $bag): string
    {
        return "listed {$bag->id}";
    }

    /** What it is told of, beside what her books say. */
    private static function on(Bag $bag, User $maker): string
    {
        return json_encode(
            [$bag->getAttributes(), $bag->standsOn(), $maker->units, $maker->terms],
            JSON_THROW_ON_ERROR,
        );
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
            $bag->chip($sheet?->plan->spec->strands->own),
            $bag->material->name ?? 'material from its file',
            $sheet === null ? null : ListedPlan::of($sheet),
        );
    }
}
