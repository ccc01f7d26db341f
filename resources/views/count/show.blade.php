@php $names = Fescue\Core\Text\Speech::NAMED; @endphp
<x-layout title="Count a pattern">
    <div class="page-head">
        <h1>Count a pattern</h1>
    </div>
    <form class="counting" method="post" action="{{ route('count') }}" enctype="multipart/form-data" data-pattern-text>
        <input type="hidden" name="_token" value="{{ csrf_token() }}" autocomplete="off">
        <div class="text">
            <label for="text">The pattern, as it is written</label>
            <textarea
                class="form-control" id="text" name="text" rows="15" maxlength="24000" spellcheck="false"
                    autocomplete="off"
                placeholder="Ch 23.&#10;Round 1: 2 sc in 2nd ch from hook, sc in next 20 ch, 4 sc in last ch …"
                aria-describedby="text-wrong">{{ "\n".$text }}</textarea>
            <p class="wrong" id="text-wrong">{{ $wrong }}</p>
            <div class="choices">
                <p class="file"><label for="file">Or a text file</label> <input
                    class="form-control" id="file" name="file" type="file" accept=".txt,text/plain"></p>
                <p><label for="tongue">It is in</label> <select class="form-select" id="tongue" name="tongue">
                    <option value="">the tongue it seems to be</option>
                    @foreach ($names as $key => $name)<option
                        value="{{ $key }}" @selected($tongue === $key)>{{ $name }}</option>@endforeach
                </select></p>
                <p><label for="to">Write it in</label> <select class="form-select" id="to" name="to">
                    <option value="">the same</option>
                    @foreach ($names as $key => $name)<option
                        value="{{ $key }}" @selected($to === $key)>{{ $name }}</option>@endforeach
                </select></p>
            </div>
            <p><button class="btn btn-primary">Count it</button></p>
        </div>
        <section class="proof" aria-labelledby="proof">
            <h2 id="proof">What each row takes and leaves</h2>
            <div data-proof aria-live="polite">@include('count.proof')</div>
        </section>
    </form>
</x-layout>
