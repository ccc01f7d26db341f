<?php

declare(strict_types=1);

namespace App\Books;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\BagReader;
use App\Models\Draft;
use App\Models\Material;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Gauge\Hang;
use Fescue\Core\Measure\Mass;
use Illuminate\Database\Eloquent\Collection;

/**
 * What a bag stands on, as her books say it: material, swatch or hand, ledger and weigh-ins; known for as long as they
 * say so.
 */
final class BagFacts implements BagReader
{
    /**
     * On what it stands, and what that says.
     *
     * @var ?array{string, array{says: array<string, mixed>, over: list<string>}, ?Hang, ?string} its chip last
     */
    private ?array $stood = null;

    /** Whether what it stands on was read since its hands' books were opened. */
    private bool $isRead = false;

    /** @var ?array{array<string, mixed>, BagPlan} its document, and what that was planned to */
    private ?array $planned = null;

    public function __construct(private readonly Bag $bag, private ?MakerHistory $hands = null) {}

    public static function of(Bag $bag): self
    {
        $reader = $bag->reader();

        return $reader instanceof self ? $reader : throw new \LogicException('Another reads this bag.');
    }

    /** Of the hands that a page has for many bags. */
    public function asks(MakerHistory $hands): Bag
    {
        $this->hands = $hands;

        return $this->bag;
    }

    /** So, and what it stands on was read since they were first asked. */
    public function taughtBy(MakerHistory $hands): Bag
    {
        $this->isRead = true;

        return $this->asks($hands);
    }

    public function hands(): MakerHistory
    {
        return $this->hands ??= new MakerHistory($this->bag->user_id, $this->bag);
    }

    public function forget(): void
    {
        $this->stood = null;
        $this->isRead = false;
        $this->hands()->books()->close();
    }

    public function chip(): ?string
    {
        return $this->stood[3] ?? null;
    }

    public function document(bool $taught = true): array
    {
        // Others teach a bag only where its gauge is learned.
        $isKnown = $taught || ($this->stood !== null && ! $this->bag->isLearned());
        $said = $isKnown ? $this->stand() : $this->said(false);

        // What is left open as a whole is left out: an empty part would be written as a list.
        return array_filter(array_replace(
            ['format' => BagDocument::FORMAT] + Draft::of($this->bag)->without(...$said['over'])->document(),
            $said['says'],
        ), fn(mixed $one): bool => $one !== []);
    }

    public function plan(bool $taught = true): BagPlan
    {
        $document = $this->document($taught);
        if ($this->planned === null || $this->planned[0] !== $document) {
            $this->planned = [$document, Planner::plan(BagDocument::read($document, $this->hands()->teaching))];
        }

        return $this->planned[1];
    }

    /**
     * Reads all that it stands on beside its choices, at once where that is known.
     *
     * @return array{says: array<string, mixed>, over: list<string>} what that says, and over which of its choices
     */
    public function stand(): array
    {
        $bag = $this->bag;
        if (! $bag->exists) {
            return $this->said(true);
        }
        $question = Question::stand($bag);
        $on = $question->mark('');
        if ($this->stood === null || $this->stood[0] !== $on) {
            $books = $this->hands()->books();
            $books->look([$question, Question::pace($books)]);
            $kept = $books->known($question, function () use ($bag): array {
                $fresh = clone $bag;
                if (! $this->isRead) {
                    // What it holds may have been read of older books.
                    $fresh->setRelations([]);
                    $fresh->withOthers([]);
                    $fresh->load(Bag::STANDS_ON);
                }
                $said = (new self($fresh, $this->hands()))->said(true);
                $fresh->material?->unsetRelation('reservations');

                return [
                    $said, $fresh->getRelations(), $fresh->readOthers(),
                    $this->hands()->hangOf($fresh->swatch), $fresh->material?->chip(),
                ];
            });
            $bag->setRelations($kept[1] + $bag->getRelations());
            $bag->withOthers($kept[2]);
            $this->stood = [$on, $kept[0], $kept[3], $kept[4]];
        }

        return $this->stood[1];
    }

    /** What its maker's books tell it by; null of one that stands on nothing yet: it may be of older books. */
    public function mark(): ?string
    {
        $kept = $this->bag->getAttributes();
        $of = array_filter(
            array_map(fn(string $column): mixed => $kept[$column] ?? null, ['material_id', 'swatch_id', 'choices']),
            fn(mixed $one): bool => $one !== null,
        );

        return $this->stood === null ? null : sha1(implode(' ', array_map(Cell::text(...), $of)));
    }

    /** How its swatch changed as it hung; null where none of it hung. */
    public function hang(): ?Hang
    {
        if ($this->stood === null) {
            $this->stand();
        }

        return $this->stood === null ? $this->hands()->hangOf($this->bag->swatch) : $this->stood[2];
    }

    /**
     * What there was of a strand when it was begun, and has come since: what it may still take, and what is in it; null
     * where that is not known.
     */
    public function onHandOf(Material $material): ?Mass
    {
        $free = $material->freeFor($this->bag->id ?? null);

        return $free === null || KeptWeighIns::of($this->bag)->begins($material) ? null : Mass::grams(
            round($free->grams + $this->bag->usedOf($material->id), 3),
        );
    }

    /** @return array{says: array<string, mixed>, over: list<string>} */
    private function said(bool $taught): array
    {
        $bag = $this->bag;
        $hands = $this->hands();
        $says = [];
        $over = ['others'];
        if ($bag->material !== null) {
            $says['material'] = $bag->material->document($this->onHandOf($bag->material));
        }
        if ($bag->swatch !== null) {
            array_push($over, ...Draft::TAUGHT);
            $says['hook'] = $bag->swatch->hookSize()->exact();
            $says['gauge'] = $bag->swatch->document();
            // What was measured wins over what her hand makes elsewhere, and that over common proportions; a swatch put
            // away says nothing more.
            $also = $hands->also($bag->swatch);
            $says += $also === [] ? [] : ['also' => $also];
            $proportions = $hands->proportionDocuments($bag->swatch->stitch);
            $says += $proportions === [] ? [] : ['proportions' => $proportions];
            if (($bag->choices['swatch_counts'] ?? false) === true) {
                $says['gauge']['from_on_hand'] = true;
            }
        } elseif ($bag->isLearned()) {
            $over[] = 'gauge';
            $says['swatches'] = $hands->documents();
            $says['worked'] = $taught ? $hands->workedDocuments($bag->id ?? null) : [];
        }
        if ($bag->material_id !== null && $bag->hangs()) {
            $says += self::told('stretch', $hands->stretchOf($bag->material_id));
        }
        $says += self::told('differs', $hands->differs($bag->id ?? null));
        $others = $this->others();
        $says += $others === [] ? [] : ['others' => $others];
        $weighIns = KeptWeighIns::of($bag)->documents();

        return ['says' => $weighIns === [] ? $says : ['weigh_ins' => $weighIns] + $says, 'over' => $over];
    }

    /** @return list<array<string, mixed>> those that are worked; those behind the last of them are only kept by */
    private function others(): array
    {
        $kept = Cell::maps($this->bag->choices['others'] ?? null);
        $to = array_column(Cell::maps($this->bag->choices['changes'] ?? null), 'to');
        $others = [];
        foreach (array_slice($kept, 0, max([0, ...array_map(Cell::int(...), $to)])) as $place => $asFile) {
            $other = $this->bag->worked($place + 1);
            $others[] = $other?->document($this->onHandOf($other)) ?? $asFile;
        }

        return $others;
    }

    /** @return array<string, float> what is known and not nothing */
    private static function told(string $name, ?float $share): array
    {
        return $share === null || $share === 0.0 ? [] : [$name => $share];
    }

    /**
     * Reads what many bags stand on, of all of them at once.
     *
     * @param array<Bag> $bags
     */
    public static function readAll(MakerHistory $hands, array $bags): void
    {
        if ($bags !== []) {
            $hands->books()->look(array_values(array_map(
                fn(Bag $bag): Question => Question::stand(self::of($bag)->asks($hands)),
                $bags,
            )));
            (new Collection($bags))->load(Bag::STANDS_ON);
            array_map(fn(Bag $bag): Bag => self::of($bag)->taughtBy($hands), $bags);
        }
    }
}
