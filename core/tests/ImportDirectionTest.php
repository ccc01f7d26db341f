<?php

declare(strict_types=1);

namespace Fescue\Core\Tests;

use PHPUnit\Framework\TestCase;

/** Rooms know only the rooms before them; see docs/decisions. */
final class ImportDirectionTest extends TestCase
{
    private const MAY_KNOW = [
        'Saying' => [],
        'Statistics' => [],
        'Measure' => ['Saying', 'Statistics'],
        'Document' => ['Saying', 'Measure'],
        'Shape' => [],
        'Material' => ['Saying', 'Measure'],
        'Strip' => ['Saying', 'Measure', 'Document', 'Material'],
        'Scale' => ['Saying', 'Measure'],
        'Stock' => ['Saying', 'Measure'],
        'Stitch' => ['Saying', 'Measure'],
        'Instruction' => ['Saying', 'Measure', 'Stitch'],
        'Text' => ['Saying', 'Stitch', 'Instruction'],
        'Gauge' => ['Saying', 'Measure', 'Statistics', 'Material', 'Stitch', 'Instruction'],
        'Pattern' => ['Saying', 'Measure', 'Stitch', 'Instruction', 'Shape'],
        'Piece' => ['Saying', 'Measure', 'Material', 'Document', 'Stitch', 'Instruction', 'Gauge', 'Pattern', 'Shape'],
        // What a maker stands on: none of them knows another room of makers.
        'Base' => ['Saying', 'Measure', 'Document', 'Stitch', 'Instruction', 'Gauge', 'Pattern', 'Piece', 'Shape'],
        'Wall' => ['Saying', 'Measure', 'Document', 'Stitch', 'Instruction', 'Gauge', 'Pattern', 'Piece', 'Shape'],
        'Top' => ['Saying', 'Measure', 'Document', 'Stitch', 'Instruction', 'Gauge', 'Pattern', 'Piece', 'Shape'],
        'Panel' => [
            'Saying', 'Measure', 'Material', 'Document', 'Stitch', 'Instruction', 'Gauge', 'Pattern', 'Piece', 'Shape',
        ],
        // A text's rows as a bag's.
        'Written' => [
            'Saying', 'Measure', 'Document', 'Stitch', 'Instruction', 'Text', 'Gauge', 'Pattern', 'Piece', 'Shape', 'Base',
        ],
        'Finish' => ['Saying', 'Measure', 'Pattern', 'Material', 'Document', 'Instruction', 'Piece', 'Shape'],
        'Solid' => ['Measure', 'Gauge', 'Pattern', 'Piece', 'Shape', 'Finish'],
        'Bag' => [
            'Saying',
            'Measure',
            'Document',
            'Material',
            'Stitch',
            'Instruction',
            'Gauge',
            'Pattern',
            'Piece',
            'Shape',
            'Base',
            'Wall',
            'Top',
            'Panel',
            'Text',
            'Written',
            'Finish',
            'Solid',
        ],
        'Chart' => ['Stitch', 'Instruction', 'Pattern', 'Piece', 'Shape', 'Bag'],
        'Estimate' => [
            'Saying',
            'Measure',
            'Statistics',
            'Document',
            'Material',
            'Stitch',
            'Instruction',
            'Gauge',
            'Pattern',
            'Piece',
            'Finish',
            'Bag',
        ],
        'Tongue' => ['Saying', 'Measure', 'Material', 'Stitch', 'Instruction', 'Pattern'],
        'Report' => [
            'Saying',
            'Tongue',
            'Measure',
            'Document',
            'Material',
            'Stitch',
            'Instruction',
            'Gauge',
            'Pattern',
            'Piece',
            'Finish',
            'Bag',
            'Estimate',
        ],
        'Work' => [
            'Saying',
            'Measure',
            'Document',
            'Material',
            'Stitch',
            'Instruction',
            'Pattern',
            'Piece',
            'Bag',
            'Report',
        ],
        'Sheet' => [
            'Saying', 'Measure', 'Material', 'Stitch', 'Instruction', 'Gauge', 'Pattern', 'Piece', 'Finish', 'Bag', 'Estimate',
            'Report', 'Tongue',
        ],
    ];

    public function testRoomsKnowOnlyTheRoomsBeforeThem(): void
    {
        $root = dirname(__DIR__).'/src';
        $rooms = array_map(basename(...), (array) glob("{$root}/*", GLOB_ONLYDIR));
        self::assertEqualsCanonicalizing(
            array_keys(self::MAY_KNOW),
            $rooms,
            'A room was added or lost: say what it may know.',
        );
        foreach ($rooms as $room) {
            foreach ((array) glob("{$root}/{$room}/*.php") as $file) {
                $code = (string) file_get_contents((string) $file);
                self::assertStringContainsString("namespace Fescue\\Core\\{$room};", $code, (string) $file);
                // Whole names anywhere in the code count, not the use lines alone.
                preg_match_all('/\\\\?Fescue\\\\Core\\\\(\w+)\\\\/', $code, $named);
                $known = array_diff(array_unique($named[1]), [$room]);
                self::assertSame([], array_values(array_diff($known, self::MAY_KNOW[$room])), (string) $file);
                preg_match_all('/^use (?!Fescue\\\\Core\\\\)(\S+);/m', $code, $outside);
                self::assertSame([], $outside[1], "{$file} imports from outside the core");
            }
        }
    }

    public function testTheCoreReachesForNoClockNoChanceNoFile(): void
    {
        $reaching = '/\b(?:time|microtime|date|rand|mt_rand|random_int|file_get_contents|file_put_contents|fopen|getenv|curl_init|echo|print_r|var_dump)\s*\(/';
        $files = new \RegexIterator(
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__).'/src')),
            '/\.php$/',
        );
        $read = 0;
        // The catalogue's own: one key is one motif, one file of words one vocabulary.
        $catalogue = ['Motif.php', 'Vocabulary.php'];
        foreach ($files as $file) {
            $read++;
            if (! in_array(basename((string) $file), $catalogue, true)) {
                // What is kept is handed in.
                self::assertDoesNotMatchRegularExpression(
                    '/\bstatic (?:readonly )?(?:\??[\w\\\\]+ )?\$/',
                    (string) file_get_contents((string) $file),
                    (string) $file,
                );
            }
            self::assertDoesNotMatchRegularExpression(
                $reaching,
                (string) file_get_contents((string) $file),
                (string) $file,
            );
        }
        self::assertGreaterThan(40, $read);
    }
}
