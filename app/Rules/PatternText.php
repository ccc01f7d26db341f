<?php

declare(strict_types=1);

namespace App\Rules;

use App\Tongue\Tongues;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Speech;
use Fescue\Core\Written\AsWritten;
use Illuminate\Http\Request;

/** A pattern's text as it is sent, to be counted or to be kept. */
final class PatternText
{
    /** Bytes that are read: what is counted may become a bag. */
    public const LONGEST = AsWritten::LONGEST;

    /** As it was typed: where a word stands is told by its letters. */
    public static function typed(Request $request): string
    {
        $typed = $request->input('text');

        return is_string($typed) ? mb_scrub($typed) : '';
    }

    /** Why it is not read; '' where it is. */
    public static function wrong(string $text): string
    {
        return match (true) {
            strlen($text) > self::LONGEST => Tongues::tell(
                'This is longer than a page of proof: take it in parts of {n} letters.',
                ['n' => (self::LONGEST / 1000).' 000'],
            ),
            ! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0") => Tongues::tell(
                'This file is no text. Save the pattern as plain text (.txt), or paste it.',
            ),
            default => '',
        };
    }

    /** @param string $tongue as tongue() has it */
    public static function checked(string $text, string $tongue): Checked
    {
        return Checked::of($text, $tongue === '' ? null : $tongue);
    }

    /** A tongue that is read; '' of any other, which is found out. */
    public static function tongue(string $typed): string
    {
        return isset(Speech::TONGUES[$typed]) ? $typed : '';
    }
}
