<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Technique;
use Core\Design\Wording\PartKind;
use Core\Units\Duration;

/** When dry, while wet, before the line work, but not on the muzzle: what is said of the moment and of what is spared. */
final readonly class Conditions
{
    /** Common practice, no source: half a minute lets a film under a line or a dot dry. */
    public const USUAL_DRYING_SECONDS = 30;

    public const STARTERS = [
        'when', 'once', 'after', 'as', 'if', 'while', 'before', 'wait', 'let', 'leave', 'leaving', 'on', 'over', 'dry', 'dried',
        'until', 'till', 'except', 'avoid', 'avoiding', 'but', 'not', 'without', "don't", 'dont', 'do', 'so', 'drying',
        'keep', 'keeping', 'spare', 'sparing', 'because', 'careful', 'mind', 'hold', 'soften', 'pull', 'lift',
        'pointing', 'aiming', 'facing', 'aimed', 'only', 'unless', 'skip', 'drop', 'for', 'and', 'big', 'bigger', 'birthday', 'bday',
        'older', 'rest', 'provided', 'give',
    ];

    private const DRY = '/^(?:when|once|after|as soon as|if|until|till) (?:[\p{L}\'-]+ ){0,4}?(?:dry|dried|dries|set|sets)$/u';

    private const DRY_BELOW = [
        'on dry', 'on dry paint', 'on dry base', 'on the dry base', 'over dry', 'over dry paint', 'on the dry paint',
        'over the dry base', 'on dry white', 'on the dry white', 'when completely dry', 'over dry base',
    ];

    private const WET = '/^(?:while|whilst|before|when|as long as) (?:[\p{L}\'-]+ ){0,4}?(?:wet|tacky|damp|dries|dry|sticky)$/u';

    /** Whether it is painted hangs on the line, the time or a wish. */
    private const OPTIONAL = '/^(?:and |only |but |just )*(?:if|when|unless|as long as|provided|wenn|falls|nur|skip|leave out|miss out'
        .'|drop)\b'
        .'(?: [\p{L}\'’-]+){0,6}? (?:queue|queues|line|lines|rush|hurry|rushed|time|busy|quiet|slow|asks?|asked|asking|wants?|wanted'
            .'|likes?|fancy|fancies'
        .'|waiting|allows?|ok|okay|little ones|littlies|small ones|toddlers|agrees?|wunsch|keen)$|^(?:only )?for (?:the )?(?:birthday'
            .'|bday) (?:child|girl|boy)$/u';

    private const LEFT = '/^(?:leave|let|give) (?:it|that|this|them|her|him)(?: rest| sit| be)?(?: for)?/';

    private const OF_AN_AGE = '/^(?:over|only over|for over|not under) \d{1,2} s(?: only)?$/';

    private const WHOM = '/girls?|boys?|kids?|party|parties|ones|child|children/';

    /** These begin nothing else. */
    private const ONLY_WISHES = ['and', 'for', 'big', 'bigger', 'birthday', 'bday', 'older', 'provided', 'only', 'unless', 'skip', 'drop'];

    private const WISHES = [...self::ONLY_WISHES, 'if', 'when', 'as', 'leave', 'over', 'not'];

    private const ONLY_FOR = '/^(?:[\p{L}\'’-]+ ){1,3}only$/u';

    private const WAIT = '/^(?:wait|let|leave|pause)(?: [\p{L}\'-]+){0,4} (?:dry|dries|dried|set|sets)$/u';

    private const SPARED = '/^(?:leaving|leave|except|avoid|avoiding|but not|not|without|do not|don\'t|dont|so (?:it|that|they|you|the)'
        .'|keep(?:ing)? (?:clear|off|away|out|it|them)|spar(?:e|ing)|because|careful|mind'
            .'|(?:pointing|aiming|aimed|facing)(?: (?:to|at|towards?|up|down|in|out))?) /u';

    /** Softening and lifting with a damp bud takes paint away. */
    private const LIFTED = '/^(?:soften|lift|clean|take|wipe)(?: [\p{L}\'-]+){0,4}? with (?:a )?(?:damp |wet |moist |clean )*'
        .'(?:bud|q-tip|wipe|tissue)$/u';

    public static function mayBegin(string $text): bool
    {
        return in_array($text, self::STARTERS, true);
    }

    public static function read(Tokens $tokens, int $at): ?Found
    {
        $clause = $tokens->untilClauseEnds($at);
        $wish = self::wish($tokens, $at, $clause);
        if ($wish !== null || in_array($tokens->text($at), self::ONLY_WISHES, true)) {
            return $wish;
        }

        return self::dried($tokens, $at)
            ?? self::rested($tokens, $at)
            ?? self::moment($tokens, $at, $clause) ?? self::placed($tokens, $at, $clause) ?? self::spared($tokens, $at, $clause);
    }

    /** dry 0:20, dry for 30s, dried after 1 min. */
    private static function dried(Tokens $tokens, int $at): ?Found
    {
        if (! in_array($tokens->text($at), ['dry', 'dried'], true)) {
            return null;
        }
        $from = in_array($tokens->text($at + 1), ['for', 'after', 'below'], true) ? 2 : 1;
        $time = Times::plain($tokens, $at + $from);

        return $time === null ? null : new Found(PartKind::Drying, $time[0], $from + $time[1]);
    }

    /** If there is no queue, when the child wants, for the birthday child, big girls only: whether it is painted at all. */
    private static function wish(Tokens $tokens, int $at, int $clause): ?Found
    {
        if (! in_array($tokens->text($at), self::WISHES, true)) {
            return null;
        }
        for ($taken = 2; $taken <= min(8, $clause); $taken++) {
            $said = $tokens->joined($at, $taken);
            if (preg_match(self::OF_AN_AGE, $said) === 1) {
                return new Found(PartKind::Optional, true, $taken);
            }
            $isOnlyFor = preg_match(self::ONLY_FOR, $said) === 1 && preg_match(self::WHOM, $said) === 1;
            if ($isOnlyFor || preg_match(self::OPTIONAL, $said) === 1) {
                return new Found(PartKind::Optional, true, $taken);
            }
        }

        return null;
    }

    /** Rest 2 min, leave it a minute: a wait. */
    private static function rested(Tokens $tokens, int $at): ?Found
    {
        $isLeft = preg_match(self::LEFT, $tokens->joined($at, min(4, $tokens->count - $at)), $said) === 1;
        $left = $isLeft ? substr_count($said[0], ' ') + 1 : 0;
        if ($left > 0 && Times::plain($tokens, $at + $left) !== null) {
            return new Found(PartKind::Act, new Act(Technique::Wait), $left);
        }
        $from = in_array($tokens->text($at + 1), ['for', 'it', 'about'], true) ? 2 : 1;

        return $tokens->text($at) === 'rest'
            && Times::plain($tokens, $at + $from) !== null ? new Found(PartKind::Act, new Act(Technique::Wait), 1) : null;
    }

    private static function moment(Tokens $tokens, int $at, int $clause): ?Found
    {
        $usual = Duration::ofSeconds(self::USUAL_DRYING_SECONDS);
        for ($taken = 2; $taken <= min(8, $clause); $taken++) {
            $said = $tokens->joined($at, $taken);
            $found = match (true) {
                preg_match(self::WAIT, $said) === 1 => new Found(PartKind::Act, new Act(Technique::Wait), $taken),
                preg_match(self::LIFTED, $said) === 1 => new Found(PartKind::Act, new Act(Technique::LiftOff, null, true), $taken),
                in_array($said, self::DRY_BELOW, true), preg_match(self::DRY, $said) === 1 && ! str_starts_with($said, 'until')
                    && ! str_starts_with($said, 'till') => new Found(
                        PartKind::Drying,
                        $usual,
                        $taken,
                    ),
                preg_match(self::DRY, $said) === 1 => new Found(PartKind::Note, null, $taken),
                preg_match(self::WET, $said) === 1 => new Found(PartKind::Order, Place::WhileWet, $taken),
                default => null,
            };
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** before the line work, after the glitter. */
    private static function placed(Tokens $tokens, int $at, int $clause): ?Found
    {
        $place = ['before' => Place::Before, 'after' => Place::After][$tokens->text($at)] ?? null;
        if ($place === null || $clause < 2 || $clause > 6 || in_array(
            $tokens->text($at + 1),
            ['that', 'this', 'which'],
            true,
        ) || Numbers::of($tokens->text($at + 1)) !== null) {
            return null;
        }
        $what = $tokens->joined($at + 1, $clause - 1);

        return new Found(PartKind::Order, [$place, preg_replace('/^(?:the|all|any|my) /', '', $what) ?? $what], $clause);
    }

    /** leaving the muzzle bare, but not the lids, don't press: kept as a note, and what it names is not painted. */
    private static function spared(Tokens $tokens, int $at, int $clause): ?Found
    {
        if ($clause < 2 || preg_match(self::SPARED, $tokens->joined($at, min($clause, 4)).' ') !== 1) {
            return null;
        }
        $taken = 1;
        while ($taken < $clause && Times::plain($tokens, $at + $taken) === null) {
            $taken++;
        }

        return new Found(PartKind::Note, null, $taken);
    }
}
