<section class="section-rule" aria-label="{{ __('Give it') }}">
    <h2>{{ __('Give it') }}</h2>
    <p class="acts"><a href="{{ route('bags.export', $bag) }}">{{ __('Bag file') }}</a> <a
        href="{{ route('bags.booklet', $bag) }}">{{ __('Booklet, PDF') }}</a></p>
    @php $link = $finish->link(); @endphp
    @if ($link === null)
        <details class="above"><summary>{{ __('A link to it') }}</summary>
        <form method="post" action="{{ route('bags.link', $bag) }}">
            @csrf<button class="btn btn-quiet">{{ __('Make a link to it') }}</button></form>
        <p class="hint">{{ __('Whoever has the link sees this bag and nothing else of yours, and may take it as '
            .'her own. You can withdraw it.') }}</p></details>
    @else
        <p><input class="form-control" readonly aria-label="{{ __('The link') }}" value="{{ route('shown', $link)
            }}"></p>
        <form method="post" action="{{ route('bags.link', $bag) }}">
            @csrf @method('delete')<button class="plain">{{ __('Withdraw the link') }}</button></form>
    @endif
</section>
