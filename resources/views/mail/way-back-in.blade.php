{{-- Plain text: nothing in it is read as markup. --}}
@php
    use App\Models\RecoveryLink;
@endphp
{!! __('Hello {name},', ['name' => $called]) !!}

{!! __('someone, and we hope you, asked Fescue for a way back in. Choose a new password here, within {n} minutes:',
    ['n' => RecoveryLink::HOLDS]) !!}

{!! $link !!}

{!! __('The link works once. Your old password works until then, and if it was not you, there is nothing to do.') !!}
