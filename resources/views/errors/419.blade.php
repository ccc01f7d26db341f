<x-error code="419" :title="__('The page waited too long')">{{ __('For safety a form lasts as long as your visit. Go '
    .'back, load the page anew and send it again; your browser keeps what you typed.') }}</x-error>
