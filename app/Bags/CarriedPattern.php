<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Written\AsWritten;

/** A pattern's text on its way from its proof to a bag: in the session, until another takes its place. */
final readonly class CarriedPattern
{
    private const KEPT = 'pattern';

    /** @param array<string, mixed> $parts of a bag's document, worked out when it was proven */
    private function __construct(public string $name, public array $parts) {}

    public static function of(string $name, string $text): self
    {
        $as = AsWritten::of($text);

        return new self($name, [
            'build' => ['type' => AsWritten::key()] + $as->write(), 'working' => $as->working()->value,
        ]);
    }

    public static function now(): ?self
    {
        $kept = session()->get(self::KEPT);

        return is_array($kept) && is_string($kept['name'] ?? null) && isset($kept['build'], $kept['working'])
            ? new self($kept['name'], ['build' => $kept['build'], 'working' => $kept['working']])
            : null;
    }

    public function keep(): void
    {
        session()->put(self::KEPT, ['name' => $this->name] + $this->parts);
    }

    public static function forget(): void
    {
        session()->forget(self::KEPT);
    }
}
