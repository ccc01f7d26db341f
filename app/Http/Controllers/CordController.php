<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CordRequest;
use App\Models\Cord;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class CordController extends Controller
{
    public function index(Request $request): View
    {
        return view('stash.index', ['cords' => $this->maker($request)->cords()->get()]);
    }

    public function create(): View
    {
        return view('stash.form', ['cord' => null]);
    }

    public function store(CordRequest $request): RedirectResponse
    {
        $cord = $request->maker()->cords()->create($request->cord());

        return redirect()->route('stash.index')->with('status', "“{$cord->name}” is in the stash: {$cord->density()->print()}.");
    }

    public function edit(Cord $cord): View
    {
        $this->authorize('own', $cord);

        return view('stash.form', ['cord' => $cord]);
    }

    public function update(CordRequest $request, Cord $cord): RedirectResponse
    {
        $this->authorize('own', $cord);
        $cord->update($request->cord());

        return redirect()->route('stash.index')->with('status', "“{$cord->name}” is kept: {$cord->density()->print()}. Bags of it are planned anew.");
    }

    public function destroy(Cord $cord): RedirectResponse
    {
        $this->authorize('own', $cord);
        $cord->delete();

        return redirect()->route('stash.index')->with('status', "“{$cord->name}” is put away; bags of it keep it.")->with('undo', route('stash.restore', $cord));
    }

    public function restore(Cord $cord): RedirectResponse
    {
        $this->authorize('own', $cord);
        $cord->restore();

        return redirect()->route('stash.index')->with('status', "“{$cord->name}” is back.");
    }
}
