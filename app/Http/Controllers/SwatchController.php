<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\MakerHistory;
use App\Http\Requests\SwatchRequest;
use App\Models\Swatch;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SwatchController extends Controller
{
    private const A_PAGE = 40;

    public function index(Request $request): View
    {
        $maker = $this->maker($request);
        $q = Typed::search($request);
        $swatches = $maker->swatches()->with('material');
        if ($q !== '') {
            $like = Typed::like($q);
            $swatches->where(fn(Builder $of) => $of->where('name', 'like', $like)->orWhereHas(
                'material',
                fn(Builder $material) => $material->where('name', 'like', $like),
            ));
        }

        return view('swatches.index', [
            'swatches' => $swatches->paginate(self::A_PAGE)->withQueryString(),
            'doubts' => (new MakerHistory($maker->id))->doubts(),
            'q' => $q,
            'unit' => $maker->units,
        ]);
    }

    public function create(Request $request): View
    {
        return view('swatches.form', ['swatch' => null, 'materials' => $this->maker($request)->strands()->get()]);
    }

    public function store(SwatchRequest $request): RedirectResponse
    {
        $swatch = $request->maker()->swatches()->create($request->swatch());

        return redirect()->route('swatches.index')->with('status', Tongues::tell(
            '“{name}” is kept.',
            ['name' => $swatch->name],
        ));
    }

    public function edit(Request $request, Swatch $swatch): View
    {
        $this->authorize('own', $swatch);

        return view('swatches.form', ['swatch' => $swatch, 'materials' => $this->maker($request)->strands()->get()]);
    }

    public function update(SwatchRequest $request, Swatch $swatch): RedirectResponse
    {
        $this->authorize('own', $swatch);
        $spreads = $swatch->only(['width_spread', 'height_spread']);
        $swatch->fill($request->swatch());
        // How far a measure may be off goes with what was measured.
        $swatch->width_spread = $swatch->isDirty(['width', 'stitches_counted']) ? 0.0 : $spreads['width_spread'];
        $swatch->height_spread = $swatch->isDirty(['height', 'rows_counted']) ? 0.0 : $spreads['height_spread'];
        $swatch->save();

        return redirect()->route('swatches.index')->with(
            'status',
            Tongues::tell('“{name}” is kept. Bags of it are planned anew.', ['name' => $swatch->name]),
        );
    }

    public function destroy(Swatch $swatch): RedirectResponse
    {
        $this->authorize('own', $swatch);
        $swatch->delete();

        return redirect()->route('swatches.index')->with(
            'status',
            Tongues::tell('“{name}” is put away; bags of it keep it.', ['name' => $swatch->name]),
        )->with('undo', route('swatches.restore', $swatch));
    }

    public function restore(Swatch $swatch): RedirectResponse
    {
        $this->authorize('own', $swatch);
        $swatch->restore();

        return redirect()->route('swatches.index')->with('status', Tongues::tell(
            '“{name}” is back.',
            ['name' => $swatch->name],
        ));
    }
}
