{{-- How the pieces go together: all steps in a strip; with a script one of them large, by a slider or the
    arrow keys. --}}
<div class="table-head"><h2>{{ __('Going together') }}</h2><span>{{ __('{n, plural, one {# step} other {# steps} }',
    ['n' => count($folding->does())]) }}</span></div>
<div class="folding" data-folding>
    <ol class="strip">
        @foreach ($folding->does() as $nth => $does)
            <li @class(['now' => $loop->first])><p><b>{{ $nth + 1 }}</b>
                {{ $does }}</p>{!! $folding->step($nth, 320, 220) !!}</li>
        @endforeach
    </ol>
    <p class="stepper" hidden><label>{{ __('Step') }} <input type="range" min="1" max="{{ count($folding->does()) }}"
        value="1"
        step="1" data-step></label> <output>{{ __('{nth} of {all}', ['nth' => 1, 'all' => count($folding->does())])
        }}</output></p>
</div>
