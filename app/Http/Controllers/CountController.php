<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Speech;
use Fescue\Core\Text\TextWriter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** A pattern's text, counted row by row; without an account too, and nothing is kept. */
final class CountController extends Controller
{
    /** Bytes that are read: as much as answers at once, whatever it says. */
    private const LONGEST = 24_000;

    public function show(): View
    {
        return view('count.show', [
            'text' => '', 'checked' => null, 'writer' => null, 'tongue' => '', 'to' => '', 'wrong' => '',
        ]);
    }

    public function check(Request $request): View|JsonResponse
    {
        $file = $request->file('file');
        $sent = $request->input('text');
        $text = match (true) {
            $file instanceof UploadedFile && $file->isValid() => (string) $file->get(),
            // As it was typed: where a word stands is told by its letters.
            is_string($sent) => mb_scrub($sent),
            default => '',
        };
        $wrong = match (true) {
            strlen($text) > self::LONGEST => Tongues::tell(
                'This is longer than a page of proof: take it in parts of {n} letters.',
                ['n' => (self::LONGEST / 1000).' 000'],
            ),
            ! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0") => Tongues::tell(
                'This file is no text. Save the pattern as plain text (.txt), or paste it.',
            ),
            default => '',
        };
        $text = mb_substr(mb_scrub($text), 0, self::LONGEST);
        $tongue = $this->tongue($request, 'tongue');
        $to = $this->tongue($request, 'to');
        $checked = $wrong === '' && trim($text) !== '' ? Checked::of($text, $tongue === '' ? null : $tongue) : null;
        $shown = [
            'checked' => $checked,
            'writer' => $checked === null ? null : new TextWriter($to === '' ? $checked->tongue : $to),
            'wrong' => $wrong,
            'to' => $to,
        ];

        return $request->expectsJson()
            ? new JsonResponse(['proof' => view('count.proof', $shown)->render()], options: JSON_UNESCAPED_UNICODE)
            : view('count.show', $shown + ['text' => $wrong === '' ? $text : '', 'tongue' => $tongue]);
    }

    private function tongue(Request $request, string $field): string
    {
        $tongue = Typed::text($request, $field);

        return isset(Speech::TONGUES[$tongue]) ? $tongue : '';
    }
}
