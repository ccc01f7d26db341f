<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Books\BagFacts;
use App\Books\Books;
use App\Books\MakerHistory;
use App\Books\Question;
use App\Models\Bag;
use App\Models\User;
use App\Stash\Ledger;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Stock\Move;
use Illuminate\Support\Defer\DeferredCallbackCollection;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** What is kept of a maker's books is never older than they are. */
final class KnownTest extends TestCase
{
    /** Tables of hers that no figure of a bag is read from. */
    private const SAYS_NOTHING = [
        'bag_links', 'bag_revisions', 'bag_steps', 'batches', 'books', 'known', 'papers', 'pictures', 'raw_pieces', 'recovery_codes',
        'recovery_links', 'scales', 'sent_once', 'sessions', 'tab_steps', 'texts', 'work_counters', 'work_courses', 'work_entries',
    ];

    /** All that the lists and both bags say, as it is kept; then as it is when nothing was kept. */
    private function assertFresh(User $maker, Bag $one, Bag $other, string $after): void
    {
        $say = function () use ($one, $other): string {
            $said = '';
            foreach (['/', '/bags', ...array_map(fn(Bag $bag): string => "/bags/{$bag->id}", [$one, $other])] as $page) {
                $said .= $this->get($page)->getContent();
            }
            $said .= $this->get("/bags/{$other->id}/enough?whole=1")->getContent();
            $said .= $this->get("/bags/{$one->id}/what-if?whole=1")->getContent();

            // What lies on the scale is of the moment too.
            return (string) preg_replace('#<b data-shown>.*?</b>#', '', self::bare($said));
        };
        $this->actingAs($maker->refresh());
        // What was to be said once is said.
        $say();
        $kept = $say();
        DB::table('known')->delete();
        self::assertSame($say(), $kept, $after);
    }

    #[Group('slow')]
    public function testNoChangeLeavesAFigureStale(): void
    {
        $maker = $this->maker();
        $one = $this->bag($maker);
        $other = $this->bag($maker);
        [$hers, $its] = [$one->material ?? $this->fail(), $other->material ?? $this->fail()];
        // It runs short, so that what makes it fit is said too.
        $its->entries()->update(['amount' => 300]);
        $this->actingAs($maker);
        $learned = $this->form($other, ['swatch_id' => 'learned', 'hook' => '8', 'handles' => [
            'type' => 'chain', 'skip' => '8', 'chain' => '40',
        ]]);
        $swatch = [
            'material_id' => $hers->id, 'name' => 'dc on 8', 'hook' => '8 mm', 'stitch' => 'dc', 'stitches_counted' => '10',
            'width' => '13 cm', 'rows_counted' => '6', 'height' => '12 cm', 'mass' => '60 g', 'state' => 'relaxed',
        ];
        $entries = "/stash/{$hers->id}/entries";
        $line = fn(): int => (int) DB::table('stock_entries')->max('id');
        $weighed = fn(): int => (int) DB::table('weigh_ins')->max('id');
        $second = fn(): int => (int) DB::table('swatches')->max('id');
        $changes = [
            'it is learned, on a chain' => fn() => $this->put("/bags/{$other->id}", $learned),
            'bought' => fn() => $this->post($entries, ['move' => 'bought', 'amount' => '300 g']),
            'that undone' => fn() => $this->post("/stash/entries/{$line()}/undo"),
            'and done again' => fn() => $this->post("/stash/entries/{$line()}/redo"),
            'kept for the other' => fn() => $this->post("/stash/{$hers->id}/reserve", [
                'reserve_for' => (string) $other->id, 'reserve' => '600 g',
            ]),
            'the other put away' => fn() => $this->delete("/bags/{$other->id}"),
            'and back' => fn() => $this->post("/bags/{$other->id}/restore"),
            'another swatch' => fn() => $this->post('/swatches', $swatch),
            'which was wider' => fn() => $this->put("/swatches/{$second()}", ['width' => '15 cm'] + $swatch),
            'it is of dc' => fn() => $this->put("/bags/{$one->id}", $this->form($one, ['body.stitch' => 'dc'])),
            'the swatch put away' => fn() => $this->delete("/swatches/{$second()}"),
            'and back again' => fn() => $this->post("/swatches/{$second()}/restore"),
            'and chosen' => fn() => $this->post("/swatches/{$second()}/choose"),
            'weighed after a round' => fn() => $this->post("/bags/{$one->id}/enough", [
                'after' => 'Round 6', 'left' => '320 g',
            ]),
            'that taken back' => fn() => $this->delete("/bags/{$one->id}/enough/{$weighed()}"),
            'and put back' => fn() => $this->post("/bags/{$one->id}/enough/{$weighed()}"),
            'an hour for the base' => fn() => $this->post("/bags/{$one->id}/time", ['part' => 'base', 'minutes' => '60']),
            'it is higher' => fn() => $this->put("/bags/{$one->id}", $this->form($one, ['size.height' => '31 cm'])),
            'one step back' => fn() => $this->post("/bags/{$one->id}/undo", ['revision' => $one->refresh()->revision]),
            'the price' => fn() => $this->post("/bags/{$one->id}/price", ['wage' => '18', 'price_tag' => '120']),
            'the material is another' => fn() => $this->put("/stash/{$hers->id}", [
                'kind' => 'cord', 'name' => 'Waxed cord', 'colour' => '#885522', 'diameter' => '4 mm',
                'sample_length' => '1 m', 'sample_mass' => '9.4 g', 'price' => '12', 'price_for' => '500 g',
            ]),
            'of the other strand' => fn() => $this->post("/bags/{$one->id}/what-if", [
                'material_id' => $its->id, 'hook' => '9 mm', 'keep' => 'counts',
            ]),
            'the material put away' => fn() => $this->delete("/stash/{$its->id}"),
            'and taken out' => fn() => $this->post("/stash/{$its->id}/restore"),
            'in inches, as in the UK' => fn() => $this->put('/account', [
                'name' => 'Ilse', 'email' => $maker->email, 'units' => 'in', 'terms' => 'uk',
            ]),
            'finished' => fn() => $this->post("/bags/{$one->id}/finish", [
                'wide' => '12 in', 'high' => '10 in', 'left_over' => '200 g', 'minutes' => '9 h', 'strap_lay' => '20 in',
                'strap_hung' => '22 in',
            ]),
            'not finished' => fn() => $this->delete("/bags/{$one->id}/finish"),
        ];
        $short = 0;
        foreach ($changes as $after => $change) {
            $this->actingAs($maker->refresh());
            $change()->assertSessionHasNoErrors()->assertRedirect();
            $this->assertFresh($maker, $one, $other, $after);
            $short += (int) DB::table('known')->where('what', "mends {$other->id}")->exists();
        }
        self::assertGreaterThan(count($changes) / 2, $short, 'What makes it fit was hardly said.');
    }

    /** Each question is another as soon as anything is that it is made of and her books’ number says nothing of. */
    public function testAQuestionIsAnotherAsSoonAsWhatItIsMadeOf(): void
    {
        $maker = $this->maker();
        [$bag, $other] = [$this->bag($maker), $this->bag($maker)];
        $this->actingAs($maker)->post("/bags/{$other->id}/enough", [
            'after' => 'Round 6', 'left' => '640 g',
        ])->assertSessionHasNoErrors();
        self::assertCount(1, BagFacts::of($other)->hands()->marks());
        $ask = function () use ($maker, $bag): array {
            [$kept, $hers] = [$bag->fresh() ?? $this->fail(), $maker->fresh() ?? $this->fail()];
            $hands = BagFacts::of($kept)->hands();
            $marked = [];
            foreach ([
                'stand' => Question::stand($kept), 'listed' => Question::listed($kept, $hers),
                'mends' => Question::mends($kept, $hers), 'hand' => Question::hand($hands),
                'whatIf' => Question::whatIf($kept, $hers, $kept->material ?? $this->fail()),
                'pace' => Question::pace($hands->books()),
            ] as $which => $question) {
                $marked[$which] = $question->name.' '.$question->mark('code');
            }

            return $marked;
        };
        $all = ['stand', 'listed', 'mends', 'hand', 'whatIf', 'pace'];
        $shown = ['listed', 'mends', 'whatIf'];
        $changes = [
            [$shown, fn() => DB::table('bags')->where('id', $bag->id)->update(['choices->name' => 'Another'])],
            [[...$shown, 'stand'], fn() => DB::table('bags')->where('id', $bag->id)->update(['swatch_id' => null])],
            [[...$shown, 'stand'], fn() => DB::table('bags')->where('id', $bag->id)->update(['choices->learned' => true])],
            [$shown, fn() => DB::table('users')->where('id', $maker->id)->update(['units' => 'in'])],
            [$shown, fn() => DB::table('users')->where('id', $maker->id)->update(['terms' => 'uk'])],
            // Its gauge is learned now: what the other teaches by is made otherwise.
            [[...$shown, 'stand', 'hand'], fn() => DB::table('bags')->where('id', $other->id)
                ->update(['choices->name' => 'It'])],
            [['whatIf', 'pace'], fn() => DB::table('books')->where('user_id', $maker->id)->increment('timed')],
        ];
        foreach ($changes as $nth => [$those, $change]) {
            $before = $ask();
            $change();
            $after = $ask();
            $others = array_values(array_filter($all, fn(string $one): bool => $before[$one] !== $after[$one]));
            sort($those);
            sort($others);
            self::assertSame($those, $others, "change {$nth}");
        }
        $question = Question::taught('lesson', 7, 'one');
        self::assertNotSame($question->mark('code'), Question::taught('lesson', 7, 'two')->mark('code'));
        self::assertNotSame($question->mark('code'), $question->mark('other code'));
        self::assertCount(2, array_unique([$question->name, Question::taught('timed', 7, 'one')->name]));
    }

    /** @return list<string> her tables, by what they are hers through */
    private static function tables(): array
    {
        return array_map(strval(...), DB::table('information_schema.columns')
            ->where('table_schema', DB::getDatabaseName())->whereIn('column_name', ['user_id', 'bag_id', 'material_id'])
            ->whereNotIn('table_name', ['bags', ...self::SAYS_NOTHING])->distinct()->pluck('table_name')->all());
    }

    /** A table that is added is one of these, or one that says nothing. */
    public function testEveryLineOfHerBooksTurnsTheirPage(): void
    {
        $bag = $this->bag($this->maker());
        $material = $bag->material ?? $this->fail();
        $number = fn(): int => (int) DB::table('books')->where('user_id', $bag->user_id)->value('revision');
        $lines = [
            'bag_finishes' => ['bag_id' => $bag->id, 'otherwise' => ''],
            'bag_minutes' => ['bag_id' => $bag->id, 'part' => 'base', 'minutes' => 30],
            'materials' => array_diff_key((array) DB::table('materials')->find($material->id), ['id' => 1]),
            'reservations' => ['bag_id' => $bag->id, 'material_id' => $material->id, 'amount' => 10],
            'stock_entries' => ['material_id' => $material->id, 'move' => 'bought', 'amount' => 10, 'created_at' => now()],
            'swatches' => array_diff_key((array) DB::table('swatches')->find($bag->swatch_id), ['id' => 1]),
            'weigh_ins' => ['bag_id' => $bag->id, 'place' => 3, 'after' => 'Round 3', 'left' => '500 g'],
        ];
        $tables = self::tables();
        sort($tables);
        self::assertSame(array_keys($lines), $tables);
        foreach ($lines as $table => $line) {
            $key = isset($line['part']) ? ['bag_id' => $bag->id] : null;
            foreach (['insert', 'update', 'delete'] as $way) {
                $before = $number();
                $row = DB::table($table)->where($key ?? ($table === 'bag_finishes' ? ['bag_id' => $bag->id] : [
                    'id' => DB::table($table)->max('id'),
                ]));
                match ($way) {
                    'insert' => DB::table($table)->insert($line),
                    'update' => $row->update($line),
                    'delete' => $row->delete(),
                };
                self::assertGreaterThan($before, $number(), "{$way} of {$table}");
            }
        }
    }

    /** What a bag chooses is its own; whether it is there, and of which strand, is in her books. */
    public function testABagTurnsThePageByWhatItTakes(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $number = fn(): int => (int) DB::table('books')->where('user_id', $maker->id)->value('revision');
        $row = DB::table('bags')->where('id', $bag->id);
        $before = $number();
        $row->update(['choices' => json_encode(['name' => 'Another'] + $bag->choices)]);
        self::assertSame($before, $number());
        $row->update(['deleted_at' => now()]);
        $row->update(['deleted_at' => null]);
        $row->update(['material_id' => null]);
        self::assertSame($before + 3, $number());
        // A bag whose hours are logged tells the pace of all: made otherwise, that has another number.
        $timed = fn(): int => (int) DB::table('books')->where('user_id', $maker->id)->value('timed');
        self::assertSame(1, $timed());
        DB::table('bag_minutes')->insert(['bag_id' => $bag->id, 'part' => 'base', 'minutes' => 30]);
        $row->update(['choices' => json_encode(['name' => 'A third'] + $bag->choices)]);
        $row->update(['swatch_id' => null]);
        $row->update(['revision' => 7]);
        self::assertSame(3, $timed());
    }

    /** What waits till she was answered is done. */
    private static function answered(): void
    {
        app(DeferredCallbackCollection::class)->invoke();
    }

    /** A bag at hand is not read once more, where it is as it is kept; as a form would have it, it teaches nothing. */
    public function testABagAtHandTeachesWhatItIs(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->post("/bags/{$bag->id}/time", ['part' => 'body', 'minutes' => '300']);
        $timed = fn(): Timed => new Timed($bag->plan());
        $fresh = function (MakerHistory $hands) use ($timed): array {
            DB::table('known')->delete();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $minutes = $hands->pace()->minutes($timed());
            $read = preg_grep('/from `bags` where `bags`.`id` in/', array_column(DB::getQueryLog(), 'query'));

            return [round($minutes->likely, 9), round($minutes->relative, 9), count((array) $read)];
        };
        $alone = $fresh(new MakerHistory($maker->id));
        $bag->refresh()->plan();
        self::assertSame([$alone[0], $alone[1], 0], $fresh(BagFacts::of($bag)->hands()));
        self::assertSame(1, $alone[2]);
        // Not kept so: what is at hand is of another size.
        $other = Bag::query()->findOrFail($bag->id);
        $other->choices = ['body' => ['stitch' => 'sc', 'rounds' => 3]] + $other->choices;
        $other->plan();
        self::assertSame($alone, $fresh(BagFacts::of($other)->hands()));
    }

    public function testTheBooksOfOneAreNotAnothers(): void
    {
        $ilse = $this->maker();
        $otto = $this->maker('otto@pier.example');
        $number = fn(User $of): int => (int) DB::table('books')->where('user_id', $of->id)->value('revision');
        $before = $number($otto);
        Ledger::enter($this->material($ilse), Move::Bought, 100);
        self::assertSame($before, $number($otto));
        (new Books($ilse->id))->known(new Question('what'), fn(): string => 'hers');
        self::answered();
        self::assertSame('his', (new Books($otto->id))->known(new Question('what'), fn(): string => 'his'));
        self::assertSame('hers', (new Books($ilse->id))->known(new Question('what'), fn(): string => 'another'));
        self::assertSame('of else', (new Books($ilse->id))->known(new Question('what', ['else']), fn(): string => 'of else'));
    }

    /** What was reckoned of what was read before is of no later books than those. */
    public function testWhatIsMadeWhileTheBooksChangeIsNotKeptForThem(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $books = new Books($maker->id);
        $books->open();
        Ledger::enter($material, Move::Bought, 100);
        self::assertSame('old', $books->known(new Question('what'), fn(): string => 'old'));
        self::answered();
        self::assertSame('new', (new Books($maker->id))->known(new Question('what'), fn(): string => 'new'));
    }

    /** What is foreseen is made when she was answered; what that makes on its way is kept with it. */
    public function testWhatIsForeseenIsMadeAfterTheAnswer(): void
    {
        $books = new Books($this->maker()->id);
        $made = [];
        $books->foresee(new Question('one'), function () use ($books, &$made): string {
            return $made[] = 'one of '.$books->known(new Question('other'), fn(): string => 'another');
        });
        self::assertSame([], $made);
        self::answered();
        self::assertSame(['one of another'], $made);
        self::assertSame(['one', 'other'], DB::table('known')->orderBy('what')->pluck('what')->all());
    }

    public function testAListTakesWhatARedrawSaid(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker);
        $this->get('/bags');
        $kept = fn(): mixed => DB::table('known')->where('what', "listed {$bag->id}")->value('of');
        $before = $kept();
        $higher = $this->form($bag, ['size.height' => '33 cm', 'name' => 'Higher']);
        $this->putJson("/bags/{$bag->id}", $higher)->assertOk();
        $after = $kept();
        self::assertNotSame($before, $after);
        DB::enableQueryLog();
        $said = $this->get('/bags')->assertSee('Higher')->getContent();
        self::assertStringNotContainsString('insert into `known`', json_encode(DB::getQueryLog()) ?: '');
        DB::table('known')->delete();
        self::assertSame(self::bare((string) $this->get('/bags')->getContent()), self::bare((string) $said));
        self::assertSame($after, $kept());
    }

    public function testNothingIsKeptOfWhatIsTakenBack(): void
    {
        $maker = $this->maker();
        DB::beginTransaction();
        (new Books($maker->id))->known(new Question('what'), fn(): string => 'never was');
        DB::rollBack();
        self::answered();
        self::assertSame('is', (new Books($maker->id))->known(new Question('what'), fn(): string => 'is'));
    }
}
