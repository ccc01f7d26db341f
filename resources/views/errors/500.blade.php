<x-error code="500" :title="__('Something broke here')">{{ __('The fault is Fescue’s, not yours, and it is written in '
    .'the log. What was kept is safe; go back and try again.') }}</x-error>
