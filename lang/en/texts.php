<?php

declare(strict_types=1);

/** What parents are texted. */
return [
    'two_before' => ':place: two before No. :number. Come closer, please.',
    'your_turn' => ':place: No. :number, it is your turn. Come to the chairs now.',
    'closing' => ':place: the line is closing. No. :number is still painted: stay close.',
];
