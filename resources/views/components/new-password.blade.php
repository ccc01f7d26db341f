{{-- A password to be chosen, typed twice. page.js says in the hint how good it is. --}}
@props(['label', 'again'])
<x-field name="password" :label="$label"
    :hint="__('12 letters or more; four words that have nothing to do with each other are easily kept.')"
    :data-wanting="__('{n} more.', ['n' => '{n}'])"
    :data-guessed-name="__('Long enough, but your own name is what one guesses first.')"
    :data-guessed-soon="__('Long enough, but the same few letters are soon guessed.')"
    :data-long-enough="__('Long enough.')" type="password"
    autocomplete="new-password" :keep="false" required />
<x-field name="password_confirmation" :label="$again" type="password" autocomplete="new-password" :keep="false"
    required />
