<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\CarriedPattern;
use App\Models\Text;
use App\Models\User;
use App\Rules\PatternText;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Resize;
use Fescue\Core\Text\Resized;
use Fescue\Core\Text\TextWriter;
use Fescue\Core\Written\AsWritten;
use Fescue\Core\Written\OwnMotif;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** A pattern's text, counted row by row; without an account too. Nothing is kept until she keeps it. */
final class CountController extends Controller
{
    private const A_PAGE = 40;

    /** @param ?Text $kept that is opened */
    public function show(Request $request, ?Text $kept = null): View
    {
        if ($kept !== null) {
            $this->authorize('own', $kept);
        }
        $text = Typed::before('text', $kept->text ?? '');
        $tongue = PatternText::tongue(Typed::before('tongue', $kept->tongue ?? ''));
        $to = PatternText::tongue(Typed::before('to', $kept->to ?? ''));

        return view('count.show', self::proof($text, $tongue, $to, $kept->name ?? '') + $this->shelf($request) + [
            'text' => $text,
            'kept' => $kept,
            'called' => Typed::before('name', $kept->name ?? ''),
            'revision' => Typed::before('revision', $kept->revision ?? ''),
        ]);
    }

    /** @return array<string, mixed> what she keeps, where she is signed in */
    private function shelf(Request $request): array
    {
        $maker = $request->user();

        return ['texts' => $maker instanceof User ? $maker->texts()->paginate(self::A_PAGE) : null];
    }

    /** @return array<string, mixed> what is read of a text */
    private static function proof(string $text, string $tongue, string $to, string $name): array
    {
        $checked = trim($text) === '' || strlen($text) > PatternText::LONGEST
            ? null
            : PatternText::checked($text, $tongue);

        return [
            'checked' => $checked,
            'writer' => $checked === null ? null : new TextWriter($to === '' ? $checked->tongue : $to),
            'fabric' => $checked === null ? null : OwnMotif::of($checked, $name),
            'tongue' => $tongue,
            'to' => $to,
            'wrong' => '',
        ];
    }

    /** On to a bag of it: of her strand, as large as that makes it. */
    public function bag(Request $request): RedirectResponse
    {
        $text = PatternText::typed($request);
        $wrong = PatternText::wrong($text);
        $checked = $wrong === '' && trim($text) !== ''
            ? self::checked($request, $text)
            : null;
        if ($checked === null || ! $checked->isRight()) {
            $kept = $request->user()?->texts()->find(Typed::text($request, 'kept'));

            return ($kept === null ? redirect()->route('count') : redirect()->route('texts.show', $kept))
                ->withInput()
                ->withErrors(['text' => match (true) {
                    $wrong !== '' => $wrong,
                    $checked === null => Tongues::tell('Paste or type the pattern first.'),
                    default => Tongues::tell('A bag is made of a pattern that comes out: mend what does not first.'),
                }]);
        }
        CarriedPattern::of(mb_substr(Typed::text($request, 'name'), 0, 80), $text)->keep();

        return redirect('/begin?bag='.AsWritten::key());
    }

    /** The same text of another size, in its own words; what was typed stands beside, to be taken back. */
    public function resize(Request $request): View
    {
        $text = PatternText::typed($request);
        $back = $request->input('before');
        if ($request->boolean('back') && is_string($back)) {
            return $this->shown($request, mb_scrub($back));
        }
        // Another of its ways: of the text as it was, by as much.
        $isOther = $request->has('way') && is_string($back);
        $text = $isOther ? mb_scrub($back) : $text;
        $way = $isOther ? max(0, (int) Typed::text($request, 'way')) : 0;
        $by = $wrong = [];
        foreach (['across', 'grows', 'rounds'] as $field) {
            $typed = str_replace('−', '-', Typed::text($request, $isOther ? "by.{$field}" : $field));
            $isWhole = preg_match('/^[+-]?\d{1,3}$/', $typed) === 1;
            $by[$field] = $isWhole ? (int) $typed : 0;
            if ($typed !== '' && ! $isWhole) {
                $wrong[$field] = Tongues::tell('Write how many, like 4; with a minus before it, fewer.');
            }
        }
        if ($by['grows'] < 0) {
            $wrong['grows'] = Tongues::tell(
                'Rounds of increases are put in, not taken out: take them out of the text.',
            );
        }
        $isAsked = $by !== ['across' => 0, 'grows' => 0, 'rounds' => 0] && $wrong === []
            && PatternText::wrong($text) === '';
        $checked = $isAsked ? self::checked($request, $text) : null;
        $ways = $checked === null ? [] : Resize::ways($checked, $text, $by['across'], $by['rounds'], $by['grows']);
        $resized = $ways[$way] ?? $ways[0] ?? null;
        if ($checked !== null && $resized === null) {
            $wrong['across'] = self::why($checked, $text, $by);
        }

        return $this->shown($request, $resized->text ?? $text, $resized->changed ?? [], $wrong, $resized === null
            ? null
            : $text, ['by' => $by, 'ways' => self::unlike($ways), 'way' => array_search($resized, $ways, true)]);
    }

    /**
     * What each of several ways writes otherwise than the others.
     *
     * @param list<Resized> $ways
     *
     * @return list<string>
     */
    private static function unlike(array $ways): array
    {
        if (count($ways) < 2) {
            return [];
        }
        $lines = array_map(fn(Resized $one): array => explode("\n", $one->text), $ways);

        return array_map(fn(array $own): string => implode("\n", array_map(trim(...), array_filter(
            $own,
            fn(string $line, int $nth): bool => count(array_unique(array_column($lines, $nth))) > 1,
            ARRAY_FILTER_USE_BOTH,
        ))), $lines);
    }

    private static function checked(Request $request, string $text): Checked
    {
        return PatternText::checked($text, PatternText::tongue(Typed::text($request, 'tongue')));
    }

    /** @param array{across: int, grows: int, rounds: int} $by */
    private static function why(Checked $checked, string $text, array $by): string
    {
        if (! $checked->isRight()) {
            return Tongues::tell('A pattern that comes out can be made larger: mend what does not first.');
        }
        $step = $by['across'] === 0 ? null : Resize::step($checked, $text);

        return match (true) {
            $by['grows'] !== 0 => Tongues::tell(
                'It has no two rounds of increases of which one goes on from the other.',
            ),
            $by['across'] === 0 => Tongues::tell('It has no rows alike of which there could be more: “Rounds 7–18”.'),
            $step === null => Tongues::tell(
                'Nothing in it stretches across: it begins in a ring, or a row has no straight run and no repeat that '
                    .'could take more. Rounds of increases make it wider.',
            ),
            $step > 1 => Tongues::tell(
                'It gets wider by {step} stitches at a time, for its repeats to stay whole.',
                ['step' => $step],
            ),
            default => Tongues::tell('By so much it does not come out; try less.'),
        };
    }

    /**
     * @param list<string> $changed
     * @param array<string, string> $wrong
     * @param array<string, mixed> $ways how else it could be done
     */
    private function shown(
        Request $request,
        string $text,
        array $changed = [],
        array $wrong = [],
        ?string $before = null,
        array $ways = [],
    ): View {
        $kept = $request->user()?->texts()->find(Typed::text($request, 'kept'));

        return view('count.show', self::proof(
            $text,
            PatternText::tongue(Typed::text($request, 'tongue')),
            PatternText::tongue(Typed::text($request, 'to')),
            Typed::text($request, 'name'),
        ) + $this->shelf($request) + $ways + [
            'text' => $text,
            'kept' => $kept,
            'called' => Typed::text($request, 'name'),
            'revision' => Typed::text($request, 'revision'),
            'changed' => $changed,
            'before' => $before,
            'misfits' => $wrong,
        ]);
    }

    public function putAway(): RedirectResponse
    {
        CarriedPattern::forget();

        return redirect()->route('begin');
    }

    public function check(Request $request): View|JsonResponse
    {
        $file = $request->file('file');
        $text = $file instanceof UploadedFile && $file->isValid()
            ? (string) $file->get()
            : PatternText::typed($request);
        $wrong = PatternText::wrong($text);
        $shown = ['wrong' => $wrong] + self::proof(
            $wrong === '' ? $text : '',
            PatternText::tongue(Typed::text($request, 'tongue')),
            PatternText::tongue(Typed::text($request, 'to')),
            Typed::text($request, 'name'),
        );
        if ($request->expectsJson()) {
            return new JsonResponse(
                ['proof' => view('count.proof', $shown)->render()],
                options: JSON_UNESCAPED_UNICODE,
            );
        }
        $kept = $request->user()?->texts()->find(Typed::text($request, 'kept'));

        return view('count.show', $shown + $this->shelf($request) + [
            'text' => $wrong === '' ? $text : '',
            'kept' => $kept,
            'called' => Typed::text($request, 'name'),
            'revision' => Typed::text($request, 'revision'),
        ]);
    }
}
