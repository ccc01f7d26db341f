<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Csv;
use App\Files\Reading;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/**
 * A table out as CSV and in again. Nothing is taken in until the maker has seen what was read and agrees.
 *
 * @template T
 */
abstract class CsvController extends Controller
{
    /** What it is a table of, as its routes begin: "stash". */
    abstract protected function station(): string;

    /** @return view-string where its lines are pasted */
    abstract protected function page(): string;

    /** What is said of {n} that were taken in. */
    abstract protected function taken(): string;

    abstract protected function write(User $maker): string;

    /** @return Reading<T> */
    abstract protected function reading(string $text, User $maker): Reading;

    /** @param list<T> $good */
    abstract protected function take(User $maker, array $good): void;

    public function export(Request $request): Response
    {
        return $this->file($this->write($this->maker($request)), self::CSV, $this->station().'.csv');
    }

    public function show(): View
    {
        return view($this->page(), ['text' => '', 'reading' => null]);
    }

    public function read(Request $request): View|RedirectResponse
    {
        $file = $request->file('file');
        $text = $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= Csv::MOST_BYTES
            ? (string) $file->get()
            : Typed::text($request, 'text');
        if ($text === '') {
            return redirect()->route($this->station().'.import')->withErrors(
                [
                    'file' => $file instanceof UploadedFile
                        ? Tongues::tell('The file is empty or larger than 4 MB.')
                        : Tongues::tell('Choose a file or paste its lines.'),
                ],
            );
        }
        $maker = $this->maker($request);
        $reading = $this->reading($text, $maker);
        if ($request->boolean('agreed') && $reading->good !== []) {
            $this->take($maker, $reading->good);
            $count = count($reading->good);

            return redirect()->route($this->station().'.index')->with(
                'status',
                Tongues::tell($this->taken(), ['n' => $count]),
            );
        }

        return view($this->page(), ['text' => mb_scrub($text), 'reading' => $reading]);
    }
}
