<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/** Several things within a saying, with "and" or "or" before the last: "20, 22 and 24". */
final readonly class Listing implements Sayable
{
    /** @param list<Sayable|string> $things */
    public function __construct(public array $things, public bool $either = false) {}

    /**
     * @param callable(Sayable|string): string $print
     *
     * @return string|Saying the one there is; or all, to be said
     */
    public function told(callable $print): string|Saying
    {
        $things = array_map($print, $this->things);
        $last = array_pop($things);

        return $things === [] ? (string) $last : new Saying(
            $this->either ? '{some} or {last}' : '{some} and {last}',
            ['some' => implode(', ', $things), 'last' => (string) $last],
        );
    }

    public function english(): string
    {
        $told = $this->told(fn(Sayable|string $one): string => is_string($one) ? $one : $one->english());

        return is_string($told) ? $told : $told->english();
    }
}
