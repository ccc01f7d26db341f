@use(App\Rules\Typed)
<x-layout :title="__('Read a bag file')" narrow>
    <h1>{{ __('Read a bag file') }}</h1>
    <p>{{ __('A file that Fescue exported: the plan with the material and swatch it stood on. Nothing is added to '
        .'your stash; you can choose your own material for it after.') }}</p>
    @if ($errors->has('file'))
        <div class="flash trouble" role="alert" tabindex="-1" data-focus>
            <p>@told('<b>Not read.</b> Nothing was kept.')</p>
            <ul>
                @foreach ($errors->get('file') as $message)
                    <li>{{ $message }}</li>
                @endforeach
            </ul>
        </div>
    @endif
    <form method="post" action="{{ route('bags.import') }}" enctype="multipart/form-data">
        @csrf
        <x-sent-text accept=".json,application/json" :most="\Fescue\Core\Document\Json::MOST_BYTES"
            :label="__('or its text')"
            :text="Typed::before('text', '')" rows="12" />
        <button class="btn btn-primary">{{ __('Read it') }}</button>
        <a class="beside" href="{{ route('bags.index') }}">{{ __('Back to the bags') }}</a>
    </form>
</x-layout>
