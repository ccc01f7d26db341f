@use(App\Tongue\Tongues)
@use(Fescue\Core\Tongue\Tongue)
<x-layout :title="$sheet->bag->name()">
    <div class="page-head">
        <h1>{{ $sheet->bag->name() }}</h1>
        <nav class="tabs acts" aria-label="{{ __('Stitch names') }}">
            @foreach (Tongues::ofPatterns() as $tongue => $named)
                <a href="{{ route('shown', [$token, 'terms' => Tongue::terms($tongue)->value]) }}" lang="{{ $tongue }}"
                    @if ($sheet->terms === Tongue::terms($tongue)) aria-current="true" @endif>{{ $named }}</a>
            @endforeach
            <a href="{{ route('shown.booklet', [$token, 'terms' => $sheet->terms->value]) }}">{{ __('Booklet, PDF')
                }}</a>
        </nav>
    </div>
    <div class="words-page">
        <section aria-label="{{ __('Pattern') }}">
            @foreach ($sheet->words()->drawings() as $name => [$title, $canvas, $said])
                <div class="table-head"><h2 lang="{{ $sheet->tongue()->locale() }}">{{ $title }}</h2><span>{{
                    __('drawn {ratio}', ['ratio' => $canvas->ratio()])
                    }}{{
                    $said === '' ? '' : ", {$said}" }}</span></div>
                <div class="sheet" tabindex="0" role="group" lang="{{ $sheet->tongue()->locale() }}"
                    aria-label="{{ __('{drawing}, drawn', ['drawing' => $title]) }}">{!! $canvas->inline() !!}</div>
            @endforeach
            @include('bags.pattern')
        </section>
        <aside aria-label="{{ __('What you need') }}">
            <div class="section-rule">
                <h2>{{ __('Make it yours') }}</h2>
                @auth
                    <form method="post" action="{{ route('shown.take', $token) }}">
                        @csrf<button class="btn btn-primary">{{ __('Take it as my own') }}</button></form>
                @else
                    <p><a class="btn btn-primary" href="{{ route('register') }}">{{ __('Register to take it') }}</a></p>
                    <p>@told('Or <a>sign in</a>, and come back to this link.', [], [route('sign-in')])</p>
                @endauth
                <p class="hint">{{ __('Then it follows your own strand, hook and swatch, at any size.') }}</p>
            </div>
        </aside>
    </div>
</x-layout>
