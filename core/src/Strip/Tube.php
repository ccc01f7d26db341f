<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Saying\Saying;

/**
 * A tube of jersey lying flat: the body of a shirt below its sleeves, a sleeve, a skirt or dress.
 * Slit from the fold to an uncut spine, open the spine, cut from each slit to the next one over.
 */
final readonly class Tube extends Cuttable
{
    /** Uncut spine, flat. Common practice, no source. */
    public const SPINE_MM = 25.0;

    /**
     * Least spine for each millimetre of strip: on its way over, a strand s wide along the tube is 2m·s/√(4m² + s²)
     * across (geometry), and less than half of s breaks there. Our judgement.
     */
    private const LEAST_SPINE = 0.2887;

    /**
     * @param ?Length $foot width at the lower edge where it tapers
     * @param Length $trimTop hem or seam cut off
     *
     * @throws TooSmall
     */
    public function __construct(
        Length $width,
        Length $height,
        Length $strip,
        public Length $spine,
        ?Length $foot = null,
        ?Length $trimTop = null,
        ?Length $trimBottom = null,
        JoinMethod $join = JoinMethod::SewnLap,
        ?Length $joinLoss = null,
    ) {
        if ($spine->mm >= min($width->mm, $foot->mm ?? INF)) {
            throw new TooSmall('spine', new Saying('The spine is as wide as the tube; leave less uncut.'));
        }
        if ($foot !== null && abs($foot->mm - $width->mm) > $height->mm) {
            throw new TooSmall(
                'flat_width_end',
                new Saying('It tapers by more than its height; cut such a piece open and lay it as a panel.'),
            );
        }
        parent::__construct(
            $width,
            $foot ?? $width,
            $height,
            $strip,
            2,
            $trimTop ?? Length::mm(0),
            $trimBottom ?? Length::mm(0),
            $join,
            $joinLoss ?? $join->loss(),
        );
    }

    public function refusal(CutMethod $school, int $pieces): ?TooSmall
    {
        $least = Length::mm(ceil(self::LEAST_SPINE * $this->strip->mm));
        if (
            $school === CutMethod::OneStrand
            && $this->strips > 1
            && $this->spine->mm < self::LEAST_SPINE * $this->strip->mm
        ) {
            return new TooSmall(
                'spine',
                new Saying(
                    'So narrow a spine leaves rings, or a thread between them, and no strand: leave at least '
                        .'{Millimetre} uncut for a strip of {Millimetre2}.',
                    [
                        'Millimetre' => $least->exact(LengthUnit::Millimetre),
                        'Millimetre2' => $this->strip->exact(LengthUnit::Millimetre),
                    ],
                ),
            );
        }

        return parent::refusal($school, $pieces);
    }

    /**
     * n rows, each all round but for the spine, and n − 1 slanted ways over it; the two tapered ends are cut off.
     * Where nothing tapers the length is n·(2F − 2m) + (n − 1)·√((2m)² + s²) (geometry).
     */
    public function oneStrand(): Cutting
    {
        $n = $this->strips;
        $m = $this->spine->mm;
        $cuts = [...$this->trims(), ...$this->slits($m)];
        for ($row = 0; $row < $n; $row++) {
            [$from, $to] = [$this->line($row), $this->line($row + 1)];
            $cuts[] = new Cut(CutKind::Diagonal, $this->widthAt($from) - $m, $from, $this->widthAt($to) + $m, $to);
        }
        $course = [];
        $strand = ($n - 1) * 2 * $m * $this->strip->mm;
        for ($row = 0; $row < $n; $row++) {
            $y = $this->line($row + 0.5);
            $end = $this->widthAt($y) - $m;
            $strand += 2 * $end * $this->strip->mm;
            // Along the back to the fold, along the front to the spine, and over it, down by half a strip on each side.
            array_push($course, [$end, $y], [0.0, $y], [$end, $y]);
            if ($row < $n - 1) {
                $fold = $this->line($row + 1);
                $course[] = [$this->widthAt($fold), $fold];
            }
        }

        return new Cutting(
            CutMethod::OneStrand,
            $this,
            $cuts,
            [$course],
            0,
            0,
            false,
            $strand,
            Length::mm(0),
            $this->join,
            $this->joinLoss,
        );
    }

    public function joined(): Cutting
    {
        $n = $this->strips;
        [$top, $foot] = [$this->line(0), $this->line($n)];
        // One cut up the far fold opens every ring at once.
        $opened = new Cut(CutKind::Slit, $this->widthAt($top), $top, $this->widthAt($foot), $foot);
        $course = [];
        $strand = 0.0;
        for ($row = 0; $row < $n; $row++) {
            $y = $this->line($row + 0.5);
            $course[] = [[$this->widthAt($y), $y], [0.0, $y], [$this->widthAt($y), $y]];
            $strand += 2 * $this->widthAt($y) * $this->strip->mm;
        }

        return new Cutting(
            CutMethod::Joined,
            $this,
            [...$this->trims(), $opened, ...$this->slits()],
            $course,
            $n - 1,
            $n - 1,
            false,
            $strand,
            $this->joinLoss->times($n - 1),
            $this->join,
            $this->joinLoss,
        );
    }
}
