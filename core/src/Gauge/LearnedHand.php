<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Statistics\GroupedModel;
use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Statistics\Normal;
use Fescue\Core\Stitch\Stitch;

/**
 * How a maker works, from all of her swatches and what her bags took: three Bayesian linear models on logarithms, of a
 * stitch's width, of its row's height and of the strand it takes, each in hook, diameter, kind, stitch, whether it was
 * blocked, and one strand's own way beside others of its kind. How far strands lie apart, and swatches of one strand
 * do, is learned with them. It predicts what comes off the hook.
 *
 * Before any swatch the prior speaks: a stitch is 1.55 times its hook wide (Handbook 4), nearly as high, and takes what
 * its loops take, each about 15 % either way. Slopes, shares and noise of the prior are from memory.
 */
final readonly class LearnedHand
{
    /** A stitch's width over its hook, of firm bulky fabric. From memory; spread about 15 %. */
    public const WIDTH_OVER_HOOK = 1.55;

    private const HEIGHT_OVER_WIDTH = 0.95;

    /** Where hook and diameter are centred, mm. */
    public const HOOK = 8.0;

    public const DIAMETER = 4.0;

    /** A hook twice as thick makes a stitch 2^0.85 as wide; a strand twice as thick 2^0.15. */
    private const HOOK_SLOPE = 0.85;

    private const DIAMETER_SLOPE = 0.15;

    /** From swatch to swatch of the same hand, hook and strand, the day's mood with it, until hers have told. */
    public const NOISE = 0.05;

    /** One strand's own way within its kind, likewise. */
    public const STRANDS = 0.04;

    /** How many swatches, or strands, that counts as much as. From memory. */
    private const SWATCHES_KNOWN = 8.0;

    private const STRANDS_KNOWN = 6.0;

    /** Of what does nothing, as near as the model can have it. */
    private const NONE = 1e-6;

    /**
     * Share of makers of whom an honest swatch is doubted, did each swing as she has shown; nearer 0.05 as they are.
     */
    private const FALSE_ALARMS = 0.025;

    public const HANDS = ['width' => 0.13, 'height' => 0.14, 'strand' => 0.14];

    public const SLOPES = 0.12;

    public const KINDS = 0.06;

    /** Of each stitch beside single crochet. */
    public const STITCHES = ['width' => 0.03, 'height' => 0.07, 'strand' => 0.07];

    /** Of a mesh, beside what its posts are off by: its chains give. */
    public const MESHES = ['width' => 0.06, 'height' => 0.05, 'strand' => 0.06];

    /**
     * Of what blocking does to her fabric, beside one as it came off the hook; the strand in it stays what it was. From
     * memory.
     */
    public const BLOCKED = ['width' => 0.04, 'height' => 0.04];

    /** Stitches whose height and strand are a maker's own, beside single crochet. */
    public const POSTS = [Stitch::HalfDouble, Stitch::Double, Stitch::Treble];

    /**
     * @param array{width: GroupedModel, height: GroupedModel, strand: GroupedModel} $models grouped by strand
     * @param int $swatches that taught it
     * @param ?list<Motif> $asked fabrics that are asked of it; null of all
     */
    private function __construct(
        private array $models,
        public int $swatches,
        private int $bags,
        private ?array $asked = null,
    ) {}

    /**
     * Of which only some fabrics are asked.
     *
     * @param list<Motif> $fabrics
     */
    public function among(array $fabrics): self
    {
        return new self($this->models, $this->swatches, $this->bags, $fabrics);
    }

    /**
     * @param list<Trial> $trials
     * @param list<StitchTake> $worked what bags taught: of the strand alone
     */
    public static function of(array $trials, array $worked = []): self
    {
        $models = [];
        foreach (['width', 'height', 'strand'] as $measure) {
            $models[$measure] = self::learn($measure, $trials, $measure === 'strand' ? $worked : []);
        }

        return new self($models, count($trials), count($worked));
    }

    /**
     * @param list<Trial> $trials
     * @param list<StitchTake> $worked
     */
    private static function learn(string $measure, array $trials, array $worked): GroupedModel
    {
        $rows = $values = $own = $of = [];
        foreach ($trials as $trial) {
            $value = self::value($measure, $trial);
            if ($value !== null) {
                $rows[] = self::rowOf($trial);
                $values[] = $value;
                $own[] = self::measuring($measure, $trial->swatch);
                $of[] = self::named($trial->kind, $trial->diameter, $trial->density);
            }
        }
        foreach ($worked as $one) {
            $rows[] = self::row($one->hook, $one->diameter, $one->kind, $one->motif);
            $values[] = log($one->strand->mm / self::loops($one->hook, $one->diameter, $one->kind, $one->motif));
            $own[] = $one->relative;
            $of[] = null;
        }

        return GroupedModel::learn(
            self::prior($measure),
            $rows,
            $values,
            $own,
            $of,
            [self::NOISE, self::SWATCHES_KNOWN],
            [self::STRANDS, self::STRANDS_KNOWN],
        );
    }

    /** What one strand is told from others of its kind by. */
    private static function named(Kind $kind, Length $diameter, ?LinearDensity $density): string
    {
        return $kind->value.' '.round($diameter->mm, 2).' '.round($density->gramsPerMetre ?? 0.0, 3);
    }

    /** "3 swatches of yours and one bag weighed in the work"; null where nothing has taught it. */
    public function from(): ?Saying
    {
        $of = ['swatches' => $this->swatches, 'bags' => $this->bags];

        return match (true) {
            $this->swatches > 0 && $this->bags > 0 => new Saying(
                '{swatches, plural, one {one swatch} other {# swatches}} of yours and {bags, plural, one {one bag} '
                    .'other {# bags}} weighed in the work',
                $of,
            ),
            $this->swatches > 0 => new Saying(
                '{swatches, plural, one {one swatch} other {# swatches}} of yours',
                $of,
            ),
            $this->bags > 0 => new Saying(
                '{bags, plural, one {one bag} other {# bags}} weighed in the work',
                $of,
            ),
            default => null,
        };
    }

    /**
     * What one stitch of the next swatch comes to, of that strand where she has swatched it, else of one of its kind.
     */
    public function predict(
        HookSize $hook,
        Length $diameter,
        Kind $kind,
        Motif $motif,
        ?LinearDensity $density = null,
    ): Predicted {
        $strand = self::named($kind, $diameter, $density);
        $row = self::row($hook, $diameter, $kind, $motif);
        $spread = fn(string $measure): Spread => new Spread(
            self::common($measure, $hook, $diameter, $kind, $motif)
                * exp($this->models[$measure]->expected($row, $strand)),
            sqrt($this->models[$measure]->variance($row, $strand) + $this->models[$measure]->noise ** 2),
        );

        return new Predicted(
            $motif,
            $spread('width'),
            $spread('height'),
            $spread('strand'),
            $this->swatches,
            $this->bags,
        );
    }

    /** What a bag would be worked at: its stitch, and others beside it. */
    public function predictBag(HookSize $hook, Material $material, Motif $motif): Predicted
    {
        [$diameter, $kind] = [$material->diameter, $material->kind];
        $one = $this->predict($hook, $diameter, $kind, $motif, $material->density);
        $strand = self::named($kind, $diameter, $material->density);
        $row = self::row($hook, $diameter, $kind, $motif);

        return $one->beside(
            array_map(
                fn(Motif $other): Proportion => $this->proportion(
                    [$row, $strand],
                    $motif,
                    $other,
                    self::loops($hook, $diameter, $kind, $other) / self::loops($hook, $diameter, $kind, $motif),
                ),
                $this->othersThan($motif),
            ),
        );
    }

    /** What the prior expects of any hand: one stitch's width, height or strand, mm. */
    public static function common(
        string $measure,
        HookSize $hook,
        Length $diameter,
        Kind $kind,
        Motif $motif,
    ): float {
        [$width, $height] = self::centre($hook, $diameter, $motif);

        return match ($measure) {
            'width' => $width,
            'height' => $height,
            default => self::loops($hook, $diameter, $kind, $motif),
        };
    }

    /**
     * What other stitches come to beside one that was measured.
     *
     * @return list<Proportion>
     */
    public function proportions(Motif $measured): array
    {
        return array_map(
            fn(Motif $other): Proportion => $this->proportion(
                null,
                $measured,
                $other,
                self::usual($other) / self::usual($measured),
            ),
            $this->othersThan($measured),
        );
    }

    /** @return list<Motif> */
    private function othersThan(Motif $motif): array
    {
        return array_values(array_filter($this->asked ?? Motif::all(), fn(Motif $other): bool => $other !== $motif));
    }

    /** Strand of one stitch of a fabric against one of single crochet, as hands go. */
    public static function usualStrand(Motif $motif): float
    {
        return self::usual($motif) / self::usual(Motif::single());
    }

    /** Loops of a stitch where no strand and hook are spoken of, mm. */
    private static function usual(Motif $motif): float
    {
        return self::loops(HookSize::mm(self::HOOK), Length::mm(self::DIAMETER), Kind::Cord, $motif);
    }

    /**
     * @param ?array{list<float>, string} $predicted the row and strand the gauge itself was predicted of; null where it
     *        was measured
     * @param float $loops those of the other against its own
     */
    private function proportion(?array $predicted, Motif $of, Motif $other, float $loops): Proportion
    {
        [$hook, $diameter] = [HookSize::mm(self::HOOK), Length::mm(self::DIAMETER)];
        $beside = array_map(
            fn(float $one, float $own): float => $one - $own,
            self::row($hook, $diameter, Kind::Cord, $other),
            self::row($hook, $diameter, Kind::Cord, $of),
        );
        // Each of the two has its own noise beside what the hand is not known by; the strand's own way is of both.
        $off = fn(string $measure): float => $this->models[$measure]->varianceBeside($beside)
            + 2 * $this->models[$measure]->noise ** 2;
        $spread = fn(string $measure, float $common): Spread => new Spread(
            $common * exp($this->models[$measure]->expected($beside)),
            sqrt($off($measure)),
        );
        $strand = $spread('strand', $loops);
        $sharing = 0.0;
        if ($predicted !== null) {
            // What the two are off is not independent: the part that goes with the gauge's own is told by itself.
            $model = $this->models['strand'];
            $own = $model->variance(...$predicted) + $model->noise ** 2;
            $sharing = ($model->covariance($beside, ...$predicted) - $model->noise ** 2) / $own;
            $strand = new Spread($strand->likely, sqrt(max(0.0, $off('strand') - $sharing ** 2 * $own)));
        }

        return new Proportion(
            $other->key,
            $spread('width', 1.0),
            $spread('height', $other->relativeHeight() / $of->relativeHeight()),
            $strand,
            $sharing,
        );
    }

    /**
     * Swatches that the others do not bear out, by their places: what is odd about each. The oddest is named and set
     * aside, and the rest are asked again, until none is odd.
     *
     * @param list<Trial> $trials
     *
     * @return array<int, Saying>
     */
    public static function doubts(array $trials): array
    {
        $doubts = [];
        $rest = $trials;
        while (count($rest) > 1) {
            $oddest = self::oddest(array_values($rest));
            $place = array_keys($rest)[$oddest];
            $others = array_values(array_diff_key($rest, [$place => true]));
            $odd = self::of($others)->isOdd($trials[$place], self::doubtful(3 * count($rest)));
            if ($odd === []) {
                break;
            }
            $doubts[$place] = Saying::several(...array_filter([
                new Saying(
                    count($trials) === 2
                        ? 'A stitch {odd} than your other swatch says: one of the two is off.'
                        : 'A stitch {odd} than your other swatches say.',
                    ['odd' => new Listing(array_values($odd))],
                ),
                array_keys($odd) === ['strand'] ? null
                    : new Saying('Miscounted, another hand, or hung where the others lay relaxed?'),
                isset($odd['strand']) ? new Saying('Weighed with something else, or counted over a part of it?') : null,
            ], fn(?Saying $one): bool => $one !== null));
            $rest = array_diff_key($rest, [$place => true]);
        }

        return $doubts;
    }

    /**
     * Which of some swatches is the farthest off what the others expect.
     *
     * @param non-empty-list<Trial> $trials
     */
    private static function oddest(array $trials): int
    {
        $hand = self::of($trials);
        $off = array_map(fn(Trial $trial): float => max(array_map(
            function (string $measure) use ($hand, $trial): float {
                $value = self::value($measure, $trial);
                [$off, $deviation] = $value === null ? [0.0, 1.0] : $hand->models[$measure]->without(
                    self::rowOf($trial),
                    $value,
                    self::measuring($measure, $trial->swatch),
                    self::named($trial->kind, $trial->diameter, $trial->density),
                );

                return abs($off) / $deviation;
            },
            ['width', 'height', 'strand'],
        )), $trials);

        return array_keys($off, max($off), true)[0];
    }

    /** What is said of a measure that is off: below what is expected, and beyond it. */
    public const ODD = [
        'width' => ['is {percent} % less wide', 'is {percent} % more wide'],
        'height' => ['is {percent} % less high', 'is {percent} % more high'],
        'strand' => ['takes {percent} % less strand', 'takes {percent} % more strand'],
    ];

    /**
     * What is odd about a swatch that did not teach it.
     *
     * @param float $doubtful deviations
     *
     * @return array<string, Saying> by measure; none where nothing is
     */
    private function isOdd(Trial $trial, float $doubtful): array
    {
        $said = [];
        foreach (self::ODD as $measure => $say) {
            $model = $this->models[$measure];
            $strand = self::named($trial->kind, $trial->diameter, $trial->density);
            $value = self::value($measure, $trial);
            $row = self::rowOf($trial);
            $off = $value === null ? 0.0 : $value - $model->expected($row, $strand);
            $deviation = sqrt(
                $model->variance($row, $strand) + $model->noise ** 2 + self::measuring($measure, $trial->swatch) ** 2,
            );
            if (abs($off) > $doubtful * $deviation) {
                $said[$measure] = new Saying(
                    $say[(int) ($off > 0)],
                    ['percent' => (int) round(100 * (exp(abs($off)) - 1))],
                );
            }
        }

        return $said;
    }

    /** Deviations beyond which one of so many measures lies by chance for one maker in FALSE_ALARMS (Šidák). */
    private static function doubtful(int $measures): float
    {
        return Normal::quantile(1 - (1 - (1 - self::FALSE_ALARMS) ** (1 / $measures)) / 2);
    }

    private static function prior(string $measure): LinearModel
    {
        $deviations = [self::HANDS[$measure], self::SLOPES, self::SLOPES];
        array_push(
            $deviations,
            ...array_fill(0, count(Kind::strands()) - 1, self::KINDS),
            ...array_fill(0, count(self::POSTS), self::STITCHES[$measure]),
        );
        $deviations[] = self::MESHES[$measure];
        $deviations[] = self::BLOCKED[$measure] ?? self::NONE;

        return LinearModel::prior(array_fill(0, count($deviations), 0.0), $deviations);
    }

    /** @return list<float> */
    private static function rowOf(Trial $trial): array
    {
        return self::row($trial->hook, $trial->diameter, $trial->kind, $trial->swatch->motif, $trial->blocked);
    }

    /** Logarithm of what was measured over what the prior expects; null where it was not. */
    private static function value(string $measure, Trial $trial): ?float
    {
        $gauge = $trial->swatch->gauge();
        $motif = $trial->swatch->motif;
        [$width, $height] = self::centre($trial->hook, $trial->diameter, $motif);
        $strand = $trial->strand();

        return match ($measure) {
            'width' => log($gauge->width->mm / $width),
            'height' => log($gauge->height->mm / $height),
            default => $strand === null ? null : log(
                $strand->mm / self::loops($trial->hook, $trial->diameter, $trial->kind, $motif),
            ),
        };
    }

    /** How far the measuring itself may be off, as a share. */
    private static function measuring(string $measure, Swatch $swatch): float
    {
        return match ($measure) {
            'width' => $swatch->widthSpread,
            'height' => $swatch->heightSpread,
            default => 0.0,
        };
    }

    /** @return array{float, float} width and row height the prior expects, mm */
    private static function centre(HookSize $hook, Length $diameter, Motif $motif): array
    {
        $width = self::WIDTH_OVER_HOOK * self::HOOK * ($hook->diameter->mm / self::HOOK) ** self::HOOK_SLOPE
            * ($diameter->mm / self::DIAMETER) ** self::DIAMETER_SLOPE;

        return [$width, $width * self::HEIGHT_OVER_WIDTH * $motif->relativeHeight()];
    }

    private static function loops(HookSize $hook, Length $diameter, Kind $kind, Motif $motif): float
    {
        [$width, $height] = self::centre($hook, $diameter, Motif::single());

        return $motif->loopLength(
            Length::mm($width),
            Length::mm($height),
            $diameter->times($kind->pressed()),
        )->mm;
    }

    /**
     * @return list<float> one, hook, diameter, kinds beside cord, posts beside single crochet, whether it is a mesh,
     *         and whether it was blocked
     */
    private static function row(
        HookSize $hook,
        Length $diameter,
        Kind $kind,
        Motif $motif,
        bool $blocked = false,
    ): array {
        $row = [1.0, log($hook->diameter->mm / self::HOOK), log($diameter->mm / self::DIAMETER)];
        foreach (Kind::strands() as $one) {
            if ($one !== Kind::Cord) {
                $row[] = $one === $kind ? 1.0 : 0.0;
            }
        }
        foreach (self::POSTS as $post) {
            $row[] = $post === $motif->post() ? 1.0 : 0.0;
        }
        $row[] = $motif->isOpen() ? 1.0 : 0.0;
        $row[] = $blocked ? 1.0 : 0.0;

        return $row;
    }
}
