<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        // Longer than any of its jobs may take: one whose worker died is taken up again.
        'database' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'paper', 'retry_after' => 90, 'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
