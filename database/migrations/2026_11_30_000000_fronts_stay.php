<?php

declare(strict_types=1);

use App\Bags\Fronts;
use Illuminate\Database\Migrations\Migration;

/** A bag with worked rows keeps the front it has. */
return new class () extends Migration {
    public function up(): void
    {
        Fronts::keep();
    }

    public function down(): void {}
};
