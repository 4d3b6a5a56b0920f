<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\People\Passwords;
use App\People\SecondFactor;
use App\People\Sessions;
use App\People\ShopLog;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** For whoever administers the machine, where the only lead can no longer sign in. */
final class LetIn extends Command
{
    protected $signature = 'lumbro:let-in {email : of somebody who leads the shop}';

    protected $description = 'Give somebody a new first password and take their second factor away';

    public function handle(): int
    {
        $email = $this->argument('email');
        $user = User::query()->where('email', is_string($email) ? mb_strtolower(trim($email)) : '')->first();
        if (! $user instanceof User) {
            $this->line('There is no account with this address.');

            return 2;
        }
        $password = Passwords::madeUp();
        DB::transaction(static function () use ($user, $password): void {
            SecondFactor::end($user);
            $user->forceFill(['password' => $password, 'must_change' => true, 'active' => true, 'pin' => null])->save();
            Sessions::endOf($user->id);
            ShopLog::line($user->shop_id, ShopLog::NEW_PASSWORD, 'administrator', $user->name);
        });
        $this->line("  $user->name signs in with this password, once, and chooses another:\n\n    $password");

        return 0;
    }
}
