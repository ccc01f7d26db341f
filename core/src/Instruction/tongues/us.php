<?php

declare(strict_types=1);

// Craft Yarn Council, "Crochet abbreviations", US terms; from memory.
return [
    'called' => 'US names',
    'stitches' => [
        'ch' => ['ch', 'chain'], 'sl st' => ['sl st', 'slip stitch'], 'sc' => ['sc', 'single crochet'],
        'hdc' => ['hdc', 'half double crochet'], 'dc' => ['dc', 'double crochet'], 'tr' => ['tr', 'treble crochet'],
    ],
    'ordinals' => [2 => '2nd', 3 => '3rd', 4 => '4th', 5 => '5th'],
    'motifs' => ['mesh' => ['mesh', 'double crochet mesh'], 'two-in-one' => ['two in one', 'two in one, skip one']],
    'phrases' => [
        'each.stitch.one' => '{stitch} in next st', 'each.stitch' => '{stitch} in next {n} sts',
        'each.first-chain' => '{stitch} in {nth} ch from hook', 'each.last-chain' => '{stitch} in last ch',
        'each.next-chain.one' => '{stitch} in next ch', 'each.next-chain' => '{stitch} in next {n} ch',
        'each.first-chain-again' => '{stitch} in the first ch again',
        'each.front-post.one' => '{stitch} around the front post of next st',
        'each.front-post' => '{stitch} around the front posts of next {n} sts',
        'each.back-post.one' => '{stitch} around the back post of next st',
        'each.back-post' => '{stitch} around the back posts of next {n} sts',
        'each.row-end.one' => '{stitch} in next row end', 'each.row-end' => '{stitch} in next {n} row ends',
        'each.space.one' => '{stitch} in next space',
        'each.space' => '{stitch} in next {n} spaces',
        'each.corner' => '{stitch} in the corner',
        'several.stitch.one' => '{k} {stitch} in next st', 'several.stitch' => '{k} {stitch} in each of next {n} sts',
        'several.first-chain' => '{k} {stitch} in {nth} ch from hook',
        'several.last-chain' => '{k} {stitch} in last ch',
        'several.next-chain' => '{k} {stitch} in next ch',
        'several.first-chain-again' => '{k} {stitch} in the first ch again',
        'several.row-end.one' => '{k} {stitch} in next row end',
        'several.row-end' => '{k} {stitch} in each of next {n} row ends',
        'several.space.one' => '{k} {stitch} in next space',
        'several.space' => '{k} {stitch} in each of next {n} spaces',
        'several.corner' => '{k} {stitch} in the corner',
        'in-one.stitch' => '({bare}) in next st',
        'in-one.space' => '({bare}) in next space',
        'in-one.corner' => '({bare}) in the corner',
        'bare.each.one' => '{stitch}', 'bare.each' => '{n} {stitch}', 'bare.chain' => 'ch {n}',
        'together.one' => '{stitch}{k}tog', 'together' => '{stitch}{k}tog {n} times',
        'under' => '{n} {stitch} around the chain', 'chain' => 'ch {n}', 'skip' => 'skip {n}',
        'starting-chain' => 'ch {n} (does not count as a stitch; start in the st of '
            .'the join)', 'join' => '{stitch} in first st to join',
        'marker' => 'do not join: mark the first st of the round and move the marker up '
            .'each round', 'turn' => 'turn, ch {n}',
        'repeat.twice' => '[{list}] twice', 'repeat' => '[{list}] {times} times',
        'along.other-side' => 'go on along the other side of the chain: {list}',
        'along.row-ends' => 'along the row ends: {list}',
        'around' => '{stitch} in each st around', 'across' => '{stitch} in each st across',
        'loop.back' => 'back loop only', 'loop.front' => 'front loop only',
        'foundation' => 'Chain {n}, loosely: {m} to work into and {k} to turn.',
        'row' => 'Row {n}', 'round' => 'Round {n}', 'rows' => 'Rows {n}–{m}', 'rounds' => 'Rounds {n}–{m}',
        'rows.alike' => 'Each row the same.', 'rounds.alike' => 'Each round the same.',
    ],
];
