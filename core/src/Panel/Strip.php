<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;

/** Rows worked to and fro, of a piece that is joined to others. */
final class Strip
{
    public static function start(int $across, Motif $fabric): Start
    {
        return new Start($across, $fabric->post()->startingChains());
    }

    /** @return non-empty-list<Instruction> the first row, along the chain */
    public static function onChain(int $across, Motif $fabric): array
    {
        $post = $fabric->post();

        return [
            new Each($post, 1, into: Into::FirstChain),
            ...($across > 1 ? [new Each($post, $across - 1, into: Into::NextChain)] : []),
        ];
    }

    /** @return non-empty-list<Instruction> */
    public static function plain(int $across, Motif $fabric): array
    {
        return [new Turn($fabric->post()->startingChains()), ...$fabric->over(0, $across)];
    }

    /** @return list<Row> plain ones on a chain */
    public static function rows(int $across, int $rows, Motif $fabric): array
    {
        $made = [];
        for ($row = 0; $row < $rows; $row++) {
            $made[] = $row === 0
                ? self::row(self::onChain($across, $fabric), new Edge(EdgeKind::Chain, $across), $fabric)
                : self::row(self::plain($across, $fabric), Edge::tops($across, $fabric), $fabric);
        }

        return $made;
    }

    /**
     * @param non-empty-list<Instruction> $does
     * @param Edge|non-empty-list<Edge> $into
     */
    public static function row(
        array $does,
        Edge|array $into,
        Motif $fabric,
        Part $part = Part::Piece,
        RowKind $kind = RowKind::Row,
    ): Row {
        return new Row($part, $fabric, $does, is_array($into) ? $into : [$into], false, kind: $kind);
    }

    /**
     * So many stitches spread evenly over so many places.
     *
     * @return list<int> how many in each
     */
    public static function spread(int $stitches, int $places): array
    {
        $each = [];
        for ($place = 1; $place <= $places; $place++) {
            $each[] = intdiv(2 * $place * $stitches + $places, 2 * $places)
                - intdiv(2 * ($place - 1) * $stitches + $places, 2 * $places);
        }

        return $each;
    }

    /** @return list<Instruction> of one stitch along row ends */
    public static function along(int $stitches, int $rows, Motif $fabric): array
    {
        return Repeat::found(Several::inRuns($fabric->post(), self::spread($stitches, $rows), Into::RowEnd));
    }
}
