<?php

declare(strict_types=1);

namespace Core\Plan\Checklist;

enum CheckKind: string
{
    case Chance = 'chance';
    case Menu = 'menu';
    case Roster = 'roster';
    case Diary = 'diary';
    case Money = 'money';
    case Stock = 'stock';
    case Water = 'water';
    case Bags = 'bags';
    case Packed = 'packed';
    case Weather = 'weather';
    case Ages = 'ages';
    case Cautions = 'cautions';
}
