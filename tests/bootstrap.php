<?php

declare(strict_types=1);

// Where tests run beside each other each process has a database of its own.
require dirname(__DIR__).'/vendor/autoload.php';

$token = getenv('TEST_TOKEN');
if ($token !== false && $token !== '') {
    $own = "fescue_test_{$token}";
    putenv("DB_DATABASE={$own}");
    $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $own;
}
