{!! $inviter !!} asks you into {!! $team !!}, as {!! $role !!}. Come in here, within a week:

{!! $address !!}

The link serves once. If you do not know them, do nothing.
