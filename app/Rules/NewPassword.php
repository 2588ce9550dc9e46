<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Core\Team\Defaults;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that somebody chooses: long enough, and none of those that are tried first. */
final class NewPassword implements ValidationRule
{
    public const LONGEST = 200;

    /**
     * The commonest ones, and all common ones of twelve letters and more, as the first twelve digits of their SHA-256; out of the word
     * list of the package zxcvbn-ts/language-common 4.1.3 (MIT).
     */
    private const COMMONEST = 'passwords/commonest.sha256';

    private const DIGITS = 12;

    private const LEAST_LETTERS = 5;

    /** @param  Closure(string, ?string=): mixed  $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? $value : '';
        if (mb_strlen($password) < Defaults::LEAST_PASSWORD) {
            $fail('Take '.Defaults::LEAST_PASSWORD.' letters at least: three words that you remember will do.');
        } elseif (mb_strlen($password) > self::LONGEST) {
            $fail('Take '.self::LONGEST.' letters at most.');
        } elseif (self::isCommon($password)) {
            $fail('That password is one of those tried first. Take three words that do not go together.');
        }
    }

    /** Also with a few digits behind it, or nothing but the same letters again. */
    private static function isCommon(string $password): bool
    {
        $small = mb_strtolower($password);
        $bare = rtrim($small, '0123456789!?.-_*#$ ');
        $letters = count(array_unique(mb_str_split($small)));

        return $letters < self::LEAST_LETTERS || self::isKnown($small) || self::isKnown($bare) || self::isTwice($small);
    }

    private static function isTwice(string $small): bool
    {
        $half = mb_substr($small, 0, intdiv(mb_strlen($small), 2));

        return $small === $half.$half && self::isKnown($half);
    }

    private static function isKnown(string $small): bool
    {
        /** @var array<array-key, true>|null $known */
        static $known = null;
        $known ??= array_fill_keys((array) file(resource_path(self::COMMONEST), FILE_IGNORE_NEW_LINES), true);

        return isset($known[substr(hash('sha256', $small), 0, self::DIGITS)]);
    }
}
