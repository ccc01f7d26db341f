<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\SwatchFile;
use App\Models\Swatch;
use Fescue\Core\Gauge\State;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

final class SwatchFileTest extends TestCase
{
    private const HEADER = 'name,material,hook (mm),stitch,stitches,width (mm),rows,height (mm),weight (g)';

    public function testGoesOutAndComesInTheSame(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->swatch($maker, $material)->update(
            ['chosen' => true, 'note' => '=HYPERLINK("x")', 'width_spread' => 0.0125, 'height_spread' => 0.02],
        );
        $this->swatch($maker)->update(
            [
                'name' => '@mesh, "hung"',
                'stitch' => Motif::named('mesh'),
                'mass' => null,
                'state' => State::Hung,
                'hung_load' => Mass::grams(2000),
                'stitches_counted' => 10.5,
                'width' => Length::mm(127.25),
            ],
        );
        $csv = (string) $this->actingAs($maker)->get('/swatches/export')->assertOk()->assertHeader(
            'Content-Type',
            'text/csv; charset=utf-8',
        )->getContent();
        self::assertStringStartsWith('name,material,"hook (mm)",stitch', $csv);
        self::assertDoesNotMatchRegularExpression('/(?:^|,)"?[=+@-]/m', $csv);

        // Another maker has a cord of that name too: hers is taken, not the first one's.
        $otto = $this->maker('otto@pier.example');
        $his = $this->material($otto);
        $this->flushSession()->actingAs($otto)->post(
            '/swatches/import',
            ['file' => UploadedFile::fake()->createWithContent('swatches.csv', $csv)],
        )->assertOk()->assertSee('2 lines read')->assertSee('Nothing is taken in yet');
        self::assertSame(0, $otto->swatches()->count());
        $this->post('/swatches/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/swatches');
        self::assertSame($csv, $this->get('/swatches/export')->getContent());
        self::assertSame([$his->id], $otto->swatches()->whereNotNull('material_id')->pluck('material_id')->all());
        self::assertSame(
            [0.0125, 0.02],
            array_values(
                $otto->swatches()->whereNotNull('material_id')->firstOrFail()->only(['width_spread', 'height_spread']),
            ),
        );
        // Measured anew by the form, a width is no longer that sure; a new note changes nothing of it.
        $one = $otto->swatches()->whereNotNull('material_id')->firstOrFail();
        $form = [
            'name' => 'x',
            'material_id' => (string) $his->id,
            'hook' => '8',
            'stitch' => 'sc',
            'stitches_counted' => '10',
            'width' => '12 cm',
            'rows_counted' => '10',
            'height' => '11.5 cm',
            'mass' => '79 g',
            'note' => 'new',
        ];
        $this->put("/swatches/{$one->id}", $form)->assertSessionHasNoErrors();
        self::assertSame([0.0125, 0.02], array_values($one->fresh()?->only(['width_spread', 'height_spread']) ?? []));
        $this->put("/swatches/{$one->id}", ['width' => '12.2 cm'] + $form)->assertSessionHasNoErrors();
        self::assertSame([0.0, 0.02], array_values($one->fresh()?->only(['width_spread', 'height_spread']) ?? []));
        $this->post(
            '/swatches/import',
            ['text' => self::HEADER.",width unsure (%)\nOdd,,8,sc,10,120,10,115,79,80"],
        )->assertSee('a percentage from 0 to 50');
    }

    public function testEveryBadLineIsReportedByItsNumber(): void
    {
        $maker = $this->maker();
        $this->material($maker);
        $csv = implode("\n", [
            self::HEADER,
            'Good,Tarred cord,8,sc,10,120,10,115,79',
            'Inches,,L-11,dc,10,5 in,"10,5",11.5 cm,',
            'No cord,Moon cord,8,sc,10,120,10,115,',
            'No stitch,,8,knit,10,120,10,115,',
            'None,,8,sc,0,120,10,115,',
            'Flat,,8,sc,10,0,10,115,',
            'No fabric,,8,sc,10,120,100,115,',
            ',,8,sc,10,120,10,115,',
            'Long,,8,sc,10,120,10,115,79,extra',
            '<script>alert(1)</script>,,a nail,sc,10,120,10,115,',
        ]);
        $page = $this->actingAs($maker)->post('/swatches/import', ['text' => $csv])->assertOk();
        $page->assertSee('2 lines read, 8 not')->assertDontSee('<script>alert', false);
        foreach ([
            4 => 'Moon cord',
            5 => 'A stitch is one of: sc, hdc, dc, tr, mesh',
            6 => 'above 0',
            7 => 'width (mm): This should be from',
            8 => 'which no fabric is',
            9 => 'Give the swatch a name',
            10 => '10 cells where the first line names 9',
            11 => 'hook (mm):',
        ] as $line => $said) {
            $page->assertSeeInOrder(["Line {$line}.", $said]);
        }
        self::assertSame(0, Swatch::query()->count());
        $this->post('/swatches/import', ['text' => $csv, 'agreed' => '1'])->assertRedirect('/swatches');
        $inches = Swatch::query()->where('name', 'Inches')->firstOrFail();
        self::assertEqualsWithDelta(
            [8.0, 127.0, 10.5, 115.0],
            [$inches->hook->mm, $inches->width->mm, $inches->rows_counted, $inches->height->mm],
            1e-9,
        );
    }

    public function testAHeaderThatSaysTooLittleOrTooMuchIsSaid(): void
    {
        $maker = $this->maker();
        foreach ([
            'name,hook (mm)' => 'missing: stitch, stitches',
            self::HEADER.',shoe size' => 'column “shoe size”',
            "name\xff" => 'UTF-8',
        ] as $text => $said) {
            self::assertStringContainsString($said, SwatchFile::read($text."\nx", $maker)->problems[1][0]);
        }
        $this->actingAs($maker)->post('/swatches/import', [])->assertRedirect('/swatches/import')->assertSessionHasErrors('file');
        $this->post(
            '/swatches/import',
            ['file' => UploadedFile::fake()->create('big.csv', 5000)],
        )->assertSessionHasErrors('file');
        $this->get('/swatches/import')->assertOk()->assertSee('Keep as CSV');
    }

    /** The cuts as a table are those of the drawing, in their order and as long as they are. */
    public function testCutsGoOutAsATable(): void
    {
        $maker = $this->maker();
        $piece = [
            'kind' => 'tube',
            'flat_width' => '50',
            'height' => '40',
            'strip' => '2.5',
            'spine' => '2.5',
            'school' => 'one-strand',
        ];
        $csv = (string) $this->actingAs($maker)->get('/cutting/cuts.csv?'.http_build_query($piece))->assertOk()->assertHeader(
            'Content-Disposition',
            'attachment; filename="cuts.csv"',
        )->getContent();
        $lines = array_map(fn(string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($csv)));
        self::assertSame(
            ['cut', 'kind', 'from x (mm)', 'from y (mm)', 'to x (mm)', 'to y (mm)', 'length (mm)'],
            $lines[0],
        );
        $cuts = array_slice($lines, 1);
        self::assertSame(array_map(strval(...), range(1, count($cuts))), array_column($cuts, 0));
        foreach ($cuts as $cut) {
            self::assertEqualsWithDelta(
                (float) $cut[6],
                hypot((float) $cut[4] - (float) $cut[2], (float) $cut[5] - (float) $cut[3]),
                0.15,
            );
        }
        $this->get('/cutting/cuts.csv?kind=tube&flat_width=x')->assertRedirect();
    }
}
