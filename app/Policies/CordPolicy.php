<?php

declare(strict_types=1);

namespace App\Policies;

final class CordPolicy extends OwnerPolicy {}
