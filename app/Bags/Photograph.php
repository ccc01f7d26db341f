<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Illuminate\Http\UploadedFile;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * A photograph as it is sent, made anew: upright, at most so large, and with nothing in it but the picture, so that
 * where and when it was taken stays with the maker.
 */
final readonly class Photograph
{
    public const MOST_BYTES = 24 * 1_048_576;

    private const MOST_PIXELS = 40_000_000;

    /** Pixels that are read as they are; more of them take long and much room. */
    private const AT_ONCE = 12_000_000;

    /** kB that reading a large one may take: a progressive one of 24 megapixels; and seconds. */
    private const ROOM = '150000';

    private const PATIENCE = 10;

    private const LONGEST = 1600;

    private const QUALITY = 88;

    private function __construct(public int $width, public int $height, public string $jpeg) {}

    /**
     * As a form sends it.
     *
     * @param string $none a message, where none came
     *
     * @throws NotUnderstood
     */
    public static function sent(mixed $file, string $none): self
    {
        if (! $file instanceof UploadedFile) {
            throw new NotUnderstood(new Saying($none));
        }
        if (! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw new NotUnderstood(new Saying('The picture did not arrive whole, or is larger than 24 MB.'));
        }

        return self::read($file->getRealPath());
    }

    /** @throws NotUnderstood where the file is no picture, or too large a one */
    public static function read(string $path): self
    {
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw new NotUnderstood(new Saying('This is no picture Fescue reads; send a JPEG, PNG or WebP.'));
        }
        [$width, $height] = $size;
        $most = $size[2] === IMAGETYPE_JPEG ? self::MOST_PIXELS : self::AT_ONCE;
        if ($width * $height > $most || $width < 200 || $height < 200) {
            throw new NotUnderstood(new Saying(
                $most < self::MOST_PIXELS
                    ? 'This picture has {wide} × {high} pixels; send one from 200 × 200 up to {most} megapixels, or a '
                        .'JPEG of up to {jpeg}.'
                    : 'This picture has {wide} × {high} pixels; send one from 200 × 200 up to {most} megapixels.',
                [
                    'wide' => $width, 'high' => $height, 'most' => intdiv($most, 1_000_000),
                    'jpeg' => intdiv(self::MOST_PIXELS, 1_000_000),
                ],
            ));
        }
        $image = $size[2] === IMAGETYPE_JPEG && $width * $height > self::AT_ONCE
            ? self::reduced($path, max($width, $height))
            : @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw new NotUnderstood(
                new Saying(
                    'This picture is broken, or too large in the way it is saved; save it again smaller, or send '
                        .'another.',
                ),
            );
        }
        $scale = min(1.0, self::LONGEST / max($width, $height));
        $small = imagescale($image, max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        unset($image);
        if ($small === false) {
            throw new NotUnderstood(new Saying('This picture could not be made smaller; send another.'));
        }
        $upright = self::turned($small, $size[2] === IMAGETYPE_JPEG ? $path : null);
        ob_start();
        imagejpeg($upright, null, self::QUALITY);

        return new self(imagesx($upright), imagesy($upright), (string) ob_get_clean());
    }

    /**
     * A large JPEG is read at a half, a quarter or an eighth of its size: so it takes neither long nor much room.
     *
     * @param int $longest its longer side, pixels
     */
    private static function reduced(string $path, int $longest): \GdImage|false
    {
        $by = 8;
        while ($by > 1 && $longest / $by < self::LONGEST) {
            $by = intdiv($by, 2);
        }
        $bmp = (string) tempnam(sys_get_temp_dir(), 'fescue');
        try {
            $read = new Process(
                ['djpeg', '-maxmemory', self::ROOM, '-scale', "1/{$by}", '-bmp', '-outfile', $bmp, $path],
            );
            $read->setTimeout(self::PATIENCE)->run();

            return $read->isSuccessful() ? @imagecreatefrombmp($bmp) : false;
        } catch (ProcessTimedOutException) {
            return false;
        } finally {
            unlink($bmp);
        }
    }

    /** As its orientation tag says it was held. */
    private static function turned(\GdImage $image, ?string $path): \GdImage
    {
        $tags = $path === null ? false : @exif_read_data($path);
        $orientation = is_array($tags) && is_numeric($tags['Orientation'] ?? null) ? (int) $tags['Orientation'] : 1;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip(
                $image,
                $orientation === 4 || $orientation === 5 || $orientation === 7
                    ? IMG_FLIP_VERTICAL
                    : IMG_FLIP_HORIZONTAL,
            );
        }
        $degrees = match ($orientation) {
            3 => 180,
            5, 6 => -90,
            7, 8 => 90,
            default => 0,
        };
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }
}
