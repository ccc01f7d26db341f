<?php

declare(strict_types=1);

return [
    'name' => 'Fescue',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',
    'locale' => 'en-US',
    'fallback_locale' => 'en',
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
    'maintenance' => ['driver' => 'file'],

    // The demo maker's sign-in, prefilled on the sign-in page only where the demo start set it.
    'demo' => (bool) env('FESCUE_DEMO', false),

    // Whether strangers are asked in to the demo: each page says so, and its account is made new each day.
    'public_demo' => (bool) env('FESCUE_PUBLIC_DEMO', false),

    // Whether a proxy on this machine speaks TLS for it.
    'proxied' => (bool) env('FESCUE_PROXIED', false),

    // Of what our own code is: read once, where settings are kept.
    'code' => App\Files\Code::of(dirname(__DIR__)),

    // Serves the empty route that ./fescue bench measures against.
    'bench' => (bool) env('FESCUE_BENCH', false),
];
