<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Hanging;
use Fescue\Core\Piece\Hangs;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;

/** A long handle on each side: a chain over some stitches of the edge, and stitches around it. */
final readonly class ChainHandle extends OverChain implements Hangs
{
    /** Between the ends of a handle where nothing is said, mm. From memory. */
    private const WIDE = 150.0;

    /** A handle that goes over a shoulder, as it lies, mm. From memory. */
    private const LONG = 600.0;

    public static function key(): string
    {
        return 'chain';
    }

    public static function called(): array
    {
        return ['Chain', 'a long handle each side'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            ...$this->counts('Stitches between its ends', 'Chains of a handle', 'a handle'),
            Hanging::setting('The length of a handle', $this->length('hangs')),
        ];
    }

    protected function wide(): float
    {
        return self::WIDE;
    }

    protected function long(int $skip, Ground $ground): int
    {
        $hangs = $this->length('hangs');
        $lies = $hangs === null ? self::LONG : Hanging::lying($hangs->mm, $ground->school);

        return max($skip, (int) round($lies / $ground->gauge->singleWidth()->mm));
    }

    protected function remarks(Ground $ground, Edge $on): array
    {
        $lies = $ground->gauge->singleWidth()->times($this->given('chain'));
        $remarks = [
            new Remark(
                'handle-hangs',
                Tone::Better,
                0,
                'A handle lies {lies} long and hangs about {hangs}.',
                'A chain stretches under the load; {sure}. Must not twist: lay it flat before the round on it.',
                [
                    'lies' => $lies, 'hangs' => Hanging::of($lies, $ground->school),
                    'sure' => Hanging::said($ground->school),
                ],
                works: true,
            ),
        ];
        if (abs($this->offCentre($on)) > 0.25) {
            $remarks[] = new Remark(
                'handle-off-centre',
                Tone::Better,
                0,
                'The handles stand half a stitch off centre.',
                'One stitch more or fewer between their ends puts them on it.',
            );
        }

        return $remarks;
    }
}
