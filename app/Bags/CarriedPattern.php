<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Written\AsWritten;

/** A pattern's text on its way from its proof to a bag: in the session, until another takes its place. */
final readonly class CarriedPattern
{
    private const KEPT = 'pattern';

    public function __construct(public string $name, public string $text) {}

    public static function now(): ?self
    {
        $kept = session()->get(self::KEPT);

        return is_array($kept) && is_string($kept['text'] ?? null) && is_string($kept['name'] ?? null)
            ? new self($kept['name'], $kept['text'])
            : null;
    }

    public function keep(): void
    {
        session()->put(self::KEPT, ['name' => $this->name, 'text' => $this->text]);
    }

    public static function forget(): void
    {
        session()->forget(self::KEPT);
    }

    /** @return array<string, mixed> its parts of a bag's document */
    public function parts(): array
    {
        $as = AsWritten::of($this->text);

        return ['build' => ['type' => AsWritten::key()] + $as->write(), 'working' => $as->working()->value];
    }
}
