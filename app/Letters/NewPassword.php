<?php

declare(strict_types=1);

namespace App\Letters;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;

final class NewPassword extends Mailable
{
    public function __construct(private readonly string $name, private readonly string $address)
    {
        $this->subject('A new password');
    }

    public function content(): Content
    {
        return new Content(text: 'letters.new-password', with: ['painter' => $this->name, 'address' => $this->address]);
    }
}
