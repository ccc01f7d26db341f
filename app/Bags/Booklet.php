<?php

declare(strict_types=1);

namespace App\Bags;

use App\Drawing\Typeset;
use App\Models\BagFinish;
use App\Models\Picture;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\File;

/** A bag on paper: its words and drawings; as a booklet with a cover, how it is finished, and what it was. */
final class Booklet
{
    public static function plain(PlanSheet $sheet): string
    {
        return self::print($sheet, false, null, null);
    }

    public static function whole(PlanSheet $sheet): string
    {
        // One that is shown by a link is kept nowhere: what it was is its maker's own.
        $id = $sheet->bag->id ?? 0;

        $pictures = Picture::query()->where('bag_id', $id);
        $pictures->orderBy('id');

        return self::print($sheet, true, BagFinish::query()->find($id), $pictures->first());
    }

    private static function print(PlanSheet $sheet, bool $cover, ?BagFinish $done, ?Picture $picture): string
    {
        $kept = storage_path('app/fonts');
        File::ensureDirectoryExists($kept);
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'defaultFont' => 'Fescue Text',
            'fontDir' => $kept,
            'fontCache' => $kept,
            'tempDir' => storage_path('app'),
            'chroot' => [Typeset::folder()],
        ]));
        $pdf->setPaper('A4');
        $pdf->loadHtml(Typeset::marked(view('bags.pdf', [
            'sheet' => $sheet, 'cover' => $cover, 'done' => $done, 'picture' => $picture,
        ])->render()));
        $pdf->render();

        return (string) $pdf->output();
    }
}
