<x-layout :title="__('Bags')">
    <div class="page-head">
        <h1>{{ __('Bags') }}</h1>
        <nav class="tabs acts" aria-label="{{ __('Bags') }}"><a href="{{ route('bags.index') }}" aria-current="page">{{
            __('In hand') }}</a><a
            href="{{ route('bags.log') }}">{{ __('Finished') }}</a><a href="{{ route('bags.shopping') }}">{{
                __('Shopping list') }}</a></nav>
        <div class="acts">
            <a href="{{ route('bags.import') }}">{{ __('Read a bag file') }}</a>
            <a class="btn btn-primary" href="{{ route('begin') }}">{{ __('Plan a bag') }}</a>
        </div>
    </div>
    @if ($q !== '' || $found->hasPages())
        <x-search :to="route('bags.index')" :q="$q" />
    @endif
    @if ($listed === [] && $q !== '')
        <p>{{ __('No bag of yours is called so. Try fewer letters of its name.') }}</p>
    @elseif ($listed === [])
        <div class="teach">
            <div>
                <h2>{{ __('No bag in hand yet') }}</h2>
                @if ($ready)
                    <p>{{ __('You have a material and a swatch. Say how long, wide and high the bag should be, and '
                        .'Fescue counts the rest.') }}</p>
                    <p><a class="btn btn-primary" href="{{ route('begin') }}">{{ __('Plan a bag') }}</a></p>
                @else
                    <p>{{ __('A bag is planned from a weighed material and a measured swatch. Begin with those, or '
                        .'read a bag somebody sent you.') }}</p>
                    <p><a class="btn btn-primary" href="{{ route('stash.create') }}">{{ __('Weigh a material') }}</a> <a
                        class="beside" href="{{ route('bags.import') }}">{{ __('Read a bag file') }}</a></p>
                @endif
            </div>
        </div>
    @else
        @include('bags.wall')
        <x-pages :of="$found" />
    @endif
</x-layout>
