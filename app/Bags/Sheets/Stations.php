<?php

declare(strict_types=1);

namespace App\Bags\Sheets;

use App\Tongue\Tongues;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Piece\Maker;

/** Plan’s stations: what each stands at, and what was settled where a field is open. */
final readonly class Stations
{
    private const PARTS = ['base', 'body', 'build', 'handles'];

    public function __construct(private PlanSheet $sheet) {}

    /**
     * The present value of each station, as said beside its name.
     *
     * @return array<string, string> by region name
     */
    public function values(): array
    {
        $plan = $this->sheet->plan;
        $out = $plan->comesOut;
        $wish = $plan->spec->choices->wish;
        $sides = array_map(
            $this->sheet->figure(...),
            [$wish->length ?? $out->baseLength, $wish->width ?? $out->baseWidth, $wish->height ?? $out->height],
        );
        $parts = [];
        foreach ($plan->parts as $part) {
            // The rim stands at the handles' station.
            $at = $part->chosen()->part();
            $parts[$at === 'edge' ? 'handles' : $at][] = $this->told($part->maker);
        }

        return [
            'material-name' => $this->sheet->bag->material->name
                ?? Tongues::tell(
                    '{Material}, from its file',
                    ['material' => Tongues::tell($plan->spec->facts->strands->own->kind->noun())],
                ),
            'material-much' => $this->sheet->needs()->onHand(),
            'station-size' => implode(' × ', $sides).' '.$this->sheet->unit->value,
            'station-material' => Tongues::tell(
                '{hook} hook',
                ['hook' => Tongues::printed($plan->spec->facts->hands->hook->exact())],
            ),
        ] + array_combine(
            array_map(fn(string $part): string => "station-{$part}", self::PARTS),
            array_map(
                fn(string $part): string => implode(' + ', $parts[$part] ?? [Tongues::tell('none')]),
                self::PARTS,
            ),
        );
    }

    /**
     * What the planner settled for the fields left open, to stand in them.
     *
     * @return array<string, string> by field name
     */
    public function solved(): array
    {
        $solved = [];
        foreach ($this->sheet->plan->parts as $part) {
            $steps = explode('/', ltrim($part->path, '/'));
            $field = array_shift($steps).implode('', array_map(fn(string $step): string => "[{$step}]", $steps));
            foreach ($part->maker->settings() as $one) {
                if ($one->settled() !== '') {
                    $solved["{$field}[{$one->name}]"] = $one->settled();
                }
            }
        }

        return $solved;
    }

    /** "oval, ch 22, 2 rounds", "sc, back loop, 8 rounds" */
    private function told(Maker $maker): string
    {
        $told = Makers::isOnly($maker) ? [] : [Tongues::tell($maker::called()[0])];
        foreach ($maker->settings() as $one) {
            $told[] = Tongues::orNone($one->told());
        }

        return lcfirst(implode(', ', array_filter($told, fn(string $one): bool => $one !== '')));
    }
}
