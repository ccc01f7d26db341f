<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\SlipSeam;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Hanging;
use Fescue\Core\Piece\Hangs;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;

/**
 * Straps of rows begun on the edge and sewn to the place over against: one on each side, or one from fold to fold. Four
 * wide and 25 rows of dc are common practice, no source.
 */
final readonly class Straps extends OnSides implements Hangs
{
    private const EACH_SIDE = 'each-side';

    private const ACROSS = 'across';

    private const WIDE = 4;

    private const MOST_WIDE = 60;

    private const MOST_ROWS = 400;

    /** How long a strap hangs where nothing is said, mm: in the hand, over the shoulder. From memory. */
    private const HANGS = [self::EACH_SIDE => 500.0, self::ACROSS => 1000.0];

    public static function key(): string
    {
        return 'straps';
    }

    public static function called(): array
    {
        return ['Straps', 'rows on the edge, sewn over against'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Choice(
                'from',
                'They go',
                $this->choice('from', self::EACH_SIDE),
                [
                    self::EACH_SIDE => ['On each side', 'one in front, one behind'],
                    self::ACROSS => ['Over the shoulder', 'one from fold to fold'],
                ],
            ),
            Choice::plain('stitch', 'Stitch of the strap', $this->motif('stitch')->key),
            new Setting(
                'wide',
                'Stitches wide',
                new Counted('stitch of a strap', 'stitches of a strap', '{n} wide'),
                $this->given('wide', self::WIDE),
                new Bounds(1, self::MOST_WIDE),
                Unsaid::is(self::WIDE),
            ),
            new Setting(
                'rows',
                'Rows of a strap',
                new Counted('row of a strap', 'rows of a strap', '{n} rows'),
                $this->count('rows'),
                new Bounds(1, self::MOST_ROWS),
                Unsaid::settled(),
                fewer: new Fewer('Make the straps shorter: {n} rows, not {was}'),
            ),
            Hanging::setting('The length of a strap', $this->length('hangs')),
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

    private function way(): string
    {
        return $this->choice('from', self::EACH_SIDE);
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $edge = $this->edge($on);
        $wide = $this->given('wide', self::WIDE);
        $across = $this->way() === self::ACROSS;
        if ($across && $wide > self::side($edge)) {
            throw new Unmakeable(
                'wide',
                new Saying(
                    'Each side has {edge} stitches; a strap of {wide} reaches round both. Make it narrower.',
                    ['edge' => self::side($edge), 'wide' => $wide],
                ),
            );
        }
        $high = $ground->gauge->heightOf($this->motif('stitch'))->mm;
        $hangs = $this->length('hangs')->mm ?? self::HANGS[$this->way()] ?? 0.0;
        // An even number: the last row then shows the face of the first.
        $rows = $this->count('rows') ?? 2 * (int) round(Hanging::lying($hangs, $ground->school) / $high / 2);
        if ($rows < 1 || $rows > self::MOST_ROWS) {
            throw new Unmakeable(
                'hangs',
                new Saying(
                    'That needs {rows} rows of a strap; Fescue plans from 1 to {most}. Check the length and the '
                        .'gauge.',
                    ['rows' => $rows, 'most' => self::MOST_ROWS],
                ),
            );
        }

        return $this->with(['rows' => $rows, 'from_side' => $across ? 0 : $this->fromSide($edge, $wide)]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $edge = $this->edge($on);
        [$wide, $many, $motif] = [$this->given('wide', self::WIDE), $this->given('rows'), $this->motif('stitch')];
        [$fold, $other, $from] = [self::fold($edge), self::otherFold($edge), $this->given('from_side')];
        // Where a strap begins and is sewn: the first stitch of either, from the beginning of the edge. Half a stitch
        // is gone on at both, so that the strap still goes over the middle.
        $nth = fn(float $place): int => self::nth($edge, $place);
        $across = $this->way() === self::ACROSS;
        $pairs = $across ? [[$fold - $wide / 2, $other - $wide / 2]] : [
            [$fold + $from, $other - $from - $wide],
            [$other + $from, $fold + $edge->anchors - $from - $wide],
        ];
        $post = $motif->post();
        $work = [new Turn($post->startingChains()), new Each($post, $wide)];
        $rows = [];
        foreach ($pairs as [$first, $last]) {
            for ($row = 1; $row <= $many; $row++) {
                $does = $row === 1
                    ? [
                        $ground->school->joinAt($nth($first), $post, $edge->kind),
                        new Each($post, $wide),
                    ]
                    : $work;
                $rows[] = new Row(
                    Part::Handles,
                    $motif,
                    $row === $many ? [...$does, new SlipSeam($wide, $nth($last))] : $does,
                    [$row === 1 ? new Edge(EdgeKind::Some, $wide, fabric: $edge->fabric) : Edge::tops($wide, $motif)],
                    false,
                    kind: RowKind::Row,
                );
            }
        }
        $lies = $ground->gauge->heightOf($motif)->times($many);
        $broad = $ground->gauge->widthOf($motif)->times($wide);
        $remarks = [
            new Remark(
                'straps-hang',
                Tone::Better,
                0,
                'A strap lies {lies} long and hangs about {hangs}.',
                'Rows stretch under the load; {sure}. Lay the bag flat, front on back, and check the place over '
                    .'against '
                    .'before you sew; a strap must not twist.',
                [
                    'lies' => $lies, 'hangs' => Hanging::of($lies, $ground->school),
                    'sure' => Hanging::said($ground->school),
                ],
                works: true,
            ),
            ...($many % 2 === 1 && $this->count('rows') !== null ? [
                new Remark(
                    'straps-face',
                    Tone::Better,
                    $many - 1,
                    'An odd number of rows ends on the other face.',
                    'One row more or fewer shows the same face at both ends.',
                ),
            ] : []),
            ...($across ? [] : self::folds($edge)),
            ...($across && abs($pairs[0][0] - round($pairs[0][0])) > 0.2 ? [
                new Remark(
                    'straps-half',
                    Tone::Better,
                    0,
                    'A strap of {n} stands half a stitch past both folds.',
                    'One stitch wider or narrower has its middle on them.',
                    ['n' => $wide],
                ),
            ] : []),
            Remark::hangTest(),
        ];
        [$first, $last] = $pairs[0];
        $stitch = $ground->gauge->widthOf($edge->fabric ?? $ground->wall());

        return new Made($rows, $on ?? $edge, remarks: $remarks, attached: [
            // Of a foot on a fold the front shows the half.
            new Attached(
                Fastened::Strap,
                self::standing($edge, $first + $wide * ($across ? 0.75 : 0.5), $stitch),
                self::standing($edge, $last + $wide * ($across ? 0.25 : 0.5), $stitch),
                $broad->times($across ? 0.5 : 1),
                $lies,
            ),
        ]);
    }
}
