<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;

/**
 * Rounds that close the opening: single crochet stands, slip stitch lies on the edge and draws it in a little, crab
 * stitch, which is single crochet backwards, makes a corded rim. Common practice, no source.
 */
final readonly class Rim extends MadeByChoices
{
    private const SLIP = 'slip';

    private const CRAB = 'crab';

    private const MOST_ROUNDS = 20;

    public static function key(): string
    {
        return 'rim';
    }

    public static function called(): array
    {
        return ['Rim', 'rounds over the whole opening'];
    }

    public function settings(?Ground $ground = null): array
    {
        return [
            new Choice(
                'stitch',
                'Rim of the opening',
                $this->choice('stitch', 'sc'),
                [
                    'sc' => ['Single crochet', 'stands on the edge'],
                    self::SLIP => ['Slip stitch', 'lies on it, draws in a little'],
                    self::CRAB => ['Crab stitch', 'backwards: a corded rim'],
                ],
                '{choice} rim',
                asked: true,
            ),
            new Setting(
                'rounds',
                'Rounds of rim',
                new Counted('round of rim', 'rounds of rim'),
                $this->given('rounds', 1),
                new Bounds(1, self::MOST_ROUNDS),
                Unsaid::is(1),
                fewer: Fewer::rows(),
            ),
        ];
    }

    /** Rounds that stand; what lies on the edge adds nothing to speak of. */
    private function standing(): int
    {
        return $this->choice('stitch', 'sc') === self::SLIP ? 0 : $this->given('rounds', 1);
    }

    public function height(Ground $ground): Length
    {
        return $ground->gauge->singleHeight()->times($this->standing());
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        return $this;
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $on ?? throw new Unmakeable('', new Saying('A rim stands on something.'));
        $stitch = match ($this->choice('stitch', 'sc')) {
            self::SLIP => Stitch::Slip,
            self::CRAB => Stitch::Crab,
            default => Stitch::Single,
        };
        $fabric = Motif::single();
        // Crab stitch runs backwards on the right side: turned is what shows the other, and nothing between its rounds.
        $school = $stitch === Stitch::Crab && ($on->wrong || $ground->school->working !== Working::JoinedTurned)
            ? $ground->school->flat()
            : $ground->school;
        $on = $stitch === Stitch::Crab ? $on->facing() : $on;
        $rows = [];
        for ($round = 0; $round < $this->given('rounds', 1); $round++) {
            $rows[] = $row = new Row(
                Part::Edge,
                $fabric,
                $school->on($on->kind, [new Each($stitch, $on->anchors)], $stitch),
                [$on],
                $this->standing() > 0,
            );
            $on = $stitch === Stitch::Crab ? Edge::left($row) : $ground->school->after($row);
            $school = $stitch === Stitch::Crab ? $school->flat() : $school;
        }
        $reach = $ground->gauge->singleWidth()->times($on->anchors);

        return new Made($rows, $on, remarks: [
            new Remark('rim', Tone::Better, 0, 'The rim is {reach} around.', match ($this->choice('stitch', 'sc')) {
                self::SLIP => 'Slip stitches hold it there: loose enough for what goes in.',
                self::CRAB => 'Work it from left to right, not tight, and do not turn.',
                default => 'It stays as wide as the wall.',
            }, ['reach' => $reach]),
        ]);
    }
}
