<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/**
 * A script's request reads the session and leaves it as it is. Else one that is on its way while a form is sent would
 * write back what it read before, and what the next page was to say, or to give back as typed, would be lost.
 */
final class LeavesSession
{
    private const KEPT = 'session-handler';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->expectsJson() ? $request->session() : null;
        if ($session instanceof Store) {
            $request->attributes->set(self::KEPT, $session->getHandler());
            $session->setHandler(new NullSessionHandler());
        }

        return $next($request);
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
