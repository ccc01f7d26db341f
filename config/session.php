<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 60 * 24 * 7,
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'fescue_session',
    'path' => '/',
    'domain' => null,
    // null: the cookie is marked secure exactly when the page came over https; on loopback it does not.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
