<?php

declare(strict_types=1);

use App\Files\SizedLog;

return [
    'default' => 'single',
    'deprecations' => ['channel' => 'null', 'trace' => false],
    // Those of commands, which the machine's owner runs; what is served writes to files of its own user
    // (AppServiceProvider): neither may append to the other's.
    'channels' => [
        'single' => [
            'driver' => 'custom', 'via' => [SizedLog::class, 'make'], 'path' => storage_path('logs/console.log'),
            'level' => 'warning',
        ],
        // Who came in, who did not, what was refused: a line each, without secrets.
        'security' => [
            'driver' => 'custom', 'via' => [SizedLog::class, 'make'], 'path' => storage_path('logs/console-security.log'),
            'level' => 'info',
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
