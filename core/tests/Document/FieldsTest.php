<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Document;

use Fescue\Core\Document\Fields;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Stitch\Stitch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a field of a document may hold: its bounds are within, what lies beyond is refused where it stands. */
final class FieldsTest extends TestCase
{
    /**
     * @param \Closure(Fields): mixed $read the field "of"
     * @param mixed $expected null where it is refused
     */
    #[DataProvider('values')]
    public function testAValueIsReadOrRefused(\Closure $read, mixed $value, mixed $expected, string $said = ''): void
    {
        $top = Fields::top(['format' => 'test/1', 'of' => $value], 'test/1', 'test');
        $found = $read($top);
        self::assertEquals($expected, $found instanceof Length ? $found->mm : $found);
        try {
            $top->settle();
            self::assertSame('', $said);
        } catch (Refused $e) {
            self::assertSame([['/of', true]], array_map(
                fn(Problem $one): array => [$one->path, $said !== '' && str_contains($one->message, $said)],
                $e->problems,
            ), $e->problems[0]->message);
        }
    }

    /** @return iterable<string, array{0: \Closure, 1: mixed, 2: mixed, 3?: string}> */
    public static function values(): iterable
    {
        $whole = fn(Fields $top): ?int => $top->whole('of', 3, 22, 'rows');
        yield 'the fewest' => [$whole, 3, 3];
        yield 'the most' => [$whole, 22, 22];
        yield 'as a decimal' => [$whole, 22.0, 22];
        yield 'too few' => [$whole, 2, null, 'Rows: from 3 to 22; 2 is outside.'];
        yield 'too many' => [$whole, 23, null, '23 is outside'];
        yield 'no whole number' => [$whole, 4.5, null, 'whole number'];
        yield 'as a text' => [$whole, '4', null, 'whole number'];
        yield 'nothing' => [$whole, null, null, 'This is empty'];
        $number = fn(Fields $top): ?float => $top->number('of', 1.5, 20, 'a width');
        yield 'just above' => [$number, 1.51, 1.51];
        yield 'the largest number' => [$number, 20, 20.0];
        yield 'not above' => [$number, 1.5, null, 'A width: above 1.5 and at most 20; 1.5 is outside.'];
        yield 'beyond' => [$number, 20.01, null, '20.01 is outside'];
        yield 'no number' => [$number, true, null, 'write a number'];
        $signed = fn(Fields $top): ?float => $top->signed('of', 2, 'A lean');
        yield 'to the left' => [$signed, -2, -2.0];
        yield 'to the right' => [$signed, 2.0, 2.0];
        yield 'too far left' => [$signed, -2.1, null, 'A lean: from −2 to 2; -2.1 is outside.'];
        yield 'too far right' => [$signed, 2.1, null, '2.1 is outside'];
        $length = fn(Fields $top): ?Length => $top->length('of', Length::mm(5), Length::mm(100), 'A bead');
        yield 'the least length' => [$length, '5 mm', 5.0];
        yield 'the greatest length' => [$length, '10 cm', 100.0];
        yield 'too short' => [$length, '4.9 mm', null, 'A bead: from 5 mm to 100 mm; 4.9 mm is outside.'];
        yield 'too long' => [$length, '10.1 cm', null, '101 mm is outside'];
        $long = fn(Fields $top): ?Length => $top->length('of', Length::mm(5), Length::mm(101), 'A bead');
        yield 'told in centimetres' => [$long, '11 cm', null, 'A bead: from 0.5 cm to 10.1 cm; 11 cm is outside.'];
        yield 'no length' => [$length, '5', null, 'unit'];
        $text = fn(Fields $top): ?string => $top->text('of', 5);
        yield 'five letters' => [$text, ' fünfe ', 'fünfe'];
        yield 'six letters' => [$text, 'sechse', null, 'At most 5 letters; this has 6.'];
        yield 'spaces alone' => [$text, '  ', null, 'Write something here.'];
        yield 'two lines' => [$text, "a\nb", null, 'one line'];
        $wholes = fn(Fields $top): ?array => $top->wholes('of', 1, 9, 3, 'increases');
        yield 'three of them' => [$wholes, [1, 9, 5], [1, 9, 5]];
        yield 'four of them' => [$wholes, [1, 2, 3, 4], null, 'at most 3 of them'];
        yield 'none of them' => [$wholes, [], null, 'one after another'];
        yield 'one too small' => [$wholes, [4, 0], null, 'Increases: whole numbers from 1 to 9; “0” is none.'];
        yield 'one too large' => [$wholes, [10], null, '“10” is none'];
        yield 'a long word among them' => [$wholes, [str_repeat('x', 21)], null, str_repeat('x', 20).'…” is none'];
        $objects = fn(Fields $top): int => count($top->objects('of', 2));
        yield 'two objects' => [$objects, [['a' => 1], ['a' => 2]], 2];
        yield 'no list' => [$objects, 'three', 0, 'a list in brackets of at most 2'];
        yield 'three objects' => [$objects, [['a' => 1], ['a' => 2], ['a' => 3]], 0, 'at most 2'];
        $word = fn(Fields $top): int|string|null => $top->word('of', ['two-and-two'], [2, 3, 12]);
        yield 'a word' => [$word, 'two-and-two', 'two-and-two'];
        yield 'a number' => [$word, 12, 12];
        yield 'neither' => [$word, 13, null, 'This should be “two-and-two”, or a number from 2 to 12.'];
        $yes = fn(Fields $top): bool => $top->yes('of');
        yield 'yes' => [$yes, true, true];
        yield 'no' => [$yes, false, false];
        yield 'perhaps' => [$yes, 'yes', false, 'true or false'];
        $choice = fn(Fields $top): ?Stitch => $top->choice('of', [Stitch::Single, Stitch::Double]);
        yield 'a stitch' => [$choice, 'dc', Stitch::Double];
        yield 'another stitch' => [$choice, 'tr', null, 'This should be “sc”, “dc”.'];
    }

    public function testWhatIsNotAskedForIsNamed(): void
    {
        $top = Fields::top(['format' => 'test/1', 'neme' => 'x', 'of' => ['wide' => 1]], 'test/1', 'test');
        $of = $top->object('of');
        self::assertFalse($top->yes('drawn'));
        self::assertNull($top->whole('rows', 1, 9, 'rows'));
        self::assertNull($of->length('high', Length::mm(1), Length::mm(9), 'It', optional: true));
        $of->close();
        try {
            $top->settle();
            self::fail('It was read.');
        } catch (Refused $e) {
            self::assertSame(['/of/wide', '/neme'], array_map(fn(Problem $one): string => $one->path, $e->problems));
        }
    }
}
