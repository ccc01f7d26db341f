<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** The words of one tongue: a file of data in tongues/, which the writer says and the reader understands. */
final class Vocabulary
{
    /** @var array<string, self> by tongue */
    private static array $known = [];

    /**
     * @param string $called what it is chosen by
     * @param array<string, array{string, string}> $stitches abbreviation and name of each, by its value
     * @param array<string, array{string, string}> $motifs so of those that are no one stitch, by their key
     * @param array<int, string> $ordinals from the second on
     * @param array<string, string> $phrases by their key
     * @param array<string, array{string, string}> $abbreviations of other words, and what they stand for, by a pattern
     *         of how they are written
     * @param array<string, array{string, string}> $specials so of what is made of a stitch's abbreviation
     */
    private function __construct(
        public readonly string $called,
        private readonly array $stitches,
        private readonly array $motifs,
        private readonly array $ordinals,
        public readonly array $phrases,
        private readonly array $abbreviations,
        private readonly array $specials,
    ) {}

    public static function of(Terms $terms): self
    {
        return self::$known[$terms->value] ??= self::load($terms);
    }

    private static function load(Terms $terms): self
    {
        /**
         * @var array{
         *     called: string,
         *     like?: string,
         *     stitches: array<string, array{string, string}>,
         *     motifs: array<string, array{string, string}>,
         *     ordinals?: array<int, string>,
         *     phrases: array<string, string>,
         *     abbreviations: array<string, array{string, string}>,
         *     specials?: array<string, array{string, string}>,
         * } $data
         */
        $data = require __DIR__."/tongues/{$terms->value}.php";
        $like = isset($data['like']) ? self::of(Terms::from($data['like'])) : null;

        return new self(
            $data['called'],
            $data['stitches'],
            $data['motifs'] + ($like->motifs ?? []),
            ($data['ordinals'] ?? []) + ($like->ordinals ?? []),
            $data['phrases'] + ($like->phrases ?? []),
            $data['abbreviations'],
            $data['specials'] ?? $like->specials ?? [],
        );
    }

    public function abbreviation(Stitch $stitch): string
    {
        return $this->stitches[$stitch->value][0];
    }

    public function name(Stitch $stitch): string
    {
        return $this->stitches[$stitch->value][1];
    }

    /** "2nd" */
    public function ordinal(int $number): string
    {
        return $this->ordinals[$number] ?? (string) $number;
    }

    /** @return array{string, string} abbreviation and name; a maker's own is called as she calls it */
    public function motif(Motif $motif): array
    {
        return $this->stitches[$motif->key] ?? $this->motifs[$motif->key] ?? [$motif->called(), $motif->called()];
    }

    /**
     * Abbreviations that a text uses, each with what it stands for.
     *
     * @param ?self $other whose name of a stitch is told beside ours, where it has another
     *
     * @return list<array{string, string}>
     */
    public function used(string $text, ?self $other = null): array
    {
        $used = [];
        $take = function (string $pattern, string $short, string $long) use (&$text, &$used): void {
            $text = preg_replace("/(?<![\\p{L}\\d])(?:{$pattern})(?![\\p{L}\\d])/iu", ' ', $text, -1, $many) ?? $text;
            if ($many > 0) {
                $used[] = [$short, $long];
            }
        };
        foreach ($this->specials as [$short, $long]) {
            foreach (Stitch::cases() as $stitch) {
                $said = str_replace('{stitch}', $this->abbreviation($stitch), $short);
                $take(preg_quote($said, '/'), $said, str_replace('{name}', $this->name($stitch), $long));
            }
        }
        foreach (array_reverse(Stitch::cases()) as $stitch) {
            $beside = $other === null || $other->name($stitch) === $this->name($stitch)
                ? ''
                : " ({$other->called}: {$other->abbreviation($stitch)})";
            $take(
                '\\d*'.preg_quote($this->abbreviation($stitch), '/'),
                $this->abbreviation($stitch),
                $this->name($stitch).$beside,
            );
        }
        foreach ($this->abbreviations as $pattern => [$short, $long]) {
            $take($pattern, $short, $long);
        }

        return $used;
    }

    /**
     * @param list<Instruction> $instructions
     * @param ?\Closure(Instruction): Phrase $says what each says where it is; null: as it does by itself
     */
    public function list(array $instructions, bool $loops = true, ?\Closure $says = null): string
    {
        return implode(', ', array_filter(array_map(
            fn(Instruction $one): string => $this->say($says === null ? $one->phrase() : $says($one), $loops, $says),
            $instructions,
        ), fn(string $said): bool => $said !== ''));
    }

    /**
     * @param bool $loops whether the loop that it goes through is named
     * @param ?\Closure(Instruction): Phrase $says as of list()
     */
    public function say(Phrase $phrase, bool $loops = true, ?\Closure $says = null): string
    {
        $loop = ! $loops || $phrase->loop === Loop::Both
            ? ''
            : ', '.$this->phrases["loop.{$phrase->loop->value}"];

        return $this->filled($phrase, '', $loops, $says).$loop;
    }

    /** @param ?\Closure(Instruction): Phrase $says */
    private function filled(Phrase $phrase, string $before, bool $loops, ?\Closure $says = null): string
    {
        $one = "{$before}{$phrase->key}.one";
        $template = ($phrase->arguments['n'] ?? 1) === 1 && isset($this->phrases[$one])
            ? $this->phrases[$one]
            : $this->phrases["{$before}{$phrase->key}"]
            ?? throw new \LogicException("No words for {$before}{$phrase->key}.");
        $words = [];
        foreach ($phrase->arguments as $name => $argument) {
            $words['{'.$name.'}'] = match (true) {
                $argument instanceof Stitch => $this->abbreviation($argument),
                // Stitches that go into one place name it once, after all of them.
                $name === 'bare' && is_array($argument) => implode(
                    ', ',
                    array_map(fn(Instruction $one): string => $this->bare($one), $argument),
                ),
                is_array($argument) => $this->list($argument, $loops, $says),
                $name === 'nth' => $this->ordinal((int) $argument),
                is_string($argument) => $this->phrases[$argument] ?? $argument,
                default => (string) $argument,
            };
        }

        return strtr($template, $words);
    }

    private function bare(Instruction $one): string
    {
        $phrase = $one->phrase();

        return $this->filled(new Phrase(explode('.', $phrase->key)[0], $phrase->arguments), 'bare.', true);
    }
}
