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
 * @property bool   $must_change   whether the password was made up by somebody else
 * @property string|null $second_secret of the second factor, encrypted
 * @property string|null $recovery hashes of its recovery codes, JSON
 * @property string|null $pin      hashed
 */
final class User extends Register implements AuthenticatableContract
{
    use Authenticatable;

    protected $table = 'users';

    protected $hidden = ['password', 'remember_token', 'second_secret', 'recovery', 'pin'];

    /** @var array<string, bool|null> */
    protected $attributes = ['active' => true, 'must_change' => false, 'second_secret' => null, 'recovery' => null, 'pin' => null];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed', 'active' => 'boolean', 'must_change' => 'boolean', 'pin' => 'hashed'];

    public function asRole(): Role
    {
        return Role::from($this->role);
    }

    public function may(Act $act): bool
    {
        return $this->asRole()->may($act);
    }
}
