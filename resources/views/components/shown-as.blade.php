{{-- Pictures or a list, as she likes. --}}
@props(['of', 'pictures', 'said', 'list'])
<form class="wall-or-list" method="post" action="{{ route('shown.as', $of) }}">
    @csrf
    @if (! $list)<span>{{ $said }}</span>@endif
    <button class="plain" name="as" value="pictures" @if (! $list) aria-pressed="true" @endif>{{ $pictures }}</button>
    <button class="plain" name="as" value="list" @if ($list) aria-pressed="true" @endif>{{ __('List') }}</button>
</form>
