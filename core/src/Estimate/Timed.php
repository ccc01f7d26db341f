<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Pattern\Part;

/** A bag with the minutes that were logged of its parts. */
final readonly class Timed
{
    /**
     * @var array<string, float> minutes of each part it has before anything is known of the maker, by the part's value
     */
    public array $expected;

    /** Minutes of what it is finished with. */
    public float $finish;

    /**
     * @param list<LoggedTime> $logged of whole parts, one each
     * @param bool $finished whether closures, tassels and linings are of it
     */
    public function __construct(BagPlan $plan, private array $logged = [], bool $finished = true)
    {
        $this->expected = Pace::expected($plan);
        $this->finish = $finished ? array_sum(array_map(fn(Fitted $one): float => $one->minutes, $plan->fitted)) : 0.0;
    }

    /** @return list<LoggedTime> those of parts the bag has */
    public function counted(): array
    {
        return array_values(
            array_filter($this->logged, fn(LoggedTime $one): bool => isset($this->expected[$one->part->value])),
        );
    }

    /** Where only the whole bag's minutes are known: each part had its share, and the finish its own. */
    public static function whole(BagPlan $plan, float $minutes): self
    {
        $plain = new self($plan);
        $all = array_sum($plain->expected) + $plain->finish;
        $logged = [];
        foreach ($plain->expected as $part => $expected) {
            if ($all > 0.0 && $expected > 0.0) {
                $logged[] = new LoggedTime(Part::from($part), $minutes * $expected / $all);
            }
        }

        return new self($plan, $logged);
    }
}
