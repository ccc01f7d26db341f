<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Photograph;
use App\Bags\PictureMarks;
use App\Models\Picture;
use App\Models\Swatch;
use App\Tongue\Tongues;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Gauge from a picture: a swatch with a bank-sized card on it, and marks on both. */
final class PictureController extends Controller
{
    /** Pictures one maker keeps; the oldest gives way. */
    private const KEPT = 20;

    public function index(Request $request): View
    {
        return view(
            'swatches.pictures',
            [
                'pictures' => $this->maker($request)->pictures()->whereNull('bag_id')->latest('id')->get(
                    ['id', 'user_id', 'width', 'height', 'created_at'],
                ),
            ],
        );
    }

    public function store(Request $request): RedirectResponse
    {
        try {
            $photograph = Photograph::sent(
                $request->file('picture'),
                Tongues::tell('Choose a picture: the swatch lying flat, a bank-sized card on it.'),
            );
        } catch (NotUnderstood $e) {
            return back()->withErrors(['picture' => Tongues::say($e->said)]);
        }
        $maker = $this->maker($request);
        /** @var Picture $picture */
        $picture = $maker->pictures()->create(
            ['width' => $photograph->width, 'height' => $photograph->height, 'jpeg' => $photograph->jpeg],
        );
        $old = $maker->pictures()->whereNull('bag_id')->latest('id')->skip(self::KEPT)->take(100)->pluck('id')->all();
        Picture::query()->whereIn('id', $old)->delete();

        return redirect()->route('swatches.picture', $picture);
    }

    public function show(Request $request, Picture $picture): View
    {
        $this->authorize('own', $picture);
        $marks = new PictureMarks($picture->marks ?? [], $picture);
        $view = view(
            'swatches.picture',
            [
                'picture' => $picture,
                'marks' => $marks,
                'materials' => $this->maker($request)->strands()->pluck('name', 'id')->all(),
            ],
        );

        // What keeping it found wrong says more than the marks alone.
        return $request->session()->has('errors') ? $view : $this->withWrong($view, $marks->wrong);
    }

    /** Keeps the marks with the picture, and says what they measure. */
    public function mark(Request $request, Picture $picture): RedirectResponse|JsonResponse
    {
        $this->authorize('own', $picture);
        $text = PictureMarks::sent($request);
        $picture->update(['marks' => $text]);

        return $request->expectsJson()
            ? response()->json(
                ['measured' => view('swatches.measured', ['marks' => new PictureMarks($text, $picture)])->render()],
            )
            : redirect()->route('swatches.picture', $picture);
    }

    public function jpeg(Picture $picture): Response
    {
        $this->authorize('own', $picture);

        return response(
            $picture->jpeg,
            200,
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600'],
        );
    }

    /** Keeps what the marks say as a swatch. */
    public function keep(Request $request, Picture $picture): RedirectResponse
    {
        $this->authorize('own', $picture);
        $maker = $this->maker($request);
        $text = PictureMarks::sent($request);
        $picture->update(['marks' => $text]);
        $marks = new PictureMarks($text, $picture);
        $wrong = $marks->wrong;
        foreach (['stitches' => $marks->stitch, 'rows' => $marks->row] as $count => $measured) {
            if ($measured === null && ! isset($wrong['card'])) {
                $wrong[$count] ??= Tongues::tell('Count how many lie between the two marks.');
            }
        }
        $hook = null;
        try {
            $hook = HookSize::parse($marks->typed('hook'));
        } catch (NotUnderstood $e) {
            $wrong['hook'] = Tongues::say($e->said);
        }
        $id = $marks->typed('material_id');
        $material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        $measured = $marks->swatch(Motif::find($marks->typed('stitch')) ?? Motif::single());
        $doubt = $measured?->doubt();
        if ($doubt !== null) {
            $wrong[in_array($doubt->field, ['width', 'stitches'], true) ? 'stitches' : 'rows'] = Tongues::say(
                $doubt->said,
            );
        }
        if ($wrong !== [] || $hook === null || $measured === null) {
            return redirect()->route('swatches.picture', $picture)->withErrors($wrong);
        }
        $swatch = $maker->swatches()->create(Swatch::columns($measured) + [
            'material_id' => $material?->id, 'name' => mb_substr(
                ($material->name ?? Tongues::tell('Picture')).", {$measured->motif->key} on {$hook->exact()}",
                0,
                80,
            ), 'hook' => $hook->diameter, 'note' => Tongues::tell('from a picture'),
        ]);

        return redirect()->route('swatches.trial', ['material' => $material?->id])->with(
            'status',
            Tongues::tell('“{name}” is measured from its picture.', ['name' => $swatch->name]),
        );
    }

    public function destroy(Picture $picture): RedirectResponse
    {
        $this->authorize('own', $picture);
        $picture->delete();

        return redirect()->route('swatches.pictures')->with(
            'status',
            Tongues::tell('The picture is gone; swatches measured from it stay.'),
        );
    }
}
