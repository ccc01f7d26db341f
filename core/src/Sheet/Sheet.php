<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

/**
 * A pattern as it is published, in its order: head, materials, gauge, abbreviations and special stitches, notes that
 * hold throughout, sections, finishing. All of it printed already, in one tongue. Handbook 11.
 */
final readonly class Sheet
{
    /**
     * @param string $by who signs it; '' where nobody does
     * @param string $rights a line of hers; '' of none
     * @param string $level skill level, and by what
     * @param list<string> $size
     * @param list<array{string, string}> $materials each with its letter; '' of what has none
     * @param list<array{string, string}> $abbreviations each with what it stands for
     * @param list<array{string, string}> $specials stitches of their own: name, and how it is worked
     * @param list<string> $notes
     * @param list<Section> $sections
     * @param list<array{string, string}> $finishing each with its name
     * @param list<string> $cautions
     */
    public function __construct(
        public string $name,
        public string $by,
        public string $rights,
        public string $level,
        public array $size,
        public array $materials,
        public string $gauge,
        public array $abbreviations,
        public array $specials,
        public array $notes,
        public array $sections,
        public array $finishing,
        public array $cautions,
        public Titles $titles,
    ) {}

    /** @return list<array{string, string}> a line in parts, each abbreviation with what it stands for; '' of others */
    public function meanings(string $line): array
    {
        $means = [];
        foreach ($this->abbreviations as [$short, $long]) {
            $means[mb_strtolower($short)] = $long;
        }
        $shorts = array_map(fn(string $short): string => preg_quote($short, '/'), array_keys($means));
        // Of "sl st" and "st" the longer.
        usort($shorts, fn(string $a, string $b): int => strlen($b) <=> strlen($a));
        $parts = $shorts === [] ? false : preg_split(
            '/(?<![\p{L}\p{N}])('.implode('|', $shorts).')(?![\p{L}\p{N}])/iu',
            $line,
            flags: PREG_SPLIT_DELIM_CAPTURE,
        );
        $meant = [];
        foreach ($parts === false ? [$line] : $parts as $nth => $part) {
            if ($part !== '') {
                $meant[] = [$part, $nth % 2 === 1 ? $means[mb_strtolower($part)] : ''];
            }
        }

        return $meant;
    }

    /** As plain text: sections under headings of their own lines. */
    public function text(): string
    {
        $all = [
            [$this->name, array_filter(
                [$this->by, $this->level, $this->rights],
                fn(string $one): bool => $one !== '',
            )],
            [$this->titles->size, $this->size],
            [$this->titles->materials, array_map(
                fn(array $one): string => ($one[0] === '' ? '' : "{$one[0]}: ").$one[1],
                $this->materials,
            )],
            [$this->titles->gauge, [$this->gauge]],
            [$this->titles->abbreviations, array_map(self::told(...), $this->abbreviations)],
            [$this->titles->specials, array_map(
                fn(array $one): string => "{$one[0]}: {$one[1]}",
                $this->specials,
            )],
            [$this->titles->notes, $this->notes],
            ...array_map(fn(Section $one): array => [$one->title, self::lines($one)], $this->sections),
            [$this->titles->finishing, array_map(
                fn(array $one): string => "{$one[0]}: {$one[1]}",
                $this->finishing,
            )],
            [$this->titles->care, $this->cautions],
        ];
        $text = '';
        foreach ($all as [$title, $lines]) {
            $text .= $lines === [] ? '' : ($text === '' ? '' : "\n")."{$title}\n".implode("\n", $lines)."\n";
        }

        return $text;
    }

    /** @param array{string, string} $one */
    private static function told(array $one): string
    {
        return "{$one[0]} = {$one[1]}";
    }

    /** @return list<string> */
    private static function lines(Section $section): array
    {
        $lines = [];
        foreach ($section->lines as $one) {
            array_push($lines, ...$one->before);
            $lines[] = ($one->head === '' ? '' : "{$one->head}: ").$one->text
                .($one->count === '' ? '' : " ({$one->count})");
        }

        return $lines;
    }
}
