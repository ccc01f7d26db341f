<?php

declare(strict_types=1);

namespace App\Account;

use App\Bags\Sheets\PlanSheet;
use App\Bags\SwatchFile;
use App\Bags\WordsText;
use App\Bags\WorkFile;
use App\Bags\WorkLog;
use App\Books\BagFacts;
use App\Books\MakerHistory;
use App\Casts\Cell;
use App\Models\Bag;
use App\Models\Batch;
use App\Models\User;
use App\Stash\CutFile;
use App\Stash\StashFile;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/**
 * Everything of hers as one zip of open files, put together in steps: each does some of it and says how far it is. What
 * is put together lies in a folder of its own until it is fetched or another is begun.
 */
final class AccountExport
{
    public const FORMAT = 'fescue-account/1';

    /**
     * Of what its documents say by themselves; where it is not told the first. 2: which side of rows is the front, what
     * a weighing says.
     */
    public const EDITION = 2;

    /** Seconds that a step may take. */
    private const STEP = 1.5;

    private const ROWS = 500;

    /** Seconds after which one that does not go on is not under way. */
    private const STALE = 60;

    /** A folder that nobody fetched is old after so many seconds. */
    private const OLD = 3600;

    /** @param array{tasks: list<array{string, int}>, done: int, counts: array<string, int>} $state */
    private function __construct(private string $folder, private User $maker, private array $state) {}

    /** Where zips lie until they are fetched, or read; each begins with its maker's number. */
    public static function root(): string
    {
        File::ensureDirectoryExists(storage_path('app/parcels'), 0750);

        return storage_path('app/parcels');
    }

    /** Begins anew, and what was put together before is gone; where one is under way that goes on. */
    public static function begin(User $maker): self
    {
        return self::alone($maker->id, function () use ($maker): self {
            foreach (File::directories(self::root()) as $folder) {
                $is = is_string($folder) ? $folder : '';
                $one = self::find($maker, basename($is));
                if ($one !== null && ! $one->isDone() && filemtime("{$is}/state.json") > time() - self::STALE) {
                    return $one;
                }
                if (str_starts_with(basename($is), "{$maker->id}-") || filemtime($is) < time() - self::OLD) {
                    File::deleteDirectory($is);
                }
            }

            return self::made($maker);
        });
    }

    /** Of whoever leaves nothing stays. */
    public static function forget(int $maker): void
    {
        foreach (File::glob(self::root()."/{$maker}-*") as $one) {
            $path = Cell::text($one);
            is_dir($path) ? File::deleteDirectory($path) : File::delete($path);
        }
    }

    /**
     * One at a time of a maker, in however many tabs she asks.
     *
     * @template T
     *
     * @param \Closure(): T $do
     *
     * @return T
     */
    private static function alone(int $maker, \Closure $do): mixed
    {
        return Cache::lock("parcel {$maker}", 60)->block(30, $do);
    }

    private static function made(User $maker): self
    {
        $folder = self::root()."/{$maker->id}-".Str::lower(Str::random(24));
        File::makeDirectory("{$folder}/files", 0750, true);
        $tasks = [['tables', 0], ['lists', 0]];
        foreach (Tables::of('bags', $maker)->pluck('id') as $bag) {
            $tasks[] = ['bag', is_numeric($bag) ? (int) $bag : 0];
        }
        $tasks[] = ['close', 0];
        $begun = new self($folder, $maker, ['tasks' => $tasks, 'done' => 0, 'counts' => []]);
        $begun->keep();

        return $begun;
    }

    /** The one that was begun under that name; null where there is none of hers. */
    public static function find(User $maker, string $name): ?self
    {
        if (preg_match("/^{$maker->id}-[a-z0-9]{24}$/", $name) !== 1 || ! is_file(self::root()."/{$name}/state.json")) {
            return null;
        }
        $folder = self::root()."/{$name}";
        $state = json_decode((string) file_get_contents("{$folder}/state.json"), true, 64, JSON_THROW_ON_ERROR);

        /** @var array{tasks: list<array{string, int}>, done: int, counts: array<string, int>} $state */
        return new self($folder, $maker, $state);
    }

    public function name(): string
    {
        return basename($this->folder);
    }

    /** Of a hundred. */
    public function percent(): int
    {
        return (int) floor(100 * $this->state['done'] / max(1, count($this->state['tasks'])));
    }

    public function isDone(): bool
    {
        return $this->state['done'] >= count($this->state['tasks']);
    }

    public function zip(): string
    {
        return "{$this->folder}/account.zip";
    }

    /** Some more of it, from where it is by then. */
    public function step(): void
    {
        self::alone($this->maker->id, function (): void {
            $this->state = self::find($this->maker, $this->name())->state ?? $this->state;
            if (! $this->isDone()) {
                $this->goOn();
            }
        });
    }

    private function goOn(): void
    {
        $until = microtime(true) + self::STEP;
        $hands = new MakerHistory($this->maker->id);
        do {
            $task = $this->state['tasks'][$this->state['done']] ?? null;
            if ($task === null) {
                break;
            }
            match ($task[0]) {
                'lists' => $this->lists(),
                'tables' => $this->tables(),
                'bag' => $this->bag($task[1], $hands),
                default => $this->close(),
            };
            $this->state['done']++;
        } while (microtime(true) < $until);
        $this->keep();
    }

    private function keep(): void
    {
        // Whole or not at all: a server killed in the midst leaves the step before.
        File::replace("{$this->folder}/state.json", json_encode($this->state, JSON_THROW_ON_ERROR));
    }

    private function write(string $path, string $content): void
    {
        File::ensureDirectoryExists(dirname("{$this->folder}/files/{$path}"), 0750);
        file_put_contents("{$this->folder}/files/{$path}", $content);
    }

    /** What a spreadsheet reads. */
    private function lists(): void
    {
        $this->write('stash.csv', StashFile::write($this->maker->materials()->with('strungOn')->get()));
        $this->write('swatches.csv', SwatchFile::write($this->maker->swatches()->with('material')->get()));
        /** @var Batch $batch */
        foreach ($this->maker->batches()->with('rawPiece')->get() as $batch) {
            $this->write(
                'cuts/'.self::called($batch->name, $batch->id).'.csv',
                CutFile::write($batch->plan()->cutting),
            );
        }
    }

    /** All as it is at one moment, whatever is entered meanwhile. */
    private function tables(): void
    {
        if (DB::transactionLevel() === 0) {
            DB::statement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        }
        DB::transaction(function (): void {
            foreach (array_keys(Tables::ALL) as $table) {
                $this->table($table);
            }
        });
    }

    /** All of a table that is hers, a row a line; pictures beside it. */
    private function table(string $table): void
    {
        File::ensureDirectoryExists("{$this->folder}/files/data", 0750);
        $to = fopen("{$this->folder}/files/data/{$table}.jsonl", 'w');
        if ($to === false) {
            throw new \RuntimeException('No room for it.');
        }
        $many = 0;
        $columns = Tables::columns($table);
        foreach (Tables::of($table, $this->maker)->select($columns)->lazy(self::ROWS) as $row) {
            $row = (array) $row;
            foreach (Tables::DOCUMENTS as $column) {
                if (is_string($row[$column] ?? null)) {
                    $row[$column] = json_decode($row[$column]);
                }
            }
            fwrite($to, json_encode(
                $row,
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            )."\n");
            if ($table === 'pictures') {
                $jpeg = DB::table('pictures')->where('id', $row['id'])->value('jpeg');
                $this->write('pictures/'.Cell::int($row['id']).'.jpg', is_string($jpeg) ? $jpeg : '');
            }
            $many++;
        }
        fclose($to);
        $this->state['counts'][$table] = $many;
    }

    /** A bag as a file, its pattern as text, its log. */
    private function bag(int $id, MakerHistory $hands): void
    {
        $bag = Bag::query()->find($id);
        if ($bag === null) {
            // Put away, or deleted since: its row is there.
            return;
        }
        $at = 'bags/'.self::called($bag->name(), $bag->id);
        $this->write("{$at}.fescue-bag.json", json_encode(
            BagFacts::of($bag)->asks($hands)->document(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n");
        try {
            $this->write("{$at}.txt", WordsText::of(PlanSheet::of($bag, $this->maker)));
        } catch (Refused) {
            // It makes no plan as it is; its file says all that is known of it.
        }
        if (WorkLog::isBegun($bag)) {
            $this->write("{$at}.work.csv", WorkFile::write($bag));
        }
    }

    private static function called(string $name, int $id): string
    {
        $slug = Str::limit(Str::slug($name), 60, '');

        return sprintf('%04d-%s', $id, $slug === '' ? 'unnamed' : $slug);
    }

    private function close(): void
    {
        $this->write('account.json', json_encode([
            'format' => self::FORMAT,
            'edition' => self::EDITION,
            'settings' => [
                'units' => $this->maker->units->value,
                'terms' => $this->maker->terms->value,
                'wage' => $this->maker->wage,
                'signs' => $this->maker->signs,
                'rights' => $this->maker->rights,
                'sections' => $this->maker->sections,
            ],
            'counts' => $this->state['counts'],
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");
        $this->write('README.txt', Tongues::tell(self::README));
        $zip = new \ZipArchive();
        $zip->open($this->zip(), \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        foreach (File::allFiles("{$this->folder}/files") as $file) {
            $name = str_replace('\\', '/', $file->getRelativePathname());
            $zip->addFile($file->getPathname(), $name);
            if (str_ends_with($name, '.jpg')) {
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }
        }
        if (! $zip->close()) {
            throw new \RuntimeException('The zip could not be written.');
        }
        File::deleteDirectory("{$this->folder}/files");
    }

    private const README = <<<'TEXT'
        Everything of your Fescue account
        =================================

        account.json      how you read lengths and stitch names, and how many rows there are of each list
        bags/*.json       each bag as a file that Fescue, yours or another's, reads (fescue-bag/1)
        bags/*.txt        its pattern, row by row
        bags/*.work.csv   what was done of it, and when
        stash.csv, swatches.csv, cuts/*.csv   for a spreadsheet, and to be read by Fescue's own pages
        pictures/*.jpg    your photographs
        data/*.jsonl      all of it as it is kept, a row a line in JSON: this is what reading the zip into an
                          empty account goes by. A number in a column such as bag_id is the id of a row of that list.

        To have it all back: register, open your account's page, and read this zip there. Nothing in it is a password,
        and nothing is of anybody else.
        TEXT;
}
