<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/**
 * A script's request reads the session and leaves it as it is, and so does a stranger's look. Else one that is on its
 * way while a form is sent would write back what it read before, and what the next page was to say, or to give back as
 * typed, would be lost.
 */
final class LeavesSession
{
    private const KEPT = 'session-handler';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->expectsJson() || self::isGlance($request) ? $request->session() : null;
        if ($session instanceof Store) {
            $request->attributes->set(self::KEPT, $session->getHandler());
            $session->setHandler(new NullSessionHandler());
        }

        return $next($request);
    }

    /** A stranger's first look at what asks nothing of her: she has no session before she needs one. */
    private static function isGlance(Request $request): bool
    {
        return $request->isMethod('GET') && $request->routeIs('front', 'begin', 'begin.plan', 'shown', 'shown.booklet')
            && ! $request->hasPreviousSession() && $request->user() === null;
    }

    /** The store may serve another request of the same process. */
    public function terminate(Request $request): void
    {
        $handler = $request->attributes->get(self::KEPT);
        $session = $request->hasSession() ? $request->session() : null;
        if ($handler instanceof \SessionHandlerInterface && $session instanceof Store) {
            $session->setHandler($handler);
        }
    }
}
