<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\MadeByChoices;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Shape\Circle;
use Fescue\Core\Shape\Flatness;

/**
 * A round base from one chain: s stitches in it, and s more each round, 2s, 3s … 2π·h/w lies flat (geometry); 6 sc, 8
 * to 10 hdc, 12 dc are common practice, no source. The increase of each share of a round stands off that of the round
 * below, by the golden section of the share, so that no corners stack up and the disc stays round.
 */
final readonly class Round extends MadeByChoices
{
    private const FEWEST = 4;

    private const MOST = 24;

    private const MOST_ROUNDS = 60;

    public static function key(): string
    {
        return 'round';
    }

    public static function called(): array
    {
        return ['Round', 'from the middle'];
    }

    public function settings(?Ground $ground = null): array
    {
        $motif = $this->motif('stitch');

        return [
            Choice::plain('stitch', 'Stitch of the base', $motif->key, asked: true),
            new Setting(
                'start',
                'Stitches of the first round',
                new Counted('stitch of the first round', 'stitches of the first round', 'from {n}'),
                $this->count('start'),
                new Bounds(self::FEWEST, self::MOST),
                Unsaid::settled(),
            ),
            Rounds::setting($this->count('rounds'), self::MOST_ROUNDS, $ground?->gauge->heightOf($motif)),
        ];
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');
        [$flat, $high] = [$ground->gauge->flatGrowth($motif), $ground->gauge->heightOf($motif)];
        if (
            $this->count('rounds') === null
            && $wish->length !== null
            && $wish->width !== null
            && abs($wish->length->mm - $wish->width->mm) > 2 * $high->mm
        ) {
            throw new Unmakeable(
                '/size/length',
                new Saying('A round base is as long as it is wide: ask for one of them alone, or for both alike.'),
            );
        }

        return $this->with([
            'start' => $this->count('start') ?? max(self::FEWEST, min(self::MOST, (int) round($flat))),
            'rounds' => $this->count('rounds') ?? Rounds::across(
                $wish->width === null ? new Wish(width: $wish->length) : $wish,
                $high,
                self::MOST_ROUNDS,
            ),
        ]);
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        [$start, $rounds, $fabric] = [$this->given('start'), $this->given('rounds'), $this->motif('stitch')];
        $high = $ground->gauge->heightOf($fabric)->mm;
        $stitch = $fabric->post();
        $flat = $ground->gauge->flatGrowth($fabric);
        $rows = [
            new Row(
                Part::Base,
                $fabric,
                $ground->school->close([new Several($stitch, $start, into: Into::FirstChain)]),
                [new Edge(EdgeKind::Chain, 1)],
                false,
                new Circle($high / 2),
            ),
        ];
        $flatness = [];
        for ($number = 2; $number <= $rounds; $number++) {
            $rows[] = new Row(
                Part::Base,
                $fabric,
                $ground->school->flat()->around(
                    [new Repeat(Several::inRuns($stitch, Rounds::spread($number)), $start)],
                    $stitch,
                ),
                [Edge::tops($start * ($number - 1), $fabric)],
                false,
                new Circle(($number - 0.5) * $high),
            );
            $flatness[] = new Flatness($start, $flat, $number * ($start - $flat));
        }
        $around = $start * $rounds;

        return new Made(
            $rows,
            Edge::around($around, round($around / 2) / 2, $fabric),
            new Start(1, $stitch->startingChains(), new Circle(0.0)),
            new Circle($rounds * $high),
            LieOfRounds::remarks($flatness),
        );
    }
}
