{{-- What was asked about once, so that sending it again says that it is so. --}}
@use(App\Rules\Really)
@use(App\Rules\Typed)
<input type="hidden" name="{{ Really::FIELD }}" value="{{ Typed::before(Really::FIELD) }}">
