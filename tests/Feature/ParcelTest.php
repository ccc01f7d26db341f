<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\AccountExport;
use App\Account\Tables;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Picture;
use App\Models\User;
use Fescue\Core\Tests\Draw;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** Everything of a maker's out as one zip, and into an empty account again: the same account. */
final class ParcelTest extends TestCase
{
    private function zipOf(User $maker): string
    {
        $parcel = AccountExport::begin($maker);
        while (! $parcel->isDone()) {
            // Each step is a request of its own.
            $parcel = AccountExport::find($maker, $parcel->name())
                ?? self::fail('It is there while it is put together.');
            $parcel->step();
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'parcel');
        copy($parcel->zip(), $path);

        return $path;
    }

    private function sent(string $path): UploadedFile
    {
        return new UploadedFile($path, 'account.zip', 'application/zip', null, true);
    }

    /** What a page says, but for numbers of rows and what is made anew each time. */
    private function page(string $path): string
    {
        $text = (string) $this->get($path)->assertOk()->getContent();

        return (string) preg_replace([
            '#/(bags|stash|swatches|pieces|batches|pictures|entries|enough)/\d+#',
            '#(material|swatch|bags|piece|bag)=\d+#',
            '#<option value="\d+"#',
            '#name="_(token|once)" value="[^"]+"#',
            '#\b(id|for|href|action|name|list|aria-[a-z]+by|data-[a-z-]+)="[^"]*\d[^"]*"#',
            '#\burl\(\#\w+\)|\b(id|href)="\#?\w+"#',
            '#type="(hidden|checkbox|radio)" name="[\w\[\]]+" value="\d+"#',
            // The stand-in of a scale never rests at quite the same.
            '#<p class="display.*?</p>#s',
            '#\s+#',
        ], ['/$1/N', '$1=N', '<option value="N"', 'name="_$1"', '$1=N', 'R', 'type="$1"', '', ' '], (string) strstr($text, '<main'));
    }

    public function testAnAccountGoesOutAndComesInTheSame(): void
    {
        $this->seed();
        $mirre = User::query()->sole();
        $gangway = $mirre->bags()->where('choices->name', 'Gangway tote')->sole();
        $picture = Picture::query()->firstOrFail()->only(['user_id', 'width', 'height', 'jpeg']);
        Picture::query()->forceCreate(['bag_id' => $gangway->id] + $picture);
        $zip = $this->zipOf($mirre);
        $read = new \ZipArchive();
        $read->open($zip);
        foreach (['README.txt', 'account.json', 'stash.csv', 'swatches.csv', 'data/bags.jsonl'] as $name) {
            self::assertNotFalse($read->locateName($name), $name);
        }
        $names = array_map(fn(int $place): string => (string) $read->getNameIndex($place), range(0, $read->numFiles - 1));
        self::assertCount($mirre->bags()->count(), preg_grep('#^bags/.*\.fescue-bag\.json$#', $names) ?: []);
        self::assertCount(4, preg_grep('#^bags/.*\.work\.csv$#', $names) ?: []);
        self::assertGreaterThan(25, count(preg_grep('#^bags/.*\.txt$#', $names) ?: []));
        // No password goes with it, and nothing that tells who she is.
        $all = implode('', array_map(fn(string $name): string => (string) $read->getFromName($name), $names));
        self::assertStringNotContainsString($mirre->email, $all);
        self::assertStringNotContainsString('$argon2', $all);
        // A bag's file is read by the page for bag files as it is.
        $bag = (string) $read->getFromName(array_values(preg_grep('#fescue-bag\.json$#', $names) ?: [''])[0]);
        $read->close();
        $otto = $this->maker('otto@pier.example');
        $this->actingAs($otto)->post('/bags/import', ['text' => $bag])->assertSessionHasNoErrors();
        $otto->bags()->get()->each->forceDelete();
        $this->post('/account/parcel/read', ['file' => $this->sent($zip)])->assertRedirect('/')
            ->assertSessionHas('status', fn(string $said): bool => str_contains($said, '19 materials, 12 swatches, 32 bags, 2 pictures'));
        foreach (array_keys(Tables::ALL) as $table) {
            self::assertSame(Tables::of($table, $mirre)->count(), Tables::of($table, $otto)->count(), $table);
        }
        $otto->refresh();
        self::assertSame([$mirre->units, $mirre->wage], [$otto->units, $otto->wage]);
        [$hers, $his] = [$this->pages($mirre), $this->pages($otto)];
        self::assertCount(count($hers), $his);
        self::assertGreaterThan(150, count($hers));
        $this->flushSession()->actingAs($mirre);
        $texts = array_map($this->page(...), $hers);
        $this->flushSession()->actingAs($otto);
        foreach ($his as $place => $path) {
            self::assertSame($texts[$place], $this->page($path), "{$hers[$place]} and {$path}");
        }
        // Once: a second is not mixed with it.
        $this->post('/account/parcel/read', ['file' => $this->sent($zip)])->assertSessionHasErrors('file');
        unlink($zip);
    }

    /** Numbers and texts that a form would not send. */
    private const ODD = [0, -1, -99999, 1e12, 0.0001, '', 'zzz', '0 cm', '-3 g', '9 km', true, null];

    /**
     * A value of a row, of any list, is changed: it is refused and says where, or every page of the account opens.
     * FESCUE_FUZZ tells how often, FESCUE_SEED which.
     */
    #[Group('slow')]
    public function testAValueChangedByHandIsRefusedOrShown(): void
    {
        $this->withoutMiddleware(ThrottleRequests::class);
        $seed = Draw::seed();
        Draw::sow(21);
        $this->seed();
        $mirre = User::query()->sole();
        // A few of her bags, so that each list still has something.
        $keep = array_map(
            fn(string $table): mixed => DB::table($table)->min('bag_id'),
            array_keys(array_filter(Tables::ALL, fn(array $of): bool => isset($of['bag_id']))),
        );
        DB::table('bags')->whereNotIn('id', array_filter($keep))->delete();
        $zip = $this->zipOf($mirre);
        for ($time = (int) (getenv('FESCUE_FUZZ') ?: 12); $time > 0; $time--) {
            $path = (string) tempnam(sys_get_temp_dir(), 'parcel');
            copy($zip, $path);
            $open = new \ZipArchive();
            $open->open($path);
            $table = array_keys(Tables::ALL)[mt_rand(0, count(Tables::ALL) - 1)];
            $lines = explode("\n", trim((string) $open->getFromName("data/{$table}.jsonl")));
            if ($lines === ['']) {
                $time++;

                continue;
            }
            $nth = mt_rand(0, count($lines) - 1);
            $row = json_decode($lines[$nth], true);
            self::assertIsArray($row);
            $columns = array_values(array_diff(array_keys($row), ['id']));
            $column = $columns[mt_rand(0, count($columns) - 1)];
            $odd = self::ODD[mt_rand(0, count(self::ODD) - 1)];
            if (is_array($row[$column]) && $row[$column] !== []) {
                $key = array_rand($row[$column]);
                $row[$column][$key] = $odd;
                $column .= ".{$key}";
            } else {
                $row[$column] = $odd;
            }
            $lines[$nth] = json_encode($row, JSON_THROW_ON_ERROR);
            $open->addFromString("data/{$table}.jsonl", implode("\n", $lines)."\n");
            $open->close();
            $what = "seed {$seed}: {$table} {$nth} {$column} = ".json_encode($odd);
            $reader = $this->maker("reader{$time}@pier.example");
            $this->flushSession()->actingAs($reader)->post('/account/parcel/read', ['file' => $this->sent($path)])->assertRedirect();
            unlink($path);
            if (session()->has('errors')) {
                self::assertTrue(Tables::areEmpty($reader), $what);

                continue;
            }
            $this->flushSession()->actingAs($reader);
            foreach ($this->pages($reader) as $page) {
                self::assertLessThan(500, $this->get($page)->status(), "{$what}: {$page}");
            }
            $reader->delete();
        }
        unlink($zip);
    }

    /** @return list<string> all that an account has */
    private function pages(User $of): array
    {
        return [
            '/stash', '/stash/ledger', '/stash/prepare', '/swatches', '/swatches/pictures', '/cutting', '/cutting/pieces',
            '/cutting/batches', '/bags', '/bags/log', '/bags/shopping',
            ...array_merge(...$of->bags()->reorder('id')->get()->map(fn(Bag $bag): array => array_map(
                fn(string $page): string => "/bags/{$bag->id}{$page}",
                ['', '/words', '/enough', '/finish'],
            ))->all()),
            ...$of->materials()->reorder('id')->pluck('id')->map(fn(mixed $id): string => "/stash/{$id}")->all(),
            ...$of->swatches()->reorder('id')->pluck('id')->map(fn(mixed $id): string => "/swatches/{$id}")->all(),
            ...$of->batches()->reorder('id')->pluck('id')->map(fn(mixed $id): string => "/cutting/batches/{$id}")->all(),
        ];
    }

    /** @param callable(\ZipArchive): mixed $harm */
    private function refused(string $zip, User $reader, callable $harm, string $said): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'parcel');
        copy($zip, $path);
        $open = new \ZipArchive();
        $open->open($path);
        $harm($open);
        $open->close();
        $this->actingAs($reader)->post('/account/parcel/read', ['file' => $this->sent($path)]);
        self::assertTrue(session()->has('errors'), $said);
        self::assertStringContainsString($said, (string) session('errors')->first('file'));
        self::assertTrue(Tables::areEmpty($reader), $said);
        unlink($path);
    }

    public function testWhatIsHarmedOrForeignIsRefusedWhole(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        BagFinish::query()->create(['bag_id' => $bag->id, 'otherwise' => 'As it is.', 'wide' => '34 cm']);
        $zip = $this->zipOf($maker);
        $reader = $this->maker('ada@pier.example');
        $bomb = (string) tempnam(sys_get_temp_dir(), 'bomb');
        $holes = fopen($bomb, 'w') ?: self::fail('No room for it.');
        ftruncate($holes, 300 << 20);
        fclose($holes);
        // She may be refused more often here than a hand would try.
        $this->withoutMiddleware(ThrottleRequests::class);
        $swap = fn(string $name, string $from, string $to): callable => function (\ZipArchive $open) use ($name, $from, $to): void {
            $text = (string) $open->getFromName($name);
            self::assertStringContainsString($from, $text);
            $open->addFromString($name, str_replace($from, $to, $text));
        };
        foreach ([
            ['none of ours', fn(\ZipArchive $open) => $open->addFromString('../../etc/x', 'x')],
            ['none of ours', fn(\ZipArchive $open) => $open->addFromString('/etc/x', 'x')],
            ['account.json is not in it', fn(\ZipArchive $open) => $open->deleteName('account.json')],
            ['data/bags.jsonl is not in it', fn(\ZipArchive $open) => $open->deleteName('data/bags.jsonl')],
            ['materials.jsonl, line 2: it is empty', function (\ZipArchive $open): void {
                $open->addFromString('data/materials.jsonl', $open->getFromName('data/materials.jsonl').str_repeat("\n", 1 << 20));
            }],
            ['another program', $swap('account.json', 'fescue-account\\/1', 'other\\/3')],
            ['no such row of batches', fn(\ZipArchive $open) => $open->addFromString('data/batch_ticks.jsonl', '{"batch_id":1}')],
            ['it is not whole', fn(\ZipArchive $open) => $open->addFromString('data/bag_finishes.jsonl', '')],
            ['no row of that list', $swap('data/materials.jsonl', '"colour"', '"user_id"')],
            ['no row of that list', fn(\ZipArchive $open) => $open->addFromString('data/materials.jsonl', 'x')],
            ['there is no such row of materials', $swap('data/swatches.jsonl', '"material_id":', '"material_id":9')],
            ['materials.jsonl, line 1, kind', $swap('data/materials.jsonl', '"kind":"cord"', '"kind":"rope"')],
            ['should be an object', $swap('data/bags.jsonl', '"choices":{', '"choices":7,"price_tag":{')],
            ['swatches.jsonl, line 1, name', $swap('data/swatches.jsonl', '"name":"sc on 8"', '"name":"'.str_repeat('x', 300).'"')],
            ['swatches.jsonl, line 1, width', $swap('data/swatches.jsonl', '"width":120', '"width":0')],
            ['swatches.jsonl, line 1 (“sc on 8”): width: This should be from', $swap('data/swatches.jsonl', '"width":120', '"width":99999')],
            ['materials.jsonl, line 1 (“Tarred cord”): on_hand: “-99999” is less than nothing', $swap('data/stock_entries.jsonl', '"amount":"900.000"', '"amount":"-99999.000"')],
            ['stock_entries.jsonl, line 1, amount', $swap('data/stock_entries.jsonl', '"move":"weighed","amount":"900', '"move":"used","amount":"900')],
            ['stock_entries.jsonl, line 1, created', $swap('data/stock_entries.jsonl', '"created_at":"', '"created_at":null,"note":"')],
            ['bag_finishes.jsonl, line 1: strap_lay', $swap('data/bag_finishes.jsonl', '"strap_lay":null,"strap_hung":null', '"strap_lay":"a hand","strap_hung":"2 m"')],
            // It swells a thousand times: refused by what it says of itself, before a byte is unpacked.
            ['more than a gigabyte', fn(\ZipArchive $open) => $open->addFile($bomb, 'data/bomb.jsonl')],
        ] as [$said, $harm]) {
            $this->refused($zip, $reader, $harm, $said);
        }
        unlink($bomb);
        // A zip cut off in the middle, no zip, and nothing at all.
        foreach ([substr((string) file_get_contents($zip), 0, 900), 'no zip', ''] as $bytes) {
            $path = (string) tempnam(sys_get_temp_dir(), 'parcel');
            file_put_contents($path, $bytes);
            $this->post('/account/parcel/read', ['file' => $this->sent($path)])->assertSessionHasErrors('file');
            unlink($path);
        }
        $this->post('/account/parcel/read', ['file' => 'text'])->assertSessionHasErrors('file');
        self::assertTrue(Tables::areEmpty($reader));
        unlink($zip);
    }

    /** Another's parcel is nobody else's, and a name guessed at is none. */
    public function testAParcelIsHersAlone(): void
    {
        $maker = $this->maker();
        $this->bag($maker);
        $this->actingAs($maker)->post('/account/parcel')->assertRedirect();
        $name = (string) session('parcel');
        $this->get('/account/parcel')->assertOk()->assertSee('It is put together');
        for ($step = 0; $step < 20 && $this->post('/account/parcel/step')->assertOk()->json('done') !== true; $step++);
        $this->get('/account/parcel')->assertSee('Keep the zip');
        $this->get('/account/parcel/zip')->assertOk()->assertDownload('fescue-account.zip');
        // Of four tabs each follows the one that is under way; one that is done makes room for another.
        $twice = [AccountExport::begin($maker)->name(), AccountExport::begin($maker)->name()];
        self::assertSame($twice[0], $twice[1]);
        self::assertNotSame($name, $twice[0]);
        self::assertNull(AccountExport::find($maker, $name));
        $other = $this->maker('ada@pier.example');
        self::assertNull(AccountExport::find($other, $name));
        self::assertNull(AccountExport::find($other, '../'.$name));
        $this->flushSession()->actingAs($other)->withSession(['parcel' => $name])->get('/account/parcel/zip')->assertRedirect('/account/parcel');
        $this->withSession(['parcel' => $name])->post('/account/parcel/step')->assertNotFound();
        // Whoever leaves leaves nothing behind.
        self::assertNotNull(AccountExport::find($maker, $twice[0]));
        $this->flushSession()->actingAs($maker)->delete('/account', ['current_password' => 'a long password'])->assertRedirect('/');
        self::assertNull(AccountExport::find($maker, $twice[0]));
    }
}
