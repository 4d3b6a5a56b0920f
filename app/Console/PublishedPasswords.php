<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Prints the accounts that still have the password with which the practice shop is published; nothing where there are none. */
final class PublishedPasswords extends Command
{
    protected $signature = 'lumbro:published-passwords';

    protected $description = 'Name the accounts whose passwords are published';

    public function handle(): int
    {
        $published = array_column((array) json_decode((string) file_get_contents(database_path('demo/people.json')), true), 'password', 'email');
        $found = [];
        foreach (DB::table('users')->where('active', true)->whereIn('email', array_keys($published))->orderBy('email')->get() as $user) {
            if (Hash::check((string) $published[$user->email], $user->password)) {
                $found[] = $user->email;
            }
        }
        if ($found !== []) {
            $this->line(implode(', ', $found));
        }

        return 0;
    }
}
