<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NewPassword;
use Illuminate\Foundation\Http\FormRequest;

/** A form of who comes in and how: text, each field with its own word where it is wrong. */
abstract class AccountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** @return array<string, string> */
    public function messages(): array
    {
        return NewPassword::MESSAGES + [
            'name.required' => 'Write the name you go by.',
            'address.required' => 'Write your email address.',
            'address.email' => 'Write an email address, like you@example.org.',
            'email.required' => 'Write your email address.',
            'email.email' => 'Write an email address, like you@example.org.',
            'code.required' => 'Write one of your recovery codes.',
            'current_password.required' => 'Write your present password.',
            'current_password.current_password' => 'This is not your present password.',
            'wage.regex' => 'Write what an hour of your work is worth as a number in your money, like 14.50, or leave '
                .'it empty.',
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
