<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\RawPiece;
use App\Rules\Typed;
use App\Stash\CuttingForm;
use App\Tongue\Tongues;
use Fescue\Core\Material\Fibre;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Shirts, bags and ribbons that wait to be cut. */
final class RawPieceController extends Controller
{
    public function index(Request $request): View
    {
        return view('cutting.pieces', ['pieces' => $this->maker($request)->rawPieces()->get()]);
    }

    public function create(Request $request): View
    {
        $unit = $this->maker($request)->units;

        return view(
            'cutting.piece',
            ['piece' => null, 'form' => new CuttingForm($request, $unit, raw: true), 'unit' => $unit],
        );
    }

    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        [$values, $wrong] = $this->read($request);
        if ($wrong !== []) {
            return back()->withInput()->withErrors($wrong);
        }
        $piece = $maker->rawPieces()->create($values);

        return redirect()->route('cutting.pieces')->with(
            'status',
            Tongues::tell('“{name}”: {n, plural, one {one waits} other {# wait}} to be cut.', [
                'name' => $piece->name, 'n' => $piece->count,
            ]),
        );
    }

    public function edit(Request $request, RawPiece $piece): View
    {
        $this->authorize('own', $piece);
        $unit = $this->maker($request)->units;
        $request->merge(
            array_map(
                fn(mixed $value): string => is_string($value) ? $value : '',
                (array) session()->getOldInput(),
            ) + ['kind' => $piece->form] + $piece->texts(),
        );

        return view(
            'cutting.piece',
            ['piece' => $piece, 'form' => new CuttingForm($request, $unit, raw: true), 'unit' => $unit],
        );
    }

    public function update(Request $request, RawPiece $piece): RedirectResponse
    {
        $this->authorize('own', $piece);
        $request->merge(['kind' => $piece->form]);
        [$values, $wrong] = $this->read($request);
        if ($wrong !== []) {
            return back()->withInput()->withErrors($wrong);
        }
        $piece->update($values);

        return redirect()->route('cutting.pieces')->with(
            'status',
            Tongues::tell('“{name}” is kept.', ['name' => $piece->name]),
        );
    }

    public function destroy(RawPiece $piece): RedirectResponse
    {
        $this->authorize('own', $piece);
        $piece->delete();

        return redirect()->route('cutting.pieces')->with('status', Tongues::tell(
            '“{name}” is put away.',
            ['name' => $piece->name],
        ))->with(
            'undo',
            route('cutting.pieces.restore', $piece),
        );
    }

    public function restore(RawPiece $piece): RedirectResponse
    {
        $this->authorize('own', $piece);
        $piece->restore();

        return redirect()->route('cutting.pieces')->with(
            'status',
            Tongues::tell('“{name}” is back.', ['name' => $piece->name]),
        );
    }

    /** @return array{array<string, mixed>, array<string, string>} columns, and what is wrong by field */
    private function read(Request $request): array
    {
        $form = new CuttingForm($request, $this->maker($request)->units, raw: true);
        $wrong = $form->wrong;
        $name = Typed::text($request, 'name');
        if ($name === '' || mb_strlen($name) > 80) {
            $wrong['name'] = Tongues::tell('Give it a name you will know it by, at most 80 letters.');
        }
        $colour = strtolower(Typed::text($request, 'colour'));
        if (preg_match('/^#[0-9a-f]{6}$/', $colour) !== 1) {
            $wrong['colour'] = Tongues::tell('A colour is a # and six digits or letters a to f, like #c9b994.');
        }
        $count = Typed::text($request, 'count');
        if (preg_match('/^\d{1,5}$/', $count) !== 1 || (int) $count > RawPiece::MOST) {
            $wrong['count'] = Tongues::tell('Write how many there are, from 0 to {most}.', ['most' => RawPiece::MOST]);
        }
        if (! $form->sent()) {
            $wrong['flat_width'] = Tongues::tell('Measure this, and write it here.');
        }
        $fibre = Fibre::tryFrom(Typed::text($request, 'fibre'));

        return [
            [
                'name' => $name,
                'form' => $form->kind,
                'colour' => $colour,
                'fibre' => $fibre,
                'count' => (int) $count,
                'measures' => $form->measures(),
            ],
            $wrong,
        ];
    }
}
