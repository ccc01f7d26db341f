@use(App\Bags\Photograph)
<x-layout title="From a picture">
    <div class="page-head">
        <h1>Swatches</h1>
        @include('swatches.tabs')
    </div>
    <div class="column">
        <h2>Gauge from a picture</h2>
        <p>Lay the swatch flat and a bank card, or any card of that size, on it, or beside it on something as thick: what lies higher than the card is nearer to the camera and seems larger. Take the whole picture from straight above. Then mark the card’s corners and the ends of a run of stitches and of rows. A slant is undone; a card on the table and a fabric’s thickness are reckoned with where you say them, and leave it less sure.</p>
        @error('picture')<div class="flash trouble" role="alert" tabindex="-1" data-focus><p><b>Not taken.</b> {{ $message }}</p></div>@enderror
        <form method="post" action="{{ route('swatches.pictures') }}" enctype="multipart/form-data">
            @csrf
            <div class="field">
                <label for="picture">Picture</label>
                <p class="hint" id="picture-hint">JPEG, PNG or WebP. It is made anew here: where and when it was taken is not kept. Turn the card so that its number is not seen.</p>
                <input id="picture" name="picture" type="file" class="form-control" accept="image/jpeg,image/png,image/webp" aria-describedby="picture-wrong" data-most-bytes="{{ Photograph::MOST_BYTES }}">
                <p class="wrong" id="picture-wrong" role="alert"></p>
            </div>
            <button class="btn btn-primary">Lay it on the table</button>
        </form>
        @if ($pictures->isNotEmpty())
            <ul class="list-plain section-rule">
                @foreach ($pictures as $picture)
                    <li><span><a href="{{ route('swatches.picture', $picture) }}">{{ $picture->created_at->format('j M Y, H:i') }}</a>, {{ $picture->width }} × {{ $picture->height }} pixels</span>
                        <form method="post" action="{{ route('swatches.picture', $picture) }}">@csrf @method('delete')<button class="plain" aria-label="Throw away the picture of {{ $picture->created_at->format('j M Y, H:i') }}">Throw away</button></form></li>
                @endforeach
            </ul>
        @endif
    </div>
</x-layout>
