<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** Reads pattern text by the vocabulary that writes it: every phrase of an instruction, backward. */
final class Reader
{
    /** Instructions that are read. */
    private const READ = [
        Each::class,
        Several::class,
        InOne::class,
        Together::class,
        Between::class,
        Under::class,
        Chains::class,
        Skip::class,
        Repeat::class,
    ];

    /** @var array<string, \Closure(PhraseReading): Instruction> by pattern, the longest phrases first */
    private array $patterns = [];

    /** @var array<string, Loop> by its words */
    private array $loops = [];

    /** @var array<string, Stitch> by abbreviation */
    private array $stitches = [];

    /** @var array<string, string> what a phrase leaves open, by how that stands in it: anything else is a number */
    private readonly array $slots;

    public function __construct(Terms $terms)
    {
        $vocabulary = Vocabulary::of($terms);
        foreach (Stitch::cases() as $stitch) {
            $this->stitches[$vocabulary->abbreviation($stitch)] = $stitch;
        }
        foreach ([Loop::Back, Loop::Front] as $loop) {
            $this->loops[$vocabulary->phrases["loop.{$loop->value}"]] = $loop;
        }
        $stitches = implode(
            '|',
            array_map(fn(string $one): string => preg_quote($one, '/'), array_keys($this->stitches)),
        );
        $this->slots = [
            '\{stitch\}' => "(?<stitch>{$stitches})", '\{list\}' => '(?<list>.+)', '\{bare\}' => '(?<bare>.+)',
        ];
        $phrases = [];
        foreach (self::READ as $node) {
            foreach ($node::readings() as $key => $make) {
                foreach ([$key, "{$key}.one"] as $said) {
                    if (isset($vocabulary->phrases[$said])) {
                        $phrases[$vocabulary->phrases[$said]] = $make;
                    }
                }
            }
        }
        uksort($phrases, fn(string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($phrases as $phrase => $make) {
            $this->patterns[$this->pattern($phrase)] = $make;
        }
        foreach (['bare.each.one', 'bare.each'] as $key) {
            $this->patterns[$this->pattern($vocabulary->phrases[$key])] = Each::readings()['each.stitch'];
        }
    }

    /**
     * @return non-empty-list<Instruction>
     *
     * @throws NotRead
     */
    public function read(string $text): array
    {
        $parts = [];
        foreach (self::parts($text) as $part) {
            $loop = $this->loops[$part] ?? null;
            $last = array_key_last($parts);
            if ($loop !== null && $last !== null) {
                $parts[$last] = $parts[$last]->remade($loop, fn(Stitch $stitch): Stitch => $stitch);

                continue;
            }
            $parts[] = $this->one($part);
        }

        return $parts === [] ? throw new NotRead($text) : $parts;
    }

    private function one(string $part): Instruction
    {
        foreach ($this->patterns as $pattern => $make) {
            if (preg_match($pattern, $part, $found) === 1) {
                try {
                    return $make($this->reading($found));
                } catch (\InvalidArgumentException) {
                    // A number that no such instruction has.
                    break;
                }
            }
        }

        throw new NotRead($part);
    }

    /** @param array<string> $found */
    private function reading(array $found): PhraseReading
    {
        $numbers = array_filter(
            $found,
            fn(string $words, int|string $name): bool => is_string($name) && ctype_digit($words),
            ARRAY_FILTER_USE_BOTH,
        );
        $list = $found['list'] ?? $found['bare'] ?? null;

        return new PhraseReading(
            array_map(intval(...), array_combine(array_map(strval(...), array_keys($numbers)), $numbers)),
            $this->stitches[$found['stitch'] ?? ''] ?? null,
            $list === null ? [] : $this->read($list),
        );
    }

    private function pattern(string $phrase): string
    {
        $words = strtr(preg_quote($phrase, '/'), $this->slots);
        $stitch = $this->slots['\{stitch\}'];
        $at = strpos($words, $stitch);
        if ($at !== false) {
            // Named once more it is the same stitch.
            $after = $at + strlen($stitch);
            $words = substr($words, 0, $after).str_replace($stitch, '\k<stitch>', substr($words, $after));
        }

        return '/^'.preg_replace('/\\\\\{(\w+)\\\\\}/', '(?<$1>\d{1,4})', $words).'$/iu';
    }

    /** @return list<string> what commas part, those in brackets apart */
    private static function parts(string $text): array
    {
        $parts = [];
        $part = '';
        $depth = 0;
        foreach (mb_str_split($text) as $letter) {
            $depth += match ($letter) {
                '(', '[' => 1,
                ')', ']' => -1,
                default => 0,
            };
            if ($letter === ',' && $depth === 0) {
                $parts[] = trim($part);
                $part = '';
            } else {
                $part .= $letter;
            }
        }

        return array_values(array_filter([...$parts, trim($part)], fn(string $one): bool => $one !== ''));
    }
}
