<?php

declare(strict_types=1);

namespace App\Letters;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;

/** A letter in plain text: one of those in resources/views/letters. */
final class Letter extends Mailable
{
    /** @param  array<string, string>  $says  what the text names */
    public function __construct(string $subject, private readonly string $text, private readonly array $says)
    {
        $this->subject($subject);
    }

    public function content(): Content
    {
        return new Content(text: "letters.{$this->text}", with: $this->says);
    }
}
