<?php

declare(strict_types=1);

namespace App\Rules;

/** Passwords that are tried first by whoever guesses: a published list of some fifty thousand, the commonest first. */
final readonly class CommonPasswords
{
    /** Of @zxcvbn-ts/language-common, MIT; it ships with the scripts' libraries. */
    private const LIST = 'node_modules/@zxcvbn-ts/language-common/src/passwords.json';

    /** Words as common as the first so many, of so many letters, say nothing when two stand together. */
    private const FIRST = 5000;

    private const SHORTEST = 4;

    /** @param array<string, int> $ranks by password, from 0 */
    private function __construct(private array $ranks) {}

    public static function known(): self
    {
        /** @var list<string> $list */
        $list = json_decode((string) file_get_contents(base_path(self::LIST)), true, 4, JSON_THROW_ON_ERROR);

        return new self(array_flip($list));
    }

    /** Also with numbers and marks before or behind it, and two of them one behind the other. */
    public function have(string $password): bool
    {
        $text = mb_strtolower($password);
        $core = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $text);
        if (isset($this->ranks[$text]) || ($core !== '' && isset($this->ranks[$core]))) {
            return true;
        }
        for ($end = self::SHORTEST; $end <= strlen($core) - self::SHORTEST; $end++) {
            if ($this->isFirst(substr($core, 0, $end)) && $this->isFirst(substr($core, $end))) {
                return true;
            }
        }

        return false;
    }

    private function isFirst(string $word): bool
    {
        return ($this->ranks[$word] ?? self::FIRST) < self::FIRST;
    }
}
