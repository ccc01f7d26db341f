{{-- Says above a form that something in it wants mending. --}}
@props(['bag' => 'default'])
@if ($errors->getBag($bag)->any())
    <div class="flash trouble" role="alert" tabindex="-1" data-focus>
        <p><b>Not kept yet.</b> {{ $errors->getBag($bag)->count() === 1 ? 'One thing wants mending'
            : $errors->getBag($bag)->count().' things want mending' }}; what you typed is still here.</p>
    </div>
@endif
