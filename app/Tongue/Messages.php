<?php

declare(strict_types=1);

namespace App\Tongue;

use Fescue\Core\Bag\Makers;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Material\HookRange;
use Fescue\Core\Material\Kind;
use Fescue\Core\Piece\Setting;
use Illuminate\Support\Facades\Blade;
use Symfony\Component\Finder\Finder;

/** Every message that is told by a tongue, found where it stands: in the core, the application and its pages. */
final class Messages
{
    /** What a message stands in: the first argument of these. */
    private const TOLD = ['__', 'tell', 'Saying'];

    /** What has one as its second: a thing to be got. */
    private const NAMES = ['piece', 'Need'];

    /** What has messages among its arguments, beside words for programs: each string in it that has a blank. */
    private const HOLDS = ['Saying', 'Remark', 'beforehand', 'say', 'hung'];

    /** @return array<string, string> where each stands first, by the message */
    public static function all(): array
    {
        $all = self::names();
        foreach (['core/src', 'app', 'resources/views'] as $folder) {
            foreach (Finder::create()->in(base_path($folder))->files()->name('*.php')->sortByName() as $file) {
                $code = str_ends_with($file->getFilename(), '.blade.php')
                    ? Blade::compileString($file->getContents())
                    : $file->getContents();
                foreach (self::in($code) as $message) {
                    $all[$message] ??= "{$folder}/{$file->getRelativePathname()}";
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
            $names[HookRange::of($kind)->reason] = HookRange::class;
        }
        $makers = [...Makers::BASES, ...Makers::BUILDS, Makers::WALL, ...Makers::TOPS, Makers::RIM];
        foreach ($makers as $maker) {
            foreach (Setting::serving($maker::open()->settings()) as $one) {
                $names += [$one->counted->one => $maker, $one->counted->several() => $maker];
            }
        }
        foreach (Makers::BASES as $base) {
            foreach ($base::called() as $name) {
                $names[$name] = $base;
            }
        }
        foreach (Finishings::ALL as $finishing) {
            $names += [$finishing::called()[0] => $finishing, lcfirst($finishing::called()[0]) => $finishing];
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
            if (! $token->is(T_STRING)) {
                continue;
            }
            if (
                in_array($token->text, self::TOLD, true)
                && ($tokens[$at + 1]->text ?? '') === '(' && ! $tokens[max(0, $at - 1)]->is(T_FUNCTION)
                && ($tokens[$at - 2]->text ?? '') !== '$this'
            ) {
                $messages[] = self::constant($tokens, $at + 2);
            }
            if (in_array($token->text, self::NAMES, true) && ($tokens[$at + 5]->text ?? '') === ',') {
                $messages[] = self::constant($tokens, $at + 6);
            }
            if (in_array($token->text, self::HOLDS, true)) {
                array_push($messages, ...self::held($tokens, $at + 1));
            }
        }

        return array_values(array_filter($messages, is_string(...)));
    }

    /**
     * @param list<\PhpToken> $tokens
     *
     * @return list<?string> within the parenthesis that opens there
     */
    private static function held(array $tokens, int $at): array
    {
        $held = [];
        $deep = 0;
        for (; isset($tokens[$at]); $at++) {
            $deep += ['(' => 1, ')' => -1][$tokens[$at]->text] ?? 0;
            if ($deep === 0) {
                break;
            }
            if ($tokens[$at]->is(T_CONSTANT_ENCAPSED_STRING) && $tokens[$at - 1]->text !== '.') {
                $said = self::constant($tokens, $at);
                $held[] = $said !== null && preg_match('/\S \S/', $said) === 1 ? $said : null;
            }
        }

        return $held;
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
                return in_array($tokens[$at + 1]->text, [',', ')', ':', ']'], true) ? $text : null;
            }
        }
    }
}
