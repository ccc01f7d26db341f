<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Sayable;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/**
 * What a fabric is worked in, as data: rows of instructions over one repeat, which leave as many tops as they take.
 * Every top counts as a stitch, a chain too. One key is one motif: two of the same key are the same object.
 */
final class Motif implements Sayable
{
    /** Letters of a maker's own at most, name and rows; letters of its name; its rows; stitches of one repeat. */
    public const LONGEST = 700;

    public const LONGEST_NAME = 40;

    public const MOST_ROWS = 16;

    public const WIDEST = 60;

    /** What such a name is written in. */
    private const NAME = '/^[\p{L}\p{N}](?:[\p{L}\p{M}\p{N} .,()’-]{0,38}[\p{L}\p{M}\p{N}.)])?$/u';

    /** Of a maker's own, what stands between its name and its rows, its set-up and its repeat, and two rows. */
    private const NAMED = ': ';

    private const SET_UP = ' // ';

    private const NEXT = ' / ';

    /** Makers' own that are remembered, where somebody still holds them. */
    private const REMEMBERED = 200;

    /** @var array<string, self> */
    private static array $known = [];

    /** @var array<string, \WeakReference<self>> */
    private static array $own = [];

    private static ?Reader $reader = null;

    private readonly StitchCount $tally;

    /** @var non-empty-list<Stitch> those it is made of, the tallest first */
    private readonly array $stitches;

    /** Whether chains stand in it with windows under them: those of which each is worked around leave none. */
    private readonly bool $open;

    /**
     * @param non-empty-list<non-empty-list<Instruction>> $rows in how many it repeats
     * @param int $multiple stitches of one repeat: a round takes a multiple of it
     * @param list<non-empty-list<Instruction>> $setUp rows worked once before them
     * @param int $beside stitches more that a round takes where it runs on in a spiral
     * @param bool $oneSided whether it is worked with the same side before one throughout
     */
    private function __construct(
        public readonly string $key,
        private readonly array $rows,
        public readonly int $multiple,
        private readonly array $setUp = [],
        private readonly int $beside = 0,
        public readonly bool $oneSided = false,
    ) {
        $this->tally = StitchCount::of(array_merge(...$rows));
        $made = array_filter(Stitch::cases(), fn(Stitch $stitch): bool => $this->tally->many($stitch) > 0);
        usort($made, fn(Stitch $a, Stitch $b): int => $b->relativeHeight() <=> $a->relativeHeight());
        $this->stitches = $made === [] ? throw new \InvalidArgumentException("Nothing is worked in {$key}.") : $made;
        $this->open = self::hasWindows($rows);
    }

    /** @param non-empty-list<non-empty-list<Instruction>> $rows */
    private static function hasWindows(array $rows): bool
    {
        foreach ($rows as $nth => $row) {
            $below = Anchor::of($rows[($nth + count($rows) - 1) % count($rows)]);
            $at = 0;
            foreach (Traverser::unrolled($row) as [$leaf]) {
                $taken = array_slice($below, $at, $leaf->takes());
                $at += count($taken);
                $isFilled = $leaf instanceof Under
                    || (($leaf instanceof Each || $leaf instanceof Several || $leaf instanceof InOne)
                        && $leaf->into === Into::Space);
                if (! $isFilled && in_array(Anchor::Chain, $taken, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Of its rows in US terms, one after another with a slash between.
     *
     * @param string $setUp rows worked once before them, told alike; '' of none
     * @param int $beside stitches more that a round takes where it runs on in a spiral: those its rows begin with
     *
     * @throws NotRead
     * @throws \InvalidArgumentException where a row does not leave what it takes
     */
    public static function read(
        string $key,
        string $text,
        string $setUp = '',
        int $beside = 0,
        bool $oneSided = false,
    ): self {
        self::$reader ??= new Reader(Terms::US);
        $lines = array_map(trim(...), explode('/', $setUp === '' ? $text : "{$setUp}/{$text}"));
        $all = array_map(self::$reader->read(...), $lines);
        $multiple = Count::of($all[0])->takes;
        foreach ($all as $instructions) {
            $count = Count::of($instructions);
            if ($count->takes < 1 || $count->takes !== $count->leaves || $count->takes !== $multiple) {
                throw new \InvalidArgumentException(
                    "{$key} takes {$count->takes} and leaves {$count->leaves}: a fabric goes on over as many, in "
                        .'every row.',
                );
            }
        }
        $many = $setUp === '' ? 0 : substr_count($setUp, '/') + 1;
        $rows = array_slice($all, $many);

        return $rows === [] ? throw new NotRead($text) : new self(
            $key,
            $rows,
            $multiple,
            array_slice($all, 0, $many),
            $beside,
            $oneSided,
        );
    }

    /**
     * The key of a maker's own: its name, and its rows in US terms. So a bag's file carries it, and no bag needs more
     * than its file.
     *
     * @param string $name of which what no such name is written in is left out
     * @param list<string> $setUp
     * @param non-empty-list<string> $rows
     */
    public static function key(string $name, array $setUp, array $rows): string
    {
        $plain = (string) preg_replace(
            ['/[^\p{L}\p{M}\p{N} .,()’-]+/u', '/\s+/u', '/^[^\p{L}\p{N}]+/u'],
            [' ', ' ', ''],
            str_replace("'", '’', $name),
        );
        $name = (string) preg_replace('/[^\p{L}\p{M}\p{N}.)]+$/u', '', mb_substr($plain, 0, self::LONGEST_NAME));

        return ($name === '' ? 'own' : $name).self::NAMED
            .($setUp === [] ? '' : implode(self::NEXT, $setUp).self::SET_UP).implode(self::NEXT, $rows);
    }

    /** Of such a key; null where it has no name, or its rows are none of a fabric. */
    public static function own(string $key): ?self
    {
        $known = (self::$own[$key] ?? null)?->get();
        [$name, $told] = [...explode(self::NAMED, $key, 2), ''];
        if ($known !== null || $told === '' || mb_strlen($key) > self::LONGEST || preg_match(self::NAME, $name) !== 1) {
            return $known;
        }
        [$rows, $setUp] = [...array_reverse(explode(self::SET_UP, $told, 2)), ''];
        try {
            // Posts that are raised are, from behind, sunk.
            $one = self::read($key, $rows, $setUp, oneSided: preg_match('/\b[FB]P/', $told) === 1);
        } catch (NotRead|\InvalidArgumentException) {
            return null;
        }
        if ($one->multiple > self::WIDEST || count($one->setUp) + count($one->rows) > self::MOST_ROWS) {
            return null;
        }
        if (count(self::$own) >= self::REMEMBERED) {
            self::$own = array_filter(self::$own, fn(\WeakReference $held): bool => $held->get() !== null);
        }
        self::$own[$key] = \WeakReference::create($one);

        return $one;
    }

    /** Whether a maker typed it herself. */
    public function isOwn(): bool
    {
        return str_contains($this->key, self::NAMED);
    }

    /** What it is called where the vocabulary has no name: as she calls it. */
    public function called(): string
    {
        return explode(self::NAMED, $this->key)[0];
    }

    public static function find(string $key): ?self
    {
        if (str_contains($key, self::NAMED)) {
            return self::own($key);
        }
        $one = self::$known[$key] ?? self::shipped($key);
        if ($one !== null) {
            self::$known[$key] = $one;
        }

        return $one;
    }

    private static function shipped(string $key): ?self
    {
        $stitch = Stitch::tryFrom($key);
        if (in_array($stitch, Catalogue::PLAIN, true)) {
            return new self($key, [[new Each($stitch, 1)]], 1);
        }
        $one = Catalogue::MOTIFS[$key] ?? null;

        return $one === null ? null : self::read(
            $key,
            $one['rows'],
            $one['setUp'] ?? '',
            $one['beside'] ?? 0,
            $one['oneSided'] ?? false,
        );
    }

    /** @throws \InvalidArgumentException where there is none */
    public static function named(string $key): self
    {
        return self::find($key) ?? throw new \InvalidArgumentException("There is no fabric {$key}.");
    }

    /** @return array<string, self> those of the catalogue, by their keys */
    public static function all(): array
    {
        $all = [];
        foreach (self::keys() as $key) {
            $all[$key] = self::named($key);
        }

        return $all;
    }

    /** @return list<string> of the catalogue; told without reading the motifs themselves */
    public static function keys(): array
    {
        return [
            ...array_map(fn(Stitch $stitch): string => $stitch->value, Catalogue::PLAIN),
            ...array_keys(Catalogue::MOTIFS),
        ];
    }

    /** @return list<string> of the catalogue, and what is said where that is a maker's own */
    public static function keysWith(mixed $said): array
    {
        return [...self::keys(), ...(is_string($said) && self::own($said) !== null ? [$said] : [])];
    }

    /** @return array{list<non-empty-list<Instruction>>, non-empty-list<non-empty-list<Instruction>>} set-up, repeat */
    public function told(): array
    {
        return [$this->setUp, $this->rows];
    }

    /** Which of its rows a row is, from 0: those that set it up, then those that repeat. */
    public function place(int $row): int
    {
        $setUp = count($this->setUp);

        return $row < $setUp ? $row : $setUp + ($row - $setUp) % count($this->rows);
    }

    /** @return non-empty-list<Instruction> */
    private function row(int $row): array
    {
        return [...$this->setUp, ...$this->rows][$this->place($row)];
    }

    /** Stitches that a round of it takes beside its repeats. */
    public function beside(bool $runsOn): int
    {
        return $runsOn ? $this->beside : 0;
    }

    /** Stitches that a round lacks for it. */
    public function lacks(int $anchors, bool $runsOn): int
    {
        $lacks = ($this->beside($runsOn) - $anchors) % $this->multiple;

        return $lacks < 0 ? $lacks + $this->multiple : $lacks;
    }

    /** A fabric of this stitch alone; null where none is worked of it. */
    public static function plain(Stitch $stitch): ?self
    {
        return self::find($stitch->value);
    }

    public static function single(): self
    {
        return self::named(Stitch::Single->value);
    }

    /** The tallest stitch in it, that a round of it is lifted by. */
    public function post(): Stitch
    {
        return $this->stitches[0];
    }

    /** So in one of its rows. */
    public function postIn(int $row): Stitch
    {
        $tally = StitchCount::of($this->row($row));
        foreach ($this->stitches as $stitch) {
            if ($tally->many($stitch) > 0) {
                return $stitch;
            }
        }

        return $this->stitches[0];
    }

    /**
     * The stitch whose posts stand between windows, in its first row: a stitch, a chain, one skipped; null of others.
     */
    public function windowed(): ?Stitch
    {
        [$post, $chain, $skip] = [...$this->rows[0], null, null, null];

        return count($this->rows[0]) === 3
            && $post instanceof Each && $post->count === 1 && $post->into === Into::Stitch
            && $chain instanceof Chains && $chain->count === 1
            && $skip instanceof Skip && $skip->count === 1 ? $post->stitch : null;
    }

    /** Whether it begins round posts of the row below, which a chain has not. */
    public function goesRoundPosts(): bool
    {
        $round = false;
        Traverser::visit($this->row(0), function (Instruction $leaf) use (&$round): void {
            $round = $round
                || ($leaf instanceof Each && in_array($leaf->into, [Into::FrontPost, Into::BackPost], true));
        });

        return $round;
    }

    public function isMadeOf(Stitch $stitch): bool
    {
        return in_array($stitch, $this->stitches, true);
    }

    /** Whether what lies behind it shows. */
    public function isOpen(): bool
    {
        return $this->open;
    }

    /**
     * Height of a row against one of single crochet by the same hand: its posts' on the average, chains not counted.
     */
    public function relativeHeight(): float
    {
        $posts = array_filter($this->stitches, fn(Stitch $stitch): bool => $stitch !== Stitch::Chain);
        $many = array_map($this->tally->many(...), $posts);

        return array_sum(
            array_map(fn(Stitch $stitch, int $count): float => $count * $stitch->relativeHeight(), $posts, $many),
        ) / max(1, array_sum($many));
    }

    /**
     * Strand of one stitch of it, by its loops' geometry, all of a repeat averaged.
     *
     * @param Length $width of one stitch
     * @param Length $singleHeight height of a row of single crochet
     * @param Length $thickness of the strand as it is pressed in a stitch
     */
    public function loopLength(Length $width, Length $singleHeight, Length $thickness): Length
    {
        $sum = Length::mm(0);
        foreach ($this->stitches as $stitch) {
            $one = $stitch->loopLength($width, $singleHeight, $thickness);
            $sum = $sum->plus($one->times($this->tally->many($stitch)));
        }

        return $sum->times(1 / ($this->multiple * count($this->rows)));
    }

    /**
     * A row or round of it.
     *
     * @param int $row which, from 0: it begins anew after its last
     * @param int $anchors a multiple of its repeat, and where rounds run on in a spiral what it takes beside
     * @param list<Stitch> $climb worked in place of its posts in the first repeats, one after another
     *
     * @return non-empty-list<Instruction>
     */
    public function over(int $row, int $anchors, Loop $loop = Loop::Both, array $climb = []): array
    {
        $beside = $anchors % $this->multiple;
        if ($anchors < 1 || ! in_array($beside, [0, $this->beside], true)) {
            throw new \InvalidArgumentException(
                "{$this->key} repeats over {$this->multiple}, and there are {$anchors}.",
            );
        }
        $repeat = array_map(
            fn(Instruction $one): Instruction => $one->remade($loop, fn(Stitch $stitch): Stitch => $stitch),
            $this->row($row),
        );
        $times = intdiv($anchors, $this->multiple);
        $climb = array_slice($climb, 0, $times - 1);
        $fill = [];
        foreach ($climb as $step) {
            array_push(
                $fill,
                ...array_map(
                    fn(Instruction $one): Instruction => $one->remade(
                        $loop,
                        fn(Stitch $stitch): Stitch => $stitch === $this->post() ? $step : $stitch,
                    ),
                    $repeat,
                ),
            );
        }
        $times -= count($climb);
        $only = count($repeat) === 1 ? $repeat[0] : null;

        return [
            ...$fill,
            ...($only instanceof Each ? [
                new Each($only->stitch, $times * $only->count, $only->loop, $only->into),
            ] : ($times === 1 ? $repeat : [new Repeat($repeat, $times)])),
            ...self::beginning($repeat, $beside),
        ];
    }

    /**
     * What a repeat begins with, as far as it takes so many.
     *
     * @param non-empty-list<Instruction> $repeat
     *
     * @return list<Instruction>
     */
    private static function beginning(array $repeat, int $takes): array
    {
        $many = 0;
        for ($taken = 0; $taken < $takes; $many++) {
            $taken += Count::of([$repeat[$many]])->takes;
        }

        return array_slice($repeat, 0, $many);
    }

    public function abbreviation(Terms $terms): string
    {
        return Vocabulary::of($terms)->motif($this)[0];
    }

    public function fullName(Terms $terms): string
    {
        return Vocabulary::of($terms)->motif($this)[1];
    }

    public function english(): string
    {
        return $this->abbreviation(Terms::US);
    }
}
