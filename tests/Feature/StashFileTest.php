<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Material;
use App\Stash\StashFile;
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
        $odd->update(['name' => "Rope, \"old\"; =cheap\u{e9}", 'on_hand' => null]);
        $this->material($maker)->update(['name' => '=1+1']);
        $csv = (string) $this->actingAs($maker)->get('/stash/export')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
        self::assertStringStartsWith('name,colour,"diameter (mm)","piece (m)","piece (g)","on hand (g)"', $csv);
        self::assertStringContainsString("'=1+1", $csv);

        $otto = $this->maker('otto@pier.example');
        $this->flushSession()->actingAs($otto)->post('/stash/import', ['file' => UploadedFile::fake()->createWithContent('stash.csv', $csv)])->assertOk()->assertSee('3 cords read')->assertSee('Nothing is taken in yet');
        self::assertSame(0, $otto->materials()->count());
        $this->post('/stash/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/stash');
        self::assertSame($csv, $this->get('/stash/export')->getContent());
        self::assertEqualsWithDelta($material->density()->gramsPerMetre, $otto->materials()->firstOrFail()->density()->gramsPerMetre, 1e-9);
    }

    public function testEveryBadLineIsReportedByItsNumberAndNoneTakenUnasked(): void
    {
        $this->actingAs($this->maker());
        $csv = implode("\n", [self::HEADER, 'Good,#112233,4,1,8.2,900', 'Thin,#112233,rather thin,1,8.2,', '', ',#112233,4,1,8.2,900', "\"Two\nlines\",#112233,4,1,9,", 'Heavy,#112233,4,1,9000,', 'Long,#112233,4,1,8,900,extra', 'Script,<script>,4,1,8,900']);
        $page = $this->post('/stash/import', ['text' => $csv])->assertOk();
        $page->assertSee('2 cords read, 5 lines not')->assertDontSee('<script>,', false);
        foreach ([3 => 'diameter (mm): “rather thin” was not understood', 5 => 'Give the cord a name', 8 => 'g to the metre', 9 => '7 cells where the first line names 6', 10 => 'six digits'] as $line => $said) {
            $page->assertSeeInOrder(["Line {$line}.", $said]);
        }
        self::assertSame(0, Material::query()->count());
        $this->post('/stash/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/stash');
        self::assertSame(['Good', "Two\nlines"], Material::query()->orderBy('id')->pluck('name')->all());
    }

    public function testReadsWhatASpreadsheetMakesOfIt(): void
    {
        $reading = StashFile::read("\u{FEFF}Name;Diameter (mm);Piece (m);Piece (g)\r\nSeil;4,5;2 yd;\"16,4\"\r\n");
        self::assertSame([], $reading->problems);
        self::assertEqualsWithDelta(4.5, $reading->materials[0]['diameter']->mm, 1e-9);
        self::assertEqualsWithDelta(1828.8, $reading->materials[0]['sample_length']->mm, 1e-9);
        self::assertEqualsWithDelta(16.4, $reading->materials[0]['sample_mass']->grams, 1e-9);
        self::assertSame(Material::PLAIN, $reading->materials[0]['colour']);
        self::assertNull($reading->materials[0]['on_hand']);
    }

    /** @return array<string, array{string, string}> */
    public static function unreadable(): array
    {
        return [
            'no header' => ['Good,#112233,4,1,8.2,900', 'should name the columns'],
            'a column short' => ["name,colour\nGood,#112233", 'missing: diameter (mm), piece (m), piece (g)'],
            'a picture' => ["\x89PNG\r\n\xff\xfe", 'not text in UTF-8'],
            'too many lines' => [self::HEADER.str_repeat("\nGood,#112233,4,1,8.2,900", 5001), 'up to 5000 lines'],
            'too large' => [str_repeat('x', 1_048_577), 'up to 1 MB'],
        ];
    }

    #[DataProvider('unreadable')]
    public function testFilesThatAreNoStashAreSaidToBeSo(string $text, string $message): void
    {
        $reading = StashFile::read($text);
        self::assertSame([], $reading->materials);
        self::assertStringContainsString($message, implode(' ', $reading->problems[1]));
    }

    public function testNothingChosenIsSaid(): void
    {
        $this->actingAs($this->maker());
        $this->from('/stash/import')->post('/stash/import')->assertRedirect('/stash/import');
        $this->get('/stash/import')->assertSee('Choose a file or paste its lines');
        $this->post('/stash/import', ['file' => UploadedFile::fake()->create('huge.csv', 2000)])->assertRedirect('/stash/import');
        self::assertSame(0, Material::query()->count());
    }
}
