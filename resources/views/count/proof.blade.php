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
    <p class="soft">Paste a pattern: each row is worked over the one below it, stitch by stitch, as you type. Nothing is
        kept.</p>
@else
    <p class="sum">
        @if ($problems === [])
            <b>It all comes out:</b> {{ count($checked->rows) === 1 ? 'one row' : count($checked->rows).' rows' }}.
        @elseif ($checked->rows !== [])
            <b class="bad">{{ count($problems) === 1 ? 'One thing does' : count($problems).' things do' }} not come
                out.</b>
            {{ $rights }} of {{ count($checked->rows) }} rows do.
        @endif
        <span class="soft">Read as {{ $names[$checked->tongue] }}.</span>
    </p>
    @foreach ($of[''] ?? [] as $one)
        <p class="trouble"><b>Line {{ $one->line }}:</b> {{ $one->message }}</p>
    @endforeach
    <ol class="proven">
        @foreach ($checked->runs() as [$row, $last])
            @php
                $mine = array_filter($of[$row->line->name] ?? [], fn ($one): bool
                    => $one->line >= $row->line->at->line);
                $out = $row->outcome;
                $said = $row->line->name;
                unset($of[$said]);
            @endphp
            <li @class(['off' => ! $row->isRight()])>
                <p class="count"><b>{{ $out->there }}</b><span aria-hidden="true"> → </span><span
                    class="visually-hidden">there, leaves</span><b>{{ $out->leaves }}</b></p>
                <div>
                    <p lang="{{ $lang }}">{{ $writer->row($row->line, $last) }}</p>
                    @foreach ($mine as $one)
                        <p class="trouble"><a href="#text" data-line="{{ $one->line }}"
                            data-column="{{ $one->column }}">Line
                            {{ $one->line }}, letter {{ $one->column }}</a>: {{ $one->message }}
                            @if ($one->mends !== [])<span class="mend">@foreach ($one->mends as $mend)<button
                                type="button" class="plain" data-line="{{ $mend->at->line }}"
                                data-column="{{ $mend->at->column }}" data-over="{{ $mend->at->text }}"
                                data-to="{{ $mend->to }}">{{ rtrim($mend->said,
                                    '.') }}</button>{{ $loop->last ? '.' : ', or: ' }}@endforeach</span>@endif</p>
                    @endforeach
                </div>
            </li>
        @endforeach
    </ol>
@endif
