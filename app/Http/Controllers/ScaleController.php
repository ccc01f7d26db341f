<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Transaction;
use App\Rules\Typed;
use App\Stash\ScaleShelf;
use App\Tongue\Tongues;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Scale\Scale;
use Fescue\Core\Scale\SimulatedScale;
use Fescue\Core\Scale\Unplugged;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The kitchen scale beside the weighing desk: what it shows, and the stand-in's pan, plug and keys. */
final class ScaleController extends Controller
{
    public function reading(Request $request): JsonResponse
    {
        return response()->json(ScaleShelf::shown(ScaleShelf::scale($this->maker($request))));
    }

    public function act(Request $request): RedirectResponse|JsonResponse
    {
        $maker = $this->maker($request);
        $wrong = Transaction::run(function () use ($request, $maker): ?string {
            $scale = ScaleShelf::scale($maker, locked: true);
            try {
                self::do($scale, Typed::text($request, 'do'), $request);
            } catch (NotUnderstood|Unplugged $e) {
                return Tongues::say($e->said);
            }
            ScaleShelf::put($maker, $scale);

            return null;
        });
        if ($request->expectsJson()) {
            return response()->json(
                ScaleShelf::shown(ScaleShelf::scale($maker)) + ['wrong' => $wrong],
                $wrong === null ? 200 : 422,
            );
        }

        return back()->withInput()->withErrors($wrong === null ? [] : ['pan' => $wrong]);
    }

    /** @throws NotUnderstood|Unplugged */
    private static function do(SimulatedScale $scale, string $what, Request $request): void
    {
        match ($what) {
            'put' => $scale->put(Mass::parse(Typed::text($request, 'pan'), MassUnit::Gram)->grams),
            'clear' => $scale->put(0.0),
            'tare' => $scale->tare(),
            'unit' => $scale->show(
                MassUnit::tryFrom(Typed::text($request, 'unit'))
                    ?? throw new NotUnderstood(new Saying('A scale shows g, kg, oz or lb.')),
            ),
            'unplug' => $scale->unplug(),
            'plug' => $scale->plugIn(),
            default => throw new NotUnderstood(new Saying('The scale has no such key.')),
        };
    }
}
