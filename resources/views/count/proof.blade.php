@use(App\Drawing\TermDrawing)
@use(App\Drawing\TextChart)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Gauge\LearnedHand)
@use(Fescue\Core\Instruction\Motif)
@php
    $names = Fescue\Core\Text\Speech::NAMED;
    $problems = $checked?->problems ?? [];
    $of = [];
    foreach ($problems as $one) {
        $of[$one->row][] = $one;
    }
    $rights = $checked === null ? 0 : count(array_filter($checked->rows, fn ($row): bool => $row->isRight()));
    $lang = $writer === null ? 'en' : ($to === '' ? $checked->tongue : $to);
@endphp
@if ($checked === null)
    <p class="soft">{{ __('Paste a pattern: each row is worked over the one below it, stitch by stitch, as you type. '
        .'Nothing is kept until you keep it.') }}</p>
@else
    <p class="sum">
        @if ($problems === [])
            <b>{{ __('It all comes out:') }}</b> {{ __('{n, plural, one {one row} other {# rows} }.',
                ['n' => count($checked->rows)]) }}
        @elseif ($checked->rows !== [])
            <b class="bad">{{ __('{n, plural, one {One thing does} other {# things do} } not come out.',
                ['n' => count($problems)]) }}</b>
            {{ __('{rights} of {n, plural, one {# row comes} other {# rows come} } out.',
                ['rights' => $rights, 'n' => count($checked->rows)]) }}
        @endif
        <span class="soft" data-read-as="{{ $checked->tongue }}">@told('Read as <span lang="{lang}">{tongue}</span>.',
            ['lang' => $checked->tongue, 'tongue' => $names[$checked->tongue]])</span>
    </p>
    @foreach ($of[''] ?? [] as $one)
        <p class="trouble"><b>{{ __('Line {line}:', ['line' => $one->line]) }}</b>
            {{ Tongues::say($one->said) }}</p>
    @endforeach
    @if ($fabric?->motif !== null)
        @php
            $motif = $fabric->motif;
            [$setUp, $repeat] = $motif->told();
        @endphp
        <section class="own-fabric" aria-labelledby="own-fabric">
            {!! TermDrawing::repeats($motif) !!}
            <div>
                <h3 id="own-fabric">{{ __('A fabric') }}</h3>
                <p>{{ __('It repeats over {n, plural, one {# stitch} other {# stitches} } and {rows, plural, one {one '
                    .'round} other {# rounds} }.', ['n' => $motif->multiple, 'rows' => count($repeat)]) }}
                    @if ($setUp !== [])
                        {{ __('{n, plural, one {One round before them sets} other {# rounds before them set} } it up.',
                            ['n' => count($setUp)]) }}
                    @endif</p>
                <p class="soft">{{ __('A round is {high} × as high as one of {stitch}, and a stitch takes '
                    .'{strand} × its strand, as hands go; a swatch of it says how it is with yours.', [
                    'stitch' => Motif::single()->fullName(Tongues::here()->terms),
                    'high' => Tongues::figure($motif->relativeHeight(), 1),
                    'strand' => Tongues::figure(LearnedHand::usualStrand($motif), 1)]) }}</p>
                <p class="soft">{{ auth()->check() ? __('Kept, it stands among the stitches of every wall and swatch.')
                    : __('Signed in and kept, it stands among the stitches of every wall and swatch.') }}</p>
            </div>
        </section>
    @elseif ($fabric?->why !== null)
        <p class="soft">{{ __('As a fabric for a wall:') }} {{ Tongues::say($fabric->why) }}</p>
    @endif
    <div @class(['read' => $fabric?->motif === null])>
    <ol class="proven">
        @foreach ($checked->runs() as [$row, $last])
            @php
                $mine = array_filter(
                    $of[$row->line->name] ?? [],
                    fn ($one): bool => $one->line >= $row->line->at->line,
                );
                $out = $row->outcome;
                $said = $row->line->name;
                unset($of[$said]);
            @endphp
            <li @class(['off' => ! $row->isRight()])>
                <p class="count"><b>{{ $out->there }}</b><span aria-hidden="true"> → </span><span
                    class="visually-hidden">{{ __('there, leaves') }}</span><b>{{ $out->leaves }}</b></p>
                <div>
                    <p lang="{{ $lang }}">{{ $writer->row($row->line, $last) }}</p>
                    @if ($row->meant !== null)<p class="soft">{{ Tongues::say($row->meant) }}</p>@endif
                    @foreach ($mine as $one)
                        <p class="trouble"><a href="#text" data-line="{{ $one->line }}"
                            data-column="{{ $one->column }}">{{ __('Line {line}, letter {letter}',
                                ['line' => $one->line, 'letter' => $one->column]) }}</a>:
                            {{ Tongues::say($one->said) }}
                            @if ($one->mends !== [])<span class="mend">@foreach ($one->mends as $mend)<button
                                type="button" class="plain" data-line="{{ $mend->at->line }}"
                                data-column="{{ $mend->at->column }}" data-over="{{ $mend->at->text }}"
                                data-to="{{ $mend->to }}">{{ rtrim(Tongues::say($mend->said), '.')
                                    }}</button>{{ $loop->last ? '.' : __(', or: ') }}@endforeach</span>@endif</p>
                    @endforeach
                </div>
            </li>
        @endforeach
    </ol>
    @if ($checked->rows !== [] && $fabric?->motif === null)
        <div class="text-charts">@foreach (array_slice($checked->pieces(), 0, 6) as $piece){!!
            TextChart::of($piece) !!}@endforeach</div>
    @endif
    </div>
@endif
