<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Wording\PartKind;

/**
 * Looks phrases up, with small slips of the keyboard forgiven where only one phrase can be meant and what was typed is no
 * word in its own right.
 */
final readonly class Phrases
{
    private const LONGEST = 9;

    /** @var array<string, int> how many words the longest phrase has that begins with this word */
    private array $longest;

    /** @param  array<string, array{PartKind, mixed}>  $meanings  by phrase in small letters */
    public function __construct(private array $meanings, private Slips $slips)
    {
        $longest = [];
        foreach ($meanings as $phrase => $_) {
            $first = explode(' ', $phrase, 2)[0];
            $longest[$first] = max($longest[$first] ?? 0, min(self::LONGEST, substr_count($phrase, ' ') + 1));
        }
        $this->longest = $longest;
    }

    /** @return array{PartKind, mixed}|null */
    public function meaning(string $phrase): ?array
    {
        return $this->meanings[$phrase] ?? null;
    }

    /** @return array<string, true> every word of every phrase */
    public function knownWords(): array
    {
        return array_fill_keys(explode(' ', implode(' ', array_keys($this->meanings))), true);
    }

    /** The longest phrase that begins there. */
    public function read(Tokens $tokens, int $at): ?Found
    {
        $most = $this->longest[$tokens->text($at)] ?? 0;
        for ($taken = $most > 1 ? min($most, $tokens->untilClauseEnds($at)) : $most; $taken > 0; $taken--) {
            $meaning = $this->meanings[$tokens->joined($at, $taken)] ?? null;
            if ($meaning !== null) {
                return new Found($meaning[0], $meaning[1], $taken);
            }
        }

        return null;
    }

    /** The one word that this was meant to be; null where it is right as it is, or could be several. */
    public function corrected(string $word): ?string
    {
        return $this->slips->corrected($word);
    }
}
