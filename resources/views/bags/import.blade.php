<x-layout title="Read a bag file" narrow>
    <h1>Read a bag file</h1>
    <p>A file that Fescue exported: the plan with the material and swatch it stood on. Nothing is added to your stash; you can choose your own material for it after.</p>
    @if ($errors->has('file'))
        <div class="flash trouble" role="alert" tabindex="-1" data-focus>
            <p><b>Not read.</b> Nothing was kept.</p>
            <ul>
                @foreach ($errors->get('file') as $message)
                    <li>{{ $message }}</li>
                @endforeach
            </ul>
        </div>
    @endif
    <form method="post" action="{{ route('bags.import') }}" enctype="multipart/form-data">
        @csrf
        <div class="field">
            <label for="file">File</label>
            <input id="file" name="file" type="file" class="form-control" accept=".json,application/json" aria-describedby="file-wrong" data-most-bytes="{{ \Fescue\Core\Document\Json::MOST_BYTES }}">
            <p class="wrong" id="file-wrong" role="alert"></p>
        </div>
        <div class="field">
            <label for="text">or its text</label>
            <textarea id="text" name="text" rows="12" class="form-control" spellcheck="false">{{ old('text') }}</textarea>
        </div>
        <button class="btn btn-primary">Read it</button>
        <a class="beside" href="{{ route('bags.index') }}">Back to the bags</a>
    </form>
</x-layout>
