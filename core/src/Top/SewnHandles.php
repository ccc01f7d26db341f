<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;

/** Bought handles, sewn on at equal distance from each fold, in stitches and in length. */
final readonly class SewnHandles extends OnSides
{
    private const TONGUE = 3;

    private const MOST_TONGUE = 40;

    /** A handle that nothing is said of, mm. From memory. */
    private const LONG = 450.0;

    public static function key(): string
    {
        return 'sewn';
    }

    public static function called(): array
    {
        return ['Sewn on', 'bought handles, tongues on the edge'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'from_side',
                'Stitches from each side',
                new Counted('stitch from each side', 'stitches from each side', '{n} from each side'),
                $this->count('from_side'),
                new Bounds(0, self::MOST_FROM_SIDE),
                Unsaid::settled(),
            ),
            new Setting(
                'tongue',
                'Stitches a tongue covers',
                new Counted('stitch of a tongue', 'stitches of a tongue'),
                $this->given('tongue', self::TONGUE),
                new Bounds(1, self::MOST_TONGUE),
                Unsaid::is(self::TONGUE),
            ),
            new Sized(
                'length',
                'Length of a handle',
                'The length of a handle',
                $this->length('length'),
                Length::mm(50),
                Length::mm(2000),
            ),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        return $this->with(
            ['from_side' => $this->fromSide($this->edge($on), $this->given('tongue', self::TONGUE))],
        );
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $edge = $this->edge($on);
        [$from, $tongue] = [$this->given('from_side'), $this->given('tongue', self::TONGUE)];
        $stitch = $ground->gauge->widthOf($edge->fabric ?? $ground->wall());
        $between = self::side($edge) - 2 * ($from + $tongue);
        $first = self::fold($edge) + $from + $tongue / 2;

        return new Made([], $on ?? $edge, remarks: [
            new Remark(
                'handles-sewn',
                Tone::Better,
                null,
                'Sew each tongue over {tongue, plural, one {# stitch} other {# stitches}}, {away} from the fold.',
                'That leaves {from} to the fold and {n, plural, one {# stitch} other {# stitches}}, {between}, between '
                    .'a handle’s two tongues: the same four times. Pin all four, hang the bag by them, then sew.',
                [
                    'tongue' => $tongue, 'away' => $from, 'n' => $between,
                    'from' => $stitch->times($from), 'between' => $stitch->times($between),
                ],
                works: true,
            ),
            ...self::folds($edge),
            Remark::hangTest(),
        ], attached: [
            new Attached(
                Fastened::Handle,
                self::standing($edge, $first, $stitch),
                self::standing($edge, $first + $tongue + $between, $stitch),
                $stitch->times($tongue),
                $this->length('length') ?? Length::mm(self::LONG),
            ),
        ]);
    }
}
