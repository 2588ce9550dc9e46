<?php

declare(strict_types=1);

/** What parents are texted. */
return [
    'two_before' => ':place: quedan dos antes del n.º :number. Acércate, por favor.',
    'your_turn' => ':place: n.º :number, es tu turno. Ven a las sillas.',
    'closing' => ':place: la fila se cierra. El n.º :number todavía se pinta: quédate cerca.',
];
