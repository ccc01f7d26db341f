<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Phrase;
use Fescue\Core\Instruction\Placed;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/**
 * What the instructions of a row find below them, where chains lie among the stitches there: "the next dc", "the next
 * ch-1 sp". Upon stitches alone "the next st" says enough.
 */
final readonly class Below
{
    /** Some of what it takes are stitches, some chains. */
    private const MIXED = 'mixed';

    /** Stitches of several kinds. */
    private const STITCHES = 'sts';

    private const CHAIN = 'ch';

    /** @param array<int, Phrase> $phrases by the instruction's object, of those that are told otherwise there */
    private function __construct(private array $phrases) {}

    public static function of(Row $row): self
    {
        $tops = count($row->into) === 1 ? $row->into[0]->placed() : null;
        $lies = fn(Placed $one): bool => $one->isLyingChain();

        return new self(self::skipped($row) + (
            $tops === null || array_filter($tops, $lies) === [] ? [] : self::told($row, self::runs($tops))
        ));
    }

    /**
     * What is skipped of an edge that is of no stitches.
     *
     * @return array<int, Phrase>
     */
    private static function skipped(Row $row): array
    {
        $phrases = [];
        Traverser::visit($row->instructions, function (Instruction $leaf, int $edge) use (&$phrases, $row): void {
            $of = $leaf instanceof Skip ? match ($row->into[$edge]->kind) {
                EdgeKind::RowEnds => 'row-end',
                EdgeKind::Holes, EdgeKind::Frames => 'hole',
                EdgeKind::Chain, EdgeKind::OtherSide, EdgeKind::BothSides => 'chain',
                default => null,
            } : null;
            if ($leaf instanceof Skip && $of !== null) {
                $phrases[spl_object_id($leaf)] = new Phrase("skip.{$of}", ['n' => $leaf->count]);
            }
        });

        return $phrases;
    }

    public function says(Instruction $one): Phrase
    {
        return $this->phrases[spl_object_id($one)] ?? $one->phrase();
    }

    /** Whether an instruction goes into stitches and chains alike. */
    public function isMixed(Instruction $one): bool
    {
        return str_ends_with($this->says($one)->key, self::MIXED);
    }

    /**
     * @param list<Placed> $tops
     *
     * @return list<array{?Stitch, int, int}> of each its stitch, null of a chain that lies; chains of its space, and
     *         which of them it is
     */
    private static function runs(array $tops): array
    {
        $runs = [];
        foreach ($tops as $nth => $one) {
            if (! $one->isLyingChain()) {
                $runs[] = [$one->stitch, 0, 0];

                continue;
            }
            $begins = $nth;
            while ($begins > 0 && $tops[$begins - 1]->isLyingChain()) {
                $begins--;
            }
            $ends = $nth;
            while (($tops[$ends + 1] ?? null)?->isLyingChain() === true) {
                $ends++;
            }
            $runs[] = [null, $ends - $begins + 1, $nth - $begins];
        }

        return $runs;
    }

    /**
     * @param list<array{?Stitch, int, int}> $below
     *
     * @return array<int, Phrase>
     */
    private static function told(Row $row, array $below): array
    {
        $found = $leaves = [];
        $at = 0;
        foreach (Traverser::unrolled($row->instructions) as [$leaf]) {
            $taken = array_slice($below, $at, $leaf->takes());
            $at += $leaf->takes();
            if ($taken !== [] && ($leaf instanceof Skip || $leaf instanceof Each)) {
                $found[spl_object_id($leaf)][] = self::one($leaf, $taken);
                $leaves[spl_object_id($leaf)] = $leaf;
            }
        }
        $phrases = [];
        foreach ($found as $id => $ways) {
            $phrase = self::phrase($leaves[$id], self::all($ways));
            if ($phrase !== null) {
                $phrases[$id] = $phrase;
            }
        }

        return $phrases;
    }

    /**
     * The same, or what they have in common.
     *
     * @param non-empty-list<string> $ways
     */
    private static function all(array $ways): string
    {
        if (count(array_unique($ways)) === 1) {
            return $ways[0];
        }
        foreach ($ways as $one) {
            if ($one === self::CHAIN || $one === self::MIXED || ctype_digit($one)) {
                return self::MIXED;
            }
        }

        return self::STITCHES;
    }

    /**
     * What one takes, in a word: the stitch they all are, "ch", "2" of whole spaces of two chains, or mixed.
     *
     * @param non-empty-list<array{?Stitch, int, int}> $taken
     */
    private static function one(Each|Skip $leaf, array $taken): string
    {
        $stitches = array_values(array_unique(
            array_map(fn(array $one): string => $one[0]->value ?? self::CHAIN, $taken),
        ));
        if (count($stitches) > 1) {
            return in_array(self::CHAIN, $stitches, true) ? self::MIXED : self::STITCHES;
        }
        [$stitch, $long, $nth] = $taken[0];
        $whole = $leaf instanceof Skip
            ? $nth === 0 && count($taken) % max(1, $long) === 0
            : $leaf->into === Into::Space;

        return $stitch === null && $whole && count(array_unique(array_column($taken, 1))) === 1
            ? (string) $long
            : $stitches[0];
    }

    private static function phrase(Each|Skip $leaf, string $is): ?Phrase
    {
        if ($leaf instanceof Each && ! in_array($leaf->into, [Into::Stitch, Into::Space], true)) {
            return null;
        }
        $key = $leaf instanceof Skip ? 'skip' : 'each';
        $all = $leaf instanceof Each
            ? ['stitch' => $leaf->stitch, 'n' => $leaf->count]
            : ['n' => ctype_digit($is) ? intdiv($leaf->count, (int) $is) : $leaf->count];
        $loop = $leaf instanceof Each ? $leaf->loop : Loop::Both;

        return match (true) {
            $is === self::STITCHES, $is === self::MIXED && $leaf instanceof Skip => null,
            $is === self::MIXED => new Phrase("{$key}.".self::MIXED, $all, $loop),
            ctype_digit($is) => new Phrase("{$key}.space.of", $all + ['s' => (int) $is]),
            default => new Phrase("{$key}.on", $all + ['on' => Stitch::from($is)], $loop),
        };
    }
}
