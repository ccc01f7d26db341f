<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pages load only what ships with the application, and nothing frames them. */
final class ContentSecurity
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; "
        ."font-src 'self'; worker-src 'self'; "
        ."connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $html = str_starts_with($response->headers->get('Content-Type') ?? 'text/html', 'text/html');
        if ($request->user() !== null && ! $html && ! $response->headers->hasCacheControlDirective('max-age')) {
            // A maker's files: no cache keeps them, her browser's neither. A page may be gone back to with what was
            // typed on it, and is asked for anew otherwise.
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        $response->headers->add([
            'Content-Security-Policy' => self::POLICY,
            'X-Content-Type-Options' => 'nosniff',
            // A page that says less of where it was goes on saying less.
            'Referrer-Policy' => $response->headers->get('Referrer-Policy') ?? 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ] + ($request->isSecure() ? ['Strict-Transport-Security' => 'max-age=31536000'] : []));

        return $response;
    }
}
