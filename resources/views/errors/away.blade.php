{{-- Asks nothing of the session or the database. What was typed is in its form, and goes off again by itself. --}}
<x-error code="503" :title="$title" :refresh="$fields === null && request()->isMethodSafe() ? $after : null">
    {{ $said }}
    @if ($fields !== null)
        {{ __('What you sent is here, and is sent again by itself.') }}
        <x-slot:again>
            <form method="post" rel="noreferrer" action="{{ request()->getRequestUri() }}" data-again="{{ $after }}">
                @foreach ($fields as $name => $value)
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                <button class="btn btn-primary">{{ __('Send it again now') }}</button>
            </form>
        </x-slot:again>
    @elseif (! request()->isMethodSafe())
        {{ __('Go back a page: what you typed is still there. Send it again in a moment.') }}
    @endif
</x-error>
