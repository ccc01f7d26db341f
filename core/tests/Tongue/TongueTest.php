<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Tongue;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a saying becomes for whoever reads it. */
final class TongueTest extends TestCase
{
    #[TestWith([Terms::US, LengthUnit::Centimetre, '20.0 cm, 850 g, 2.5, sc, dc, 8 mm (L-11), Round 5'])]
    #[TestWith([Terms::UK, LengthUnit::Inch, '7 7/8 in, 850 g, 2.5, dc, tr, 8 mm (L-11), Round 5'])]
    #[TestWith([Terms::ES, LengthUnit::Centimetre, '20,0 cm, 850 g, 2,5, pb, pa, 8 mm (L-11), Vuelta 5'])]
    public function testValuesAreSetAsSheReadsThem(Terms $terms, LengthUnit $unit, string $said): void
    {
        $message = '{long}, {mass}, {much}, {one}, {of}, {hook}, {row}';
        self::assertSame($said, (new Tongue($terms, $unit))->tell($message, [
            'long' => Length::mm(200), 'mass' => Mass::grams(850), 'much' => 2.5, 'one' => Stitch::Single,
            'of' => Motif::named('dc'), 'hook' => HookSize::mm(8), 'row' => new RowId(RowKind::Round, 5),
        ]));
    }

    public function testAMessageIsTheKeyOfItsTranslation(): void
    {
        $message = '{n, plural, one {# stitch} other {# stitches}} of {row}; {why}';
        $saying = fn(int $n): Saying => new Saying($message, [
            'n' => $n, 'row' => new RowId(RowKind::Row, 3, 'left-gusset'), 'why' => new Saying('as high'),
        ]);
        self::assertSame('1 stitch of Left gusset: Row 3; as high', (new Tongue(Terms::US))->say($saying(1)));
        $es = new Tongue(Terms::ES, messages: [
            $message => '{row}: {n, plural, one {# punto} other {# puntos}}; {why}', 'as high' => 'tan alto',
        ]);
        self::assertSame('Fuelle izquierdo: Hilera 3: 0 puntos; tan alto', $es->say($saying(0)));
        self::assertSame('Unknown', $es->tell('Unknown'), 'What lacks is told in English.');
        // What she typed is never read as a message, whatever is in it.
        self::assertSame("{n} '' #", $es->say(Saying::plain("{n} '' #")));
        self::assertSame("“{n} '”", (new Tongue(Terms::US))->tell('“{text}”', ['text' => "{n} '"]));
        $this->expectException(\LogicException::class);
        $es->tell('{n, plural, one {#}}');
    }

    public function testWhatIsNotUnderstoodIsSaidInAnyTongue(): void
    {
        try {
            Length::parse('30 varas');
            self::fail('It was understood.');
        } catch (NotUnderstood $e) {
            self::assertSame(
                '“varas” is not a unit of length Fescue knows; use mm, cm, m, in, ft or yd.',
                $e->getMessage(),
            );
            self::assertSame(['word' => 'varas'], $e->said->with);
        }
        self::assertSame(
            'Nothing of it is read.',
            (new NotUnderstood(new Saying('Nothing of it is read.')))->getMessage(),
        );
        // Programs read English and centimetres.
        self::assertSame('12.0 cm of 3, 4 or Round 5: sc', (new Saying('{long} of {some}: {of}', [
            'long' => Length::mm(120), 'of' => Motif::single(),
            'some' => new Listing(['3', '4', new RowId(RowKind::Round, 5)], true),
        ]))->english());
    }

    /** A place that begins with a capital is filled so; what is listed, and figures, are set in her language. */
    public function testListsFiguresAndCapitals(): void
    {
        $es = new Tongue(Terms::ES, messages: [
            '{What}: {some}' => '{What}: {some}', '{some} and {last}' => '{some} y {last}', 'a width' => 'un ancho',
        ]);
        $saying = new Saying('{What}: {some}', [
            'what' => new Saying('a width'),
            'some' => new Listing([new Figure('1.5 mm'), '2', new RowId(RowKind::Round, 3)]),
        ]);
        self::assertSame('Un ancho: 1,5 mm, 2 y Vuelta 3', $es->say($saying));
        self::assertSame('A width: 1.5 mm, 2 and Round 3', $saying->english());
        self::assertSame('', (new Listing([]))->english());
        self::assertSame('fan', (new Listing(['fan'], true))->english());
        self::assertSame("1\u{202F}024 stitches in 12", (new Tongue(Terms::US))->tell(
            '{n, plural, one {# stitch} other {# stitches}} in {m}',
            ['n' => 1024, 'm' => 12],
        ));
        self::assertSame("1\u{202F}024", (new Tongue(Terms::US))->tell('{n}', ['n' => 1024]));
        self::assertSame('A. B 2.', (new Tongue(Terms::US))->say(Saying::several(
            new Saying('A.'),
            new Saying('B {n}.', ['n' => 2]),
        )));
    }
}
