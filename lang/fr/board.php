<?php

declare(strict_types=1);

/** The fixed words of a menu's board; designs are called what their painter calls them. */
return [
    'title' => 'Maquillage',
    'minutes' => 'min',
    'point' => 'Montre celui que tu aimes',
    'free' => 'gratuit',
    'ask' => 'Demande à la chaise. Tu peux arrêter quand tu veux.',
    'quick' => 'rapide',
    'fancy' => 'prend du temps',
    'arm' => 'sur le bras',
    'big' => 'pour les grands',
];
