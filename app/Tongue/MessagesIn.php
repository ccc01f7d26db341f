<?php

declare(strict_types=1);

namespace App\Tongue;

use Symfony\Component\Finder\Finder;

/** Messages as they stand in code. */
final class MessagesIn
{
    /** What a message stands in: the first argument of these. */
    private const TOLD = ['__', 'tell', 'Saying', 'marked'];

    /** What has one as its second: a thing to be got. */
    private const NAMES = ['piece', 'Need'];

    /** What has messages among its arguments, beside words for programs: each string in it that has a blank. */
    private const HOLDS = ['Saying', 'Remark', 'beforehand', 'say', 'hung'];

    /** What is told of a field of a document, and of cloth, stands in these. */
    private const NAMED = [
        'whole', 'wholes', 'number', 'signed', 'length', 'side', 'fitting', 'chains', 'top', 'stacked', 'rounded',
        'setting', 'wide', 'taken', 'sent', 'lead', 'own',
    ];

    /** @return list<string> what the pages' scripts tell */
    public static function scripts(): array
    {
        $told = [];
        foreach (Finder::create()->in(resource_path('js'))->files()->name('*.js')->sortByName() as $file) {
            // A script's strings and calls read as PHP's; two strings are put together by + there.
            $code = preg_replace("/' \\+\\s*'/", '', $file->getContents());
            array_push($told, ...self::code("<?php {$code}"));
        }

        return array_values(array_unique($told));
    }

    /** @return list<string> */
    public static function code(string $code): array
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
                && ! in_array($tokens[$at - 2]->text ?? '', ['$this', 'this'], true)
            ) {
                array_push($messages, ...self::first($tokens, $at + 2));
            }
            if (in_array($token->text, self::NAMES, true) && ($tokens[$at + 5]->text ?? '') === ',') {
                $messages[] = self::constant($tokens, $at + 6);
            }
            if (in_array($token->text, [...self::HOLDS, ...self::NAMED], true)) {
                array_push($messages, ...self::held($tokens, $at + 1));
            }
        }

        return array_values(array_filter($messages, is_string(...)));
    }

    /**
     * @param list<\PhpToken> $tokens
     *
     * @return list<?string> what a first argument that begins there may be: each string, of a choice between several
     */
    private static function first(array $tokens, int $at): array
    {
        $first = [];
        for ($deep = 0; isset($tokens[$at]) && $deep >= 0; $at++) {
            $deep += ['(' => 1, '[' => 1, '{' => 1, ')' => -1, ']' => -1, '}' => -1][$tokens[$at]->text] ?? 0;
            if ($deep === 0 && $tokens[$at]->text === ',') {
                break;
            }
            $isCompared = $tokens[$at - 1]->is([T_IS_IDENTICAL, T_IS_NOT_IDENTICAL])
                || ($tokens[$at + 1] ?? $tokens[$at])->is([T_IS_IDENTICAL, T_IS_NOT_IDENTICAL, T_DOUBLE_ARROW]);
            if ($tokens[$at]->is(T_CONSTANT_ENCAPSED_STRING) && $tokens[$at - 1]->text !== '.' && ! $isCompared) {
                $first[] = self::constant($tokens, $at);
            }
        }

        return $first;
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
