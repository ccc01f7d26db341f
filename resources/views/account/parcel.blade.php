<x-layout :title="__('Everything of yours')" narrow>
    <h1>{{ __('Everything of yours') }}</h1>
    @if ($parcel !== null && ! $parcel->isDone())
        @if (request()->query('go') === 'on')<noscript><meta http-equiv="refresh" content="0"></noscript>@endif
        <section class="section-rule" data-parcel="{{ route('account.parcel.step') }}"
            data-stopped="{{ __('It stopped. Load the page again to go on.') }}">
            <h2>{{ __('It is put together') }}</h2>
            <p><progress max="100" value="{{ $parcel->percent() }}"
                aria-label="{{ __('How far it is') }}">{{ $parcel->percent() }} %</progress>
                    <output>{{ $parcel->percent() }}
                %</output></p>
            <noscript><p><a href="{{ route('account.parcel', ['go' => 'on']) }}">{{ __('Go on') }}</a></p></noscript>
        </section>
    @elseif ($parcel !== null)
        <section class="section-rule">
            <h2>{{ __('It is ready') }}</h2>
            <p><a class="btn btn-primary" href="{{ route('account.parcel.fetch') }}">{{ __('Keep the zip') }}</a></p>
            <p class="hint">{{ __('It stays here for an hour, or until you make another.') }}</p>
        </section>
    @endif
    <section class="section-rule">
        <h2>{{ __('Out, as one file') }}</h2>
        <p>{{ __('Bags, patterns, stash, swatches, cuts, logs and pictures as open files in one zip, with a page that '
            .'says what is what. No password is in it.') }}</p>
        <form method="post" action="{{ route('account.parcel') }}">
            @csrf<button class="btn btn-quiet">{{ $parcel === null ? __('Put it together')
            : __('Put it together anew') }}</button></form>
    </section>
    <section class="section-rule">
        <h2>{{ __('In again') }}</h2>
        @if ($reading)
            <meta http-equiv="refresh" content="2">
            <p role="status">{{ __('It is being read in, and looked at row by row. This page goes on by itself.') }}</p>
        @elseif ($empty)
            <p>{{ __('This account is empty: the zip of another brings all of it here.') }}</p>
            <form method="post" action="{{ route('account.parcel.read') }}" enctype="multipart/form-data">
                @csrf
                <div class="field">
                    <label for="file">{{ __('The zip') }}</label>
                    <input class="form-control" type="file" id="file" name="file" accept=".zip,application/zip"
                        aria-describedby="file-wrong">
                    <p class="wrong" id="file-wrong" role="alert">{{ $errors->first('file') }}</p>
                </div>
                <button class="btn btn-quiet">{{ __('Read it in') }}</button>
            </form>
        @else
            @error('file')<p class="wrong" role="alert">{{ $message }}</p>@enderror
            <p>{{ __('A zip is read into an empty account only, so that nothing is mixed. Register another, and read '
                .'it '
                .'there.') }}</p>
        @endif
    </section>
    <p class="section-rule"><a href="{{ route('account') }}">{{ __('Back to your account') }}</a></p>
</x-layout>
