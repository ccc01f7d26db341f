<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is answered while something is out of reach: when to ask again, and what a form held, to be sent again. */
final class Away
{
    /** It shows itself, and sends its form to this place. */
    private const POLICY = "default-src 'none'; img-src 'self'; style-src 'self'; font-src 'self'; script-src 'self'; "
        ."form-action 'self'; frame-ancestors 'none'";

    public static function answer(Request $request, string $title, string $said, int $after): Response
    {
        $headers = [
            'Retry-After' => (string) $after, 'Cache-Control' => 'no-store', 'Content-Security-Policy' => self::POLICY,
        ];

        return $request->expectsJson()
            ? response()->json(['message' => $said], 503, $headers)
            : response()->view('errors.away', [
                'title' => $title,
                'said' => $said,
                'after' => $after,
                'fields' => self::fields($request),
            ], 503, $headers);
    }

    /**
     * What was sent, by the names of its fields; null where it cannot be sent again: a page, a file, a password.
     *
     * @return ?array<string, string>
     */
    private static function fields(Request $request): ?array
    {
        if ($request->getRealMethod() !== 'POST' || $request->allFiles() !== []) {
            return null;
        }
        $fields = [];
        $walk = function (array $values, string $within) use (&$walk, &$fields): void {
            foreach ($values as $name => $value) {
                $name = $within === '' ? (string) $name : "{$within}[{$name}]";
                is_array($value) ? $walk($value, $name) : $fields[$name] = is_scalar($value) ? (string) $value : '';
            }
        };
        $walk($request->request->all(), '');

        return preg_grep('/password|code/', array_keys($fields)) === [] ? $fields : null;
    }
}
