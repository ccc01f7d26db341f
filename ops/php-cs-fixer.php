<?php

declare(strict_types=1);

$root = dirname(__DIR__);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile("{$root}/var/cache/php-cs-fixer.json")
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'concat_space' => ['spacing' => 'none'],
        'not_operator_with_successor_space' => true,
        'new_with_parentheses' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'strict_comparison' => true,
    ])
    ->setFinder(PhpCsFixer\Finder::create()
        ->in(array_map(fn(string $folder): string => "{$root}/{$folder}", ['core', 'app', 'bootstrap', 'config', 'database', 'routes', 'tests', 'ops', 'public']))
        ->exclude('build')
        ->name('*.php'));
