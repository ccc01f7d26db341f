<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Bag;
use App\Models\Material;
use App\Models\StockEntry;
use App\Rules\Typed;
use App\Stash\Amount;
use App\Stash\Ledger;
use App\Stash\StashSearch;
use App\Tongue\Tongues;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What came into the stash and what went out of it. */
final class LedgerController extends Controller
{
    private const MOST = 1_000_000.0;

    public function index(Request $request): View
    {
        $maker = $this->maker($request);

        return view(
            'stash.ledger',
            [
                'search' => StashSearch::entries($request, $maker),
                'materials' => $maker->materials()->withoutGlobalScope('balance')->pluck('name', 'id')->all(),
            ],
        );
    }

    public function store(Request $request, Material $material): RedirectResponse
    {
        $this->authorize('own', $material);
        $move = Move::tryFrom(Typed::text($request, 'move'));
        if ($move === null) {
            return back()->withInput()->withErrors(['move' => Tongues::tell('Say what happened to it.')]);
        }
        $note = mb_substr(Typed::text($request, 'note'), 0, 120);
        try {
            $bag = $this->bag($request, 'bag_id');
            $amount = self::amount($material, Typed::text($request, 'amount'), $move === Move::Weighed);
            Ledger::enter($material, $move, $amount, $bag, $note === '' ? null : $note);
        } catch (NotUnderstood|NotEnough $e) {
            return back()->withInput()->withErrors(['amount' => Tongues::say($e->said)]);
        }

        return redirect()->route('stash.show', $material)->with(
            'status',
            Tongues::tell('{Move}: {amount} of “{name}”.', [
                'move' => Tongues::tell($move->said()), 'amount' => $material->say($amount), 'name' => $material->name,
            ]),
        );
    }

    public function reserve(Request $request, Material $material): RedirectResponse
    {
        $this->authorize('own', $material);
        try {
            $bag = $this->bag($request, 'reserve_for');
            if ($bag === null) {
                return back()->withInput()->withErrors(
                    ['reserve_for' => Tongues::tell('Choose the bag it is kept for.')],
                );
            }
            $amount = self::amount($material, Typed::text($request, 'reserve'), true);
            Ledger::reserve($material, $bag, $amount);
        } catch (NotUnderstood|NotEnough $e) {
            return back()->withInput()->withErrors(['reserve' => Tongues::say($e->said)]);
        }

        return redirect()->route('stash.show', $material)->with(
            'status',
            $amount > 0
                ? Tongues::tell(
                    '{amount} are kept for “{name}”.',
                    ['amount' => $material->say($amount), 'name' => $bag->name()],
                )
                : Tongues::tell('Nothing of it is kept for “{name}” any more.', ['name' => $bag->name()]),
        );
    }

    public function undo(StockEntry $entry): RedirectResponse
    {
        return $this->strike($entry, true);
    }

    public function redo(StockEntry $entry): RedirectResponse
    {
        return $this->strike($entry, false);
    }

    private function strike(StockEntry $entry, bool $out): RedirectResponse
    {
        $this->authorize('own', $entry->material);
        try {
            $kept = Ledger::strike($entry, $out);
        } catch (NotEnough $e) {
            return back()->withErrors(['entry' => Tongues::say($e->said)]);
        }

        return back()->with(
            'status',
            ($out ? Tongues::tell(
                'Undone; the line stays, struck out.',
            ) : Tongues::tell('It counts again.')).($kept === null ? '' : " {$kept}"),
        )->with('undo', route($out ? 'stash.redo' : 'stash.undo', $entry));
    }

    /** Grams, metres of what runs in metres, or a count. @throws NotUnderstood */
    private static function amount(Material $material, string $text, bool $noneIsFine): float
    {
        $amount = match (true) {
            ! $material->kind->isStrand() => Amount::read($material->kind, $text),
            default => self::grams($material, $text),
        };
        if ($amount > self::MOST || ($amount <= 0 && ! $noneIsFine)) {
            throw new NotUnderstood(new Saying('This should be above nothing and at most a ton. Is the unit right?'));
        }

        return round($amount, 3);
    }

    /** @throws NotUnderstood */
    private static function grams(Material $material, string $text): float
    {
        try {
            return Mass::parse($text, MassUnit::Gram)->grams;
        } catch (NotUnderstood $e) {
            try {
                return $material->density()->massOf(Length::parse($text, LengthUnit::Metre))->grams;
            } catch (NotUnderstood) {
                throw $e;
            }
        }
    }

    /** @throws NotUnderstood where it is no bag of hers */
    private function bag(Request $request, string $field): ?Bag
    {
        $id = Typed::text($request, $field);
        if ($id === '') {
            return null;
        }

        return (ctype_digit($id) ? $this->maker($request)->bags()->find($id) : null)
            ?? throw new NotUnderstood(new Saying('Choose one of your own bags, or none.'));
    }
}
