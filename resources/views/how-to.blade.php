<x-layout :title="__('How it is worked')">
    <div class="page-head">
        <h1>{{ __('How it is worked') }}</h1>
        <div class="acts"><a href="{{ route('how-to', ['hand' => $isLeft ? 'right' : 'left']) }}">{{ $isLeft
            ? __('The hook in the right hand') : __('The hook in the left hand') }}</a>
            <a href="{{ route('glossary') }}">{{ __('All words') }}</a></div>
    </div>
    <nav class="how-index" aria-label="{{ __('How it is worked') }}"><ul>
        @foreach ($all as $one)<li><a href="#{{ $one->key }}">{{ $one->name }}</a></li>@endforeach
    </ul></nav>
    <div @class(['how-to', 'left' => $isLeft])>
        @foreach ($all as $one)
            <section id="{{ $one->key }}" aria-labelledby="{{ $one->key }}-name">
                <h2 id="{{ $one->key }}-name">{{ $one->name }}</h2>
                <ol>@foreach ($one->steps as [$drawing, $does])<li>{!! $drawing
                    !!}<span>{{ $does }}</span></li>@endforeach
                </ol>
            </section>
        @endforeach
    </div>
</x-layout>
