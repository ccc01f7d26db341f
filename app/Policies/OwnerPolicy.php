<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Eloquent\Model;

/** Everything belongs to its owner; to anyone else it is not there. */
abstract class OwnerPolicy
{
    public function own(User $user, Model $model): Response
    {
        return $model->getAttribute('user_id') === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
