<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;

/**
 * A strip of rows folded along: the wall takes both its long edges, 2a around; the ends of the strip fold in and close
 * as the wall draws up. Common practice, no source.
 */
final readonly class FoldedRows extends MadeByChoices
{
    private const MOST_ROWS = 60;

    public static function key(): string
    {
        return 'folded-rows';
    }

    public static function called(): array
    {
        return ['Folded strip', 'rows, then both long edges'];
    }

    public function settings(?Ground $ground = null): array
    {
        $motif = $this->motif('stitch');

        return [
            Choice::plain('stitch', 'Stitch of the rows', $motif->key, asked: true),
            ToAndFro::across($this->count('across'), $ground?->gauge->widthOf($motif)),
            new Setting(
                'rows',
                'Rows of the strip',
                new Counted('base row', short: '{n, plural, one {# row} other {# rows}}'),
                $this->count('rows'),
                new Bounds(1, self::MOST_ROWS),
                Unsaid::settled(),
                new Serves(Side::Width, $ground?->gauge->heightOf($motif)),
                Fewer::rows(),
            ),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');

        return $this->with([
            'across' => $this->count('across') ?? ToAndFro::chains($wish->length, $ground->gauge->widthOf($motif)),
            'rows' => $this->count('rows') ?? ToAndFro::fitting(
                $wish->width,
                'width',
                1,
                self::MOST_ROWS,
                $ground->gauge->heightOf($motif),
                'rows of the strip',
            ),
        ]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$across, $motif] = [$this->given('across'), $this->motif('stitch')];
        $strip = new ToAndFro($motif, $across, $this->given('rows'), $ground->gauge);

        return new Made(
            $strip->rows(),
            new Edge(EdgeKind::LongEdges, 2 * $across, [$across / 2, 3 * $across / 2], $motif),
            $strip->start(),
            $strip->outline(),
            opens: Length::mm($strip->outline()->width()),
        );
    }
}
