@use(App\Bags\Steps)
@foreach (Steps::of($bag) as $way => $what)
    <form method="post" action="{{ route("bags.{$way}", $bag) }}" data-step="{{ $way }}">
        @csrf<button class="plain" @disabled($what === null)
        aria-label="{{ ucfirst($way) }}{{ $what === null ? '' : ": {$what}" }}"
        title="{{ $what === null ? 'Nothing' : ucfirst($way).": {$what}" }}, {{
            $way === 'undo' ? 'Ctrl+Z' : 'Ctrl+Shift+Z' }}"
        aria-keyshortcuts="{{ $way === 'undo' ? 'Control+Z' : 'Control+Shift+Z' }}">{{ ucfirst($way) }}</button></form>
@endforeach
