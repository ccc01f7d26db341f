<x-layout :title="__('Words and stitches')">
    <div class="page-head"><h1>{{ __('Words and stitches') }}</h1>
        <div class="acts"><a href="{{ route('how-to') }}">{{ __('How it is worked') }}</a></div></div>
    @foreach (['trade' => __('Words of the trade'), 'ours' => __('Words of Fescue'),
        'fabrics' => __('Fabrics')] as $part => $title)
        <section class="section-rule" aria-labelledby="part-{{ $part }}">
            <h2 id="part-{{ $part }}">{{ $title }}</h2>
            <dl class="glossary">
                @foreach ($parts[$part] as $term)
                    <div id="{{ $term->key }}">
                        <dt>{!! $term->drawing !!}{{ $term->name }}</dt>
                        <dd>{{ $term->said }}</dd>
                    </div>
                @endforeach
            </dl>
        </section>
    @endforeach
</x-layout>
