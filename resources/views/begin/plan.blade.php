@use(Fescue\Core\Report\Notes)
<x-layout :title="$sheet->bag->name()">
    <div class="page-head">
        <h1>{{ $sheet->bag->name() }}</h1>
        <div class="acts">
            <a class="beside" href="/begin?{{ $begun->query() }}">{{ __('Back') }}</a>
            @guest<a class="btn btn-primary"
                href="{{ route('register') }}?begin={{ urlencode($begun->query()) }}">{{
                    __('Register and keep it') }}</a>@endguest
        </div>
    </div>
    <div class="begun-plan">
        <div class="drawing">
            @include('bags.drawing')
            <h2>{{ __('Words') }}</h2>
            @include('bags.pattern')
        </div>
        <section class="answer" aria-label="{{ __('The answer') }}">
            @include('begin.figures', ['sheet' => $answer])
            <ul class="notes" aria-label="{{ __('Watch out') }}">
                @foreach ($sheet->notes as $note)
                    @continue($note->code === Notes::AGAINST_WISH)
                    <li class="{{ $note->tone->value }}" lang="{{ $sheet->tongue()->locale() }}"><b
                        >{{ $sheet->tongue()->say($note->lead) }}</b>
                        {{ $sheet->tongue()->say($note->rest) }}</li>
                @endforeach
            </ul>
        </section>
    </div>
</x-layout>
