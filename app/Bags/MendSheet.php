<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Books\BagFacts;
use App\Books\Question;
use App\Models\User;
use Fescue\Core\Estimate\Mend;
use Fescue\Core\Estimate\Mends;
use Fescue\Core\Estimate\Spare;

/** What makes a bag fit that runs short. Some forty whole plans: they follow the page, and are known from then on. */
final class MendSheet
{
    /** Other strands that a bag may go on in. */
    private const SPARES = 24;

    /**
     * @param bool $now whether they are reckoned where they are not known
     *
     * @return ?list<MendLine> none of a bag that does not run short; null where they are to follow
     */
    public static function of(PlanSheet $sheet, User $maker, bool $now): ?array
    {
        if ($sheet->estimate->isSure() !== false) {
            return [];
        }
        $bag = $sheet->bag;
        $books = BagFacts::of($bag)->hands()->books();
        $question = Question::mends($bag, $maker);

        return $now || $books->knows($question)
            ? $books->known($question, fn(): array => array_map(MendLine::of(...), self::all($sheet, $maker)))
            : null;
    }

    /** @return list<Mend> */
    public static function all(PlanSheet $sheet, User $maker): array
    {
        // The hand is learned only where there is something to mend.
        $isShort = $sheet->estimate->isSure() === false;

        return Mends::of(
            $sheet->plan,
            $sheet->estimate,
            $isShort ? BagFacts::of($sheet->bag)->hands()->learned() : null,
            $isShort ? self::spares($sheet, $maker) : [],
        );
    }

    /** @return list<Spare> her other strands, with what of them is free for this bag */
    private static function spares(PlanSheet $sheet, User $maker): array
    {
        $spares = [];
        // Those most like it: another thickness makes another bag.
        $thick = $sheet->plan->spec->facts->strands->own->diameter->mm;
        $near = $maker->strands()->whereKeyNot($sheet->bag->material_id)->with('reservations.bag');
        $near->reorder()->orderByRaw('abs(diameter - ?)', [$thick])->orderBy('id')->limit(self::SPARES);
        foreach ($near->get() as $one) {
            $free = $one->freeFor($sheet->bag->id);
            if ($free !== null) {
                $spares[] = new Spare($one->id, $one->name, $one->material($free));
            }
        }

        return $spares;
    }
}
