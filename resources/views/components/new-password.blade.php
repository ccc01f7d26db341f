{{-- A password to be chosen, typed twice. page.js says in the hint how good it is. --}}
@props(['label'])
<x-field name="password" :label="$label"
    hint="12 letters or more; four words that have nothing to do with each other are easily kept." type="password"
    autocomplete="new-password" :keep="false" required />
<x-field name="password_confirmation" :label="$label.' again'" type="password" autocomplete="new-password" :keep="false"
    required />
