<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Glossary\Guide;
use Illuminate\Contracts\View\View;

/** What each page is for, all on one: where a page's own "?" leads without a script. */
final class GuideController extends Controller
{
    public function __invoke(): View
    {
        return view('guide', ['pages' => Guide::all()]);
    }
}
