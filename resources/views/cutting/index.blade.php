@use(App\Stash\CuttingForm)
<x-layout :title="__('Cutting table')">
    <div class="page-head">
        <h1>{{ __('Cutting table') }}</h1>
        @include('cutting.tabs')
    </div>
    <nav class="kinds" aria-label="{{ __('What to cut') }}">
        @foreach (CuttingForm::KINDS as $kind => $name)
            <a href="{{ route('cutting.index', ['kind' => $kind]) }}" @if ($kind === $form->kind) aria-current="page"
                @endif>{{ __($name) }}</a>
        @endforeach
    </nav>
    @error('batch')<div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>{{ __('Not begun.') }}</b> {{ $message }}</p></div>@enderror
    <div class="cutting">
        <form method="get" action="{{ route('cutting.index') }}#cuts" novalidate data-cutting>
            <input type="hidden" name="kind" value="{{ $form->kind }}">
            @include('cutting.fields')
            <button class="btn btn-primary">{{ __('Lay it out') }}</button>
        </form>
        <div id="cuts" data-cuts>
            @include('cutting.cuts')
        </div>
    </div>
</x-layout>
