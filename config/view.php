<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => storage_path('framework/views'),
    // What runs stays what it was when it was started, whatever comes in its place on the disk.
    'check_cache_timestamps' => env('APP_ENV') === 'testing',
];
