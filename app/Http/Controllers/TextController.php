<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Text;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Text\Speech;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

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

        return DB::transaction(function () use ($request, $kept, $values, $back): RedirectResponse {
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
        $typed = $request->input('text');
        $values = [
            'name' => Typed::text($request, 'name'),
            // As it was typed: where a word stands is told by its letters.
            'text' => is_string($typed) ? mb_scrub($typed) : '',
            'tongue' => Typed::text($request, 'tongue'),
            'to' => Typed::text($request, 'to'),
        ];
        $wrong = [];
        if ($values['name'] === '' || mb_strlen($values['name']) > 80) {
            $wrong['name'] = Tongues::tell('Give it a name you will know it by, at most 80 letters.');
        }
        if (trim($values['text']) === '') {
            $wrong['text'] = Tongues::tell('Paste or type the pattern first.');
        } elseif (strlen($values['text']) > Text::LONGEST || str_contains($values['text'], "\0")) {
            $wrong['text'] = Tongues::tell(
                'This is longer than a page of proof: take it in parts of {n} letters.',
                ['n' => (Text::LONGEST / 1000).' 000'],
            );
        }
        foreach (['tongue', 'to'] as $field) {
            if (! isset(Speech::TONGUES[$values[$field]])) {
                $values[$field] = '';
            }
        }

        return [$values, $wrong];
    }
}
