<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Change;
use Fescue\Core\Body\Band;

/** A mend taken: what it changes of the plan is given from now on, what it leaves stays as open as it was. */
final class Mending
{
    /** @param ?int $other number of the material it goes on in; null where it takes no other */
    public static function take(Bag $bag, BagPlan $was, BagPlan $mended, ?int $other = null): void
    {
        $choices = $bag->choices;
        $hook = $mended->spec->hook->exact();
        $otherHook = $hook !== $was->spec->hook->exact();
        if ($otherHook || $was->base->chain !== $mended->base->chain || count($was->base->rounds) !== count($mended->base->rounds)) {
            $choices['base'] = ['chain' => $mended->base->chain, 'rounds' => count($mended->base->rounds)] + self::given($choices, 'base');
        }
        if ($otherHook || $was->body->bands !== $mended->body->bands) {
            [$first, $above] = [self::band($mended->body->bands[0]), array_map(self::band(...), array_slice($mended->body->bands, 1))];
            $choices['body'] = $first + ($above === [] ? [] : ['above' => $above]);
        }
        $slots = $mended->slots;
        if ($slots !== null && ($otherHook || $was->slots?->chain !== $slots->chain || $was->slots->edgeRounds !== $slots->edgeRounds)) {
            $choices['handles'] = ['skip' => $slots->skip, 'chain' => $slots->chain, 'edge_rounds' => $slots->edgeRounds] + self::given($choices, 'handles');
        }
        if ($otherHook) {
            $bag->swatch()->dissociate();
            $choices = ['learned' => true, 'hook' => $hook] + array_diff_key($choices, ['gauge' => 1, 'swatch_counts' => 1] + Bag::TAUGHT);
        }
        if ($other !== null) {
            $choices = [
                'others' => [...self::given($choices, 'others'), ['material_id' => $other]],
                'changes' => array_map(fn(Change $change): array => ['from' => $change->from, 'to' => $change->to], $mended->spec->changes),
            ] + $choices;
        }
        $bag->choices = $choices;
    }

    /** @return array<string, int|string> */
    private static function band(Band $band): array
    {
        return ['stitch' => $band->motif->value, 'loop' => $band->loop->value, 'rounds' => $band->rounds];
    }

    /**
     * @param array<string, mixed> $choices
     *
     * @return array<mixed>
     */
    private static function given(array $choices, string $part): array
    {
        return is_array($choices[$part] ?? null) ? $choices[$part] : [];
    }
}
