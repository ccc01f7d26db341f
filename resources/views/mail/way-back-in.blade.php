{{-- Plain text: nothing in it is read as markup. --}}
@php
    use App\Models\RecoveryLink;
@endphp
Hello {!! $called !!},

someone, and we hope you, asked Fescue for a way back in. Choose a new password here, within {{
    RecoveryLink::HOLDS }} minutes:

{!! $link !!}

The link does once. Your old password does until then, and if it was not you, there is nothing to do.
