<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/** What a setting counts, in words. */
final readonly class Counted
{
    /**
     * @param string $one of it: "starting chain"
     * @param string $several of it, where an s does not make that
     * @param string $short in a line of several, a message of {n}: "ch {n}"; '' where it is not told there
     * @param array<string, int> $with what else that message tells
     */
    public function __construct(
        public string $one,
        private string $several = '',
        public string $short = '',
        private array $with = [],
    ) {}

    /** "body rounds" */
    public function several(): string
    {
        return $this->several === '' ? "{$this->one}s" : $this->several;
    }

    /** "1 body round", "3 body rounds" */
    public function many(int $count): Saying
    {
        return new Saying(
            '{n} {things}',
            ['n' => $count, 'things' => new Saying($count === 1 ? $this->one : $this->several())],
        );
    }

    public function told(int $count): ?Saying
    {
        return $this->short === '' ? null : new Saying($this->short, ['n' => $count] + $this->with);
    }
}
