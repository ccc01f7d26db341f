<?php

declare(strict_types=1);

namespace App\Bags\Sheets;

use App\Bags\WorkLog;
use App\Tongue\Tongues;
use Fescue\Core\Estimate\BallEnd;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Winding;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Listing;

/** What a bag takes, as it is told to whoever gets it: what is on hand, where balls end, what is to be bought. */
final readonly class Needs
{
    public function __construct(private PlanSheet $sheet) {}

    /**
     * "590 g on hand, 310 g in the bag".
     *
     * @param int $which of its materials: 0 is its own
     */
    public function onHand(int $which = 0): string
    {
        $onHand = $this->sheet->plan->spec->facts->strands->of($which)->onHand;
        $material = $this->sheet->bag->worked($which);
        $used = $material === null ? 0.0 : $this->sheet->bag->usedOf($material->id);

        return match (true) {
            $onHand === null => Tongues::tell('ball not weighed'),
            $used < 0.5 => Tongues::tell('{mass} on hand', ['mass' => $onHand]),
            default => Tongues::tell(
                '{mass} on hand, {used} in the bag',
                ['mass' => Mass::grams(max(0.0, $onHand->grams - $used)), 'used' => Mass::grams($used)],
            ),
        };
    }

    /** @return list<BallEnd> where its balls end, worked one after another */
    public function balls(): array
    {
        $bag = $this->sheet->bag;

        // What was cut was joined into one strand already.
        return $bag->material?->acquired === Acquired::Cut
            ? []
            : Balls::of($this->sheet->plan, $bag->exists ? WorkLog::wholeFrom($bag, $this->sheet->plan) : 0);
    }

    /**
     * The row from which a strand is worked of a ball that nobody weighed, so that nothing is known of what is left;
     * 0 where there is none.
     */
    public function unweighedFrom(int $which): int
    {
        $whole = $this->sheet->bag->exists ? WorkLog::wholeFrom($this->sheet->bag, $this->sheet->plan) : 0;
        $materials = $this->sheet->plan->materials;
        $isWeighed = $whole <= $this->sheet->plan->begun();
        // Of balls whose size is known the next one is a whole one.
        $isKnown = Winding::of($this->sheet->plan->spec->facts->strands->of($which)) !== null;
        $isInHand = ($materials[max(0, $whole - 1)] ?? 0) === $which
            && ($materials[min($whole, count($materials) - 1)] ?? 0) === $which;

        return $isWeighed || $isKnown || ! $isInHand ? 0 : $whole;
    }

    /** "from rounds 8 and 14". */
    public function from(MaterialEstimate $other): string
    {
        $rounds = array_map(fn(RowId $row): string => Tongues::here()->short($row), $other->from);

        return count($rounds) === 1
            ? Tongues::tell('from round {row}', ['row' => $rounds[0]])
            : Tongues::tell('from rounds {rows}', ['rows' => new Listing($rounds)]);
    }

    /** "Zip, 31.0 cm" */
    public function called(Need $need): string
    {
        return Tongues::tell($need->name).($need->size === null ? '' : ', '.($need->kind === Kind::Cloth
            ? Tongues::tell('{size} wide', ['size' => $this->sheet->say($need->size)])
            : $this->sized($need->size)));
    }

    /** Of something small, as it is sold: "18 mm", or in inches. */
    private function sized(Length $size): string
    {
        return $this->sheet->unit === LengthUnit::Centimetre && $size->mm < 100
            ? $size->print(LengthUnit::Millimetre, 0)
            : $this->sheet->say($size);
    }
}
