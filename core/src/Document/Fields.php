<?php

declare(strict_types=1);

namespace Fescue\Core\Document;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Saying;

/**
 * A cursor over one object of a decoded document. It reads what it is asked for, gathers every problem
 * with its path, and names fields nobody asked for. A reader returns null where it noted a problem or, if allowed,
 * found nothing.
 */
final class Fields
{
    /** @var array<string, true> */
    private array $asked = [];

    /**
     * @param array<mixed> $values
     * @param \ArrayObject<int, Problem> $problems shared by all cursors of one document
     */
    public function __construct(
        private readonly array $values,
        private readonly string $path,
        private readonly \ArrayObject $problems,
    ) {}

    /**
     * Over a whole decoded document.
     *
     * @param string $thing what the document holds, a message: "a bag"
     *
     * @throws Refused where it is no object of that format
     */
    public static function top(mixed $document, string $format, string $thing): self
    {
        if (! is_array($document) || ($document !== [] && array_is_list($document))) {
            throw Refused::at('', new Saying(
                'This is not the file of {thing}: that is one object in braces, with a "format".',
                ['thing' => new Saying($thing)],
            ));
        }
        if (($document['format'] ?? null) !== $format) {
            throw Refused::at(
                '/format',
                new Saying(
                    'This is not the file of {thing}: its "format" should be "{format}".',
                    ['thing' => new Saying($thing), 'format' => $format],
                ),
            );
        }
        $top = new self($document, '', new \ArrayObject());
        $top->has('format');

        return $top;
    }

    /**
     * Ends the reading of a whole document.
     *
     * @throws Refused with every problem noted by it and by what was read within it
     */
    public function settle(): void
    {
        $this->close();
        $found = array_values($this->problems->getArrayCopy());
        if ($found !== []) {
            throw new Refused($found);
        }
    }

    public function has(string $key): bool
    {
        $this->asked[$key] = true;

        return array_key_exists($key, $this->values);
    }

    /** As it is written, for who knows it already; null where it is not there. */
    public function raw(string $key): mixed
    {
        return $this->has($key) ? $this->values[$key] : null;
    }

    public function refuse(string $key, Saying $said): void
    {
        $this->problems->append(new Problem($key === '' ? $this->path : "{$this->path}/{$key}", $said));
    }

    public function object(string $key): self
    {
        $value = $this->has($key) ? $this->values[$key] : [];
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($key, new Saying('“{key}” should hold fields in braces.', ['key' => $key]));
            $value = [];
        }

        return new self($value, "{$this->path}/{$key}", $this->problems);
    }

    /** @return list<self> one over each object of a list; none where it is left out */
    public function objects(string $key, int $most): array
    {
        $value = $this->has($key) ? $this->values[$key] : [];
        if (! is_array($value) || ! array_is_list($value) || count($value) > $most) {
            $this->refuse($key, new Saying(
                '“{key}” should be a list in brackets of at most {most}.',
                ['key' => $key, 'most' => $most],
            ));

            return [];
        }
        $objects = [];
        foreach ($value as $place => $one) {
            if (! is_array($one) || array_is_list($one)) {
                $this->refuse("{$key}/{$place}", new Saying('This should hold fields in braces.'));
            } else {
                $objects[] = new self($one, "{$this->path}/{$key}/{$place}", $this->problems);
            }
        }

        return $objects;
    }

    public function text(string $key, int $longest): ?string
    {
        return $this->typed(
            $key,
            $longest,
            '/[\x00-\x1F\x7F]/',
            new Saying('This should be one line of text in quotes.'),
        );
    }

    /** A text of several lines, required. */
    public function lines(string $key, int $longest): ?string
    {
        return $this->typed(
            $key,
            $longest,
            '/[\x00-\x08\x0B-\x1F\x7F]/',
            new Saying('This should be text in quotes, without signs that show nothing.'),
        );
    }

    /** @param string $without a pattern of what it has none of */
    private function typed(string $key, int $longest, string $without, Saying $else): ?string
    {
        $value = $this->required($key);
        if ($value === null) {
            return null;
        }
        if (
            ! is_string($value)
            || ! mb_check_encoding($value, 'UTF-8')
            || preg_match($without, $value) === 1
        ) {
            $this->refuse($key, $else);

            return null;
        }
        $value = trim($value);
        if ($value === '' || mb_strlen($value) > $longest) {
            $this->refuse(
                $key,
                $value === '' ? new Saying('Write something here.') : new Saying(
                    'At most {most} letters; this has {many}.',
                    ['most' => $longest, 'many' => mb_strlen($value)],
                ),
            );

            return null;
        }

        return $value;
    }

    /** @param int<0, max> $least */
    public function whole(string $key, int $least, int $most, string $what, bool $optional = true): ?int
    {
        if ($optional && ! $this->has($key)) {
            return null;
        }
        $value = $this->required($key);
        if ($value === null) {
            return null;
        }
        if (is_float($value) && floor($value) === $value && abs($value) < 1e9) {
            $value = (int) $value;
        }
        if (! is_int($value)) {
            $this->refuse($key, new Saying('{What}: write a whole number, like 22.', ['what' => new Saying($what)]));

            return null;
        }
        if ($value < $least || $value > $most) {
            $this->refuse($key, new Saying(
                '{What}: from {least} to {most}; {value} is outside.',
                ['what' => new Saying($what), 'least' => $least, 'most' => $most, 'value' => $value],
            ));

            return null;
        }

        return $value;
    }

    public function number(string $key, float $above, float $most, string $what): ?float
    {
        $value = $this->required($key);
        if ($value === null) {
            return null;
        }
        if (! is_int($value) && ! is_float($value)) {
            $this->refuse($key, new Saying('{What}: write a number, like 10.', ['what' => new Saying($what)]));

            return null;
        }
        if ($value <= $above || $value > $most) {
            $this->refuse(
                $key,
                new Saying(
                    '{What}: above {above} and at most {most}; {value} is outside.',
                    [
                        'what' => new Saying($what),
                        'above' => new Figure(Decimal::exact($above)),
                        'most' => new Figure(Decimal::exact($most)),
                        'value' => new Figure(Decimal::exact((float) $value)),
                    ],
                ),
            );

            return null;
        }

        return (float) $value;
    }

    /** A number of either sign. */
    public function signed(string $key, float $most, string $what): ?float
    {
        $value = $this->required($key);
        if ($value !== null && ! is_int($value) && ! is_float($value)) {
            $this->refuse($key, new Saying('Write a number without quotes, like 0.3.'));

            return null;
        }
        if ($value !== null && abs($value) > $most) {
            $this->refuse($key, new Saying(
                '{What}: from −{most} to {most}; {value} is outside.',
                [
                    'what' => new Saying($what),
                    'most' => new Figure(Decimal::exact($most)),
                    'value' => new Figure(Decimal::exact((float) $value)),
                ],
            ));

            return null;
        }

        return $value === null ? null : (float) $value;
    }

    /** Whether it says true; left out, it says no. */
    public function yes(string $key): bool
    {
        if (! $this->has($key)) {
            return false;
        }
        if (! is_bool($this->values[$key])) {
            $this->refuse($key, new Saying('Write true or false, without quotes.'));
        }

        return $this->values[$key] === true;
    }

    public function length(string $key, Length $least, Length $most, string $what, bool $optional = false): ?Length
    {
        if ($optional && ! $this->has($key)) {
            return null;
        }
        $length = $this->quantity($key, fn(string $text): Length => Length::parse($text));
        if ($length === null) {
            return null;
        }
        if ($length->mm < $least->mm || $length->mm > $most->mm) {
            $unit = $most->mm > 100 ? LengthUnit::Centimetre : LengthUnit::Millimetre;
            $this->refuse(
                $key,
                new Saying(
                    '{What}: from {least} to {most}; {value} is outside. Is the unit right?',
                    [
                        'what' => new Saying($what),
                        'least' => new Figure($least->exact($unit)),
                        'most' => new Figure($most->exact($unit)),
                        'value' => new Figure($length->exact($unit)),
                    ],
                ),
            );

            return null;
        }

        return $length;
    }

    /**
     * @template T of object
     *
     * @param callable(string): T $parse
     *
     * @return ?T
     */
    public function quantity(string $key, callable $parse): ?object
    {
        $value = $this->required($key);
        if ($value === null) {
            return null;
        }
        if (! is_string($value)) {
            $this->refuse($key, new Saying('Write the number with its unit in quotes, like "12 cm".'));

            return null;
        }
        try {
            return $parse($value);
        } catch (NotUnderstood $e) {
            $this->refuse($key, $e->said);

            return null;
        }
    }

    /**
     * @template T of \BackedEnum
     *
     * @param list<T> $choices
     *
     * @return ?T
     */
    public function choice(string $key, array $choices): ?\BackedEnum
    {
        $value = $this->required($key);
        if ($value === null) {
            return null;
        }
        foreach ($choices as $choice) {
            if ($choice->value === $value) {
                return $choice;
            }
        }
        $known = implode('”, “', array_map(fn(\BackedEnum $choice): string => (string) $choice->value, $choices));
        $this->refuse($key, new Saying('This should be “{known}”.', ['known' => $known]));

        return null;
    }

    /**
     * One of several words, or of several numbers.
     *
     * @param list<string> $words
     * @param list<int> $numbers
     *
     * @return ($numbers is array{} ? ?string : int|string|null)
     */
    public function word(string $key, array $words, array $numbers = []): int|string|null
    {
        $value = $this->required($key);
        if ($value === null || in_array($value, $words, true) || in_array($value, $numbers, true)) {
            return is_string($value) || is_int($value) ? $value : null;
        }
        $known = implode('”, “', $words);
        $this->refuse($key, $numbers === [] ? new Saying('This should be “{known}”.', ['known' => $known]) : new Saying(
            'This should be “{known}”, or a number from {least} to {most}.',
            ['known' => $known, 'least' => min($numbers), 'most' => max($numbers)],
        ));

        return null;
    }

    /**
     * A list of whole numbers, in brackets.
     *
     * @param string $what for messages: "increases of a round"
     *
     * @return ?list<int>
     */
    public function wholes(string $key, int $least, int $most, int $longest, string $what): ?array
    {
        $value = $this->required($key);
        if ($value === null) {
            return null;
        }
        if (! is_array($value) || ! array_is_list($value) || $value === [] || count($value) > $longest) {
            $this->refuse($key, new Saying(
                '{What}: write them one after another, like 8, 8; at most {most} of them.',
                ['what' => new Saying($what), 'most' => $longest],
            ));

            return null;
        }
        $read = [];
        foreach ($value as $one) {
            if (! is_int($one) || $one < $least || $one > $most) {
                $this->refuse(
                    $key,
                    new Saying(
                        '{What}: whole numbers from {least} to {most}; “{one}” is none.',
                        [
                            'what' => new Saying($what), 'least' => $least, 'most' => $most,
                            'one' => is_scalar($one) ? self::cut((string) $one) : '…',
                        ],
                    ),
                );

                return null;
            }
            $read[] = $one;
        }

        return $read;
    }

    private static function cut(string $text): string
    {
        return mb_strlen($text) > 20 ? mb_substr($text, 0, 20).'…' : $text;
    }

    /** Whether it is there and says nothing. */
    public function isNull(string $key): bool
    {
        return $this->has($key) && $this->values[$key] === null;
    }

    /** Names what stands here and was never asked for. */
    public function close(): void
    {
        foreach (array_keys($this->values) as $key) {
            if (! isset($this->asked[$key])) {
                $this->refuse(
                    self::shown((string) $key),
                    new Saying('Fescue does not know this field; take it out or check its spelling.'),
                );
            }
        }
    }

    private static function shown(string $key): string
    {
        return mb_substr(mb_scrub($key, 'UTF-8'), 0, 40);
    }

    private function required(string $key): mixed
    {
        if (! $this->has($key)) {
            $this->refuse($key, new Saying('This is missing.'));

            return null;
        }
        if ($this->values[$key] === null) {
            $this->refuse($key, new Saying('This is empty; fill it in or take it out.'));
        }

        return $this->values[$key];
    }
}
