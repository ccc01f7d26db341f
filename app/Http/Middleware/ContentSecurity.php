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
        ."font-src 'self'; "
        ."connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->user() !== null && ! $response->headers->has('Expires')
            && ! $response->headers->hasCacheControlDirective('max-age')) {
            // A maker's own: no cache keeps it, her browser's neither.
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        $response->headers->add([
            'Content-Security-Policy' => self::POLICY,
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);

        return $response;
    }
}
