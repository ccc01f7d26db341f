<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A pattern's text that she keeps.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $text
 * @property string $tongue its own; '': found out from it
 * @property string $to in which it is written; '': its own
 * @property int $revision how often it was kept anew
 * @property string $motif key of the fabric that it tells; '' of none
 */
final class Text extends Record
{
    use SoftDeletes;

    /** So many she keeps at most. */
    public const MOST = 1000;

    protected $fillable = ['name', 'text', 'tongue', 'to', 'revision', 'motif'];

    /** @var array<string, mixed> */
    protected $attributes = ['tongue' => '', 'to' => '', 'revision' => 0, 'motif' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revision' => 'integer'];
    }
}
