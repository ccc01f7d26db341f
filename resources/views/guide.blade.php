<x-layout :title="__('What each page is for')" narrow>
    <div class="page-head"><h1>{{ __('What each page is for') }}</h1></div>
    @foreach ($pages as [$key, $name, $lines])
        <section class="section-rule guide" id="{{ $key }}" aria-labelledby="guide-{{ $key }}">
            <h2 id="guide-{{ $key }}">{{ $name }}</h2>
            <ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>
        </section>
    @endforeach
</x-layout>
