{{-- Fields that another page changed while this one did. --}}
<div class="met" role="alert">
    <p>@told('<b>Changed on another page meanwhile.</b> Nothing of either is lost; what stands is theirs.')</p>
    <ul>
        @foreach ($met as $one)
            <li>
                <span>{{ __('{field}: yours {mine}, theirs {theirs}.', [
                    'field' => $one['name'], 'mine' => $one['mine'], 'theirs' => $one['theirs'],
                ]) }}</span>
                <form method="post" action="{{ route('bags.keep-mine', $bag) }}">
                    @csrf
                    <input type="hidden" name="field" value="{{ $one['field'] }}">
                    <input type="hidden" name="value" value="{{ $one['value'] }}">
                    <button class="btn btn-quiet">{{ __('Keep mine: {mine}', ['mine' => $one['mine']]) }}</button>
                </form>
            </li>
        @endforeach
    </ul>
</div>
