<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Drawing\Canvas;
use App\Drawing\LayDrawing;
use App\Models\BagFinish;
use App\Models\BagLink;
use App\Models\Picture;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Finish\Finishing;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Finish\Level;
use Fescue\Core\Finish\Lined;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Saying\Saying;
use Illuminate\Support\Collection;

/** What a bag is finished with, and what it was when it was done. */
final readonly class FinishSheet
{
    private function __construct(public PlanSheet $sheet, public ?BagFinish $done, private User $maker) {}

    public static function of(PlanSheet $sheet, User $maker): self
    {
        return new self($sheet, BagFinish::query()->find($sheet->bag->id), $maker);
    }

    public function shopping(): Shopping
    {
        return Shopping::of($this->maker, [$this->sheet]);
    }

    /** @return Collection<int, Picture> without their bytes */
    public function pictures(): Collection
    {
        $pictures = Picture::query()->where('bag_id', $this->sheet->bag->id);
        $pictures->orderBy('id');

        return $pictures->get(['id', 'bag_id', 'width', 'height', 'created_at']);
    }

    /** That shows it; null where none does. */
    public function link(): ?string
    {
        return BagLink::query()->find($this->sheet->bag->id)?->token;
    }

    /** @return array<int, string> names of the strands that it may be made of again, by number */
    public function strands(): array
    {
        /** @var array<int, string> $names */
        $names = $this->maker->strands()->pluck('name', 'id')->all();

        return $names;
    }

    /** @return list<array{Finishing, Fitted}> in the order of the document */
    public function parts(): array
    {
        return array_map(
            fn(Finishing $one, Fitted $fitted): array => [$one, $fitted],
            $this->sheet->plan->spec->choices->finish,
            $this->sheet->plan->fitted,
        );
    }

    /**
     * The same in the order in which it is done.
     *
     * @return list<array{Finishing, Fitted}>
     */
    public function inOrder(): array
    {
        $order = array_flip(array_keys(Finishings::byKey()));
        $parts = $this->parts();
        usort($parts, fn(array $a, array $b): int => $order[$a[0]::key()] <=> $order[$b[0]::key()]);

        return $parts;
    }

    /** @return list<array{Lining, Length, ?Canvas}> each with its cloth, and its lay */
    public function linings(): array
    {
        $linings = [];
        foreach ($this->parts() as [$one, $fitted]) {
            if ($one instanceof Lined && $fitted->lining !== null) {
                $linings[] = [
                    $fitted->lining,
                    $one->cloth(),
                    LayDrawing::of($fitted->lining, $one->cloth(), $this->sheet->unit),
                ];
            }
        }

        return $linings;
    }

    public function said(Saying $step): string
    {
        return Tongues::say($step);
    }

    /** @return array<string, string> what was settled, by the field that was left open */
    public function settled(int $place): array
    {
        $settled = [];
        foreach ($this->sheet->plan->fitted[$place]->settled ?? [] as $name => $length) {
            $settled["finish[{$place}][{$name}]"] = is_int($length) ? (string) $length : $this->sheet->say($length);
        }

        return $settled;
    }

    /** "1.9 m, 16 g"; '' where it takes none. */
    public function strand(Fitted $fitted): string
    {
        if ($fitted->strand === null) {
            return '';
        }
        $grams = $this->sheet->plan->spec->facts->strands->own->density->massOf($fitted->strand)->grams;

        return Tongues::figure($fitted->strand->mm / 1000, 1).' m, '.Tongues::figure($grams, $grams < 10 ? 1 : 0).' g';
    }

    /** @return list<Remark> what can hurt someone */
    public function cautions(Fitted $fitted): array
    {
        return array_values(array_filter($fitted->remarks, fn(Remark $one): bool => $one->tone === Tone::Care));
    }

    /** @return list<array{string, string}> in which row it is thought of, and what is done there */
    public function beforehand(Fitted $fitted): array
    {
        $said = [];
        foreach ($fitted->remarks as $one) {
            if ($one->row !== null) {
                $said[] = [
                    Tongues::here()->row($this->sheet->plan->work->rows[$one->row]->id),
                    Tongues::tell('{lead} {rest}', ['lead' => $one->lead(), 'rest' => $one->rest()]),
                ];
            }
        }

        return $said;
    }

    /**
     * What it came to beside what was planned.
     *
     * @return list<array{string, string, string, string}> what, as planned, as it came, by how much off
     */
    public function compared(): array
    {
        $plan = $this->sheet->plan->comesOut;
        $done = $this->done;
        if ($done === null) {
            return [];
        }
        $rows = [];
        foreach ([
            [Tongues::tell('lies wide'), $plan->flatWidth, $done->wide],
            [Tongues::tell('stands high'), $plan->height, $done->high],
            [Tongues::tell('blocked, wide'), $plan->flatWidth, $done->blocked_wide],
            [Tongues::tell('blocked, high'), $plan->height, $done->blocked_high],
        ] as [$what, $planned, $said]) {
            if ($said !== null) {
                $came = Length::parse($said);
                $off = self::off($came->mm, $planned->mm);
                $rows[] = [$what, $this->sheet->say($planned), $this->sheet->say($came), $off];
            }
        }
        $took = $done->outcome();
        if ($took !== null) {
            $rows[] = [
                Tongues::tell('took'),
                Decimal::print($took->likely).' g',
                Decimal::print($took->came).' g',
                Tongues::tell($took->isInside() ? '{off}, in the band' : '{off}, outside the band', [
                    'off' => self::off($took->came, $took->likely),
                ]),
            ];
        }
        if ($done->minutes !== null) {
            $planned = (float) ($done->expected['minutes'] ?? 0);
            $off = self::off((float) $done->minutes, $planned);
            $rows[] = [
                Tongues::tell('hours'),
                Tongues::figure($planned / 60, 1),
                Tongues::figure($done->minutes / 60, 1),
                $off,
            ];
        }
        $stretch = $done->stretch();
        if ($stretch !== null) {
            $rows[] = [Tongues::tell('strap stretched'), '', Tongues::figure(100 * $stretch, 1).' %', ''];
        }

        return $rows;
    }

    /** Its own measures as a swatch; null where it is of several fabrics, or was not measured both ways. */
    public function asSwatch(): ?Swatch
    {
        $plan = $this->sheet->plan;
        $fabrics = [];
        $rows = 0;
        foreach ($plan->work->rows as $row) {
            if ($row->stands) {
                $fabrics[$row->fabric->key] = $row->fabric;
                $rows++;
            }
        }
        $levels = $plan->shell()->levels;
        if ($this->done?->wide === null || $this->done->high === null || count($fabrics) !== 1 || $levels === []) {
            return null;
        }
        $around = max(array_map(fn(Level $one): int => $one->around, $levels));

        return new Swatch(
            array_values($fabrics)[0],
            $around / 2,
            Length::parse($this->done->wide),
            $rows,
            Length::parse($this->done->high),
        );
    }

    /** "9 kg"; '' where it was not hung. */
    public function held(): string
    {
        return $this->done?->load === null
            ? ''
            : Tongues::exact(Mass::parse($this->done->load)->grams / 1000).' kg';
    }

    /** "+3.2 %" */
    private static function off(float $came, float $planned): string
    {
        if ($planned <= 0.0) {
            return '';
        }
        $off = 100 * ($came / $planned - 1);

        return ($off < 0 ? '−' : '+').Tongues::exact(round(abs($off), 1)).' %';
    }
}
