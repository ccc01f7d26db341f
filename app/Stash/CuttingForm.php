<?php

declare(strict_types=1);

namespace App\Stash;

use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\JoinMethod;
use Fescue\Core\Strip\Source;
use Fescue\Core\Strip\StripDocument;
use Fescue\Core\Strip\StripPlan;
use Fescue\Core\Strip\StripSpec;
use Illuminate\Http\Request;

/**
 * The measures of a piece, as forms send them: they become a fescue-strip/1 document with the maker's unit written
 * behind bare numbers, and the core judges it.
 */
final class CuttingForm
{
    public const KINDS = [
        'tube' => 'Shirt, sleeve or skirt',
        'panel' => 'Flat panel or sheet',
        'bag' => 'Carrier bag',
        'ribbon' => 'Ribbon, halved',
    ];

    private const LENGTHS = [
        'flat_width',
        'flat_width_end',
        'height',
        'strip',
        'spine',
        'side_fold',
        'trim_top',
        'trim_bottom',
        'hitch_loss',
    ];

    /** Of each kind, in the order they are asked for. */
    private const ASKED = [
        'tube' => [
            'flat_width',
            'flat_width_end',
            'height',
            'trim_top',
            'trim_bottom',
            'strip',
            'spine',
            'pull',
            'mass',
            'areal',
            'pieces',
        ],
        'panel' => ['flat_width', 'height', 'trim_top', 'trim_bottom', 'strip', 'pull', 'mass', 'areal', 'pieces'],
        'bag' => [
            'flat_width',
            'side_fold',
            'height',
            'trim_top',
            'trim_bottom',
            'strip',
            'hitch_loss',
            'mass',
            'areal',
            'pieces',
        ],
        'ribbon' => ['flat_width', 'height', 'mass', 'pieces'],
    ];

    /** Ways to join that a table offers; loops are always hitched. */
    private const JOINS = [
        'tube' => [JoinMethod::SewnLap, JoinMethod::MagicKnot],
        'panel' => [JoinMethod::SewnLap, JoinMethod::MagicKnot],
        'ribbon' => [JoinMethod::MagicKnot, JoinMethod::SewnLap],
        'bag' => [],
    ];

    /** What is drawn until it is measured. */
    private const EXAMPLES = [
        'tube' => ['flat_width' => '46 cm', 'height' => '42 cm', 'strip' => '25 mm'],
        'panel' => ['flat_width' => '46 cm', 'height' => '42 cm', 'strip' => '25 mm'],
        'bag' => ['flat_width' => '30 cm', 'height' => '42 cm', 'strip' => '50 mm'],
        'ribbon' => ['flat_width' => '18 mm', 'height' => '2.2 m'],
    ];

    /** Not the piece's own but how it is cut. */
    private const HOW = ['strip', 'spine', 'pieces', 'hitch_loss'];

    /** @var array<string, string> by field */
    public array $wrong = [];

    public readonly string $kind;

    public readonly ?StripSpec $spec;

    /** @var array<string, mixed> fescue-strip/1 */
    public readonly array $document;

    /**
     * @param bool $raw whether only the piece itself is told, not how it is cut
     * @param bool $isTable whether it is drawn while it is typed, from an example on
     */
    public function __construct(
        private readonly Request $request,
        private readonly LengthUnit $unit,
        private readonly bool $raw = false,
        private readonly bool $isTable = false,
    ) {
        $kind = $this->typed('kind');
        $this->kind = isset(self::KINDS[$kind]) ? $kind : 'tube';
        $this->document = $this->document();
        $this->spec = $this->sent() || $isTable ? $this->read() : null;
    }

    public function typed(string $field): string
    {
        $old = $this->request->isMethod('get') && ! $this->sent() ? $this->request->old($field) : null;

        return is_string($old) ? $old : Typed::text($this->request, $field);
    }

    /** Whether anything was sent yet. */
    public function sent(): bool
    {
        return $this->request->has('flat_width');
    }

    /** Whether it goes on being typed, or was not begun: what is not measured yet is taken as that of an example. */
    private function isOpen(): bool
    {
        return $this->isTable && (! $this->sent() || $this->request->has('live'));
    }

    /** Whether some of what is drawn was not measured. */
    public function isExample(): bool
    {
        $lacks = array_filter(
            array_keys(self::EXAMPLES[$this->kind]),
            fn(string $field): bool => $this->typed($field) === '',
        );

        return $this->isOpen() && $lacks !== [];
    }

    /** @return list<string> */
    public function asked(): array
    {
        return array_values(
            array_filter(
                self::ASKED[$this->kind],
                fn(string $field): bool => ! $this->raw || ! in_array($field, self::HOW, true),
            ),
        );
    }

    /** @return list<JoinMethod> the usual one first */
    public function joins(): array
    {
        return $this->raw ? [] : self::JOINS[$this->kind];
    }

    /** @return array<string, string> what was typed, to be sent again */
    public function again(): array
    {
        return array_filter(
            ['kind' => $this->kind, 'join_by' => $this->typed('join_by')] + array_combine(
                $this->asked(),
                array_map($this->typed(...), $this->asked()),
            ),
            fn(string $text): bool => $text !== '',
        );
    }

    /** @return list<StripPlan> one of each school that makes a strand of it */
    public function plans(): array
    {
        $schools = array_filter(CutMethod::cases(), fn(CutMethod $school): bool => $this->refusal($school) === null);

        return $this->spec === null ? [] : array_map(
            fn(CutMethod $school): StripPlan => StripPlan::of($this->spec->in($school)),
            array_values($schools),
        );
    }

    /** @return array<string, string> by the name of a school that makes none: why */
    public function refused(): array
    {
        $why = [];
        foreach (CutMethod::cases() as $school) {
            $why[$school->name()] = $this->refusal($school) ?? '';
        }

        return array_filter($why, fn(string $said): bool => $said !== '');
    }

    private function refusal(CutMethod $school): ?string
    {
        $refusal = $this->spec === null ? null : $this->spec->piece->refusal($school, $this->spec->pieces);

        return $refusal === null ? null : Tongues::say($refusal->said);
    }

    /**
     * What of a document is the piece itself, to be kept with it.
     *
     * @return array<string, mixed>
     */
    public function measures(): array
    {
        return array_diff_key($this->document, ['format' => 1, 'strip' => 1, 'pieces' => 1, 'bags' => 1]);
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $source = match ($this->kind) {
            'tube' => Source::Tube,
            'panel' => Source::Panel,
            'bag' => Source::BagLoops,
            default => Source::RibbonHalf,
        };
        $document = ['format' => StripDocument::FORMAT, 'source' => $source->value];
        foreach ($this->asked() as $field) {
            $text = $this->typed($field);
            if ($text === '' && $this->isOpen()) {
                $text = self::EXAMPLES[$this->kind][$field] ?? '';
            }
            if ($text === '') {
                continue;
            }
            if (in_array($field, self::LENGTHS, true)) {
                $document[$field] = Typed::withUnit($text, $this->unit->value);
            } elseif ($field === 'mass' || $field === 'areal') {
                $document[$field] = Typed::withUnit($text, $field === 'mass' ? 'g' : 'g/m2');
            } elseif ($field === 'pieces') {
                $document[$source->isBag() ? 'bags' : 'pieces'] = preg_match('/^\d{1,6}$/', $text) === 1
                    ? (int) $text
                    : $text;
            } else {
                $document[$field] = $this->pull($text);
            }
        }
        $join = JoinMethod::tryFrom($this->typed('join_by'));
        if ($join !== null && in_array($join, $this->joins(), true)) {
            $document['join'] = $join->value;
        }
        if ($this->raw && $this->kind !== 'ribbon' && isset($document['height']) && is_string($document['height'])) {
            // A strip that any piece can be cut to: an eighth of its height.
            $document['strip'] = (string) preg_replace_callback(
                '/^([\d.,]+)/',
                fn(array $number): string => (string) round((float) str_replace(',', '.', $number[1]) / 8, 3),
                $document['height'],
            );
        }

        return $document;
    }

    /** From percent to length after over before. */
    private function pull(string $text): float
    {
        $percent = str_replace(',', '.', rtrim($text, ' %'));
        if (
            preg_match('/^\d{1,4}(\.\d+)?$/', $percent) !== 1
            || (float) $percent > 100 * (StripSpec::LONGEST_PULL - 1)
        ) {
            $this->wrong['pull'] = Tongues::tell(
                'Write the pull in percent, from 0 to {longestPull}: 25 where 4 m become 5 m.',
                ['longestPull' => (int) (100 * (StripSpec::LONGEST_PULL - 1))],
            );

            return 1.0;
        }

        return 1 + (float) $percent / 100;
    }

    private function read(): ?StripSpec
    {
        try {
            $spec = StripDocument::read($this->document);
        } catch (Refused $e) {
            foreach ($e->problems as $problem) {
                $field = ltrim($problem->path, '/');
                $field = $field === 'bags' ? 'pieces' : ($field === 'strip' && $this->raw ? 'height' : $field);
                $this->wrong[$field] ??= $problem->said->message === 'This is missing.'
                    ? Tongues::tell('Measure this, and write it here.')
                    : Tongues::say($problem->said);
            }

            return null;
        }

        return $this->wrong === [] ? $spec : null;
    }
}
