<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Guide;
use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Technique;
use Core\Design\Wording\Internal\OtherWay;
use Core\Design\Wording\Internal\Phrases;
use Core\Design\Wording\Internal\Token;
use Core\Design\Wording\Internal\Tokens;
use Core\Exceptions\InvalidStep;
use Core\Units\Duration;

/**
 * Reads a step from one line as painters say it: "sponge pearl white muzzle both sides, 2 coats, 40s, optional". Order,
 * plurals, units and small slips do not matter; what cannot be read is asked about.
 */
final readonly class StepReader
{
    private const LONGEST_PHRASE = 4;

    private const SAID_OF_OTHER_WAY = [PartKind::Medium, PartKind::Technique, PartKind::Tool, PartKind::Time, PartKind::Count, PartKind::Side, PartKind::Look];

    private Phrases $phrases;

    /** @var array<string, Technique> */
    private array $techniques;

    public function __construct(private Vocabulary $vocabulary)
    {
        $this->phrases = new Phrases($vocabulary->phrases());
        $this->techniques = Vocabulary::techniqueWords();
    }

    public function read(string $text): Reading
    {
        $tokens = Tokens::of($text);
        [$parts, $at] = $this->leadingName($text, $tokens);
        while ($at < count($tokens)) {
            [$part, $taken] = $this->alternative($tokens, $at) ?? $this->next($tokens, $at, $parts[count($parts) - 1] ?? null);
            if ($part !== null && $part->kind === PartKind::Colour && is_string($part->value)) {
                $parts[] = $this->withValue(array_pop($parts) ?? $part, $part);
            } elseif ($part !== null) {
                $parts[] = $part;
            }
            $at += $taken;
        }

        return new Reading($parts, Questions::about($parts, $text, $this->vocabulary), $this->vocabulary);
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{list<Part>, int} the name as a part, if there is one, and where to read on
     */
    private function leadingName(string $text, array $tokens): array
    {
        foreach ($tokens as $index => $token) {
            $end = $token->end();
            if ($token->text !== ':') {
                continue;
            }
            $only = $index === 1 ? $tokens[0]->quoted : null;
            $name = $only ?? trim(mb_substr($text, 0, $token->start));

            return $name === '' ? [[], 0] : [[new Part(PartKind::Name, $tokens[0]->start, $end - $tokens[0]->start, $name)], $index + 1];
        }

        return [[], 0];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part|null, int} a part, or none for a word between; how many tokens it took
     */
    private function next(array $tokens, int $at, ?Part $before): array
    {
        return $this->quoted($tokens, $at)
            ?? $this->hex($tokens, $at, $before)
            ?? $this->coats($tokens, $at)
            ?? $this->strokes($tokens, $at)
            ?? $this->strokesAhead($tokens, $at)
            ?? $this->measure($tokens, $at)
            ?? $this->drying($tokens, $at)
            ?? $this->time($tokens, $at, PartKind::Time)
            ?? $this->phrase($tokens, $at)
            ?? (in_array($tokens[$at]->text, Vocabulary::BETWEEN, true) ? [null, 1] : [$this->part(PartKind::Unread, $tokens, $at, 1, null), 1]);
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null note "…", with "…", group "…", or "…" #hex
     */
    private function quoted(array $tokens, int $at): ?array
    {
        $next = $tokens[$at + 1] ?? null;
        $inside = $next?->quoted;
        $kind = ['note' => PartKind::Note, 'with' => PartKind::Tool, 'group' => PartKind::Group][$tokens[$at]->text] ?? null;
        if ($inside !== null && $kind !== null) {
            return [$this->part($kind, $tokens, $at, 2, $inside), 2];
        }
        $name = $tokens[$at]->quoted;
        if ($name !== null && $next !== null && $this->isHex($next)) {
            return [$this->part(PartKind::Colour, $tokens, $at, 2, Colour::of($name, $next->text)), 2];
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null a colour of its own, or the value of the colour named just before
     */
    private function hex(array $tokens, int $at, ?Part $before): ?array
    {
        if (! $this->isHex($tokens[$at])) {
            return null;
        }
        $named = $before?->kind === PartKind::Colour && $before->value instanceof Colour && $before->value->name !== ''
            && $before->start + $before->length === ($tokens[$at - 1] ?? $tokens[$at])->end()
            && $this->vocabulary->colour(mb_strtolower($before->value->name))?->equals($before->value) === true;

        return [$this->part(PartKind::Colour, $tokens, $at, 1, $named ? $tokens[$at]->text : Colour::of('', $tokens[$at]->text)), 1];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null
     */
    private function coats(array $tokens, int $at): ?array
    {
        $number = $this->number($tokens[$at]);
        $isCoats = in_array($tokens[$at + 1]->text ?? '', ['coat', 'coats', 'layer', 'layers'], true);

        return $number === null || ! $isCoats ? null : [$this->part(PartKind::Coats, $tokens, $at, 2, $number), 2];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null 5 petals; 4 petals on a small face; 4 on a small face
     */
    private function strokes(array $tokens, int $at): ?array
    {
        $number = $this->number($tokens[$at]);
        if ($number === null) {
            return null;
        }
        foreach (array_filter([2, 1, 0], static fn (int $words): bool => isset($tokens[$at + $words])) as $words) {
            $stroke = implode(' ', array_column(array_slice($tokens, $at + 1, $words), 'text'));
            $technique = $this->techniques[$stroke] ?? ($stroke === 'gems' ? Technique::Gem : null);
            if ($words > 0 && $technique?->isCounted() !== true) {
                continue;
            }
            $small = $this->smallFace($tokens, $at + 1 + $words);
            if ($small > 0) {
                return [$this->part(PartKind::SmallCount, $tokens, $at, 1 + $words + $small, $number), 1 + $words + $small];
            }
            if ($words > 0) {
                return [$this->part(PartKind::Count, $tokens, $at, 1 + $words, [$number, $technique]), 1 + $words];
            }
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null the number of 3 black dots, of 1 self-stick gem: colours and tools may stand between
     */
    private function strokesAhead(array $tokens, int $at): ?array
    {
        $number = $this->number($tokens[$at]);
        $next = $at + 1;
        while ($number !== null && isset($tokens[$next]) && ! $tokens[$next]->opensClause) {
            if (($this->techniques[$tokens[$next]->text] ?? null)?->isCounted() === true || in_array($tokens[$next]->text, ['gem', 'gems'], true)) {
                return [$this->part(PartKind::Count, $tokens, $at, 1, [$number, null]), 1];
            }
            [$between, $taken] = $this->phrase($tokens, $next) ?? [null, 1];
            if ($between === null || ! in_array($between->kind, [PartKind::Colour, PartKind::Tool], true)) {
                return null;
            }
            $next += $taken;
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return int how many tokens say that a small face is meant
     */
    private function smallFace(array $tokens, int $at): int
    {
        foreach (Vocabulary::SMALL_FACE as $phrase) {
            $taken = substr_count($phrase, ' ') + 1;
            if (implode(' ', array_column(array_slice($tokens, $at, $taken), 'text')) === $phrase) {
                return $taken;
            }
        }

        return 0;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null size 60%, turn -15 degrees, look 3, at 45 degrees, at 1 o'clock
     */
    private function measure(array $tokens, int $at): ?array
    {
        $minus = ($tokens[$at + 1]->text ?? '') === '-' ? 1 : 0;
        $number = $tokens[$at + 1 + $minus]->text ?? '';
        if (! in_array($tokens[$at]->text, ['size', 'turn', 'turned', 'look', 'at'], true) || ! ctype_digit($number) || strlen($number) > 4) {
            return null;
        }
        $value = ($minus === 1 ? -1 : 1) * (int) $number;
        $unit = $tokens[$at + 2 + $minus]->text ?? '';
        $taken = 2 + $minus + (in_array($unit, ['%', 'percent', '°', 'degree', 'degrees', "o'clock", 'o’clock'], true) ? 1 : 0);
        $kind = match ($tokens[$at]->text) {
            'size' => PartKind::Size,
            'look' => PartKind::Look,
            'at' => PartKind::Guide,
            default => PartKind::Turn,
        };
        try {
            $meaning = $kind === PartKind::Guide ? $this->placedAt($value, $unit) : $value;
        } catch (InvalidStep $refusal) {
            return [$this->part(PartKind::Unread, $tokens, $at, $taken, $refusal->getMessage()), $taken];
        }

        return $meaning === null ? null : [$this->part($kind, $tokens, $at, $taken, $meaning), $taken];
    }

    /** @throws InvalidStep when there is no such hour or angle */
    private function placedAt(int $value, string $unit): ?Guide
    {
        return match ($unit) {
            "o'clock", 'o’clock' => Guide::clock($value),
            '°', 'degree', 'degrees' => Guide::angle($value),
            default => null,
        };
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null or brush dots with "round 2" 0:30; or 4 petals; or left side, look 3; what else stands in it is left for the reader to ask about
     */
    private function alternative(array $tokens, int $at): ?array
    {
        if ($tokens[$at]->text !== 'or' || ! $tokens[$at]->opensClause) {
            return null;
        }
        $said = [];
        $next = $at + 1;
        while (isset($tokens[$next]) && ! $tokens[$next]->opensClause) {
            [$part, $taken] = $this->next($tokens, $next, null);
            $next += $taken;
            if ($part !== null && ! in_array($part->kind, self::SAID_OF_OTHER_WAY, true)) {
                return null;
            }
            $said += $part === null ? [] : [$part->kind->value => $part->value];
        }
        $meaning = $this->otherWay($said);

        return $meaning === null ? null : [$this->part(PartKind::Alternative, $tokens, $at, $next - $at, $meaning), $next - $at];
    }

    /** @param  array<string, mixed>  $said  by the value of its kind */
    private function otherWay(array $said): ?OtherWay
    {
        $way = new OtherWay(
            ($said['medium'] ?? null) instanceof Medium ? $said['medium'] : null,
            ($said['technique'] ?? null) instanceof Technique ? $said['technique'] : null,
            is_string($said['tool'] ?? null) ? $said['tool'] : '',
            ($said['time'] ?? null) instanceof Duration ? $said['time'] : null,
            is_array($said['count'] ?? null) ? $said['count'] : [null, null],
            ($said['side'] ?? null) instanceof Side ? $said['side'] : null,
            is_int($said['look'] ?? null) ? $said['look'] : null,
        );

        return $said !== [] && $way->isPossible($this->vocabulary) ? $way : null;
    }

    private function number(Token $token): ?int
    {
        return Vocabulary::NUMBERS[$token->text] ?? (ctype_digit($token->text) && strlen($token->text) < 6 ? (int) $token->text : null);
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null dry 0:20
     */
    private function drying(array $tokens, int $at): ?array
    {
        if (! in_array($tokens[$at]->text, ['dry', 'dried'], true)) {
            return null;
        }
        $from = in_array($tokens[$at + 1]->text ?? '', ['for', 'after', 'below'], true) ? 2 : 1;
        $time = isset($tokens[$at + $from]) ? $this->time($tokens, $at + $from, PartKind::Drying) : null;

        return $time === null ? null : [$this->part(PartKind::Drying, $tokens, $at, $from + $time[1], $time[0]->value), $from + $time[1]];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null 40s, 0:40, 4m30, 1 min 10 s; a bare number could be anything and is asked about
     */
    private function time(array $tokens, int $at, PartKind $kind): ?array
    {
        if (preg_match('/^\d/', $tokens[$at]->text) !== 1) {
            return null;
        }
        for ($taken = $this->withinClause($tokens, $at); $taken > 0; $taken--) {
            $text = implode(' ', array_column(array_slice($tokens, $at, $taken), 'text'));
            $saysUnit = preg_match('/[:a-z\']/', $text) === 1;
            $countsOthers = $taken > 1 && ($this->coats($tokens, $at + $taken - 1) ?? $this->strokes($tokens, $at + $taken - 1)) !== null;
            $time = $saysUnit && ! $countsOthers ? Duration::tryParse($text) : null;
            if ($time !== null) {
                return [$this->part($kind, $tokens, $at, $taken, $time), $taken];
            }
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null
     */
    private function phrase(array $tokens, int $at): ?array
    {
        foreach ([false, true] as $slips) {
            for ($taken = $this->withinClause($tokens, $at); $taken > 0; $taken--) {
                $words = array_column(array_slice($tokens, $at, $taken), 'text');
                $meaning = $this->phrases->meaning(implode(' ', $words), $slips);
                if ($meaning !== null) {
                    return [$this->part($meaning[0], $tokens, $at, $taken, $meaning[1]), $taken];
                }
            }
        }

        return null;
    }

    /**
     * How many tokens from here on may belong together: nothing reaches across a comma.
     *
     * @param  list<Token>  $tokens
     */
    private function withinClause(array $tokens, int $at): int
    {
        for ($taken = 1; $taken < self::LONGEST_PHRASE; $taken++) {
            if (! isset($tokens[$at + $taken]) || $tokens[$at + $taken]->opensClause) {
                return $taken;
            }
        }

        return self::LONGEST_PHRASE;
    }

    private function isHex(Token $token): bool
    {
        return preg_match('/^#[0-9a-f]{6}$/', $token->text) === 1;
    }

    private function withValue(Part $named, Part $hex): Part
    {
        assert($named->value instanceof Colour && is_string($hex->value));

        return new Part(
            PartKind::Colour,
            $named->start,
            $hex->start + $hex->length - $named->start,
            Colour::of($named->value->name, $hex->value),
        );
    }

    /** @param  list<Token>  $tokens */
    private function part(PartKind $kind, array $tokens, int $at, int $taken, mixed $value): Part
    {
        $start = $tokens[$at]->start;

        return new Part($kind, $start, $tokens[$at + $taken - 1]->end() - $start, $value);
    }
}
