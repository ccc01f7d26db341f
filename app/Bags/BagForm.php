<?php

declare(strict_types=1);

namespace App\Bags;

use App\Books\BagFacts;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Bag\Finishes;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\PartsReader;
use Fescue\Core\Bag\PlannedPart;
use Fescue\Core\Bag\RowsReader;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Reach;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Variant;
use Fescue\Core\Saying\Saying;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;

/**
 * The choices of a bag, as its forms send them. What the choices mean is the core's to judge: here they
 * only become a document, with the maker's unit written behind bare numbers.
 */
final readonly class BagForm
{
    /** Chosen in a swatch's place: the gauge that all swatches teach, on a hook that is named. */
    public const LEARNED = 'learned';

    /** A change back to the bag's own material; one to another that came as a file. */
    public const OWN = 'own';

    public const OTHER = 'file-';

    /** A bag without handles. */
    public const NONE = 'none';

    private const SIZES = ['length', 'width', 'height'];

    private const NOT_HER_STRAND = 'Choose one of your own materials; tabs are not planned by the row.';

    private const NOT_HER_SWATCH = 'Choose one of your own swatches.';

    /** @var array<mixed> all that was sent */
    private array $sent;

    /** Written behind a bare number. */
    private string $unit;

    private function __construct(Request $request, private User $maker)
    {
        $this->sent = (array) $request->input();
        $this->unit = $maker->units->value;
    }

    /**
     * Puts what a request chose on a bag, unsaved. A bag that came as a file keeps its own material and gauge until
     * others are chosen.
     *
     * @throws Refused where a material or swatch is chosen that the maker does not have
     */
    public static function putOn(Bag $bag, Request $request, User $maker): void
    {
        (new self($request, $maker))->fill($bag);
    }

    private function fill(Bag $bag): void
    {
        $draft = Draft::of($bag)->unasked();
        BagFacts::of($bag)->stand();
        $material = $this->own(
            $this->maker->strands(...),
            'material_id',
            '/material',
            self::NOT_HER_STRAND,
            $bag->material,
        );
        $learned = $this->typed('swatch_id') === self::LEARNED;
        $swatch = $learned ? null : $this->own(
            $this->maker->swatches(...),
            'swatch_id',
            '/gauge',
            self::NOT_HER_SWATCH,
            $bag->swatch,
        );
        if ($material?->id !== $bag->material_id) {
            $bag->material()->associate($material);
        }
        if ($swatch?->id !== $bag->swatch_id) {
            $bag->swatch()->associate($swatch);
        }
        if ($bag->material_id === null && ! $bag->exists && $bag->swatch?->material?->kind->isStrand() === true) {
            // A new bag is of its swatch's own where nothing else is said.
            $bag->material()->associate($bag->swatch->material);
        }
        if ($bag->material_id === null && ! isset($draft->all['material'])) {
            throw Refused::at('/material', new Saying('Choose a material.'));
        }
        $hasGauge = isset($draft->all['gauge']) || isset($draft->all['swatches']);
        if ($bag->swatch_id === null && ! $learned && ! $hasGauge) {
            throw Refused::at('/gauge', new Saying('Choose a swatch.'));
        }
        if ($bag->swatch_id !== null) {
            $draft = $draft->without(...Draft::TAUGHT);
        }
        $choices = [
            'name' => $this->typed('name'),
            'size' => array_filter(
                array_combine(
                    self::SIZES,
                    array_map(fn(string $side): string => $this->length("size.{$side}"), self::SIZES),
                ),
                fn(string $text): bool => $text !== '',
            ),
            'working' => $this->typed('working'),
            ...$this->school(),
            ...$this->made($bag),
        ];
        if ($this->typed('handles.type') !== self::NONE) {
            $choices['handles'] = $this->part('handles', Makers::TOPS);
        }
        if ($this->typed('edge.stitch') !== '') {
            $choices['edge'] = $this->settings('edge', (Makers::RIM)::open());
        }
        if (array_key_exists('changes', $this->sent)) {
            $draft = $draft->inOne()->with($this->changes($draft->all['others'] ?? null, $bag->material_id));
        }
        if ($learned) {
            $draft = $draft->learned(Typed::withUnit($this->typed('hook'), 'mm'));
        }
        $bag->choices = $draft->with($choices)->choices();
        $every = $this->typed('stripes');
        if ($every !== '') {
            /** @var list<array{from: string, to: int}> $changes */
            $changes = $draft->all['changes'] ?? [];
            $bag->choices = ['changes' => self::striped($bag, $changes, $every)] + $bag->choices;
        }
    }

    /** @throws Refused where what is linked is not hers */
    public static function owned(Bag $bag): void
    {
        if ($bag->material_id !== null && $bag->material?->user_id !== $bag->user_id) {
            throw Refused::at('/material', new Saying(self::NOT_HER_STRAND));
        }
        if ($bag->swatch_id !== null && $bag->swatch?->user_id !== $bag->user_id) {
            throw Refused::at('/gauge', new Saying(self::NOT_HER_SWATCH));
        }
    }

    /** @return array<string, mixed> the pieces that it is made of, or a base and a body */
    private function made(Bag $bag): array
    {
        return $this->typed('build.type') !== '' ? ['build' => $this->part('build', Makers::WHOLE)] : [
            // A page that is older than the other bases sends no type.
            'base' => $this->part('base', Makers::BASES) + ['type' => Makers::BASES[0]::key()]
                + ($bag->exists ? [] : self::begun(self::maker(Makers::BASES, $this->typed('base.type')))),
            // A new bag's body is of its swatch's stitch.
            'body' => $this->band('body') + $this->above() + ($bag->exists ? [] : [
                'stitch' => ($bag->swatch->stitch ?? Motif::single())->key,
            ]),
        ];
    }

    /**
     * The last two materials by turns from the last change on, every so many rounds up to where the body ends or joins
     * should.
     *
     * @param list<array{from: string, to: int}> $changes
     *
     * @return list<array{from: string, to: int}>
     */
    private static function striped(Bag $bag, array $changes, string $every): array
    {
        $rounds = ctype_digit($every) ? (int) $every : 0;
        if ($rounds < 1) {
            throw Refused::at('/changes', new Saying(
                'Write every how many rounds the stripes change, as a whole number like 2.',
            ));
        }
        $last = $changes[count($changes) - 1] ?? throw Refused::at(
            '/changes',
            new Saying('Say first from which round which other material is worked.'),
        );
        $plan = $bag->plan();
        $turns = [$changes[count($changes) - 2]['to'] ?? 0, $last['to']];
        $wall = array_filter($plan->parts, fn(PlannedPart $part): bool => $part->maker instanceof (Makers::WALL));
        $end = min(
            [
                count($plan->work->rows) - Reach::LAST,
                ...array_map(fn(PlannedPart $part): int => $part->to(), array_slice($wall, -1)),
            ],
        );
        for (
            $row = (int) $plan->work->place(RowId::read($last['from'])) + $rounds;
            $row < $end && count($changes) < RowsReader::MOST_CHANGES;
            $row += $rounds
        ) {
            $changes[] = ['from' => $plan->work->rows[$row]->name, 'to' => $turns[0]];
            $turns = array_reverse($turns);
        }

        return $changes;
    }

    /**
     * A part of which there are several ways.
     *
     * @param non-empty-list<class-string<Maker>> $of
     *
     * @return array<string, int|string|bool|array<int|string, int|string>>
     */
    private function part(string $at, array $of): array
    {
        $type = $this->typed("{$at}.type");
        $maker = self::maker($of, $type);

        return self::given(['type' => $type]) + $this->settings($at, $maker);
    }

    /** @return array<string, int|string|bool|array<int|string, int|string>> */
    private function band(string $at): array
    {
        return $this->settings($at, (Makers::WALL)::open());
    }

    /** @return array<string, int|string|bool|array<int|string, int|string>> what was typed of it */
    private function settings(string $at, Variant $maker): array
    {
        $typed = [];
        foreach ($maker->settings() as $one) {
            $text = $this->typed("{$at}.{$one->name}");
            $typed[$one->name] = $one->typed($one instanceof Sized ? $this->withUnit($text, $one->unit) : $text);
        }

        return self::given($typed);
    }

    /**
     * What a bag is finished with, as its page sends it.
     *
     * @return list<array<string, int|string|bool|array<int|string, int|string>>>
     */
    public static function finish(Request $request, User $maker): array
    {
        $form = new self($request, $maker);
        $finish = [];
        for ($place = 0; $place < Finishes::MOST; $place++) {
            $way = Finishings::byKey()[$form->typed("finish.{$place}.type")] ?? null;
            if ($way !== null) {
                $finish[] = ['type' => $way::key()] + $form->settings("finish.{$place}", $way::open());
            }
        }

        return $finish;
    }

    /**
     * The one of that name; the first where there is none, whose name the core then refuses.
     *
     * @param non-empty-list<class-string<Maker>> $of
     */
    public static function maker(array $of, mixed $type): Maker
    {
        return (is_string($type) ? Makers::byKey($of)[$type] ?? $of[0] : $of[0])::open();
    }

    /** A bare number is in her unit, or in millimetres where hooks and holes are. */
    private function withUnit(string $text, LengthUnit $unit): string
    {
        return Typed::withUnit(
            $text,
            $unit === LengthUnit::Millimetre ? $unit->value : $this->unit,
        );
    }

    /** @return array<string, float|string> whether chains count, and the lean of her rounds, where they are said */
    private function school(): array
    {
        $chain = $this->typed('starting_chain');
        $lean = str_replace([',', '−'], ['.', '-'], $this->typed('lean'));

        return array_filter([
            'starting_chain' => $chain,
            'lean' => is_numeric($lean) ? (float) $lean : $lean,
        ], fn(float|string $one): bool => $one !== '');
    }

    /** @return array<string, string> the schools that a new bag begins with */
    private static function begun(Maker $maker): array
    {
        $choices = array_filter(
            $maker->settings(),
            fn(Asked $one): bool => $one instanceof Choice && $one->isAsked(),
        );

        return array_column($choices, 'value', 'name');
    }

    /** @return array{above?: list<array<string, int|string|bool|array<int|string, int|string>>>} */
    private function above(): array
    {
        $above = [];
        for ($place = 0; $place < PartsReader::MOST_BANDS - 1; $place++) {
            if ($this->typed("body.above.{$place}.stitch") !== '') {
                $above[] = $this->band("body.above.{$place}");
            }
        }

        return $above === [] ? [] : ['above' => $above];
    }

    /**
     * From which rounds which material is worked, in the order of the rounds. One that came as a file stays while it is
     * chosen.
     *
     * @return array{others?: list<array<mixed>>, changes?: list<array{from: string, to: int}>}
     */
    private function changes(mixed $kept, ?int $own): array
    {
        $files = self::files($kept);
        $others = $changes = [];
        for ($place = 0; $place < RowsReader::MOST_CHANGES; $place++) {
            $from = $this->typed("changes.{$place}.from");
            if ($from === '') {
                continue;
            }
            $to = $this->typed("changes.{$place}.to");
            if ($to === '') {
                throw Refused::at('/changes', new Saying(
                    'Choose the material that is worked from round {from}.',
                    ['from' => $from],
                ));
            }
            $asFile = $files[$to] ?? null;
            $material = $to === self::OWN || $asFile !== null ? null : $this->own(
                $this->maker->strands(...),
                "changes.{$place}.to",
                '/changes',
                'Choose one of your own materials.',
            );
            $other = $asFile
                ?? ($material === null || $material->id === $own ? null : ['material_id' => $material->id]);
            if ($other !== null && ! in_array($other, $others, true)) {
                $others[] = $other;
            }
            $changes[] = [
                'from' => RowId::read($from)?->written() ?? $from,
                'to' => $other === null ? 0 : 1 + (int) array_search($other, $others, true),
            ];
        }
        usort($changes, function (array $a, array $b): int {
            [$one, $other] = [RowId::read($a['from']), RowId::read($b['from'])];

            // What names no row is told by the core, wherever it stands.
            return $one === null || $other === null ? 0 : $one->compare($other);
        });

        // What came as a file is not lost where it is not worked just now.
        array_push(
            $others,
            ...array_values(array_filter($files, fn(array $one): bool => ! in_array($one, $others, true))),
        );

        return array_filter(['others' => $others, 'changes' => $changes]);
    }

    /**
     * Materials that came as a file, by what the form calls them, wherever they stand.
     *
     * @return array<string, array<mixed>>
     */
    public static function files(mixed $others): array
    {
        $files = [];
        foreach (is_array($others) ? $others : [] as $one) {
            if (is_array($one) && ! isset($one['material_id'])) {
                $files[self::OTHER.substr(sha1(json_encode($one, JSON_THROW_ON_ERROR)), 0, 12)] = $one;
            }
        }

        return $files;
    }

    /**
     * A refusal by form field: /base/chain is base.chain; what a linked material or swatch causes stands at its choice.
     *
     * @return array<string, string>
     */
    public static function errors(Refused $refused): array
    {
        $errors = [];
        foreach ($refused->problems as $problem) {
            $field = self::field($problem);
            $said = Tongues::say($problem->said);
            $errors[$field] = isset($errors[$field]) ? "{$errors[$field]} {$said}" : $said;
        }

        return $errors;
    }

    /**
     * One press each: a field of the form, what it should hold, and what is said of it.
     *
     * @return array<string, list<array{name: string, value: string, said: string}>> by the field that was refused
     */
    public static function ways(Refused $refused): array
    {
        $ways = [];
        foreach ($refused->problems as $problem) {
            foreach ($problem->ways as $way) {
                $steps = explode('/', ltrim($way['path'], '/'));
                $ways[self::field($problem)][] = [
                    'name' => array_shift($steps).implode('', array_map(fn(string $one): string => "[{$one}]", $steps)),
                    'value' => Asked::shown($way['value']),
                    'said' => Tongues::say($way['said']),
                ];
            }
        }

        return $ways;
    }

    private static function field(Problem $problem): string
    {
        return match (true) {
            str_starts_with($problem->path, '/material') => 'material_id',
            str_starts_with($problem->path, '/hook') => 'hook',
            str_starts_with($problem->path, '/gauge') => 'swatch_id',
            str_starts_with($problem->path, '/changes'), str_starts_with($problem->path, '/others') => 'changes',
            in_array($problem->path, ['/base', '/build', '/handles'], true) => ltrim($problem->path, '/').'.type',
            str_starts_with($problem->path, '/swatches') => 'swatch_id',
            // A width and a height that are typed together have one field.
            default => str_replace('/', '.', ltrim((string) preg_replace(
                '#^(/(?:build|finish/\d+)/\w+)/(?:width|height)$#',
                '$1',
                $problem->path,
            ), '/')),
        };
    }

    /**
     * What a field chooses among the maker's things, those put away included; null where it chooses none.
     *
     * @template T of Material|Swatch
     *
     * @param \Closure(): HasMany<T, User> $things
     * @param ?T $chosen the one that was chosen before
     *
     * @return ?T
     */
    private function own(
        \Closure $things,
        string $field,
        string $path,
        string $message,
        ?Model $chosen = null,
    ): ?Model {
        $id = $this->typed($field);
        if ($id === '') {
            return null;
        }
        if ($chosen !== null && $id === (string) $chosen->id) {
            return $chosen;
        }
        $hers = $things();
        $hers->withoutGlobalScope(SoftDeletingScope::class);
        $hers->whereKey(ctype_digit($id) ? (int) $id : 0);

        // Larastan forgets which of the two it was asked for.
        /** @phpstan-ignore return.type */
        return $hers->first() ?? throw Refused::at($path, new Saying($message));
    }

    private function typed(string $field): string
    {
        return Typed::plain(Arr::get($this->sent, $field));
    }

    private function length(string $field): string
    {
        return Typed::withUnit($this->typed($field), $this->unit);
    }

    /**
     * @param array<string, int|string|bool|array<int|string, int|string>|null> $fields
     *
     * @return array<string, int|string|bool|array<int|string, int|string>>
     */
    private static function given(array $fields): array
    {
        return array_filter($fields, fn(mixed $value): bool => $value !== null && $value !== '');
    }
}
