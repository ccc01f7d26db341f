<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Material;
use App\Models\Transaction;
use App\Models\User;
use Closure;

/** A maker's stash, where forms, files and the demo put materials in. */
final class Stash
{
    /** Puts what was read in the stash, with what is on hand as its ledger's first entry. */
    public static function keep(User $maker, MaterialText $text): Material
    {
        return Transaction::run(function () use ($maker, $text): Material {
            $material = $maker->materials()->create($text->values);
            if ($text->onHand !== null) {
                Ledger::enter($material, $text->firstMove(), $text->onHand, note: MaterialText::FIRST);
            }

            return $material;
        });
    }

    /** @return Closure(string): ?int finds a strand of the maker's by number or name */
    public static function finder(User $maker): Closure
    {
        return function (string $said) use ($maker): ?int {
            $strands = $maker->strands();
            $id = (ctype_digit($said) ? $strands->whereKey($said) : $strands->where('name', $said))->value('id');

            return is_int($id) ? $id : null;
        };
    }
}
