<?php

declare(strict_types=1);

// German: each word or phrase, in small letters, as what it is in English.
return [
    // What with.
    'schwamm' => 'sponge', 'schwämmchen' => 'sponge', 'schwammecke' => 'sponge corner', 'halber schwamm' => 'half sponge', 'halbem schwamm' => 'half sponge', 'halben schwamm' => 'half sponge', 'halbschwamm' => 'half sponge',
    'rundschwamm' => 'round sponge', 'runder schwamm' => 'round sponge', 'tupfen' => 'stipple', 'getupft' => 'stippled', 'auftupfen' => 'stipple', 'tupfe' => 'stipple', 'stupfen' => 'stipple',
    'pinsel' => 'brush', 'rundpinsel' => 'round', 'flachpinsel' => 'flat brush', 'schrägpinsel' => 'angle brush', 'katzenzungenpinsel' => 'filbert', 'linierer' => 'liner', 'feiner pinsel' => 'fine brush', 'dünner pinsel' => 'thin brush',
    'blütenpinsel' => 'petal brush', 'schablone' => 'stencil', 'puder' => 'powder', 'glitzer' => 'glitter', 'glitter' => 'glitter', 'glitzergel' => 'glitter gel', 'streuglitzer' => 'loose glitter', 'loser glitzer' => 'loose glitter',
    'stein' => 'gem', 'steine' => 'gems', 'strassstein' => 'gem', 'strasssteine' => 'gems', 'schmuckstein' => 'gem', 'schmucksteine' => 'gems', 'wattestäbchen' => 'damp bud', 'tuch' => 'wipe', 'feuchttuch' => 'wet wipe', 'kleber' => 'skin glue',
    // How.
    'wischen' => 'sweep', 'streichen' => 'sweep', 'verwischen' => 'blend', 'verblenden' => 'blend', 'blenden' => 'blend', 'verlaufen lassen' => 'blend', 'ausfüllen' => 'fill', 'füllen' => 'fill', 'ausmalen' => 'fill',
    'linie' => 'line', 'linien' => 'lines', 'strich' => 'line', 'striche' => 'lines', 'kontur' => 'outline', 'konturen' => 'outlines', 'umriss' => 'outline', 'umrisse' => 'outlines', 'umranden' => 'outline', 'rand' => 'edge', 'ränder' => 'edges',
    'streifen' => 'stripes', 'punkt' => 'dot', 'punkte' => 'dots', 'pünktchen' => 'dots', 'tropfen' => 'teardrops', 'tränen' => 'teardrops', 'schwung' => 'swirl', 'schwünge' => 'swirls', 'locken' => 'curls', 'kringel' => 'swirls',
    'blütenblatt' => 'petal', 'blütenblätter' => 'petals', 'blatt' => 'leaf', 'blätter' => 'leaves', 'blume' => 'flower', 'blumen' => 'flowers', 'herz' => 'heart', 'herzen' => 'hearts', 'schnurrhaare' => 'whiskers', 'wimpern' => 'lashes',
    'sternchen' => 'small stars', 'sterne' => 'stars', 'stern' => 'star', 'highlights' => 'highlights', 'fertig' => 'done', 'lichtpunkte' => 'highlights', 'glanzpunkte' => 'highlights',
    // Colours.
    'weiß' => 'white', 'weiss' => 'white', 'weiße' => 'white', 'weißer' => 'white', 'weißes' => 'white', 'weißen' => 'white', 'schwarz' => 'black', 'schwarze' => 'black', 'schwarzer' => 'black', 'schwarzen' => 'black', 'schwarzes' => 'black',
    'rot' => 'red', 'rote' => 'red', 'roter' => 'red', 'roten' => 'red', 'rotes' => 'red', 'blau' => 'blue', 'blaue' => 'blue', 'blauer' => 'blue', 'blauen' => 'blue', 'blaues' => 'blue', 'hellblau' => 'light blue', 'dunkelblau' => 'dark blue',
    'grün' => 'green', 'grüne' => 'green', 'grünen' => 'green', 'hellgrün' => 'light green', 'dunkelgrün' => 'dark green', 'gelb' => 'yellow', 'gelbe' => 'yellow', 'gelber' => 'yellow', 'gelben' => 'yellow', 'orange' => 'orange',
    'grau' => 'grey', 'graue' => 'grey', 'grauer' => 'grey', 'grauen' => 'grey', 'hellgrau' => 'light grey', 'dunkelgrau' => 'dark grey', 'braun' => 'brown', 'braune' => 'brown', 'brauner' => 'brown', 'braunen' => 'brown', 'rosa' => 'pink',
    'lila' => 'purple', 'violett' => 'violet', 'türkis' => 'turquoise', 'silber' => 'silver', 'silberner' => 'silver', 'gold' => 'gold', 'goldener' => 'gold', 'perlweiß' => 'pearl white', 'hell' => 'light', 'helle' => 'light', 'dunkel' => 'dark',
    // Where.
    'gesicht' => 'face', 'ganzes gesicht' => 'whole face', 'ganze gesicht' => 'whole face', 'überall' => 'everywhere', 'stirn' => 'forehead', 'haaransatz' => 'hairline', 'schläfe' => 'temple', 'schläfen' => 'temples', 'augenbraue' => 'brow',
    'augenbrauen' => 'brows', 'brauen' => 'brows', 'über den augen' => 'above the eyes', 'über dem auge' => 'above the eye', 'unter den augen' => 'under the eyes', 'unter dem auge' => 'under the eye', 'um die augen' => 'around the eyes',
    'augenlid' => 'eyelid', 'augenlider' => 'eyelids', 'lid' => 'lid', 'lider' => 'lids', 'augenwinkel' => 'corner of the eye', 'nase' => 'nose', 'nasenspitze' => 'tip of the nose', 'nasenrücken' => 'bridge of the nose',
    'wange' => 'cheek', 'wangen' => 'cheeks', 'backe' => 'cheek', 'backen' => 'cheeks', 'wangenknochen' => 'cheekbones', 'schnauze' => 'muzzle', 'mund' => 'mouth', 'mundwinkel' => 'corners of the mouth', 'um den mund' => 'around the mouth',
    'lippe' => 'lips', 'lippen' => 'lips', 'oberlippe' => 'upper lip', 'unterlippe' => 'lower lip', 'kinn' => 'chin', 'kiefer' => 'jaw', 'ohr' => 'ear', 'ohren' => 'ears', 'hals' => 'neck', 'arm' => 'arm', 'unterarm' => 'forearm',
    'handgelenk' => 'wrist', 'hand' => 'hand', 'handrücken' => 'back of the hand', 'finger' => 'fingers', 'links' => 'left', 'linke' => 'left', 'linken' => 'left', 'rechts' => 'right', 'rechte' => 'right', 'rechten' => 'right', 'beide' => 'both',
    'beide seiten' => 'both sides', 'beiden seiten' => 'both sides', 'auf beiden seiten' => 'on both sides', 'jede seite' => 'each side', 'je seite' => 'each side', 'pro seite' => 'per side', 'mitte' => 'middle', 'in der mitte' => 'in the middle',
    'andere seite' => 'other side', 'die andere seite' => 'the other side', 'auf der anderen seite' => 'on the other side', 'andere seite auch' => 'other side too', 'anderes auge' => 'other eye',
    // What there is by the sea.
    'welle' => 'wave', 'wellen' => 'waves', 'gischt' => 'foam', 'schaum' => 'foam', 'himmel' => 'sky', 'meer' => 'sea', 'wasser' => 'water', 'leuchtturm' => 'tower', 'turm' => 'tower', 'dach' => 'roof', 'tür' => 'door', 'fenster' => 'window',
    'boot' => 'boat', 'schiff' => 'ship', 'segel' => 'sails', 'mast' => 'mast', 'anker' => 'anchor', 'seil' => 'rope', 'fisch' => 'fish', 'fische' => 'fish', 'schuppen' => 'scales', 'flosse' => 'fin', 'flossen' => 'fins', 'muschel' => 'shell',
    'muscheln' => 'shells', 'seestern' => 'starfish', 'krabbe' => 'crab', 'qualle' => 'jellyfish', 'tentakel' => 'tentacles', 'fangarme' => 'tentacles', 'blasen' => 'bubbles', 'luftblasen' => 'bubbles', 'wolke' => 'cloud', 'wolken' => 'clouds',
    'blitz' => 'bolt', 'regen' => 'rain', 'sonne' => 'sun', 'schnabel' => 'beak', 'flügel' => 'wings', 'schwanz' => 'tail', 'maske' => 'mask', 'grundierung' => 'base', 'grund' => 'base', 'basis' => 'base', 'hintergrund' => 'background',
    // How much and how long.
    'schicht' => 'coat', 'schichten' => 'coats', 'sek' => 'sec', 'sekunde' => 'second', 'sekunden' => 'seconds', 'minute' => 'minute', 'minuten' => 'minutes', 'eine minute' => 'a minute', 'halbe minute' => 'half a minute',
    'eine halbe minute' => 'half a minute', 'ein' => 'a', 'eine' => 'a', 'einen' => 'a', 'einem' => 'a', 'einer' => 'a', 'eins' => 'one', 'zwei' => 'two', 'drei' => 'three', 'vier' => 'four', 'fünf' => 'five', 'sechs' => 'six', 'sieben' => 'seven',
    'acht' => 'eight', 'neun' => 'nine', 'zehn' => 'ten', 'zwölf' => 'twelve', 'fünfzehn' => 'fifteen', 'zwanzig' => 'twenty', 'dreißig' => 'thirty', 'vierzig' => 'forty', 'ein paar' => 'a few', 'ein dutzend' => 'a dozen', 'zweimal' => 'twice',
    'bis zu' => 'up to', 'je' => 'each', 'ca' => 'about', 'etwa' => 'about', 'ungefähr' => 'about',
    // When and whether.
    'wenn es trocken ist' => 'when dry', 'wenn trocken' => 'when dry', 'sobald trocken' => 'once dry', 'nach dem trocknen' => 'when dry', 'trocknen lassen' => 'let it dry', 'warten' => 'wait', 'solange es nass ist' => 'while wet',
    'noch feucht' => 'while wet', 'auf die nasse farbe' => 'while wet', 'augen zu' => 'eyes shut', 'augen geschlossen' => 'eyes shut', 'mund zu' => 'mouth shut', 'optional' => 'optional', 'wenn zeit ist' => 'if there is time', 'falls zeit' => 'if there is time',
    'wer mag' => 'if you like', 'kann wegfallen' => 'can be left out', 'zuletzt' => 'last', 'zum schluss' => 'at the end', 'zuerst' => 'first', 'nochmal' => 'again', 'noch einmal' => 'again', 'genauso' => 'the same', 'dasselbe' => 'the same',
    'wiederholen' => 'repeat', 'gespiegelt' => 'mirrored', 'gleicher pinsel' => 'same brush', 'gleichen pinsel' => 'same brush', 'schwamm drehen' => 'turn the sponge', 'hände abwischen' => 'wipe hands', 'sauber wischen' => 'clean', 'säubern' => 'clean',
    // Qualities.
    'dünn' => 'thin', 'dünne' => 'thin', 'dünnen' => 'thin', 'dick' => 'thick', 'dicke' => 'thick', 'leicht' => 'lightly', 'sanft' => 'gently', 'klein' => 'small', 'kleine' => 'small', 'kleiner' => 'small', 'kleinen' => 'small', 'groß' => 'big',
    'große' => 'big', 'großer' => 'big', 'mit der spitze' => 'with the tip',
    // Small words.
    'und' => 'and', 'oder' => 'or', 'mit' => 'with', 'auf' => 'on', 'auf die' => 'on the', 'auf der' => 'on the', 'auf den' => 'on the', 'am' => 'on the', 'an' => 'on', 'im' => 'in the', 'in' => 'in', 'der' => 'the', 'die' => 'the', 'das' => 'the',
    'den' => 'the', 'dem' => 'the', 'des' => 'of the', 'von' => 'from', 'vom' => 'from the', 'bis' => 'to', 'zu' => 'to', 'zum' => 'to the', 'zur' => 'to the', 'über' => 'over', 'unter' => 'under', 'um' => 'around', 'zwischen' => 'between',
    'entlang' => 'along', 'für' => 'for', 'dann' => 'then', 'auch' => 'also', 'noch' => 'also', 'nur' => 'only', 'darüber' => 'above it', 'darunter' => 'under it', 'darauf' => 'on it', 'seine' => 'its', 'seiner' => 'its', 'deren' => 'their', 'aus' => 'out', 'alles' => 'everything',
];
