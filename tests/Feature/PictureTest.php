<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Picture;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

final class PictureTest extends TestCase
{
    /** A JPEG of so many pixels, its left half dark, with an orientation tag and a place in it. */
    private static function jpeg(int $width, int $height, int $orientation = 1): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle($image, 0, 0, $width, $height, (int) imagecolorallocate($image, 240, 240, 240));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 20, 20, 20));
        ob_start();
        imagejpeg($image, null, 80);
        $jpeg = (string) ob_get_clean();
        // TIFF header, one directory of two entries: orientation, and a description that tells a place.
        $place = "54.1 N 12.1 E pier\0";
        $tiff = "MM\0*".pack('N', 8).pack('n', 2).pack(
            'nnNnn',
            0x0112,
            3,
            1,
            $orientation,
            0,
        ).pack('nnNN', 0x010E, 2, strlen($place), 38).pack('N', 0).$place;
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    private function send(string $content, string $name = 'swatch.jpg'): ?Picture
    {
        $this->post('/swatches/pictures', ['picture' => UploadedFile::fake()->createWithContent($name, $content)]);

        return Picture::query()->latest('id')->first();
    }

    public function testAPictureIsMadeAnewUprightAndWithoutItsPlace(): void
    {
        $this->actingAs($this->maker());
        $jpeg = self::jpeg(2400, 1200, 6);
        self::assertStringContainsString('pier', $jpeg);
        $picture = $this->send($jpeg);
        self::assertSame([800, 1600], [$picture?->width, $picture?->height]);
        self::assertStringNotContainsString('pier', $picture->jpeg);
        self::assertStringNotContainsString('Exif', $picture->jpeg);
        // Turned to the right, what was the left half is above.
        $image = imagecreatefromstring($picture->jpeg);
        self::assertNotFalse($image);
        self::assertLessThan(60, imagecolorat($image, 400, 200) & 0xFF);
        self::assertGreaterThan(200, imagecolorat($image, 400, 1400) & 0xFF);
        $this->get("/swatches/pictures/{$picture->id}.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->flushSession()->actingAs($this->maker('otto@pier.example'))->get("/swatches/pictures/{$picture->id}.jpg")->assertNotFound();
    }

    /** Read at a part of its size, with hardly any room, and turned as it was held. */
    public function testFortyMegapixelsAreTakenAndTakeLittle(): void
    {
        $this->actingAs($this->maker());
        $jpeg = self::jpeg(7300, 5470, 6);
        memory_reset_peak_usage();
        $picture = $this->send($jpeg);
        self::assertSame([1199, 1600], [$picture?->width, $picture?->height]);
        self::assertLessThan(120 << 20, memory_get_peak_usage() - strlen($jpeg), 'It was unpacked whole.');
        $image = imagecreatefromstring($picture->jpeg);
        self::assertNotFalse($image);
        self::assertLessThan(60, imagecolorat($image, 600, 300) & 0xFF);
        self::assertGreaterThan(200, imagecolorat($image, 600, 1300) & 0xFF);
        // As long as such a one may be, and broken in the midst.
        $broken = substr($jpeg, 0, 400);
        $this->post('/swatches/pictures', ['picture' => UploadedFile::fake()->createWithContent('a.jpg', $broken)])
            ->assertSessionHasErrors('picture');
    }

    public function testWhatIsNoPictureIsSaidToBeNone(): void
    {
        $this->actingAs($this->maker());
        foreach ([
            'name,colour' => 'no picture',
            "\x89PNG\r\n\x1a\nbroken" => 'no picture',
            substr(self::jpeg(400, 400), 0, 1200) => '',
            '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>' => 'no picture',
            self::jpeg(60, 60) => 'pixels',
        ] as $content => $message) {
            $this->from('/swatches/pictures')->post(
                '/swatches/pictures',
                ['picture' => UploadedFile::fake()->createWithContent('x.jpg', (string) $content)],
            );
            if ($message !== '') {
                $this->get('/swatches/pictures')->assertSee('Not taken.')->assertSee($message);
            }
        }
        $this->from('/swatches/pictures')->post('/swatches/pictures')->assertSessionHasErrors('picture');
        self::assertLessThanOrEqual(1, Picture::query()->count());
    }

    public function testMarksBecomeASwatch(): void
    {
        $maker = $this->maker();
        $material = $this->material($maker);
        $this->actingAs($maker);
        $picture = $this->send(self::jpeg(1600, 1200));
        self::assertNotNull($picture);
        // Seen from straight above at 10 pixels to the millimetre: ten stitches over 120 mm, eight rows over 92.
        $marks = [
            'card1x' => '100',
            'card1y' => '100',
            'card2x' => '956',
            'card2y' => '100',
            'card3x' => '956',
            'card3y' => '639,8',
            'card4x' => '100',
            'card4y' => '639.8',
            'st1x' => '100',
            'st1y' => '1100',
            'st2x' => '1300',
            'st2y' => '1100',
            'row1x' => '1400',
            'row1y' => '80',
            'row2x' => '1400',
            'row2y' => '1000',
            'stitches' => '10',
            'rows' => '8',
            'lies' => 'level',
        ];
        $path = "/swatches/pictures/{$picture->id}";
        $this->get($path)->assertOk()->assertSee('card, upper left')->assertSee('The marks in numbers');
        $this->post("{$path}/marks", $marks)->assertRedirect($path);
        // The marks are kept with the picture: they are there again on any device.
        $this->flushSession()->actingAs($maker)->get($path)->assertOk()->assertSee('12.00 ±')->assertSee('11.50 ±')->assertSee('value="639,8"', false);
        foreach ([
            ['stitches', 'ten', 'lie between'],
            ['stitches', '0', 'above 0'],
            ['card1x', '1200', 'cross'],
            ['card3x', '5000', 'from 0 to 1 600'],
            ['st2x', '100', 'lie on each other'],
            ['upright', '1', 'does not stand on its short side'],
            ['thick', '3 m', 'how thick the fabric lies'],
            ['thick', 'plump', 'plump'],
        ] as [$field, $value, $message]) {
            $this->postJson("{$path}/marks", [$field => $value] + $marks)->assertOk()->assertJsonPath(
                'measured',
                fn(string $said): bool => str_contains($said, $message),
            );
            $this->get($path)->assertOk()->assertSee($message);
            if ($field !== 'upright') {
                $this->get($path)->assertSee('value="'.$value.'"', false);
            }
        }
        // 10 pixels to the millimetre of a lens of about 1200 are seen from 120 mm: 10 mm nearer is a twelfth larger.
        $said = function (array $with) use ($path, $marks): array {
            $text = (string) $this->postJson("{$path}/marks", $with + $marks)->assertOk()->json('measured');
            self::assertSame(2, preg_match_all('/<b>([\d.]+)\s+±\s+([\d.]+)/', $text, $figures));

            return [(float) $figures[1][0], (float) $figures[2][0], strip_tags($text)];
        };
        [$level, $off] = $said([]);
        [$table, $tableOff, $why] = $said(['lies' => 'table', 'thick' => '10 mm']);
        self::assertEqualsWithDelta(12 * 11 / 12, $table, 0.25);
        self::assertGreaterThan(1.5 * $off, $tableOff);
        self::assertStringContainsString('10.0 mm above the card', $why);
        // Not said, it lies between, and less is sure; the strand's thickness says how thick, twice 4 mm.
        [$between, $betweenOff, $hint] = $said(['lies' => '', 'thick' => '10 mm']);
        self::assertTrue($table < $between && $between < $level && $betweenOff > $tableOff);
        self::assertStringContainsString('Say where the card lies', $hint);
        self::assertStringContainsString('8.0 mm above', $said(['lies' => 'table', 'material_id' => (string) $material->id])[2]);
        // As the marks are set, so sure.
        self::assertGreaterThan($off, $said(['set' => 'rough'])[1]);
        self::assertLessThan($off, $said(['set' => 'edge'])[1]);
        $this->post(
            $path,
            ['hook' => 'twig', 'material_id' => (string) $material->id] + $marks,
        )->assertSessionHasErrors('hook');
        $this->get($path)->assertSee('not a hook size')->assertSee('value="639,8"', false)->assertSee('value="twig"', false);
        $this->post($path, ['hook' => '8 mm', 'stitches' => ''] + $marks)->assertSessionHasErrors('stitches');
        $this->post(
            $path,
            ['hook' => '8 mm', 'stitch' => 'sc', 'material_id' => (string) $material->id] + $marks,
        )->assertSessionHasNoErrors();
        $swatch = $maker->swatches()->sole();
        self::assertEqualsWithDelta(
            [12, 11.5],
            [$swatch->measured()->gauge()->width->mm, $swatch->measured()->gauge()->height->mm],
            1e-6,
        );
        // As it was counted, and how sure the marking makes it.
        self::assertSame(
            [10.0, 8.0, 'from a picture'],
            [$swatch->stitches_counted, $swatch->rows_counted, $swatch->note],
        );
        self::assertGreaterThan(0.001, $swatch->width_spread);
        self::assertLessThan(0.02, $swatch->width_spread);
        $this->get("/swatches/trial?material={$material->id}")->assertSee('± 0.');
        $this->flushSession()->actingAs($this->maker('otto@pier.example'))->postJson("{$path}/marks", $marks)->assertNotFound();
        $this->flushSession()->actingAs($maker);
        $this->delete($path);
        self::assertSame([0, 1], [Picture::query()->count(), $maker->swatches()->count()]);
    }
}
