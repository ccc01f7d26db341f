<?php

declare(strict_types=1);

use App\Http\Away;
use App\Http\Controllers\HealthController;
use App\Http\Middleware\ContentSecurity;
use App\Http\Middleware\HerTongue;
use App\Http\Middleware\LeavesSession;
use App\Http\Middleware\Once;
use App\Http\Middleware\OwnReferer;
use App\Http\Middleware\Recalled;
use App\Http\Middleware\Utf8;
use App\Models\Bag;
use App\Models\Transaction;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

$root = dirname(__DIR__);

// Everything the application writes lives under var/, or under the folder FESCUE_VAR names (tests and bench have their own).
$var = getenv('FESCUE_VAR') ?: "{$root}/var";
foreach (['cache/testing', 'storage/app', 'storage/framework/views', 'storage/framework/sessions', 'storage/framework/cache/data', 'storage/logs'] as $folder) {
    if (! is_dir("{$var}/{$folder}")) {
        @mkdir("{$var}/{$folder}", 0o770, true);
    }
}
// Tests never see the caches a running server made.
$caches = getenv('APP_ENV') === 'testing' ? 'cache/testing' : 'cache';
foreach (['SERVICES', 'PACKAGES', 'CONFIG', 'ROUTES', 'EVENTS'] as $cache) {
    $_ENV["APP_{$cache}_CACHE"] = "{$var}/{$caches}/".strtolower($cache).'.php';
}

$app = Application::configure(basePath: $root)
    ->withRouting(web: "{$root}/routes/web.php", then: function (): void {
        // Without session and cookies: asked each second by what stands before the web machines.
        Route::get('/up', [HealthController::class, 'up'])->name('up');
        Route::get('/ready', [HealthController::class, 'ready'])->name('ready');
    })
    ->withCommands(["{$root}/app/Console/Commands"])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(Utf8::class);
        $middleware->append(OwnReferer::class);
        // Before anybody is known, as her browser asks; then as her account has it.
        $middleware->append(HerTongue::class);
        $middleware->encryptCookies(except: [Tongues::COOKIE]);
        $middleware->web(append: [
            HerTongue::class, ContentSecurity::class, LeavesSession::class, Recalled::class, Once::class,
        ]);
        // A changed password signs every other browser out.
        $middleware->authenticateSessions();
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Tried as often as it helps, and others were always in the way, or no server answers; all else is a fault of ours.
        $exceptions->render(fn(QueryException|PDOException $e, Request $request): ?Response => match (true) {
            Transaction::isInTheWay($e) => Away::answer(
                $request,
                'Many hands at once',
                'Many changed this at once, and nothing was taken.',
                1,
            ),
            Transaction::isOutOfReach($e) => Away::answer(
                $request,
                'The shelf is out of reach',
                'Fescue’s database does not answer. Nothing is lost.',
                2,
            ),
            default => null,
        });
        // While the door is shut.
        $exceptions->render(fn(HttpException $e, Request $request): ?Response => $e->getStatusCode() !== 503
            ? null
            : Away::answer(
                $request,
                'Back in a moment',
                'The shelf is being set up again from a backup, and opens when that is done.',
                3,
            ));
        // What a bag stands on has changed under it: it is mended at Plan.
        $exceptions->render(function (Refused $e, Request $request): ?Response {
            $bag = $request->route('bag');

            return match (true) {
                ! $bag instanceof Bag || $request->routeIs('bags.plan') => null,
                $request->expectsJson() => response()->json(
                    ['message' => 'The plan of this bag does not work any more; mend it on Plan.'],
                    409,
                ),
                default => redirect()->route('bags.plan', $bag),
            };
        });
        $exceptions->dontReportWhen(fn(Throwable $e): bool => $e instanceof Refused
            && request()->route('bag') instanceof Bag);
        $exceptions->render(fn(PostTooLargeException $e, Request $request): Response => $request->user() === null
            ? response()->view('errors.413', status: 413)
            : back()->withErrors(['file' => 'The file is larger than anything Fescue reads.']));
        $exceptions->respond(function (Response $answer, Throwable $e, Request $request): Response {
            $refused = match (true) {
                $e instanceof AuthorizationException, $e->getPrevious() instanceof AuthorizationException => 'access refused',
                $e->getPrevious() instanceof TokenMismatchException => 'form refused',
                $answer->getStatusCode() === 429 => 'too often',
                default => null,
            };
            if ($refused !== null) {
                Log::channel('security')->warning($refused, [
                    'account' => $request->user()?->getAuthIdentifier(), 'from' => $request->ip(),
                    'route' => $request->route()?->getName(), 'method' => $request->method(),
                ]);
            }

            return $answer;
        });
    })
    ->create();

$app->useStoragePath("{$var}/storage");
$app->useEnvironmentPath($var);

return $app;
