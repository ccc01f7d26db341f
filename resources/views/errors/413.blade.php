<x-error code="413" :title="__('Too large')">{{ __('What was sent is larger than Fescue reads. A bag file is at most '
    .'256 KB, a table 4 MB, a picture 24 MB.') }}</x-error>
