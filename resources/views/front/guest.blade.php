@use(App\Drawing\SideDrawing)
<x-layout title="A worktable for bags">
    <div class="hero">
        <div>
            <h1>Know the count, the size and the material before the first chain.</h1>
            <p class="lead">Weigh a metre of yarn, measure a swatch, say how large the bag should be. Fescue plans it round by round, proves every count, draws it to scale and tells you whether what you have is enough.</p>
            <p><a class="btn btn-primary" href="{{ route('register') }}">Register</a> <a class="beside" href="{{ route('sign-in') }}">Sign in</a></p>
        </div>
        <div class="sheet" tabindex="0" role="group" aria-label="An example of a side view">{!! $example !!}</div>
    </div>
</x-layout>
