<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Account\Demo;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The tongue a page is told in: her account's; a stranger's as she chose, or as her browser asks. */
final class HerTongue
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $maker = $request->hasSession() ? $request->user() : null;
        $unit = $maker instanceof User ? $maker->units : LengthUnit::Centimetre;

        return Tongues::speaking(self::of($request, $maker), $unit, function () use ($request, $next): Response {
            $answer = $next($request);
            // It stands twice: where a session is known, that is her tongue.
            if (! $answer->headers->has('Content-Language')) {
                $answer->headers->set('Content-Language', app()->getLocale());
            }

            return $answer;
        });
    }

    private static function of(Request $request, mixed $maker): Terms
    {
        if ($maker instanceof User && ! Demo::isShared($maker)) {
            return $maker->terms;
        }
        $chosen = $request->cookie(Tongues::COOKIE);
        $asked = str_replace('_', '-', (string) $request->getPreferredLanguage(array_keys(Tongue::PAGES)));

        return Tongue::terms(is_string($chosen) ? $chosen : '') ?? Tongue::terms($asked) ?? Terms::US;
    }
}
