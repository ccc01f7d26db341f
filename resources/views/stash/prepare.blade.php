@use(App\Rules\Typed)
@use(App\Tongue\Tongues)
@use(Fescue\Core\Piece\TabStep)
<x-layout :title="__('Tabs to prepare')">
    <div class="page-head">
        <h1>{{ __('Tabs to prepare') }}</h1>
        @include('stash.tabs')
    </div>
    @forelse ($sheets as ['bag' => $bag, 'sheet' => $sheet])
        @php $tabs = $sheet->plan->assembly()->tabs; @endphp
        <section class="section-rule" aria-labelledby="bag-{{ $bag->id }}">
            <h2 id="bag-{{ $bag->id }}"><a href="{{ route('bags.plan', $bag) }}">{{ $bag->name() }}</a></h2>
            <p class="sub">{{ __('{total} tabs: {squares} squares of {perSquare}.', [
                'total' => Tongues::figure($tabs->total), 'squares' => $tabs->squares,
                'perSquare' => $tabs->perSquare,
            ]) }}</p>
            <ol class="prepare">
                @foreach (TabStep::cases() as $step)
                    @php
                        $need = $step->of($tabs);
                        $there = $done[$bag->id][$step->value];
                        $id = "{$bag->id}-{$step->value}";
                    @endphp
                    <li @class(['done' => $there >= $need])>
                        <p><b>{{ __($step->said()) }}</b> <span class="much">{{ __('{nth} of {all}', [
                            'nth' => Tongues::figure($there), 'all' => Tongues::figure($need),
                        ]) }}</span></p>
                        <svg viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true"><rect width="100"
                            height="4" class="all"/><rect width="{{ round(min(100, 100 * $there / $need), 1) }}"
                            height="4" class="so-far"/></svg>
                        @if ($step->care() !== '')<p class="care-line">{{ __($step->care()) }}</p>@endif
                        <form method="post" action="{{ route('stash.prepare.add', $bag) }}">
                            @csrf
                            <input type="hidden" name="step" value="{{ $step->value }}">
                            <label for="more-{{ $id }}">{{ __('more done') }}</label>
                            <input class="form-control" id="more-{{ $id }}" name="more" inputmode="numeric"
                                autocomplete="off" maxlength="7"
                                value="{{ Typed::before('step') === $step->value && $errors->has("more-{$id}")
                                    ? Typed::before('more') : '' }}"
                                aria-describedby="more-{{ $id }}-wrong">
                            <button class="btn btn-quiet"
                                aria-label="{{ __('Add to “{step}”, {bag}', ['step' => __($step->said()), 'bag' =>
                                $bag->name()]) }}">{{ __('Add') }}</button>
                            <p class="wrong" id="more-{{ $id }}-wrong">{{ $errors->first("more-{$id}") }}</p>
                        </form>
                    </li>
                @endforeach
            </ol>
        </section>
    @empty
        <div class="teach">
            <div>
                <h2>{{ __('No bag of tabs yet') }}</h2>
                <p>{{ __('A bag of tab squares says how many tabs it takes, how many a square, and which tongues '
                    .'are bent; here they are collected, sorted, washed and bent, a handful at a time.') }}</p>
                <p><a class="btn btn-primary" href="/begin?bag=tabs">{{ __('Begin one') }}</a></p>
            </div>
        </div>
    @endforelse
</x-layout>
