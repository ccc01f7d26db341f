<?php

declare(strict_types=1);

namespace App\Books;

use App\Casts\Cell;
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
            $this->readAhead(['']);
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
     * @param list<Question> $questions
     */
    public function look(array $questions): void
    {
        $this->readAhead(array_map(fn(Question $one): string => $one->name, $questions));
    }

    /** @param list<string> $whats */
    private function readAhead(array $whats): void
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
            [$this->opened, $this->timed] = [Cell::int($now), Cell::int($rows[0]->timed)];
        }
        $found = array_column($rows, null, 'what');
        foreach ($whats as $what) {
            $this->read[$what] = $found[$what] ?? (object) ['now' => $now, 'revision' => null];
        }
    }

    /**
     * The answer that is kept; made and kept where that is not of the books as they are.
     *
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function known(Question $question, \Closure $make): mixed
    {
        $isKnown = $this->knows($question);
        $kept = $this->read[$question->name];
        unset($this->read[$question->name]);
        if ($isKnown) {
            /** @var T */
            return Plain::read(Cell::text($kept->value));
        }
        $value = $make();
        // As it is now: whoever has it may do with it what she likes.
        $written = Plain::write($value);
        $this->keep($question, fn(): string => $written);

        return $value;
    }

    /**
     * What is reckoned of nothing that was read before they were opened, and will be asked for: not before she was
     * answered.
     *
     * @param \Closure(): mixed $make
     */
    public function foresee(Question $question, \Closure $make): void
    {
        $this->keep($question, fn(): string => Plain::write($make()));
    }

    /** @param \Closure(): string $written */
    private function keep(Question $question, \Closure $written): void
    {
        $this->open();
        $row = [
            'user_id' => $this->maker, 'what' => $question->name, 'revision' => $this->opened,
            'of' => $question->mark(Code::fingerprint()),
        ];
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

    /** Whether the answer is kept, of the books as they are and by our code as it is. */
    public function knows(Question $question): bool
    {
        $this->look([$question]);
        $kept = $this->read[$question->name];

        return $kept->revision === $kept->now && $kept->of === $question->mark(Code::fingerprint());
    }

    /** The books may say something else since. */
    public function close(): void
    {
        $this->read = [];
    }
}
