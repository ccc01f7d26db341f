{{-- A field to find in a list by name. --}}
@props(['to', 'q'])
<form class="sift" method="get" action="{{ $to }}" role="search">
    <label>{{ __('Search') }} <input class="form-control" type="search" name="q" value="{{ $q }}" maxlength="60"
        autocomplete="off"></label>
    <button class="btn btn-quiet">{{ __('Find') }}</button>
</form>
