<?php

declare(strict_types=1);

return [
    'default' => 'single',
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'single' => [
            'driver' => 'daily', 'path' => storage_path('logs/fescue.log'), 'level' => 'warning', 'days' => 14,
            'permission' => 0o640,
        ],
        // Who came in, who did not, what was refused: a line each, without secrets.
        'security' => [
            'driver' => 'daily', 'path' => storage_path('logs/security.log'), 'level' => 'info', 'days' => 60,
            'permission' => 0o640,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
