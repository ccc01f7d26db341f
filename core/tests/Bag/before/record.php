<?php

declare(strict_types=1);

// Writes down anew what is drawn and told of the recorded bags. Look at what changes before you keep it.

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Tests\Bag\Figures;
use Fescue\Core\Tests\Bag\Recorded;

require dirname(__DIR__, 4).'/vendor/autoload.php';

$file = __DIR__.'/figures.jsonl.gz';
$lines = [];
$changed = [];
foreach (Recorded::told() as $kept) {
    $figures = Figures::of(Planner::plan(BagDocument::read($kept['document'])));
    foreach ($figures as $where => $figure) {
        if (json_encode($figure) !== json_encode($kept['figures'][$where] ?? null)) {
            $changed[$where] = ($changed[$where] ?? 0) + 1;
        }
    }
    $lines[] = json_encode(['document' => $kept['document'], 'figures' => $figures], JSON_THROW_ON_ERROR);
}
file_put_contents($file, (string) gzencode(implode("\n", $lines)."\n", 9));
foreach ($changed as $where => $many) {
    echo "{$where}: {$many} bags\n";
}
