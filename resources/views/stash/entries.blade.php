{{-- Lines of the ledger. $of names each one's material where more than one is shown. --}}
@use(Fescue\Core\Measure\Decimal)
<table class="ledger">
    <thead><tr><th scope="col">{{ __('day') }}</th>@if ($of)<th scope="col">{{ __('material') }}</th>@endif<th
        scope="col">{{ __('what') }}</th>
        <th scope="col" class="number">{{ __('amount') }}</th><th scope="col"><span class="visually-hidden">{{
            __('undo') }}</span></th></tr>
        </thead>
    <tbody>
        @foreach ($entries as $entry)
            <tr @class(['struck' => $entry->undone_at !== null])>
                <td><time
                    datetime="{{ $entry->created_at->toIso8601String() }}">{{
                        $entry->created_at->translatedFormat('j M Y') }}</time></td>
                @if ($of)
                    <td><a href="{{ route('stash.show', $entry->material_id) }}">{{ $entry->material->name }}</a></td>
                    @endif
                <td>{{ __($entry->move->said()) }}@if ($entry->bag), {{ $entry->bag->name() }}@endif
                    @if ($entry->note)<span
                    class="sub">{{ $entry->told() }}</span>@endif</td>
                <td class="number amount">{{ ($entry->amount < 0 ? '−' : '+').($of ? $entry->material
                    : $material)->say(abs((float) $entry->amount)) }}</td>
                <td>
                    @php $struck = $entry->undone_at !== null; @endphp
                    <form method="post" action="{{ route($struck ? 'stash.redo' : 'stash.undo', $entry) }}">
                        @csrf<button class="plain"
                        aria-label="{{ $struck ? __('Count again') : __('Undo') }}: {{ __($entry->move->said()) }} {{
                            abs((float) $entry->amount) }}">{{ $struck
                        ? __('Count again') : __('Undo') }}</button></form>
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
