<?php

declare(strict_types=1);

namespace App\StandIns\Letters;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Carries no letter anywhere: each lies in a folder as it would have gone out (RFC 5322), to be read there. */
final class Outbox extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0700, true);
        $name = now()->format('Y-m-d-His-').bin2hex(random_bytes(4));
        file_put_contents("{$this->folder}/{$name}.eml", $message->toString());
    }

    public function __toString(): string
    {
        return 'outbox';
    }
}
