<?php

declare(strict_types=1);

namespace App\Rules;

use App\Tongue\Tongues;
use Fescue\Core\Saying\Saying;
use Illuminate\Http\Request;

/** What is implausible is asked about once: sent again as it was, it is taken at her word. */
final class Really
{
    /** Of a form: what was asked about, as the page that asked has it. */
    public const FIELD = 'really';

    /**
     * @param array<string, ?Saying> $reasons by the field that is asked about; null where nothing is
     *
     * @return array<string, string> what is wrong, by field; none where it was asked already
     */
    public static function ask(Request $request, array $reasons): array
    {
        $reasons = array_filter($reasons, fn(?Saying $one): bool => $one !== null);
        if ($reasons === [] || Typed::text($request, self::FIELD) === self::typed($request)) {
            return [];
        }
        // Back in the form, with what was typed.
        $request->merge([self::FIELD => self::typed($request)]);

        return array_map(
            fn(Saying $reason): string => Tongues::tell(
                '{why} Really? If it is so, send it once more.',
                ['why' => $reason],
            ),
            $reasons,
        );
    }

    /** What was typed, told from anything else. */
    private static function typed(Request $request): string
    {
        $typed = $request->except([self::FIELD, '_token', '_once', '_method']);
        ksort($typed);

        return sha1((string) json_encode($typed, JSON_PARTIAL_OUTPUT_ON_ERROR));
    }
}
