<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\BagFinish;
use App\Rules\Typed;
use Fescue\Core\Finish\Closure;
use Fescue\Core\Finish\Drawstring;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Finish\Tassels;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Http\Request;

/** What a bag is finished with, of what she typed and what its plan says. */
final readonly class FinishSheet
{
    /** Cloth as it is mostly sold, mm. From memory. */
    private const CLOTH = 1400.0;

    /** A magnet, a snap. From memory. */
    private const CLOSURE = 18.0;

    /** @param array<string, string> $wrong by field */
    private function __construct(
        public PlanSheet $sheet,
        public Lining $lining,
        public Length $cloth,
        public ?Closure $closure,
        public Length $closureWide,
        public Drawstring $string,
        public Tassels $tassels,
        public ?BagFinish $finish,
        public array $wrong,
    ) {}

    public static function of(PlanSheet $sheet, Request $request): self
    {
        $wrong = [];
        $length = function (
            string $field,
            ?float $else,
            float $least,
            float $most,
        ) use ($request, $sheet, &$wrong): ?Length {
            $else = $else === null ? null : Length::mm($else);
            try {
                $read = Typed::length(Typed::text($request, $field), $sheet->unit);
                if ($read === null) {
                    return $else;
                }
                if ($read->mm >= $least && $read->mm <= $most) {
                    return $read;
                }
                $wrong[$field] = 'From '.Length::mm($least)->print($sheet->unit).' to '
                    .Length::mm($most)->print($sheet->unit).'.';
            } catch (NotUnderstood $e) {
                $wrong[$field] = $e->getMessage();
            }

            return $else;
        };
        $seam = $length('seam', Lining::SEAM, 0.0, 40.0)->mm ?? Lining::SEAM;
        $wide = $length('closure', self::CLOSURE, 2.0, 1000.0) ?? Length::mm(self::CLOSURE);
        $cloth = $length('cloth', self::CLOTH, 100.0, 5000.0) ?? Length::mm(self::CLOTH);
        $plan = $sheet->plan;
        $stitches = max(1, (int) round(2 * $plan->comesOut->flatWidth->mm / $plan->gauge->singleWidth()->mm));

        return new self(
            $sheet,
            Lining::of(
                $plan,
                $seam,
                wide: $length('lies', null, 30.0, 3000.0),
                high: $length('stands', null, 30.0, 3000.0),
            ),
            $cloth,
            Closure::middle($plan, $wide),
            $wide,
            Drawstring::of($stitches, $plan->gauge->singleWidth()),
            Tassels::along($stitches),
            BagFinish::query()->find($sheet->bag->id),
            $wrong,
        );
    }

    /** Grams of the bag's strand that a length of it weighs. */
    public function grams(Length $strand): float
    {
        return $this->sheet->plan->spec->strands->own->density->massOf($strand)->grams;
    }

    /** "9 kg"; '' where it was not hung. */
    public function held(): string
    {
        return $this->finish?->load === null
            ? ''
            : Decimal::exact(Mass::parse($this->finish->load)->grams / 1000).' kg';
    }

    /** By how much it came out otherwise than planned: "+3.2 %"; '' where it was not measured. */
    public function off(?string $came, Length $planned): string
    {
        if ($came === null || $planned->mm <= 0.0) {
            return '';
        }
        $off = 100 * (Length::parse($came)->mm / $planned->mm - 1);

        return ($off < 0 ? '−' : '+').round(abs($off), 1).' %';
    }
}
