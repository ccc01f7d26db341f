<?php

declare(strict_types=1);

// Craft Yarn Council, "Crochet abbreviations", UK terms; from memory. What is not named here is said as in US terms.
return [
    'called' => 'UK names',
    'like' => 'us',
    'stitches' => [
        'crab' => ['crab st', 'crab stitch'], 'whip' => ['whip st', 'whip stitch'],
        'ch' => ['ch', 'chain'], 'sl st' => ['ss', 'slip stitch'], 'sc' => ['dc', 'double crochet'],
        'hdc' => ['htr', 'half treble crochet'], 'dc' => ['tr', 'treble crochet'], 'tr' => [
            'dtr',
            'double treble crochet',
        ],
    ],
    'motifs' => [
        'mesh' => ['mesh', 'treble crochet mesh'], 'two-in-one' => ['two in one', 'two in one, miss one'],
        'spaced' => ['spaced dc', 'double crochet and chains in turn'], 'linen' => ['moss st', 'moss stitch'],
    ],
    'abbreviations' => [
        'sts?' => ['st', 'stitch'], 'sps?' => ['sp', 'space'], 'Rnds?' => ['Rnd', 'round'], 'chs' => ['chs', 'chains'],
        'BLO' => ['BLO', 'in the back loop only'], 'FLO' => ['FLO', 'in the front loop only'],
    ],
    'phrases' => [
        'starting-chain.passed' => 'the {n} missed ch count as {stitch}',
        'skip.one' => 'miss next st', 'skip' => 'miss next {n} sts',
        'skip.row-end.one' => 'miss next row end', 'skip.row-end' => 'miss next {n} row ends',
        'skip.hole.one' => 'miss next hole', 'skip.hole' => 'miss next {n} holes',
        'skip.chain.one' => 'miss next ch', 'skip.chain' => 'miss next {n} ch',
        'skip.on.one' => 'miss next {on}', 'skip.on' => 'miss next {n} {on}',
        'skip.space.of.one' => 'miss next ch-{s} sp', 'skip.space.of' => 'miss next {n} ch-{s} sps',
    ],
];
