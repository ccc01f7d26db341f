<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Saying\Saying;

/**
 * A bar for the strap on either narrow side, counted from the front's edge and from the top and mirrored: the third and
 * the third. Common practice, no source.
 */
final readonly class StrapBars extends ByChoices implements Finishing
{
    private const THIRD = 3;

    private const MOST = 200;

    private const MINUTES = 20.0;

    public static function key(): string
    {
        return 'strap-bars';
    }

    public static function called(): array
    {
        return ['Strap bars', 'one on either narrow side, mirrored'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'from_front',
                'Stitches from the front',
                new Counted('stitch from the front', 'stitches from the front'),
                $this->given('from_front', self::THIRD),
                new Bounds(1, self::MOST),
                Unsaid::is(self::THIRD),
            ),
            new Setting(
                'from_top',
                'Rows from the top',
                new Counted('row from the top', 'rows from the top'),
                $this->given('from_top', self::THIRD),
                new Bounds(1, self::MOST),
                Unsaid::is(self::THIRD),
            ),
        ];
    }

    public function fit(Shell $shell): Fitted
    {
        [$aside, $down] = [$this->given('from_front', self::THIRD), $this->given('from_top', self::THIRD)];
        $across = Whole::down($shell->depth->mm / $shell->stitch->mm);
        if ($aside > max(1, $across)) {
            throw new Unmakeable('from_front', $across < 1
                ? new Saying(
                    'This bag has no narrow side to speak of, {deep}: take rings at the folds instead.',
                    ['deep' => $shell->depth],
                )
                : new Saying(
                    'The narrow side is {n, plural, one {# stitch} other {# stitches}} deep; the bar stands within.',
                    ['n' => $across],
                ));
        }
        $high = Whole::down($shell->high->mm / $shell->row->mm);
        if ($down > max(1, $high)) {
            throw new Unmakeable('from_top', new Saying(
                'The bag is {high, plural, one {# row} other {# rows}} high; the bar stands within.',
                ['high' => $high],
            ));
        }
        $under = $shell->row->times($down - 0.5);

        return new Fitted(
            new Saying(
                'In stitch {stitch} from the front, {side}, and row {row} from the top, {under}; on the other side the '
                    .'same, from the front too.',
                [
                    'side' => $shell->stitch->times($aside - 0.5), 'under' => $under, 'stitch' => $aside,
                    'row' => $down,
                ],
            ),
            [
                new Saying('Set the first through crochet and lining both, a washer or a patch of leather behind.'),
                new Saying('Fold the bag flat, front on front, and mark the second over against the first.'),
            ],
            [Remark::hangTest()],
            [Need::piece(Make::StrapBar, 'Strap bar', 2)],
            fixtures: [
                new Fixture(Shape::Plate, -$shell->wide->mm / 2, $under->mm, 6.0, 14.0),
                new Fixture(Shape::Plate, $shell->wide->mm / 2, $under->mm, 6.0, 14.0),
            ],
            minutes: self::MINUTES,
            tools: [Tool::Patch],
        );
    }
}
