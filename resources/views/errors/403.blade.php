<x-error code="403" :title="__('Not yours to see')">{{ __('This page is closed to you. Sign in with the account it '
    .'belongs to.') }}</x-error>
