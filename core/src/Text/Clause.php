<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** One clause of a row, between one sign that parts them and the next: what is done in it. */
final class Clause
{
    private const HEARD = 20;

    /** Where the words begin that say into what a stitch is worked. */
    private const WHERE = [
        Word::In, Word::Next, Word::Each, Word::Last, Word::Same, Word::Around, Word::Across, Word::ToLast,
        Word::Evenly, Word::Ring, Word::Space, Word::Tab,
    ];

    /** The stitch that was named last: "sc in 2nd ch from hook and in each ch across". */
    private string $stitch = 'sc';

    /** Whether both sides of a chain were told of just now. */
    private bool $isBothSides = false;

    /** @var list<Token> words among those of steps that are none of ours */
    private array $unknown = [];

    /** @param int $size that is read, from 0 */
    public function __construct(private readonly int $size) {}

    /** @return list<Token> words among those of steps that are none of ours */
    public function unknown(): array
    {
        return $this->unknown;
    }

    /** What the last stitch was. */
    public function last(): string
    {
        return $this->stitch;
    }

    /**
     * @param list<Token> $said
     *
     * @return list<Step>
     */
    public function steps(array $said): array
    {
        $tokens = self::placed(array_values(array_filter($said, fn(Token $one): bool => ! $one->is(Word::Filler))));
        if ($tokens === []) {
            return [];
        }
        $at = $tokens[0];
        $has = self::has($tokens);
        $steps = [];
        if ($has(Word::BothSides)) {
            $from = array_values(array_filter($tokens, fn(Token $one): bool => $one->isOrdinal))[0] ?? null;
            $this->isBothSides = true;

            return [new Sign($at, Sign::BOTH_SIDES, $from?->number() ?? 2)];
        }
        if ($has(Word::OtherSide) && $this->isBothSides) {
            // "… and back along its other side", of which it has told.
            $this->isBothSides = false;

            return [];
        }
        if ($has(Word::OtherSide)) {
            $steps[] = new Sign($at, Sign::OTHER_SIDE);
            $tokens = array_values(array_filter($tokens, fn(Token $one): bool => ! $one->is(Word::OtherSide)));
            $works = array_filter($tokens, fn(Token $one): bool => $one->isStitch()
                || $one->is(Word::Increase, Word::Decrease, Word::Together, Word::In, Word::Number, Word::Skip));
            if ($works === []) {
                return $steps;
            }
        }
        $stitch = array_values(array_filter($tokens, fn(Token $one): bool => $one->isStitch()))[0] ?? null;
        $chain = array_values(array_filter($tokens, fn(Token $one): bool => $one->isChain()))[0] ?? null;
        $this->hear($tokens, $stitch !== null || $chain !== null || $has(Word::Skip, Word::Increase, Word::Decrease));
        if ($has(Word::Layers) && $stitch !== null) {
            $this->stitch = $stitch->of;
            [$many, $rest] = $this->parted($tokens);

            return [...$steps, new Worked(
                $at,
                [[$stitch->of, 1]],
                $many ?? $this->number($rest) ?? 1,
                into: Target::Layers,
            )];
        }
        if ($has(Word::FastenOff, Word::Mark)) {
            return [...$steps, new Sign($at, $has(Word::Mark) ? Sign::MARK : Sign::FASTEN_OFF)];
        }
        if ($has(Word::Skip)) {
            return [...$steps, new SkippedPlaces($at, $this->number($tokens) ?? 1, self::into($tokens))];
        }
        $joins = $stitch?->of === 'sl st' && ($has(Word::First, Word::Top, Word::Join) || self::namesOne($tokens));
        if ($has(Word::Join) || $joins) {
            return [...$steps, new Sign($at, Sign::JOIN)];
        }
        $goesOn = $tokens[0]->is(Word::In, Word::Each, Word::Next);
        $isCounting = $has(Word::Counts);
        if ($chain !== null && ! $goesOn && ! $has(Word::In) && ($stitch === null || $isCounting)) {
            $number = $this->number($tokens, true) ?? 1;
            $one = new Chain($at, $number);
            $steps[] = $isCounting ? self::asSaid($one, $tokens) : $one;
            $turn = Token::among($tokens, Word::Turn);

            return $turn === null ? $steps : [...$steps, new Sign($turn, Sign::TURN)];
        }
        if ($has(Word::Turn)) {
            return [...$steps, new Sign($at, Sign::TURN)];
        }
        $loop = $has(Word::BackLoop) ? 'back' : ($has(Word::FrontLoop) ? 'front' : '');
        // "All in FLO" says how, not that more is worked.
        $isHow = $loop !== '' && ! $has(Word::Stitches, Word::Next, Word::Last, Word::Same, Word::Space);
        $isWork = $stitch !== null || $has(Word::Increase, Word::Decrease, Word::Together)
            || ($goesOn && ! $isHow && ! $has(Word::Rows, Word::Rounds)
                && $has(Word::Each, Word::Next, Word::Last, Word::Same, Word::Around));
        if (! $isWork) {
            return $loop === '' ? $steps : [...$steps, new Sign($at, $loop)];
        }
        $steps[] = $this->work($tokens, $stitch, $loop);

        return $steps;
    }

    /**
     * "sl st in st 54 of the edge": one that is named, whatever comes next.
     *
     * @param list<Token> $tokens
     */
    private static function namesOne(array $tokens): bool
    {
        foreach ($tokens as $nth => $one) {
            if ($one->is(Word::Stitches) && ($tokens[$nth + 1] ?? null)?->is(Word::Number) === true) {
                return true;
            }
        }

        return false;
    }

    /**
     * "sonraki 3 si üzerine si": where what is worked into is named before its word, that is no stitch which is worked.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function placed(array $tokens): array
    {
        $isNamed = false;
        foreach ($tokens as $nth => $one) {
            $isNamed = $isNamed || $one->is(Word::Next, Word::Each);
            $where = $tokens[$nth - 1] ?? null;
            $worked = $tokens[$nth + 1] ?? null;
            $worked = $worked?->is(Word::Number) === true ? $tokens[$nth + 2] ?? null : $worked;
            if ($isNamed && $one->is(Word::In) && $where?->isStitch() === true && $worked?->isStitch() === true) {
                $tokens[$nth - 1] = new Token(Word::Stitches, $where->text, $where->line, $where->column);
            }
        }

        return $tokens;
    }

    /** @param list<Token> $tokens */
    private function hear(array $tokens, bool $isStep): void
    {
        foreach ($isStep && count($this->unknown) < self::HEARD ? $tokens : [] as $one) {
            if ($one->is(Word::Unknown)) {
                $this->unknown[] = $one;
            }
        }
    }

    /**
     * The first number that counts: none of "ch-2 sp", no ordinal.
     *
     * @param list<Token> $tokens
     */
    private function number(array $tokens, bool $ofChains = false): ?int
    {
        $hasSpace = false;
        foreach ($tokens as $nth => $one) {
            if ($one->is(Word::Counts)) {
                break;
            }
            $hasSpace = $hasSpace || $one->is(Word::Space);
            $before = $tokens[$nth - 1] ?? null;
            $next = $tokens[$nth + 1] ?? null;
            $ofSpace = ! $ofChains && ($before?->is(Word::Dash) === true
                || ($before?->isChain() === true && $next?->is(Word::Space) === true)
                || ($next?->isChain() === true
                    && ($hasSpace || ($tokens[$nth + 2] ?? null)?->is(Word::Space) === true)));
            if ($one->is(Word::Number) && ! $one->isOrdinal && ! $ofSpace) {
                return $one->number($this->size);
            }
        }

        return null;
    }

    /** @param list<Token> $tokens */
    private static function into(array $tokens): Target
    {
        $has = self::has($tokens);

        return match (true) {
            $has(Word::AroundRing) => Target::RingAndStitch,
            $has(Word::Ring) => Target::Ring,
            $has(Word::Pairs) => Target::Pair,
            $has(Word::Tab) => Target::Tab,
            $has(Word::Space) => Target::Space,
            $has(Word::RowEnd) => Target::RowEnd,
            $has(Word::BackPost) => Target::BackPost,
            $has(Word::FrontPost) => Target::FrontPost,
            array_filter($tokens, fn(Token $one): bool => $one->isChain()) !== [] => Target::Chain,
            default => Target::Stitch,
        };
    }

    /**
     * The number of stitches, which stands right before them, and all else.
     *
     * @param list<Token> $tokens
     *
     * @return array{?int, list<Token>}
     */
    private function parted(array $tokens): array
    {
        foreach ($tokens as $nth => $one) {
            if ($one->isStitch() || $one->is(Word::Increase, Word::Decrease, Word::Together)) {
                $before = $tokens[$nth - 1] ?? null;
                $isCounted = $before?->is(Word::Number) === true && ! $before->isOrdinal;
                $rest = $tokens;
                array_splice($rest, $isCounted ? $nth - 1 : $nth, $isCounted ? 2 : 1);

                return [$isCounted ? $before->number($this->size) : null, $rest];
            }
        }

        return [null, $tokens];
    }

    /** @param list<Token> $tokens */
    public function work(array $tokens, ?Token $stitch, string $loop): Worked
    {
        $at = $tokens[0];
        $has = self::has($tokens);
        $together = Token::among($tokens, Word::Together);
        $of = $together->of ?? $stitch->of ?? ($has(Word::Increase, Word::Decrease) ? 'sc' : $this->stitch);
        $this->stitch = $of;
        [$k, $rest] = $this->parted($tokens);
        $m = $this->number($rest);
        $isWhere = $has(...self::WHERE);
        $times = null;
        foreach ($tokens as $nth => $one) {
            if ($one->is(Word::Times)) {
                $times = $one->numbers !== [] ? $one->number() : ($tokens[$nth + 1] ?? null)?->number($this->size);
                $times = $times === 0 || $times === null ? $this->number(array_slice($tokens, 0, $nth)) : $times;
                $k = $k === $times ? null : $k;
            }
        }
        $into = self::into($rest);
        if ($has(Word::FrontPost, Word::BackPost)) {
            $into = $has(Word::BackPost) ? Target::BackPost : Target::FrontPost;
        }
        $ordinal = array_values(array_filter($rest, fn(Token $one): bool => $one->isOrdinal))[0] ?? null;
        $from = $ordinal !== null && $has(Word::Hook) ? $ordinal->number() : null;
        $isWhere = $isWhere || $from !== null;
        [$places, $but] = match (true) {
            $from !== null || $into === Target::Ring || $has(Word::Same) => [1, 0],
            $into === Target::Pair => [$k ?? 1, 0],
            $has(Word::ToLast) => [null, $m ?? 1],
            // "around next st" is round its post.
            $has(Word::Next) && $m === null => [$times ?? 1, 0],
            $m !== null && $isWhere => [$m, 0],
            $has(Word::Around, Word::Across) => [null, 0],
            $has(Word::Each) && ! $has(Word::Next, Word::Last) => [null, 0],
            ! $isWhere => [$times ?? $k ?? $m ?? 1, 0],
            default => [$times ?? 1, 0],
        };
        if ($has(Word::Foundation)) {
            return new Worked($at, [[$of, $k ?? $m ?? 1]], 1, 0, 0);
        }
        if ($has(Word::Evenly) && $k !== null) {
            // So many, over all that is named.
            return new Worked($at, [[$of, $k]], 1, 0, $m ?? $k, Target::RowEnd, $loop);
        }
        if ($has(Word::AsOne)) {
            return new Worked($at, [[$of, 1]], $times ?? 1, 0, max(2, $k ?? $m ?? 2), Target::Stitch, $loop);
        }
        $isDecrease = $together !== null || $has(Word::Decrease);
        if ($isDecrease) {
            $two = $together?->number() ?? 2;
            // "over next 2 sts" names what one of them takes.
            $places = $places !== null && $isWhere && $m !== null ? max(1, intdiv($m, $two)) : $places;

            return new Worked($at, [[$of, 1]], $isWhere ? $places : $times ?? $k ?? $m ?? 1, $but, $two, $into, $loop);
        }
        $many = $has(Word::Increase) ? 2 : match (true) {
            ! $isWhere || $k === null => 1,
            // "5 sc in next 5 sts"
            $k === $places && $from === null && ! $has(Word::Each, Word::Same) && $into !== Target::Ring => 1,
            default => $k,
        };
        if ($has(Word::Increase) && $isWhere && $m === null && $k !== null && $places === 1) {
            $places = $k;
        }

        return new Worked(
            $at,
            [[$of, max(1, $many)]],
            $places === null ? null : max(0, $places),
            $but,
            $has(Word::Same) ? 0 : 1,
            $into,
            $loop,
            $from,
            $has(Word::Last),
            $has(Word::Across, Word::ToLast),
            $many === 1 && $isWhere && $k !== null && $k > 1 && $k === $places && $into !== Target::Pair ? $k : null,
        );
    }

    /** @param list<Token> $said */
    public static function asSaid(Chain $chain, array $said): Chain
    {
        $as = '';
        $more = 0;
        foreach ($said as $nth => $one) {
            if ($one->is(Word::Not)) {
                return $chain->counting('', 0);
            }
            if ($one->isStitch() && $as === '') {
                $as = $one->of;
            }
            if ($one->isChain() && $as !== '') {
                $number = array_values(array_filter(
                    array_slice($said, max(0, $nth - 1), 4),
                    fn(Token $n): bool => $n->is(Word::Number),
                ));
                $more = isset($number[0]) ? $number[0]->number() : 1;
            }
        }

        return $chain->counting($as === '' ? 'sc' : $as, $more);
    }

    /**
     * Whether one of some words is among tokens.
     *
     * @param list<Token> $tokens
     *
     * @return \Closure(Word ...): bool
     */
    private static function has(array $tokens): \Closure
    {
        $there = [];
        foreach ($tokens as $one) {
            $there[$one->word->name] = true;
        }

        return function (Word ...$words) use ($there): bool {
            foreach ($words as $word) {
                if (isset($there[$word->name])) {
                    return true;
                }
            }

            return false;
        };
    }
}
