<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Swatch as Columns;
use App\Models\User;
use App\Rules\Quantity;
use App\Tongue\Tongues;
use Closure;
use Fescue\Core\Bag\GaugeReader;
use Fescue\Core\Estimate\Implausible;
use Fescue\Core\Gauge\State;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Saying\Saying;
use Illuminate\Support\Facades\Validator as Validators;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A swatch as text: what a form, or a line of a file, must hold to be one. Forms and files read alike. */
final readonly class SwatchText
{
    /** Grams a swatch may hang under. */
    public const LIGHTEST_LOAD = 10.0;

    public const HEAVIEST_LOAD = 30_000.0;

    /**
     * @param array<string, string> $text by field, trimmed
     * @param LengthUnit $bare what a number alone is in
     */
    public function __construct(private array $text, private LengthUnit $bare) {}

    /** @return array<string, list<mixed>> */
    public static function rules(User $maker, LengthUnit $bare): array
    {
        $side = Quantity::length(Length::mm(5), Length::mm(3000), $bare, $bare);
        $count = function (string $attribute, mixed $value, Closure $fail): void {
            $number = self::number((string) (is_scalar($value) ? $value : ''));
            if ($number === null || $number <= 0 || $number > 1000) {
                $fail(
                    Tongues::tell('Write how many you counted, above 0 and at most 1000; halves like 10.5 are fine.'),
                );
            }
        };
        $stitch = function (string $attribute, mixed $value, Closure $fail): void {
            if (! in_array($value, Motif::keysWith($value), true)) {
                $fail(Tongues::tell('A stitch is one of: {keys}.', ['keys' => implode(', ', Motif::keys())]));
            }
        };
        $percent = function (string $attribute, mixed $value, Closure $fail): void {
            $number = self::number((string) (is_scalar($value) ? $value : ''));
            if ($number === null || $number > 100 * GaugeReader::MOST_SPREAD) {
                $fail(
                    Tongues::tell(
                        'Write how far it may be off as a percentage from 0 to {most}, or leave it empty.',
                        ['most' => (int) (100 * GaugeReader::MOST_SPREAD)],
                    ),
                );
            }
        };

        return [
            'name' => ['required', 'string', 'max:80'],
            'material_id' => ['nullable', 'integer', Rule::exists('materials', 'id')->where('user_id', $maker->id)],
            'hook' => ['required', Quantity::reads(HookSize::parse(...))],
            'stitch' => ['required', 'string', $stitch],
            'stitches_counted' => ['required', $count],
            'width' => ['required', $side],
            'rows_counted' => ['required', $count],
            'height' => ['required', $side],
            'state' => ['nullable', Rule::enum(State::class)],
            'hung_load' => [
                'nullable',
                'required_if:state,hung',
                Quantity::mass(Mass::grams(self::LIGHTEST_LOAD), Mass::grams(self::HEAVIEST_LOAD)),
            ],
            'drape' => ['nullable', Rule::enum(Fabric::class)],
            'note' => ['nullable', 'string', 'max:200'],
            'mass' => ['nullable', Quantity::mass(Mass::grams(0.1), Mass::grams(20_000))],
            'width_spread' => ['nullable', $percent],
            'height_spread' => ['nullable', $percent],
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'name.required' => Tongues::tell('Give the swatch a name, like “sc on 8 mm”.'),
            'name.max' => Tongues::tell('A name of at most 80 letters.'),
            'material_id.exists' => Tongues::tell('Choose one of your own materials, or none.'),
            'stitch.required' => Tongues::tell('Say the stitch: {keys}.', ['keys' => implode(', ', Motif::keys())]),
            'state' => Tongues::tell('Measured relaxed, blocked or hung.'),
            'drape' => Tongues::tell('The fabric is firm, even or drape.'),
            'note.max' => Tongues::tell('A note of at most 200 letters.'),
            'hung_load.required_if' => Tongues::tell(
                'Say what hung on it, like 2 kg: hung under another load it is another length.',
            ),
            'hook.required' => Tongues::tell('Write the hook you used, like 8 mm or L-11.'),
            'stitches_counted.required' => Tongues::tell('Count the stitches over the width you measured.'),
            'rows_counted.required' => Tongues::tell(
                'Count the rows over the height you measured. Without rows no height can be planned.',
            ),
            'width.required' => Tongues::tell('Measure how wide those stitches are.'),
            'height.required' => Tongues::tell('Measure how high those rows are.'),
        ];
    }

    /** What is wrong with it, by field; with the measures that cannot be right where each reads well by itself. */
    public function validator(User $maker): Validator
    {
        $validator = Validators::make($this->text, self::rules($maker, $this->bare), self::messages());
        $this->doubting($validator);

        return $validator;
    }

    public function doubting(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $doubt = $validator->errors()->isNotEmpty() ? null : $this->measured()->doubt();
            if ($doubt !== null) {
                $validator->errors()->add(
                    ['stitches' => 'stitches_counted', 'rows' => 'rows_counted'][$doubt->field] ?? $doubt->field,
                    Tongues::say($doubt->said),
                );
            }
        });
    }

    /** Why its stitches can hardly be; null where they can, or where its strand is not known. */
    public function implausible(User $maker): ?Saying
    {
        $strand = $maker->strands()->find((int) $this->typed('material_id'))?->diameter;
        $measured = $this->measured();

        return $strand === null ? null : Implausible::stitch(
            $strand,
            Length::mm($measured->width->mm / $measured->stitches),
        );
    }

    /** @return array<string, mixed> columns of a swatch, of text that was validated */
    public function values(): array
    {
        $measured = $this->measured();
        $state = State::tryFrom($this->typed('state')) ?? State::Relaxed;

        return [
            'name' => $this->typed('name'),
            'material_id' => $this->typed('material_id') === '' ? null : (int) $this->typed('material_id'),
            'hook' => HookSize::parse($this->typed('hook'))->diameter,
            ...Columns::columns($measured),
            'state' => $state,
            'hung_load' => $state === State::Hung && $this->typed('hung_load') !== '' ? Mass::parse(
                $this->typed('hung_load'),
                MassUnit::Gram,
            ) : null,
            'drape' => Fabric::tryFrom($this->typed('drape')),
            'note' => $this->typed('note') === '' ? null : $this->typed('note'),
        ];
    }

    private function measured(): Swatch
    {
        return new Swatch(
            Motif::named($this->typed('stitch')),
            self::number($this->typed('stitches_counted')) ?? 0.0,
            Length::parse($this->typed('width'), $this->bare),
            self::number($this->typed('rows_counted')) ?? 0.0,
            Length::parse($this->typed('height'), $this->bare),
            $this->typed('mass') === '' ? null : Mass::parse($this->typed('mass'), MassUnit::Gram),
            widthSpread: (self::number($this->typed('width_spread')) ?? 0.0) / 100,
            heightSpread: (self::number($this->typed('height_spread')) ?? 0.0) / 100,
        );
    }

    private function typed(string $field): string
    {
        return $this->text[$field] ?? '';
    }

    /** A count with a decimal comma or point, or null. */
    private static function number(string $text): ?float
    {
        return preg_match(
            '/^\d{1,6}(?:[.,]\d{1,3})?$/',
            trim($text),
        ) === 1 ? (float) str_replace(',', '.', trim($text)) : null;
    }
}
