<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Batch;
use App\Models\Material;
use App\Models\RawPiece;
use App\Models\User;
use App\Rules\Really;
use App\Rules\Typed;
use App\Stash\BatchEnd;
use App\Stash\CutPrint;
use App\Stash\CuttingForm;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Strip\Checklist;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\CuttingStep;
use Fescue\Core\Strip\Source;
use Fescue\Core\Strip\StripDocument;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Batches: pieces being cut, ticked off step by step, and put in the stash as strand. */
final class BatchController extends Controller
{
    public function index(Request $request): View
    {
        return view(
            'cutting.batches',
            [
                'batches' => $this->maker($request)->batches()->with('material')->get(),
                'unit' => $this->maker($request)->units,
            ],
        );
    }

    /** Begins a batch of what lies on the cutting table, or of raw pieces. */
    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $school = CutMethod::tryFrom(Typed::text($request, 'school')) ?? CutMethod::OneStrand;
        $piece = $this->piece($request, $maker);
        try {
            $document = $piece === null
                ? self::fromTable($request, $maker, $school)
                : self::fromPiece($request, $piece, $school);
            $pieces = StripDocument::read($document)->pieces;
            $stack = self::stack(Typed::text($request, 'stack'), $pieces);
        } catch (NotUnderstood $e) {
            return back()->withInput()->withErrors(['batch' => Tongues::say($e->said)]);
        } catch (Refused $e) {
            return back()->withInput()->withErrors(['batch' => Tongues::say($e->problems[0]->said)]);
        }
        $name = mb_substr(Typed::text($request, 'name'), 0, 80);
        /** @var Batch $batch */
        $batch = $maker->batches()->create([
            'raw_piece_id' => $piece?->id,
            'name' => $name === ''
                ? ($piece->name ?? CuttingForm::KINDS[Typed::text($request, 'kind')] ?? Tongues::tell('Batch'))
                : $name,
            'colour' => $piece->colour ?? Material::PLAIN,
            'document' => $document,
            'stack' => $stack,
            'join_ahead' => Typed::text($request, 'join') === 'ahead',
        ]);

        return redirect()->route('cutting.batch', $batch)->with(
            'status',
            Tongues::tell('Begun. Tick off each step as it is done; every device of yours shows the same list.'),
        );
    }

    public function show(Request $request, Batch $batch): View
    {
        $this->authorize('own', $batch);
        $maker = $this->maker($request);

        return view('cutting.batch', [
            'batch' => $batch,
            'plan' => $batch->plan(),
            'steps' => $batch->steps(),
            'ticked' => $batch->ticked(),
            'end' => new BatchEnd($batch),
            'into' => $maker->strands()->where('kind', BatchEnd::kind($batch))->pluck('name', 'id')->all(),
            'unit' => $maker->units,
        ]);
    }

    public function tick(Request $request, Batch $batch): RedirectResponse|JsonResponse
    {
        $this->authorize('own', $batch);
        $step = Typed::text($request, 'step');
        $known = array_map(fn(CuttingStep $one): string => $one->key, $batch->steps());
        if (in_array($step, $known, true)) {
            $batch->tick($step, $request->boolean('done'));
        }

        return $request->expectsJson()
            ? $this->ticks($batch)
            : redirect()->to(route('cutting.batch', $batch)."#step-{$step}");
    }

    public function ticks(Batch $batch): JsonResponse
    {
        $this->authorize('own', $batch);

        return response()->json(['ticked' => $batch->ticked(), 'finished' => $batch->finished_at !== null]);
    }

    public function paper(Request $request, Batch $batch): View
    {
        $this->authorize('own', $batch);

        return view(
            'cutting.print',
            [
                'print' => CutPrint::of($batch->plan(), $request, $this->maker($request)->units),
                'name' => $batch->name,
                'back' => route('cutting.batch', $batch),
            ],
        );
    }

    /** What was cut becomes strand in the stash. */
    public function finish(Request $request, Batch $batch): RedirectResponse
    {
        $this->authorize('own', $batch);
        $maker = $this->maker($request);
        $fields = ['into', 'name', 'mass', 'length', 'diameter'];
        $end = new BatchEnd(
            $batch,
            array_combine($fields, array_map(fn(string $field): string => Typed::text($request, $field), $fields)),
        );
        $asked = Really::ask($request, $end->implausible($maker));
        $material = $asked === [] ? $end->keep($maker) : null;
        if ($material === null) {
            return back()->withInput()->withErrors($asked + $end->wrong);
        }

        return redirect()->route('stash.show', $material)->with(
            'status',
            Tongues::tell('Cut and in the stash: {density}.', [
                'density' => Tongues::printed($material->density()->print()),
            ]),
        );
    }

    public function destroy(Batch $batch): RedirectResponse
    {
        $this->authorize('own', $batch);
        $batch->delete();

        return redirect()->route('cutting.batches')->with('status', Tongues::tell(
            '“{name}” is put away.',
            ['name' => $batch->name],
        ))->with(
            'undo',
            route('cutting.batch.restore', $batch),
        );
    }

    public function restore(Batch $batch): RedirectResponse
    {
        $this->authorize('own', $batch);
        $batch->restore();

        return redirect()->route('cutting.batches')->with('status', Tongues::tell(
            '“{name}” is back.',
            ['name' => $batch->name],
        ));
    }

    private function piece(Request $request, User $maker): ?RawPiece
    {
        $id = Typed::text($request, 'raw_piece_id');

        return ctype_digit($id) ? $maker->rawPieces()->find($id) : null;
    }

    /** @return array<string, mixed> @throws NotUnderstood|Refused */
    private static function fromTable(Request $request, User $maker, CutMethod $school): array
    {
        $form = new CuttingForm($request, $maker->units);
        if ($form->spec === null) {
            throw new NotUnderstood($form->wrong === [] ? new Saying('Lay a piece on the table first.')
                : Saying::plain($form->wrong[array_key_first($form->wrong)]));
        }
        $document = $form->document;
        if ($form->spec->source->isBag()) {
            $document['source'] = ($school === CutMethod::OneStrand ? Source::BagSpiral : Source::BagLoops)->value;
        } else {
            $document['school'] = $school->value;
        }

        return $document;
    }

    /** @return array<string, mixed> @throws NotUnderstood|Refused */
    private static function fromPiece(Request $request, RawPiece $piece, CutMethod $school): array
    {
        $pieces = Typed::text($request, 'pieces');
        if (preg_match('/^\d{1,5}$/', $pieces) !== 1 || (int) $pieces < 1 || (int) $pieces > $piece->count) {
            throw new NotUnderstood(new Saying(
                'There are {piece} of “{name}”; write how many of them are cut.',
                ['piece' => $piece->count, 'name' => $piece->name],
            ));
        }
        $strip = $piece->form === 'ribbon' ? null : Length::parse(
            Typed::text($request, 'strip'),
            LengthUnit::Centimetre,
        );

        return $piece->document($strip, $school, (int) $pieces);
    }

    /** @throws NotUnderstood */
    private static function stack(string $text, int $pieces): int
    {
        $stack = $text === '' ? min(5, $pieces) : (preg_match('/^\d{1,3}$/', $text) === 1 ? (int) $text : 0);
        if ($stack < 1 || $stack > Checklist::TALLEST) {
            throw new NotUnderstood(new Saying(
                'A stack is 1 to {tallest} pieces over each other.',
                ['tallest' => Checklist::TALLEST],
            ));
        }
        if (ceil($pieces / $stack) > Checklist::MOST_STACKS) {
            throw new NotUnderstood(
                new Saying(
                    'That is more than {most} stacks: lay more over each other, or make two batches of it.',
                    ['most' => Checklist::MOST_STACKS],
                ),
            );
        }

        return $stack;
    }
}
