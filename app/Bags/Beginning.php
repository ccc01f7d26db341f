<?php

declare(strict_types=1);

namespace App\Bags;

use App\Books\MakerHistory;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Guessed;
use Fescue\Core\Bag\HandGauge;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Material\Form;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Written\AsWritten;
use Illuminate\Http\Request;

/**
 * A bag begun from what is in the hand: a kind of strand, how thick, a hook, a size, and every kind of bag that these
 * make. What is not said is guessed; of a maker, her stash, swatches and hand are asked. Nothing is kept of it.
 */
final class Beginning
{
    private const SIZE = ['length' => 300.0, 'width' => 120.0, 'height' => 260.0];

    private const FIELDS = [
        'kind', 'thick', 'hook', 'have', 'length', 'width', 'height', 'bag', 'material_id', 'swatch_id',
    ];

    /** Letters of a query that is carried on. */
    public const LONGEST = 400;

    /** Where her session has what a stranger began, until she is in. */
    public const CARRIED = 'begun';

    /** Millimetres of pitch of a bought base, and of a frame, as they are mostly sold. From memory. */
    private const PITCH = 15.0;

    private const FRAME_PITCH = 48.0;

    /** Of plastic canvas, seven squares an inch. From memory. */
    private const CANVAS = 3.6;

    /** How long a strap of chains lies, mm. From memory. */
    private const STRAP = 560.0;

    public readonly Kind $kind;

    public readonly Length $thickness;

    public readonly HookSize $hook;

    public readonly HookSize $tried;

    public readonly ?Material $material;

    /** The same, where it was not asked for. */
    private readonly ?Material $preset;

    public readonly ?Swatch $swatch;

    /** What there is of it, where she says so; of a strand of her stash that says it. */
    private readonly ?Mass $have;

    /** @var array<string, Length> */
    public readonly array $size;

    /** @var array<string, string> messages by field */
    public readonly array $wrong;

    /** @var array<string, Way> those that were asked for, by their key */
    private array $ways = [];

    /** @var ?array<string, array{string, string, array<string, mixed>}> */
    private ?array $kinds = null;

    private ?MakerHistory $hands = null;

    /** @var \WeakMap<BagPlan, Spread> what each plan takes */
    private \WeakMap $grams;

    /** @var array<string, mixed>|null read once for all kinds */
    private ?array $common = null;

    public function __construct(private readonly Request $request, private readonly ?User $maker)
    {
        $this->grams = new \WeakMap();
        $wrong = [];
        // Of a maker who said nothing yet, the strand that she had in hand last.
        $this->preset = $maker !== null && array_filter($request->only(self::FIELDS), is_string(...)) === []
            ? $maker->strands()->reorder()->latest('updated_at')->latest('id')->first()
            : null;
        $this->material = $this->preset
            ?? $this->own('material_id', fn(User $of, int $id): ?Material => $of->strands()->find($id));
        $this->swatch = $this->own('swatch_id', fn(User $of, int $id): ?Swatch => $of->swatches()->find($id));
        $this->kind = $this->material->kind ?? $this->kindTyped();
        $usual = Length::mm($this->kind->thicknesses()[1]);
        $this->thickness = $this->material->diameter ?? $this->length(
            'thick',
            $usual,
            LengthUnit::Millimetre,
            Form::THINNEST,
            Form::THICKEST,
            $wrong,
        );
        $this->tried = Guessed::hook($this->kind, $this->thickness);
        $hook = $this->tried;
        try {
            $text = $this->typed('hook');
            $hook = $text === '' ? $hook : HookSize::parse(Typed::withUnit($text, 'mm'));
        } catch (NotUnderstood $e) {
            $wrong['hook'] = Tongues::say($e->said);
        }
        $this->hook = $this->swatch?->hookSize() ?? $hook;
        $size = [];
        foreach (self::SIZE as $side => $mm) {
            $size[$side] = $this->length($side, Length::mm($mm), $this->unit(), 10.0, 2000.0, $wrong);
        }
        $this->size = $size;
        $have = null;
        try {
            $text = $this->typed('have');
            $have = $text === '' || $this->material !== null
                ? null
                : Have::read($text, $this->kind->form()->weight($this->thickness));
        } catch (NotUnderstood $e) {
            $wrong['have'] = Tongues::say($e->said);
        }
        $this->have = $have;
        $this->wrong = $wrong;
    }

    /** What a form carried on of a beginning, as a bag of that maker, unsaved; null where it is none. */
    public static function of(mixed $query, User $maker): ?Bag
    {
        if (! is_string($query) || $query === '' || strlen($query) > self::LONGEST) {
            return null;
        }
        parse_str($query, $typed);
        try {
            return (new self(new Request($typed), $maker))->bag();
        } catch (Refused) {
            return null;
        }
    }

    private function kindTyped(): Kind
    {
        $kind = Kind::tryFrom($this->typed('kind'));

        return $kind !== null && $kind->isStrand() ? $kind : Kind::Cord;
    }

    public function unit(): LengthUnit
    {
        return $this->maker->units ?? LengthUnit::Centimetre;
    }

    /** @return array<string, string> label of each side */
    public static function sides(): array
    {
        return [
            'length' => Tongues::tell('Long'), 'width' => Tongues::tell('Deep'), 'height' => Tongues::tell('High'),
        ];
    }

    /** As its field shows it: what was typed, else what is taken. */
    public function shown(string $field): string
    {
        $typed = $this->typed($field);

        return $typed !== '' ? $typed : match ($field) {
            'thick' => $this->thickness->exact(LengthUnit::Millimetre),
            'hook' => $this->hook->exact(),
            default => $this->size[$field]->exact($this->unit()),
        };
    }

    /** @return list<Way> */
    public function ways(): array
    {
        return array_map($this->way(...), array_keys($this->kinds()));
    }

    /** The one that was chosen, or the first. */
    public function chosen(): Way
    {
        $typed = $this->typed('bag');
        $kinds = $this->kinds();

        return $this->way(isset($kinds[$typed]) ? $typed : (string) array_key_first($kinds));
    }

    private function way(string $key): Way
    {
        return $this->ways[$key] ??= $this->planned($key, ...$this->kinds()[$key]);
    }

    /** @param array<string, mixed> $parts */
    private function planned(string $key, string $name, string $said, array $parts): Way
    {
        try {
            $spec = BagDocument::read($this->document($parts));
            if ($this->swatch === null && $this->isMeasured()) {
                $own = $spec->facts->strands->own;
                $expected = $this->hands()->learned()->predictBag($this->hook, $own, $spec->motif());
                $spec = $spec->worked($own, HandGauge::predicted($this->hook, $expected, $own));
            }

            return new Way($key, $name, $said, Planner::plan($spec));
        } catch (Refused $e) {
            return new Way($key, $name, $said, null, Tongues::say($e->problems[0]->said));
        }
    }

    /** Grams, wider by what a guessed weight may be off. */
    public function grams(BagPlan $plan): Spread
    {
        // Asked for by figures, chance and size of each kind.
        $grams = $this->grams[$plan] ??= MaterialEstimate::of($plan)->grams;

        return $this->material === null
            ? new Spread($grams->likely, hypot($grams->relative, Form::GUESS))
            : $grams;
    }

    /** The chance from 0 to 1 that what there is of it is enough; null where nobody said how much that is. */
    public function enough(BagPlan $plan): ?float
    {
        $have = $plan->spec->facts->strands->own->onHand;

        return $have === null ? null : $this->grams($plan)->chanceWithin($have->grams);
    }

    /**
     * About how large it could be made of what there is, to be sure: a fabric takes as much as it is large.
     *
     * @return ?array{Length, Length} as wide as it lies flat, and as high; null where nobody said how much there is
     */
    public function reaches(BagPlan $plan): ?array
    {
        $have = $plan->spec->facts->strands->own->onHand;
        $times = sqrt(($have->grams ?? 0.0) / max(1.0, $this->grams($plan)->at(MaterialEstimate::SURE)));

        return $have === null
            ? null
            : [$plan->comesOut->flatWidth->times($times), $plan->comesOut->height->times($times)];
    }

    public function minutes(BagPlan $plan): Spread
    {
        return ($this->maker === null ? Pace::of([]) : $this->hands()->pace())->minutes(new Timed($plan));
    }

    /** Whether her swatches, or one of them, say what her stitches measure. */
    public function isMeasured(): bool
    {
        return $this->swatch !== null || ($this->maker !== null && $this->hands()->learned()->swatches > 0);
    }

    /** The chosen bag, unsaved. @throws Refused where it makes none */
    public function bag(): Bag
    {
        [$name, , $parts] = $this->kinds()[$this->chosen()->key];
        $draft = (new Draft($this->document($parts)))->without('format')->with(['name' => $name]);
        $bag = new Bag();
        $bag->forceFill(['user_id' => $this->maker->id ?? 0, 'swatch_id' => null, 'material_id' => null]);
        if ($this->material !== null) {
            $bag->material()->associate($this->material);
            $draft = $draft->inAnother();
        }
        if ($this->swatch !== null) {
            $bag->swatch()->associate($this->swatch);
            $draft = $draft->measured();
        } elseif ($this->isMeasured()) {
            $draft = $draft->learned($this->hook->exact());
        }
        $bag->choices = $draft->choices();
        $bag->plan();

        return $bag;
    }

    /** What a link or a form hands on of it. */
    public function query(): string
    {
        return http_build_query(array_filter(
            array_map(
                $this->typed(...),
                array_combine(self::FIELDS, self::FIELDS),
            ),
            fn(string $text): bool => $text !== '',
        ) + ['bag' => $this->chosen()->key]);
    }

    /** About how wide one chain is, mm, where nothing is measured: 1.55 × the hook. */
    private function chain(): float
    {
        return 1.55 * $this->hook->diameter->mm;
    }

    private function hands(): MakerHistory
    {
        return $this->hands ??= new MakerHistory($this->maker->id ?? 0);
    }

    /**
     * A line each: name, what sets it apart, and its parts of a document.
     *
     * @return array<string, array{string, string, array<string, mixed>}>
     */
    private function kinds(): array
    {
        return $this->kinds ??= $this->all();
    }

    /** @return array<string, array{string, string, array<string, mixed>}> the pattern she brought, where she did */
    private static function brought(): array
    {
        $pattern = CarriedPattern::now();

        return $pattern === null ? [] : [
            AsWritten::key() => [
                $pattern->name === '' ? Tongues::tell('Your pattern') : $pattern->name,
                Tongues::tell('as it is written'),
                $pattern->parts,
            ],
        ];
    }

    /** @return array<string, array{string, string, array<string, mixed>}> */
    private function all(): array
    {
        ['length' => $long, 'width' => $deep, 'height' => $high] = $this->size;
        $size = ['length' => $long->exact(), 'width' => $deep->exact(), 'height' => $high->exact()];
        $only = fn(string ...$sides): array => array_intersect_key($size, array_flip($sides));
        $holes = 2 * max(4, (int) round(($long->mm + $deep->mm) / self::PITCH));
        $sc = ['stitch' => 'sc'];
        $squares = fn(float $mm): int => max(1, min(400, (int) ceil($mm / self::CANVAS)));
        $strap = max(1, min(400, (int) round(self::STRAP / max(1.0, $this->chain()))));

        $bases = [
            'oval' => [Tongues::tell('Oval and slots'), Tongues::tell('hand holes in the edge'), [
                'size' => $size, 'base' => ['type' => 'oval', 'ends' => 'two-and-two'], 'body' => $sc,
                'handles' => ['type' => 'slot'],
            ]],
            'rows' => [Tongues::tell('Rows picked up'), Tongues::tell('a carrier with straps'), [
                'size' => $size, 'base' => ['type' => 'rows', 'stitch' => 'sc'], 'body' => $sc,
                'handles' => ['type' => 'straps', 'stitch' => 'sc', 'wide' => 3, 'hangs' => '45 cm'],
            ]],
            'square' => [Tongues::tell('Square corners'), Tongues::tell('a basket that stands'), [
                'size' => $size, 'base' => ['type' => 'square'], 'body' => $sc,
                'edge' => ['stitch' => 'slip', 'rounds' => 1],
            ]],
            'round' => [Tongues::tell('Round'), Tongues::tell('a bucket over the shoulder'), [
                'size' => ['width' => Length::mm(($long->mm + $deep->mm) / 2)->exact()] + $only('height'),
                'base' => ['type' => 'round', 'stitch' => 'sc'], 'body' => $sc,
                'handles' => [
                    'type' => 'straps', 'from' => 'across', 'stitch' => 'sc', 'wide' => 4, 'hangs' => '70 cm',
                ],
            ]],
            'folded-chain' => [Tongues::tell('Folded chain'), Tongues::tell('mesh, no bottom'), [
                'size' => $only('length', 'height'), 'base' => ['type' => 'folded-chain'],
                'body' => ['stitch' => 'mesh'], 'handles' => ['type' => 'chain'],
            ]],
            'folded-rows' => [Tongues::tell('Folded strip'), Tongues::tell('a pouch on a strip of rows'), [
                'size' => $size, 'base' => ['type' => 'folded-rows', 'stitch' => 'sc'],
                'body' => ['stitch' => 'spaced'], 'edge' => ['stitch' => 'sc', 'rounds' => 1],
            ]],
            'holes' => [Tongues::tell('Bought base'), Tongues::tell('holes, bought handles'), [
                'size' => $only('height'),
                'base' => ['type' => 'holes', 'holes' => $holes] + $only('length', 'width'), 'body' => $sc,
                'edge' => ['stitch' => 'slip', 'rounds' => 1], 'handles' => ['type' => 'sewn'],
            ]],
            'frame' => [Tongues::tell('Two frames'), Tongues::tell('hangs, pleated sides'), [
                'size' => $only('width', 'height'),
                'base' => [
                    'type' => 'frame', 'holes' => max(2, (int) round($long->mm / self::FRAME_PITCH)),
                ] + $only('length'),
                'body' => ['stitch' => 'posts'],
            ]],
        ];

        return [
            ...self::brought(),
            ...$bases,
            ...self::others(array_diff_key(Makers::byKey(Makers::BASES), $bases), $only('length', 'height')),
            'panels' => [Tongues::tell('Two panels'), Tongues::tell('a border makes the depth'), [
                'size' => $size, 'build' => ['type' => 'panels', 'stitch' => 'sc', 'border' => 'dc'],
                'edge' => ['stitch' => 'slip', 'rounds' => 1],
            ]],
            'envelope' => [Tongues::tell('Envelope'), Tongues::tell('one long panel, two gussets'), [
                'size' => $size, 'build' => ['type' => 'envelope', 'stitch' => 'sc'],
            ]],
            'canvas' => [Tongues::tell('On plastic canvas'), Tongues::tell('stiff, with a clasp'), [
                'size' => $size,
                'build' => [
                    'type' => 'canvas', 'stitch' => 'sc', 'pitch' => self::CANVAS.' mm',
                    'sheet_across' => $squares($long->mm), 'sheet_high' => $squares(2.5 * $high->mm + 2 * $deep->mm),
                    'clasp' => '4 cm', 'bar' => 1,
                ],
            ]],
            'end-and-back' => [Tongues::tell('Round the end'), Tongues::tell('a clutch with a rounded flap'), [
                // Its flap is half as long as it is wide, and ends above the fold.
                'size' => [
                    'length' => $long->exact(),
                    'height' => Length::mm(max($high->mm, $long->mm / 2 + 10))->exact(),
                ],
                'build' => ['type' => 'end-and-back', 'stitch' => 'sc'],
            ]],
            'net' => [Tongues::tell('Net'), Tongues::tell('panel, net, panel, a ring'), [
                'size' => $only('length', 'height'),
                'build' => ['type' => 'net', 'stitch' => 'sc', 'strap' => $strap],
            ]],
            'tabs' => [Tongues::tell('Tab squares'), Tongues::tell('a net that folds'), [
                'size' => $size,
                'build' => [
                    'type' => 'tabs', 'rows' => 4, 'across' => 6,
                    'tab' => ['width' => '16 mm', 'height' => '24 mm'],
                ],
            ]],
        ];
    }

    /**
     * Bases that have no way of their own here are begun by a stitch and a length alone: with a wall and slots.
     *
     * @param array<string, class-string<Maker>> $bases
     * @param array<string, string> $size
     *
     * @return array<string, array{string, string, array<string, mixed>}>
     */
    private static function others(array $bases, array $size): array
    {
        $others = [];
        foreach ($bases as $key => $base) {
            $others[$key] = [...array_map(fn(string $one): string => Tongues::tell($one), $base::called()), [
                'size' => $size, 'base' => ['type' => $key, 'stitch' => 'sc'], 'body' => ['stitch' => 'sc'],
                'handles' => ['type' => 'slot'],
            ]];
        }

        return $others;
    }

    /**
     * @param array<string, mixed> $parts
     *
     * @return array<string, mixed>
     */
    private function document(array $parts): array
    {
        return $parts + ($this->common ??= $this->common());
    }

    /**
     * What every kind of bag begins with: the material and the hand.
     *
     * @return array<string, mixed>
     */
    private function common(): array
    {
        // Until a hand that was taught says better.
        $hand = $this->swatch === null ? [
            'hook' => $this->hook->exact(),
            'gauge' => Guessed::gauge($this->kind, $this->thickness, $this->hook),
        ] : [
            'hook' => $this->swatch->hookSize()->exact(),
            'gauge' => $this->swatch->document(),
        ];

        return [
            'format' => BagDocument::FORMAT,
            'name' => 'A bag',
            'material' => $this->material === null
                ? Guessed::material($this->kind, $this->thickness)
                    + ($this->have === null ? [] : ['on_hand' => $this->have->exact()])
                : $this->material->document($this->material->freeFor(null)),
            'working' => 'spiral',
        ] + $hand;
    }

    private function typed(string $field): string
    {
        return $field === 'material_id' && $this->preset !== null
            ? (string) $this->preset->id
            : mb_substr(Typed::text($this->request, $field), 0, 40);
    }

    /** @param array<string, string> $wrong */
    private function length(
        string $field,
        Length $else,
        LengthUnit $unit,
        float $least,
        float $most,
        array &$wrong,
    ): Length {
        try {
            $length = Typed::length($this->typed($field), $unit);
            if ($length === null) {
                return $else;
            }
            if ($length->mm >= $least && $length->mm <= $most) {
                return $length;
            }
            $say = fn(Length $one): string => Tongues::here()->number($one->print($unit));
            $wrong[$field] = Tongues::tell('From {least} to {most}. {length} is outside.', [
                'least' => $say(Length::mm($least)),
                'most' => $say(Length::mm($most)),
                'length' => $say($length),
            ]);
        } catch (NotUnderstood $e) {
            $wrong[$field] = Tongues::say($e->said);
        }

        return $else;
    }

    /**
     * @template T of object
     *
     * @param \Closure(User, int): ?T $find
     *
     * @return ?T
     */
    private function own(string $field, \Closure $find): ?object
    {
        $id = $this->typed($field);

        return $this->maker !== null && ctype_digit($id) ? $find($this->maker, (int) $id) : null;
    }
}
