<?php

declare(strict_types=1);

namespace App\Glossary;

use App\Tongue\Tongues;

/** What each page is for, in a few lines: shown there by "?", and all of them on one page. */
final class Guide
{
    /** Name and lines of each, messages, by the beginning of a route's name; the longest before what it begins with. */
    public const PAGES = [
        'bags.plan' => [
            'Plan',
            'Every figure of one bag: what you decide at the stations, what follows from it beside them.',
            'A field left empty is settled for you, and what it is stands in it in grey.',
            'Each change is drawn at once; Save and draw keeps it, Undo takes it back.',
            'A note in warm colour is something that will not come out as you wish.',
        ],
        'bags.words' => [
            'Words',
            'The pattern as it is published: row by row, with the count at the end of each.',
            'Choose its language above; a second one can stand beside it, line for line.',
            'PDF prints it with its drawings; Bag file is what another Fescue reads.',
        ],
        'bags.enough' => [
            'Enough?',
            'The ball running down over the rows, and the chance that it is enough.',
            'Weigh what is left after any row: the rest is reckoned anew from your own work.',
            'Where it runs short, the mends below say what to change, and how sure that makes you.',
        ],
        'bags.work' => [
            'Work',
            'One row at a time, for full hands: the large button says that it is done.',
            'It works without a network, and sends what you did when there is one.',
            'Count, Weigh, Measure and New ball note what happens on the way.',
            'Go back takes the last step back, however many there were.',
        ],
        'bags.finish' => [
            'Finish',
            'What is sewn on or in, where exactly, and what to buy for it.',
            'Choose what the bag gets: places are counted in stitches from its folds.',
            'The steps below are in the order in which they are done.',
        ],
        'bags.what-if' => [
            'What if',
            'The same bag on other hooks and of other strands, side by side.',
            'Counts stay: the size changes. Size stays: the counts change.',
            'Take it makes this bag so; Undo takes it back.',
        ],
        'bags.log' => [
            'Finished bags',
            'What you made: its picture, what it took, how long, and how far off the plan was.',
            'Every bag that is done makes the next estimate surer.',
        ],
        'bags' => [
            'Bags',
            'All your bags at one scale, filled to where they are worked.',
            'Look for one by its name, or read a bag file that somebody sent.',
            'Plan a bag begins with what is in your hand.',
        ],
        'begin' => [
            'What shall it be?',
            'Say what is in your hand at the left: the strand, how thick, which hook, how much of it.',
            'Every kind of bag is drawn of it, to one scale; choose one, and its figures stand at the right.',
            'I have a pattern takes a text of your own, and makes a bag of it.',
            'Nothing is kept until you keep it.',
        ],
        'count' => [
            'Count a pattern',
            'Paste a pattern in any of seven languages: each row is worked over the one below it.',
            'A row that does not come out says by how many, and offers a mend.',
            'Another size makes it wider or higher in its own words; Make a bag of it goes on to your strand.',
            'Write it in tells the same rows in another language.',
            'Rounds that stand on no chain and in no ring are a fabric: kept, it can be chosen for any wall.',
        ],
        'stash' => [
            'Stash',
            'Every strand you have: how much is left, and which bags it is promised to.',
            'What you buy, weigh or give away is a line of its ledger, and nothing is ever overwritten.',
            'Thickness and weight a metre make the estimates; a metre on the scale is soon weighed.',
        ],
        'cutting' => [
            'Cutting table',
            'Strips of shirts, sheets and bags: how wide to cut, how long it becomes, drawn as you type.',
            'The example is only shown; begin one of your own to keep it.',
            'The sheet of cuts prints at its true size.',
        ],
        'swatches' => [
            'Swatches',
            'A square worked and measured says what your stitches measure on that hook, of that strand.',
            'Each one teaches the estimates for all others.',
            'Trial compares hooks; a picture can be measured instead of the square.',
        ],
        'account' => [
            'Account',
            'Your name, units and language; how patterns are signed.',
            'Everything you entered is yours: take it as one file, or delete it.',
        ],
        'front' => [
            'Worktable',
            'What was in your hand last, and where you were.',
            'A bag opens at its plan; Work goes on at the row you left.',
        ],
    ];

    /** @return list<array{string, string, list<string>}> key, name and lines of each page, as it is told now */
    public static function all(): array
    {
        $all = [];
        foreach (self::PAGES as $key => $lines) {
            $told = array_map(fn(string $line): string => Tongues::tell($line), $lines);
            $all[] = [str_replace('.', '-', $key), $told[0], array_slice($told, 1)];
        }

        return $all;
    }

    /** @return ?array{string, string, list<string>} of a page by its route; null where nothing need be said */
    public static function of(string $route, bool $isMaker): ?array
    {
        // A stranger's front page is the beginning of a bag.
        $route = $route === 'front' && ! $isMaker ? 'begin' : str_replace('texts.', 'count.', $route);
        foreach (array_keys(self::PAGES) as $nth => $key) {
            if ($route === $key || str_starts_with($route, "{$key}.")) {
                return self::all()[$nth];
            }
        }

        return null;
    }
}
