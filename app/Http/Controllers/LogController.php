<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\FinishSheet;
use App\Bags\Listed;
use App\Bags\Photograph;
use App\Bags\Sheets\PlanSheet;
use App\Bags\Wall;
use App\Drawing\RecordPlot;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Picture;
use App\Models\Swatch;
use App\Tongue\Tongues;
use Fescue\Core\Estimate\TrackRecord;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Her finished bags: what was planned beside what came, and their pictures. */
final class LogController extends Controller
{
    private const A_PAGE = 24;

    /** Bags on the plot, the last of them. */
    private const PLOTTED = 60;

    /** Pictures of one bag. */
    private const PICTURES = 6;

    public function index(Request $request): View
    {
        $maker = $this->maker($request);
        $plotted = $this->finishes($maker->id);
        $plotted->whereNotNull('used');
        $plotted->limit(self::PLOTTED);
        $names = $outcomes = $hours = [];
        foreach ($plotted->get()->reverse() as $one) {
            $outcome = $one->outcome();
            if ($outcome !== null) {
                $outcomes[] = $outcome;
                $names[] = $one->bag?->name() ?? '';
                $hours[] = $one->minutes === null ? null : (float) $one->minutes / 60;
            }
        }
        $record = new TrackRecord($outcomes);

        $found = $this->finishes($maker->id)->paginate(self::A_PAGE);
        $bags = array_values(array_filter(array_map(fn(BagFinish $one): ?Bag => $one->bag, $found->items())));

        return view('bags.log', [
            'found' => $found,
            'wall' => Wall::of(Listed::all($maker, $bags)),
            'photographs' => self::photographs($bags),
            'record' => $record,
            'plot' => $names === [] ? null : RecordPlot::of($record, $names),
            'hours' => $names === [] || $hours === [] || array_unique($hours) === [null]
                ? null
                : RecordPlot::hours($names, $hours),
            'unit' => $maker->units,
        ]);
    }

    /**
     * @param list<Bag> $bags
     *
     * @return array<int, int> the last photograph of each that has one
     */
    private static function photographs(array $bags): array
    {
        $last = [];
        $ids = array_map(fn(Bag $one): int => $one->id, $bags);
        foreach (Picture::query()->whereIn('bag_id', $ids)->orderBy('id')->get(['id', 'bag_id']) as $picture) {
            $last[(int) $picture->bag_id] = $picture->id;
        }

        return $last;
    }

    /** @return Builder<BagFinish> of her bags, the last first */
    private function finishes(int $maker): Builder
    {
        $mine = BagFinish::query();
        $mine->whereHas('bag', fn(Builder $bags) => $bags->where('user_id', $maker));
        $mine->with('bag.material');
        $mine->latest('created_at');
        $mine->latest('bag_id');

        return $mine;
    }

    /** The bag's own measures, kept as a swatch of its strand and hook. */
    public function swatch(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $measured = FinishSheet::of(PlanSheet::of($bag, $maker), $maker)->asSwatch();
        $hook = $bag->plan()->spec->facts->hands->hook;
        if ($measured === null) {
            return redirect()->route('bags.finish', $bag)->withErrors(
                ['wide' => Tongues::tell(
                    'Measure how wide and how high it came first; a bag of several fabrics is no swatch.',
                )],
            );
        }
        $name = mb_substr(Tongues::tell(
            '{name}, {key} on {hook}',
            ['name' => $bag->name(), 'key' => $measured->motif->key, 'hook' => Tongues::printed($hook->exact())],
        ), 0, 80);
        $maker->swatches()->updateOrCreate(
            ['name' => $name, 'material_id' => $bag->material_id],
            Swatch::columns($measured) + ['hook' => $hook->diameter, 'note' => Tongues::tell(
                'measured of the finished bag',
            )],
        );

        return redirect()->route('bags.finish', $bag)->with('status', Tongues::tell(
            '“{name}” is kept with your swatches.',
            ['name' => $name],
        ));
    }

    public function photograph(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        try {
            if (Picture::query()->where('bag_id', $bag->id)->count() >= self::PICTURES) {
                throw new NotUnderstood(new Saying(
                    'A bag keeps {pictures} pictures; take one out first.',
                    ['pictures' => self::PICTURES],
                ));
            }
            $photograph = Photograph::sent($request->file('picture'), 'Choose a picture.');
        } catch (NotUnderstood $e) {
            return redirect()->route('bags.finish', $bag)->withErrors(['picture' => Tongues::say($e->said)]);
        }
        Picture::query()->forceCreate([
            'user_id' => $bag->user_id,
            'bag_id' => $bag->id,
            'width' => $photograph->width,
            'height' => $photograph->height,
            'jpeg' => $photograph->jpeg,
        ]);

        return redirect()->route('bags.finish', $bag)->with(
            'status',
            Tongues::tell('The picture is kept with the bag.'),
        );
    }

    public function jpeg(Bag $bag, Picture $picture): Response
    {
        $this->authorize('own', $bag);

        return response(
            self::ofBag($bag, $picture)->jpeg,
            200,
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600'],
        );
    }

    public function remove(Bag $bag, Picture $picture): RedirectResponse
    {
        $this->authorize('own', $bag);
        self::ofBag($bag, $picture)->delete();

        return redirect()->route('bags.finish', $bag)->with('status', Tongues::tell('The picture is gone.'));
    }

    private static function ofBag(Bag $bag, Picture $picture): Picture
    {
        return $picture->bag_id === $bag->id ? $picture : abort(404);
    }
}
