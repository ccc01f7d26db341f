<?php

declare(strict_types=1);

namespace App\Bags;

use App\Tongue\Tongues;
use Fescue\Core\Pattern\RowId;

/** Bags side by side, all at one scale: the largest fills its picture. */
final readonly class Wall
{
    public const WIDE = 264;

    public const HIGH = 210;

    /** Aslant from above a bag takes more room than from the front; its depth is not in the list. From memory. */
    private const ASLANT = 1.12;

    /** No bag is drawn larger than that, pixels a millimetre, however small they all are. */
    private const LARGEST = 0.6;

    /**
     * @param list<Listed> $listed
     * @param float $scale pixels a millimetre
     * @param array<int, string> $inHand the row that was worked last, of each that is begun
     */
    private function __construct(public array $listed, private float $scale, private array $inHand) {}

    /** @param list<Listed> $listed */
    public static function of(array $listed): self
    {
        $scale = self::LARGEST;
        foreach ($listed as $one) {
            if ($one->plan !== null) {
                $scale = min(
                    $scale,
                    self::WIDE / max(1.0, self::ASLANT * $one->plan->broad),
                    self::HIGH / max(1.0, self::ASLANT * $one->plan->tall),
                );
            }
        }

        return new self(
            $listed,
            round($scale, 3),
            WorkLog::rows(array_map(fn(Listed $one): int => $one->id, $listed)),
        );
    }

    /** @return array{string, string} what is next for one, and where */
    public function next(Listed $one): array
    {
        $row = RowId::read($this->inHand[$one->id] ?? '');
        [$next, $where] = [$one->plan->next ?? '', $one->plan->where ?? ''];

        return $row === null || $one->plan?->isSure === false ? [$next, $where] : [
            Tongues::tell('{row}, of {n} rows', ['row' => $row, 'n' => $one->plan->rounds ?? 0]),
            route('bags.work', $one->id, false),
        ];
    }

    public function picture(Listed $one): string
    {
        return route('bags.sketch', ['bag' => $one->id, 'scale' => $this->scale], false);
    }
}
