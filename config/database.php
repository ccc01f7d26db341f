<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => '127.0.0.1',
            'port' => env('DB_PORT', '3306'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'fescue'),
            'username' => env('DB_USERNAME', 'fescue'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            // A worker keeps its connection: signing in to the database anew would take longer than the queries.
            // A statement prepared there takes two ways over and is used once: it is put together here, one at a time.
            'options' => [
                PDO::ATTR_TIMEOUT => 3,
                PDO::ATTR_PERSISTENT => env('APP_ENV') !== 'testing',
                PDO::ATTR_EMULATE_PREPARES => true,
                PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
                // Where any node may be asked, it has what another acknowledged before it answers.
            ] + (env('DB_CAUSAL') ? [PDO::MYSQL_ATTR_INIT_COMMAND => 'SET SESSION wsrep_sync_wait = 7'] : []),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
