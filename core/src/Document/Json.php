<?php

declare(strict_types=1);

namespace Fescue\Core\Document;

use Fescue\Core\Saying\Saying;

/** JSON in, read as carefully as a stranger's file, and out, readable. */
final class Json
{
    public const MOST_BYTES = 262_144;

    /** @throws Refused where the text is too long or not JSON */
    public static function decode(string $json): mixed
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw Refused::at('', new Saying(
                'The file is larger than anything Fescue keeps; it reads up to 256 KB.',
            ));
        }
        try {
            return json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw Refused::at(
                '',
                new Saying(
                    'The file is not readable as JSON ({why}). Export it again, or mend it in a text editor.',
                    ['why' => lcfirst($e->getMessage())],
                ),
            );
        }
    }

    /** @param array<string, mixed> $document */
    public static function encode(array $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public static function problems(Refused $refused): string
    {
        return self::encode(['problems' => array_map(
            fn(Problem $problem): array => ['path' => $problem->path, 'message' => $problem->message],
            $refused->problems,
        )]);
    }
}
