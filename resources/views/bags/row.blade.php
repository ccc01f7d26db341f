{{-- A bag in a list: what it is, whether the material is enough, what comes out. --}}
@use(Fescue\Core\Measure\Decimal)
@props(['bag', 'sheet'])
<li>
    {!! $bag->chip($sheet?->plan->spec->strands->own) !!}
    <div class="what">
        <h2><a href="{{ route('bags.plan', $bag) }}">{{ $bag->name() }}</a></h2>
        <p class="sub">{{ $bag->material->name ?? 'material from its file' }}</p>
        @if ($sheet)
            @php [$next, $where] = $sheet->next(); @endphp
            <p class="sub">next: <a href="{{ $where }}">{{ $next }}</a></p>
        @endif
    </div>
    @if ($sheet)
        <p class="figure first"><b>{{ $sheet->figure($sheet->plan->comesOut->flatWidth) }} × {{ $sheet->figure($sheet->plan->comesOut->height) }}</b> {{ $sheet->unit->value }}<span>lying flat</span></p>
        <p class="figure"><b>{{ count($sheet->plan->work->rows) }}</b><span>rounds</span></p>
        <p class="figure"><b>{{ Decimal::print($sheet->estimate->grams->likely) }}</b> g<span>of {{ $sheet->plan->spec->strands->own->kind->noun() }}</span></p>
        <p @class(['figure', 'good' => $sheet->estimate->isSure() === true, 'bad' => $sheet->estimate->isSure() === false])>
            @if ($sheet->estimate->inHundred() !== null)<b>{{ $sheet->estimate->inHundred() }}</b> in 100<span>enough</span>@else<b>?</b><span>ball not weighed</span>@endif
        </p>
    @else
        <p class="figure first bad"><b>No plan</b><span>its material or swatch changed; open it to mend it</span></p><p class="figure"></p><p class="figure"></p><p class="figure"></p>
    @endif
    <form class="acts" method="post" action="{{ route('bags.destroy', $bag) }}">@csrf @method('delete')<button class="plain" aria-label="Put away {{ $bag->name() }}">Put away</button></form>
</li>
