<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;

/** A bag that is made of pieces, or of one that is folded: it stands on nothing, and its size is the closed bag's. */
abstract readonly class OfPieces extends MadeByChoices
{
    protected const MOST = 400;

    public function height(Ground $ground): ?Length
    {
        return null;
    }

    protected function fabric(): Motif
    {
        return $this->motif('stitch');
    }

    /** The fabrics that panels are worked in, to and fro. */
    protected function fabrics(): Choice
    {
        return new Choice(
            'stitch',
            'Stitch of the panels',
            $this->fabric()->key,
            array_fill_keys(['sc', 'hdc', 'dc', 'rib'], ['', '']),
            '{motif}',
            motif: true,
        );
    }

    /** Stitches of a side, or chains to begin with. */
    protected function across(string $label, string $short, ?Length $step, int $least = 2): Setting
    {
        return new Setting(
            'across',
            $label,
            new Counted('stitch across', 'stitches across', $short),
            $this->count('across'),
            new Bounds(max(0, $least), self::MOST),
            Unsaid::settled(),
            new Serves(Side::Length, $step),
            new Fewer('Work {n} across, not {was}'),
        );
    }

    /** Rows that follow a side of the size. */
    protected function rows(
        string $name,
        string $label,
        string $unit,
        string $plural,
        ?Side $side,
        ?Length $step,
        string $short = '',
        int $least = 1,
    ): Setting {
        return new Setting(
            $name,
            $label,
            new Counted($unit, $plural, $short),
            $this->count($name),
            new Bounds(max(0, $least), self::MOST),
            Unsaid::settled(),
            $side === null ? null : new Serves($side, $step),
            $side === null ? null : Fewer::rows(),
        );
    }

    /**
     * How many of a step come nearest to a length that is wished for.
     *
     * @param string $called the side of the size
     *
     * @throws Unmakeable
     */
    protected static function fitting(?float $mm, string $called, int $least, Length $step, string $what): int
    {
        if ($mm === null) {
            throw new Unmakeable("/size/{$called}", new Saying(
                'Give a measure ({called}), or how many there are: {what}.',
                ['called' => new Saying($called), 'what' => new Saying($what)],
            ));
        }
        $fit = (int) round($mm / $step->mm);
        if ($fit < $least) {
            throw new Unmakeable(
                "/size/{$called}",
                new Saying(
                    'The fewest ({what}) already measure {least}; ask for at least that, or use thinner material.',
                    ['what' => new Saying($what), 'least' => $step->times($least)],
                ),
            );
        }
        if ($fit > self::MOST) {
            throw new Unmakeable(
                "/size/{$called}",
                new Saying(
                    'That needs too many ({what}), {fit}; Fescue plans up to {most}. Check the measure and the gauge.',
                    ['fit' => $fit, 'what' => new Saying($what), 'most' => self::MOST],
                ),
            );
        }

        return $fit;
    }

    /** An opening of two sides alike, for a rim and handles: the first middle is the front's. */
    protected static function opening(int $front, int $side, Motif $fabric): Edge
    {
        return new Edge(
            EdgeKind::Opening,
            2 * ($front + $side),
            [$front / 2, $front / 2 + $front + $side],
            $fabric,
        );
    }
}
