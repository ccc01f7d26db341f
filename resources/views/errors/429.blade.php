<x-error code="429" :title="__('Too many tries')">{{ __('Wait a minute, then try again.') }}</x-error>
