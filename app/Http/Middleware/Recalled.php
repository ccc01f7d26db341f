<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Tongue\Tongues;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever stayed signed in says her password before she comes to her account: a device may be another's by now. */
final class Recalled
{
    public const KEY = 'recalled';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user() !== null && Auth::viaRemember()) {
            $request->session()->put(self::KEY, true);
        }
        $isAsked = $request->routeIs('account', 'account.*')
            && ! $request->routeIs('account.confirm', 'account.confirmed');
        if (! $isAsked || $request->session()->get(self::KEY) !== true) {
            return $next($request);
        }

        return $request->expectsJson()
            ? response()->json(
                ['message' => Tongues::tell('Your password is asked for first: load the page anew.')],
                423,
            )
            : redirect()->guest(route('account.confirm'));
    }
}
