<?php

declare(strict_types=1);

namespace Database\Seeders;

/** A photograph for the demo, drawn: a card and a swatch lying on a table, seen aslant. */
final class DemoPicture
{
    public const WIDTH = 1600;

    public const HEIGHT = 1200;

    /** Drawn larger, so that edges come out smooth. */
    private const FINE = 2;

    private readonly \GdImage $image;

    private function __construct()
    {
        $image = imagecreatetruecolor(self::FINE * self::WIDTH, self::FINE * self::HEIGHT);
        $this->image = $image === false ? throw new \LogicException('No picture can be made.') : $image;
    }

    public static function jpeg(): string
    {
        $picture = new self();
        $picture->table();
        $picture->fill(array_map(fn(string $corner): array => self::marks()[$corner], ['card1', 'card2', 'card3', 'card4']), [232, 227, 214]);
        for ($row = 0; $row < 10; $row++) {
            foreach ([[17.0, [157, 140, 102], 1.0], [13.0, [201, 185, 148], 0.0]] as [$thick, $colour, $down]) {
                $picture->row($row, $thick, $colour, $down);
            }
        }
        $small = imagescale($picture->image, self::WIDTH, self::HEIGHT);
        ob_start();
        imagejpeg($small === false ? $picture->image : $small, null, 88);

        return (string) ob_get_clean();
    }

    /** @return array<string, array{float, float}> where its marks belong: the card, ten stitches of 12 mm, eight rows of 8.5 */
    public static function marks(): array
    {
        return [
            'card1' => self::seen(0, 0), 'card2' => self::seen(85.60, 0), 'card3' => self::seen(85.60, 53.98), 'card4' => self::seen(0, 53.98),
            'st1' => self::seen(16, 98), 'st2' => self::seen(136, 98), 'row1' => self::seen(166, 64), 'row2' => self::seen(166, 132),
        ];
    }

    /**
     * Where a point of the table, in millimetres from the card's corner, is in the picture.
     *
     * @return array{float, float}
     */
    private static function seen(float $x, float $y): array
    {
        $depth = 0.0009 * $x - 0.0006 * $y + 1.12;

        return [round((7.4 * $x - 0.9 * $y + 170) / $depth, 1), round((1.1 * $x + 6.9 * $y + 130) / $depth, 1)];
    }

    private function table(): void
    {
        imagefill($this->image, 0, 0, $this->colour([125, 95, 67]));
        imagesetthickness($this->image, 6);
        for ($grain = -20; $grain < 70; $grain++) {
            $colour = $this->colour($grain % 2 === 0 ? [131, 101, 72] : [119, 90, 63]);
            for ($x = 0; $x < self::FINE * self::WIDTH; $x += 40) {
                $y = fn(int $at): int => (int) round(44 * $grain + 26 * sin(($at + 300 * $grain) / 700));
                imageline($this->image, $x, $y($x), $x + 40, $y($x + 40), $colour);
            }
        }
    }

    /** @param array{int, int, int} $colour */
    private function row(int $row, float $thick, array $colour, float $down): void
    {
        $corners = [];
        for ($stitch = 0; $stitch <= 12; $stitch++) {
            array_push($corners, [10 + 12 * $stitch, 64 + 8.5 * $row + $down], [16 + 12 * $stitch, 70 + 8.5 * $row + $down]);
        }
        for ($one = 1; $one < count($corners); $one++) {
            // A round brush along each leg: the strand's ends and bends come out round.
            for ($step = 0; $step <= 20; $step++) {
                [$x, $y] = self::seen($corners[$one - 1][0] + ($corners[$one][0] - $corners[$one - 1][0]) * $step / 20, $corners[$one - 1][1] + ($corners[$one][1] - $corners[$one - 1][1]) * $step / 20);
                imagefilledellipse($this->image, (int) round(self::FINE * $x), (int) round(self::FINE * $y), (int) (2 * self::FINE * $thick), (int) (2 * self::FINE * $thick), $this->colour($colour));
            }
        }
    }

    /**
     * @param list<array{float, float}> $corners
     * @param array{int, int, int} $colour
     */
    private function fill(array $corners, array $colour): void
    {
        imagefilledpolygon($this->image, array_map(fn(float $at): int => (int) round(self::FINE * $at), array_merge(...$corners)), $this->colour($colour));
    }

    /** @param array{int, int, int} $colour red, green and blue */
    private function colour(array $colour): int
    {
        return (int) imagecolorallocate($this->image, max(0, min(255, $colour[0])), max(0, min(255, $colour[1])), max(0, min(255, $colour[2])));
    }
}
