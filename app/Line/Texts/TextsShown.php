<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Http\Resources\Resource;

/**
 * What was texted on a day.
 *
 * @phpstan-type TextShown array{number: int, phoneEnds: string, words: string, isTaken: bool, sentAt: int}
 */
final readonly class TextsShown extends Resource
{
    /**
     * @param  int  $wishes  phones that want to be texted
     * @param  list<TextShown>  $texts  newest first
     */
    public function __construct(public int $wishes, public array $texts) {}
}
