<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Text;
use App\Models\Transaction;
use App\Rules\PatternText;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Written\OwnMotif;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Texts of patterns that she keeps. */
final class TextController extends Controller
{
    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        [$values, $wrong] = self::read($request);
        if ($maker->texts()->count() >= Text::MOST) {
            $wrong['name'] = Tongues::tell('You keep {n} texts; put one away first.', ['n' => Text::MOST]);
        }
        if ($wrong !== []) {
            return redirect()->route('count')->withInput()->withErrors($wrong);
        }

        return self::isKept($maker->texts()->create($values));
    }

    public function update(Request $request, Text $kept): RedirectResponse
    {
        $this->authorize('own', $kept);
        [$values, $wrong] = self::read($request);
        $back = redirect()->route('texts.show', $kept);
        if ($wrong !== []) {
            return $back->withInput()->withErrors($wrong);
        }

        return Transaction::run(function () use ($request, $kept, $values, $back): RedirectResponse {
            $now = Text::query()->whereKey($kept->id)->lockForUpdate()->firstOrFail();
            if ((string) $now->revision !== Typed::text($request, 'revision')) {
                // As she typed it; sent once more it is meant.
                return $back->withInput(['revision' => (string) $now->revision] + $request->all())->withErrors([
                    'name' => Tongues::tell('It was kept anew elsewhere since you opened it. What stands here is '
                        .'yours: keep it over the other, or open that in another window first.'),
                ]);
            }
            $now->update($values + ['revision' => $now->revision + 1]);

            return self::isKept($now);
        });
    }

    public function destroy(Text $kept): RedirectResponse
    {
        $this->authorize('own', $kept);
        $kept->delete();

        return redirect()->route('count')->with('status', Tongues::tell(
            '“{name}” is put away.',
            ['name' => $kept->name],
        ))->with('undo', route('texts.restore', $kept));
    }

    public function restore(Text $kept): RedirectResponse
    {
        $this->authorize('own', $kept);
        $kept->restore();

        return redirect()->route('texts.show', $kept)->with(
            'status',
            Tongues::tell('“{name}” is back.', ['name' => $kept->name]),
        );
    }

    private static function isKept(Text $text): RedirectResponse
    {
        return redirect()->route('texts.show', $text)->with(
            'status',
            Tongues::tell('“{name}” is kept.', ['name' => $text->name]),
        );
    }

    /** @return array{array<string, string>, array<string, string>} columns, and what is wrong by field */
    private static function read(Request $request): array
    {
        $values = [
            'name' => Typed::text($request, 'name'),
            'text' => PatternText::typed($request),
            'tongue' => PatternText::tongue(Typed::text($request, 'tongue')),
            'to' => PatternText::tongue(Typed::text($request, 'to')),
        ];
        $wrong = array_filter(['text' => trim($values['text']) === ''
            ? Tongues::tell('Paste or type the pattern first.')
            : PatternText::wrong($values['text'])], fn(string $said): bool => $said !== '');
        $values['motif'] = $wrong === []
            ? OwnMotif::of(PatternText::checked($values['text'], $values['tongue']), $values['name'])->motif->key ?? ''
            : '';
        if ($values['name'] === '' || mb_strlen($values['name']) > 80) {
            $wrong['name'] = Tongues::tell('Give it a name you will know it by, at most 80 letters.');
        }

        return [$values, $wrong];
    }
}
