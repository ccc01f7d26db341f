<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\RawPiece;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Strip\Candidate;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\CutPlan;
use Fescue\Core\Strip\StripPlan;
use Fescue\Core\Strip\Wanted;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

/** "I need 42 m of about 7 g/m": which raw pieces to cut, how wide, in which order. */
final class Choosing
{
    public const STUFF = ['cloth' => 'jersey and other cloth', 'bags' => 'plastic bags', 'ribbon' => 'ribbon'];

    private const FORMS = ['cloth' => ['tube', 'panel'], 'bags' => ['bag'], 'ribbon' => ['ribbon']];

    private const LONGEST_M = 20_000.0;

    /** @var array<string, string> by field */
    public array $wrong = [];

    public readonly string $stuff;

    public readonly CutMethod $school;

    public readonly ?Wanted $wanted;

    /** @var array<int, StripPlan> one of each piece, cut so, by its number */
    public array $plans = [];

    /** @var array<int, string> why a piece is left out, by its number */
    public array $leftOut = [];

    /** @var array<int, list<float>> metres that pieces cut already gave, by the piece's number */
    public array $given = [];

    public readonly ?CutPlan $plan;

    /** Pieces that wait to be cut. */
    public int $waiting = 0;

    /** Metres all of them would give, where that is not enough. */
    public float $all = 0.0;

    /** @var Collection<int, RawPiece> */
    public readonly Collection $pieces;

    public function __construct(private readonly Request $request, User $maker)
    {
        $stuff = $this->typed('stuff');
        $this->stuff = isset(self::FORMS[$stuff]) ? $stuff : 'cloth';
        $this->school = CutMethod::tryFrom($this->typed('school'))
            ?? ($this->stuff === 'bags' ? CutMethod::Joined : CutMethod::OneStrand);
        $pieces = $maker->rawPieces();
        $pieces->whereIn('form', self::FORMS[$this->stuff]);
        $this->pieces = $pieces->get();
        $this->wanted = $this->request->has('need') ? $this->wanted() : null;
        $this->plan = $this->wanted === null ? null : $this->choose($this->wanted);
    }

    public function typed(string $field): string
    {
        return Typed::text($this->request, $field);
    }

    private function wanted(): ?Wanted
    {
        try {
            $need = Length::parse($this->typed('need'), LengthUnit::Metre);
            if ($need->mm <= 0 || $need->mm > 1000 * self::LONGEST_M) {
                $this->wrong['need'] = Tongues::tell(
                    'This should be above nothing and at most 20 km. Is the unit right?',
                );
            }
        } catch (NotUnderstood $e) {
            $this->wrong['need'] = Tongues::say($e->said);
        }
        try {
            $density = LinearDensity::parse($this->typed('density'), true);
        } catch (NotUnderstood $e) {
            $this->wrong['density'] = Tongues::say($e->said);
        }

        return isset($need, $density) && $this->wrong === [] ? new Wanted($need, $density) : null;
    }

    private function choose(Wanted $wanted): ?CutPlan
    {
        $candidates = [];
        $cut = [];
        foreach ($this->pieces as $piece) {
            $plan = $this->planOf($piece, $wanted);
            if ($plan === null) {
                continue;
            }
            $this->plans[$piece->id] = $plan;
            $metres = $plan->pulled->mm / 1000
                - $plan->cutting->join->loss()->mm / 1000
                * (int) ($this->stuff !== 'bags' || $this->school === CutMethod::OneStrand);
            if ($metres <= 0) {
                $this->leftOut[$piece->id] = Tongues::tell('Its joins would eat all it gives.');

                continue;
            }
            $given = $this->given($piece, $wanted->density);
            foreach ($given as $one) {
                $cut[] = [$metres, $one];
            }
            $left = $piece->count - count($given);
            $this->all += $left * $metres;
            if ($left > 0) {
                $this->waiting += $left;
                $candidates[] = new Candidate($piece->id, $metres, $left);
            }
        }
        if ($this->wrong !== []) {
            return null;
        }
        $this->all += array_sum(array_column($cut, 1));

        return $candidates === [] ? null : CutPlan::of($candidates, $wanted->length->mm / 1000, $cut);
    }

    /** One of the piece, cut as wide as the strand wants; null and a reason where that cannot be. */
    private function planOf(RawPiece $piece, Wanted $wanted): ?StripPlan
    {
        try {
            $probe = $piece->spec(Length::mm(20), $this->school, 1);
            if ($probe->areal === null) {
                $this->leftOut[$piece->id] = Tongues::tell('Not weighed: how wide to cut it cannot be told.');

                return null;
            }
            $double = $probe->piece->cut($this->school)->double;

            return StripPlan::of($piece->spec($wanted->strip($probe->areal, $probe->pull, $double), $this->school, 1));
        } catch (Refused $e) {
            $this->leftOut[$piece->id] = Tongues::say($e->problems[0]->said);

            return null;
        }
    }

    /** @return list<float> metres that those cut already gave, told by length or by weight */
    private function given(RawPiece $piece, LinearDensity $density): array
    {
        $field = "gave.{$piece->id}";
        $metres = [];
        foreach (array_filter(
            array_map(trim(...), explode(';', $this->typed($field))),
            fn(string $one): bool => $one !== '',
        ) as $one) {
            try {
                $metres[] = $this->metres($one, $density);
            } catch (NotUnderstood $e) {
                $this->wrong[$field] = Tongues::say($e->said);
            }
        }
        if (count($metres) > $piece->count) {
            $this->wrong[$field] = Tongues::tell(
                'There are {n} of it; these are {many}.',
                ['n' => $piece->count, 'many' => count($metres)],
            );
        }

        return $this->given[$piece->id] = $metres;
    }

    /** @throws NotUnderstood */
    private function metres(string $text, LinearDensity $density): float
    {
        try {
            return Length::parse($text, LengthUnit::Metre)->mm / 1000;
        } catch (NotUnderstood $e) {
            try {
                return $density->lengthOf(Mass::parse($text, MassUnit::Gram))->mm / 1000;
            } catch (NotUnderstood) {
                throw $e;
            }
        }
    }
}
