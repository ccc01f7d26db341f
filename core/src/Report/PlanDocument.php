<?php

declare(strict_types=1);

namespace Fescue\Core\Report;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Json;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Finish\Finishing;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;

/** Writes `fescue-plan/1` (docs/formats/fescue-plan-1.schema.json). */
final class PlanDocument
{
    public const FORMAT = 'fescue-plan/1';

    public static function toJson(BagPlan $plan, Terms $terms = Terms::US): string
    {
        $tongue = new Tongue($terms);
        $writer = $tongue->writer;
        $estimate = MaterialEstimate::of($plan);
        $rows = [];
        foreach ($plan->work->rows as $index => $row) {
            $count = $row->count;
            $rows[] = [
                'name' => $row->name,
                'part' => $row->part->value,
                'takes' => $count->takesOf(0),
                'leaves' => $count->leaves,
                'text' => $writer->line($row),
            ] + ($plan->spec->facts->strands->others === [] ? [] : ['material' => $plan->materials[$index]]);
        }
        $out = $plan->comesOut;

        return Json::encode([
            'format' => self::FORMAT,
            'rows' => $rows,
            ...self::pieces($plan, $rows),
            'size' => [
                'base_length_mm' => round($out->baseLength->mm, 1),
                'base_width_mm' => round($out->baseWidth->mm, 1),
                'flat_width_mm' => round($out->flatWidth->mm, 1),
                'height_mm' => round($out->height->mm, 1),
                'volume_l' => round($out->litres, 2),
            ],
            'material' => [
                'length_m' => self::spread($estimate->metres),
                'mass_g' => self::spread($estimate->grams),
                'enough' => $estimate->enough === null ? null : round($estimate->enough, 2),
                'per_part' => self::perPart($estimate),
                'runs_out' => self::runsOut($estimate),
            ] + self::buy($estimate)
                + ($estimate->waste->likely > 0 ? ['cutting_waste_g' => self::spread($estimate->waste)] : []),
            ...($estimate->others === [] ? [] : ['others' => array_map(self::other(...), $estimate->others)]),
            ...self::finish($plan, $tongue),
            'notes' => array_map(fn(Note $note): array => [
                'code' => $note->code,
                'row' => $note->row?->written(),
                'text' => $tongue->say($note->text()),
            ], Notes::on($plan, $estimate)),
        ]);
    }

    /**
     * Its pieces and how they are joined, where it has several or is folded.
     *
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, mixed>
     */
    private static function pieces(BagPlan $plan, array $rows): array
    {
        $assembly = $plan->assembly();
        if ($assembly === null) {
            return [];
        }
        $pieces = [];
        $from = 0;
        foreach ($assembly->pieces as $piece) {
            if (count($assembly->pieces) > 1) {
                $pieces[] = ['name' => $piece->name, 'rows' => array_slice($rows, $from, count($piece->rows))];
            }
            $from += count($piece->rows);
        }
        $tabs = $assembly->tabs;

        return [
            ...($pieces === [] ? [] : ['pieces' => $pieces]),
            'seams' => array_map(fn(Seam $seam): array => [
                'name' => "Seam {$seam->letter}",
                'from' => $seam->from->piece,
                'to' => $seam->to->piece,
                'stitches' => $seam->stitches,
                'how' => $seam->how->value,
                'eased' => $seam->eased(),
            ], $assembly->seams),
            ...($tabs === null ? [] : ['tabs' => [
                'total' => $tabs->total,
                'per_square' => $tabs->perSquare,
                'bent' => $tabs->bent,
            ]]),
        ];
    }

    /** @return array<string, mixed> what it is finished with */
    private static function finish(BagPlan $plan, Tongue $tongue): array
    {
        return $plan->fitted === [] ? [] : ['finish' => array_map(
            fn(Finishing $one, Fitted $fitted): array => [
                'type' => $one::key(),
                'text' => $tongue->say($fitted->figures),
                'strand_m' => round(($fitted->strand->mm ?? 0.0) / 1000, 2),
                'minutes' => round($fitted->minutes, 1),
                'needs' => array_map(fn(Need $need): array => [
                    'name' => $need->name,
                    'amount' => $need->amount,
                    'unit' => $need->kind->unit(),
                    'size_mm' => $need->size === null ? null : round($need->size->mm, 1),
                ], $fitted->needs),
            ],
            $plan->spec->choices->finish,
            $plan->fitted,
        )];
    }

    /** @return array<string, mixed> */
    private static function other(MaterialEstimate $takes): array
    {
        return [
            'from' => array_map(strval(...), $takes->from),
            'length_m' => self::spread($takes->metres),
            'mass_g' => self::spread($takes->grams),
            'enough' => $takes->enough === null ? null : round($takes->enough, 2),
            'per_part' => self::perPart($takes),
            'runs_out' => self::runsOut($takes),
        ] + self::buy($takes);
    }

    /** @return list<array{part: string, length_m: float, mass_g: float}> */
    private static function perPart(MaterialEstimate $takes): array
    {
        return array_map(
            fn(PartTakes $part): array => [
                'part' => $part->part,
                'length_m' => round($part->metres, 2),
                'mass_g' => round($part->grams, 1),
            ],
            $takes->parts,
        );
    }

    /** @return array<string, array<string, float|int|null>> */
    private static function buy(MaterialEstimate $takes): array
    {
        return $takes->unit === null ? [] : [
            'buy' => [
                'unit_g' => round($takes->unit->grams, 1),
                'p80' => $takes->balls(0.80),
                'p95' => $takes->balls(0.95),
                'p99' => $takes->balls(0.99),
            ],
        ];
    }

    /** @return ?array{row: string, stitch: int} */
    private static function runsOut(MaterialEstimate $takes): ?array
    {
        $out = $takes->runsOut();

        return $out === null ? null : ['row' => $out->row->written(), 'stitch' => $out->stitch];
    }

    /** @return array{low: float, likely: float, high: float} */
    private static function spread(Spread $spread): array
    {
        return [
            'low' => round($spread->low(), 1),
            'likely' => round($spread->likely, 1),
            'high' => round($spread->high(), 1),
        ];
    }
}
