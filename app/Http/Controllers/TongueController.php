<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\Demo;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One press in the foot of each page: another tongue, and the same page in it. */
final class TongueController extends Controller
{
    private const YEAR = 365 * 24 * 60;

    public function __invoke(Request $request, string $tongue): RedirectResponse
    {
        $terms = Tongue::terms($tongue) ?? abort(404);
        $maker = $request->user();
        if ($maker instanceof User && ! Demo::isShared($maker)) {
            $maker->update(['terms' => $terms]);
        }

        return back()->withCookie(cookie(Tongues::COOKIE, $tongue, self::YEAR));
    }
}
