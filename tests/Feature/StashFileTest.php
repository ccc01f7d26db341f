<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Material;
use App\Models\User;
use App\Stash\StashFile;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\WeightClass;
use Fescue\Core\Measure\Length;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class StashFileTest extends TestCase
{
    private const HEADER = 'name,colour,diameter (mm),piece (m),piece (g),on hand (g)';

    public function testGoesOutAndComesInTheSame(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $odd = $this->material($maker);
        $odd->update(
            [
                'name' => "Rope, \"old\"; =cheap\u{e9}",
                'care' => '@SUM(A1)',
                'fibre' => Fibre::Nylon,
                'make' => Make::Braided,
                'label_low' => Length::mm(5),
                'label_high' => Length::mm(6),
                'weight_class' => WeightClass::SuperBulky,
                'price' => '6.50',
                'price_for' => 450,
            ],
        );
        $odd->entries()->delete();
        $this->material($maker)->update(['name' => '=1+1']);
        $csv = (string) $this->actingAs($maker)->get('/stash/export')->assertOk()->assertHeader(
            'Content-Type',
            'text/csv; charset=utf-8',
        )->getContent();
        self::assertStringStartsWith('kind,name,colour,make,fibre,"diameter (mm)"', $csv);
        // What a spreadsheet would run is only text to it, in any column.
        self::assertStringContainsString("'@SUM(A1)", $csv);
        self::assertDoesNotMatchRegularExpression('/(?:^|,)"?[=+@-]/m', $csv);
        self::assertStringContainsString("'=1+1", $csv);

        $otto = $this->maker('otto@pier.example');
        $this->flushSession()->actingAs($otto)->post(
            '/stash/import',
            ['file' => UploadedFile::fake()->createWithContent('stash.csv', $csv)],
        )->assertOk()->assertSee('3 lines read')->assertSee('Nothing is taken in yet');
        self::assertSame(0, $otto->materials()->count());
        $this->post('/stash/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/stash');
        self::assertSame($csv, $this->get('/stash/export')->getContent());
        self::assertEqualsWithDelta(
            $material->density()->gramsPerMetre,
            $otto->materials()->firstOrFail()->density()->gramsPerMetre,
            1e-9,
        );
    }

    public function testEveryBadLineIsReportedByItsNumberAndNoneTakenUnasked(): void
    {
        $this->actingAs($this->maker());
        $csv = implode(
            "\n",
            [
                self::HEADER,
                'Good,#112233,4,1,8.2,900',
                'Thin,#112233,rather thin,1,8.2,',
                '',
                ',#112233,4,1,8.2,900',
                "\"Two\nlines\",#112233,4,1,9,",
                'Heavy,#112233,4,1,9000,',
                'Long,#112233,4,1,8,900,extra',
                'Script,<script>,4,1,8,900',
            ],
        );
        $page = $this->post('/stash/import', ['text' => $csv])->assertOk();
        $page->assertSee('2 lines read, 5 not')->assertDontSee('<script>,', false);
        foreach ([
            3 => 'diameter (mm): “rather thin” was not understood',
            5 => 'Give it a name',
            8 => 'g to the metre',
            9 => '7 cells where the first line names 6',
            10 => 'six digits',
        ] as $line => $said) {
            $page->assertSeeInOrder(["Line {$line}.", $said]);
        }
        self::assertSame(0, Material::query()->count());
        $this->post('/stash/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/stash');
        self::assertSame(['Good', "Two\nlines"], Material::query()->orderBy('id')->pluck('name')->all());
    }

    public function testReadsWhatASpreadsheetMakesOfIt(): void
    {
        $reading = StashFile::read(
            "\u{FEFF}Name;Diameter (mm);Piece (m);Piece (g)\r\nSeil;4,5;2 yd;\"16,4\"\r\n",
            fn(): ?int => null,
        );
        self::assertSame([], $reading->problems);
        self::assertEqualsWithDelta(4.5, $reading->good[0]->values['diameter']->mm, 1e-9);
        self::assertEqualsWithDelta(1828.8, $reading->good[0]->values['sample_length']->mm, 1e-9);
        self::assertEqualsWithDelta(16.4, $reading->good[0]->values['sample_mass']->grams, 1e-9);
        self::assertSame(Material::PLAIN, $reading->good[0]->values['colour']);
        self::assertNull($reading->good[0]->onHand);
    }

    /** @return array<string, array{string, string}> */
    public static function unreadable(): array
    {
        return [
            'no header' => ['Good,#112233,4,1,8.2,900', 'should name the columns'],
            'no name column' => ["colour\n#112233", 'missing: name'],
            'a strange column' => ["name,weight\nGood,3", 'does not know the column “weight”'],
            'a picture' => ["\x89PNG\r\n\xff\xfe", 'not text in UTF-8'],
            'too many lines' => [self::HEADER.str_repeat("\nGood,#112233,4,1,8.2,900", 20_001), 'up to 20 000 lines'],
            'too large' => [str_repeat('x', 4_194_305), 'up to 4 MB'],
        ];
    }

    #[DataProvider('unreadable')]
    public function testFilesThatAreNoStashAreSaidToBeSo(string $text, string $message): void
    {
        $reading = StashFile::read($text, fn(): ?int => null);
        self::assertSame([], $reading->good);
        self::assertStringContainsString($message, implode(' ', $reading->problems[1]));
    }

    public function testNothingChosenIsSaid(): void
    {
        $this->actingAs($this->maker());
        $this->from('/stash/import')->post('/stash/import')->assertRedirect('/stash/import');
        $this->get('/stash/import')->assertSee('Choose a file or paste its lines');
        $this->post(
            '/stash/import',
            ['file' => UploadedFile::fake()->create('huge.csv', 5000)],
        )->assertRedirect('/stash/import');
        self::assertSame(0, Material::query()->count());
    }

    public function testEveryKindGoesOutAndComesIn(): void
    {
        $this->seed();
        $mirre = User::query()->sole();
        $csv = (string) $this->actingAs($mirre)->get('/stash/export')->getContent();
        $otto = $this->maker('otto@pier.example');
        $this->flushSession()->actingAs($otto)->post(
            '/stash/import',
            ['text' => $csv],
        )->assertSee('19 lines read');
        // Tabs are strung on a cord of the same file: it must be there before they are read.
        $this->post('/stash/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/stash');
        self::assertSame($csv, $this->get('/stash/export')->getContent());
    }

    public function testTenThousandLinesWithEveryKindOfFault(): void
    {
        $faults = [
            'Good,#112233,4,1,8.2,900',
            ',#112233,4,1,8.2,900',
            'No colour,red,4,1,8.2,',
            'Thick,#112233,4 m,1,8.2,',
            'Thin,#112233,,1,8.2,',
            'No length,#112233,4,,8.2,',
            'Minus,#112233,4,1,-3,',
            'Lead,#112233,4,1,9000,',
            'Cells,#112233,4,1,8,1,2,3',
            '"Quote,#112233,4,1,8,"',
            "\u{202E}<svg onload=alert(1)>,#112233,4,1,8,-1",
            '=HYPERLINK(1),#112233,4,1,8.2,1 lb',
            'Words,#112233,four,one,eight,',
            'Comma,#112233,"1,200",1,8.2,',
        ];
        $lines = [self::HEADER];
        for ($line = 0; $line < 10_000; $line++) {
            $lines[] = $faults[$line % count($faults)];
        }
        $started = microtime(true);
        $reading = StashFile::read(implode("\n", $lines), fn(): ?int => null);
        self::assertLessThan(20, microtime(true) - $started, 'Reading hangs.');
        self::assertGreaterThan(7000, count($reading->problems));
        self::assertSame(10_000, count($reading->problems) + count($reading->good));
        foreach ($reading->problems as $number => $problems) {
            self::assertNotContains($number % count($faults), [2, 13], "Line {$number} is good.");
            self::assertGreaterThan(10, strlen($problems[0]));
        }
        $this->actingAs($this->maker())->post(
            '/stash/import',
            ['text' => implode("\n", array_slice($lines, 0, 400))],
        )->assertOk()->assertDontSee('<svg onload', false)->assertSee('Line 12.');
        self::assertSame(0, Material::query()->count());
    }
}
