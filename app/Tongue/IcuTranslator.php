<?php

declare(strict_types=1);

namespace App\Tongue;

use Fescue\Core\Saying\Sayable;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Translation\Translator;

/** Laravel's __() for pages: an English message in ICU's format is its key, and a tongue prints it as the core's. */
final class IcuTranslator extends Translator
{
    /** What the framework says of itself has keys of its own. */
    private const ITS_OWN = '/^(?:validation|auth|passwords|pagination)\.[\w.-]+$/';

    /**
     * @param string $key
     * @param array<mixed> $replace by their names in the message
     * @param string|null $locale
     * @param bool $fallback
     *
     * @return string|array<array-key, mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true)
    {
        if (! str_contains($key, ' ') && preg_match(self::ITS_OWN, $key) === 1) {
            return parent::get($key, $replace, $locale, $fallback);
        }
        $terms = $locale === null ? null : Tongue::terms($locale);
        $tongue = $terms === null ? Tongues::here() : Tongues::of($terms);

        return $tongue->tell($key, $replace === [] ? [] : self::values($replace));
    }

    /**
     * @param array<mixed> $given
     *
     * @return array<string, Sayable|int|float|string>
     */
    private static function values(array $given): array
    {
        $values = [];
        foreach ($given as $name => $one) {
            $values[(string) $name] = $one instanceof Sayable || is_int($one) || is_float($one) || is_string($one)
                ? $one
                : throw new \InvalidArgumentException("{$name} cannot be said.");
        }

        return $values;
    }
}
