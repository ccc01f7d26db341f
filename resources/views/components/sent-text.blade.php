{{-- A file, or its text pasted. --}}
@props(['accept', 'most', 'label', 'text' => '', 'rows' => 8])
<div class="field">
    <label for="file">{{ __('File') }}</label>
    <input id="file" name="file" type="file" class="form-control" accept="{{ $accept }}" aria-describedby="file-wrong"
        data-most-bytes="{{ $most }}">
    <p class="wrong" id="file-wrong" role="alert"></p>
</div>
<div class="field">
    <label for="text">{{ $label }}</label>
    <textarea id="text" name="text" rows="{{ $rows }}" class="form-control" spellcheck="false">{{ $text }}</textarea>
</div>
