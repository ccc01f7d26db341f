<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    // Idle; who asks to be kept signed in is so for 30 days (config/auth).
    'lifetime' => 60 * 12,
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    // Behind TLS it has the prefix that binds it to this host alone.
    'cookie' => env('SESSION_COOKIE', 'fescue_session'),
    'path' => '/',
    'domain' => null,
    // null: the cookie is marked secure exactly when the page came over https; on loopback it does not.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
