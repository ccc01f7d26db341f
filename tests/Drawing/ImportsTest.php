<?php

declare(strict_types=1);

namespace Tests\Drawing;

use PHPUnit\Framework\TestCase;

/** Rooms of the application know only the rooms before them, and no controller another. */
final class ImportsTest extends TestCase
{
    private const MAY_KNOW = [
        'Tongue' => [],
        'Rules' => ['Tongue'],
        'Casts' => [],
        'Files' => ['Tongue'],
        'Drawing' => ['Casts', 'Tongue'],
        'Glossary' => ['Drawing', 'Tongue'],
        'Providers' => ['Casts', 'Models', 'Books', 'Tongue'],
        'Models' => ['Casts', 'Drawing', 'Files', 'Tongue'],
        // What a bag stands on, read from her books.
        'Books' => ['Casts', 'Files', 'Models', 'Tongue'],
        'Policies' => ['Models'],
        'Stash' => ['Casts', 'Models', 'Books', 'Tongue', 'Rules', 'Files', 'Drawing'],
        'Bags' => ['Casts', 'Models', 'Books', 'Tongue', 'Rules', 'Files', 'Drawing', 'Glossary', 'Stash'],
        'Account' => ['Casts', 'Models', 'Books', 'Tongue', 'Rules', 'Files', 'Drawing', 'Stash', 'Bags'],
        'Papers' => ['Casts', 'Models', 'Books', 'Tongue', 'Files', 'Bags'],
        // Its list of messages has those of every room.
        'Console' => ['Casts', 'Models', 'Books', 'Tongue', 'Drawing', 'Glossary', 'Bags', 'Account', 'Stash', 'Http'],
        'Http' => [
            'Casts', 'Models', 'Books', 'Tongue', 'Rules', 'Files', 'Drawing', 'Glossary', 'Stash', 'Bags', 'Account',
            'Papers',
        ],
    ];

    public function testRoomsKnowOnlyTheRoomsBeforeThem(): void
    {
        $root = dirname(__DIR__, 2).'/app';
        self::assertEqualsCanonicalizing(
            array_keys(self::MAY_KNOW),
            array_map(basename(...), (array) glob("{$root}/*", GLOB_ONLYDIR)),
            'A room was added or lost: say what it may know.',
        );
        $files = new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root)), '/\.php$/');
        $seen = 0;
        foreach ($files as $file) {
            $code = (string) file_get_contents((string) $file);
            $room = explode('/', substr((string) $file, strlen($root) + 1))[0];
            preg_match_all('/\bApp\\\\(\w+)\\\\/', $code, $named);
            self::assertSame(
                [],
                array_values(array_diff(array_unique($named[1]), [$room, ...self::MAY_KNOW[$room]])),
                (string) $file,
            );
            // A list of theirs is read, none of them is called.
            preg_match_all('/\b(\w+Controller)::(?!class|[A-Z]+\b)/', $code, $called);
            self::assertSame([], $called[1], "{$file} calls another controller");
            $seen++;
        }
        self::assertGreaterThan(80, $seen);
    }

    public function testLinesEndBy120(): void
    {
        $long = [];
        foreach (['app', 'core/src', 'resources', 'tests/browser', 'tests/engines', 'tests/script'] as $of) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$of}"));
            foreach (new \RegexIterator($files, '/\.(php|js|scss)$/') as $file) {
                foreach ((array) file((string) $file) as $at => $line) {
                    if (mb_strlen(rtrim((string) $line)) > 120 && ! str_contains($line, 'https://')) {
                        $long[] = "{$file}:".($at + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }

    /** A line broken within quotes would be part of what is said, or drawn. */
    public function testNoQuotedTextRunsOverALine(): void
    {
        $broken = [];
        $read = 0;
        foreach (['app', 'core/src'] as $of) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$of}"));
            foreach (new \RegexIterator($files, '/\.php$/') as $file) {
                $heredoc = false;
                foreach (\PhpToken::tokenize((string) file_get_contents((string) $file)) as $token) {
                    $heredoc = $token->is(T_START_HEREDOC) || ($heredoc && ! $token->is(T_END_HEREDOC));
                    $quoted = ! $heredoc && $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]);
                    $read += (int) $quoted;
                    if ($quoted && str_contains($token->text, "\n")) {
                        $broken[] = "{$file}:{$token->line}";
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $read);
        self::assertSame([], $broken);
    }
}
