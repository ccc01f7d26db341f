<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** The next k anchors drawn together under one top, so many times: takes n·k, leaves n. Decreases. */
final readonly class Together implements Instruction
{
    use Leaf;

    public function __construct(
        public Stitch $stitch,
        public int $of,
        public int $count = 1,
        public Loop $loop = Loop::Both,
    ) {
        if ($of < 2 || $count < 1) {
            throw new \InvalidArgumentException('A decrease draws at least two together.');
        }
    }

    public function takes(): int
    {
        return $this->count * $this->of;
    }

    public function works(): array
    {
        $one = [
            new Stitches($this->stitch, $this->of - 1, $this->loop, top: false),
            new Stitches($this->stitch, 1, $this->loop),
        ];

        return array_merge(...array_fill(0, $this->count, $one));
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self($stitch($this->stitch), $this->of, $this->count, Into::Stitch->through($loop, $this->loop));
    }

    public function phrase(): Phrase
    {
        return new Phrase('together', ['stitch' => $this->stitch, 'k' => $this->of, 'n' => $this->count], $this->loop);
    }

    public static function readings(): array
    {
        return [
            'together' => fn(PhraseReading $read): self => new self(
                $read->stitch(),
                $read->number('k'),
                $read->number('n'),
            ),
        ];
    }
}
