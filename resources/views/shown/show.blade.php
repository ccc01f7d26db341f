@use(Fescue\Core\Instruction\Vocabulary)
@use(Fescue\Core\Stitch\Terms)
<x-layout :title="$sheet->bag->name()">
    <div class="page-head">
        <h1>{{ $sheet->bag->name() }}</h1>
        <nav class="tabs acts" aria-label="Stitch names">
            @foreach (Terms::cases() as $terms)<a href="{{ route('shown', [$token, 'terms' => $terms->value]) }}"
                @if ($sheet->terms === $terms) aria-current="true"
                @endif>{{ Vocabulary::of($terms)->called }}</a>@endforeach
            <a href="{{ route('shown.booklet', [$token, 'terms' => $sheet->terms->value]) }}">Booklet, PDF</a>
        </nav>
    </div>
    <div class="words-page">
        <section aria-label="Pattern">
            @foreach ($sheet->words()->drawings() as $name => [$title, $canvas, $said])
                <div class="table-head"><h2>{{ ucfirst(substr($title, 4)) }}</h2><span>drawn
                    {{ $canvas->ratio() }}{{ $said }}</span></div>
                <div class="sheet" tabindex="0" role="group"
                    aria-label="Drawing of the {{ substr($title, 4) }}">{!! $canvas->inline() !!}</div>
            @endforeach
            @include('bags.pattern')
        </section>
        <aside aria-label="What you need">
            <div class="section-rule">
                <h2>Make it yours</h2>
                @auth
                    <form method="post" action="{{ route('shown.take', $token) }}">
                        @csrf<button class="btn btn-primary">Take it as my own</button></form>
                @else
                    <p><a class="btn btn-primary" href="{{ route('register') }}">Register to take it</a></p>
                    <p>Or <a href="{{ route('sign-in') }}">sign in</a>, and come back to this link.</p>
                @endauth
                <p class="hint">Then it follows your own strand, hook and swatch, at any size.</p>
            </div>
        </aside>
    </div>
</x-layout>
