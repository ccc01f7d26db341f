<?php

declare(strict_types=1);

// Common practice, no source: two schools name the low stitch, punto bajo and medio punto; both are read.
return [
    'rounds' => ['vueltas', 'vuelta', 'vtas', 'vta', 'v', 'rondas', 'ronda', 'carreras', 'carrera', 'r'],
    'rows' => ['hileras', 'hilera', 'filas', 'fila', 'h'],
    'stitches' => ['es' => [
        'sc' => ['pb', 'punto bajo', 'puntos bajos', 'mp', 'medio punto', 'medios puntos'],
        'hdc' => [
            'mpa', 'media vareta', 'medias varetas', 'mv', 'medio punto alto', 'medios puntos altos',
            'punto media vareta',
        ],
        'dc' => ['pa', 'punto alto', 'puntos altos', 'vareta', 'varetas', 'pv', 'var'],
        'tr' => ['pad', 'punto alto doble', 'puntos altos dobles', 'vareta doble', 'varetas dobles', 'pdoble'],
        'crab' => ['p cangrejo', 'punto cangrejo', 'cangrejo', 'pc'],
        'sl st' => [
            'pd', 'punto deslizado', 'puntos deslizados', 'pr', 'punto raso', 'puntos rasos', 'pe', 'punto enano',
        ],
    ]],
    'only' => [],
    'chain' => ['cad', 'cads', 'cadena', 'cadenas', 'cadeneta', 'cadenetas', 'c'],
    'words' => [
        'Increase' => ['aum', 'aumento', 'aumentos', 'aums', 'aumentar'],
        'Decrease' => ['dism', 'disminucion', 'disminuciones', 'dis', 'disminuir'],
        'AsOne' => ['juntos', 'juntas', 'cerrados juntos', 'cerradas juntas'],
        'In' => ['en', 'por', 'dentro de', 'sobre'],
        'Each' => ['cada', 'cada uno', 'cada una', 'todos', 'todas', 'cada uno de', 'cada una de'],
        'Next' => ['sig', 'siguiente', 'siguientes', 'sigs', 'prox', 'proximo', 'proximos', 'proximas', 'proxima'],
        'Last' => ['ultimo', 'ultima', 'ult', 'ultimos', 'ultimas'],
        'First' => ['primer', 'primero', 'primera', '1er', '1ra', '1ª', '1º', 'primeros', 'primeras'],
        'Same' => [
            'hueco entre los dos', 'hueco entre', 'mismo', 'misma', 'mismo lugar', 'mismo punto', 'misma cad',
            'misma cadena', 'mismo p',
        ],
        'Top' => ['arriba', 'parte superior'],
        'Stitches' => ['p', 'pt', 'pts', 'ps', 'punto', 'puntos'],
        'Space' => ['hueco', 'huecos', 'espacio', 'espacios', 'esp', 'arco', 'arcos'],
        'RowEnd' => [
            'agujero', 'agujeros', 'lado', 'lados', 'borde de hilera', 'lado de la hilera', 'lados de las hileras',
        ],
        'Ring' => ['anillo', 'anillo magico', 'aro magico', 'am', 'circulo magico', 'aro'],
        'AroundRing' => ['alrededor de la anilla y'],
        'Tab' => ['anilla', 'anillas'],
        'Pairs' => ['agujeros de las dos anillas que se tocan'],
        'Layers' => ['por todas las capas', 'por las dos capas', 'por ambas capas'],
        'Around' => ['alrededor', 'toda la vuelta', 'de la vuelta', 'hasta el final de la vuelta', 'en toda la vuelta'],
        'Across' => [
            'hasta el final', 'de la hilera', 'toda la hilera', 'hasta el final de la hilera', 'hasta terminar',
        ],
        'ToLast' => ['hasta los ultimos', 'hasta las ultimas', 'hasta el ultimo', 'hasta la ultima', 'hasta los ult'],
        'OtherSide' => [
            'por el otro lado', 'otro lado', 'del otro lado', 'seguir por el otro lado', 'por el lado opuesto',
            'trabajando por el otro lado', 'trabajar por el otro lado', 'tejiendo por el otro lado', 'en el otro lado',
            'por el otro lado de la cadeneta', 'seguir por el otro lado de la cadeneta', 'continuar por el otro lado',
            'por el otro lado de la cadena',
        ],
        'BothSides' => [
            'por un lado de la cadeneta', 'por los dos lados de la cadeneta', 'por ambos lados de la cadeneta',
        ],
        'Evenly' => ['repartidos', 'repartidos por', 'repartidas por', 'repartidos en'],
        'Repeat' => ['rep', 'repetir', 'repite', 'repetimos'],
        'From' => ['desde', 'de'],
        'Times' => ['veces', 'vez', 'x'],
        'More' => ['mas'],
        'Skip' => ['saltar', 'salta', 'saltamos', 'omitir', 'sltar', 'saltear'],
        'Turn' => ['girar', 'gira', 'voltear', 'voltea', 'dar vuelta', 'giramos', 'volver'],
        'Foundation' => ['de base'],
        'Join' => ['coser', 'cerrar', 'cierra', 'unir', 'cerramos', 'union', 'une'],
        'Counts' => ['cuenta como', 'cuentan como', 'cuenta', 'cuentan', 'cuentan por', 'cuenta por'],
        'Not' => ['no', 'sin'],
        'Hook' => ['aguja', 'la aguja', 'gancho', 'ganchillo', 'el ganchillo', 'el gancho'],
        'BackLoop' => [
            'ha', 'hebra de atras', 'en la hebra de atras', 'hebra trasera', 'solo la hebra de atras', 'ht',
            'en la hebra trasera', 'por la hebra de atras', 'todo por ha', 'por atras',
        ],
        'FrontLoop' => [
            'hd', 'hebra de delante', 'en la hebra de delante', 'hebra delantera', 'en la hebra delantera',
            'por la hebra de delante', 'todo por hd',
        ],
        'FrontPost' => [
            'en relieve por delante', 'en relieve por delante del', 'relieve por delante del', 'relieve por delante',
            'relieve delantero', 'en relieve', 'prd', 'relieve',
        ],
        'BackPost' => [
            'en relieve por detras', 'en relieve por detras del', 'relieve por detras del', 'relieve por detras',
            'relieve por atras', 'relieve trasero', 'prt',
        ],
        'Even' => ['tejer recto', 'tejer sin aumentos', 'seguir recto', 'sin aumentos', 'sin aumentar'],
        'For' => ['durante'],
        'And' => ['y', 'luego', 'despues', 'entonces', 'terminar'],
        'Mark' => ['marcar', 'marca', 'colocar marcador', 'poner marcador', 'marcador', 'subir la marca'],
        'FastenOff' => ['rematar', 'cortar', 'cortar hebra', 'cortar la hebra', 'cerrar y cortar'],
        'Filler' => [
            'otro', 'otra', 'pliegue', 'abertura', 'costura', 'el', 'la', 'los', 'las', 'un', 'una', 'uno', 'del',
            'al', 'con', 'a', 'que', 'lo', 'tejer', 'hacer',
            'tejiendo', 'floja', 'flojo', 'como', 'esquina', 'centro', 'ambos', 'lado', 'hilo', 'solo', 'para',
            'total', 'trabajar', 'en total', 'tejemos', 'hacemos', 'capas', 'final', 'anillas', 'se', 'tocan',
        ],
    ],
    'makes' => ['hacer', 'haz', 'hacemos', 'tejer', 'teje'],
    'front-post' => '', 'back-post' => '',
    'together' => '/^(?<stitch>[a-z]+)(?<many>[2-9])j(?:untos)?$/',
    'numbers' => [
        'dos' => 2, 'tres' => 3, 'cuatro' => 4, 'cinco' => 5, 'seis' => 6, 'siete' => 7, 'ocho' => 8, 'nueve' => 9,
        'diez' => 10,
        'doce' => 12, 'veinte' => 20,
    ],
    'often' => ['una vez' => 1, 'dos veces' => 2, 'tres veces' => 3],
    'ordinals' => [
        'segunda' => 2, 'segundo' => 2, 'tercera' => 3, 'tercer' => 3, 'cuarta' => 4, 'cuarto' => 4, 'quinta' => 5,
    ],
];
