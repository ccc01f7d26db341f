<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Pattern\RowKind;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RowKindTest extends TestCase
{
    /** As columns of a sheet are lettered: 26 letters, then pairs of them, then threes. */
    #[TestWith([1, 'A'])]
    #[TestWith([26, 'Z'])]
    #[TestWith([27, 'AA'])]
    #[TestWith([52, 'AZ'])]
    #[TestWith([53, 'BA'])]
    #[TestWith([702, 'ZZ'])]
    #[TestWith([703, 'AAA'])]
    public function testSeamsAreLettered(int $number, string $letters): void
    {
        self::assertSame($letters, RowKind::Seam->numbered($number));
        self::assertSame((string) $number, RowKind::Round->numbered($number));
    }
}
