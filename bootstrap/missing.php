<?php

/**
 * What four packages that composer.json declares as replaced would have brought, as far as the framework uses it:
 * four functions of PHP 8.5 and symfony/clock's interface with its plain clock.
 */

declare(strict_types=1);

namespace {
    if (! function_exists('array_first')) {
        /** @param array<mixed> $array */
        function array_first(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_first($array)];
        }
    }
    if (! function_exists('array_last')) {
        /** @param array<mixed> $array */
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }
    if (! function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(null);
            restore_error_handler();

            return $handler;
        }
    }
    if (! function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(null);
            restore_exception_handler();

            return $handler;
        }
    }
}

namespace Symfony\Component\Clock {
    if (! interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }

        final class NativeClock implements ClockInterface
        {
            private \DateTimeZone $timezone;

            public function __construct(\DateTimeZone|string|null $timezone = null)
            {
                $this->timezone = $timezone instanceof \DateTimeZone
                    ? $timezone
                    : new \DateTimeZone($timezone ?? date_default_timezone_get());
            }

            public function now(): \DateTimeImmutable
            {
                return new \DateTimeImmutable('now', $this->timezone);
            }

            public function sleep(float|int $seconds): void
            {
                usleep((int) ($seconds * 1_000_000));
            }

            public function withTimeZone(\DateTimeZone|string $timezone): static
            {
                return new self($timezone);
            }
        }
    }
}
