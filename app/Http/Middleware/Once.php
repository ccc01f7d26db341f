<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Transaction;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as RouteFacade;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form sent twice does what it does once. Each form of a page has a key of its own; it is kept in one transaction
 * with what the form wrote, so that a write whose answer was lost is known when the browser sends it again, and the
 * same answer is given. Other values under the same key, as from a page gone back to, are another write.
 */
final class Once
{
    public const FIELD = '_once';

    /** Hours that a key is known. */
    private const KNOWN = 48;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->input(self::FIELD);
        if ($request->isMethodSafe() || $request->expectsJson() || ! is_string($key) || $request->user() === null) {
            return $next($request);
        }
        $row = ['user_id' => $request->user()->getAuthIdentifier(), 'key' => $this->key($request, $key)];

        $isAgain = false;

        return Transaction::run(function () use ($request, $next, $row, &$isAgain): Response {
            if ($isAgain) {
                self::afresh($request);
            }
            $isAgain = true;
            try {
                // Whoever sends the same meanwhile waits here until this one is done.
                DB::table('sent_once')->insert($row + ['created_at' => now()]);
            } catch (UniqueConstraintViolationException) {
                return $this->answered($row);
            }
            /** @var Response $response */
            $response = $next($request);
            $wrong = property_exists($response, 'exception') ? $response->exception : null;
            if ($wrong instanceof \Throwable && Transaction::isInTheWay($wrong)) {
                // What was kept of it is gone with it: all of it once more.
                throw $wrong;
            }
            if ($response instanceof RedirectResponse && ! $request->session()->has('errors')) {
                $status = $request->session()->get('status');
                DB::table('sent_once')->where($row)->update([
                    'to' => mb_substr($response->getTargetUrl(), 0, 2000),
                    'status' => is_string($status) ? mb_substr($status, 0, 400) : null,
                ]);
            } else {
                // Nothing was kept: mended, it may be sent again.
                DB::table('sent_once')->where($row)->delete();
            }
            DB::table('sent_once')->where('created_at', '<', now()->subHours(self::KNOWN))->limit(100)->delete();

            return $response;
        });
    }

    /** As it came: what the last try read and changed of rows is not what stands there. */
    private static function afresh(Request $request): void
    {
        Auth::forgetUser();
        $route = $request->route() ?? throw new \LogicException('It came by no route.');
        foreach ($route->originalParameters() as $name => $value) {
            $route->setParameter($name, is_string($value) ? $value : null);
        }
        RouteFacade::substituteBindings($route);
        RouteFacade::substituteImplicitBindings($route);
    }

    /** @param array<string, mixed> $row */
    private function answered(array $row): Response
    {
        $sent = DB::table('sent_once')->where($row)->first();
        $to = redirect()->to(is_string($sent?->to) ? $sent->to : '/');

        return is_string($sent?->status) ? $to->with('status', $sent->status) : $to;
    }

    private function key(Request $request, string $key): string
    {
        $files = [];
        foreach ($request->allFiles() as $one) {
            $files[] = $one instanceof UploadedFile && $one->isValid() ? hash_file('sha256', $one->path()) : '';
        }

        return hash('sha256', (string) json_encode(
            [mb_substr($key, 0, 64), $request->method(), $request->path(), $request->except(['_token']), $files],
            JSON_PARTIAL_OUTPUT_ON_ERROR,
        ));
    }
}
