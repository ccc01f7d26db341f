<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\MassUnit;

/** A kitchen scale. One on a wire would fill this contract as the simulated one does. */
interface Scale
{
    /** What it shows now. @throws Unplugged */
    public function reading(): Reading;

    /** Takes what lies on it for nothing. @throws Unplugged */
    public function tare(): void;

    /** @throws Unplugged */
    public function show(MassUnit $unit): void;
}
