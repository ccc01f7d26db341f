<?php

declare(strict_types=1);

namespace App\Rules;

use App\Tongue\Tongues;
use Illuminate\Validation\Rules\Password;

/** What a password that is chosen must be, and what is said where it is not. */
final class NewPassword
{
    /** @return array<string, string> by field and rule */
    public static function messages(): array
    {
        return [
            'password.required' => Tongues::tell('Choose a password of 12 letters or more.'),
            'password.min' => Tongues::tell('The password needs 12 letters or more.'),
            'password.confirmed' => Tongues::tell('The two passwords differ; write the same one twice.'),
        ];
    }

    /** Different letters that it has at least. */
    private const VARIED = 6;

    /** @return list<mixed> */
    public static function rules(): array
    {
        return [
            'required', 'string', 'max:200', 'confirmed', 'not_regex:/\0/', Password::defaults(), self::isVaried(...),
        ];
    }

    /** One letter many times, a word again and again, or letters in their order are tried first by whoever guesses. */
    private static function isVaried(string $field, mixed $value, \Closure $fail): void
    {
        $text = is_string($value) ? mb_strtolower($value) : '';
        $isAgain = preg_match('/^(.{1,60}?)\1+$/u', $text) === 1;
        $inOrder = '01234567890123456789 abcdefghijklmnopqrstuvwxyz qwertyuiopasdfghjklzxcvbnm';
        if (
            count(array_unique(mb_str_split($text))) < self::VARIED || $isAgain || str_contains($inOrder, $text)
            || CommonPasswords::known()->have($text)
        ) {
            $fail(Tongues::tell('This is soon guessed: a common one, the same few letters, or one word again and '
                .'again. '
                .'Four words that have nothing to do with each other make a good one.'));
        }
    }
}
