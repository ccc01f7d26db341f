<?php

declare(strict_types=1);

namespace App\Books;

use App\Models\Bag;
use App\Models\Material;
use App\Models\User;
use Fescue\Core\Instruction\Motif;

/**
 * What is asked of a maker's books: the name its answer is kept under, and all that this is made of beside what the
 * number of the books stands for (stash, swatches, weigh-ins, hours) and our code. All of them stand here.
 */
final readonly class Question
{
    /** Of a bag's choices, those that say what it stands on. */
    private const STANDS_BY = ['others' => 1, 'changes' => 1, 'learned' => 1, 'swatch_counts' => 1];

    /** @param array<mixed> $of */
    public function __construct(public string $name, private array $of = []) {}

    /** What a bag stands on, and what that says. */
    public static function stand(Bag $bag): self
    {
        return new self("bag {$bag->id}", [
            $bag->material_id,
            $bag->swatch_id,
            $bag->hangs(),
            array_intersect_key($bag->choices, self::STANDS_BY),
            // Of what others teach, where it is learned.
            $bag->isLearned() ? array_diff_key(BagFacts::of($bag)->hands()->marks(), [$bag->id => 1]) : [],
        ]);
    }

    /** What a list says of a bag. */
    public static function listed(Bag $bag, User $maker): self
    {
        return new self("listed {$bag->id}", [...self::shown($bag, $maker), self::stand($bag)->of]);
    }

    /** What makes a bag fit that runs short. */
    public static function mends(Bag $bag, User $maker): self
    {
        return new self("mends {$bag->id}", [...self::shown($bag, $maker), BagFacts::of($bag)->hands()->marks()]);
    }

    /** What a bag would come to of a material, hook by hook. */
    public static function whatIf(Bag $bag, User $maker, Material $of): self
    {
        $hands = BagFacts::of($bag)->hands();

        return new self(
            "what-if {$bag->id} {$of->id}",
            [...self::shown($bag, $maker), $hands->marks(), $hands->books()->timed()],
        );
    }

    /** All that her hands have shown. */
    public static function hand(MakerHistory $hands): self
    {
        return new self('hand', $hands->marks());
    }

    /** How fast she works. */
    public static function pace(Books $books): self
    {
        return new self('pace', [$books->timed()]);
    }

    /** What her hand makes of other stitches, beside one that is measured. */
    public static function proportions(Motif $measured): self
    {
        // The rows of a maker's own are no name to keep an answer under.
        return new self('proportions '.($measured->isOwn() ? sha1($measured->key) : $measured->key));
    }

    /**
     * What a bag of hers teaches.
     *
     * @param string $lesson what of
     * @param string $mark what it is told from what it was by
     */
    public static function taught(string $lesson, int $bag, string $mark): self
    {
        return new self("{$lesson} {$bag}", [$mark]);
    }

    /** @return list<mixed> a bag as it is kept, and how she reads it */
    private static function shown(Bag $bag, User $maker): array
    {
        return [$bag->getAttributes(), $maker->units, $maker->terms, app()->getLocale()];
    }

    /** Another as soon as what it is made of is, or our code. */
    public function mark(string $fingerprint): string
    {
        return sha1($fingerprint.json_encode($this->of, JSON_THROW_ON_ERROR));
    }
}
