<?php

declare(strict_types=1);

namespace App\Tongue;

use Fescue\Core\Bag\Makers;
use Fescue\Core\Material\Kind;
use Illuminate\Support\Facades\Blade;

/** Every message that is told by a tongue, found where it stands: in the core, the application and its pages. */
final class Messages
{
    /** What a message stands in: the first argument of these. */
    private const TOLD = ['__', 'tell', 'Saying'];

    /** @return array<string, string> where each stands first, by the message */
    public static function all(): array
    {
        $all = self::names();
        foreach (['core/src', 'app', 'resources/views'] as $folder) {
            foreach (self::files(base_path($folder)) as $file) {
                $code = (string) file_get_contents($file);
                $code = str_ends_with($file, '.blade.php') ? Blade::compileString($code) : $code;
                foreach (self::in($code) as $message) {
                    $all[$message] ??= substr($file, strlen(base_path()) + 1);
                }
            }
        }
        ksort($all);

        return $all;
    }

    /** @return array<string, string> what kinds of strand and bag are called, by their own lists */
    private static function names(): array
    {
        $names = [];
        foreach (Kind::strands() as $kind) {
            $names += [$kind->name() => Kind::class, $kind->noun() => Kind::class];
        }
        foreach (Makers::BASES as $base) {
            foreach ($base::called() as $name) {
                $names[$name] = $base;
            }
        }

        return $names;
    }

    /** @return list<string> */
    private static function in(string $code): array
    {
        $tokens = array_values(array_filter(
            \PhpToken::tokenize($code),
            fn(\PhpToken $one): bool => ! $one->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT]),
        ));
        $messages = [];
        foreach ($tokens as $at => $token) {
            if (
                $token->is(T_STRING) && in_array($token->text, self::TOLD, true)
                && ($tokens[$at + 1]->text ?? '') === '(' && ! $tokens[max(0, $at - 1)]->is(T_FUNCTION)
                && ($tokens[$at - 2]->text ?? '') !== '$this'
            ) {
                $messages[] = self::constant($tokens, $at + 2);
            }
        }

        return array_values(array_filter($messages, is_string(...)));
    }

    /**
     * A string, or several put together; null where it is anything else.
     *
     * @param list<\PhpToken> $tokens
     */
    private static function constant(array $tokens, int $at): ?string
    {
        $text = '';
        for (;; $at += 2) {
            if (! isset($tokens[$at + 1]) || ! $tokens[$at]->is(T_CONSTANT_ENCAPSED_STRING)) {
                return null;
            }
            $text .= strtr(substr($tokens[$at]->text, 1, -1), ["\\'" => "'", '\\\\' => '\\']);
            if ($tokens[$at + 1]->text !== '.') {
                return in_array($tokens[$at + 1]->text, [',', ')'], true) ? $text : null;
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }
}
