<?php

declare(strict_types=1);

/** What parents are texted. */
return [
    'two_before' => ':place : encore deux avant le n° :number. Approchez-vous.',
    'your_turn' => ':place : n° :number, c’est à vous. Venez aux chaises.',
    'closing' => ':place : la file ferme. Le n° :number sera encore maquillé : restez près.',
];
