<?php

declare(strict_types=1);

namespace App\Bags;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\Material;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Finishes;
use Fescue\Core\Bag\PartsWriter;
use Fescue\Core\Document\Refused;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Saying;

/**
 * A bag once more, of another size or strand. What was entered once, weighed, taped or hung, stays with the old one;
 * what follows from the size follows; what cannot come along is said.
 */
final class MadeAgain
{
    /** A strand of another thickness by so much is worked on another hook, or is no second strand of the bag. */
    private const AS_THICK = 0.1;

    private const BESIDE = 0.25;

    /** @var list<string> */
    private array $said = [];

    private function __construct(
        private readonly Bag $bag,
        private readonly BagPlan $plan,
        private readonly User $maker,
    ) {}

    /**
     * @param ?Material $of null of the same
     * @param float $factor 1 of the same size
     *
     * @return array{Bag, list<string>} the copy, not kept yet, and what is to be known of it
     *
     * @throws Refused where it makes no bag
     */
    public static function of(Bag $bag, User $maker, ?Material $of, float $factor): array
    {
        if ($factor < 0.2 || $factor > 5.0) {
            throw Refused::at('/size', new Saying('From 80 % smaller to 400 % larger.'));
        }
        $again = new self($bag, $bag->plan(), $maker);
        $other = $of !== null && $of->id !== $bag->material_id ? $of : null;
        $copy = $again->copy($other, $factor !== 1.0 || $other !== null, $factor);
        $again->fit($copy);

        return [$copy, $again->said];
    }

    private function copy(?Material $other, bool $sized, float $factor): Bag
    {
        $copy = new Bag(['material_id' => $this->bag->material_id, 'swatch_id' => $this->bag->swatch_id]);
        $copy->user_id = $this->maker->id;
        $finish = Finishes::again($this->plan->spec->choices->finish, $sized);
        $draft = Draft::of($this->bag)->unmeasured()->finished(Finishes::write($finish));
        if ($sized) {
            $out = $this->plan->comesOut;
            $size = ['length' => $out->baseLength, 'width' => $out->baseWidth, 'height' => $out->height];
            $draft = $draft->with(PartsWriter::write($this->plan->spec->choices->opened()->parts))->with([
                'size' => array_map(
                    fn(Length $side): string => $side->times($factor)->exact(),
                    array_filter($size, fn(Length $side): bool => $side->mm > 5.0),
                ),
            ]);
        }
        $copy->choices = $draft->with(['name' => Tongues::tell(
            '{name}, again',
            ['name' => mb_substr($this->bag->name(), 0, 110)],
        )])->choices();
        if ($other !== null) {
            $this->workIn($copy, $other);
        }
        if ($sized) {
            $this->changes($copy);
        }

        return $copy;
    }

    /** By a swatch of it in the same stitch, where she has one; else on a hook that it wants, as all of them teach. */
    private function workIn(Bag $copy, Material $other): void
    {
        $own = $this->plan->spec->facts->strands->own->diameter;
        $thick = $other->diameter ?? $own;
        $hook = $this->plan->spec->facts->hands->hook;
        $ratio = $thick->mm / $own->mm;
        $draft = Draft::of($copy)->inAnother()->measured();
        $copy->material()->associate($other);
        $swatch = $this->maker->swatches()->where('material_id', $other->id)->latest('id')->get()->first(
            fn($one): bool => $one->stitch->key === $this->plan->spec->motif()->key,
        );
        $copy->swatch()->associate($swatch);
        if ($swatch !== null) {
            $this->said[] = Tongues::tell(
                'By your swatch “{name}”, on a hook of {hook}.',
                ['name' => $swatch->name, 'hook' => $swatch->hookSize()],
            );
        } else {
            if (abs($ratio - 1) > self::AS_THICK) {
                $hook = HookSize::nearest($hook->diameter->times($ratio));
                $this->said[] = Tongues::tell(
                    $ratio > 1
                        ? 'On a hook of {hook}, for “{strand}” is thicker.'
                        : 'On a hook of {hook}, for “{strand}” is thinner.',
                    ['hook' => $hook, 'strand' => $other->name],
                );
            }
            $this->said[] = Tongues::tell('As your swatches expect it: work a swatch of it before you trust it.');
            $draft = $draft->learned($hook->exact());
        }
        $copy->choices = ($this->isBeside($thick) ? $draft : $draft->inOne())->choices();
        if (isset($this->bag->choices['together'])) {
            $this->said[] = Tongues::tell('The strands that were held together stay with the old bag.');
        }
    }

    /** Whether its other strands come along: where they are about as thick as the new one. */
    private function isBeside(Length $thick): bool
    {
        foreach ($this->plan->spec->facts->strands->others as $place => $one) {
            if (abs($one->diameter->mm / $thick->mm - 1) > self::BESIDE) {
                $name = $this->bag->worked($place + 1)->name ?? Tongues::tell('Another strand');
                $this->said[] = Tongues::tell(
                    '{name} is left out: it is not as thick as the new one.',
                    ['name' => $name],
                );

                return false;
            }
        }

        return true;
    }

    /** Changes of strand stand as high as they did. */
    private function changes(Bag $copy): void
    {
        $changes = $copy->choices['changes'] ?? null;
        if (! is_array($changes) || $changes === []) {
            return;
        }
        $with = Draft::of($copy);
        $copy->choices = $with->inOne()->choices();
        $names = $copy->plan()->work->names();
        $was = count($this->plan->work->rows);
        $moved = [];
        foreach ($this->plan->spec->choices->changes as $change) {
            $at = (int) $this->plan->work->place($change->from);
            $to = max(1, min(count($names) - 1, (int) round($at * count($names) / $was)));
            if ($moved === [] || $moved[count($moved) - 1]['at'] < $to) {
                $moved[] = ['at' => $to, 'from' => $names[$to], 'to' => $change->to];
            }
        }
        $copy->choices = $with->with([
            'changes' => array_map(fn(array $one): array => array_diff_key($one, ['at' => 1]), $moved),
        ])->choices();
        $this->said[] = Tongues::tell('Its strands change as high as they did: look at the rounds.');
    }

    /** What the new bag has no room for is left out, and said. @throws Refused */
    private function fit(Bag $copy): void
    {
        for ($time = 0; $time <= Finishes::MOST; $time++) {
            try {
                $copy->plan();

                return;
            } catch (Refused $e) {
                $finish = Cell::maps($copy->choices['finish'] ?? null);
                $isOne = preg_match('#^/finish/(\d+)/#', $e->problems[0]->path, $at) === 1;
                if (! $isOne || ! isset($finish[(int) $at[1]])) {
                    throw $e;
                }
                $type = Cell::text($finish[(int) $at[1]]['type'] ?? '');
                $way = Finishings::byKey()[$type] ?? null;
                $this->said[] = Tongues::tell('{Thing} is left out: {why}', [
                    'thing' => $way === null ? $type : Tongues::tell($way::called()[0]), 'why' => $e->problems[0]->said,
                ]);
                unset($finish[(int) $at[1]]);
                $copy->choices = Draft::of($copy)->finished(array_values($finish))->choices();
            }
        }
    }
}
