<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** Writes what was read, in a tongue. */
final readonly class TextWriter
{
    private Vocabulary $vocabulary;

    public function __construct(string $tongue)
    {
        $this->vocabulary = Vocabulary::of(self::terms($tongue));
    }

    /** Whose names of stitches a tongue writes. */
    private static function terms(string $tongue): Terms
    {
        return Terms::tryFrom($tongue) ?? ($tongue === 'en-GB' ? Terms::UK : Terms::US);
    }

    /**
     * "Round 3: [2 sc in next st, sc in next 6 sts] 6 times (48)"
     *
     * @param ?int $to the last of several alike
     */
    public function row(WrittenRow $line, ?int $to = null): string
    {
        $kind = $line->isRound ? 'round' : 'row';
        $name = $to === null || $to === $line->number
            ? $this->say($kind, ['n' => $line->number])
            : $this->say("{$kind}s", ['n' => $line->number, 'm' => $to]);
        $stated = $line->stated === null ? '' : ' ('.($line->stated->spaces === null
            ? (string) $line->stated->stitches
            : "{$line->stated->stitches} {$this->word('stitches')}, "
                ."{$line->stated->spaces} {$this->word('spaces')}").')';

        return "{$name}: {$this->steps($line->steps, $line->isRound)}{$stated}";
    }

    /** @param array<Step> $steps */
    private function steps(array $steps, bool $isRound): string
    {
        $said = [];
        foreach ($steps as $nth => $step) {
            $rest = array_slice($steps, $nth + 1);
            if ($step instanceof Sign && $step->what === Sign::OTHER_SIDE && $rest !== []) {
                $said[] = $this->say('along.other-side', ['list' => $this->steps($rest, $isRound)]);

                break;
            }
            if ($step instanceof Sign && $step->what === Sign::BOTH_SIDES && $rest !== []) {
                $along = $this->say('into.both-sides', ['nth' => $this->ordinal($step->from)]);
                $said[] = "{$along}: {$this->steps($rest, $isRound)}";

                break;
            }
            $said[] = $this->step($step, $isRound);
        }

        return implode(', ', array_filter($said, fn(string $one): bool => $one !== ''));
    }

    private function step(Step $step, bool $isRound): string
    {
        return match (true) {
            $step instanceof Chain => $step->counts === null || $step->counts === ''
                ? $this->say('chain', ['n' => $step->many])
                : $this->say('starting-chain.counts', [
                    'n' => $step->many - $step->more, 'stitch' => $this->stitch($step->counts),
                ]).($step->more > 0 ? ', '.$this->say('chain', ['n' => $step->more]) : ''),
            $step instanceof SkippedPlaces => $this->places(
                $step->into === Target::Space ? 'skip.on' : 'skip',
                $step->places,
                ['on' => $this->word($step->places === 1 ? 'space' : 'spaces')],
            ),
            $step instanceof Sign => match ($step->what) {
                Sign::TURN => $this->say('turn.bare', []),
                Sign::JOIN => $this->say('join', []),
                Sign::BACK_LOOPS => $this->say('loops.all.back', []),
                Sign::FRONT_LOOPS => $this->say('loops.all.front', []),
                default => '',
            },
            $step instanceof Again => $this->again($step, $isRound),
            $step instanceof Worked => $this->work($step, $isRound),
            default => '',
        };
    }

    private function again(Again $again, bool $isRound): string
    {
        $list = $this->steps($again->steps, $isRound);

        return match (true) {
            $again->times === null && $again->but > 0 => $this->say('repeat.but', [
                'list' => $list, 'n' => $again->but,
            ]),
            $again->times === null => $this->say($again->isAcross || ! $isRound ? 'repeat.across' : 'repeat.around', [
                'list' => $list,
            ]),
            default => $this->times($list, $again->times),
        };
    }

    private function times(string $list, int $times): string
    {
        return $this->say($times === 2 ? 'repeat.twice' : 'repeat', ['list' => $list, 'times' => $times]);
    }

    private function work(Worked $work, bool $isRound): string
    {
        $loop = $work->loop === '' ? '' : ' '.$this->say("loop.{$work->loop}", []);
        [$of, $many] = $work->in[0];
        $stitch = $this->stitch($of).$loop;
        if (count($work->in) > 1) {
            $bare = implode(', ', array_map(fn(array $one): string => $one[0] === 'ch'
                ? $this->say('bare.chain', ['n' => $one[1]])
                : $this->say($one[1] === 1 ? 'bare.each.one' : 'bare.each', [
                    'n' => $one[1], 'stitch' => $this->stitch($one[0]),
                ]), $work->in));
            $one = $this->say($work->into === Target::Space ? 'in-one.space' : 'in-one.stitch', ['bare' => $bare]);

            return match (true) {
                $work->places === null => $this->say($isRound ? 'repeat.around' : 'repeat.across', ['list' => $one]),
                $work->places === 1 => $one,
                default => $this->times($one, $work->places),
            };
        }
        $with = ['stitch' => $stitch, 'k' => $many, 'n' => $work->places ?? 0];
        if ($work->from !== null) {
            return $this->say($many === 1 ? 'each.first-chain' : 'several.first-chain', [
                'nth' => $this->ordinal($work->from),
            ] + $with);
        }
        if ($work->into === Target::Ring) {
            return $this->say('several.ring', $with);
        }
        $held = match ($work->into) {
            Target::Layers => 'through',
            Target::Pair => 'each.tab',
            default => null,
        };
        if ($held !== null) {
            return $this->say($held, $with);
        }
        if ($work->takes === 0) {
            return $this->say($many === 1 ? 'each.again' : 'several.again', $with);
        }
        if ($work->takes > 1 && $work->into === Target::RowEnd) {
            return $this->say('evenly', ['n' => $work->takes] + $with);
        }
        if ($work->takes > 1) {
            $one = $this->say('together.one', ['k' => $work->takes] + $with);

            return $work->places === null
                ? $this->say($isRound ? 'repeat.around' : 'repeat.across', ['list' => $one])
                : ($work->places === 1 ? $one : $this->times($one, $work->places));
        }
        if ($work->places === null) {
            $key = $work->but > 0 ? 'all.but' : ($isRound && ! $work->isAcross ? 'all.around' : 'all.across');
            $key = match ($work->into) {
                Target::Space => 'all.spaces',
                Target::FrontPost => $many === 1 ? 'all.front-post' : $key,
                Target::BackPost => $many === 1 ? 'all.back-post' : $key,
                default => $key,
            };

            return $this->say($many === 1 ? $key : "several.{$key}", ['m' => $work->but] + $with);
        }
        $kind = match ($work->into) {
            Target::Space => 'space',
            Target::RowEnd => 'row-end',
            Target::Tab => 'tab',
            Target::RingAndStitch => $many === 1 ? 'ring' : 'stitch',
            Target::FrontPost => 'front-post',
            Target::BackPost => 'back-post',
            Target::Chain => $many === 1 ? 'next-chain' : 'stitch',
            default => 'stitch',
        };
        if ($work->isLast) {
            $last = $work->into === Target::Chain ? 'last-chain' : 'last';

            return $this->say($many === 1 ? "each.{$last}" : "several.{$last}", $with);
        }
        if ($many > 1 && $work->into === Target::Chain && $work->places === 1) {
            return $this->say('several.next-chain', $with);
        }

        $each = $many === 1 && $kind !== 'tab' ? 'each' : 'several';
        $kind = $many > 1 && str_ends_with($kind, 'post') ? 'stitch' : $kind;

        return $this->places("{$each}.{$kind}", $work->places, $with);
    }

    /** @param array<string, int|string> $with */
    private function places(string $key, int $many, array $with): string
    {
        return $this->say($many === 1 ? "{$key}.one" : $key, ['n' => $many] + $with);
    }

    private function ordinal(int $number): string
    {
        return $this->vocabulary->ordinal($number);
    }

    private function stitch(string $of): string
    {
        return $this->vocabulary->abbreviation(Stitch::from($of));
    }

    private function word(string $key): string
    {
        return $this->say("word.{$key}", []);
    }

    /** @param array<string, int|string> $with */
    private function say(string $key, array $with): string
    {
        $said = [];
        foreach ($with as $name => $value) {
            $said["{{$name}}"] = (string) $value;
        }
        return strtr($this->vocabulary->phrases[$key] ?? '', $said);
    }
}
