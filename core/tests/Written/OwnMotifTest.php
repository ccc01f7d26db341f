<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Written;

use Fescue\Core\Instruction\Anchor;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Text\Checked;
use Fescue\Core\Tongue\Tongue;
use Fescue\Core\Written\OwnMotif;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OwnMotifTest extends TestCase
{
    private static function of(string $text, string $name = 'Own'): ?string
    {
        $one = OwnMotif::of(Checked::of($text), $name);

        return $one->motif->key ?? $one->why?->english();
    }

    /** @return array<string, array{string, ?string}> text of rounds, and the key of its fabric or why it is none */
    public static function texts(): array
    {
        return [
            'one round' => ['Rnd 1: *2 dc in next st, sk 1; rep from * around', 'Own: 2 dc in next st, sk next st'],
            // Its rounds repeat over 1 and over 4: together over 4.
            'of several repeats' => [
                "Rnd 1: dc in each st around\nRnd 2: (FPdc around next 2 sts, BPdc around next 2 sts) around\nRepeat round 2.",
                'Own: dc in next 4 sts // FPdc around each of next 2 sts, BPdc around each of next 2 sts',
            ],
            'set up by its first' => [
                "Rnd 1: *sc in next st, ch 1, sk 1; rep from * around\nRnd 2: *ch 1, sk 1, sc in next ch-1 sp; rep from * around\n"
                    ."Rnd 3: *sc in next ch-1 sp, ch 1, sk next st; rep from * around\nRepeat rounds 2 and 3.",
                'Own: sc in next st, ch 1, sk next st // ch 1, sk next st, sc in next sp / sc in next sp, ch 1, sk next st',
            ],
            'worked on as its second' => [
                "Rnd 1: *(dc, ch 1, dc) in next st, sk 2; rep from * around\nRnd 2: *(dc, ch 1, dc) in next ch-1 sp; rep from * around\n"
                    .'Rep Rnd 2 three times.',
                'Own: (dc, ch 1, dc) in next st, sk next 2 sts // sk next st, (dc, ch 1, dc) in next sp, sk next st',
            ],
            'ranges' => [
                "Rnds 1-2: (FPdc around next 2 sts, BPdc around next 2 sts) around\n"
                    .'Rnds 3-4: (BPdc around next 2 sts, FPdc around next 2 sts) around',
                'Own: FPdc around each of next 2 sts, BPdc around each of next 2 sts / '
                    .'FPdc around each of next 2 sts, BPdc around each of next 2 sts / '
                    .'BPdc around each of next 2 sts, FPdc around each of next 2 sts / '
                    .'BPdc around each of next 2 sts, FPdc around each of next 2 sts',
            ],
            'lifted by chains that count' => [
                'Rnd 1: ch 4 (counts as dc, ch 1), sk 1, *dc in next st, ch 1, sk 1; rep from * around, join',
                'Own: dc in next st, ch 1, sk next st',
            ],
            'around chains' => [
                "Rnd 1: *sc in next 3 sts, ch 2, sk 2; rep from * around\nRnd 2: *sc in next 3 sts, 2 sc in next ch-2 sp; rep from * around",
                'Own: sc in next 3 sts, ch 2, sk next 2 sts / sc in next 3 sts, 2 sc in ch-2 sp',
            ],
            'through back loops' => ['Rnd 1: sc blo around', 'Own: sc in next st, BLO'],
            'Spanish' => [
                'Vuelta 1: *1 pb en el sig p, 1 cad, saltar 1 p; rep desde * alrededor',
                'Own: sc in next st, ch 1, sk next st',
            ],
            'a stitch in each has a name' => ['Rnd 1: sc in each st around', null],
            'grows' => ['Rnd 1: *2 dc in next st, dc; rep from * around', 'Round 1 leaves 3 of 2 stitches: a fabric goes on over as many.'],
            'evened at its ends' => [
                'Rnd 1: *sc in next st, ch 1, sk 1; rep from * to last st, sc in last st',
                'It comes out over 1 stitch, and not over 2: in a round a fabric goes on without an end. Leave out what evens '
                    .'its ends, and let all of it repeat around.',
            ],
            'in a ring it is a piece' => ["Rnd 1: 6 sc in ring\nRnd 2: sc in each st around", null],
            'on a chain too' => ["Ch 24, join.\nRnd 1: *2 dc in next ch, sk 1; rep from * around", null],
            'with a count it is a whole round' => ['Rnd 1: *2 dc in next st, sk 1; rep from * around (24)', null],
            'rows' => ['Row 1: *2 dc in next st, sk 1; rep from * across', null],
            'what does not come out' => ["Rnd 1: sc in next 3 sts\nRnd 2: sc in next 4 sts", null],
            'wider than any' => ['Rnd 1: *2 dc in next st, sk 1, dc in next 59 sts; rep from * around', null],
        ];
    }

    #[DataProvider('texts')]
    public function testAFabricIsFoundInARoundsText(string $text, ?string $expected): void
    {
        self::assertSame($expected, self::of($text));
    }

    public function testOneWhoseLastRoundLeadsNowhereIsNone(): void
    {
        // Both go round posts, and where they do, round 2 leaves chains.
        $text = "Rnd 1: *FPdc around next 4 sts; rep from * around\nRnd 2: *sk 2, FPdc around next 2 sts, ch 2; rep from * around";
        self::assertStringContainsString('none of its rounds goes on from', (string) self::of($text));
    }

    public function testRaisedPostsAreWorkedWithOneSideBeforeHer(): void
    {
        $posts = 'Ribs: dc in next 2 sts // FPdc around next st, BPdc around next st';
        self::assertTrue(Motif::named($posts)->oneSided);
        self::assertFalse(Motif::named('Own: 2 dc in next st, sk next st')->oneSided);
        [$path, $said] = Ways::refused(['body' => ['stitch' => $posts, 'even' => true], 'working' => 'joined-turned']);
        self::assertStringStartsWith('/body', $path);
        self::assertNotSame('', $said);
    }

    /** The catalogue is such text: told in each tongue and read back it is the same rows. */
    public function testTheCatalogueIsSuchText(): void
    {
        foreach (Terms::cases() as $terms) {
            $vocabulary = Vocabulary::of($terms);
            $tongue = Tongue::named($terms);
            foreach (Motif::all() as $key => $motif) {
                [$setUp, $rows] = $motif->told();
                // Over one stitch each is one; and a place between two stitches no text tells yet.
                if ($motif->multiple === 1 || $key === 'posts') {
                    continue;
                }
                $lines = [];
                foreach ([...$setUp, ...$rows] as $nth => $does) {
                    $lines[] = strtr($vocabulary->phrases['round'], ['{n}' => $nth + 1]).': '
                        .strtr($vocabulary->phrases['repeat.around'], ['{list}' => $vocabulary->list($does)]);
                }
                if ($setUp !== [] && $terms === Terms::US) {
                    $lines[] = 'Repeat rounds '.(count($setUp) + 1).'-'.count($lines).'.';
                } elseif ($setUp !== []) {
                    continue;
                }
                $text = implode("\n", $lines);
                $read = OwnMotif::of(Checked::of($text, $tongue), $key);
                self::assertNotNull($read->motif, "{$tongue} {$key}\n{$text}\n".$read->why?->english());
                self::assertEquals($motif->told(), $read->motif->told(), "{$tongue} {$key}\n{$text}");
                self::assertSame($motif->multiple, $read->motif->multiple);
            }
        }
    }

    public function testItsKeyIsItself(): void
    {
        $key = self::of('Rnd 1: *2 dc in next st, sk 1; rep from * around', "Ana's <b>best</b>: 2/3, “fine”!");
        self::assertSame('Ana’s b best b 2 3, fine: 2 dc in next st, sk next st', $key);
        $motif = Motif::named($key);
        self::assertSame($motif, Motif::find($key));
        self::assertTrue($motif->isOwn());
        self::assertFalse(Motif::named('mesh')->isOwn());
        self::assertSame('Ana’s b best b 2 3, fine', $motif->fullName(Terms::ES));
        self::assertNotContains($key, Motif::keys());
        self::assertSame([...Motif::keys(), $key], Motif::keysWith($key));
        self::assertStringStartsWith('own: ', (string) self::of('Rnd 1: *2 dc in next st, sk 1; rep from * around', '!!'));
        $long = (string) self::of('Rnd 1: *2 dc in next st, sk 1; rep from * around', str_repeat('long ', 20));
        self::assertSame(39, mb_strlen(explode(':', $long)[0]));
    }

    /** @return array<string, array{string}> */
    public static function none(): array
    {
        return [
            'no name' => [': 2 dc in next st, sk next st'],
            'no rows' => ['Own: '],
            'a mark in its name' => ['<b>: 2 dc in next st, sk next st'],
            'no words' => ['Own: anything at all'],
            'it grows' => ['Own: 2 dc in next st'],
            'rows of unlike widths' => ['Own: 2 dc in next st, sk next st / 3 dc in next st, sk next 2 sts'],
            'too wide' => ['Own: 2 dc in next st, sk next st, dc in next 59 sts'],
            'too many rows' => ['Own: '.implode(' / ', array_fill(0, 17, '2 dc in next st, sk next st'))],
            'too long' => ['Own: 2 dc in next st, sk next st'.str_repeat(', dc in next st', 58)],
            'set up by nothing that repeats' => ['Own: 2 dc in next st, sk next st // '],
        ];
    }

    #[DataProvider('none')]
    public function testWhatIsNoFabricIsNone(string $key): void
    {
        self::assertNull(Motif::find($key));
        self::assertStringStartsWith('/body/stitch', Ways::refused(['body' => ['stitch' => $key]])[0]);
    }

    public function testAWallOfItIsPlannedLikeAnyOther(): void
    {
        $key = 'Lantern: sc in next st, sk next 2 sts, (2 dc, ch 1, 2 dc) in next st, sk next 2 sts / '
            .'sc in next st, sk next 2 sts, (2 dc, ch 1, 2 dc) in next sp, sk next 2 sts';
        $plan = Ways::plan(['body' => ['stitch' => $key, 'even' => true, 'rounds' => 4]]);
        $body = array_values(array_filter(
            $plan->work->rows,
            fn(Row $row): bool => $row->part === Part::Body && $row->fabric->isOwn(),
        ));
        self::assertCount(4, $body);
        foreach ($body as $nth => $row) {
            // A wall by hand: six stitches a shell, one of them a chain, which the next round is worked around.
            self::assertSame(0, $row->count->leaves % 6);
            $anchors = array_count_values(array_map(
                fn(Anchor $one): string => $one->name,
                array_values(Anchor::of($row->instructions)),
            ));
            self::assertSame(intdiv($row->count->leaves, 6), $anchors[Anchor::Chain->name]);
        }
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-bag-1.schema.json');
        $isValid = fn(string $stitch): bool => (new Validator())->validate(
            json_decode((string) json_encode(Documents::tote(['body/stitch' => $stitch]))),
            $schema,
        )->isValid();
        self::assertTrue($isValid($key));
        self::assertFalse($isValid('none of ours'));
        // Dearer and higher than single crochet: posts of double crochet stand in it.
        self::assertGreaterThan(1.5, Motif::named($key)->relativeHeight());
    }
}
