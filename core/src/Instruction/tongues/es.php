<?php

declare(strict_types=1);

// Common names of crochet in Spain; from memory, no published source.
return [
    'called' => 'En español',
    'stitches' => [
        'ch' => ['cad', 'cadeneta'], 'sl st' => ['pr', 'punto raso'], 'sc' => ['pb', 'punto bajo'],
        'hdc' => ['mpa', 'medio punto alto'], 'dc' => ['pa', 'punto alto'], 'tr' => ['pad', 'punto alto doble'],
    ],
    'ordinals' => [2 => '2.ª', 3 => '3.ª', 4 => '4.ª', 5 => '5.ª'],
    'motifs' => [
        'mesh' => ['malla', 'malla de punto alto'],
        'two-in-one' => ['dos en uno', 'dos en uno, saltando uno'],
    ],
    'phrases' => [
        'each.stitch.one' => '{stitch} en el p sig', 'each.stitch' => '{stitch} en los {n} p sig',
        'each.first-chain' => '{stitch} en la {nth} cad desde la aguja',
        'each.last-chain' => '{stitch} en la última cad',
        'each.next-chain.one' => '{stitch} en la cad sig', 'each.next-chain' => '{stitch} en las {n} cad sig',
        'each.first-chain-again' => '{stitch} otra vez en la primera cad',
        'each.front-post.one' => '{stitch} por delante del p sig',
        'each.front-post' => '{stitch} por delante de los {n} p sig',
        'each.back-post.one' => '{stitch} por detrás del p sig',
        'each.back-post' => '{stitch} por detrás de los {n} p sig',
        'each.row-end.one' => '{stitch} en el lado de la hilera sig',
        'each.row-end' => '{stitch} en el lado de las {n} hileras sig',
        'each.space.one' => '{stitch} en el hueco sig',
        'each.space' => '{stitch} en los {n} huecos sig',
        'each.corner' => '{stitch} en la esquina',
        'several.stitch.one' => '{k} {stitch} en el p sig',
        'several.stitch' => '{k} {stitch} en cada uno de los {n} p sig',
        'several.first-chain' => '{k} {stitch} en la {nth} cad desde la aguja',
        'several.last-chain' => '{k} {stitch} en la última cad',
        'several.next-chain' => '{k} {stitch} en la cad sig',
        'several.first-chain-again' => '{k} {stitch} otra vez en la primera cad',
        'several.row-end.one' => '{k} {stitch} en el lado de la hilera sig',
        'several.row-end' => '{k} {stitch} en el lado de cada una de las {n} hileras sig',
        'several.space.one' => '{k} {stitch} en el hueco sig',
        'several.space' => '{k} {stitch} en cada uno de los {n} huecos sig',
        'several.corner' => '{k} {stitch} en la esquina',
        'in-one.stitch' => '({bare}) en el p sig',
        'in-one.space' => '({bare}) en el hueco sig',
        'in-one.corner' => '({bare}) en la esquina',
        'bare.each.one' => '{stitch}', 'bare.each' => '{n} {stitch}', 'bare.chain' => '{n} cad',
        'together.one' => '{k} {stitch} juntos', 'together' => '{k} {stitch} juntos, {n} veces',
        'under' => '{n} {stitch} alrededor de las cad', 'chain' => '{n} cad', 'skip' => 'saltar {n}',
        'starting-chain' => '{n} cad (no cuentan como punto; empezar en el p de '
            .'la unión)', 'join' => '{stitch} en el primer p para cerrar',
        'marker' => 'no cerrar: marcar el primer p de la vuelta y subir la marca en '
            .'cada vuelta', 'turn' => 'girar, {n} cad',
        'repeat.twice' => '[{list}] dos veces', 'repeat' => '[{list}] {times} veces',
        'along.other-side' => 'seguir por el otro lado de la cadeneta: {list}',
        'along.row-ends' => 'por los lados de las hileras: {list}',
        'around' => '{stitch} en cada p de la vuelta', 'across' => '{stitch} en cada p de la hilera',
        'loop.back' => 'solo por la hebra de atrás', 'loop.front' => 'solo por la hebra de delante',
        'foundation' => 'Cadeneta floja de {n}: {m} para tejer y {k} para girar.',
        'row' => 'Hilera {n}', 'round' => 'Vuelta {n}', 'rows' => 'Hileras {n}–{m}', 'rounds' => 'Vueltas {n}–{m}',
        'rows.alike' => 'Todas las hileras igual.', 'rounds.alike' => 'Todas las vueltas igual.',
    ],
];
