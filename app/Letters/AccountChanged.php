<?php

declare(strict_types=1);

namespace App\Letters;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;

/** Tells somebody of a change that, were it not their own, somebody else would have made. */
final class AccountChanged extends Mailable
{
    public function __construct(private readonly string $name, private readonly string $what, private readonly string $address)
    {
        $this->subject($what);
    }

    public function content(): Content
    {
        return new Content(text: 'letters.account-changed', with: [
            'painter' => $this->name, 'what' => $this->what, 'address' => $this->address,
        ]);
    }
}
