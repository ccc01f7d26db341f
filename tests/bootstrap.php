<?php

declare(strict_types=1);

// Where tests run beside each other each process has a database of its own, and a place for what the application writes.
require dirname(__DIR__).'/vendor/autoload.php';

$token = getenv('TEST_TOKEN');
if ($token !== false && $token !== '') {
    $own = ['DB_DATABASE' => "fescue_test_{$token}"];
    foreach ($own as $name => $value) {
        putenv("{$name}={$value}");
        $_ENV[$name] = $_SERVER[$name] = $value;
    }
}
