<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Tongue\Tongues;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Cache;

/** An account's zip, read in where a worker has time: a large one takes longer than a page may. */
final class ImportAccount implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    private const BROKE = 'It took too long or broke off, and nothing was taken in. Try it once more.';

    /** All of it or nothing: what broke off is hers to send again. */
    public int $tries = 1;

    public int $timeout = 80;

    private function __construct(private readonly int $maker, private readonly string $path) {}

    /** Keeps what was sent until it is read. */
    public static function begin(User $maker, string $path): void
    {
        $kept = AccountExport::root()."/{$maker->id}-".bin2hex(random_bytes(12)).'.zip';
        copy($path, $kept);
        Cache::put(self::key($maker->id), ['state' => 'waiting', 'said' => ''], now()->addMinutes(10));
        dispatch(new self($maker->id, $kept));
    }

    /** @return ?array{state: string, said: string} "waiting", "done" or "refused", and what is said of it, once */
    public static function heard(User $maker): ?array
    {
        /** @var ?array{state: string, said: string} $said */
        $said = Cache::get(self::key($maker->id));
        if ($said !== null && $said['state'] !== 'waiting') {
            Cache::forget(self::key($maker->id));
        }

        return $said;
    }

    public function handle(): void
    {
        try {
            $maker = User::query()->findOrFail($this->maker);
            Tongues::speaking($maker->terms, $maker->units, fn() => $this->read($maker));
        } finally {
            @unlink($this->path);
        }
    }

    private function read(User $maker): void
    {
        try {
            $read = AccountImport::take($maker, $this->path);
            $this->say('done', Tongues::tell(
                'It is all here: {materials, plural, one {# material} other {# materials}}, {swatches, plural, one '
                    .'{# swatch} other {# swatches}}, {bags, plural, one {# bag} other {# bags}}, {pictures, plural, '
                    .'one {# picture} other {# pictures}}.',
                [
                    'materials' => $read['materials'],
                    'swatches' => $read['swatches'],
                    'bags' => $read['bags'],
                    'pictures' => $read['pictures'],
                ],
            ));
        } catch (BadAccountFile $e) {
            $this->say('refused', Tongues::tell('{why} Nothing was taken in.', ['why' => $e->getMessage()]));
        }
    }

    public function failed(): void
    {
        @unlink($this->path);
        $this->say('refused', Tongues::tell(self::BROKE));
    }

    private function say(string $state, string $said): void
    {
        Cache::put(self::key($this->maker), ['state' => $state, 'said' => $said], now()->addHour());
    }

    private static function key(int $maker): string
    {
        return "parcel read {$maker}";
    }
}
