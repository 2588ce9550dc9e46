<?php

declare(strict_types=1);

namespace App\Letters;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;

final class NewEmail extends Mailable
{
    public function __construct(private readonly string $name, private readonly string $address)
    {
        $this->subject('Your new e-mail address');
    }

    public function content(): Content
    {
        return new Content(text: 'letters.new-email', with: ['painter' => $this->name, 'address' => $this->address]);
    }
}
