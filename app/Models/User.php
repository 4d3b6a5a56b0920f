<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;
use Lumbro\Core\People\Act;
use Lumbro\Core\People\Role;

/**
 * A person who signs in.
 *
 * @property string $name
 * @property string $email
 * @property string $role     one of the core's roles
 * @property string $password
 * @property bool   $active
 */
final class User extends Register implements AuthenticatableContract
{
    use Authenticatable;

    protected $table = 'users';

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, bool> */
    protected $attributes = ['active' => true];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed', 'active' => 'boolean'];

    public function asRole(): Role
    {
        return Role::from($this->role);
    }

    public function may(Act $act): bool
    {
        return $this->asRole()->may($act);
    }
}
