<ul class="notes">
    <li class="care">@told('<b>Cut away from you,</b> on a mat, with the blade’s guard closed whenever it lies down.')
        @if ($kind === 'bag') @told('<b>Plastic bags suffocate:</b> keep them and their scraps from children. Wash '
            .'or line what held food.')@elseif ($kind !== 'ribbon') {{ __('Jersey sheds dust as it is cut; shake '
                .'it outdoors and air the room.') }}@endif
        @if ($kind === 'panel') {{ __('Sheet plastic suffocates: keep it and its scraps from children.') }}@endif</li>
</ul>
