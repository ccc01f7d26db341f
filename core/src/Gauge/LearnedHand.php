<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Stitch\Stitch;

/**
 * How a maker works, from all of her swatches and what her bags took: three Bayesian linear models on logarithms, of a
 * stitch's width, of its
 * row's height and of the strand it takes, each in hook, diameter, kind, stitch and whether it was blocked. It predicts
 * what comes off the hook.
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

    /** From swatch to swatch of the same hand, hook and strand. */
    public const NOISE = 0.04;

    /** Of what does nothing, as near as the model can have it. */
    private const NONE = 1e-6;

    /** Shares from the rest at which a swatch is doubted, in deviations: one in a hundred honest ones. */
    private const DOUBTFUL = 2.6;

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
     * @param array{width: LinearModel, height: LinearModel, strand: LinearModel} $models
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
     * @param list<Worked> $worked what bags taught: of the strand alone
     */
    public static function of(array $trials, array $worked = []): self
    {
        $models = [];
        foreach (['width', 'height', 'strand'] as $measure) {
            $model = self::prior($measure);
            $rows = $values = $deviations = [];
            foreach ($trials as $trial) {
                $value = self::value($measure, $trial);
                if ($value !== null) {
                    $rows[] = self::row(
                        $trial->hook,
                        $trial->diameter,
                        $trial->kind,
                        $trial->swatch->motif,
                        $trial->blocked,
                    );
                    $values[] = $value;
                    $deviations[] = hypot(self::NOISE, self::measuring($measure, $trial->swatch));
                }
            }
            foreach ($measure === 'strand' ? $worked : [] as $one) {
                $rows[] = self::row($one->hook, $one->diameter, $one->kind, $one->motif);
                $values[] = log($one->strand->mm / self::loops($one->hook, $one->diameter, $one->motif));
                $deviations[] = hypot(self::NOISE, $one->relative);
            }
            $models[$measure] = $model->observing($rows, $values, $deviations);
        }

        return new self($models, count($trials), count($worked));
    }

    /** "3 swatches of yours and one bag weighed in the work"; '' where nothing has taught it. */
    public function from(): string
    {
        return implode(' and ', array_filter([
            match ($this->swatches) {
                0 => '',
                1 => 'one swatch of yours',
                default => "{$this->swatches} swatches of yours",
            },
            match ($this->bags) {
                0 => '',
                1 => 'one bag weighed in the work',
                default => "{$this->bags} bags weighed in the work",
            },
        ], fn(string $said): bool => $said !== ''));
    }

    /** What one stitch of the next swatch comes to. */
    public function predict(HookSize $hook, Length $diameter, Kind $kind, Motif $motif): Predicted
    {
        $row = self::row($hook, $diameter, $kind, $motif);
        $spread = function (string $measure, float $centre) use ($row): Spread {
            $model = $this->models[$measure];

            return new Spread($centre * exp($model->expected($row)), sqrt($model->variance($row) + self::NOISE ** 2));
        };
        $common = fn(string $measure): float => self::common($measure, $hook, $diameter, $motif);

        return new Predicted(
            $motif,
            $spread('width', $common('width')),
            $spread('height', $common('height')),
            $spread('strand', $common('strand')),
            $this->swatches,
            $this->bags,
        );
    }

    /** What a bag would be worked at: its stitch, and others beside it. */
    public function predictBag(HookSize $hook, Material $material, Motif $motif): Predicted
    {
        $one = $this->predict($hook, $material->diameter, $material->kind, $motif);
        $row = self::row($hook, $material->diameter, $material->kind, $motif);

        return $one->beside(
            array_map(
                fn(Motif $other): Proportion => $this->proportion($row, $motif, $other),
                $this->othersThan($motif),
            ),
        );
    }

    /** What the prior expects of any hand: one stitch's width, height or strand, mm. */
    public static function common(string $measure, HookSize $hook, Length $diameter, Motif $motif): float
    {
        [$width, $height] = self::centre($hook, $diameter, $motif);

        return match ($measure) {
            'width' => $width,
            'height' => $height,
            default => self::loops($hook, $diameter, $motif),
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
            fn(Motif $other): Proportion => $this->proportion(null, $measured, $other),
            $this->othersThan($measured),
        );
    }

    /** @return list<Motif> */
    private function othersThan(Motif $motif): array
    {
        return array_values(array_filter($this->asked ?? Motif::all(), fn(Motif $other): bool => $other !== $motif));
    }

    /** @param ?list<float> $predicted the row the gauge itself was predicted of; null where it was measured */
    private function proportion(?array $predicted, Motif $of, Motif $other): Proportion
    {
        [$hook, $diameter] = [HookSize::mm(self::HOOK), Length::mm(self::DIAMETER)];
        $beside = array_map(
            fn(float $one, float $own): float => $one - $own,
            self::row($hook, $diameter, Kind::Cord, $other),
            self::row($hook, $diameter, Kind::Cord, $of),
        );
        // Each of the two has its own noise beside what the hand is not known by.
        $off = fn(string $measure): float => $this->models[$measure]->variance($beside) + 2 * self::NOISE ** 2;
        $spread = fn(string $measure, float $common): Spread => new Spread(
            $common * exp($this->models[$measure]->expected($beside)),
            sqrt($off($measure)),
        );
        $strand = $spread('strand', self::loops($hook, $diameter, $other) / self::loops($hook, $diameter, $of));
        $sharing = 0.0;
        if ($predicted !== null) {
            // What the two are off is not independent: the part that goes with the gauge's own is told by itself.
            $own = $this->models['strand']->variance($predicted) + self::NOISE ** 2;
            $sharing = ($this->models['strand']->covariance($beside, $predicted) - self::NOISE ** 2) / $own;
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
     * Each swatch that the others do not bear out, by its place: what is odd about it.
     *
     * @param list<Trial> $trials
     *
     * @return array<int, string>
     */
    public static function doubts(array $trials): array
    {
        if (count($trials) < 2) {
            return [];
        }
        $hand = self::of($trials);
        $doubts = [];
        foreach ($trials as $place => $trial) {
            $said = [];
            foreach ([
                'width' => 'is %s wide',
                'height' => 'is %s high',
                'strand' => 'takes %s strand',
            ] as $measure => $say) {
                [$off, $deviation] = $hand->withoutIt($measure, $trial);
                if (abs($off) > self::DOUBTFUL * $deviation) {
                    $said[$measure] = sprintf(
                        $say,
                        (int) round(100 * (exp(abs($off)) - 1)).' % '.($off > 0 ? 'more' : 'less'),
                    );
                }
            }
            if ($said !== []) {
                $doubts[$place] = 'A stitch '
                    .implode(' and ', $said)
                    .' than your '
                    .(count($trials) === 2 ? 'other swatch says: one of the two is off.' : 'other swatches say.')
                    .(array_keys($said) === ['strand'] ? '' : ' Miscounted, another hand, or hung where the others '
                    .'lay relaxed?')
                    .(isset($said['strand']) ? ' Weighed with something else, or counted over a part of it?' : '');
            }
        }

        return $doubts;
    }

    /**
     * How far a swatch that taught it is off what the others alone would expect, and how far it may be. One row is
     * taken out of a model without learning it anew: with m and v the row's mean and variance, s² its noise and h =
     * v/s², the mean is (m − h·y)/(1 − h) and the variance v/(1 − h) (the Sherman–Morrison update).
     *
     * @return array{float, float} of logarithms; nothing off where it was not measured
     */
    private function withoutIt(string $measure, Trial $trial): array
    {
        $value = self::value($measure, $trial);
        if ($value === null) {
            return [0.0, 1.0];
        }
        $row = self::row($trial->hook, $trial->diameter, $trial->kind, $trial->swatch->motif, $trial->blocked);
        $noise = self::NOISE ** 2 + self::measuring($measure, $trial->swatch) ** 2;
        $variance = $this->models[$measure]->variance($row);
        $share = $variance / $noise;
        $mean = ($this->models[$measure]->expected($row) - $share * $value) / (1 - $share);

        return [$value - $mean, sqrt($variance / (1 - $share) + $noise)];
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
            default => $strand === null ? null : log($strand->mm / self::loops($trial->hook, $trial->diameter, $motif)),
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

    private static function loops(HookSize $hook, Length $diameter, Motif $motif): float
    {
        [$width, $height] = self::centre($hook, $diameter, Motif::single());

        return $motif->loopLength(Length::mm($width), Length::mm($height))->mm;
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
