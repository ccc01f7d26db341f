<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\Quantity;
use Closure;
use Fescue\Core\Gauge\State;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Stitch\Stitch;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

final class SwatchRequest extends MakerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $shown = $this->maker()->units;
        $side = Quantity::length(Length::mm(5), Length::mm(3000), $shown, $shown);
        $count = function (string $attribute, mixed $value, Closure $fail): void {
            $number = $this->number((string) (is_scalar($value) ? $value : ''));
            if ($number === null || $number <= 0 || $number > 1000) {
                $fail('Write how many you counted, above 0 and at most 1000; halves like 10.5 are fine.');
            }
        };

        return [
            'name' => ['required', 'string', 'max:80'],
            'material_id' => ['nullable', 'integer', Rule::exists('materials', 'id')->where('user_id', $this->maker()->id)],
            'hook' => ['required', Quantity::reads(HookSize::parse(...))],
            'stitch' => ['required', 'string', Rule::in(['sc', 'hdc', 'dc', 'tr'])],
            'stitches_counted' => ['required', $count],
            'width' => ['required', $side],
            'rows_counted' => ['required', $count],
            'height' => ['required', $side],
            'state' => ['nullable', Rule::enum(State::class)],
            'hung_load' => ['nullable', 'required_if:state,hung', Quantity::mass(Mass::grams(10), Mass::grams(30_000))],
            'drape' => ['nullable', Rule::enum(Fabric::class)],
            'note' => ['nullable', 'string', 'max:200'],
            'mass' => ['nullable', Quantity::mass(Mass::grams(0.1), Mass::grams(20_000))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the swatch a name, like “sc on 8 mm”.',
            'material_id.exists' => 'Choose one of your own materials, or none.',
            'hung_load.required_if' => 'Say what hung on it, like 2 kg: hung under another load it is another length.',
            'hook.required' => 'Write the hook you used, like 8 mm or L-11.',
            'stitches_counted.required' => 'Count the stitches over the width you measured.',
            'rows_counted.required' => 'Count the rows over the height you measured. Without rows no height can be planned.',
            'width.required' => 'Measure how wide those stitches are.',
            'height.required' => 'Measure how high those rows are.',
        ];
    }

    protected function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $doubt = $this->measured()->doubt();
            if ($doubt !== null) {
                $validator->errors()->add($doubt->field, $doubt->message);
            }
        });
    }

    /** @return array<string, mixed> */
    public function swatch(): array
    {
        $measured = $this->measured();

        return [
            'name' => $this->typed('name'),
            'material_id' => $this->typed('material_id') === '' ? null : (int) $this->typed('material_id'),
            'hook' => HookSize::parse($this->typed('hook'))->diameter,
            'stitch' => $measured->stitch,
            'stitches_counted' => $measured->stitches,
            'width' => $measured->width,
            'rows_counted' => $measured->rows,
            'height' => $measured->height,
            'mass' => $measured->mass,
            'state' => State::tryFrom($this->typed('state')) ?? State::Relaxed,
            'hung_load' => $this->typed('state') === State::Hung->value && $this->typed('hung_load') !== '' ? Mass::parse($this->typed('hung_load'), MassUnit::Gram) : null,
            'drape' => Fabric::tryFrom($this->typed('drape')),
            'note' => $this->typed('note') === '' ? null : $this->typed('note'),
        ];
    }

    private function measured(): Swatch
    {
        $bare = $this->maker()->units;

        return new Swatch(
            Stitch::from($this->typed('stitch')),
            $this->number($this->typed('stitches_counted')) ?? 0.0,
            Length::parse($this->typed('width'), $bare),
            $this->number($this->typed('rows_counted')) ?? 0.0,
            Length::parse($this->typed('height'), $bare),
            $this->typed('mass') === '' ? null : Mass::parse($this->typed('mass'), MassUnit::Gram),
        );
    }

    /** A count with a decimal comma or point, or null. */
    private function number(string $text): ?float
    {
        return preg_match('/^\d{1,6}(?:[.,]\d{1,3})?$/', trim($text)) === 1 ? (float) str_replace(',', '.', trim($text)) : null;
    }
}
