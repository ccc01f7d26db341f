<?php

declare(strict_types=1);

namespace App\Stash;

use App\Casts\Cell;
use App\Models\Material as Stashed;
use App\Tongue\Tongues;
use Closure;
use Fescue\Core\Estimate\Implausible;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Form;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Material\Property;
use Fescue\Core\Material\WeightClass;
use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stock\Move;

/** A material as text: what a form, or a line of a file, must hold to be one. Forms and files read alike. */
final class MaterialText
{
    /** Beside these, each kind has its own properties. */
    public const SHARED = ['name', 'colour', 'acquired', 'price', 'price_for', 'care', 'on_hand'];

    /** Stands for a cord read from the same file, which has no number yet. */
    public const SAME_FILE = 0;

    /** What the ledger says of its first line. */
    public const FIRST = 'to begin with';

    private const LONGEST_PULL = 300;

    /** @var array<string, mixed> columns of a material */
    public array $values = [];

    /** @var array<string, string> by field: what is wrong and how to mend it */
    public array $wrong = [];

    /** What is on hand, in g or pieces; null where not told. */
    public ?float $onHand = null;

    /** The name of what tabs are strung on. */
    public string $strungOn = '';

    public readonly Kind $kind;

    /**
     * @param array<string, string> $text by field, trimmed
     * @param Closure(string): ?int $cord finds the maker's strand of that name or number, for tabs to be strung on
     */
    public function __construct(private readonly array $text, Closure $cord)
    {
        $kind = Kind::tryFrom($this->typed('kind') === '' ? Kind::Cord->value : $this->typed('kind'));
        if ($kind === null) {
            $this->wrong['kind'] = Tongues::tell(
                'A kind is one of: {value}.',
                ['value' => implode(', ', array_column(Kind::cases(), 'value'))],
            );
        }
        $this->kind = $kind ?? Kind::Cord;
        $this->values['kind'] = $this->kind;
        if ($kind !== null) {
            $this->shared();
            foreach (Property::cases() as $property) {
                $this->property($property, $cord);
            }
            if ($this->kind->isStrand()) {
                $this->weighed();
            }
        }
    }

    /** How what is on hand to begin with came to be there. */
    public function firstMove(): Move
    {
        $bought = in_array($this->values['acquired'] ?? null, [Acquired::Ball, Acquired::Cone, Acquired::Roll], true);

        return $bought && $this->onHand > 0 ? Move::Bought : Move::Weighed;
    }

    private function shared(): void
    {
        $name = $this->typed('name');
        $this->values['name'] = $name;
        if ($name === '' || mb_strlen($name) > 80) {
            $this->wrong['name'] = $name === ''
                ? Tongues::tell('Give it a name you will know it by.')
                : Tongues::tell('A name has at most 80 letters; this has {n}.', ['n' => mb_strlen($name)]);
        }
        $colour = $this->typed('colour');
        $this->values['colour'] = $colour === '' ? Stashed::PLAIN : strtolower($colour);
        if ($colour !== '' && preg_match('/^#[0-9a-fA-F]{6}$/', $colour) !== 1) {
            $this->wrong['colour'] = Tongues::tell('A colour is a # and six digits or letters a to f, like #c9b994.');
        }
        $this->values['acquired'] = $this->choice('acquired', Acquired::cases());
        $care = $this->typed('care');
        $this->values['care'] = $care === '' ? null : $care;
        if (mb_strlen($care) > 200) {
            $this->wrong['care'] = Tongues::tell(
                'Care is said in at most 200 letters; this has {n}.',
                ['n' => mb_strlen($care)],
            );
        }
        $this->price();
        $this->onHand = $this->typed('on_hand') === '' ? null : $this->amount('on_hand');
    }

    /** @return array<string, ?Saying> why what is typed can hardly be, by field; of a material that is understood */
    public function implausible(): array
    {
        [$length, $mass, $thick, $fibre] = array_map(
            fn(string $column): mixed => $this->values[$column] ?? null,
            ['sample_length', 'sample_mass', 'diameter', 'fibre'],
        );

        return [
            'price' => Implausible::price(Cell::number($this->values['price'] ?? 0)),
            'sample_mass' => $length instanceof Length && $mass instanceof Mass && $thick instanceof Length
                && $this->kind->isStrand() && ($this->values['diameter_guessed'] ?? false) === false
                ? Implausible::density(
                    $this->kind->form(),
                    $fibre instanceof Fibre ? $fibre : null,
                    $thick,
                    LinearDensity::weighed($mass, $length),
                )
                : null,
        ];
    }

    private function price(): void
    {
        [$price, $for] = [str_replace(',', '.', $this->typed('price')), $this->typed('price_for')];
        $this->values['price'] = $this->values['price_for'] = null;
        if ($price === '' && $for === '') {
            return;
        }
        if (preg_match('/^\d{1,8}(\.\d{1,2})?$/', $price) !== 1) {
            $this->wrong['price'] = Tongues::tell('Write the price as a number in your money, like 6.50.');

            return;
        }
        if ($for === '') {
            $this->wrong['price_for'] = Tongues::tell('Say how much of it that buys, like {much}.', [
                'much' => $this->kind->isStrand() ? '450 g' : ($this->kind === Kind::Cloth ? '1 m' : '100'),
            ]);

            return;
        }
        $this->values['price'] = $price;
        $this->values['price_for'] = $this->amount('price_for', true);
    }

    /** @param Closure(string): ?int $cord */
    private function property(Property $property, Closure $cord): void
    {
        $field = $property->value;
        if (! $this->kind->has($property)) {
            if ($this->typed($field) !== '') {
                $this->wrong[$field] = Tongues::tell(
                    '{Kind} has nothing to say here; leave {field} empty.',
                    ['kind' => Tongues::tell($this->kind->name()), 'field' => $field],
                );
            }

            return;
        }
        match ($property) {
            Property::Make => $this->values['make'] = $this->choice('make', $this->kind->makes()),
            Property::Fibre => $this->values['fibre'] = $this->choice('fibre', $this->kind->fibres()),
            Property::StripWidth => $this->values['strip_width'] = $this->length(
                $field,
                2,
                200,
                LengthUnit::Millimetre,
            ),
            Property::Width => $this->values['width'] = match ($this->kind) {
                Kind::Cloth => $this->length($field, 200, 5000, LengthUnit::Millimetre),
                Kind::Hardware => $this->length($field, 1, 2500, LengthUnit::Millimetre),
                default => $this->length($field, 1, 200, LengthUnit::Millimetre),
            },
            Property::Pull => $this->values['pull'] = $this->pull(),
            Property::Areal => $this->values['areal'] = $this->areal(),
            Property::Diameter => $this->values['diameter'] = $this->length(
                $field,
                Form::THINNEST,
                Form::THICKEST,
                LengthUnit::Millimetre,
            ),
            Property::SampleLength => $this->values['sample_length'] = $this->length(
                $field,
                100,
                100_000,
                LengthUnit::Metre,
            ),
            Property::BallLength => $this->values['ball_length'] = $this->length(
                $field,
                1000,
                10_000_000,
                LengthUnit::Metre,
            ),
            Property::BallMass => $this->values['ball_mass'] = $this->mass($field, 1, 100_000),
            Property::SampleCount => $this->values['sample_count'] = $this->count($field),
            Property::SampleMass => $this->values['sample_mass'] = $this->mass($field, 0.01, 50_000),
            Property::Pitch => $this->values['pitch'] = $this->length(
                $field,
                3,
                60,
                LengthUnit::Millimetre,
                Tongues::tell('Lay ten tabs in a row as they will overlap, measure, and divide by ten.'),
            ),
            Property::Cord => $this->values['strung_on'] = $this->strungOn($cord),
            Property::LabelHook => $this->label(),
            Property::WeightClass => $this->values['weight_class'] = $this->choice(
                'weight_class',
                WeightClass::cases(),
            ),
        };
    }

    /** What a metre weighs: of a weighed piece, or by the label; and how thick it is, measured or guessed from that. */
    private function weighed(): void
    {
        $piece = $this->density(
            'sample',
            Tongues::tell('Say how long a piece you weighed; a metre does well.'),
            Tongues::tell('Say what that piece weighs.'),
        );
        $ball = $this->density(
            'ball',
            Tongues::tell('Say how long a ball is, as its label has it.'),
            Tongues::tell('Say what a ball weighs, as its label has it.'),
        );
        $density = $piece ?? $ball;
        if ($density === null) {
            if ($this->typed('sample_length').$this->typed('sample_mass')
                .$this->typed('ball_length').$this->typed('ball_mass') === '') {
                $this->wrong['sample_mass'] = $this->kind->has(Property::BallMass)
                    ? Tongues::tell('Say what a measured piece weighs, or what the label says of a ball.')
                    : Tongues::tell('Say what a measured piece weighs.');
            }

            return;
        }
        if ($this->kind->has(Property::Diameter) && ! isset($this->wrong['diameter'])) {
            $this->values['diameter_guessed'] = $this->values['diameter'] === null;
            $fibre = $this->values['fibre'] ?? null;
            $this->values['diameter'] ??= $this->kind->form()->thickness(
                $density,
                $fibre instanceof Fibre ? $fibre : null,
            );
        }
    }

    /** @param string $of "sample" or "ball" */
    private function density(string $of, string $noLength, string $noMass): ?LinearDensity
    {
        $length = $this->values["{$of}_length"] ?? null;
        $mass = $this->values["{$of}_mass"] ?? null;
        if (isset($this->wrong["{$of}_length"]) || isset($this->wrong["{$of}_mass"])) {
            return null;
        }
        if (! $length instanceof Length || ! $mass instanceof Mass) {
            if ($mass instanceof Mass) {
                $this->wrong["{$of}_length"] = $noLength;
            } elseif ($length instanceof Length) {
                $this->wrong["{$of}_mass"] = $noMass;
            }

            return null;
        }
        $density = LinearDensity::weighed($mass, $length);
        if (! Material::isStrand($density)) {
            $this->wrong["{$of}_mass"] = Tongues::tell(
                'That makes {gramsPerMetre} g to the metre; a strand weighs from {lightest} to {heaviest} g/m. '
                    .'Check the length and the weight.',
                [
                    'gramsPerMetre' => round($density->gramsPerMetre, 3, ),
                    'lightest' => Material::LIGHTEST,
                    'heaviest' => Material::HEAVIEST,
                ],
            );
        }

        return $density;
    }

    private function typed(string $field): string
    {
        return $this->text[$field] ?? '';
    }

    /**
     * @template T of \BackedEnum
     *
     * @param list<T> $choices
     *
     * @return ?T
     */
    private function choice(string $field, array $choices): ?\BackedEnum
    {
        $text = mb_strtolower($this->typed($field));
        foreach ($choices as $choice) {
            if ($choice->value === $text) {
                return $choice;
            }
        }
        if ($text !== '') {
            $this->wrong[$field] = Tongues::tell(
                'This is one of: {value}, or empty.',
                ['value' => implode(', ', array_column($choices, 'value'))],
            );
        }

        return null;
    }

    /** @param ?string $missing what to say where it is empty; null where it may be */
    private function length(
        string $field,
        float $least,
        float $most,
        LengthUnit $unit,
        ?string $missing = null,
    ): ?Length {
        $length = $this->read($field, fn(string $text): Length => Length::parse($text, $unit), $missing);
        if ($length !== null && ($length->mm < $least || $length->mm > $most)) {
            [$from, $to] = [Length::mm($least)->exact($unit), Length::mm($most)->exact($unit)];
            $this->wrong[$field] = Tongues::tell(
                'This should be from {from} to {to}; {unit} is outside. Is the unit right?',
                ['from' => $from, 'to' => $to, 'unit' => Tongues::printed($length->exact($unit))],
            );
        }

        return $length;
    }

    private function mass(string $field, float $least, float $most, ?string $missing = null): ?Mass
    {
        $mass = $this->read($field, fn(string $text): Mass => Mass::parse($text, MassUnit::Gram), $missing);
        if ($mass !== null && ($mass->grams < $least || $mass->grams > $most)) {
            $this->wrong[$field] = Tongues::tell(
                'This should be from {least} to {most} g; {mass} is outside. Is the unit right?',
                [
                    'least' => Tongues::exact($least),
                    'most' => Tongues::exact($most),
                    'mass' => Tongues::printed($mass->exact()),
                ],
            );
        }

        return $mass;
    }

    /** Grams of a strand, pieces of what is counted. */
    private function amount(string $field, bool $aboveZero = false): ?float
    {
        if (! $this->kind->isStrand()) {
            try {
                $amount = Amount::read($this->kind, $this->typed($field));
            } catch (NotUnderstood $e) {
                $this->wrong[$field] = Tongues::say($e->said);

                return null;
            }
            if ($aboveZero && $amount <= 0) {
                $this->wrong[$field] = Tongues::tell('More than none, like 1.');
            }

            return $amount;
        }

        return $this->mass($field, $aboveZero ? 0.01 : 0, 100_000)?->grams;
    }

    private function count(string $field): ?int
    {
        if ($this->typed($field) === '') {
            return null;
        }
        if (preg_match('/^\d{1,5}$/', $this->typed($field)) !== 1 || (int) $this->typed($field) < 1) {
            $this->wrong[$field] = Tongues::tell('Write how many you weighed together, like 20.');

            return null;
        }

        return (int) $this->typed($field);
    }

    private function pull(): ?float
    {
        $text = str_replace(',', '.', rtrim($this->typed('pull'), ' %'));
        if ($text === '') {
            return null;
        }
        if (preg_match('/^\d{1,4}(\.\d+)?$/', $text) !== 1 || (float) $text > self::LONGEST_PULL) {
            $this->wrong['pull'] = Tongues::tell(
                'Write the pull in percent, from 0 to {longestPull}: 25 where 4 m become 5 m.',
                ['longestPull' => self::LONGEST_PULL],
            );

            return null;
        }

        return 1 + (float) $text / 100;
    }

    private function areal(): ?float
    {
        return $this->read(
            'areal',
            fn(string $text): ArealDensity => ArealDensity::parse($text, true),
            null,
        )?->gramsPerSquareMetre;
    }

    /** @param Closure(string): ?int $cord */
    private function strungOn(Closure $cord): ?int
    {
        $text = $this->typed('cord');
        $found = $text === '' ? null : $cord($text);
        $this->strungOn = $text;
        if ($text !== '' && $found === null) {
            $this->wrong['cord'] = Tongues::tell('Choose one of your own cords, or none.');
        }

        return $found;
    }

    /** A label says one hook or a range: “8 mm”, “5–6 mm”, “L-11”. */
    private function label(): void
    {
        $this->values['label_low'] = $this->values['label_high'] = null;
        $text = $this->typed('label_hook');
        if ($text === '') {
            return;
        }
        try {
            $low = $high = HookSize::parse($text);
        } catch (NotUnderstood $e) {
            if (preg_match('/^(.+?)\s*(?:–|—|-|\bto\b)\s*(.+)$/u', $text, $ends) !== 1) {
                $this->wrong['label_hook'] = Tongues::say($e->said);

                return;
            }
            try {
                [$low, $high] = [HookSize::parse($ends[1]), HookSize::parse($ends[2])];
            } catch (NotUnderstood $e) {
                $this->wrong['label_hook'] = Tongues::say($e->said);

                return;
            }
        }
        if ($low->diameter->mm > $high->diameter->mm) {
            $this->wrong['label_hook'] = Tongues::tell('The smaller hook comes first, like “5–6 mm”.');
        }
        $this->values['label_low'] = $low->diameter;
        $this->values['label_high'] = $high->diameter;
    }

    /**
     * @template T of object
     *
     * @param Closure(string): T $parse
     *
     * @return ?T
     */
    private function read(string $field, Closure $parse, ?string $missing): ?object
    {
        if ($this->typed($field) === '') {
            if ($missing !== null) {
                $this->wrong[$field] = $missing;
            }

            return null;
        }
        try {
            return $parse($this->typed($field));
        } catch (NotUnderstood $e) {
            $this->wrong[$field] = Tongues::say($e->said);

            return null;
        }
    }
}
