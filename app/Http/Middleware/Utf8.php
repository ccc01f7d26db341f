<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** Bytes that are no UTF-8 come as the sign that says so: no message and no answer breaks on them. */
final class Utf8 extends TransformsRequest
{
    protected function transform($key, $value): mixed
    {
        return is_string($value) && ! mb_check_encoding($value, 'UTF-8') ? mb_scrub($value, 'UTF-8') : $value;
    }
}
