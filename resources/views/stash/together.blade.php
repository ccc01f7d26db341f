@use(App\Drawing\SwatchChip)
@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\LengthUnit)
<x-layout title="Held together">
    <div class="page-head">
        <h1>Held together</h1>
        <div class="acts"><a href="{{ route('stash.index') }}">Back to the stash</a></div>
    </div>
    @if ($cords->isEmpty())
        <div class="teach">
            <div>
                <p>Thin cords worked as one make a bulky strand. Weigh them first, then come back and say how many ends of each.</p>
                <p><a class="btn btn-primary" href="{{ route('stash.create') }}">Weigh a cord</a></p>
            </div>
        </div>
    @else
        <div class="words-page">
            <form method="get" action="{{ route('stash.together') }}">
                <p>How many ends of each? Two ends of one cord come off the same stock.</p>
                <ul class="rows strands">
                    @foreach ($cords as $cord)
                        @php $wrong = $errors->first("ends.{$cord->id}"); @endphp
                        <li>
                            {!! SwatchChip::of($cord->colour, $cord->diameter) !!}
                            <div class="what">
                                <label for="ends-{{ $cord->id }}">{{ $cord->name }}</label>
                                <p class="sub">{{ $cord->diameter->exact(LengthUnit::Millimetre) }}, {{ $cord->density()->print() }}@if ($cord->on_hand), {{ $cord->on_hand->print() }} on hand @else, ball not weighed @endif</p>
                                @if ($wrong !== '')<p class="wrong" id="ends-{{ $cord->id }}-wrong">{{ $wrong }}</p>@endif
                            </div>
                            <input id="ends-{{ $cord->id }}" name="ends[{{ $cord->id }}]" inputmode="numeric" autocomplete="off" placeholder="0" value="{{ $typed($cord) }}" @class(['form-control', 'is-invalid' => $wrong !== '']) @if ($wrong !== '') aria-invalid="true" aria-describedby="ends-{{ $cord->id }}-wrong" @endif>
                        </li>
                    @endforeach
                </ul>
                <p class="section-rule"><button class="btn btn-primary">Hold them together</button></p>
            </form>
            <section class="tally" aria-label="Held together">
                @if ($held === null)
                    <p class="section-rule">@if ($errors->any())Mend what is marked, and the strand stands here.@else Say how many ends at the left, and the strand stands here.@endif</p>
                @else
                    @php
                        $one = $held->asOne();
                        $hook = $one->firmHook();
                        $first = $held->runsOutFirst();
                    @endphp
                    <dl>
                        <div class="figure-row"><dt>as one strand</dt><dd><span class="large">{{ Decimal::print($one->density->gramsPerMetre, 1) }}</span> g/m</dd><dd class="sub">{{ $held->ends() }} {{ $held->ends() === 1 ? 'end' : 'ends' }} · {{ Decimal::print($one->density->tex()) }} tex</dd></div>
                        <div class="figure-row"><dt>as thick as</dt><dd><span class="large">{{ Decimal::print($one->diameter->mm, 1) }}</span> mm</dd></div>
                        <div class="figure-row"><dt>try first</dt><dd><b>{{ $hook->print() }}</b></dd><dd class="sub">{{ $hook->steps(1)->print() }} for a tight hand or a drapey sack, {{ $hook->steps(-1)->print() }} for straps</dd></div>
                        <div class="figure-row"><dt>runs out first</dt>
                            @if ($first)
                                <dd><b>{{ $first->name }}</b></dd><dd class="sub">after {{ Decimal::print($first->lasts()?->in(LengthUnit::Metre) ?? 0) }} m, {{ $one->onHand?->print() }} of all</dd>
                            @else
                                <dd>not known</dd><dd class="sub">weigh every ball of these first</dd>
                            @endif
                        </div>
                    </dl>
                    @if ($first)
                        <h2>When it runs out</h2>
                        <ul class="list-plain">
                            @foreach ($held->strands as $strand)
                                <li><span>{{ $strand->name }}@if ($strand->ends > 1), {{ $strand->ends }} ends @endif</span><b>{{ $strand === $first ? 'out' : Decimal::print(max(0, ($strand->lasts()->mm - $first->lasts()->mm) / 1000 * $strand->ends)).' m left' }}</b></li>
                            @endforeach
                        </ul>
                    @endif
                    <ul class="notes">
                        <li><b>A metal hook glides better</b> through several strands. Lay a new strand in at the last draw-through of a stitch and work over both tails; thread the ends separately.</li>
                        <li class="care"><b>Thick strands strain the hands.</b> Take the larger hook when it pulls, and breaks; stop when it hurts.</li>
                    </ul>
                @endif
            </section>
        </div>
    @endif
</x-layout>
