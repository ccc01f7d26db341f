<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

/**
 * The hand that was taught last. Bags of one maker are taught by the same, and reading two hundred swatches takes
 * longer than all the rest of a plan: whoever reads many documents hands this from one to the next.
 */
final class LearnedCache
{
    private ?LearnedGauge $last = null;

    /** @param array{mixed, mixed} $of `swatches` and `worked` as a document has them */
    public function known(array $of): ?LearnedGauge
    {
        return $this->last?->of === $of ? $this->last : null;
    }

    public function keep(LearnedGauge $taught): LearnedGauge
    {
        return $this->last = $taught;
    }
}
