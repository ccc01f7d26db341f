<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** The words of a tongue as people write them, backward: what each means. A file of data in words/. */
final readonly class Speech
{
    /** By the tongue that is asked for: the file of its words, and whose names of stitches they are. */
    public const TONGUES = [
        'en-US' => 'en', 'en-GB' => 'en', 'es' => 'es', 'pt' => 'pt', 'it' => 'it', 'tr' => 'tr', 'id' => 'id',
    ];

    /** What each is called where one is chosen. */
    public const NAMED = [
        'en-US' => 'English, US names', 'en-GB' => 'English, UK names', 'es' => 'Español',
        'pt' => 'Português do Brasil', 'it' => 'Italiano', 'tr' => 'Türkçe', 'id' => 'Bahasa Indonesia',
    ];

    /**
     * @param string $tongue "en-US"
     * @param array<string, list<array{list<string>, Word, string, int}>> $phrases by their first word, the longest
     *         first: words, what they mean, which stitch, which number
     * @param list<string> $rounds what rounds are headed with, the longest first
     * @param list<string> $rows so rows
     * @param list<string> $makes words by which a heading says how many of a piece there are
     * @param list<string> $only words that no other kin of this tongue has
     * @param array<string, string> $abbreviations of stitches, by their US ones
     */
    private function __construct(
        public string $tongue,
        private array $phrases,
        public array $rounds,
        public array $rows,
        public array $makes,
        public array $only,
        private string $together,
        private string $frontPost,
        private string $backPost,
        public array $abbreviations,
    ) {}

    public static function of(string $tongue): self
    {
        /**
         * @var array{
         *     rounds: list<string>,
         *     rows: list<string>,
         *     stitches: array<string, array<string, list<string>>>,
         *     only: array<string, list<string>>,
         *     chain: list<string>,
         *     words: array<string, list<string>>,
         *     makes: list<string>,
         *     'front-post': string,
         *     'back-post': string,
         *     together: string,
         *     numbers: array<string, int>,
         *     often: array<string, int>,
         *     ordinals: array<string, int>,
         * } $data
         */
        $data = require __DIR__.'/words/'.self::TONGUES[$tongue].'.php';
        $phrases = [];
        $add = function (string $said, Word $word, string $of = '', int $number = 0) use (&$phrases): void {
            // What is elided is a word of its own: "nell'anello".
            $words = explode(' ', trim(str_replace("'", "' ", self::plain($said))));
            $phrases[$words[0]][] = [$words, $word, $of, $number];
        };
        foreach ($data['stitches'][$tongue] as $stitch => $all) {
            foreach ($all as $said) {
                $add($said, Word::Stitch, $stitch);
            }
        }
        foreach ($data['chain'] as $said) {
            $add($said, Word::Stitch, 'ch');
        }
        foreach (Word::cases() as $word) {
            foreach ($data['words'][$word->name] ?? [] as $said) {
                $add($said, $word);
            }
        }
        foreach ([...$data['rounds'], ...$data['rows']] as $said) {
            if (mb_strlen($said) > 1) {
                $add($said, in_array($said, $data['rounds'], true) ? Word::Rounds : Word::Rows);
            }
        }
        foreach ($data['numbers'] as $said => $number) {
            $add($said, Word::Number, '', $number);
        }
        foreach ($data['often'] as $said => $number) {
            $add($said, Word::Times, '', $number);
        }
        foreach ($data['ordinals'] as $said => $number) {
            $add($said, Word::Number, 'ordinal', $number);
        }
        foreach ($phrases as &$of) {
            usort($of, fn(array $a, array $b): int => count($b[0]) <=> count($a[0]));
        }

        return new self(
            $tongue,
            $phrases,
            self::longest($data['rounds']),
            self::longest($data['rows']),
            $data['makes'],
            array_map(self::plain(...), $data['only'][$tongue] ?? []),
            $data['together'],
            $data['front-post'],
            $data['back-post'],
            ['ch' => $data['chain'][0]] + array_map(fn(array $all): string => $all[0], $data['stitches'][$tongue]),
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> the longest first
     */
    private static function longest(array $words): array
    {
        usort($words, fn(string $a, string $b): int => strlen($b) <=> strlen($a));

        return $words;
    }

    /** In small letters, without accents. */
    public static function plain(string $text): string
    {
        $small = strtr(mb_strtolower($text), ['ı' => 'i', '’' => "'"]);
        $parted = \Normalizer::normalize($small, \Normalizer::FORM_D);

        return (string) preg_replace('/\p{Mn}+/u', '', is_string($parted) ? $parted : $small);
    }

    /**
     * The longest phrase that begins with the first of some words.
     *
     * @param list<string> $words plain
     *
     * @return ?array{int, Word, string, int} how many of them it is, what it means, which stitch, which number
     */
    public function phrase(array $words): ?array
    {
        foreach ($this->phrases[$words[0] ?? ''] ?? [] as [$said, $word, $of, $number]) {
            if (array_slice($words, 0, count($said)) === $said) {
                return [count($said), $word, $of, $number];
            }
        }

        return null;
    }

    /**
     * What is written as one word of several: "sc2tog", "fpdc".
     *
     * @return ?array{Word, string, int}
     */
    public function made(string $word): ?array
    {
        if (preg_match($this->together, $word, $found) === 1) {
            $stitch = $this->phrase([$found['stitch']]);
            if ($stitch !== null && $stitch[1] === Word::Stitch) {
                return [Word::Together, $stitch[2], (int) $found['many']];
            }
        }
        foreach ([[$this->frontPost, Word::FrontPost], [$this->backPost, Word::BackPost]] as [$before, $post]) {
            if ($before !== '' && str_starts_with($word, $before)) {
                $stitch = $this->phrase([substr($word, strlen($before))]);
                if ($stitch !== null && $stitch[1] === Word::Stitch) {
                    return [$post, $stitch[2], 0];
                }
            }
        }

        return null;
    }

    /** The word of ours that is most like one we do not know; null where none is near. */
    public function nearest(string $word): ?string
    {
        $best = null;
        $least = mb_strlen($word) < 4 ? 1 : 2;
        foreach ($this->phrases as $one => $of) {
            if (count($of[count($of) - 1][0]) > 1) {
                continue;
            }
            $far = strlen($word) < 40 && strlen($one) < 40 ? levenshtein($word, $one) : 99;
            if ($far <= $least && $far < strlen($word)) {
                [$best, $least] = [$one, $far - 1];
            }
        }

        return $best;
    }
}
