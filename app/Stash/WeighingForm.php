<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Material;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Closure;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Scale\Stretch;
use Fescue\Core\Scale\Weighing;
use Illuminate\Http\Request;

/** What was weighed and measured at the desk, as its form sends it. Each part stands alone; empty ones are left out. */
final class WeighingForm
{
    private const MOST_WEIGHINGS = 20;

    /** @var array<string, string> by field */
    public array $wrong = [];

    public readonly ?Material $material;

    public readonly ?Length $pieceLength;

    public readonly ?Repeated $piece;

    public readonly ?Spread $density;

    public readonly ?Repeated $with;

    public readonly ?Spread $net;

    public readonly ?Spread $left;

    public readonly ?Spread $thickness;

    public readonly ?Stretch $stretch;

    public function __construct(private readonly Request $request, User $maker)
    {
        $id = $this->typed('material');
        $this->material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        if ($id !== '' && $this->material === null) {
            $this->wrong['material'] = Tongues::tell('Choose one of your own materials, or none.');
        }
        $this->piece = $this->weighings('piece');
        $this->pieceLength = $this->piece === null ? null : $this->length('piece_length', LengthUnit::Metre);
        $this->density = $this->piece === null || $this->pieceLength === null ? null : $this->tell(
            'piece',
            fn(): Spread => Weighing::density($this->piece, $this->pieceLength),
        );
        $this->with = $this->weighings('with');
        $without = $this->weighings('without');
        $this->net = $this->with === null ? null : $this->tell(
            'with',
            fn(): Spread => Weighing::net($this->with, $without),
        );
        $this->left = $this->left();
        $this->thickness = $this->typed('turns') === '' ? null : $this->tell(
            'turns',
            fn(): Spread => Weighing::thickness(
                $this->turns(),
                $this->length('wrap_width', $maker->units) ?? Length::mm(0),
            ),
        );
        $this->stretch = $this->stretch($maker->units);
    }

    /** As typed, or as it was before a refusal. */
    public function typed(string $field): string
    {
        $old = $this->request->isMethod('get') ? $this->request->old($field) : null;

        return $this->request->has($field) || ! is_string($old) ? Typed::text($this->request, $field) : $old;
    }

    private function left(): ?Spread
    {
        if ($this->net === null) {
            return null;
        }
        if ($this->density !== null) {
            return Weighing::metresLeft(
                $this->net,
                LinearDensity::gramsPerMetre($this->density->likely),
                $this->density->relative,
            );
        }

        return $this->material === null ? null : Weighing::metresLeft($this->net, $this->material->density(), 0.01);
    }

    private function turns(): int
    {
        $text = $this->typed('turns');

        return preg_match('/^\d{1,3}$/', $text) === 1
            ? (int) $text
            : throw new NotUnderstood(new Saying('Write how many turns lie side by side, like 5.'));
    }

    private function stretch(LengthUnit $unit): ?Stretch
    {
        if ($this->typed('under') === '') {
            return null;
        }
        $before = $this->length('before', $unit);
        $under = $this->length('under', $unit);
        $load = $this->tell('load', fn(): Mass => Mass::parse($this->typed('load'), MassUnit::Gram));
        $rested = $this->typed('rested') === '' ? null : $this->length('rested', $unit);

        return $before === null || $under === null || $load === null || isset($this->wrong['rested'])
            ? null
            : $this->tell(
                'under',
                fn(): Stretch => Stretch::of($before, $load, $under, $rested),
            );
    }

    private function length(string $field, LengthUnit $unit): ?Length
    {
        return $this->tell($field, function () use ($field, $unit): Length {
            $length = Length::parse($this->typed($field), $unit);

            return $length->mm > 0 && $length->mm <= 200_000 ? $length : throw new NotUnderstood(
                new Saying('This should be above nothing and at most 200 m. Is the unit right?'),
            );
        });
    }

    /** One weighing a line, or parted by semicolons. */
    private function weighings(string $field): ?Repeated
    {
        $lines = explode("\n", str_replace(';', "\n", $this->typed($field)));
        $lines = array_values(array_filter(array_map(trim(...), $lines), fn(string $line): bool => $line !== ''));
        if ($lines === []) {
            return null;
        }
        if (count($lines) > self::MOST_WEIGHINGS) {
            $this->wrong[$field] = Tongues::tell(
                'At most {most} weighings are averaged; these are {lines}.',
                ['most' => self::MOST_WEIGHINGS, 'lines' => count($lines)],
            );

            return null;
        }

        return $this->tell(
            $field,
            fn(): Repeated => new Repeated(
                array_map(fn(string $line): float => Mass::parse($line, MassUnit::Gram)->grams, $lines),
            ),
        );
    }

    /**
     * @template T of object
     *
     * @param Closure(): T $work
     *
     * @return ?T
     */
    private function tell(string $field, Closure $work): ?object
    {
        try {
            return $work();
        } catch (NotUnderstood $e) {
            $this->wrong[$field] = Tongues::say($e->said);

            return null;
        }
    }
}
