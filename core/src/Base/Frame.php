<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\Under;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Places;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Stitch\Stitch;

/**
 * Two frames with holes from which the bag hangs: sc in the holes with chains between, a bridge of chains from frame to
 * frame on either side, and on that a round of groups of four: one in each space, one in every third chain of a bridge.
 * Common practice, no source.
 */
final readonly class Frame extends MadeByChoices
{
    private const MOST_HOLES = 120;

    private const BETWEEN = 2;

    private const IN_GROUP = 4;

    /** Chains of a bridge for each of its groups, and those past the last. */
    private const PER_GROUP = 3;

    private const PAST = 1;

    /** How broad a frame is drawn, mm. */
    private const RIM = 10.0;

    private const USUAL_BRIDGE = 10;

    private const MOST_BRIDGE = 120;

    public static function key(): string
    {
        return 'frame';
    }

    public static function called(): array
    {
        return ['Two frames', 'with holes; the bag hangs from them'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'holes',
                'Holes of one frame',
                new Counted('hole of a frame', 'holes of a frame', '{n} holes each'),
                $this->count('holes'),
                new Bounds(2, self::MOST_HOLES),
                Unsaid::refused(),
            ),
            new Sized(
                'length',
                'Length of a frame',
                'The length of a frame',
                $this->length('length'),
                Length::mm(20),
                Length::mm(2000),
                true,
            ),
            new Setting(
                'between',
                'Chains from hole to hole',
                new Counted('chain from hole to hole', 'chains from hole to hole'),
                $this->given('between', self::BETWEEN),
                new Bounds(1, 20),
                Unsaid::is(self::BETWEEN),
            ),
            new Setting(
                'bridge',
                'Chains from frame to frame',
                new Counted('chain of a bridge', 'chains of a bridge', 'bridges of {n}'),
                $this->count('bridge'),
                new Bounds(self::PER_GROUP, self::MOST_BRIDGE, self::PER_GROUP),
                Unsaid::settled(),
                new Serves(Side::Width, $ground?->gauge->singleWidth()),
                new Fewer('Chain {n} from frame to frame, not {was}'),
            ),
        ];
    }

    public function height(Ground $ground): Length
    {
        return $ground->gauge->singleHeight()->plus($ground->gauge->heightOf(self::groups()));
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        return $this->count('bridge') !== null ? $this : $this->with(['bridge' => $this->solved($wish, $ground)]);
    }

    /** Whole groups, and as deep as is wished. @throws Unmakeable */
    private function solved(Wish $wish, Ground $ground): int
    {
        if ($wish->width === null) {
            return self::USUAL_BRIDGE;
        }
        $groups = (int) round(
            ($wish->width->mm / $ground->gauge->singleWidth()->mm - self::PAST) / self::PER_GROUP,
        );
        $bridge = max(1, $groups) * self::PER_GROUP + self::PAST;

        return $bridge <= self::MOST_BRIDGE ? $bridge : throw new Unmakeable(
            '/size/width',
            new Saying(
                'That needs bridges of {bridge} chains; Fescue plans up to {most}. Check the width and the gauge.',
                ['bridge' => $bridge, 'most' => self::MOST_BRIDGE],
            ),
        );
    }

    private static function groups(): Motif
    {
        return Motif::named(Stitch::Double->value);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$holes, $between, $bridge] = [
            $this->given('holes'), $this->given('between', self::BETWEEN), $this->given('bridge'),
        ];
        $onBridge = intdiv($bridge, self::PER_GROUP);
        $single = Motif::single();
        $hole = new Each(Stitch::Single, 1, into: Into::Hole);
        $along = [...self::times([$hole, new Chains($between)], $holes - 1), $hole, new Chains($bridge)];
        $group = new Several(Stitch::Double, self::IN_GROUP);
        $over = [
            ...self::times([new Skip(1), new Under(Stitch::Double, self::IN_GROUP, $between)], $holes - 1),
            new Skip(self::PER_GROUP), $group,
            ...self::times([new Skip(self::PER_GROUP - 1), $group], $onBridge - 1),
            ...($bridge % self::PER_GROUP > 0 ? [new Skip($bridge % self::PER_GROUP)] : []),
        ];
        $first = 2 * ($holes + $between * ($holes - 1) + $bridge);
        $all = 2 * self::IN_GROUP * ($holes - 1 + $onBridge);
        $long = $this->length('length')->mm ?? 0.0;
        $deep = $bridge * $ground->gauge->singleWidth()->mm;

        return new Made(
            [
                new Row(
                    Part::Base,
                    $single,
                    $ground->school->close([...$along, ...$along]),
                    [new Edge(EdgeKind::Frames, 2 * $holes)],
                ),
                new Row(
                    Part::Base,
                    self::groups(),
                    $ground->school->flat()->around([...$over, ...$over], Stitch::Double),
                    [Edge::around($first, ($holes + $between * ($holes - 1)) / 2, $single)],
                ),
            ],
            Edge::around($all, self::IN_GROUP * ($holes - 1) / 2, self::groups()),
            new Start(2 * $holes, 0, self::places($holes, $long, $deep), EdgeKind::Frames),
            new Rectangle($long, $deep),
            [
                new Remark(
                    'frame-hook',
                    Tone::Better,
                    0,
                    'A thin hook goes through the holes.',
                    'The working hook from the next round on.',
                    works: true,
                ),
                new Remark(
                    'frame-close',
                    Tone::Better,
                    null,
                    'At the end pleat the sides and close the bottom.',
                    'Fold each side in to its middle, {n, plural, one {# group of four against #} other {# groups of '
                        .'four '
                        .'against #}}: the bottom is then as long as a frame’s groups.',
                    ['n' => $onBridge],
                    true,
                ),
                new Remark(
                    'hang-test',
                    Tone::Care,
                    null,
                    'A home-made bag on bought frames is untested.',
                    'Hang it full from a hook for an hour first; never lift a person or anything over people with it.',
                ),
            ],
            [new Attached(Fastened::Handle, $long / 2, -$long / 2, Length::mm(self::RIM), Length::mm(1.8 * $long))],
            true,
            self::IN_GROUP * ($holes - 1),
        );
    }

    /**
     * @param non-empty-list<Instruction> $what
     *
     * @return list<Instruction>
     */
    private static function times(array $what, int $times): array
    {
        return $times < 1 ? [] : ($times === 1 ? $what : [new Repeat($what, $times)]);
    }

    /** The holes of both frames, face to face, each from its right to its left. */
    private static function places(int $holes, float $long, float $deep): Places
    {
        $way = new Polyline([[$long / 2, -$deep / 2], [-$long / 2, -$deep / 2]], 0.0);
        $back = new Polyline([[-$long / 2, $deep / 2], [$long / 2, $deep / 2]], 180.0);

        return Places::along($way, $holes)->and(Places::along($back, $holes));
    }
}
