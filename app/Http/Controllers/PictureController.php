<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Photograph;
use App\Bags\PictureMarks;
use App\Http\Typed;
use App\Models\Picture;
use App\Models\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Stitch\Motif;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Gauge from a picture: a swatch with a bank-sized card on it, and marks on both. */
final class PictureController extends Controller
{
    /** Pictures one maker keeps; the oldest gives way. */
    private const KEPT = 20;

    public function index(Request $request): View
    {
        return view('swatches.pictures', ['pictures' => $this->maker($request)->pictures()->latest('id')->get(['id', 'user_id', 'width', 'height', 'created_at'])]);
    }

    public function store(Request $request): RedirectResponse
    {
        $file = $request->file('picture');
        if (! $file instanceof UploadedFile) {
            return back()->withErrors(['picture' => 'Choose a picture: the swatch lying flat, a bank-sized card on the same table.']);
        }
        if (! $file->isValid() || $file->getSize() > Photograph::MOST_BYTES) {
            return back()->withErrors(['picture' => 'The picture did not arrive whole, or is larger than 24 MB.']);
        }
        try {
            $photograph = Photograph::read($file->getRealPath());
        } catch (NotUnderstood $e) {
            return back()->withErrors(['picture' => $e->getMessage()]);
        }
        $maker = $this->maker($request);
        /** @var Picture $picture */
        $picture = $maker->pictures()->create(['width' => $photograph->width, 'height' => $photograph->height, 'jpeg' => $photograph->jpeg]);
        $old = $maker->pictures()->latest('id')->skip(self::KEPT)->take(100)->pluck('id')->all();
        Picture::query()->whereIn('id', $old)->delete();

        return redirect()->route('swatches.picture', $picture);
    }

    public function show(Request $request, Picture $picture): View
    {
        $this->authorize('own', $picture);
        $marks = new PictureMarks($request, $picture);

        return $this->withWrong(view('swatches.picture', ['picture' => $picture, 'marks' => $marks, 'materials' => $this->maker($request)->strands()->pluck('name', 'id')->all(), 'unit' => $this->maker($request)->units]), $marks->wrong);
    }

    public function jpeg(Picture $picture): Response
    {
        $this->authorize('own', $picture);

        return response($picture->jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600']);
    }

    /** Keeps what the marks say as a swatch. */
    public function keep(Request $request, Picture $picture): RedirectResponse
    {
        $this->authorize('own', $picture);
        $maker = $this->maker($request);
        $marks = new PictureMarks($request, $picture);
        $wrong = $marks->wrong;
        foreach (['stitches' => $marks->stitch, 'rows' => $marks->row] as $count => $measured) {
            if ($measured === null && ! isset($wrong['card'])) {
                $wrong[$count] ??= 'Count how many lie between the two marks.';
            }
        }
        $hook = null;
        try {
            $hook = HookSize::parse(Typed::text($request, 'hook'));
        } catch (NotUnderstood $e) {
            $wrong['hook'] = $e->getMessage();
        }
        $id = Typed::text($request, 'material_id');
        $material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        $stitch = Motif::tryFrom(Typed::text($request, 'stitch')) ?? Motif::Single;
        if ($wrong !== [] || $hook === null || $marks->stitch === null || $marks->row === null) {
            return redirect()->route('swatches.picture', $picture)->withInput()->withErrors($wrong);
        }
        $side = 10.0;
        $swatch = new Swatch([
            'material_id' => $material?->id, 'name' => mb_substr(($material->name ?? 'Picture').", {$stitch->value} on {$hook->exact()}", 0, 80), 'hook' => $hook->diameter, 'stitch' => $stitch,
            'stitches_counted' => $side, 'width' => Length::mm($side * $marks->stitch->likely), 'rows_counted' => $side, 'height' => Length::mm($side * $marks->row->likely), 'mass' => null,
            'note' => 'from a picture, '.Decimal::print(100 * $marks->stitch->relative, 1).' % unsure across, '.Decimal::print(100 * $marks->row->relative, 1).' % up',
        ]);
        $doubt = $swatch->measured()->doubt();
        if ($doubt !== null) {
            return redirect()->route('swatches.picture', $picture)->withInput()->withErrors([$doubt->field === 'width' ? 'stitches' : 'rows' => $doubt->message]);
        }
        $maker->swatches()->save($swatch);

        return redirect()->route('swatches.trial', ['material' => $material?->id])->with('status', "“{$swatch->name}” is measured from its picture.");
    }

    public function destroy(Picture $picture): RedirectResponse
    {
        $this->authorize('own', $picture);
        $picture->delete();

        return redirect()->route('swatches.pictures')->with('status', 'The picture is gone; swatches measured from it stay.');
    }
}
