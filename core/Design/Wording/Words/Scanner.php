<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Side;
use Core\Design\Technique;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Vocabulary;
use Core\Units\Duration;

/** Reads the tokens of a typed step from left to right: each becomes part of something, or stays the painter's own word. */
final readonly class Scanner
{
    private const SAID_OF_OTHER_WAY = [
        PartKind::Medium, PartKind::Technique, PartKind::Thing, PartKind::Tool, PartKind::Time, PartKind::Count, PartKind::Side,
        PartKind::Look, PartKind::Coats,
    ];

    private const MIXED = ['mixed', 'made', 'mix'];

    /** As thumbs write. */
    private const SHORT = [
        'nite' => 'night', 'rnd' => 'round', 'brsh' => 'brush', 'spng' => 'sponge', 'gltr' => 'glitter', 'outln' => 'outline',
        'w/' => 'with', 'btwn' => 'between', 'opt' => 'optional', 'yllw' => 'yellow', 'blu' => 'blue', 'n' => 'and', 'brn' => 'brown',
        'slv' => 'silver', 'slvr' => 'silver', 'gld' => 'gold', 'prpl' => 'purple', 'pnk' => 'pink', 'gry' => 'grey', 'orng' => 'orange',
        'rd' => 'round', 'sp' => 'sponge', 'spg' => 'sponge', 'spge' => 'sponge',
        'fl' => 'flat', 'os' => 'one-stroke', 'td' => 'teardrop', 'tds' => 'teardrops',
        'bl' => 'blend', 'blnd' => 'blend', 'glit' => 'glitter', 'ctr' => 'centre', 'fhd' => 'forehead', 'ea' => 'each',
        'b/s' => 'both sides',
        'swrls' => 'swirls', 'swrl' => 'swirl', 'undr' => 'under', 'outr' => 'outer', 'innr' => 'inner', 'crnrs' => 'corners',
        'crnr' => 'corner', 'brws' => 'brows', 'cl' => 'closed', 'eyelds' => 'eyelids', 'chk' => 'cheek', 'chks' => 'cheeks',
        'lft' => 'left', 'rgt' => 'right', 'hilite' => 'highlight', 'hilites' => 'highlights', 'exc' => 'except', 'excl' => 'except',
        'minus' => 'except', 'pls' => 'please',
        'blendd' => 'blend', 'outlne' => 'outline', 'outlin' => 'outline',
        'whilst' => 'while', 'strps' => 'stripes', 'dt' => 'dot', 'dts' => 'dots',
    ];

    private const SHORTEST_GLUED = 3;

    /** More strokes than these are seconds. */
    private const MOST_COUNTED = 24;

    private Phrases $phrases;

    /** @var array<string, true> */
    private array $known;

    public function __construct(private Vocabulary $vocabulary)
    {
        $this->phrases = $vocabulary->phrases();
        $this->known = [
            ...$this->phrases->knownWords(),
            ...array_fill_keys([...Times::SECONDS, ...Times::MINUTES, ...Conditions::STARTERS], true),
        ];
    }

    /** With slips of the keyboard mended. */
    public function tokens(string $text, ?Language $language): Tokens
    {
        $tokens = Tokens::of($text);
        $mended = ($language === null ? $tokens : $language->translated($tokens))->all;
        $glued = [];
        foreach ($mended as $at => $token) {
            $short = self::SHORT[$token->text] ?? null;
            if ($short === null && ($token->quoted !== null || isset($this->known[$token->text]) || ! isset($token->text[3]))) {
                continue;
            }
            $apart = $short === null ? $this->apart($token) : [];
            if ($apart !== []) {
                $glued[$at] = $apart;

                continue;
            }
            $word = $short ?? $this->phrases->corrected($token->text);
            $mended[$at] = $word === null ? $token : new Token(
                text: $word,
                start: $token->start,
                length: $token->length,
                opensClause: $token->opensClause,
                quoted: null,
            );
        }

        foreach (array_reverse($glued, true) as $at => $apart) {
            array_splice($mended, $at, 1, $apart);
        }

        return Tokens::from($mended);
    }

    /**
     * "Blacknose": a colour and a word that were typed without a blank.
     *
     * @return list<Token> empty where it is one word
     */
    private function apart(Token $token): array
    {
        for ($letters = self::SHORTEST_GLUED; $letters <= strlen($token->text) - self::SHORTEST_GLUED; $letters++) {
            [$first, $second] = [substr($token->text, 0, $letters), substr($token->text, $letters)];
            if (isset($this->known[$first], $this->known[$second]) && $this->vocabulary->colour($first) !== null) {
                return [
                    new Token(text: $first, start: $token->start, length: $letters, opensClause: $token->opensClause, quoted: null),
                    new Token(
                        text: $second,
                        start: $token->start + $letters,
                        length: $token->length - $letters,
                        opensClause: false,
                        quoted: null,
                    ),
                ];
            }
        }

        return [];
    }

    /**
     * @param  int  $at  the first token to read
     * @return list<Part> every token in one of them
     */
    public function parts(Tokens $tokens, int $at): array
    {
        $parts = [];
        $counted = null;
        while ($at < $tokens->count) {
            $before = $parts[count($parts) - 1] ?? null;
            $found = $this->next($tokens, $at, $before, $counted);
            $start = $tokens->all[$at]->start;
            $length = $tokens->span($at, $found->taken);
            if ($found->kind === PartKind::Colour && is_string($found->value) && $before?->kind === PartKind::Colour
                && $before->value instanceof Colour) {
                array_pop($parts);
                $parts[] = new Part(
                    kind: PartKind::Colour,
                    start: $before->start,
                    length: $start + $length - $before->start,
                    value: Colour::of($before->value->name, $found->value),
                    opensClause: $before->opensClause,
                    spoken: $before->spoken,
                );
            } else {
                $parts[] = new Part(
                    kind: $found->kind,
                    start: $start,
                    length: $length,
                    value: $found->value,
                    opensClause: $tokens->all[$at]->opensClause,
                    spoken: $tokens->joined($at, $found->taken),
                );
            }
            $counted = $found->kind === PartKind::Count && is_array($found->value) && is_int($found->value[0])
                ? $found->value[0]
                : $counted;
            $at += $found->taken;
        }

        return $parts;
    }

    public function knows(string $word): bool
    {
        return isset($this->known[$word]);
    }

    /** What a word by itself means; null where it is the painter's own. */
    public function meaning(string $word): ?Part
    {
        $meaning = $this->phrases->meaning($word);

        return $meaning === null ? null : new Part($meaning[0], 0, mb_strlen($word), $meaning[1]);
    }

    private function next(Tokens $tokens, int $at, ?Part $before, ?int $counted): Found
    {
        $token = $tokens->all[$at];
        $text = $token->text;

        return $this->quoted($tokens, $at)
            ?? ($text[0] === '#' ? $this->hex($tokens, $at, $before) : null)
            ?? ($text === 'or' ? $this->otherWay($tokens, $at) : null)
            ?? ($before?->kind === PartKind::Colour && ($text === 'on' || $text === 'one') ? $this->colourSide($tokens, $at) : null)
            ?? ($text === 'maybe' || $text === 'perhaps' ? $this->perhaps($tokens, $at, $before) : null)
            ?? $this->number($tokens, $at, $counted)
            ?? (Conditions::mayBegin($text) ? $this->unlessLonger(Conditions::read($tokens, $at), $tokens, $at) : null)
            ?? ($text === 'rose' ? self::rose($tokens, $at, $before) : null)
            ?? $this->colour($tokens, $at)
            ?? $this->phrases->read($tokens, $at)
            ?? new Found(preg_match('/[\p{L}\p{N}]/u', $text) === 1 ? PartKind::Words : PartKind::Between, null, 1);
    }

    /** A phrase as long as the condition is what was meant: "or leave it out", "while wet". */
    private function unlessLonger(?Found $condition, Tokens $tokens, int $at): ?Found
    {
        $phrase = $condition === null ? null : $this->phrases->read($tokens, $at);

        return $phrase !== null && $phrase->kind !== PartKind::Between
            && ($phrase->taken >= $condition->taken || ($condition->kind === PartKind::Note && $phrase->kind === PartKind::Act))
            ? $phrase
            : $condition;
    }

    /** Maybe ten seconds, maybe three coats: a doubt about a number is not about the step. */
    private function perhaps(Tokens $tokens, int $at, ?Part $before): ?Found
    {
        $coats = $before?->kind === PartKind::Coats && $tokens->at($at + 1) !== null ? Numbers::of($tokens->text($at + 1)) : null;
        if ($coats !== null) {
            return new Found(
                PartKind::Alternative,
                OtherWay::inCoats($coats),
                in_array($tokens->text($at + 2), ['coat', 'coats'], true) ? 3 : 2,
            );
        }
        $isNumber = ! $tokens->opensClause($at + 1)
            && (Numbers::of($tokens->text($at + 1)) !== null || Times::plain($tokens, $at + 1) !== null);
        $isAlone = $tokens->opensClause($at + 2);

        return match (true) {
            ! $isNumber => null,
            $isAlone => new Found(PartKind::Note, null, 2),
            default => new Found(PartKind::Between, null, 1),
        };
    }

    private function number(Tokens $tokens, int $at, ?int $counted): ?Found
    {
        $text = $tokens->text($at);
        $isWidth = in_array($tokens->text($at + 1), ['"', '″', '”', "''"], true)
            && in_array($tokens->text($at + 2), ['flat', 'angle', 'angled', 'brush', 'wash', 'filbert', 'sponge', 'big'], true);
        $time = ! $isWidth && (ctype_alnum($text[0]) || $text === 'no.') ? Times::read($tokens, $at, $counted) : null;
        if ($time !== null) {
            return $time;
        }
        if (! Numbers::mayBegin($text)) {
            return null;
        }
        $phrase = $this->phrases->read($tokens, $at);
        $found = Numbers::read($tokens, $at);

        return match (true) {
            $found === null, $this->isCountOfStrokes($tokens, $at, $found) => null,
            $phrase !== null && $phrase->taken > $found->taken && ($phrase->kind !== PartKind::Between || $phrase->taken > 2) => $phrase,
            $found->kind === PartKind::Tool && is_string($found->value) => new Found(
                PartKind::Tool,
                $this->toolCalled($found->value),
                $found->taken,
            ),
            $found->kind === PartKind::Count && $found->taken === 1 => $this->amount($tokens, $at, $found),
            default => $found,
        };
    }

    /** "Brush 5 petals": five of them, and no brush no. 5. */
    private function isCountOfStrokes(Tokens $tokens, int $at, Found $found): bool
    {
        $next = $at + $found->taken;
        $word = $tokens->text($next);
        $technique = $tokens->at($next) === null ? null : $this->phrases->read($tokens, $next)?->value;
        $counts = $this->isStroke($tokens, $next) || in_array($word, ['coat', 'coats', 'layer', 'layers'], true)
            || ($technique instanceof Technique && ($technique->isCounted() || $technique === Technique::Fill));

        return $found->kind === PartKind::Tool && in_array($tokens->text($at), ['brush', 'liner'], true)
            && $tokens->text($at + 1) !== '0' && ! $tokens->opensClause($next) && $counts;
    }

    /** A number that counts nothing: 40 of what is not said. */
    private function amount(Tokens $tokens, int $at, Found $found): Found
    {
        $isAlone = $tokens->opensClause($at + 1);
        $opens = $tokens->all[$at]->opensClause;
        $text = $tokens->text($at);
        if (! ctype_digit($text)) {
            return $text === 'one' && $isAlone && ! $opens ? new Found(PartKind::Words, null, 1) : $found;
        }

        return $isAlone && ($opens || (int) $text > self::MOST_COUNTED || ! $this->isStroke($tokens, $at - 1)) ? new Found(
            PartKind::Time,
            (int) $text,
            1,
        ) : $found;
    }

    private function isStroke(Tokens $tokens, int $at): bool
    {
        $meaning = $tokens->at($at) === null ? null : $this->phrases->meaning($tokens->text($at));

        return $meaning !== null && match (true) {
            $meaning[1] instanceof Technique => $meaning[1]->isCounted(),
            $meaning[1] instanceof Thing => $meaning[1]->technique->isCounted(),
            default => $meaning[1] === Medium::Gem,
        };
    }

    private function toolCalled(string $tool): string
    {
        return $this->vocabulary->tools->words[$tool][0] ?? $tool;
    }

    /** note "…", with "…", group "…", or "…" #hex. */
    private function quoted(Tokens $tokens, int $at): ?Found
    {
        $next = $tokens->at($at + 1);
        $inside = $next?->quoted;
        $kind = ['note' => PartKind::Note, 'with' => PartKind::Tool, 'group' => PartKind::Group][$tokens->text($at)] ?? null;
        if ($inside !== null && $kind !== null) {
            return new Found($kind, $kind === PartKind::Tool ? [$inside] : $inside, 2);
        }
        $name = $tokens->all[$at]->quoted;
        if ($name !== null && $next !== null && $this->isHex($next)) {
            return new Found(PartKind::Colour, Colour::of($name, $next->text), 2);
        }

        return $name === null ? null : new Found(PartKind::Words, null, 1);
    }

    /** A colour of its own, or the value of the colour named just before. */
    private function hex(Tokens $tokens, int $at, ?Part $before): ?Found
    {
        $token = $tokens->all[$at];
        if (! $this->isHex($token)) {
            return null;
        }
        $named = $before?->kind === PartKind::Colour && $before->value instanceof Colour && $before->value->name !== ''
            && $before->start + $before->length === $tokens->at($at - 1)?->end()
            && $this->vocabulary->colour(mb_strtolower($before->value->name))?->equals($before->value) === true;

        return new Found(PartKind::Colour, $named ? $token->text : Colour::of('', $token->text), 1);
    }

    /** Blue on one side, white on the other: where the colours stand on the sponge. */
    private function colourSide(Tokens $tokens, int $at): ?Found
    {
        $isSide = preg_match(
            '/^(?:on )?(?:one|the other|other)(?: side| end| edge)?\b/',
            $tokens->joined($at, min(4, $tokens->untilClauseEnds($at))),
            $said,
        ) === 1;

        return $isSide && $this->sharesASponge($tokens) ? new Found(PartKind::Quality, 'stroke', substr_count($said[0], ' ') + 1) : null;
    }

    /** A big rose, a rose in the middle of the forehead: the flower, and not the colour. */
    private static function rose(Tokens $tokens, int $at, ?Part $before): ?Found
    {
        $isOne = $before !== null && ! $tokens->opensClause($at)
            && ($before->kind === PartKind::Quality || $before->kind === PartKind::Count
                || in_array($before->spoken, ['a', 'the', 'one', 'each'], true));
        $isPlaced = in_array($tokens->text($at + 1), ['centre', 'middle', 'each', 'in', 'at'], true) || $tokens->opensClause($at + 1);

        return $isOne || ($isPlaced && $before?->kind === PartKind::Colour) ? new Found(PartKind::Technique, Technique::Flower, 1) : null;
    }

    /** light blue; grey mixed from white and black. */
    private function colour(Tokens $tokens, int $at): ?Found
    {
        $text = $tokens->text($at);
        if ($text === 'the' && $tokens->text($at + 1) === 'same' && $this->plainColour($tokens, $at + 2) !== null) {
            return new Found(PartKind::Quality, 'stroke', 2);
        }
        if (in_array($text, ['tip', 'heel', 'toe', 'edge', 'same', 'one', 'rest'], true) && $this->plainColour($tokens, $at + 1) !== null) {
            return new Found(PartKind::Quality, 'stroke', 1);
        }
        $found = $this->plainColour($tokens, $at) ?? $this->hyphened($text);

        return $found === null ? null : $this->mixed($tokens, $at, $found);
    }

    /** Blue-white: two that stand side by side. */
    private function hyphened(string $text): ?Found
    {
        $colours = ! str_contains($text, '-') ? [] : array_values(array_filter(array_map(
            $this->vocabulary->colour(...),
            explode('-', $text),
        )));

        return count($colours) > 1 && count($colours) === substr_count($text, '-') + 1 ? new Found(PartKind::Colour, $colours, 1) : null;
    }

    private function sharesASponge(Tokens $tokens): bool
    {
        $all = ' '.implode(' ', array_column($tokens->all, 'text')).' ';

        return str_contains($all, ' one side') && str_contains($all, ' the other ')
            || str_contains($all, ' one end') && str_contains($all, ' the other ');
    }

    private function plainColour(Tokens $tokens, int $at): ?Found
    {
        if ($tokens->at($at) === null) {
            return null;
        }
        if ($tokens->text($at) === 'coral' && in_array($tokens->text($at - 1), ['of', 'in'], true)) {
            return new Found(PartKind::Colour, $this->vocabulary->colour('coral'), 1);
        }
        $found = $this->phrases->read($tokens, $at);
        if ($found !== null && $found->kind === PartKind::Colour) {
            return $found;
        }
        // "Ice cream" is no lighter cream.
        $isPhrase = $found !== null && $found->taken > 1 && $found->kind !== PartKind::Between;
        if ($isPhrase || ! ColourWords::isModifier($tokens->text($at))) {
            return null;
        }
        $rest = $this->plainColour($tokens, $at + 1);
        if ($rest === null || ! $rest->value instanceof Colour) {
            return null;
        }
        $named = $this->vocabulary->colour("{$tokens->text($at)} ".mb_strtolower($rest->value->name));

        return $named === null ? null : new Found(PartKind::Colour, $named, 1 + $rest->taken);
    }

    private function mixed(Tokens $tokens, int $at, Found $found): Found
    {
        $next = $at + $found->taken;
        if (! $found->value instanceof Colour || ! in_array($tokens->text($next), self::MIXED, true) || ! in_array(
            $tokens->text($next + 1),
            ['from', 'of', 'with', 'out'],
            true,
        )) {
            return $found;
        }
        $next += $tokens->text($next + 1) === 'out' ? 3 : 2;
        $colours = [];
        while (($one = $this->plainColour($tokens, $next)) !== null && $one->value instanceof Colour) {
            $colours[] = $one->value;
            $next += $one->taken;
            $next += in_array(
                $tokens->text($next),
                ['and', '+', '&', 'with'],
                true,
            ) && $this->plainColour($tokens, $next + 1) !== null ? 1 : 0;
        }

        return count($colours) < 2 ? $found : new Found(
            PartKind::Colour,
            $this->vocabulary->colours->mixed($found->value->name, $colours),
            $next - $at,
        );
    }

    /** or brush dots with "round 2" 0:30; or 4 petals; or left side, look 3; what else stands behind "or" is kept as a note. */
    private function otherWay(Tokens $tokens, int $at): ?Found
    {
        $kept = $tokens->all[$at]->opensClause ? new Found(PartKind::Note, null, $tokens->untilClauseEnds($at)) : null;
        $phrase = $this->phrases->read($tokens, $at);
        $clause = $tokens->untilClauseEnds($at);
        if ($phrase !== null && $phrase->kind === PartKind::Optional) {
            return $phrase;
        }
        $said = [];
        $saysMore = false;
        $next = $at + 1;
        while ($next < $at + $clause) {
            $found = $this->asStroke($this->next($tokens, $next, null, null));
            $next += $found->taken;
            if ($found->kind === PartKind::Between || $found->kind === PartKind::Quality || $found->kind === PartKind::Words) {
                $saysMore = $saysMore || $found->kind === PartKind::Words;

                continue;
            }
            if (! in_array($found->kind, self::SAID_OF_OTHER_WAY, true)) {
                return $kept;
            }
            $said += [$found->kind->value => $found->value];
        }
        $way = $this->wayOf($said, $saysMore);

        return $way === null ? $kept : new Found(PartKind::Alternative, $way, $next - $at);
    }

    /** Waiting and tidying are ways to do a step as strokes are. */
    private function asStroke(Found $found): Found
    {
        return $found->kind === PartKind::Act && $found->value instanceof Act && $found->value->technique !== null ? new Found(
            PartKind::Technique,
            $found->value->technique,
            $found->taken,
        ) : $found;
    }

    /** @param  array<string, mixed>  $said  by the value of its kind */
    private function wayOf(array $said, bool $saysMore): ?OtherWay
    {
        $technique = $said['technique'] ?? (($said['thing'] ?? null) instanceof Thing ? $said['thing']->technique : null);
        $way = new OtherWay(
            medium: ($said['medium'] ?? null) instanceof Medium ? $said['medium'] : null,
            technique: $technique instanceof Technique ? $technique : null,
            tool: self::toolIn($said['tool'] ?? ''),
            time: ($said['time'] ?? null) instanceof Duration ? $said['time'] : null,
            count: is_array($said['count'] ?? null) ? $said['count'] : [null, null],
            side: ($said['side'] ?? null) instanceof Side ? $said['side'] : null,
            look: is_int($said['look'] ?? null) ? $said['look'] : null,
            coats: is_int($said['coats'] ?? null) ? $said['coats'] : null,
            saysMore: $saysMore,
        );

        return $said !== [] && $way->isPossible($this->vocabulary) ? $way : null;
    }

    /** A quoted tool is called so, whatever else is painted with what is called so. */
    private static function toolIn(mixed $tool): string
    {
        $name = is_array($tool) ? $tool[0] ?? '' : $tool;

        return is_string($name) ? $name : '';
    }

    private function isHex(Token $token): bool
    {
        return preg_match('/^#[0-9a-f]{6}$/', $token->text) === 1;
    }
}
