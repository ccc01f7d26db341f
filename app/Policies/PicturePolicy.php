<?php

declare(strict_types=1);

namespace App\Policies;

final class PicturePolicy extends OwnerPolicy {}
