<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Papers\Papers;
use App\Papers\Recipe;
use App\Rules\Typed;
use Fescue\Core\Stitch\Terms;
use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\View as ViewFactory;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;

abstract class Controller
{
    use AuthorizesRequests;

    protected const CSV = 'text/csv; charset=utf-8';

    protected function maker(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(403);
    }

    /** The stitch names that a link asks for; null for the reader's own. */
    protected function terms(Request $request): ?Terms
    {
        return Terms::tryFrom(Typed::text($request, 'terms'));
    }

    /** A file to keep. */
    protected function file(string $content, string $type, string $name): Response
    {
        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    /** A PDF that is there, or the page that waits for it. */
    protected function printed(Request $request, Recipe $recipe, string $name, string $back): SymfonyResponse
    {
        $paper = Papers::ask($recipe);
        if ($request->query('state') !== null) {
            return response()->json(['state' => $paper['state'], 'ahead' => $paper['ahead']]);
        }
        $failed = $paper['state'] === Papers::FAILED;

        return $paper['pdf'] !== null ? $this->file($paper['pdf'], 'application/pdf', $name) : response()->view(
            'paper.wait',
            [
                'name' => $name, 'ahead' => $paper['ahead'], 'failed' => $failed, 'back' => $back,
                'to' => $request->fullUrl(),
            ],
            $failed ? 503 : 202,
            ['Retry-After' => '2', 'Cache-Control' => 'no-store'],
        );
    }

    /** Signed out; whoever goes back on this machine finds nothing of hers. */
    protected function leaves(Request $request, string $said): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/')->with('status', $said)->header('Clear-Site-Data', '"cache"');
    }

    /**
     * A page with its messages at their fields, shown at once and not after a redirect.
     *
     * @param array<string, string> $wrong by field
     */
    protected function withWrong(View $view, array $wrong): View
    {
        if ($wrong !== []) {
            $errors = (new ViewErrorBag())->put('default', new MessageBag($wrong));
            // Shared, so that the components of the page see them too.
            ViewFactory::share('errors', $errors);
            $view->with('errors', $errors);
        }

        return $view;
    }
}
