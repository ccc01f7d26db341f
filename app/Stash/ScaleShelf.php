<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\User;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Scale\Scale;
use Fescue\Core\Scale\ScaleState;
use Fescue\Core\Scale\SimulatedScale;
use Fescue\Core\Scale\Unplugged;
use Illuminate\Support\Facades\DB;
use Random\Randomizer;

/** Where each maker's simulated scale stands between requests. */
final class ScaleShelf
{
    public static function scale(User $maker, bool $locked = false): SimulatedScale
    {
        $row = DB::table('scales')->where('user_id', $maker->id);
        $json = ($locked ? $row->lockForUpdate() : $row)->value('state');
        /**
         * @var array{
         *     load: float,
         *     before: float,
         *     putAt: float,
         *     tare: float,
         *     unit: string,
         *     plugged: bool,
         *     pluggedAt: float,
         * }|null $kept
         */
        $kept = is_string($json) ? json_decode($json, true, 4, JSON_THROW_ON_ERROR) : null;
        $state = $kept === null
            ? new ScaleState(pluggedAt: microtime(true))
            : new ScaleState(
                $kept['load'],
                $kept['before'],
                $kept['putAt'],
                $kept['tare'],
                MassUnit::from($kept['unit']),
                $kept['plugged'],
                $kept['pluggedAt'],
            );

        return new SimulatedScale($state, microtime(true), new Randomizer());
    }

    public static function put(User $maker, SimulatedScale $scale): void
    {
        DB::table('scales')->updateOrInsert(
            ['user_id' => $maker->id],
            ['state' => json_encode($scale->state(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)],
        );
    }

    /** @return array{plugged: bool, shown: string, grams: ?float, stable: bool, overloaded: bool} */
    public static function shown(Scale $scale): array
    {
        try {
            $reading = $scale->reading();
        } catch (Unplugged) {
            return ['plugged' => false, 'shown' => '', 'grams' => null, 'stable' => false, 'overloaded' => false];
        }

        return [
            'plugged' => true,
            'shown' => $reading->print(),
            'grams' => $reading->overloaded ? null : $reading->grams,
            'stable' => $reading->stable,
            'overloaded' => $reading->overloaded,
        ];
    }
}
