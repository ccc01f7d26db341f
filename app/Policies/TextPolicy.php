<?php

declare(strict_types=1);

namespace App\Policies;

final class TextPolicy extends OwnerPolicy {}
