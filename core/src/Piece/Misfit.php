<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Instruction\Anchor;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;

/** A row with something that cannot be worked into what is there: a post where a chain lies, a space where none is. */
final class Misfit extends \DomainException
{
    /** @param int $nth anchor of its edge, from 1 */
    private function __construct(public readonly string $row, public readonly int $nth, public readonly Anchor $is)
    {
        parent::__construct("{$row} cannot be worked into {$is->value} {$nth} of what is there.");
    }

    /**
     * That a row has none.
     *
     * @param ?Row $below worked before it in its piece
     *
     * @throws self
     */
    public static function none(Row $row, ?Row $below): void
    {
        $there = $taken = [];
        foreach (Traverser::unrolled($row->instructions) as [$leaf, $edge]) {
            $there[$edge] ??= self::there($row, $edge, $below);
            $from = $taken[$edge] ?? 0;
            $taken[$edge] = $from + $leaf->takes();
            for ($nth = $from; $nth < $taken[$edge]; $nth++) {
                if (! $leaf->canTake($there[$edge][$nth])) {
                    throw new self($row->name, $nth + 1, $there[$edge][$nth]);
                }
            }
        }
    }

    /**
     * All that decides whether a row has one: alike of two rows, either fits where the other does.
     *
     * @return array<mixed>
     */
    public static function met(Row $row, ?Row $below): array
    {
        $edges = array_map(
            fn(Edge $into, int $edge): mixed => self::isOnTops($into, $edge, $below) ? $into->moved : $into,
            $row->into,
            array_keys($row->into),
        );

        return [$row->kind, $row->instructions, $below?->instructions, $edges];
    }

    private static function isOnTops(Edge $into, int $edge, ?Row $below): bool
    {
        return $edge === 0 && $below !== null && $into->kind === EdgeKind::Tops;
    }

    /** @return list<Anchor> */
    private static function there(Row $row, int $edge, ?Row $below): array
    {
        $into = $row->into[$edge];
        if ($below === null || ! self::isOnTops($into, $edge, $below)) {
            return $into->are();
        }
        $tops = Anchor::of($below->instructions);
        $turned = $row->instructions[0] instanceof Turn;

        return $turned && $row->kind === RowKind::Row
            ? array_reverse($tops)
            : Edge::met($tops, $turned, $into->moved);
    }
}
