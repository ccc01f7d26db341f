<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\Ink;
use App\Drawing\SolidDrawing;
use App\Models\Material;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Solid\Carried;
use Illuminate\Support\Str;

/** Stands a bag's file up, without database or sign-in. */
final class StandBag extends DocumentCommand
{
    protected $signature = 'bag:solid {file : a fescue-bag/1 document, or - for standard input} {--out= : where to '
        .'write it, a .glb or an .svg} {--colour=* : of each strand, as #rrggbb} {--unit=cm : cm or in} '
        .'{--carried : full, its handles pulled up to the hand} {--json : print problems as JSON}';

    protected $description = 'Draw the bag in a file as it stands: glTF 2.0 at true size, or SVG';

    /** @throws Refused */
    protected function plan(string $json, bool $asJson): string
    {
        $out = $this->given('out');
        $kind = Str::lower(pathinfo($out, PATHINFO_EXTENSION));
        $unit = LengthUnit::tryFrom($this->given('unit'));
        $colours = $this->colours();
        if (! in_array($kind, ['glb', 'svg'], true)) {
            throw Refused::at('', new Saying('Say where to write it: --out=bag.glb or --out=bag.svg.'));
        }
        if (! in_array($unit, [LengthUnit::Centimetre, LengthUnit::Inch], true) || $colours === null) {
            throw Refused::at('', new Saying('A unit is cm or in, and a colour is written as #rrggbb.'));
        }
        $plan = Planner::plan(BagDocument::fromJson($json));
        $solid = $plan->solid(
            carried: $this->option('carried') === true ? Carried::of($plan->spec->school(), null) : null,
        );
        $strands = Ink::strands($colours[0] ?? Material::PLAIN, array_map(
            fn(int $nth): ?string => $colours[$nth + 1] ?? null,
            array_keys($plan->spec->facts->strands->others),
        ));
        $made = $kind === 'glb'
            ? SolidDrawing::gltf($solid, $plan->spec->choices->name, $strands)
            : SolidDrawing::of($solid, $unit, $strands)->alone();
        if (@file_put_contents($out, $made) !== strlen($made)) {
            throw Refused::at('', new Saying('The file {file} cannot be written.', ['file' => $out]));
        }
        [$left, $right, $foot, $top, $back, $front] = $solid->body();

        return Tongues::tell('{file}: {wide} × {deep} × {high} cm, {litres} litres', [
            'file' => $out, 'wide' => round(($right - $left) / 10, 1), 'deep' => round(($front - $back) / 10, 1),
            'high' => round(($top - $foot) / 10, 1), 'litres' => round($solid->litres, 1),
        ]);
    }

    /** @return ?list<string> null where one is no colour */
    private function colours(): ?array
    {
        $colours = [];
        foreach ($this->option('colour') as $one) {
            if ($one === null || preg_match('/^#[0-9a-f]{6}$/i', $one) !== 1) {
                return null;
            }
            $colours[] = $one;
        }

        return $colours;
    }
}
