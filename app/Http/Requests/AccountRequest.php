<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NewPassword;
use App\Tongue\Tongues;
use Illuminate\Foundation\Http\FormRequest;

/** A form of who comes in and how: text, each field with its own word where it is wrong. */
abstract class AccountRequest extends FormRequest
{
    /** Whoever is in says her password once more. */
    protected const PRESENT = ['bail', 'required', 'string', 'current_password'];

    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** @return array<string, string> */
    public function messages(): array
    {
        return NewPassword::messages() + [
            'max' => Tongues::tell('This is longer than Fescue keeps.'),
            'string' => Tongues::tell('Write this as text.'),
            'name.required' => Tongues::tell('Write the name you go by.'),
            'address.required' => Tongues::tell('Write your email address.'),
            'address.email' => Tongues::tell('Write an email address, like you@example.org.'),
            'email.required' => Tongues::tell('Write your email address.'),
            'email.email' => Tongues::tell('Write an email address, like you@example.org.'),
            'code.required' => Tongues::tell('Write one of your recovery codes.'),
            'current_password.required' => Tongues::tell('Write your present password.'),
            'current_password.current_password' => Tongues::tell('This is not your present password.'),
            'wage.regex' => Tongues::tell('Write what an hour of your work is worth as a number in your money, like '
                .'14.50, or leave '
                .'it empty.'),
        ];
    }

    /** @return array<string, ?string> what was sent of the fields that are asked for */
    public function given(): array
    {
        $given = [];
        foreach ($this->validator->validated() as $field => $value) {
            $given[(string) $field] = is_string($value) ? $value : null;
        }

        return $given;
    }
}
