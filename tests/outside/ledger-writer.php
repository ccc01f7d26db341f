<?php

declare(strict_types=1);

// A device of its own that writes to the ledger: `take ID GRAMS AT` takes once at a moment, `loop ID BAG GRAMS` until it is told there is no more.

use App\Models\Bag;
use App\Models\Material;
use App\Stash\Ledger;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

require dirname(__DIR__, 2).'/vendor/autoload.php';
/** @var Application $app */
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[, $mode, $id] = $argv;
$material = Material::query()->findOrFail((int) $id);
try {
    if ($mode === 'take') {
        usleep((int) max(0, 1e6 * ((float) $argv[4] - microtime(true))));
        Ledger::enter($material, Move::Used, (float) $argv[3]);
        echo 'won';
    } else {
        $bag = Bag::query()->findOrFail((int) $argv[3]);
        for (;;) {
            Ledger::enter($material, Move::Used, (float) $argv[4], $bag);
            echo "kept\n";
        }
    }
} catch (NotEnough $e) {
    echo "told: {$e->getMessage()}";
}
