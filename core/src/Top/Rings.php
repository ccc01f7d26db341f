<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\OnFolds;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;

/** Rings for a bought strap: one on each fold, or two on each side by equal counts from both folds. */
final readonly class Rings extends OnSides implements OnFolds
{
    private const FOUR = '4';

    private const TWO = '2';

    /** Stitches that hold a ring. */
    private const FOOT = 1;

    public static function key(): string
    {
        return 'rings';
    }

    public static function called(): array
    {
        return ['Rings', 'for a bought strap'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Choice(
                'count',
                'Rings',
                $this->choice('count', self::FOUR),
                [self::TWO => ['Two', 'one on each fold'], self::FOUR => ['Four', 'two on each side']],
            ),
            new Setting(
                'from_side',
                'Stitches from each side',
                new Counted('stitch from each side', 'stitches from each side'),
                $this->count('from_side'),
                new Bounds(0, self::MOST_FROM_SIDE),
                Unsaid::settled(),
            ),
        ];
    }

    public function isOnFolds(): bool
    {
        return $this->choice('count', self::FOUR) === self::TWO;
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        return $this->choice('count', self::FOUR) === self::TWO
            ? $this->with(['from_side' => 0])
            : $this->with(['from_side' => $this->fromSide($this->edge($on), self::FOOT)]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $edge = $this->edge($on);
        $stitch = $ground->gauge->widthOf($edge->fabric ?? $ground->wall());
        $side = self::side($edge);
        $from = $this->given('from_side');
        $two = $this->choice('count', self::FOUR) === self::TWO;
        $between = $side - 2 * ($from + self::FOOT);
        $places = $two ? $edge->front() : [
            self::fold($edge) + $from + self::FOOT / 2,
            self::otherFold($edge) - $from - self::FOOT / 2,
        ];

        return new Made([], $on ?? $edge, remarks: [
            $two ? new Remark(
                'rings',
                Tone::Better,
                null,
                'One ring on each fold.',
                '{n, plural, =0 {No stitch lies} one {One stitch lies} other {# stitches lie}} between them on either '
                    .'side; crochet or sew each in over two stitches.',
                ['n' => $side],
                true,
            ) : new Remark(
                'rings',
                Tone::Better,
                null,
                'A ring in stitch {from} from each fold, front and back.',
                '{n, plural, =0 {No stitch lies} one {One stitch, {between}, lies} other {# stitches, {between}, lie}} '
                    .'between the two of a side: the same on both.',
                ['from' => $from + 1, 'n' => $between, 'between' => $stitch->times($between)],
                works: true,
            ),
            ...self::folds($edge),
            Remark::hangTest(),
        ], attached: array_map(
            fn(float $place): Attached => new Attached(
                Fastened::Ring,
                self::standing($edge, $place, $stitch),
                self::standing($edge, $place, $stitch),
                $stitch->times(self::FOOT),
                shared: $two,
            ),
            $places,
        ));
    }
}
