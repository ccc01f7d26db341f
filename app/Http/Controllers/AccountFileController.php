<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\AccountExport;
use App\Account\ImportAccount;
use App\Account\Tables;
use App\Tongue\Tongues;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything of hers out as one zip, and into an empty account again. */
final class AccountFileController extends Controller
{
    private const KEY = 'parcel';

    public function show(Request $request): View|RedirectResponse
    {
        $maker = $this->maker($request);
        // Said once: asked for once.
        $said = ImportAccount::heard($maker);
        $told = self::told($said);
        if ($told !== null) {
            return $told;
        }
        $parcel = $this->parcel($request);
        if ($parcel !== null && ! $parcel->isDone() && $request->query('go') === 'on') {
            // Without a script each look does a step.
            $parcel->step();
        }

        return view('account.parcel', [
            'parcel' => $parcel,
            'reading' => $said !== null,
            'empty' => Tables::areEmpty($maker),
        ]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $request->session()->put(self::KEY, AccountExport::begin($this->maker($request))->name());

        return redirect()->route('account.parcel', ['go' => 'on']);
    }

    /** Some more of it, and how far it is. */
    public function step(Request $request): JsonResponse
    {
        $parcel = $this->parcel($request) ?? abort(404);
        if (! $parcel->isDone()) {
            $parcel->step();
        }

        return response()->json(['percent' => $parcel->percent(), 'done' => $parcel->isDone()]);
    }

    public function fetch(Request $request): BinaryFileResponse|RedirectResponse
    {
        $parcel = $this->parcel($request);
        if ($parcel === null || ! $parcel->isDone()) {
            return redirect()->route('account.parcel');
        }

        return response()->download($parcel->zip(), 'fescue-account.zip', ['Cache-Control' => 'no-store']);
    }

    public function read(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return redirect()->route('account.parcel')->withErrors(
                ['file' => Tongues::tell(
                    'Choose the zip that Fescue made of your account; this one did not arrive whole.',
                )],
            );
        }
        $maker = $this->maker($request);
        if (ImportAccount::heard($maker) !== null) {
            return redirect()->route('account.parcel')->withErrors(
                ['file' => Tongues::tell('One is being read in already.')],
            );
        }
        ImportAccount::begin($maker, $file->getRealPath());

        return self::told(ImportAccount::heard($maker)) ?? redirect()->route('account.parcel');
    }

    /**
     * Where it leads when it was read; null while that is under way, or where nothing is.
     *
     * @param ?array{state: string, said: string} $said
     */
    private static function told(?array $said): ?RedirectResponse
    {
        return match ($said['state'] ?? '') {
            'done' => redirect()->route('front')->with('status', $said['said']),
            'refused' => redirect()->route('account.parcel')->withErrors(['file' => $said['said']]),
            default => null,
        };
    }

    private function parcel(Request $request): ?AccountExport
    {
        $name = $request->session()->get(self::KEY);

        return is_string($name) ? AccountExport::find($this->maker($request), $name) : null;
    }
}
