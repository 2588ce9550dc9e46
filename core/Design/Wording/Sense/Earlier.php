<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;

/** A step above, and the words by which a line below may speak of it. */
final readonly class Earlier
{
    /** @param  list<string>  $nouns  what it made, each as one: "sail", "dot" */
    public function __construct(public Step $step, public array $nouns) {}

    /** What the brush draws as lines: the next line goes on in its colour. */
    public static function isLineWork(Technique $technique): bool
    {
        return match ($technique) {
            Technique::Line, Technique::Outline, Technique::Whisker, Technique::Lash => true,
            default => false,
        };
    }

    public function isPainted(): bool
    {
        return $this->step->medium !== Medium::Bare;
    }

    /** A word as the word for one of it. */
    public static function noun(string $word): string
    {
        $word = mb_strtolower($word);

        return match (true) {
            str_ends_with($word, 'ies') && strlen($word) > 4 => substr($word, 0, -3).'y',
            preg_match('/(?:sh|ch|x)es$/', $word) === 1 => substr($word, 0, -2),
            str_ends_with($word, "'s") => substr($word, 0, -2),
            str_ends_with($word, 's') && ! str_ends_with($word, 'ss') && strlen($word) > 2 => substr($word, 0, -1),
            default => $word,
        };
    }
}
