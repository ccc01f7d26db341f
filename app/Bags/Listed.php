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
        $what = fn(Bag $bag): string => "listed {$bag->id}";
        $of = fn(Bag $bag): string => json_encode(
            [$bag->getAttributes(), $bag->standsOn(), $maker->units, $maker->terms],
            JSON_THROW_ON_ERROR,
        );
        array_map(fn(Bag $bag): Bag => $bag->asks($hands), $bags);
        $books->look(array_values(array_map($what, $bags)));
        PlanSheet::read($hands, array_filter($bags, fn(Bag $bag): bool => ! $books->knows($what($bag), $of($bag))));

        return array_values(array_map(fn(Bag $bag): self => $books->known(
            $what($bag),
            $of($bag),
            fn(): self => self::of($bag, $maker),
        ), $bags));
    }

    private static function of(Bag $bag, User $maker): self
    {
        $sheet = PlanSheet::orNone($bag, $maker);

        return new self(
            $bag->id,
            $bag->name(),
            $bag->chip($sheet?->plan->spec->strands->own),
            $bag->material->name ?? 'material from its file',
            $sheet === null ? null : ListedPlan::of($sheet),
        );
    }
}
