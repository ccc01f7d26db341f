<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Instruction\Against;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Sewn;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Saying\Saying;

/** Two edges joined, stitch for stitch; where one offers fewer, the other is eased in evenly. */
final readonly class Seam
{
    /** Beyond this share of the longer edge it puckers. From memory. */
    private const MOST_EASED = 0.25;

    /** Pairs that are joined: as many as the longer edge offers. */
    public int $stitches;

    /**
     * @param ?Saying $runs where it begins, and which way it goes; null where that is all one
     *
     * @throws Unmakeable where one edge is too long for the other
     */
    public function __construct(
        public string $letter,
        public Offered $from,
        public Offered $to,
        public Joining $how,
        string $path = '',
        public ?Saying $runs = null,
        private bool $spread = false,
    ) {
        $this->stitches = max($from->stitches, $to->stitches);
        if ($this->eased() > max(1, self::MOST_EASED * $this->stitches)) {
            throw new Unmakeable(
                $path,
                new Saying(
                    'Seam {letter} cannot meet: {stitches, plural, one {# stitch} other {# stitches}} of one edge '
                        .'({from}) against {others} of the other ({to}). Bring them nearer to each other.',
                    [
                        'letter' => $letter,
                        'stitches' => $from->stitches,
                        'from' => $from->named(),
                        'others' => $to->stitches,
                        'to' => $to->named(),
                    ],
                ),
            );
        }
    }

    /** One whose edges are taken as they come under its stitches, of which both offer as many. */
    public static function spread(string $letter, Offered $from, Offered $to, Joining $how, ?Saying $runs = null): self
    {
        return new self($letter, $from, $to, $how, runs: $runs, spread: true);
    }

    /** Stitches of the longer edge for which the other has none. */
    public function eased(): int
    {
        return abs($this->from->stitches - $this->to->stitches);
    }

    /** As it is worked: it takes all of both edges and leaves nothing. */
    public function row(?Motif $fabric = null): Row
    {
        return new Row(
            Part::Seam,
            $fabric ?? Motif::single(),
            [
                new Sewn(
                    $this->how->stitch(),
                    $this->stitches,
                    $this->from->anchors,
                    [$this->from->of, $this->from->nth],
                    [$this->to->of, $this->to->nth],
                ),
                new Against(
                    $this->to->anchors,
                    $this->spread ? null : $this->eased(),
                    $this->from->kind === EdgeKind::Squares,
                ),
            ],
            [
                new Edge($this->from->kind, $this->from->anchors),
                new Edge($this->to->kind, $this->to->anchors),
            ],
            false,
            bearsJoin: false,
            kind: RowKind::Seam,
        );
    }
}
