<?php

declare(strict_types=1);

// A device of its own that works on a bag through the application: `weigh BAG FIRST LAST`, `redraw BAG TIMES FIELD`,
// `price BAG TIMES`, `minutes BAG TIMES`, `finish`, `unfinish`, `weighs` or `entry` so, or `taps BAG FIRST LAST DEVICE`, each from a moment on; says the answers' codes,
// of taps the number of each that was taken.

use App\Models\Bag;
use App\Models\User;
use Fescue\Core\Work\Course;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

require dirname(__DIR__, 2).'/vendor/autoload.php';
/** @var Application $app */
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

[, $mode, $id, $at, $first, $last] = $argv;
$course = $mode === 'taps' ? Course::of(Bag::query()->findOrFail((int) $id)->plan()) : null;
$send = function (string $method, string $path, array $fields, bool $script = false) use ($app, $id): int {
    // Each form of a page has a key of its own.
    $once = $script ? [] : ['_once' => bin2hex(random_bytes(12))];
    $to = str_starts_with($path, '/stash') ? $path : "/bags/{$id}{$path}";
    $request = Request::create($to, $method, $fields + $once);
    if ($script) {
        $request->headers->set('Accept', 'application/json');
    }
    Auth::forgetGuards();
    Auth::login(User::query()->findOrFail(Bag::query()->findOrFail((int) $id)->user_id));

    return $app->make(Kernel::class)->handle($request)->getStatusCode();
};
usleep((int) max(0, 1e6 * ((float) $at - microtime(true))));
for ($round = (int) $first; $round <= (int) $last; $round++) {
    if ($course !== null) {
        // Three at once, the last two of them again: as a device sends what was not answered.
        $lines = array_map(fn(int $number): array => [
            'device' => $argv[6], 'number' => $number, 'turn' => $number, 'at' => 1_790_000_000_000 + $number, 'did' => 'step',
            'row' => (string) $course->rows[3]->id, 'stitch' => $number % 40, 'plan' => $course->fingerprint(),
        ], range(max(1, $round - 2), $round));
        if ($send('POST', '/work', ['entries' => $lines, 'seen' => 1_000_000_000], true) === 200) {
            echo $round, "\n";
            flush();
        }
    } elseif ($mode === 'redraw') {
        $bag = Bag::query()->findOrFail((int) $id);
        $size = ['height' => (20 + $round % 9).' cm'] + $bag->choices['size'];
        echo $send('PUT', '', [
            'revision' => $bag->revision, 'name' => $bag->choices['name'], 'material_id' => $bag->material_id,
            'swatch_id' => $bag->swatch_id, 'size' => $size, 'working' => 'spiral', 'base' => $bag->choices['base'],
            'body' => $bag->choices['body'], 'handles' => ['type' => 'none'],
        ], true), "\n";
    } elseif ($mode === 'finish') {
        echo $send('POST', '/finish', ['wide' => '34', 'high' => '18', 'left_over' => (string) (5000 - $round)]), "\n";
    } elseif ($mode === 'unfinish') {
        echo $send('DELETE', '/finish', []), "\n";
    } elseif ($mode === 'weighs') {
        echo $send('POST', '/enough', ['after' => 'Round '.(1 + $round % 9), 'left' => (9000 - 42 * ($round % 9)).' g']), "\n";
    } elseif ($mode === 'entry') {
        $material = Bag::query()->findOrFail((int) $id)->material_id;
        echo $send('POST', "/stash/{$material}/entries", ['move' => 'used', 'amount' => '1', 'bag_id' => $id]), "\n";
    } else {
        echo $send('POST', ['weigh' => '/enough', 'price' => '/price', 'minutes' => '/time'][$mode], [
            'after' => "Round {$round}", 'left' => (9000 - 42 * $round).' g', 'price_tag' => (string) $round,
            'part' => 'base', 'minutes' => (string) $round,
        ]), "\n";
    }
}
