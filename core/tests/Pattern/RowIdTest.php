<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RowIdTest extends TestCase
{
    /** @param array{RowKind, int, string, int} $is */
    #[TestWith(['Round 5', [RowKind::Round, 5, '', 0]])]
    #[TestWith(['Row 120', [RowKind::Row, 120, '', 0]])]
    #[TestWith(['Front panel: Row 3', [RowKind::Row, 3, 'front-panel', 0]])]
    #[TestWith(['Square 12: Round 2', [RowKind::Round, 2, 'square', 12]])]
    #[TestWith(['Seam C', [RowKind::Seam, 3, '', 0]])]
    #[TestWith(['Seam AB', [RowKind::Seam, 28, '', 0]])]
    public function testWhatDocumentsWriteIsReadAndWrittenTheSame(string $written, array $is): void
    {
        $id = RowId::read($written) ?? self::fail($written);
        self::assertSame($is, [$id->kind, $id->number, $id->piece, $id->nth]);
        self::assertSame($written, $id->written());
        self::assertTrue($id->is(new RowId(...$is)));
    }

    #[TestWith(['5', 'Round 5'])]
    #[TestWith([' round  7 ', 'Round 7'])]
    #[TestWith(['FRONT PANEL : row 2', 'Front panel: Row 2'])]
    public function testWhatAMakerWritesIsReadToo(string $typed, string $written): void
    {
        self::assertSame($written, RowId::read($typed)?->written());
    }

    #[TestWith([''])]
    #[TestWith(['Round'])]
    #[TestWith(['Round 0'])]
    #[TestWith(['Round 1.5'])]
    #[TestWith(['Round five'])]
    #[TestWith(['Seam 3'])]
    #[TestWith(['Round C'])]
    #[TestWith(['<b>: Row 3'])]
    #[TestWith([': Row 3'])]
    #[TestWith(['Round 12345678'])]
    public function testWhatNamesNoRow(string $typed): void
    {
        self::assertNull(RowId::read($typed));
    }

    public function testRowsComeBeforeRounds(): void
    {
        $all = ['Seam A', 'Round 10', 'Row 2', 'Round 9', 'Front panel: Row 1', 'Row 1'];
        $ids = array_filter(array_map(RowId::read(...), $all));
        usort($ids, fn(RowId $a, RowId $b): int => $a->compare($b));
        self::assertSame(
            ['Row 1', 'Row 2', 'Front panel: Row 1', 'Round 9', 'Round 10', 'Seam A'],
            array_map(strval(...), $ids),
        );
        self::assertSame(['5', 'Row 5', 'Seam A'], array_map(
            fn(string $one): ?string => RowId::read($one)?->short(),
            ['Round 5', 'Row 5', 'Seam A'],
        ));
    }
}
