<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Material;
use App\Models\Picture;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Gauge\CardPicture;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Spread;
use Illuminate\Http\Request;

/** The eight marks on a picture and the two counts, as its form sends them: pixels of the kept picture. */
final class PictureMarks
{
    public const MARKS = [
        'card1' => 'card, upper left',
        'card2' => 'card, upper right',
        'card3' => 'card, lower right',
        'card4' => 'card, lower left',
        'st1' => 'stitches begin',
        'st2' => 'stitches end',
        'row1' => 'rows begin',
        'row2' => 'rows end',
    ];

    private const OTHERS = [
        'stitches',
        'rows',
        'upright',
        'lies',
        'thick',
        'set',
        'shrunk',
        'material_id',
        'hook',
        'stitch',
    ];

    /** Where the card lies. */
    public const LIES = [
        '' => 'not said',
        'level' => 'on the fabric, or beside it as high',
        'table' => 'on the table beside it',
    ];

    /** How the marks were set, and how much less surely than an edge can be. */
    public const SET = ['eye' => 'by eye', 'edge' => 'to the edge, under the magnifier', 'rough' => 'roughly'];

    private const TIMES = ['eye' => 2.0, 'edge' => 1.0, 'rough' => 4.0];

    /** A fabric is about so many strands thick, and so far off that; where no strand is chosen, mm. From memory. */
    private const STRANDS_THICK = 2.0;

    private const THICK_OFF = 0.3;

    private const THICK = 8.0;

    private const NOT_KNOWN_OFF = 0.5;

    /** A thickness measured, or a card held level by eye, is off by so much, mm; and no bag is thicker. From memory. */
    private const LEVEL_OFF = 1.0;

    private const THICKEST = 60.0;

    /** Pixels of the picture to one of the smallest screen it is marked on. */
    private const MOST_SHRUNK = 20.0;

    /** Where they stand before they are moved, as shares of the picture. */
    private const FIRST = [
        'card1' => [0.08, 0.1],
        'card2' => [0.42, 0.1],
        'card3' => [0.42, 0.35],
        'card4' => [0.08, 0.35],
        'st1' => [0.2, 0.6],
        'st2' => [0.7, 0.6],
        'row1' => [0.8, 0.3],
        'row2' => [0.8, 0.8],
    ];

    /** @var array<string, string> by field */
    public array $wrong = [];

    /** @var array<string, array{float, float}> */
    public readonly array $at;

    public readonly ?Spread $stitch;

    public readonly ?Spread $row;

    /** What was reckoned with beside the marks; '' where nothing is measured. */
    public readonly string $reckoned;

    /** @var array{float, float} mm that the fabric's top lies above the card, and how far that may be off */
    private readonly array $above;

    private ?CardPicture $seen = null;

    /** @param array<string, string> $text by field; where one is not there its mark stands where it does at first */
    public function __construct(private readonly array $text, private readonly Picture $picture)
    {
        $this->above = $this->above();
        $at = [];
        foreach (self::FIRST as $mark => [$x, $y]) {
            $at[$mark] = [
                $this->pixel("{$mark}x", $x * $picture->width, $picture->width),
                $this->pixel("{$mark}y", $y * $picture->height, $picture->height),
            ];
        }
        $this->at = $at;
        $card = [$this->mark('card1'), $this->mark('card2'), $this->mark('card3'), $this->mark('card4')];
        $this->stitch = $this->one('stitches', $card, $this->mark('st1'), $this->mark('st2'));
        $this->row = $this->one('rows', $card, $this->mark('row1'), $this->mark('row2'));
        $this->reckoned = $this->stitch === null && $this->row === null ? '' : $this->reckoned($card);
    }

    /** @return array<string, string> what a form holds of them */
    public static function sent(Request $request): array
    {
        $fields = self::OTHERS;
        foreach (array_keys(self::MARKS) as $mark) {
            array_push($fields, "{$mark}x", "{$mark}y");
        }

        return array_map(
            fn(string $field): string => mb_substr(Typed::text($request, $field), 0, 40),
            array_combine($fields, $fields),
        );
    }

    public function typed(string $field): string
    {
        return $this->text[$field] ?? '';
    }

    /** What cannot be told until both runs are counted and the marks are right. */
    public function swatch(Motif $motif): ?Swatch
    {
        if ($this->stitch === null || $this->row === null) {
            return null;
        }
        [$stitches, $rows] = [self::number($this->typed('stitches')), self::number($this->typed('rows'))];

        return new Swatch(
            $motif,
            $stitches,
            Length::mm($stitches * $this->stitch->likely),
            $rows,
            Length::mm($rows * $this->row->likely),
            widthSpread: $this->stitch->relative,
            heightSpread: $this->row->relative,
        );
    }

    private static function number(string $text): float
    {
        return (float) str_replace(',', '.', $text);
    }

    /** @return array{float, float} */
    private function mark(string $name): array
    {
        return $this->at[$name] ?? throw new \LogicException("There is no mark {$name}.");
    }

    /**
     * @param list<array{float, float}> $card
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function one(string $count, array $card, array $from, array $to): ?Spread
    {
        $text = $this->typed($count);
        if ($text === '') {
            return null;
        }
        if (preg_match('/^\d{1,3}([.,]\d{1,2})?$/', $text) !== 1) {
            $this->wrong[$count] = Tongues::tell('Write how many lie between the two marks, like 10.');

            return null;
        }
        try {
            return $this->seen($card)->one($from, $to, self::number($text));
        } catch (NotUnderstood $e) {
            $this->wrong[str_contains($e->getMessage(), 'card') ? 'card' : $count] = Tongues::say($e->said);

            return null;
        }
    }

    /** @param list<array{float, float}> $card @throws NotUnderstood */
    private function seen(array $card): CardPicture
    {
        return $this->seen ??= new CardPicture(
            $card,
            $this->typed('upright') === '1',
            CardPicture::markPx(
                min(self::MOST_SHRUNK, self::number($this->typed('shrunk'))),
                self::TIMES[$this->typed('set')] ?? self::TIMES['eye'],
            ),
            [(float) $this->picture->width, (float) $this->picture->height],
            ...$this->above,
        );
    }

    /** @return array{float, float} */
    private function above(): array
    {
        [$thick, $off] = $this->thick();

        return match ($this->typed('lies')) {
            'level' => [0.0, self::LEVEL_OFF],
            'table' => [$thick, $off],
            default => [$thick / 2, hypot($thick / 2, $off)],
        };
    }

    /** @return array{float, float} mm of the fabric, and how far that may be off */
    private function thick(): array
    {
        $text = $this->typed('thick');
        if ($text !== '') {
            try {
                $thick = Length::parse($text)->mm;
                if ($thick <= self::THICKEST) {
                    return [$thick, self::LEVEL_OFF];
                }
                $this->wrong['thick'] = Tongues::tell(
                    'Write how thick the fabric lies, up to {most} mm, like 8 mm.',
                    ['most' => self::THICKEST],
                );
            } catch (NotUnderstood $e) {
                $this->wrong['thick'] = Tongues::say($e->said);
            }
        }
        $id = $this->typed('material_id');
        $strand = ctype_digit($id)
            ? Material::query()->where('user_id', $this->picture->user_id)->find((int) $id)?->diameter
            : null;

        return $strand === null
            ? [self::THICK, self::NOT_KNOWN_OFF * self::THICK]
            : [self::STRANDS_THICK * $strand->mm, self::THICK_OFF * self::STRANDS_THICK * $strand->mm];
    }

    /** @param list<array{float, float}> $card */
    private function reckoned(array $card): string
    {
        $off = Decimal::print(100 * $this->seen($card)->takenOff(), 1);
        [$above] = $this->above;
        $said = Decimal::print($above, 1);

        return match ($this->typed('lies')) {
            'level' => Tongues::tell('The card lies as high as the fabric: as large as it seems.'),
            'table' => Tongues::tell(
                'The fabric’s top lies {said} mm above the card, nearer to the camera: {off} % is taken off.',
                ['said' => $said, 'off' => $off],
            ),
            default => Tongues::tell(
                'Say where the card lies. Until then it may lie as high as the fabric or on the table: {off} % is '
                    .'taken off, and less is sure.',
                ['off' => $off],
            ),
        };
    }

    private function pixel(string $field, float $first, int $most): float
    {
        $text = $this->typed($field);
        if ($text === '') {
            return round($first, 1);
        }
        if (preg_match('/^\d{1,5}([.,]\d{1,3})?$/', $text) !== 1 || self::number($text) > $most) {
            $this->wrong[$field] = Tongues::tell('A mark lies from 0 to {most}.', ['most' => $most]);

            return round($first, 1);
        }

        return self::number($text);
    }
}
