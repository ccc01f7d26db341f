<x-error code="404" :title="__('Nothing here')">{{ __('There is no such page, or it belongs to somebody else. What '
    .'you keep is in the stash, the swatches and the bags.') }}</x-error>
