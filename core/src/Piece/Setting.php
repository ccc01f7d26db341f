<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Document\Fields;
use Fescue\Core\Measure\Length;
use Fescue\Core\Stitch\Terms;

/** A count that a maker may be given, or settles: all that forms, notes, mends and files know of it. */
final readonly class Setting extends Asked
{
    /**
     * @param string $unit one of what is counted: "starting chain"
     * @param ?int $value given or settled; null where it is open
     * @param int<0, max> $least that makes the thing
     * @param string $short in a line of several: "ch {n}"; '' where it is not told there
     * @param ?Side $side of the wish that it serves; null where it serves none
     * @param ?Length $step what one of them measures along that side
     * @param ?int $else what it is where nothing is said and nothing is solved
     * @param string $fewer how a mend says that there are fewer: of {n}, not {was}, {many} fewer; '' where none takes
     *         it down
     * @param string $none so of none at all
     * @param bool $rows whether each of them is a row
     * @param bool $mayBeNull whether a document may say that it is open
     * @param int<1, max> $every of how many whole ones make sense: a repeat of the wall
     * @param bool $isAsked whether a document must say it
     * @param string $plural several of what is counted, where an s does not make it
     */
    public function __construct(
        string $name,
        string $label,
        public string $unit,
        public ?int $value,
        public int $least,
        public int $most,
        public string $short = '',
        public ?Side $side = null,
        public ?Length $step = null,
        public ?int $else = null,
        public string $fewer = '',
        public string $none = '',
        public bool $rows = false,
        public bool $mayBeNull = false,
        private string $plural = '',
        private bool $isAsked = false,
        public int $every = 1,
    ) {
        parent::__construct($name, $label);
    }

    /**
     * @param list<Asked> $asked
     *
     * @return list<self> those that serve a side of the wish, or just that one
     */
    public static function serving(array $asked, ?Side $side = null): array
    {
        $serve = [];
        foreach ($asked as $one) {
            if ($one instanceof self && $one->side !== null && ($side === null || $one->side === $side)) {
                $serve[] = $one;
            }
        }

        return $serve;
    }

    public function told(Terms $terms): string
    {
        return $this->value === null ? '' : strtr(
            $this->short,
            ['{n}' => (string) $this->value, '{s}' => $this->value === 1 ? '' : 's'],
        );
    }

    public function isAsked(): bool
    {
        return $this->isAsked;
    }

    public function read(Fields $choices): ?int
    {
        return $this->mayBeNull && $choices->isNull($this->name)
            ? null
            : $choices->whole($this->name, $this->least, $this->most, "{$this->named()} are", ! $this->isAsked);
    }

    public function typed(string $text): int|string|null
    {
        return match (true) {
            $text === '' => null,
            preg_match('/^-?\d{1,9}$/', $text) === 1 => (int) $text,
            default => $text,
        };
    }

    public function written(bool $said): ?int
    {
        return $this->value !== $this->else || $said ? $this->value : null;
    }

    /** "body rounds" */
    public function named(): string
    {
        return $this->plural === '' ? "{$this->unit}s" : $this->plural;
    }

    /** "one body round", "3 body rounds" */
    public function many(int $count): string
    {
        return $count === 1 ? "one {$this->unit}" : "{$count} {$this->named()}";
    }
}
