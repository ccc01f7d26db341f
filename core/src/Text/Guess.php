<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Which tongue a text is written in, and whose names of stitches it uses. */
final class Guess
{
    private const ENGLISH = ['en-US', 'en-GB'];

    /** Letters that it is told by. */
    private const LOOKED_AT = 20_000;

    /** @return non-empty-list<string> the likeliest first; several where the text does not say */
    public static function tongues(string $text): array
    {
        $plain = Speech::plain(mb_substr($text, 0, self::LOOKED_AT));
        $lines = explode("\n", $plain);
        $known = array_fill_keys(['en-US', ...array_diff(array_keys(Speech::TONGUES), self::ENGLISH)], 0);
        foreach (array_keys($known) as $tongue) {
            $speech = Speech::of($tongue);
            $lexer = new Lexer($speech);
            foreach (array_slice($lines, 0, 200) as $line) {
                foreach ($lexer->line(mb_substr($line, 0, 2000), 1) as $token) {
                    $known[$tongue] += match (true) {
                        $token->is(Word::Unknown) => -1,
                        $token->is(Word::Stitch, Word::Stitches, Word::Each, Word::Next, Word::Repeat, Word::Turn) => 2,
                        default => 0,
                    };
                }
            }
        }
        arsort($known);
        $first = array_key_first($known);
        if ($first !== 'en-US' && $known[$first] > $known['en-US']) {
            return [$first];
        }
        $said = [];
        foreach (self::ENGLISH as $tongue) {
            $said[$tongue] = 0;
            foreach (Speech::of($tongue)->only as $word) {
                $pattern = '/(?<![\p{L}])\d*'.preg_quote($word, '/').'(?:\d?tog)?(?![\p{L}])/u';
                $said[$tongue] += (int) preg_match_all($pattern, $plain);
            }
        }
        // A chain of one lifts a stitch as low as ours: where it is called dc, the names are those of the UK.
        $lift = fn(string $chain): string => '/(?:^|[:.;]|\bturn,?|\bjoin,?)[ \t]*(?:'.$chain
            .')\b[^.\n(*]{0,30}\b(?:\d+ )?dc\b/mu';
        $said['en-GB'] += 2 * (int) preg_match_all($lift('ch ?1|1 ?ch'), $plain);
        $said['en-US'] += 2 * (int) preg_match_all($lift('ch ?3|3 ?ch'), $plain);

        return match (true) {
            $said['en-US'] > $said['en-GB'] => ['en-US'],
            $said['en-GB'] > $said['en-US'] => ['en-GB'],
            default => ['en-US', 'en-GB'],
        };
    }
}
