<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;

/** A strip hung from a mark under a known load, and left to rest after. */
final readonly class Stretch
{
    /**
     * @param float $under length under the load over length before
     * @param ?float $rested length after rest over length before; null where not waited for
     */
    private function __construct(public Mass $load, public float $under, public ?float $rested) {}

    /** @throws NotUnderstood where a load made it shorter, or it rested longer than it hung */
    public static function of(Length $before, Mass $load, Length $under, ?Length $rested): self
    {
        if ($before->mm <= 0 || $load->grams <= 0) {
            throw new NotUnderstood(new Saying('Give the length before, and what hung on it.'));
        }
        if ($under->mm < $before->mm) {
            throw new NotUnderstood(new Saying(
                'It is shorter under the load than before; are the two the wrong way round?',
            ));
        }
        if ($rested !== null && ($rested->mm > $under->mm || $rested->mm < 0.5 * $before->mm)) {
            throw new NotUnderstood(
                new Saying(
                    'After it rests it lies between half its first length and what it hung at; measure again.',
                ),
            );
        }

        return new self($load, $under->mm / $before->mm, $rested === null ? null : $rested->mm / $before->mm);
    }
}
