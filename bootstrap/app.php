<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurity;
use App\Http\Middleware\LeavesSession;
use App\Http\Middleware\Once;
use App\Http\Middleware\OwnReferer;
use App\Http\Middleware\Utf8;
use App\Models\Bag;
use App\Models\Transaction;
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
use Symfony\Component\HttpFoundation\Response;

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
    ->withRouting(web: "{$root}/routes/web.php")
    ->withCommands(["{$root}/app/Console/Commands"])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(Utf8::class);
        $middleware->append(OwnReferer::class);
        $middleware->web(append: [ContentSecurity::class, LeavesSession::class, Once::class]);
        // A changed password signs every other browser out.
        $middleware->authenticateSessions();
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(function (QueryException|PDOException $e, Request $request): ?Response {
            // 2002 and 2006: no server answers. Anything else is a fault of ours and shows as one.
            $code = $e instanceof QueryException ? $e->errorInfo[1] ?? $e->getCode() : $e->getCode();

            return in_array((int) $code, [1045, 1049, 2002, 2003, 2006, 2013], true)
                ? response()->view('errors.database', status: 503)
                : null;
        });
        // Tried as often as it helps, and others were always in the way: once more in a moment.
        $exceptions->render(fn(QueryException $e, Request $request): ?Response => ! Transaction::isInTheWay($e)
            ? null : ($request->expectsJson()
            ? response()->json(['message' => 'Many changed this at once. Send it again.'], 503, ['Retry-After' => '1'])
            : response()->view('errors.database', status: 503)->withHeaders(['Retry-After' => '1'])));
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
