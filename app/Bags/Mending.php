<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BandSpec;
use Fescue\Core\Bag\BodySpec;
use Fescue\Core\Bag\Change;
use Fescue\Core\Body\Band;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Wish;

/** A changed plan taken: what it changes of the bag is given from now on, what it leaves stays as open as it was. */
final class Mending
{
    /** @param ?int $other number of the material it goes on in; null where it takes no other */
    public static function take(Bag $bag, BagPlan $was, BagPlan $mended, ?int $other = null): void
    {
        $choices = $bag->choices;
        $hook = $mended->spec->hands->hook->exact();
        $otherHook = $hook !== $was->spec->hands->hook->exact();
        $settled = self::settled($choices, $mended);
        if ($otherHook || $was->base->chain !== $mended->base->chain || count($was->base->rounds) !== count($mended->base->rounds)) {
            $choices['base'] = $settled['base'];
        }
        if ($otherHook || $was->body->bands !== $mended->body->bands) {
            $choices['body'] = $settled['body'];
        }
        if (isset($settled['handles']) && ($otherHook || $was->slots?->chain !== $mended->slots?->chain || $was->slots?->edgeRounds !== $mended->slots?->edgeRounds)) {
            $choices['handles'] = $settled['handles'];
        }
        if ($otherHook) {
            $bag->swatch()->dissociate();
            $choices = ['learned' => true, 'hook' => $hook] + array_diff_key($choices, ['gauge' => 1, 'swatch_counts' => 1] + Bag::TAUGHT);
        }
        if ($other !== null) {
            $choices = [
                'others' => [...self::given($choices, 'others'), ['material_id' => $other]],
                'changes' => array_map(fn(Change $change): array => ['from' => $change->from, 'to' => $change->to], $mended->spec->strands->changes),
            ] + $choices;
        }
        $bag->choices = $choices;
    }

    /**
     * The counts of a plan as a bag's choices give them.
     *
     * @param array<string, mixed> $choices whose schools stay
     *
     * @return array{base: array<mixed>, body: array<mixed>, handles?: array<mixed>}
     */
    public static function settled(array $choices, BagPlan $plan): array
    {
        $slots = $plan->slots;

        return [
            'base' => ['chain' => $plan->base->chain, 'rounds' => count($plan->base->rounds)] + self::given($choices, 'base'),
            'body' => self::body($plan->body->bands),
        ] + ($slots === null ? [] : ['handles' => ['skip' => $slots->skip, 'chain' => $slots->chain, 'edge_rounds' => $slots->edgeRounds] + self::given($choices, 'handles')]);
    }

    /**
     * The size alone, which every count that may follow it follows from now on.
     *
     * @param array<string, mixed> $choices whose schools stay
     * @param Wish $size every side given
     * @param BodySpec $body one band of it open
     *
     * @return array{size: array<mixed>, base: array<mixed>, body: array<mixed>}
     */
    public static function sized(array $choices, Wish $size, BodySpec $body): array
    {
        $sides = array_map(fn(?Length $side): ?string => $side?->exact(), ['length' => $size->length, 'width' => $size->width, 'height' => $size->height]);

        return [
            'size' => self::given($choices, 'size') + array_filter($sides),
            'base' => array_diff_key(self::given($choices, 'base'), ['chain' => 1, 'rounds' => 1]),
            'body' => self::body($body->bands),
        ];
    }

    /**
     * @param non-empty-list<Band|BandSpec> $bands
     *
     * @return array<string, mixed>
     */
    private static function body(array $bands): array
    {
        $above = array_map(self::band(...), array_slice($bands, 1));

        return self::band($bands[0]) + ($above === [] ? [] : ['above' => $above]);
    }

    /** @return array<string, int|string> */
    private static function band(Band|BandSpec $band): array
    {
        return ['stitch' => $band->motif->value, 'loop' => $band->loop->value] + ($band->rounds === null ? [] : ['rounds' => $band->rounds]);
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
