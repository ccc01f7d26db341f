<?php

declare(strict_types=1);

namespace App\Models;

use App\Tongue\Tongues;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Strip\Source;

/** How more of a material is to be had: in balls as bought, or in shirts and bags like those it was cut from. */
final readonly class Supply
{
    /** So many of them, by what they are called. */
    public const MANY = [
        'balls' => '{n, plural, one {# ball} other {# balls}}',
        'cones' => '{n, plural, one {# cone} other {# cones}}',
        'rolls' => '{n, plural, one {# roll} other {# rolls}}',
        'shirts or tubes' => '{n, plural, one {# shirt or tube} other {# shirts or tubes}}',
        'panels' => '{n, plural, one {# panel} other {# panels}}',
        'bags' => '{n, plural, one {# bag} other {# bags}}',
        'ribbons' => '{n, plural, one {# ribbon} other {# ribbons}}',
    ];

    /**
     * @param Mass $unit strand that one of them gives
     * @param key-of<self::MANY> $noun what they are called, a message
     * @param float $waste grams thrown away in cutting, for each gram of strand
     */
    private function __construct(public Mass $unit, public string $noun, public float $waste) {}

    /** "1 ball", "3 shirts or tubes". */
    public function many(int $count): string
    {
        return Tongues::tell(self::MANY[$this->noun], ['n' => $count]);
    }

    /** Null where nothing says how large one is. */
    public static function of(Material $material): ?self
    {
        if ($material->acquired === Acquired::Cut) {
            return self::cut($material);
        }
        $bought = in_array($material->acquired, [Acquired::Ball, Acquired::Cone, Acquired::Roll], true);
        $noun = match ($material->acquired) {
            Acquired::Cone => 'cones',
            Acquired::Roll => 'rolls',
            default => 'balls',
        };

        return match (true) {
            $material->ball_mass !== null => new self($material->ball_mass, $noun, 0.0),
            $bought && (float) $material->price_for > 0 => new self(
                Mass::grams((float) $material->price_for),
                $noun,
                0.0,
            ),
            default => null,
        };
    }

    /** As its last batch was planned. */
    private static function cut(Material $material): ?self
    {
        $batches = Batch::query()->where('material_id', $material->id);
        $batches->whereNotNull('finished_at')->orderByDesc('id');
        $plan = $batches->first()?->plan();
        if ($plan?->mass === null || $plan->waste === null || $plan->mass->grams <= 0) {
            return null;
        }
        $noun = match ($plan->spec->source) {
            Source::Tube => 'shirts or tubes',
            Source::Panel => 'panels',
            Source::BagLoops, Source::BagSpiral => 'bags',
            Source::RibbonHalf => 'ribbons',
        };

        return new self(
            Mass::grams(round($plan->mass->grams / $plan->spec->pieces, 2)),
            $noun,
            round($plan->waste->grams / $plan->mass->grams, 4),
        );
    }
}
