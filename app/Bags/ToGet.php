<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Material;
use App\Models\Supply;
use App\Tongue\Tongues;

/** One line of a shopping list. */
final readonly class ToGet
{
    /**
     * @param string $unit "g", "pieces", "cm"
     * @param float $takes in it
     * @param ?float $there so; null where nothing is known of it
     * @param ?Material $material of the stash, where it is there
     * @param ?Supply $supply how more of it comes; null where nothing says so
     * @param list<string> $for names of bags
     * @param float $used of what it takes, what is in its bags already
     */
    public function __construct(
        public string $name,
        public string $unit,
        public float $takes,
        public ?float $there,
        public ?Material $material = null,
        public ?Supply $supply = null,
        public array $for = [],
        private float $used = 0.0,
    ) {}

    public function and(float $amount, string $bag, float $used = 0.0): self
    {
        $for = in_array($bag, $this->for, true) ? $this->for : [...$this->for, $bag];

        return new self(
            $this->name,
            $this->unit,
            $this->takes + $amount,
            $this->there,
            $this->material,
            $this->supply,
            $for,
            $this->used + min($amount, $used),
        );
    }

    public function wanting(): float
    {
        $short = $this->takes - $this->used - max(0.0, $this->there ?? 0.0);

        return $short < 0.5 ? 0.0 : ceil($short - 1e-9);
    }

    public function say(float $amount): string
    {
        return Tongues::figure($amount).($this->unit === 'pieces' ? '' : ' '.Tongues::tell($this->unit));
    }

    /** "3 balls" of what is wanting; '' where nothing says how it comes. */
    public function units(): string
    {
        $unit = $this->supply?->unit->grams ?? 0.0;

        return $unit <= 0.0 || $this->wanting() <= 0.0
            ? ''
            : (string) $this->supply?->many((int) ceil($this->wanting() / $unit - 1e-9));
    }
}
