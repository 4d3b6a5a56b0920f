<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;

/**
 * A person who signs in.
 *
 * @property string $name
 * @property string $email
 * @property string $role     "technician" or "lead"
 * @property string $password
 */
final class User extends Register implements AuthenticatableContract
{
    use Authenticatable;

    protected $table = 'users';

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed'];

    public function isLead(): bool
    {
        return $this->role === 'lead';
    }
}
