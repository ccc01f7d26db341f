<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Material;
use App\Models\User;
use App\Rules\Really;
use App\Rules\Typed;
use App\Stash\MaterialText;
use App\Stash\Stash;
use App\Stash\StashSearch;
use App\Tongue\Tongues;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Property;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The stash: what there is, and what is known of each. */
final class MaterialController extends Controller
{
    public function index(Request $request): View
    {
        $maker = $this->maker($request);

        return view(
            'stash.index',
            ['search' => StashSearch::materials($request, $maker), 'any' => $maker->materials()->exists()],
        );
    }

    public function create(Request $request): View
    {
        $kind = Kind::tryFrom(Typed::before('kind', Typed::text($request, 'kind'))) ?? Kind::Cord;

        return view(
            'stash.form',
            ['material' => null, 'kind' => $kind, 'strands' => $this->maker($request)->strands()->get()],
        );
    }

    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $text = self::text($request, $maker);
        $wrong = self::wrong($request, $text);
        if ($wrong !== []) {
            return back()->withInput()->withErrors($wrong);
        }
        $material = Stash::keep($maker, $text);

        return redirect()->route('stash.show', $material)->with(
            'status',
            $material->kind->isStrand()
                ? Tongues::tell('“{name}” is in the stash: {density}.', [
                    'name' => $material->name, 'density' => Tongues::printed($material->density()->print()),
                ]) : Tongues::tell('“{name}” is in the stash.', ['name' => $material->name]),
        );
    }

    public function show(Request $request, Material $material): View
    {
        $this->authorize('own', $material);
        $maker = $this->maker($request);
        $hand = Hand::tryFrom(Typed::text($request, 'hand')) ?? Hand::Even;
        $fabric = Fabric::tryFrom(Typed::text($request, 'fabric')) ?? Fabric::Firm;

        return view('stash.show', [
            'material' => $material,
            'stock' => $material->stock(),
            'entries' => $material->entries()->with('bag')->latest('id')->limit(12)->get(),
            'bags' => $maker->bags()->get(),
            'advice' => $material->diameter === null ? null : HookAdvice::of(
                $material->diameter,
                $material->kind,
                $hand,
                $fabric,
            ),
            'hand' => $hand,
            'fabric' => $fabric,
            'unit' => $maker->units,
        ]);
    }

    public function edit(Request $request, Material $material): View
    {
        $this->authorize('own', $material);

        return view(
            'stash.form',
            [
                'material' => $material,
                'kind' => $material->kind,
                'strands' => $this->maker($request)->strands()->whereKeyNot($material->id)->get(),
            ],
        );
    }

    public function update(Request $request, Material $material): RedirectResponse
    {
        $this->authorize('own', $material);
        // Its kind is what it is: only what is known of it changes.
        $request->merge(['kind' => $material->kind->value]);
        $text = self::text($request, $this->maker($request));
        $wrong = self::wrong($request, $text);
        if ($wrong !== []) {
            return back()->withInput()->withErrors($wrong);
        }
        $material->update($text->values);

        return redirect()->route('stash.show', $material)->with(
            'status',
            $material->kind->isStrand()
                ? Tongues::tell('“{name}” is kept: {density}. Bags of it are planned anew.', [
                    'name' => $material->name, 'density' => Tongues::printed($material->density()->print()),
                ]) : Tongues::tell('“{name}” is kept.', ['name' => $material->name]),
        );
    }

    public function destroy(Material $material): RedirectResponse
    {
        $this->authorize('own', $material);
        $material->delete();

        return redirect()->route('stash.index')->with(
            'status',
            Tongues::tell('“{name}” is put away; bags of it keep it.', ['name' => $material->name]),
        )->with('undo', route('stash.restore', $material));
    }

    public function restore(Material $material): RedirectResponse
    {
        $this->authorize('own', $material);
        $material->restore();

        return redirect()->route('stash.index')->with(
            'status',
            Tongues::tell('“{name}” is back.', ['name' => $material->name]),
        );
    }

    /** @return array<string, string> by field: what is wrong, or is to be said once more */
    private static function wrong(Request $request, MaterialText $text): array
    {
        return $text->wrong === [] ? Really::ask($request, $text->implausible()) : $text->wrong;
    }

    private static function text(Request $request, User $maker): MaterialText
    {
        $fields = ['kind', ...MaterialText::SHARED, ...array_column(Property::cases(), 'value')];

        return new MaterialText(
            array_combine($fields, array_map(fn(string $field): string => Typed::text($request, $field), $fields)),
            Stash::finder($maker),
        );
    }
}
