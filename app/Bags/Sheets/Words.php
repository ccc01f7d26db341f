<?php

declare(strict_types=1);

namespace App\Bags\Sheets;

use App\Drawing\BaseDrawing;
use App\Drawing\Canvas;
use App\Drawing\ClosedDrawing;
use App\Drawing\FoldDrawing;
use App\Drawing\PiecesDrawing;
use App\Drawing\SideDrawing;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Sheet\FinishingSteps;
use Fescue\Core\Sheet\Sheet;
use Fescue\Core\Sheet\SheetMaker;

/** The pattern of a bag: its words, its drawings, how its pieces and ends are dealt with. */
final readonly class Words
{
    public function __construct(private PlanSheet $sheet, private User $maker) {}

    /** The pattern as it is published; signed by its own maker alone. */
    public function published(): Sheet
    {
        $isHers = $this->sheet->bag->exists && $this->sheet->bag->user_id === $this->maker->id;

        return SheetMaker::of(
            $this->sheet->plan,
            $this->sheet->estimate,
            $this->sheet->notes,
            $this->sheet->tongue(),
            array_map(
                fn(int $which): string => $this->sheet->bag->worked($which)->name ?? '',
                array_keys($this->sheet->plan->spec->facts->strands->all()),
            ),
            $isHers ? $this->maker->signs : '',
            $isHers ? $this->maker->rights : '',
            $isHers && $this->maker->sections,
        );
    }

    /**
     * What lies on the drawing table, by the name of its file: what it is called, the drawing, and what is said of it.
     *
     * @return array<string, array{string, Canvas, string}>
     */
    public function drawings(): array
    {
        return Tongues::speaking($this->sheet->terms, $this->sheet->unit, fn(): array => $this->drawn());
    }

    /**
     * The same, to lie beside the words on paper; null where they are too many, or their stitches would not be read.
     *
     * @return ?array<string, array{string, Canvas, string}>
     */
    public function beside(): ?array
    {
        return $this->sheet->plan->assembly() !== null || ! BaseDrawing::isReadSmall($this->sheet->plan)
            ? null
            : Tongues::speaking($this->sheet->terms, $this->sheet->unit, fn(): array => $this->drawn(true));
    }

    /** @return array<string, array{string, Canvas, string}> */
    private function drawn(bool $small = false): array
    {
        [$plan, $unit, $writer] = [$this->sheet->plan, $this->sheet->unit, $this->sheet->writer];
        $colours = $this->sheet->colours();

        return $plan->assembly() === null ? [
            'base' => [Tongues::tell('Base'), BaseDrawing::of($plan, $unit, $small), ''],
            'side' => [
                Tongues::tell('Side'),
                SideDrawing::of($plan, $unit, $colours, $writer, $small),
                Tongues::tell('handles lifted'),
            ],
        ] : [
            'pieces' => [
                Tongues::tell('Pieces'),
                PiecesDrawing::of($plan, $unit, $writer, $colours[0]),
                Tongues::tell('same letter, same seam'),
            ],
            'closed' => [Tongues::tell('The bag closed'), ClosedDrawing::of($plan, $unit, $colours[0]), ''],
        ];
    }

    /** How its pieces go together; null of a bag of one. */
    public function folding(): ?FoldDrawing
    {
        return FoldDrawing::of($this->sheet->plan, $this->sheet->bag->colour());
    }

    /** @return array<string, string> the ends, and washing */
    public function ends(): array
    {
        return FinishingSteps::ends($this->sheet->plan, $this->sheet->tongue());
    }
}
