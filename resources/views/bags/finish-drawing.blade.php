@use(App\Tongue\Tongues)
@foreach ($sheet->words()->drawings() as $name => [$title, $canvas, $said])
    @continue(! in_array($name, ['side', 'closed'], true))
    <div class="table-head"><h2>{{ __('Where it goes') }}</h2><span>{{ __('drawn {ratio}', [
        'ratio' => $canvas->ratio(),
    ]) }}</span></div>
    <div class="sheet" tabindex="0" role="group" aria-label="{{ __('Where the finish goes') }}">{!! $canvas->inline()
        !!}</div>
@endforeach
@if ($finish->parts() === [])
    <p class="method">{{ __('A lining, a closure, a drawstring, tassels: choose at the left, and they stand on the '
        .'drawing to scale, in the row where you must think of them, and on the list of what to get.') }}</p>
@endif
<ol class="finish-steps">
@foreach ($finish->inOrder() as [$one, $fitted])
    <li>
        <h3>{{ __($one::called()[0]) }}</h3>
        <p class="figure">{{ ucfirst($finish->said($fitted->figures)) }}@if ($finish->strand($fitted) !== '')
            <b>{{ $finish->strand($fitted) }}</b>@endif</p>
        @foreach ($finish->beforehand($fitted) as [$row, $what])<p class="beforehand"><b>{{ $row }}</b> {{ $what }}</p>
            @endforeach
        @foreach ($finish->cautions($fitted) as $caution)<p class="care-line"><b>{{
            Tongues::say($caution->lead()) }}</b> {{ Tongues::say($caution->rest()) }}</p>@endforeach
        <ol class="numbered">@foreach ($fitted->steps as $step)<li>{{ $finish->said($step) }}</li>@endforeach</ol>
    </li>
@endforeach
</ol>
@foreach ($finish->linings() as [$lining, $cloth, $lay])
    @if ($loop->first && $lay !== null)
    <div class="table-head"><h2>{{ __('The lay') }}</h2><span>{{ __('drawn {ratio}',
        ['ratio' => $lay->ratio()]) }} · {{ __('pieces at true size:') }}
        <a href="{{ route('bags.finish.pdf', [$sheet->bag, 'paper' => 'A4']) }}">A4</a>,
        <a href="{{ route('bags.finish.pdf', [$sheet->bag, 'paper' => 'Letter']) }}">{{
            __('Letter') }}</a>,
        <a href="{{ route('bags.finish.svg', $sheet->bag) }}">SVG</a></span></div>
    <div class="sheet" tabindex="0" role="group" aria-label="{{ __('The lay of the lining') }}">{!! $lay->inline()
        !!}</div>
    <p class="hint">{{ __('Cut on the whole line, sew on the broken one. Print at 100 % and measure the bar.') }}</p>
    @endif
@endforeach
<h2>{{ __('Ends and washing') }} <x-term of="fasten off" asked /></h2>
<dl class="closing">@foreach ($sheet->words()->ends() as $name => $text)<dt>{{ $name }}</dt><dd>{{ $text }}</dd>
    @endforeach</dl>
