Hello {!! $painter !!},

{!! $what !!}

If that was you, there is nothing to do. If not, choose a new password at once: {!! $address !!}
It signs out every device.
