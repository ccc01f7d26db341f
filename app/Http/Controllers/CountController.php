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
use Fescue\Core\Text\TextWriter;
use Fescue\Core\Written\AsWritten;
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

        return view('count.show', self::proof($text, $tongue, $to) + $this->shelf($request) + [
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
    private static function proof(string $text, string $tongue, string $to): array
    {
        $checked = trim($text) === '' || strlen($text) > PatternText::LONGEST
            ? null
            : Checked::of($text, $tongue === '' ? null : $tongue);

        return [
            'checked' => $checked,
            'writer' => $checked === null ? null : new TextWriter($to === '' ? $checked->tongue : $to),
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
            ? Checked::of($text, PatternText::tongue(Typed::text($request, 'tongue')) ?: null)
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
        (new CarriedPattern(mb_substr(Typed::text($request, 'name'), 0, 80), $text))->keep();

        return redirect('/begin?bag='.AsWritten::key());
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
