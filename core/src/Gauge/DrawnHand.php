<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Statistics\Chance;

/** A maker drawn from the prior that LearnedHand states, to see whether it is as sure as it says. */
final readonly class DrawnHand
{
    /** What hands are drawn with, whatever else is in the catalogue: a seed draws the same again. */
    private const FABRICS = [
        'sc', 'hdc', 'dc', 'tr', 'mesh', 'two-in-one', 'rib', 'spaced', 'mesh-plain', 'fans', 'posts',
    ];

    /** How often she blocks a swatch before she measures it. */
    private const BLOCKS = 0.2;

    /**
     * @var array<string, array<string, float>> logarithms off the prior's centre, by measure and by what causes them
     */
    private array $drawn;

    /** @var \ArrayObject<string, float> strands' own ways, as they are taken up */
    private \ArrayObject $strands;

    public function __construct(private Chance $chance)
    {
        /** @var \ArrayObject<string, float> $strands */
        $strands = new \ArrayObject();
        $this->strands = $strands;
        $drawn = [];
        foreach (LearnedHand::HANDS as $measure => $hand) {
            $drawn[$measure] = [
                'hand' => $hand * $chance->normal(),
                'hook' => LearnedHand::SLOPES * $chance->normal(),
                'diameter' => LearnedHand::SLOPES * $chance->normal(),
                Kind::Cord->value => 0.0,
            ];
            foreach (Kind::strands() as $kind) {
                $drawn[$measure][$kind->value] ??= LearnedHand::KINDS * $chance->normal();
            }
            foreach (LearnedHand::POSTS as $post) {
                $drawn[$measure][$post->value] = LearnedHand::STITCHES[$measure] * $chance->normal();
            }
            $drawn[$measure]['blocked'] = (LearnedHand::BLOCKED[$measure] ?? 0.0) * $chance->normal();
            $drawn[$measure]['mesh'] = LearnedHand::MESHES[$measure] * $chance->normal();
        }
        $this->drawn = $drawn;
    }

    /** @return array{HookSize, Length, Kind, Motif} what she takes up next */
    public function occasion(): array
    {
        $diameter = $this->chance->between(2, 9);

        return [
            HookSize::mm(round($diameter * $this->chance->between(1.5, 2.8), 2)),
            Length::mm(round($diameter, 2)),
            $this->chance->of(Kind::strands()),
            Motif::named($this->chance->of(['sc', ...self::FABRICS])),
        ];
    }

    /** A swatch of hers, weighed; now and then she blocks one. */
    public function trial(HookSize $hook, Length $diameter, Kind $kind, Motif $motif): Trial
    {
        $density = LinearDensity::gramsPerMetre(5);
        [$width, $height, $strand] = array_map(
            fn(string $measure): float => $this->makes($measure, $hook, $diameter, $kind, $motif),
            ['width', 'height', 'strand'],
        );
        $blocked = $this->chance->share() < self::BLOCKS;
        if ($blocked) {
            $width *= exp($this->drawn['width']['blocked']);
            $height *= exp($this->drawn['height']['blocked']);
        }
        $side = 10;

        return new Trial(
            new Swatch(
                $motif,
                $side,
                Length::mm($side * $width),
                $side,
                Length::mm($side * $height),
                Mass::grams($side * $side * $density->massOf(Length::mm($strand))->grams),
            ),
            $hook,
            $kind,
            $diameter,
            $density,
            $blocked,
        );
    }

    /** One stitch's width, height or strand on one occasion, mm. */
    public function makes(string $measure, HookSize $hook, Length $diameter, Kind $kind, Motif $motif): float
    {
        $drawn = $this->drawn[$measure];
        $centre = LearnedHand::common($measure, $hook, $diameter, $kind, $motif);
        $of = fn(string $cause): float => $drawn[$cause] ?? 0.0;
        $strand = "{$measure} {$kind->value} {$diameter->mm}";
        if (! isset($this->strands[$strand])) {
            $this->strands[$strand] = LearnedHand::STRANDS * $this->chance->normal();
        }
        $off = $drawn['hand']
            + $drawn['hook'] * log($hook->diameter->mm / LearnedHand::HOOK)
            + $drawn['diameter'] * log($diameter->mm / LearnedHand::DIAMETER)
            + $of($kind->value) + $of($motif->post()->value)
            + ($motif->isOpen() ? $of('mesh') : 0.0) + $this->strands[$strand]
            + LearnedHand::NOISE * $this->chance->normal();

        return $centre * exp($off);
    }
}
