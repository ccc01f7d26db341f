<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\MassUnit;

/**
 * A stand-in for a kitchen scale of 5 kg that shows whole grams: it settles, trembles, drifts as it warms up, overloads
 * and can be unplugged. It keeps nothing itself; what lies on it is handed in and out as its state.
 */
final class SimulatedScale implements Scale
{
    public const CAPACITY_G = 5000.0;

    public const LAST_DIGIT_G = 1.0;

    private const SETTLES_S = 0.25;

    private const TREMBLE_G = 0.35;

    private const DRIFT_G = 1.8;

    private const WARM_S = 600.0;

    /** @param float $now seconds on the clock that its state was written by */
    public function __construct(
        private ScaleState $state,
        private readonly float $now,
        private readonly \Random\Randomizer $chance,
    ) {}

    public function state(): ScaleState
    {
        return $this->state;
    }

    public function reading(): Reading
    {
        $this->mustAnswer();
        $since = max(0.0, $this->now - $this->state->putAt);
        $swing = ($this->state->before - $this->state->load) * exp(-$since / self::SETTLES_S);
        $trembles = ($this->chance->getInt(-1000, 1000) + $this->chance->getInt(-1000, 1000)) / 1000 * self::TREMBLE_G;
        $grams = round(
            ($this->state->load + $swing + $this->drift() + $trembles - $this->state->tare) / self::LAST_DIGIT_G,
        ) * self::LAST_DIGIT_G;

        return new Reading(
            $grams + 0.0,
            $this->state->unit,
            abs($swing) < self::LAST_DIGIT_G / 2,
            $this->state->load > self::CAPACITY_G,
        );
    }

    public function tare(): void
    {
        $this->mustAnswer();
        $this->state = $this->state->with(tare: $this->state->load + $this->drift());
    }

    public function show(MassUnit $unit): void
    {
        $this->mustAnswer();
        $this->state = $this->state->with(unit: $unit);
    }

    /** Lays something on the pan in place of what lies there. @param float $grams zero or more */
    public function put(float $grams): void
    {
        $this->state = $this->state->with(load: max(0.0, $grams), before: $this->state->load, putAt: $this->now);
    }

    public function unplug(): void
    {
        $this->state = $this->state->with(plugged: false);
    }

    /** It wakes at zero with whatever lies on it, and cold. */
    public function plugIn(): void
    {
        $this->state = $this->state->with(plugged: true, tare: $this->state->load, pluggedAt: $this->now);
    }

    private function drift(): float
    {
        return self::DRIFT_G * (1 - exp(-max(0.0, $this->now - $this->state->pluggedAt) / self::WARM_S));
    }

    private function mustAnswer(): void
    {
        if (! $this->state->plugged) {
            throw new Unplugged();
        }
    }
}
