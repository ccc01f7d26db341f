<?php

// Loads what Fescue itself is made of into every worker once, instead of file by file at each request.

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

foreach (['core/src', 'app'] as $room) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../'.$room, FilesystemIterator::SKIP_DOTS)) as $file) {
        if (str_ends_with((string) $file, '.php') && ! str_contains((string) $file, 'tongues')) {
            require_once (string) $file;
        }
    }
}
