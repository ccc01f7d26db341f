<?php

declare(strict_types=1);

namespace Fescue\Core\Top;

use Fescue\Core\Pattern\Edge;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Fewer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Hanging;
use Fescue\Core\Piece\Hangs;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\OnFolds;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Saying;

/** One strap, worked by itself, from fold to fold: as long as it should hang. */
abstract readonly class StrapOver extends OnSides implements Hangs, OnFolds
{
    private const MOST_CHAINS = 400;

    /** How long it hangs where nothing is said, mm: in the crook of the arm. From memory. */
    private const HANGS = 400.0;

    public function settings(?Ground $ground = null): array
    {
        return [
            new Setting(
                'chain',
                'Chains of the strap',
                new Counted('chain of the strap', 'chains of the strap', 'ch {n}'),
                $this->count('chain'),
                new Bounds(2, self::MOST_CHAINS),
                Unsaid::settled(),
                fewer: new Fewer('Make the strap shorter: {n} chains, not {was}'),
            ),
            Hanging::setting('The length of a strap', $this->length('hangs')),
        ];
    }

    public function isOnFolds(): bool
    {
        return true;
    }

    public function settle(Wish $wish, Ground $ground, ?Edge $on): static
    {
        $hangs = $this->length('hangs')->mm ?? self::HANGS;
        $chain = $this->count('chain')
            ?? (int) round(Hanging::lying($hangs, $ground->school) / $ground->gauge->singleWidth()->mm);
        if ($chain < 2 || $chain > self::MOST_CHAINS) {
            throw new Unmakeable(
                'hangs',
                new Saying(
                    'That needs {chain} chains; Fescue plans from 2 to {most}. Check the length and the gauge.',
                    ['chain' => $chain, 'most' => self::MOST_CHAINS],
                ),
            );
        }

        return $this->with(['chain' => $chain]);
    }

    /** Hung from both folds. */
    protected function hung(Ground $ground, Edge $edge, Piece $strap, Fastened $as, string $code, string $how): Made
    {
        $lies = $ground->gauge->singleWidth()->times($this->given('chain'));
        $stitch = $ground->gauge->widthOf($edge->fabric ?? $ground->wall());

        return new Made(
            [],
            $edge,
            remarks: [
                new Remark(
                    $code,
                    Tone::Better,
                    0,
                    'The strap lies {lies} long and hangs about {hangs}.',
                    $how,
                    [
                        'lies' => $lies, 'hangs' => Hanging::of($lies, $ground->school),
                        'sure' => Hanging::said($ground->school),
                    ],
                    true,
                ),
                ...self::folds($edge),
                Remark::hangTest(),
            ],
            attached: [new Attached(
                $as,
                self::standing($edge, self::fold($edge), $stitch),
                self::standing($edge, self::otherFold($edge), $stitch),
                $ground->gauge->singleHeight(),
                $lies,
            )],
            apart: [$strap],
        );
    }
}
