<?php

declare(strict_types=1);

namespace App\Glossary;

use App\Drawing\StepDrawing;
use App\Tongue\Tongues;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** How each stitch, increase, join and seam is worked, in three drawn steps. Common practice, no source. */
final readonly class HowTo
{
    /**
     * @param string $key names its place on the page
     * @param list<array{string, string}> $steps SVG, and what is done
     */
    private function __construct(public string $key, public string $name, public array $steps) {}

    /** @return list<self> */
    public static function all(Terms $terms): array
    {
        return [
            ...array_map(
                fn(Stitch $stitch): self => self::stitch($stitch, $terms),
                [
                    Stitch::Chain, Stitch::Slip, Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble,
                    Stitch::Crab,
                ],
            ),
            ...self::shaped($terms),
            ...self::joined($terms),
        ];
    }

    private static function place(Stitch $stitch): string
    {
        return str_replace(' ', '-', $stitch->value);
    }

    /** Where what a row does first is told. */
    public static function of(Row $row): string
    {
        $stitch = Traverser::first($row->instructions) ?? $row->fabric->post();

        return match (true) {
            $row->part === Part::Seam => 'seam-'.self::place($stitch),
            $stitch === Stitch::Whip => 'seam-whip',
            default => self::place($stitch),
        };
    }

    /** @param array{string, string, string} $drawn */
    private static function told(
        string $key,
        string $name,
        array $drawn,
        string $first,
        string $second,
        string $third,
    ): self {
        return new self($key, $name, [[$drawn[0], $first], [$drawn[1], $second], [$drawn[2], $third]]);
    }

    private static function stitch(Stitch $stitch, Terms $terms): self
    {
        $vocabulary = Vocabulary::of($terms);
        $name = ucfirst($vocabulary->name($stitch)).' ('.$vocabulary->abbreviation($stitch).')';
        $wraps = $stitch->yarnOvers();

        return self::told(self::place($stitch), $name, StepDrawing::stitch($stitch), ...match ($stitch) {
            Stitch::Chain => [
                Tongues::tell('One loop is on the hook: it never counts.'),
                Tongues::tell('Yarn over: the strand lies over the hook.'),
                Tongues::tell('Draw it through the loop: one chain more. Loosely.'),
            ],
            Stitch::Slip => [
                Tongues::tell('Put the hook into the next stitch, under both its loops.'),
                Tongues::tell('Yarn over.'),
                Tongues::tell('Draw it through the stitch and the loop at once: it has no height.'),
            ],
            Stitch::Crab => [
                Tongues::tell('Go back: put the hook into the stitch before, where you come from.'),
                Tongues::tell('Yarn over, draw up a loop: 2 loops.'),
                Tongues::tell('Yarn over, draw it through both: a corded edge.'),
            ],
            default => [
                match ($wraps) {
                    0 => Tongues::tell('Put the hook into the next stitch, under both its loops.'),
                    1 => Tongues::tell('Yarn over, then put the hook into the next stitch.'),
                    default => Tongues::tell('Yarn over twice, then put the hook into the next stitch.'),
                },
                Tongues::tell('Yarn over, draw up a loop: {n} loops.', ['n' => $wraps + 2]),
                match (true) {
                    $stitch === Stitch::HalfDouble => Tongues::tell('Yarn over, draw it through all 3.'),
                    $wraps === 0 => Tongues::tell('Yarn over, draw it through both.'),
                    default => Tongues::tell(
                        'Yarn over, draw it through 2 loops; {n, plural, =2 {twice} other {# times}} in all, until one '
                            .'is left.',
                        ['n' => $wraps + 1],
                    ),
                },
            ],
        });
    }

    /** @return list<self> what shapes a fabric */
    private static function shaped(Terms $terms): array
    {
        $stitch = ['stitch' => Vocabulary::of($terms)->abbreviation(Stitch::Single)];
        $post = ['stitch' => Vocabulary::of($terms)->abbreviation(Stitch::Double)];

        return [
            self::told(
                'increase',
                Tongues::tell('Increase: two in one'),
                StepDrawing::increase(),
                Tongues::tell('Work {stitch}, then put the hook into the same stitch again.', $stitch),
                Tongues::tell('Draw up a loop: 2 loops.'),
                Tongues::tell('Through both: two stand in one.'),
            ),
            self::told(
                'decrease',
                Tongues::tell('Decrease: two together'),
                StepDrawing::decrease(),
                Tongues::tell('Draw up a loop in the next stitch, and leave it on the hook.'),
                Tongues::tell('Draw up one in the stitch after it: 3 loops.'),
                Tongues::tell('Yarn over, through all 3: two have one top.'),
            ),
            self::told(
                'back-loop',
                Tongues::tell('Back loop only'),
                StepDrawing::through(Stitch::Single, 'sc in next st, BLO'),
                Tongues::tell('Put the hook under the loop behind alone.'),
                Tongues::tell('Go on with {stitch} as ever.', $stitch),
                Tongues::tell('The loops before stay as a ridge.'),
            ),
            self::told(
                'front-post',
                Tongues::tell('Front post'),
                StepDrawing::through(Stitch::Double, 'FPdc around next st'),
                Tongues::tell('Yarn over; the hook goes in from the front, behind the post below, and out again.'),
                Tongues::tell('Draw up a loop around the post: 3 loops; go on with {stitch}.', $post),
                Tongues::tell('It lies raised before the row.'),
            ),
            self::told(
                'back-post',
                Tongues::tell('Back post'),
                StepDrawing::through(Stitch::Double, 'BPdc around next st'),
                Tongues::tell('Yarn over; the hook goes in from behind, before the post below, and out behind.'),
                Tongues::tell('Draw up a loop around the post: 3 loops; go on with {stitch}.', $post),
                Tongues::tell('It lies behind, and the tops before it as a bar.'),
            ),
        ];
    }

    /** @return list<self> what joins */
    private static function joined(Terms $terms): array
    {
        $of = fn(Stitch $stitch): array => ['stitch' => Vocabulary::of($terms)->abbreviation($stitch)];

        return [
            self::told(
                'join',
                Tongues::tell('Close a round'),
                StepDrawing::join(),
                Tongues::tell('Put the hook into the first stitch of the round, not into its chains.'),
                Tongues::tell('Yarn over.'),
                Tongues::tell('Through stitch and loop at once: the round is closed.'),
            ),
            self::told(
                'colour',
                Tongues::tell('Another colour, or the next ball'),
                StepDrawing::change(),
                Tongues::tell('Stop before the last step of the last stitch: 2 loops.'),
                Tongues::tell('Finish it with the new strand.'),
                Tongues::tell('Go on with it; work over both ends, or weave them in.'),
            ),
            self::told(
                'seam-whip',
                Tongues::tell('Seam: whip stitch'),
                StepDrawing::seam(Stitch::Whip),
                Tongues::tell('Lay the edges together, stitch to stitch; the needle goes through both.'),
                Tongues::tell('Back over the edges, and through the next pair.'),
                Tongues::tell('Pull so that they meet, and no tighter.'),
            ),
            self::told(
                'seam-sc',
                Tongues::tell('Seam: {stitch} through both edges', $of(Stitch::Single)),
                StepDrawing::seam(Stitch::Single),
                Tongues::tell('Put the hook through a stitch of each edge.'),
                Tongues::tell('Yarn over, draw up a loop: 2 loops.'),
                Tongues::tell('Yarn over, draw it through both: a ridge outside.'),
            ),
            self::told(
                'seam-sl-st',
                Tongues::tell('Seam: {stitch} through both edges', $of(Stitch::Slip)),
                StepDrawing::seam(Stitch::Slip),
                Tongues::tell('Put the hook through a stitch of each edge.'),
                Tongues::tell('Yarn over.'),
                Tongues::tell('Through both edges and the loop at once: it lies flat.'),
            ),
        ];
    }
}
