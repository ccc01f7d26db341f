<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

/** Five hundred bags of every way, recorded on 30 November 2026 with what they were planned to then. */
final class Recorded
{
    /**
     * @return list<array<string, mixed>> each its document, its rows (name, takes, leaves), mm of its size, and its
     *         grams with their spread
     */
    public static function bags(): array
    {
        return self::lines('plans');
    }

    /** @return list<array<string, mixed>> each its document */
    public static function documents(): array
    {
        return array_column(self::bags(), 'document');
    }

    /** @return list<array<string, mixed>> each its document, and figures of what was drawn and told of it */
    public static function told(): array
    {
        return self::lines('figures');
    }

    /** @return list<array<string, mixed>> */
    private static function lines(string $of): array
    {
        return array_map(
            fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            explode("\n", trim((string) gzdecode((string) file_get_contents(__DIR__."/before/{$of}.jsonl.gz")))),
        );
    }
}
