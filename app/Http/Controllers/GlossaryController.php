<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Glossary\Glossary;
use App\Tongue\Tongues;
use Illuminate\Contracts\View\View;

/** What words mean; for anybody. */
final class GlossaryController extends Controller
{
    public function __invoke(): View
    {
        return view('glossary', [
            'parts' => [
                'trade' => array_map(Glossary::term(...), array_keys(Glossary::TRADE)),
                'ours' => array_map(Glossary::term(...), array_keys(Glossary::OURS)),
                'fabrics' => Glossary::fabrics(Tongues::here()->terms),
            ],
        ]);
    }
}
