<x-layout title="Everything of yours" narrow>
    <h1>Everything of yours</h1>
    @if ($parcel !== null && ! $parcel->isDone())
        @if (request()->query('go') === 'on')<noscript><meta http-equiv="refresh" content="0"></noscript>@endif
        <section class="section-rule" data-parcel="{{ route('account.parcel.step') }}">
            <h2>It is put together</h2>
            <p><progress max="100" value="{{ $parcel->percent() }}"
                aria-label="How far it is">{{ $parcel->percent() }} %</progress> <output>{{ $parcel->percent() }}
                %</output></p>
            <noscript><p><a href="{{ route('account.parcel', ['go' => 'on']) }}">Go on</a></p></noscript>
        </section>
    @elseif ($parcel !== null)
        <section class="section-rule">
            <h2>It is ready</h2>
            <p><a class="btn btn-primary" href="{{ route('account.parcel.fetch') }}">Keep the zip</a></p>
            <p class="hint">It stays here for an hour, or until you make another.</p>
        </section>
    @endif
    <section class="section-rule">
        <h2>Out, as one file</h2>
        <p>Bags, patterns, stash, swatches, cuts, logs and pictures as open files in one zip, with a page that says what
            is what. No password is in it.</p>
        <form method="post" action="{{ route('account.parcel') }}">
            @csrf<button class="btn btn-quiet">{{ $parcel === null ? 'Put it together'
            : 'Put it together anew' }}</button></form>
    </section>
    <section class="section-rule">
        <h2>In again</h2>
        @if ($reading)
            <meta http-equiv="refresh" content="2">
            <p role="status">It is being read in, and looked at row by row. This page goes on by itself.</p>
        @elseif ($empty)
            <p>This account is empty: the zip of another brings all of it here.</p>
            <form method="post" action="{{ route('account.parcel.read') }}" enctype="multipart/form-data">
                @csrf
                <div class="field">
                    <label for="file">The zip</label>
                    <input class="form-control" type="file" id="file" name="file" accept=".zip,application/zip"
                        aria-describedby="file-wrong">
                    <p class="wrong" id="file-wrong" role="alert">{{ $errors->first('file') }}</p>
                </div>
                <button class="btn btn-quiet">Read it in</button>
            </form>
        @else
            @error('file')<p class="wrong" role="alert">{{ $message }}</p>@enderror
            <p>A zip is read into an empty account only, so that nothing is mixed. Register another, and read it
                there.</p>
        @endif
    </section>
    <p><a href="{{ route('account') }}">Back to your account</a></p>
</x-layout>
