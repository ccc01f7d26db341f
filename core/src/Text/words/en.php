<?php

declare(strict_types=1);

// Abbreviations and terms: Craft Yarn Council, "Crochet abbreviations" and "International crochet terms"; from memory.
// What is not in those lists is common practice, no source.
return [
    'rounds' => ['rnds', 'rnd', 'rounds', 'round', 'rd', 'rds', 'r'],
    'rows' => ['rows', 'row'],
    // What either side of the ocean calls a stitch, by the name that ours has.
    'stitches' => [
        'en-US' => [
            'sc' => ['sc', 'single crochet', 'single crochets', 'single'],
            'hdc' => ['hdc', 'half double crochet', 'half double crochets', 'half double'],
            'dc' => ['dc', 'double crochet', 'double crochets', 'double'],
            'tr' => ['tr', 'trc', 'treble crochet', 'treble crochets', 'treble', 'triple crochet'],
            'sl st' => ['sl st', 'sl sts', 'slst', 'sl stitch', 'slip stitch', 'slip stitches', 'ss'],
            'crab' => ['crab st', 'crab stitch', 'reverse sc', 'reverse single crochet', 'rev sc'],
        ],
        'en-GB' => [
            'sc' => ['dc', 'double crochet', 'double crochets', 'double'],
            'hdc' => ['htr', 'half treble crochet', 'half treble', 'half trebles'],
            'dc' => ['tr', 'treble crochet', 'treble', 'trebles', 'treble crochets'],
            'tr' => ['dtr', 'double treble crochet', 'double treble', 'double trebles'],
            'sl st' => ['ss', 'sl st', 'sl sts', 'slst', 'slip stitch', 'slip stitches'],
            'crab' => ['crab st', 'crab stitch', 'reverse dc', 'reverse double crochet'],
        ],
    ],
    // Words that only one side has.
    'only' => [
        'en-US' => ['sc', 'single crochet', 'hdc', 'half double crochet', 'skip', 'sk', 'gauge'],
        'en-GB' => ['htr', 'half treble', 'dtr', 'double treble', 'miss', 'tension', 'ss'],
    ],
    'chain' => ['ch', 'chs', 'chain', 'chains', 'ch st', 'ch sts'],
    'words' => [
        'Increase' => ['inc', 'incs', 'increase', 'increases'],
        'Decrease' => ['dec', 'decs', 'decrease', 'decreases', 'invdec', 'invisible decrease'],
        'AsOne' => ['together', 'tog'],
        'In' => ['in', 'into', 'through', 'under'],
        'Each' => ['each', 'every', 'all'],
        'Next' => ['next', 'following', 'foll'],
        'Last' => ['last', 'final'],
        'First' => ['first', 'beginning', 'beg'],
        'Same' => ['same', 'same place', 'again', 'sp between', 'space between', 'sps between'],
        'Top' => ['top', 'top of'],
        'Stitches' => ['st', 'sts', 'stitch', 'stitches', 'stich', 'stiches'],
        'Space' => ['loop', 'loops', 'sp', 'sps', 'space', 'spaces', 'chain space', 'chain spaces'],
        'RowEnd' => [
            'hole', 'holes', 'row end', 'row ends', 'end of row', 'end of each row', 'side of row', 'row edge',
        ],
        'Ring' => ['ring', 'magic ring', 'mr', 'magic circle', 'mc', 'adjustable ring', 'magic loop'],
        'AroundRing' => ['around the ring and'],
        'Tab' => ['tab', 'tabs'],
        'Pairs' => ['holes of both tabs where two meet'],
        'Layers' => ['through all layers', 'through both layers'],
        'Around' => ['around', 'to end of round', 'to end of rnd', 'all around', 'all the way around'],
        'Across' => ['across', 'to end', 'to end of row', 'to the end', 'along', 'all across', 'to the end of the row'],
        'ToLast' => ['to last', 'to the last', 'until last', 'until the last', 'across to last', 'around to last'],
        'OtherSide' => [
            'working along other side', 'working along the other side', 'along other side', 'along the other side',
            'on other side', 'on the other side', 'working on other side', 'working on the other side', 'other side',
            'working in other side', 'working in the other side', 'working back along the other side',
            'rotate', 'working in opposite side', 'working along opposite side', 'on opposite side', 'opposite side',
            'working in the opposite side', 'go on along the other side', 'working down the other side',
            'along the opposite side', 'working along the opposite side',
        ],
        'BothSides' => ['along one side of the chain', 'along both sides of the chain', 'on both sides of the chain'],
        'Evenly' => ['evenly', 'evenly along', 'evenly across', 'evenly around', 'spaced evenly'],
        'Repeat' => ['rep', 'repeat', 'repeats', 'reps', 'repeating'],
        'From' => ['from'],
        'Times' => ['times', 'time', 'x'],
        'More' => ['more', 'more times', 'further', 'additional'],
        'Skip' => ['sk', 'skip', 'miss'],
        'Turn' => ['turn', 'turning'],
        'Foundation' => ['foundation'],
        'Join' => ['sew', 'sewing', 'join', 'joining', 'joined', 'close', 'connect'],
        'Counts' => [
            'counts as', 'count as', 'counting as', 'counts', 'count', 'counted as', 'here and throughout counts as',
        ],
        'Not' => ['not', 'does not', 'do not', 'never', 'doesn’t', 'don’t', "doesn't", "don't"],
        'Hook' => ['hook', 'the hook'],
        'BackLoop' => ['blo', 'back loop only', 'back loops only', 'back loop', 'back loops', 'bl'],
        'FrontLoop' => ['flo', 'front loop only', 'front loops only', 'front loop', 'front loops', 'fl'],
        'FrontPost' => ['fp', 'front post', 'around front post'],
        'BackPost' => ['bp', 'back post', 'around back post'],
        'Even' => ['work even', 'continue even', 'even', 'without increasing', 'work straight'],
        'For' => ['for', 'over'],
        'And' => ['and', 'then', 'plus', '&', 'ending', 'end'],
        'Mark' => [
            'mark', 'marking', 'place marker', 'pm', 'place stitch marker', 'move marker', 'move the marker', 'marker',
        ],
        'FastenOff' => ['fasten off', 'fo', 'cut yarn', 'finish off', 'weave in'],
        'Filler' => [
            'the', 'a', 'an', 'of', 'to', 'with', 'as', 'this', 'at', 'made', 'work', 'working', 'piece', 'yarn',
            'loosely', 'corner', 'middle', 'center', 'centre', 'both',
            'post', 'other', 'fold', 'edge', 'opening', 'strand', 'seam', 'total', 'st count', 'is', 'side', 'on',
            'worked',
        ],
    ],
    'makes' => ['make', 'work', 'crochet'],
    'front-post' => 'fp', 'back-post' => 'bp',
    'together' => '/^(?<stitch>[a-z]+)(?<many>[2-9])tog$/',
    'numbers' => [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8,
        'nine' => 9,
        'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'twenty' => 20,
    ],
    'often' => ['once' => 1, 'twice' => 2, 'thrice' => 3],
    'ordinals' => [
        'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, '1st' => 1, '2nd' => 2, '3rd' => 3,
        '4th' => 4,
        '5th' => 5, '6th' => 6, '7th' => 7,
    ],
];
