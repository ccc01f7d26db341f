@use(App\Stash\StashSearch)
@use(Fescue\Core\Stock\Move)
<x-layout :title="__('Ledger')">
    <div class="page-head">
        <h1>{{ __('Stash') }}</h1>
        @include('stash.tabs')
    </div>
    @error('entry')<div class="flash trouble" role="alert" tabindex="-1" data-focus><p>{{ $message }}</p></div>@enderror
    @if ($search->found->isEmpty() && ! $search->isNarrowed())
        <div class="teach"><div>
            <h2>{{ __('Nothing has come or gone') }}</h2>
            <p>{{ __('Every gram on hand is the sum of what is written here: bought, cut, wound, used, weighed, '
                .'given away. Lines are entered at each material.') }}</p>
            <p><a class="btn btn-primary" href="{{ route('stash.index') }}">{{ __('To the materials') }}</a></p>
        </div></div>
    @else
        <form class="sift" method="get" action="{{ route('stash.ledger') }}" role="search">
            <label>{{ __('Search') }} <input class="form-control" type="search" name="q" value="{{ $search->typed['q']
                }}"
                autocomplete="off"></label>
            <label>{{ __('Material') }} <select class="form-select" name="material">
                <option value="">{{ __('all') }}</option>@foreach ($materials as $id => $name)
                <option value="{{ $id }}" @selected($search->typed['material'] === (string) $id)>{{ $name }}</option>
                @endforeach</select></label>
            <label>{{ __('What') }} <select class="form-select" name="move"><option
                value="">{{ __('all') }}</option>@foreach (Move::cases() as $move)
                <option value="{{ $move->value }}"
                @selected($search->typed['move'] === $move->value)>{{ __($move->said()) }}</option>@endforeach
                </select></label>
            <label>{{ __('Order') }} <select class="form-select" name="sort">
                @foreach (StashSearch::ENTRY_ORDERS as $order => $name)
                <option value="{{ $order }}" @selected($search->typed['sort'] === $order)>{{ __($name) }}</option>
                @endforeach</select></label>
            <button class="btn btn-quiet">{{ __('Find') }}</button>
        </form>
        @if ($search->found->isEmpty())
            <p class="section-rule">@told('No line is like that. <a>Show everything</a>', [],
                [route('stash.ledger')])</p>
        @else
            <div class="wide">@include('stash.entries', ['entries' => $search->found, 'of' => true])</div>
            <x-pages :of="$search->found" />
        @endif
    @endif
</x-layout>
