<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Books\BagFacts;
use App\Casts\Cell;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Material;
use App\Models\StockEntry;
use App\Models\Transaction;
use App\Models\User;
use App\Rules\Typed;
use App\Stash\Ledger;
use App\Tongue\Tongues;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Measure\Duration;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Http\Request;

/** A bag is done: read from its form, kept, with its line in the ledger; and taken back, from there too. */
final class Finished
{
    private const LENGTHS = ['wide', 'high', 'blocked_wide', 'blocked_high', 'strap_lay', 'strap_hung'];

    private const LONGEST_NOTE = 600;

    private const LONGEST_TIME = 60_000;

    /** @var array<string, string> by field */
    public array $wrong = [];

    private ?Mass $left = null;

    /** @param array<string, mixed> $kept */
    private function __construct(private array $kept) {}

    public static function read(Request $request, User $maker): self
    {
        $read = new self(['otherwise' => Typed::text($request, 'otherwise')]);
        foreach (self::LENGTHS as $field) {
            $read->try($field, fn(): ?string => Typed::length(Typed::text($request, $field), $maker->units)?->exact());
        }
        foreach (['load' => MassUnit::Kilogram, 'left_over' => MassUnit::Gram] as $field => $unit) {
            $read->try($field, function () use ($request, $field, $unit): ?string {
                $text = Typed::text($request, $field);

                return $text === '' ? null : Mass::parse($text, $unit)->exact();
            });
        }
        foreach (['minutes', 'hung_for'] as $field) {
            $read->try($field, fn(): ?int => self::minutes(Typed::text($request, $field)));
        }
        $seen = Typed::text($request, 'seen');
        $read->kept['seen'] = isset(BagFinish::SEEN[$seen]) ? $seen : null;
        $note = mb_strlen(Cell::text($read->kept['otherwise']));
        if ($note > self::LONGEST_NOTE) {
            $read->wrong['otherwise'] = Tongues::tell(
                'At most {most} letters; this has {many}.',
                ['most' => self::LONGEST_NOTE, 'many' => $note],
            );
        }
        $left = $read->kept['left_over'] ?? null;
        $read->left = is_string($left) ? Mass::parse($left) : null;

        return $read;
    }

    /**
     * Of one that is kept, as if it were typed.
     *
     * @return array<string, string> by field: what is wrong
     */
    public static function wrong(BagFinish $kept): array
    {
        $read = new self([]);
        foreach (self::LENGTHS as $field) {
            $said = $kept->getAttribute($field);
            $read->try($field, fn(): ?string => is_string($said) ? Length::parse($said)->exact() : null);
        }
        foreach (['load', 'left_over'] as $field) {
            $said = $kept->getAttribute($field);
            $read->try($field, fn(): ?string => is_string($said) ? Mass::parse($said)->exact() : null);
        }
        foreach (['minutes', 'hung_for'] as $field) {
            $read->try($field, fn(): ?int => self::minutes(Cell::text($kept->getAttribute($field))));
        }
        if ($kept->seen !== null && ! isset(BagFinish::SEEN[$kept->seen])) {
            $read->wrong['seen'] = Tongues::tell('It held, stretched or gave.');
        }
        foreach (Cell::map($kept->expected) as $field => $said) {
            if ($said !== null && ! is_int($said) && ! is_float($said)) {
                $read->wrong["expected.{$field}"] = Tongues::tell('A number, or none.');
            }
        }

        return $read->wrong;
    }

    /** @param callable(): (int|string|null) $reads */
    private function try(string $field, callable $reads): void
    {
        try {
            $said = $reads();
        } catch (NotUnderstood $e) {
            $this->wrong[$field] = Tongues::say($e->said);

            return;
        }
        if (is_string($said) && strlen($said) > 20) {
            $this->wrong[$field] = Tongues::tell('Write it shorter.');
        }
        $this->kept[$field] = $said;
    }

    /** "1 h 20", "45 min", "45"; null where nothing was said. @throws NotUnderstood */
    private static function minutes(string $text): ?int
    {
        if ($text === '') {
            return null;
        }
        $minutes = Duration::parse($text, 5);

        return $minutes <= self::LONGEST_TIME
            ? $minutes
            : throw new NotUnderstood(new Saying('At most {n} hours.', ['n' => intdiv(self::LONGEST_TIME, 60)]));
    }

    /** @throws NotEnough where the stash does not bear what it took */
    public function keep(PlanSheet $sheet): void
    {
        $bag = $sheet->bag;
        Changing::held($bag, function (Bag $bag) use ($sheet): void {
            $before = BagFinish::query()->find($bag->id);
            $kept = $this->kept;
            $own = $bag->material;
            $last = $bag->worked($sheet->plan->materials[count($sheet->plan->materials) - 1]);
            $line = $before?->stock_entry_id === null ? null : StockEntry::query()->find($before->stock_entry_id);
            if ($last !== null && ($kept['left_over'] ?? null) !== ($before->left_over ?? null)) {
                if ($line !== null && $line->undone_at === null) {
                    Ledger::strike($line, true);
                }
                $bag->forgetStock();
                $line = $this->left === null ? null : self::close($bag, $last->fresh() ?? $last, $this->left);
            }
            $bag->forgetStock();
            if ($own !== null && $this->left !== null) {
                $kept['used'] = $bag->usedOf($own->id);
            }
            BagFinish::query()->updateOrCreate(['bag_id' => $bag->id], [
                ...$kept,
                'stock_entry_id' => $line?->id,
                // What was expected stays as it was when it was first done.
                'expected' => $before->expected ?? self::expected($sheet),
            ]);
        });
    }

    /** What is left ends the bag: what went since is used in it, and nothing is promised to it any more. */
    private static function close(Bag $bag, Material $material, Mass $left): ?StockEntry
    {
        $free = $material->freeFor($bag->id);
        $went = $free === null ? 0.0 : round($free->grams - $left->grams, 3);
        $line = match (true) {
            $went > 0 => Ledger::enter(
                $material,
                Move::Used,
                $went,
                $bag,
                Tongues::tell('the bag is done'),
                isFact: true,
                isLast: true,
            ),
            $free === null || $went < 0 => Ledger::enter(
                $material,
                Move::Weighed,
                $left->grams,
                note: 'the bag is done',
            ),
            default => null,
        };
        Ledger::reserve($material, $bag, 0.0);

        return $line;
    }

    /** @return array<string, float> before anything was weighed in */
    private static function expected(PlanSheet $sheet): array
    {
        $estimate = MaterialEstimate::of($sheet->plan->weighed($sheet->plan->spec->facts->strands->own->onHand, []));
        $out = $sheet->plan->comesOut;

        return [
            'low' => round($estimate->grams->low(), 2),
            'likely' => round($estimate->grams->likely, 2),
            'high' => round($estimate->grams->high(), 2),
            'minutes' => round(BagFacts::of($sheet->bag)->hands()->pace()->minutes(new Timed($sheet->plan))->likely),
            'wide' => round($out->flatWidth->mm, 2),
            'high_mm' => round($out->height->mm, 2),
        ];
    }

    /**
     * Hardware and cloth of the stash that it takes, into the ledger: all of it or none, and none twice.
     *
     * @return list<string> what was taken
     *
     * @throws NotEnough
     */
    public static function take(Bag $bag, Shopping $shopping): array
    {
        return Changing::held($bag, function (Bag $bag) use ($shopping): array {
            $taken = [];
            foreach ($shopping->notions as $one) {
                $wanted = $one->takes - ($one->material === null ? 0.0 : $bag->usedOf($one->material->id));
                if ($one->material !== null && $wanted > 0.0) {
                    Ledger::enter($one->material, Move::Used, $wanted, $bag, Tongues::tell('the finish'));
                    $taken[] = "{$one->say($wanted)} {$one->material->name}";
                }
            }

            return $taken;
        });
    }

    /** It is in hand again, and its line is out of the ledger; whether the stash bore that. */
    public static function undo(Bag $bag): bool
    {
        return Transaction::run(function () use ($bag): bool {
            Transaction::hold('bags', $bag->id);
            $row = BagFinish::query()->whereKey($bag->id);
            $row->lockForUpdate();
            $done = $row->first();
            $line = $done?->stock_entry_id === null ? null : StockEntry::query()->find($done->stock_entry_id);
            $borne = true;
            if ($line !== null && $line->undone_at === null) {
                try {
                    Ledger::strike($line, true);
                } catch (NotEnough) {
                    $borne = false;
                }
            }
            $done?->delete();

            return $borne;
        });
    }
}
