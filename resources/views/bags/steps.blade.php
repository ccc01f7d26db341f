@use(App\Bags\Steps)
@foreach (Steps::of($bag) as $way => $what)
    @php $said = $way === 'undo' ? __('Undo') : __('Redo'); @endphp
    <form method="post" action="{{ route("bags.{$way}", $bag) }}" data-step="{{ $way }}">
        @csrf<button class="plain" @disabled($what === null)
        aria-label="{{ $said }}{{ $what === null ? '' : ": {$what}" }}"
        title="{{ $what === null ? __('Nothing') : "{$said}: {$what}" }}, {{
            $way === 'undo' ? 'Ctrl+Z' : 'Ctrl+Shift+Z' }}"
        aria-keyshortcuts="{{ $way === 'undo' ? 'Control+Z' : 'Control+Shift+Z' }}">{{ $said }}</button></form>
@endforeach
