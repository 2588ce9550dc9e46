Hello {!! $painter !!},

you asked to sign in with this e-mail address. Open this link within an hour to start using it:

{!! $address !!}

Until then you sign in with the old one. If you did not ask for this, do nothing.
