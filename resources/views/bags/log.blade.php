@use(Fescue\Core\Measure\Decimal)
@use(Fescue\Core\Measure\Length)
@php
    $many = count($record->bags);
    $mean = $record->mean();
    $drift = $record->drift();
    $say = fn (?string $length): string => $length === null ? '' : Length::parse($length)->print($unit);
@endphp
<x-layout title="Your finished bags">
    <div class="page-head"><h1>Your finished bags</h1><nav class="tabs acts" aria-label="Bags"><a
        href="{{ route('bags.index') }}">In hand</a><a href="{{ route('bags.log') }}" aria-current="page">Finished</a><a
        href="{{ route('bags.shopping') }}">Shopping list</a></nav></div>
    @if ($found->isEmpty())
        <div class="teach"><div><h2>None is written down yet</h2>
            <p>When a bag is done, measure, weigh and hang it at its Finish. What it really took and measures stands
            here beside what was planned, and makes the next plan surer.</p></div></div>
    @else
        <div class="log-page">
            <section aria-label="How honest the estimates were">
                @if ($plot !== null)
                    <div class="table-head"><h2>What they took</h2><span>each bag’s band, and where it came</span></div>
                    <div class="sheet" tabindex="0" role="group" aria-label="What each bag took">{!! $plot !!}</div>
                @endif
                <div class="scroll" tabindex="0" role="group" aria-label="All finished bags">
                <table class="plain-table">
                    <thead><tr><th scope="col">bag</th><th scope="col">done</th><th scope="col">took</th>
                        <th scope="col">expected</th><th scope="col">measures</th><th scope="col">hours</th>
                        <th scope="col">held</th><th scope="col">I would do otherwise</th></tr></thead>
                    <tbody>
                    @foreach ($found as $one)
                        @php $outcome = $one->outcome(); @endphp
                        <tr>
                            <th scope="row"><a
                                href="{{ route('bags.finish', $one->bag_id) }}">{{ $one->bag?->name() }}</a></th>
                            <td>{{ $one->created_at?->format('j M Y') }}</td>
                            <td>{{ $outcome === null ? '' : Decimal::print($outcome->came).' g' }}</td>
                            <td>{{ $outcome === null ? ''
                                : Decimal::print($outcome->low).' to '.Decimal::print($outcome->high).' g' }}</td>
                            <td>{{ implode(' × ', array_filter([$say($one->wide), $say($one->high)])) }}</td>
                            <td>{{ $one->minutes === null ? '' : Decimal::print($one->minutes / 60, 1) }}</td>
                            <td>{{ $one->load }}</td>
                            <td>{{ $one->otherwise }}</td>
                        </tr>
                    @endforeach
                    </tbody>
                </table>
                </div>
                <x-pages :of="$found" />
            </section>
            <aside class="tally" aria-label="In figures">
                <dl>
                    <div class="figure-row"><dt>in the band</dt><dd><span
                        @class(['large', 'good' => $many > 0
                        && $record->inside() >= 0.8 * $many])>{{ $record->inside() }}</span> of {{ $many }}</dd>
                        <dd class="sub">a band holds nine of ten</dd></div>
                    @if ($mean !== null)<div class="figure-row"><dt>on the average</dt>
                        <dd><b>{{ $mean >= 1 ? '+' : '−' }}{{ Decimal::print(abs(100 * ($mean - 1)), 1) }} %</b></dd>
                        <dd class="sub">{{ abs($mean - 1) < 0.02 ? 'as was likely' : ($mean > 1 ? 'more than was likely'
                        : 'less than was likely') }}</dd></div>@endif
                    <div class="figure-row"><dt>drift</dt><dd>@if ($drift === null)none to be seen @else<b
                        class="bad">{{ $drift > 0 ? '+' : '−' }}{{ Decimal::print(abs(100 * $drift), 1) }} %</b> a bag
                        @endif</dd><dd class="sub">{{ $drift === null ? 'five bags or more tell it from chance'
                        : 'more than chance: swatch anew before the next' }}</dd></div>
                </dl>
            </aside>
        </div>
    @endif
</x-layout>
