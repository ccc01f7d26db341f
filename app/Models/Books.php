<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\Code;
use Illuminate\Support\Facades\DB;

/**
 * What is reckoned from a maker's books (stash, swatches, weigh-ins, hours, bags that teach), known while these say
 * the same: the database itself gives them another number at each change. Holds in READ COMMITTED alone, which our
 * server is set to: docs/decisions/0022.
 */
final class Books
{
    /** @var array<string, \stdClass> what was read ahead, by its name: the books’ number then, and what is kept */
    private array $read = [];

    /** @var list<array{array<string, mixed>, \Closure(): string}> rows that are to be kept, less their values */
    private array $unwritten = [];

    /** Their number when they were first opened: what is reckoned here is of no older books. */
    private ?int $opened = null;

    /** And the number of those of her bags whose hours are logged. */
    private int $timed = 0;

    public function __construct(private readonly int $maker) {}

    /** Before anything is read that something kept is reckoned from. */
    public function open(): void
    {
        if ($this->opened === null) {
            $this->look(['']);
        }
    }

    /** What her bags whose hours are logged are told by: another as soon as one of them is made otherwise. */
    public function timed(): int
    {
        $this->open();

        return $this->timed;
    }

    /**
     * Reads ahead what will be asked for, in one query.
     *
     * @param list<string> $whats
     */
    public function look(array $whats): void
    {
        $whats = array_diff($whats, array_keys($this->read));
        if ($whats === []) {
            return;
        }
        $names = implode(', ', array_fill(0, count($whats), '?'));
        /** @var list<\stdClass> $rows */
        $rows = DB::select(
            'select books.revision as now, books.timed, known.what, known.revision, known.of, known.value from books '
                ."left join known on known.user_id = books.user_id and known.what in ({$names}) "
                .'where books.user_id = ?',
            [...array_values($whats), $this->maker],
        );
        $now = $rows[0]->now ?? throw new \LogicException("Maker {$this->maker} has no books.");
        if ($this->opened === null) {
            [$this->opened, $this->timed] = [(int) $now, (int) $rows[0]->timed];
        }
        $found = array_column($rows, null, 'what');
        foreach ($whats as $what) {
            $this->read[$what] = $found[$what] ?? (object) ['now' => $now, 'revision' => null];
        }
    }

    /**
     * What is kept under a name; made and kept where that is not of the books as they are.
     *
     * @template T
     *
     * @param string $of what else it is made of
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function known(string $what, string $of, \Closure $make): mixed
    {
        $isKnown = $this->knows($what, $of);
        $kept = $this->read[$what];
        unset($this->read[$what]);
        if ($isKnown) {
            /** @var T */
            return Plain::read($kept->value);
        }
        $value = $make();
        // As it is now: whoever has it may do with it what she likes.
        $written = Plain::write($value);
        $this->keep($what, $of, fn(): string => $written);

        return $value;
    }

    /**
     * What is reckoned of nothing that was read before they were opened, and will be asked for: not before she was
     * answered.
     *
     * @param \Closure(): mixed $make
     */
    public function foresee(string $what, string $of, \Closure $make): void
    {
        $this->keep($what, $of, fn(): string => Plain::write($make()));
    }

    /** @param \Closure(): string $written */
    private function keep(string $what, string $of, \Closure $written): void
    {
        $this->open();
        $row = ['user_id' => $this->maker, 'what' => $what, 'revision' => $this->opened, 'of' => self::mark($of)];
        // Not before what it is made of is kept, nor after a change that was taken back; and nobody waits for it.
        DB::afterCommit(function () use ($row, $written): void {
            if ($this->unwritten === []) {
                defer($this->write(...));
            }
            $this->unwritten[] = [$row, $written];
        });
    }

    private function write(): void
    {
        $rows = [];
        // What is made of one of them may add to them.
        for ($nth = 0; $nth < count($this->unwritten); $nth++) {
            [$row, $written] = $this->unwritten[$nth];
            $rows[] = $row + ['value' => $written()];
        }
        $this->unwritten = [];
        DB::table('known')->upsert($rows, ['user_id', 'what']);
    }

    /** Whether that is kept, of the books as they are. */
    public function knows(string $what, string $of): bool
    {
        $this->look([$what]);
        $kept = $this->read[$what];

        return $kept->revision === $kept->now && $kept->of === self::mark($of);
    }

    /** What another version of our code reckoned is not known. */
    private static function mark(string $of): string
    {
        return sha1(Code::fingerprint().$of);
    }

    /** The books may say something else since. */
    public function close(): void
    {
        $this->read = [];
    }
}
