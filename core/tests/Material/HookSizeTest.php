<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Material;

use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\NotUnderstood;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HookSizeTest extends TestCase
{
    /**
     * Craft Yarn Council, "Hooks and needles", crochet hook sizes; typed from memory, apart from the code's own table.
     *
     * @return list<array{string, float}>
     */
    public static function published(): array
    {
        return [['B-1', 2.25], ['C-2', 2.75], ['D-3', 3.25], ['E-4', 3.5], ['F-5', 3.75], ['G-6', 4.0], ['H-8', 5.0], ['I-9', 5.5],
            ['J-10', 6.0], ['K-10 1/2', 6.5], ['L-11', 8.0], ['M/N-13', 9.0], ['N/P-15', 10.0], ['Q', 16.0], ['S', 19.0]];
    }

    #[DataProvider('published')]
    public function testPublishedLetters(string $letter, float $mm): void
    {
        self::assertSame($mm, HookSize::parse($letter)->diameter->mm);
    }

    public function testReadsMillimetresAndLoneLetters(): void
    {
        self::assertSame(8.0, HookSize::parse('8 mm')->diameter->mm);
        self::assertSame(8.0, HookSize::parse('8')->diameter->mm);
        self::assertSame(5.5, HookSize::parse('5,5 mm')->diameter->mm);
        self::assertSame(8.0, HookSize::parse('l')->diameter->mm);
        foreach (['M' => 9.0, 'N' => 10.0, 'H8' => 5.0, 'h-8' => 5.0, 'N15' => 10.0, 'M-13' => 9.0, 'Q' => 16.0] as $name => $mm) {
            self::assertSame($mm, HookSize::parse($name)->diameter->mm, $name);
        }
        self::assertSame('8 mm (L-11)', HookSize::parse('L-11')->print());
        self::assertNull(HookSize::mm(7)->letter());
    }

    /** @return list<array{string, string}> */
    public static function bad(): array
    {
        return [
            ['', 'hook size'],
            ['Z', 'not a hook letter'],
            // A letter that has meant two sizes is asked about.
            ['G', 'G-6 is 4 mm, G is 4.25 mm'], ['I', 'I is 5.25 mm, I-9 is 5.5 mm'], ['j', 'more than one hook'],
            ['400 mm', 'outside'],
            ['0 mm', 'outside'],
            ['wooden', 'not a hook size'],
            ['-8', 'less than nothing'],
        ];
    }

    #[DataProvider('bad')]
    public function testRefusesWhatIsNoHook(string $text, string $message): void
    {
        $this->expectException(NotUnderstood::class);
        $this->expectExceptionMessage($message);
        HookSize::parse($text);
    }

    /** Sizes hooks are sold in, one after another. Common practice, no source. */
    public function testStepsAreTheSizesSold(): void
    {
        $sold = [
            2.0,
            2.25,
            2.5,
            2.75,
            3.0,
            3.25,
            3.5,
            3.75,
            4.0,
            4.5,
            5.0,
            5.5,
            6.0,
            6.5,
            7.0,
            8.0,
            9.0,
            10.0,
            12.0,
            15.0,
            16.0,
            19.0,
            20.0,
            25.0,
            30.0,
        ];
        self::assertSame(
            $sold,
            array_map(fn(int $step): float => HookSize::mm(2)->steps($step)->diameter->mm, array_keys($sold)),
        );
        self::assertSame(
            [2.0, 30.0],
            [HookSize::mm(2.5)->steps(-9)->diameter->mm, HookSize::mm(20)->steps(9)->diameter->mm],
        );
        self::assertSame(4.0, HookSize::nearest(Length::mm(4.25))->diameter->mm);
        self::assertSame(
            ['An 8 mm', 'An 11.5 mm', 'An 18 mm', 'A 9 mm', 'A 15 mm', 'A 1.8 mm'],
            array_map(fn(float $mm): string => HookSize::mm($mm)->withArticle(), [8, 11.5, 18, 9, 15, 1.8]),
        );
    }

    /** Of whatever strand, for whatever hand: two hooks to try first are two. */
    public function testTheFirstTwoHooksDiffer(): void
    {
        foreach ([0.3, 1.0, 4.0, 12.0, 14.0, 15.0, 16.0, 20.0, 30.0, 60.0] as $mm) {
            foreach (Kind::cases() as $kind) {
                foreach (Hand::cases() as $hand) {
                    foreach (Fabric::cases() as $fabric) {
                        [$one, $other] = HookAdvice::of(Length::mm($mm), $kind, $hand, $fabric)->first;
                        self::assertNotSame($one->diameter->mm, $other->diameter->mm, "{$mm} mm of {$kind->value}");
                    }
                }
            }
        }
    }

    /** Handbook 2 [check]: a 3 mm cord starts with 6 mm, a 4 mm cord with 8 mm. Common practice, no source. */
    public function testFirmFabricStartsAtTwiceTheCord(): void
    {
        foreach ([3 => 6.0, 4 => 8.0] as $cord => $hook) {
            $material = new Material(Kind::Cord, Length::mm((float) $cord), LinearDensity::gramsPerMetre(8));
            self::assertSame($hook, $material->firmHook()->diameter->mm);
        }
    }
}
