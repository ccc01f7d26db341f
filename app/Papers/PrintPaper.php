<?php

declare(strict_types=1);

namespace App\Papers;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** One paper, printed where a worker has time. */
final class PrintPaper implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    /** Once more where a worker died. */
    public int $tries = 2;

    public int $timeout = 60;

    public function __construct(private readonly int $paper) {}

    public function handle(): void
    {
        Papers::print($this->paper);
    }
}
