<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A picture of a swatch with a card beside it.
 *
 * @property int $id
 * @property int $user_id
 * @property int $width pixels
 * @property int $height
 * @property string $jpeg
 * @property ?int $bag_id of which it is, when that is done; null of a swatch's
 * @property ?\Illuminate\Support\Carbon $created_at
 * @property ?array<string, string> $marks what its form held when it was last measured
 */
final class Picture extends Record
{
    protected $fillable = ['width', 'height', 'jpeg', 'marks'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['marks' => 'array'];
    }
}
