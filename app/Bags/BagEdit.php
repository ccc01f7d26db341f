<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Saying\Saying;
use Illuminate\Http\Request;

/**
 * What a page of a bag sends, kept on the bag as it is now: fields that others changed since the page was made stay
 * changed, and where it changed the same one that is told.
 */
final readonly class BagEdit
{
    /**
     * @param list<array{field: string, name: string, mine: string, theirs: string, value: string}> $met
     * @param list<string> $elsewhere fields that were changed by others meanwhile
     */
    private function __construct(
        private Bag $bag,
        public PlanSheet $sheet,
        public array $met,
        private array $elsewhere,
    ) {}

    /**
     * @param ?callable(Bag): void $put what the page chose on a bag; null of Plan, which chooses all but the finish
     *
     * @throws Refused where the plan does not bear it; nothing is kept then
     */
    public static function of(Bag $bag, Request $request, User $maker, ?callable $put = null): self
    {
        $seen = Typed::text($request, 'revision');
        $put ??= fn(Bag $bag) => BagForm::putOn($bag, $request, $maker);

        return Changing::held($bag, function (Bag $bag) use ($put, $maker, $seen): self {
            if (! ctype_digit($seen)) {
                throw Refused::at(
                    '/revision',
                    new Saying(
                        'This page does not say which state of the bag it saw, and would write over what came '
                            .'since. Load it anew.',
                    ),
                );
            }
            $was = (int) $seen !== $bag->revision ? Changing::was($bag, (int) $seen) : null;
            if ($was === null) {
                $put($bag);

                return new self($bag, PlanSheet::of($bag, $maker), [], []);
            }
            // What the page would have made of the bag that it saw.
            $mine = new Bag();
            $mine->exists = true;
            $mine->setRawAttributes([
                'material_id' => $was->material_id,
                'swatch_id' => $was->swatch_id,
                'choices' => json_encode((object) $was->choices, JSON_THROW_ON_ERROR),
            ] + $bag->getAttributes(), true);
            $put($mine);
            $merged = Draft::of($mine)->merge(Draft::of($was), Draft::of($bag));
            $merged->draft->putOn($bag);

            return new self($bag, PlanSheet::of($bag, $maker), self::told($merged->met), $merged->elsewhere);
        });
    }

    /**
     * @param array<string, array{mixed, mixed}> $met
     *
     * @return list<array{field: string, name: string, mine: string, theirs: string, value: string}>
     */
    private static function told(array $met): array
    {
        $told = [];
        foreach ($met as $field => [$mine, $theirs]) {
            $told[] = [
                'field' => $field,
                'name' => self::named($field),
                'mine' => self::said($mine),
                'theirs' => self::said($theirs),
                'value' => json_encode($mine, JSON_THROW_ON_ERROR),
            ];
        }

        return $told;
    }

    /** "Base, chain", by its path. */
    private static function named(string $field): string
    {
        $steps = array_filter(explode('/', $field), fn(string $one): bool => ! ctype_digit($one));

        return ucfirst(implode(', ', array_map(self::called(...), $steps)));
    }

    /** A field by the last of its path, in a word. */
    public static function called(string $field): string
    {
        return Tongues::tell(str_replace('_', ' ', (string) preg_replace(['#^.*/#', '#_id$#'], '', $field)));
    }

    private static function said(mixed $value): string
    {
        $said = is_array($value) && ! array_is_list($value)
            ? implode(', ', array_map(fn(mixed $one): string => Asked::shown($one), $value))
            : Asked::shown($value);

        return $said === '' ? Tongues::tell('left open') : mb_substr($said, 0, 80);
    }

    /** @return array<string, string> fields of the form that others changed, as they stand */
    public function fields(): array
    {
        $fields = [];
        $flat = Draft::of($this->bag)->all;
        foreach ($this->elsewhere as $field) {
            [$part, $name] = [...explode('/', $field, 2), null];
            $of = $flat[$part] ?? null;
            $value = $name === null ? $of : (is_array($of) ? $of[$name] ?? null : null);
            $fields[$name === null ? $part : "{$part}[{$name}]"] = is_array($value) && ! array_is_list($value)
                ? ''
                : Asked::shown($value);
        }

        return $fields;
    }
}
