<?php

declare(strict_types=1);

namespace Fescue\Core\Wall;

use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Piece\ByChoices;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\DoesNotDivide;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** So many rounds of a straight wall worked alike. */
final readonly class Band extends ByChoices
{
    private const MOST_ROUNDS = 400;

    /** Share by which a stitch of a band may be wider than single crochet before the wall shows it. From memory. */
    private const FLARES = 0.06;

    public static function key(): string
    {
        return 'band';
    }

    public static function called(): array
    {
        return ['Band', 'rounds worked alike'];
    }

    public function settings(?Ground $ground = null): array
    {
        $loops = [
            'both' => ['both loops', ''],
            'back' => ['back loop', 'ribs outside'],
            'front' => ['front loop', 'ribs inside'],
        ];

        return [
            new Choice('stitch', 'Stitch', $this->choice('stitch', 'sc'), short: '{motif}', asked: true, motif: true),
            new Choice(
                'loop',
                'Worked through',
                $this->choice('loop', 'both'),
                $loops,
                short: $this->choice('loop', 'both') === 'both' ? '' : '{choice}',
            ),
            new Setting(
                'rounds',
                'Rounds of body',
                'body round',
                $this->count('rounds'),
                1,
                self::MOST_ROUNDS,
                '{n} round{s}',
                Side::Height,
                $ground?->gauge->heightOf($this->motif('stitch')),
                fewer: 'Work {many} fewer',
                rows: true,
            ),
            new Flag(
                'even',
                'Before it',
                $this->flag('even'),
                ['Nothing', 'its repeat divides the round'],
                ['A plain round', 'that evens the count to its repeat'],
            ),
        ];
    }

    public function height(Ground $ground): ?Length
    {
        $rounds = $this->count('rounds');

        return $rounds === null ? null : $ground->gauge->heightOf($this->motif('stitch'))->times($rounds)->plus(
            $this->plain($ground),
        );
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $motif = $this->motif('stitch');
        $on = $this->on($on);
        $around = $on->anchors;
        if ($motif->goesRoundPosts() && ! $this->flag('even') && ! in_array(
            $on->kind,
            [EdgeKind::Tops, EdgeKind::Some],
            true,
        )) {
            throw new Unmakeable(
                'stitch',
                ucfirst($motif->fullName(Terms::US)).' go round posts, and a chain has none. Have a plain round worked '
                    .'first.',
            );
        }
        if ($around % $motif->multiple !== 0 && ! $this->flag('even')) {
            $more = $motif->multiple - $around % $motif->multiple;
            throw new DoesNotDivide(
                'stitch',
                ucfirst($motif->fullName(Terms::US))." repeats over {$motif->multiple} stitches, and a round has "
                    ."{$around}. Have a plain round worked first, with two in one "
                    .($more === 1 ? 'once' : ($more === 2 ? 'twice' : "{$more} times")).'.',
                $motif->multiple,
            );
        }

        return $this->count('rounds') === null ? $this->with(
            ['rounds' => $this->rounds($wish, $ground, $motif)],
        ) : $this;
    }

    /** How high the plain round before it stands. */
    private function plain(Ground $ground): Length
    {
        return $ground->gauge->singleHeight()->times($this->flag('even') ? 1 : 0);
    }

    private function rounds(Wish $wish, Ground $ground, Motif $motif): int
    {
        $left = $wish->heightLeft();
        $height = $left === null ? null : $left - $this->plain($ground)->mm;
        $height ??= throw new Unmakeable(
            '/size/height',
            'Give a height, or the number of body rounds.',
        );
        $round = $ground->gauge->heightOf($motif);
        $rounds = (int) round($height / $round->mm);
        if ($rounds < 1) {
            $least = $round->plus($wish->besides ?? Length::mm(0));
            throw new Unmakeable(
                '/size/height',
                'One round of the open band with all else of the body is already '
                    ."{$least->print(LengthUnit::Centimetre)} high; ask for at least that.",
            );
        }
        if ($rounds > self::MOST_ROUNDS) {
            throw new Unmakeable(
                '/size/height',
                "That needs {$rounds} body rounds; Fescue plans up to "
                    .self::MOST_ROUNDS
                    .'. Check the height and the gauge.',
            );
        }

        return $rounds;
    }

    public function make(Ground $ground, ?Edge $on): Made
    {
        $on = $this->on($on);
        $motif = $this->motif('stitch');
        $loop = Loop::from($this->choice('loop', 'both'));
        $rows = [];
        if ($this->flag('even')) {
            $rows[] = $plain = $this->evened($ground, $on, $motif->multiple);
            $on = $ground->school->after($on, Count::of($plain->instructions)->leaves, Motif::single());
        }
        $climb = $ground->school->working === Working::Spiral ? $motif->postIn(0)->climbing(($on->fabric ?? $motif)->post()) : [];
        $made = [];
        // Rounds that neither lean nor turn leave what they met: one edge serves them all.
        $steady = $ground->school->lean === 0.0 && $ground->school->working !== Working::JoinedTurned;
        for ($round = 0; $round < $this->given('rounds'); $round++) {
            // Rounds of the same row of the motif are the same instructions.
            $like = $round === 0 && ($climb !== [] || $on->kind !== EdgeKind::Tops) ? 'first' : $round % $motif->rows();
            $made[$like] ??= $ground->school->on(
                $on->kind,
                $motif->over($round, $on->anchors, $loop, $round === 0 ? $climb : []),
                $motif->postIn($round),
            );
            $rows[] = new Row(Part::Body, $motif, $made[$like], [$on]);
            $on = $round > 0 && $steady ? $on : $ground->school->after($on, $on->anchors, $motif);
        }

        return new Made($rows, $on, remarks: [...$this->gives($motif), ...$this->flares($motif, $ground)]);
    }

    /** A plain round of as many as the repeat divides, two in one spread evenly. */
    private function evened(Ground $ground, Edge $on, int $multiple): Row
    {
        $more = ($multiple - $on->anchors % $multiple) % $multiple;
        $each = array_fill(0, $on->anchors, 1);
        for ($nth = 0; $nth < $more; $nth++) {
            $each[(int) floor(($nth + 0.5) * $on->anchors / $more)]++;
        }

        return new Row(
            Part::Body,
            Motif::single(),
            $ground->school->on($on->kind, Repeat::found(Several::inRuns(Stitch::Single, array_values($each))), Stitch::Single),
            [$on],
        );
    }

    /** @return list<Remark> */
    private function gives(Motif $motif): array
    {
        return $motif->isOpen() ? [
            new Remark(
                'mesh-open',
                Tone::Better,
                null,
                'A mesh gives, and lets small things through.',
                'Line the bag or keep large things in it; it hangs longer than it lies.',
            ),
        ] : [];
    }

    /** @return list<Remark> */
    private function flares(Motif $motif, Ground $ground): array
    {
        $wider = $ground->gauge->widthOf($motif)->mm / $ground->gauge->singleWidth()->mm - 1;
        if (abs($wider) <= self::FLARES) {
            return [];
        }
        $percent = (int) round(100 * abs($wider));

        return [
            new Remark(
                'band-width',
                Tone::Better,
                0,
                "From {row} the {motif} is {$percent} % ".($wider > 0 ? 'wider' : 'narrower').'.',
                'The wall '
                    .($wider > 0 ? 'flares there; a smaller hook for that band holds it '
                    .'straight.' : 'draws in there; a larger hook for that band lets it out.'),
                ['motif' => $motif],
            ),
        ];
    }

    private function on(?Edge $on): Edge
    {
        return $on ?? throw new Unmakeable('stitch', 'A wall stands on something.');
    }
}
