@use(App\Bags\Wall)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Measure\Length)
@php
    $many = count($record->bags);
    $mean = $record->mean();
    $drift = $record->drift();
    $say = fn (?string $length): string => $length === null ? '' :
        Tongues::printed(Length::parse($length)->print($unit));
@endphp
<x-layout :title="__('Your finished bags')">
    <div class="page-head"><h1>{{ __('Your finished bags') }}</h1><nav class="tabs acts" aria-label="{{ __('Bags')
        }}"><a
        href="{{ route('bags.index') }}">{{ __('In hand') }}</a><a href="{{ route('bags.log') }}" aria-current="page">{{
        __('Finished') }}</a><a
        href="{{ route('bags.shopping') }}">{{ __('Shopping list') }}</a></nav></div>
    @if ($found->isEmpty())
        <div class="teach"><div><h2>{{ __('None is written down yet') }}</h2>
            <p>{{ __('When a bag is done, measure, weigh and hang it at its Finish. What it really took and '
                .'measures stands here beside what was planned, and makes the next plan surer.') }}</p></div></div>
    @else
        <div class="log-page">
            <section aria-label="{{ __('How honest the estimates were') }}">
                <ul class="wall finished">
                    @foreach ($wall->listed as $one)
                        @php $photograph = $photographs[$one->id] ?? null; @endphp
                        <li><a class="stands" href="{{ route('bags.finish', $one->id) }}" aria-hidden="true"
                            tabindex="-1">
                            @if ($photograph !== null)<img loading="lazy" alt=""
                                src="{{ route('bags.picture', [$one->id, $photograph]) }}">
                            @elseif ($one->plan !== null)<img loading="lazy" alt="" src="{{ $wall->picture($one) }}"
                                width="{{ Wall::WIDE }}" height="{{ Wall::HIGH }}">
                            @endif</a>
                            <h2><a href="{{ route('bags.finish', $one->id) }}">{{ $one->name }}</a></h2></li>
                    @endforeach
                </ul>
                @if ($plot !== null)
                    <div class="table-head"><h2>{{ __('What they took') }}</h2><span>{{
                        __('each bag’s band, and where it came') }}</span></div>
                    <div class="sheet" tabindex="0" role="group" aria-label="{{ __('What each bag took') }}">{!! $plot
                        !!}</div>
                @endif
                @if ($hours !== null)
                    <div class="table-head"><h2>{{ __('Hours') }}</h2><span>{{ __('of the hook, as you kept them')
                        }}</span></div>
                    <div class="sheet" tabindex="0" role="group" aria-label="{{ __('Hours of each bag') }}">{!! $hours
                        !!}</div>
                @endif
                <div class="wide" tabindex="0" role="group" aria-label="{{ __('All finished bags') }}">
                <table class="plain-table">
                    <thead><tr><th scope="col">{{ __('bag') }}</th><th scope="col">{{ __('done') }}</th><th
                        scope="col">{{ __('took') }}</th>
                        <th scope="col">{{ __('expected') }}</th><th scope="col">{{ __('measures') }}</th><th
                            scope="col">{{ __('hours') }}</th>
                        <th scope="col">{{ __('held') }}</th><th scope="col">{{ __('I would do otherwise')
                            }}</th></tr></thead>
                    <tbody>
                    @foreach ($found as $one)
                        @php $outcome = $one->outcome(); @endphp
                        <tr>
                            <th scope="row"><a
                                href="{{ route('bags.finish', $one->bag_id) }}">{{ $one->bag?->name() }}</a></th>
                            <td>{{ $one->created_at?->translatedFormat('j M Y') }}</td>
                            <td>{{ $outcome === null ? '' : Tongues::figure($outcome->came).' g' }}</td>
                            <td>{{ $outcome === null ? ''
                                : __('{low} to {high} g', [
                                    'low' => Tongues::figure($outcome->low), 'high' => Tongues::figure($outcome->high),
                                ]) }}</td>
                            <td>{{ implode(' × ', array_filter([$say($one->wide), $say($one->high)])) }}</td>
                            <td>{{ $one->minutes === null ? '' : Tongues::figure($one->minutes / 60, 1) }}</td>
                            <td>{{ $one->load }}</td>
                            <td>{{ $one->otherwise }}</td>
                        </tr>
                    @endforeach
                    </tbody>
                </table>
                </div>
                <x-pages :of="$found" />
            </section>
            <aside class="tally" aria-label="{{ __('In figures') }}">
                <dl>
                    <div class="figure-row"><dt>{{ __('in the band') }}</dt><dd><span
                        @class(['large', 'good' => $many > 0
                        && $record->inside() >= 0.8 * $many])>{{ $record->inside() }}</span> {{ __('of {n}', ['n' =>
                            $many]) }}</dd>
                        <dd class="sub">{{ __('a band holds nine of ten') }}</dd></div>
                    @if ($mean !== null)<div class="figure-row"><dt>{{ __('on the average') }}</dt>
                        <dd><b>{{ $mean >= 1 ? '+' : '−' }}{{ Tongues::figure(abs(100 * ($mean - 1)), 1) }} %</b></dd>
                        <dd class="sub">{{ abs($mean - 1) < 0.02 ? __('as was likely') : ($mean > 1 ?
                            __('more than was likely')
                        : __('less than was likely')) }}</dd></div>@endif
                    <div class="figure-row"><dt>{{ __('drift') }}</dt><dd>@if ($drift === null){{ __('none to be seen')
                        }}@else<b
                        class="bad">{{ $drift > 0 ? '+' : '−' }}{{ Tongues::figure(abs(100 * $drift), 1) }} %</b>
                        {{ __('from bag to bag') }}@endif</dd><dd class="sub">{{ $drift === null ?
                            __('five bags or more tell it from chance')
                        : __('more than chance: swatch anew before the next') }}</dd></div>
                </dl>
            </aside>
        </div>
    @endif
</x-layout>
