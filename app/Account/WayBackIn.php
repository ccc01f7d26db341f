<?php

declare(strict_types=1);

namespace App\Account;

use App\Tongue\Tongues;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A letter with the link by which a maker comes in again. */
final class WayBackIn extends Mailable
{
    public function __construct(private readonly string $called, public readonly string $token) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: Tongues::tell('A way back in to Fescue'));
    }

    public function content(): Content
    {
        $url = config('app.url');

        // As it is reached from anywhere, whatever name this one was asked by.
        return new Content(text: 'mail.way-back-in', with: [
            'called' => $this->called,
            'link' => (is_string($url) ? $url : '').route('recover.link', $this->token, false),
        ]);
    }
}
