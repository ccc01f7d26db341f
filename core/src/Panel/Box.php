<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Saying\Saying;

/**
 * A panel that is front, bottom, back and flap in one, and a side at each end: how it goes together. Millimetres, x
 * right, y up, z towards the eye; the back stands at z = 0.
 */
final readonly class Box
{
    public function __construct(
        private float $wide,
        private float $deep,
        private float $high,
        private float $flap,
        private string $panel,
        private string $left,
        private string $right,
    ) {}

    /**
     * @param array{string, string, string} $leftSeams letters of the left side in the order they are joined: front,
     *         bottom, back
     * @param array{string, string, string} $rightSeams back, bottom, front
     * @param string $lock what closes it: "the lock"; '' where nothing does
     * @param float $in mm from the flap's edge to the middle of that
     * @param float $broad mm that it is wide
     * @param float $tall mm that it is high
     *
     * @return non-empty-list<AssemblyStep>
     */
    public function steps(
        array $leftSeams,
        array $rightSeams,
        string $lock,
        float $in,
        float $broad,
        float $tall,
    ): array {
        [$w, $d, $h, $f] = [$this->wide, $this->deep, $this->high, $this->flap];
        $side = fn(float $x, string $of): Face => Face::from([$x, 0, 0], [0, 0, $d], [0, $h, 0], $of, $x > 0);
        $lying = fn(float $x, string $of): Face => Face::from([$x, 0, 0], [$d, 0, 0], [0, $h, 0], $of);
        $back = Face::from([0, 0, 0], [$w, 0, 0], [0, $h, 0], $this->panel, false);
        $standing = Face::from([0, $h, 0], [$w, 0, 0], [0, $f, 0], $this->panel, false);
        $bottom = Face::from([0, 0, 0], [$w, 0, 0], [0, 0, $d], $this->panel, false);
        $front = Face::from([0, 0, $d], [$w, 0, 0], [0, $h, 0], $this->panel);
        [$left, $right] = [$side(0, $this->left), $side($w, $this->right)];
        $edges = fn(float $x, string $front, string $foot, string $back): array => [
            [$front, [$x, 0.0, $d], [$x, $h, $d]],
            [$foot, [$x, 0.0, 0.0], [$x, 0.0, $d]],
            [$back, [$x, 0.0, 0.0], [$x, $h, 0.0]],
        ];
        [$first, $second, $third] = $rightSeams;
        $gap = max(20.0, $d / 2);
        $over = $f <= $d ? [] : [Face::from([0, $h, $d + 1], [$w, 0, 0], [0, $d - $f, 0], $this->panel)];
        $top = Face::from([0, $h, 0], [$w, 0, 0], [0, 0, min($d, $f)], $this->panel);

        return [
            new AssemblyStep(new Saying('the pieces, flat'), [
                // One panel, its wrong side up as it is folded.
                Face::from([0, -$d - $h, 0], [$w, 0, 0], [0, $h, 0], $this->panel, false),
                Face::from([0, -$d, 0], [$w, 0, 0], [0, $d, 0], $this->panel, false),
                $back,
                $standing,
                $lying(-$d - $gap, $this->left),
                $lying($w + $gap, $this->right),
            ]),
            new AssemblyStep(
                new Saying('left side, from the front up: {seams}', [
                    'seams' => implode(', ', array_unique($leftSeams)),
                ]),
                [$back, $standing, $bottom, $left, $front, $lying($w + $gap, $this->right)],
                $edges(0.0, ...$leftSeams),
            ),
            new AssemblyStep(
                new Saying('right side, from the back up: {seams}', [
                    'seams' => implode(', ', array_unique($rightSeams)),
                ]),
                [$back, $standing, $bottom, $left, $right, $front],
                $edges($w, $third, $second, $first),
            ),
            new AssemblyStep(
                new Saying($lock === '' ? 'flap over' : 'flap over, {lock}', ['lock' => new Saying($lock)]),
                [$back, $bottom, $left, $right, $front, $top, ...$over],
                [],
                $lock === '' || $over === [] ? [] : [
                    [Marked::Clasp, [$w / 2, $h - max(0.0, $f - $d - $in), $d + 2], $broad, $tall],
                ],
            ),
        ];
    }
}
