<?php

declare(strict_types=1);

/** What parents are texted. */
return [
    'two_before' => ':place: noch zwei vor Nr. :number. Komm bitte näher.',
    'your_turn' => ':place: Nr. :number ist dran. Komm jetzt zu den Stühlen.',
    'closing' => ':place: Die Schlange schließt. Nr. :number wird noch gemalt: bleib in der Nähe.',
];
