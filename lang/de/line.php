<?php

declare(strict_types=1);

/** The fixed words of the board that parents see. */
return [
    'painting' => 'Wird gerade gemalt',
    'next' => 'Als Nächstes',
    'about' => 'etwa {time}',
    'open' => 'Die Schlange ist offen',
    'closed' => 'Die Schlange ist geschlossen',
    'full' => 'Heute keine Namen mehr',
    'newName' => 'Wer sich jetzt meldet: etwa {time}',
    'menu' => 'Auf der Karte',
    'soldOut' => 'ausverkauft',
    'yourNumber' => 'Deine Nummer',
    'see' => 'Wann bin ich dran?',
    'turn' => 'Du bist in etwa {minutes} Minuten dran',
    'near' => 'Gleich bist du dran',
    'soon' => 'Komm jetzt zu den Stühlen',
    'between' => 'zwischen {from} und {until}',
    'ahead' => 'noch {count} vor dir',
    'aheadOne' => 'noch ein Kind vor dir',
    'none' => 'Du bist als Nächstes dran',
    'called' => 'Aufgerufen',
    'here' => 'Wird gerade gemalt',
    'gone' => 'Nr. {number} steht nicht in der Schlange. Frag bei den Stühlen.',
    'old' => 'Stand von {time}. Es geht weiter, sobald wieder Netz da ist.',
    'other' => 'Andere Nummer',
    'nobody' => 'Niemand wartet',
    'textMe' => 'SMS an mich',
    'slipCode' => 'Code auf dem Zettel',
    'phone' => 'Handynummer',
    'texting' => 'Du bekommst eine SMS, wenn noch zwei vor dir sind, wenn du dran bist und wenn die Schlange schließt. '
        .'Nach dem Tag ist die Nummer vergessen.',
    'noTexts' => 'Keine SMS',
    'textsNot' => 'Das ging nicht. Sieh die Nummer an und versuch es noch einmal.',
];
