@foreach ($begun->kind->thicknesses() as $mm)<label><input type="radio" name="bar" value="{{ $mm }}"
    data-thick="{{ $mm }} mm" @checked(abs($begun->thickness->mm - $mm) < 0.01)><svg viewBox="0 0 64 40" width="64"
    height="40" aria-hidden="true"><rect x="2" y="{{ 20 - 3.7795 * $mm / 2 }}" width="60" height="{{ 3.7795 * $mm }}"
    rx="5" fill="#c9b48a"/></svg>{{ __('{mm} mm', ['mm' => App\Tongue\Tongues::exact($mm)]) }}</label>@endforeach
