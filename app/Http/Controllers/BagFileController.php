<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Sheets\PlanSheet;
use App\Bags\Wall;
use App\Casts\Cell;
use App\Drawing\SolidDrawing;
use App\Drawing\SolidSketch;
use App\Models\Bag;
use App\Papers\Recipe;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Json;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Terms;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;

/** A bag on paper and in files: its words, PDF, drawings, and the document it is kept and passed on as. */
final class BagFileController extends Controller
{
    /** Of sketches, pixels a millimetre. */
    private const SCALES = [0.02, 1.0];

    public function words(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);

        $beside = self::beside($request);

        return view('bags.words', [
            'bag' => $bag,
            'sheet' => $this->sheet($request, $bag)->asWorked(),
            'other' => $beside === null ? null : PlanSheet::of($bag, $this->maker($request), $beside)->asWorked(),
        ]);
    }

    public function pdf(Request $request, Bag $bag): SymfonyResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $terms = $this->terms($request) ?? $maker->terms;

        return $this->printed(
            $request,
            new Recipe('words', $bag, $maker->units, $terms, beside: self::beside($request)),
            "{$bag->slug()}.pdf",
            route('bags.words', $bag),
        );
    }

    public function drawing(Request $request, Bag $bag, string $drawing): Response
    {
        $this->authorize('own', $bag);
        $sheet = $this->sheet($request, $bag);
        if ($drawing === 'solid') {
            $standing = SolidDrawing::of($sheet->solid(self::isCarried($request)), $sheet->unit, $sheet->colours());

            return $this->download($standing->alone(), 'image/svg+xml', $bag, 'solid.svg');
        }
        [, $canvas] = $sheet->words()->drawings()[$drawing] ?? abort(404);

        return $this->download($canvas->alone(), 'image/svg+xml', $bag, "{$drawing}.svg");
    }

    /** As it stands, small, at the scale of those beside it; filled to where it is worked. */
    public function sketch(Request $request, Bag $bag): Response
    {
        $this->authorize('own', $bag);
        $sheet = $this->sheet($request, $bag);
        $scale = min(self::SCALES[1], max(self::SCALES[0], (float) Typed::text($request, 'scale')));
        $isFinished = $bag->finish()->exists();
        $sketch = SolidSketch::of($sheet->plan, $sheet->colours(), $isFinished ? null : $sheet->done());

        return new Response(
            $sketch->svg($scale, Wall::WIDE, Wall::HIGH),
            200,
            ['Content-Type' => 'image/svg+xml'],
        );
    }

    /** The tongue that stands beside the pattern's own. */
    private static function beside(Request $request): ?Terms
    {
        return Terms::tryFrom(Typed::text($request, 'beside'));
    }

    private static function isCarried(Request $request): bool
    {
        return Typed::text($request, 'carried') === '1';
    }

    /** As it stands, as large as it is. */
    public function solid(Request $request, Bag $bag): Response
    {
        $this->authorize('own', $bag);
        $sheet = $this->sheet($request, $bag);

        return $this->download(
            SolidDrawing::gltf($sheet->solid(self::isCarried($request)), $bag->name(), $sheet->colours()),
            'model/gltf-binary',
            $bag,
            'glb',
        );
    }

    public function export(Bag $bag): Response
    {
        $this->authorize('own', $bag);
        $json = json_encode(
            $bag->document(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );

        return $this->download($json."\n", 'application/json', $bag, 'fescue-bag.json');
    }

    public function showImport(): View
    {
        return view('bags.import');
    }

    public function import(Request $request): RedirectResponse
    {
        $text = $this->given($request);
        try {
            if ($text === '') {
                throw Refused::at('', new Saying('Choose a file or paste its text.'));
            }
            $document = Json::decode($text);
            $plan = Planner::plan(BagDocument::read($document));
            $weighIns = $plan->spec->facts->weighIns;
        } catch (Refused $e) {
            return back()->withInput(['text' => mb_scrub(mb_strcut($text, 0, Json::MOST_BYTES))])->withErrors([
                'file' => array_map(
                    fn(Problem $problem): string => ($problem->path === '' ? '' : "{$problem->path}: ")
                        .$problem->message,
                    $e->problems,
                ),
            ]);
        }
        /** @var Bag $bag */
        $bag = $this->maker($request)->bags()->create([
            'choices' => array_diff_key(Cell::map($document), ['format' => 1, 'weigh_ins' => 1]),
        ]);
        foreach ($weighIns as $one) {
            $bag->weighIns()->create([
                'place' => (int) $plan->work->place($one->after),
                'after' => $one->after,
                'left' => $one->left->exact(),
            ]);
        }

        return redirect()->route('bags.plan', $bag)->with('status', Tongues::tell(
            '“{name}” is read from its file.',
            ['name' => $bag->name()],
        ));
    }

    /** In the maker's stitch names, or those a link asks for. @throws Refused */
    private function sheet(Request $request, Bag $bag): PlanSheet
    {
        return PlanSheet::of($bag, $this->maker($request), $this->terms($request));
    }

    private function given(Request $request): string
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            if (! $file->isValid() || $file->getSize() > Json::MOST_BYTES) {
                throw ValidationException::withMessages(
                    ['file' => Tongues::tell('The file is larger than any bag; Fescue reads up to 256 KB.')],
                );
            }

            return (string) $file->get();
        }
        $text = $request->input('text');

        return is_string($text) ? trim($text) : '';
    }

    private function download(string $content, string $type, Bag $bag, string $ending): Response
    {
        $name = $bag->slug();

        return $this->file($content, $type, "{$name}.{$ending}");
    }
}
