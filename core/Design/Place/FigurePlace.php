<?php

declare(strict_types=1);

namespace Core\Design\Place;

/** Where a mark stands to a figure that is painted before it, in that figure's own frame: its top is where it points. */
enum FigurePlace: string
{
    case Inside = 'inside';
    case Top = 'top';
    case Foot = 'foot';
    case Above = 'above';
    case Below = 'below';
    case Beside = 'beside';

    /** As it stands in front of the figure's name. */
    public function label(): string
    {
        return match ($this) {
            self::Inside => 'on the',
            self::Top => 'at the top of the',
            self::Foot => 'at the foot of the',
            self::Above => 'above the',
            self::Below => 'below the',
            self::Beside => 'beside the',
        };
    }

    /** Whether a mark there lies upon the figure's paint. */
    public function isUpon(): bool
    {
        return $this === self::Inside || $this === self::Top || $this === self::Foot;
    }

    /** What a word before a figure says of its place; null where it says none, as "round" does. */
    public static function ofWord(string $word): ?self
    {
        return match ($word) {
            'on', 'onto', 'in', 'inside', 'into', 'within', 'over', 'across' => self::Inside,
            'top of' => self::Top,
            'foot of', 'bottom of' => self::Foot,
            'above' => self::Above,
            'below', 'under', 'underneath', 'beneath' => self::Below,
            'beside', 'next to', 'by' => self::Beside,
            default => null,
        };
    }
}
