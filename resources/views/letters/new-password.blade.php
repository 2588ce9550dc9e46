Hello {!! $painter !!},

somebody asked for a new password for your sign-in. If that was you, choose it here, within an hour:

{!! $address !!}

It serves once, and signs out every device. If it was not you, do nothing: the old one goes on.
