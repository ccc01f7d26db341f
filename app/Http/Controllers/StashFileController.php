<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Stash\Stash;
use App\Stash\StashFile;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** The stash out as CSV and in again. Nothing is taken in until the maker has seen what was read and agrees. */
final class StashFileController extends Controller
{
    public function export(Request $request): Response
    {
        return response(StashFile::write($this->maker($request)->materials()->with('strungOn')->get()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="stash.csv"',
        ]);
    }

    public function show(): View
    {
        return view('stash.import', ['text' => '', 'reading' => null]);
    }

    public function read(Request $request): View|RedirectResponse
    {
        $file = $request->file('file');
        $text = $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= StashFile::MOST_BYTES
            ? (string) $file->get()
            : Typed::text($request, 'text');
        if ($file instanceof UploadedFile && $text === '') {
            return redirect()->route('stash.import')->withErrors(['file' => 'The file is empty or larger than 4 MB.']);
        }
        if ($text === '') {
            return redirect()->route('stash.import')->withErrors(['file' => 'Choose a file or paste its lines.']);
        }
        $maker = $this->maker($request);
        $reading = StashFile::read($text, Stash::finder($maker));
        if ($request->boolean('agreed') && $reading->materials !== []) {
            StashFile::take($maker, $reading->materials);
            $count = count($reading->materials);

            return redirect()->route('stash.index')->with('status', $count === 1 ? 'One material is taken in.' : "{$count} materials are taken in.");
        }

        return view('stash.import', ['text' => mb_scrub($text), 'reading' => $reading]);
    }
}
