<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\SharedCopy;
use App\Bags\Sheets\PlanSheet;
use App\Models\Bag;
use App\Models\BagLink;
use App\Models\User;
use App\Papers\Recipe;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Stitch\Terms;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** A bag given away: as a booklet, or by a link that shows it and nothing else of its maker. */
final class GiveController extends Controller
{
    /** Letters and figures of a link: 238 bits. */
    private const LONG = 40;

    /** Kept out of search engines. */
    private const HIDDEN = [
        'X-Robots-Tag' => 'noindex, nofollow, noarchive',
        'Referrer-Policy' => 'no-referrer',
        'Cache-Control' => 'no-store',
    ];

    public function booklet(Request $request, Bag $bag): Response
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $terms = $this->terms($request) ?? $maker->terms;

        return $this->printed(
            $request,
            new Recipe('booklet', $bag, $maker->units, $terms),
            "{$bag->slug()}-booklet.pdf",
            route('bags.words', $bag),
        );
    }

    public function link(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        BagLink::query()->insertOrIgnore([
            'bag_id' => $bag->id, 'token' => Str::random(self::LONG), 'created_at' => now(), 'updated_at' => now(),
        ]);

        return redirect()->route('bags.finish', $bag)->with(
            'status',
            Tongues::tell('Whoever has the link sees this bag.'),
        );
    }

    public function withdraw(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        BagLink::query()->where('bag_id', $bag->id)->delete();

        return redirect()->route('bags.finish', $bag)->with(
            'status',
            Tongues::tell('The link is withdrawn: it shows nothing any more.'),
        );
    }

    public function show(Request $request, string $token): Response
    {
        $sheet = $this->shown($request, $token);

        return $this->hidden(response()->view('shown.show', ['sheet' => $sheet, 'token' => $token]));
    }

    public function shownBooklet(Request $request, string $token): Response
    {
        [$bag, $owner] = $this->linked($token);
        $reader = $this->reader($request, $owner);
        $terms = $this->terms($request) ?? $reader->terms;

        return $this->hidden($this->printed(
            $request,
            new Recipe('given', $bag, $reader->units, $terms),
            "{$bag->slug()}-booklet.pdf",
            route('shown', $token),
        ));
    }

    /** Hers now: the plan alone, with the strand it was planned for, and nothing of how it was worked. */
    public function take(Request $request, string $token): RedirectResponse
    {
        $maker = $this->maker($request);
        [$bag] = $this->linked($token);
        try {
            /** @var Bag $copy */
            $copy = $maker->bags()->create(['choices' => SharedCopy::choices($bag)]);
        } catch (Refused) {
            abort(404);
        }

        return redirect()->route('bags.plan', $copy)->with(
            'status',
            Tongues::tell(
                '“{name}” is yours. Choose your own strand and swatch at the left.',
                ['name' => $copy->name()],
            ),
        );
    }

    /** @return array{Bag, User} what a link shows, and whose it is */
    private function linked(string $token): array
    {
        $bag = strlen($token) === self::LONG ? BagLink::query()->where('token', $token)->first()?->bag : null;
        $owner = $bag === null ? null : User::query()->find($bag->user_id);

        return $bag === null || $owner === null ? abort(404) : [$bag, $owner];
    }

    /** As whoever looks would read it: in her own unit and terms where she is signed in. */
    private function shown(Request $request, string $token): PlanSheet
    {
        [$bag, $owner] = $this->linked($token);
        $reader = $this->reader($request, $owner);
        try {
            [$given, $estimate] = SharedCopy::of($bag);

            return PlanSheet::of($given, $reader, $this->terms($request), $estimate);
        } catch (Refused) {
            abort(404);
        }
    }

    /** In her own unit and terms where she is signed in. */
    private function reader(Request $request, User $owner): User
    {
        $reader = $request->user();

        return $reader instanceof User ? $reader : $owner;
    }

    private function hidden(Response $answer): Response
    {
        $answer->headers->add(self::HIDDEN);

        return $answer;
    }
}
