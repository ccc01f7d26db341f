<?php

declare(strict_types=1);

return [
    'default' => 'single',
    'deprecations' => ['channel' => 'null', 'trace' => false],
    // Those of commands, which the machine's owner runs; what is served writes to files of its own user
    // (AppServiceProvider): neither may append to the other's.
    'channels' => [
        'single' => [
            'driver' => 'daily', 'path' => storage_path('logs/console.log'), 'level' => 'warning', 'days' => 14,
            'permission' => 0o640,
        ],
        // Who came in, who did not, what was refused: a line each, without secrets.
        'security' => [
            'driver' => 'daily', 'path' => storage_path('logs/console-security.log'), 'level' => 'info', 'days' => 60,
            'permission' => 0o640,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
