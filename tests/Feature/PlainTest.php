<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Books\Plain;
use App\Models\User;
use App\Models\WeighIn;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What is kept of answers is text that holds values alone, and makes the same again. */
final class PlainTest extends TestCase
{
    public function testValuesComeBackAsTheyWere(): void
    {
        $row = WeighIn::ofKept(['id' => 3, 'left' => '500 g', 'undone_at' => null], []);
        foreach ([
            null, true, 0, 0.1 + 0.2, 1.0, 'Schäre “<b>”', [], [1, [2.5, 'x']], ['b' => 1, 'a' => [3 => 'c']], Kind::Tabs,
            Length::mm(4.05), ['one' => Length::mm(3), 'two' => [Kind::Cord, null]], [2 => Length::mm(1), 1 => 'y'],
        ] as $value) {
            self::assertEquals($value, Plain::read(Plain::write($value)));
        }
        self::assertSame(0.1 + 0.2, Plain::read(Plain::write(0.1 + 0.2)));
        self::assertSame(1.0, Plain::read(Plain::write(1.0)));
        self::assertSame([2, 1], array_keys((array) Plain::read(Plain::write([2 => Length::mm(1), 1 => 'y']))));
        // There is one of each fabric.
        self::assertSame([Motif::single()], Plain::read(Plain::write([Motif::single()])));
        $again = Plain::read(Plain::write(['rows' => new Collection([$row])]));
        self::assertInstanceOf(Collection::class, $again['rows']);
        self::assertEquals($row, $again['rows']->first());
        self::assertTrue($again['rows']->first()->exists);
    }

    public function testMakesNothingThatIsNotOurs(): void
    {
        foreach ([
            '{"!":"Illuminate\\\\Support\\\\Fluent","of":{}}', '{"!":"SplFileObject","of":{"x":"/etc/passwd"}}', '{"!":"App\\\\Bags\\\\None","of":{}}',
            '{"!":"Fescue\\\\Core\\\\Material\\\\Kind","of":[]}x', '{"!":7,"of":{}}', '{"!":"DateTimeZone","of":"UTC"}',
        ] as $text) {
            try {
                Plain::read($text);
                self::fail("It was made: {$text}");
            } catch (\LogicException|\JsonException $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        $this->expectException(\LogicException::class);
        Plain::write(new \ArrayObject());
    }

    /** All that the demo's pages keep: no line of it is another program's. */
    public function testAllThatIsKeptIsPlain(): void
    {
        $this->seed();
        $this->actingAs(User::query()->firstOrFail());
        $this->get('/')->assertOk();
        $bag = User::query()->firstOrFail()->bags()->firstOrFail();
        foreach (['', '/enough?whole=1', '/what-if?whole=1', '/work'] as $page) {
            $this->get("/bags/{$bag->id}{$page}")->assertOk();
        }
        $kinds = [];
        foreach (DB::table('known')->get() as $one) {
            $kinds[strtok((string) $one->what, ' ')] = true;
            self::assertSame($one->value, Plain::write(Plain::read((string) $one->value)), (string) $one->what);
        }
        foreach (['bag', 'listed', 'hand', 'pace', 'what-if'] as $kind) {
            self::assertArrayHasKey($kind, $kinds);
        }
    }
}
