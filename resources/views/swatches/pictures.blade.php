@use(App\Bags\Photograph)
<x-layout :title="__('From a picture')">
    <div class="page-head">
        <h1>{{ __('Swatches') }}</h1>
        @include('swatches.tabs')
    </div>
    <div class="column">
        <h2>{{ __('Gauge from a picture') }}</h2>
        <figure class="card-lies">
            <svg viewBox="0 0 640 132" role="img"
                aria-label="{{ __('From the side: a card on the fabric is as near to the camera as the stitches; one '
                .'on the table is farther off and seems smaller') }}">
                @foreach ([20 => __('as near as the stitches'), 250 => __('as high, beside it'),
                    480 => __('lower: reckoned, less sure')] as $x => $said)
                    <g transform="translate({{ $x }} 0)">
                        <path class="ray" d="M70 14L14 84M70 14L{{ $x === 480 ? '138 99' : '126 84' }}"/>
                        <rect class="lens" x="60" y="4" width="20" height="10" rx="2"/>
                        <path class="table" d="M0 104H140"/>
                        <rect class="fabric" x="14" y="84" width="{{ $x === 20 ? 112 : 66 }}" height="20" rx="5"/>
                        @if ($x === 250)<rect class="prop" x="92" y="88" width="30" height="16"/>@endif
                        <rect class="card" x="{{ $x === 20 ? 50 : 88 }}"
                            y="{{ $x === 20 ? 79 : ($x === 250 ? 83 : 99) }}" width="{{ $x === 20 ? 40 : 38 }}"
                            height="5"/>
                        <text x="70" y="126" text-anchor="middle">{{ $said }}</text>
                    </g>
                @endforeach
            </svg>
            <figcaption>{{ __('Lay a bank card, or any card of that size, on the flat swatch, or beside it on '
                .'something as thick. Take the whole picture from straight above; a slant is undone. Then mark the '
                .'card’s corners and the ends of a run of stitches and of rows.') }}</figcaption>
        </figure>
        @error('picture')<div class="flash trouble" role="alert" tabindex="-1" data-focus>
            <p><b>{{ __('Not taken.') }}</b> {{ $message }}</p></div>@enderror
        <form method="post" action="{{ route('swatches.pictures') }}" enctype="multipart/form-data">
            @csrf
            <div class="field">
                <label for="picture">{{ __('Picture') }}</label>
                <p class="hint" id="picture-hint">{{ __('JPEG, PNG or WebP. It is made anew here: where and when '
                    .'it was taken is not kept. Turn the card so that its number is not seen.') }}</p>
                <input id="picture" name="picture" type="file" class="form-control"
                    accept="image/jpeg,image/png,image/webp" aria-describedby="picture-wrong"
                    data-most-bytes="{{ Photograph::MOST_BYTES }}">
                <p class="wrong" id="picture-wrong" role="alert"></p>
            </div>
            <button class="btn btn-primary">{{ __('Lay it on the table') }}</button>
        </form>
        @if ($pictures->isNotEmpty())
            <ul class="list-plain section-rule">
                @foreach ($pictures as $picture)
                    <li><span><a href="{{ route('swatches.picture', $picture) }}">{{
                        $picture->created_at->translatedFormat('j M Y, H:i') }}</a>,
                        {{ $picture->width }} × {{ $picture->height }} px</span>
                        <form method="post" action="{{ route('swatches.picture', $picture) }}">
                            @csrf @method('delete')<button class="plain"
                            aria-label="{{ __('Throw away the picture of {day}',
                            ['day' => $picture->created_at->translatedFormat('j M Y, H:i')]) }}">{{
                                __('Throw away') }}</button></form></li>
                @endforeach
            </ul>
        @endif
    </div>
</x-layout>
