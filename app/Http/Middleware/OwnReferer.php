<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Going back never leads off the site: where a visit comes from elsewhere, that is forgotten. */
final class OwnReferer
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $from = parse_url((string) $request->headers->get('referer'), PHP_URL_HOST);
        if ($from !== $request->getHost()) {
            $request->headers->remove('referer');
        }

        return $next($request);
    }
}
