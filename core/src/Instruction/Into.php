<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;

/** What the hook goes into, as vocabularies name it. */
enum Into: string
{
    case Stitch = 'stitch';
    case FirstChain = 'first-chain';
    case NextChain = 'next-chain';
    case LastChain = 'last-chain';
    case FirstChainAgain = 'first-chain-again';
    case FrontPost = 'front-post';
    case BackPost = 'back-post';
    case RowEnd = 'row-end';
    case Space = 'space';
    case Corner = 'corner';
    case Hole = 'hole';
    case Ring = 'ring';
    case Tab = 'tab';

    /** Whether a hook finds that there. */
    public function isIn(Anchor $anchor): bool
    {
        return match ($this) {
            self::FrontPost, self::BackPost => $anchor === Anchor::Stitch,
            self::Space => in_array($anchor, [Anchor::Chain, Anchor::Loop], true),
            self::FirstChain, self::NextChain, self::LastChain, self::FirstChainAgain => $anchor === Anchor::Chain,
            self::RowEnd => $anchor === Anchor::RowEnd,
            self::Hole => $anchor === Anchor::Hole,
            self::Tab => $anchor === Anchor::Tab,
            self::Stitch, self::Corner, self::Ring => true,
        };
    }

    /** The loop that is gone through where another is asked for: a post and a space have none; a fabric's own stays. */
    public function through(Loop $asked, Loop $own): Loop
    {
        return match (true) {
            in_array($this, [self::FrontPost, self::BackPost, self::Space], true) => Loop::Both,
            $asked === Loop::Both => $own,
            default => $asked,
        };
    }
}
