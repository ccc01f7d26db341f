<?php

declare(strict_types=1);

namespace App\Bags\Sheets;

use App\Books\BagFacts;
use App\Tongue\Tongues;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Instruction\SlipSeam;
use Fescue\Core\Instruction\Through;
use Fescue\Core\Measure\Duration;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Report\Notes;

/** What a bag comes to: its size, its hours, how sure that is, and what is to be done next. */
final readonly class Tally
{
    public function __construct(private PlanSheet $sheet) {}

    /** Minutes of the whole bag, by what she logged of it and of her other bags. */
    public function minutes(): Spread
    {
        return BagFacts::of($this->sheet->bag)->hands()->pace()->minutes(
            new Timed($this->sheet->plan, $this->sheet->bag->logged()),
            $this->sheet->bag->id ?? null,
        );
    }

    /** Where the minutes come from. */
    public function pace(): string
    {
        $bags = BagFacts::of($this->sheet->bag)->hands()->pace()->bags();

        return match ($bags) {
            0 => Tongues::tell(
                'guessed at {seconds} s a stitch',
                ['seconds' => Tongues::exact(Pace::SECONDS_A_STITCH)],
            ),
            default => Tongues::tell(
                'from {n, plural, one {one bag} other {# bags}} you logged',
                ['n' => $bags],
            ),
        };
    }

    /** "Oval", "Envelope" */
    public function kind(): string
    {
        return Tongues::tell($this->sheet->plan->parts[0]->maker::called()[0]);
    }

    /** "1 024 stitches, about 5 h 10"; of one that is nobody's here no hours. */
    public function work(): string
    {
        $stitches = $this->sheet->plan->work->stitches()->total();

        $said = Tongues::tell('{n, plural, one {# stitch} other {# stitches}}', ['n' => $stitches]);

        return $this->sheet->bag->exists ? Tongues::tell('{stitches}, about {time}', [
            'stitches' => $said, 'time' => Duration::about($this->minutes()->likely),
        ]) : $said;
    }

    /** "35.2 to 41.0 × 23.0 to 26.6 cm in 9 of 10", where the gauge is not sure; '' where nothing says so. */
    public function sizeBand(): string
    {
        $out = $this->sheet->plan->comesOut;
        [$wide, $high] = $this->sheet->plan->spec->facts->hands->sizeSpread();
        if ($wide + $high <= 0.0) {
            return '';
        }
        $figure = $this->sheet->figure(...);
        $band = function (Length $likely, float $relative) use ($figure): string {
            $spread = new Spread($likely->mm, $relative);

            return $relative > 0
                ? Tongues::tell(
                    '{low} to {high}',
                    ['low' => $figure(Length::mm($spread->low())), 'high' => $figure(Length::mm($spread->high()))],
                )
                : $figure($likely);
        };

        return Tongues::tell(
            $this->sheet->plan->spec->facts->hands->predicted === null
                ? '{size} in 9 of 10, as surely as it was measured' : '{size} in 9 of 10, until you swatch it',
            ['size' => "{$band($out->flatWidth, $wide)} × {$band($out->height, $high)} {$this->sheet->unit->value}"],
        );
    }

    /** "hung under 2 kg about 27.4 cm high", where a swatch of it hung; '' where none did. */
    public function hung(): string
    {
        $hang = BagFacts::of($this->sheet->bag)->hang();
        $high = $hang?->height($this->sheet->plan->comesOut->height);

        return $high === null ? '' : Tongues::tell(
            'hung under {load} about {high} high',
            ['load' => $hang->load, 'high' => $high],
        );
    }

    /** "3 pieces", "6 seams", as its maker counts them; '' of a bag of one piece without seams. */
    public function pieced(): string
    {
        $assembly = $this->sheet->plan->assembly();
        if ($assembly === null) {
            return '';
        }
        $pieces = count($assembly->pieces);

        $seams = count($assembly->seams);

        $said = Tongues::tell('{n, plural, one {# piece} other {# pieces}}', ['n' => $pieces]);

        return $seams === 0 ? $said : "{$said}, ".Tongues::tell(
            '{n, plural, one {# seam} other {# seams}}',
            ['n' => $seams],
        );
    }

    /** Whether some of it is worked to and fro. */
    public function hasRows(): bool
    {
        return array_filter($this->sheet->plan->work->rows, fn(Row $row): bool => $row->kind === RowKind::Row) !== [];
    }

    /** Whether some of it is sewn, or closed through its layers. */
    public function hasSeams(): bool
    {
        foreach ($this->sheet->plan->work->rows as $row) {
            foreach ($row->instructions as $one) {
                if ($one instanceof SlipSeam || $one instanceof Through || $row->kind === RowKind::Seam) {
                    return true;
                }
            }
        }

        return false;
    }

    /** What rounding did to the wished size, in words; '' where no size was wished. */
    public function againstWish(): string
    {
        foreach ($this->sheet->notes as $note) {
            if ($note->code === Notes::AGAINST_WISH) {
                return Tongues::say($note->rest);
            }
        }

        return '';
    }

    /** @return array{string, string} the next thing to do for this bag, and where */
    public function next(): array
    {
        $onHand = $this->sheet->plan->spec->facts->strands->own->onHand;
        $material = $this->sheet->bag->material === null || $this->sheet->bag->material->trashed()
            ? route('bags.plan', $this->sheet->bag, false)
            : route('stash.show', $this->sheet->bag->material, false);

        return match (true) {
            $onHand === null => [Tongues::tell('weigh the ball'), $material],
            $this->sheet->estimate->isSure() === false => [
                Tongues::tell(
                    'find {g} g more {material}',
                    [
                        'g' => Tongues::figure(max(1, ceil($this->sheet->estimate->short()->grams))),
                        'material' => Tongues::tell($this->sheet->plan->spec->facts->strands->own->kind->noun()),
                    ],
                ),
                $material,
            ],
            $this->sheet->estimate->origin === Origin::Guessed => [
                Tongues::tell('weigh its swatch'),
                $this->sheet->bag->swatch === null
                    ? route('bags.plan', $this->sheet->bag, false)
                    : route('swatches.edit', $this->sheet->bag->swatch, false),
            ],
            $this->sheet->plan->spec->facts->weighIns !== [] => [
                $this->goOn(),
                route('bags.words', $this->sheet->bag, false),
            ],
            default => [$this->begins(), route('bags.words', $this->sheet->bag, false)],
        };
    }

    /** "chain 23", "bend the tabs" */
    private function begins(): string
    {
        $start = $this->sheet->plan->work->start;

        return match (true) {
            $start->isChain() => Tongues::tell('chain {n}', ['n' => $start->chains()]),
            $this->sheet->plan->assembly()?->tabs !== null => Tongues::tell(
                'bend {n, plural, one {# tab} other {# tabs}}',
                ['n' => $this->sheet->plan->assembly()->tabs->bent],
            ),
            default => Tongues::tell('begin at the holes'),
        };
    }

    /** After the row that was weighed last. */
    private function goOn(): string
    {
        $next = $this->sheet->plan->work->rows[$this->sheet->plan->begun()] ?? null;

        return $next === null ? Tongues::tell('fasten off') : Tongues::tell('go on with {row}', ['row' => $next->id]);
    }
}
