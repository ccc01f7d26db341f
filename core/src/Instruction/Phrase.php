<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** What an instruction says, for a vocabulary to put in words. */
final readonly class Phrase
{
    /**
     * @param string $key of the phrase; where it counts, the vocabulary may have one for a single one, "key.one"
     * @param array<string, int|string|Stitch|list<Instruction>> $arguments numbers, words, stitches and lists of
     *         instructions by their name in the phrase; "n" is what it counts
     */
    public function __construct(public string $key, public array $arguments = [], public Loop $loop = Loop::Both) {}
}
