{{-- Says above a form that something in it wants mending. --}}
@props(['bag' => 'default'])
@if ($errors->getBag($bag)->any())
    <div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>{{ __('Not kept yet.') }}</b>
            {{ __('{n, plural, one {One thing wants} other {# things want} } mending; what you typed is still here.',
                ['n' => $errors->getBag($bag)->count()]) }}</p>
    </div>
@endif
