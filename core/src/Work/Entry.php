<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;

/**
 * One line of the log, never changed once it is written. Entries are ordered by their turn, which is one more than the
 * greatest its device had seen, and no clock is trusted; where two devices wrote in one turn, by the device's name.
 */
final readonly class Entry
{
    /** Numbers and turns of one bag: more lines than it may have. */
    public const MOST = 1_000_000;

    private const DEVICE = '/^[A-Za-z0-9_-]{8,32}$/';

    /**
     * @param string $device that wrote it, 8 to 32 letters and digits
     * @param int $number its own, from 1
     * @param int $turn from 1
     * @param int $at the device's clock, ms since 1970; for hours alone
     * @param int $stitch of the row that are done after it
     * @param string $plan fingerprint of the course that it was done of
     * @param ?int $counted what was counted, or what is mended
     */
    private function __construct(
        public string $device,
        public int $number,
        public int $turn,
        public int $at,
        public Did $did,
        public RowId $row,
        public int $stitch,
        public string $plan,
        public ?int $counted = null,
    ) {}

    /**
     * @param array<mixed> $said as a device sends it
     *
     * @throws NoEntry saying what is wrong with it
     */
    public static function read(array $said): self
    {
        $whole = function (string $key, int $least, int $most) use ($said): int {
            $value = $said[$key] ?? null;

            return is_int($value) && $value >= $least && $value <= $most
                ? $value
                : throw new NoEntry(new Saying(
                    '“{key}” is a whole number from {least} to {most}.',
                    ['key' => $key, 'least' => $least, 'most' => $most],
                ));
        };
        $text = function (string $key, string $like) use ($said): string {
            $value = $said[$key] ?? null;

            return is_string($value) && preg_match($like, $value) === 1
                ? $value
                : throw new NoEntry(new Saying('“{key}” is not as a device writes it.', ['key' => $key]));
        };
        $did = Did::tryFrom($text('did', '/^[a-z-]{1,12}$/')) ?? throw new NoEntry(new Saying(
            '“did” is nothing that is done.',
        ));

        return new self(
            $text('device', self::DEVICE),
            $whole('number', 1, self::MOST),
            $whole('turn', 1, self::MOST),
            $whole('at', 0, 100_000_000_000_000),
            $did,
            RowId::read($text('row', '/^[\p{L}\p{N} :.’-]{1,60}$/u')) ?? throw new NoEntry(new Saying(
                '“row” names no row.',
            )),
            $whole('stitch', 0, 100_000),
            $text('plan', '/^[0-9a-f]{16}$/'),
            match ($did) {
                Did::Counted => $whole('counted', 0, 100_000),
                Did::Mends => $whole('counted', -1000, 100_000),
                default => null,
            },
        );
    }

    /** @return array<string, string|int> as read() takes it */
    public function write(): array
    {
        return [
            'device' => $this->device,
            'number' => $this->number,
            'turn' => $this->turn,
            'at' => $this->at,
            'did' => $this->did->value,
            'row' => (string) $this->row,
            'stitch' => $this->stitch,
            'plan' => $this->plan,
        ] + ($this->counted === null ? [] : ['counted' => $this->counted]);
    }

    /** Whether it is of the same device and number. */
    public function key(): string
    {
        return "{$this->device} {$this->number}";
    }

    /** Below zero where it was done before the other. */
    public function compare(self $other): int
    {
        // As texts: two names of digits are not two numbers.
        return [$this->turn, strcmp($this->device, $other->device), $this->number]
            <=> [$other->turn, 0, $other->number];
    }
}
