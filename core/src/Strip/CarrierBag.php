<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Saying;

/**
 * A plastic bag lying flat with its side folds out: handles and bottom seam come off, the rest becomes loops or one
 * spiral.
 */
final readonly class CarrierBag extends Cuttable
{
    /** At a knot between one spiral and the next. */
    private Length $knotLoss;

    /**
     * @param Length $flatWidth with the sides folded in
     * @param ?Length $sideFold how deep each side is folded in; out, the bag lies flatWidth + 2·sideFold wide
     * @param ?Length $trimTop handles cut off
     * @param ?Length $trimBottom seam cut off
     * @param ?Length $hitchLoss length lost a loop
     *
     * @throws TooSmall
     */
    public function __construct(
        Length $flatWidth,
        Length $height,
        Length $strip,
        ?Length $sideFold = null,
        ?Length $trimTop = null,
        ?Length $trimBottom = null,
        ?Length $hitchLoss = null,
        ?Length $knotLoss = null,
    ) {
        $width = $flatWidth->plus(($sideFold ?? Length::mm(0))->times(2));
        $hitch = $hitchLoss ?? JoinMethod::CowHitch->loss();
        if ($hitch->mm >= $width->mm) {
            throw new TooSmall('hitch_loss', new Saying('The hitch takes the whole loop; check its unit.'));
        }
        $this->knotLoss = $knotLoss ?? JoinMethod::MagicKnot->loss();
        parent::__construct(
            $width,
            $width,
            $height,
            $strip,
            2,
            $trimTop ?? Length::mm(0),
            $trimBottom ?? Length::mm(0),
            JoinMethod::CowHitch,
            $hitch,
        );
    }

    /**
     * A single strand, circumference × ⌊H/s⌋ (geometry). The cut slants a strip's width down each time round, so the
     * first and the last turn run out to nothing; their thin halves are cut off.
     */
    public function oneStrand(): Cutting
    {
        $n = $this->strips;
        $w = $this->width->mm;
        $cuts = $this->trims();
        for ($turn = 0; $turn < $n; $turn++) {
            $cuts[] = new Cut(CutKind::Diagonal, 0, $this->line($turn), $w, $this->line($turn + 0.5));
            $cuts[] = new Cut(CutKind::Diagonal, $w, $this->line($turn + 0.5), 2 * $w, $this->line($turn + 1));
        }
        // By half turns from the middle of the tapered first to the middle of the tapered last; even ones at the left
        // fold.
        $course = [];
        for ($half = 1; $half <= 2 * $n + 1; $half++) {
            $strips = max(0.25, min($n - 0.25, ($half - 1) / 2));
            $course[] = [$half % 2 === 0 ? 0.0 : $w, $this->line($strips)];
        }

        return new Cutting(
            CutMethod::OneStrand,
            $this,
            $cuts,
            [$course],
            0,
            0,
            false,
            2 * $w * $this->strip->mm * ($n - 0.25),
            Length::mm(0),
            JoinMethod::MagicKnot,
            $this->knotLoss,
        );
    }

    /**
     * Loops: each works as half its circumference, lying double, less the hitch that joins it to the next.
     * The last one's hitch joins it to the next bag's first, so that nothing more is lost between bags.
     */
    public function joined(): Cutting
    {
        $n = $this->strips;
        $w = $this->width->mm;
        $course = [];
        for ($row = 0; $row < $n; $row++) {
            $y = $this->line($row + 0.5);
            $course[] = [[0.0, $y], [$w, $y], [0.0, $y]];
        }

        return new Cutting(
            CutMethod::Joined,
            $this,
            [...$this->trims(), ...$this->slits()],
            $course,
            $n - 1,
            $n - 1,
            true,
            $n * 2 * $w * $this->strip->mm,
            $this->joinLoss->times($n),
            $this->join,
            Length::mm(0),
        );
    }
}
