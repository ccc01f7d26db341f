<section class="section-rule" aria-label="Give it">
    <h2>Give it</h2>
    <p class="acts"><a href="{{ route('bags.export', $bag) }}">Bag file</a> <a
        href="{{ route('bags.booklet', $bag) }}">Booklet, PDF</a></p>
    @php $link = $finish->link(); @endphp
    @if ($link === null)
        <form method="post" action="{{ route('bags.link', $bag) }}">
            @csrf<button class="btn btn-quiet">Make a link to it</button></form>
        <p class="hint">Whoever has the link sees this bag and nothing else of yours, and may take it as her own. You
            can withdraw it.</p>
    @else
        <p><input class="form-control" readonly aria-label="The link" value="{{ route('shown', $link) }}"></p>
        <form method="post" action="{{ route('bags.link', $bag) }}">
            @csrf @method('delete')<button class="plain">Withdraw the link</button></form>
    @endif
</section>
