<?php

declare(strict_types=1);

namespace App\Console;

use App\People\SetUpCode;
use Illuminate\Console\Command;

/** Makes a new code for the set-up page and prints it; nothing where there is a shop already. */
final class MakeSetUpCode extends Command
{
    protected $signature = 'lumbro:set-up-code';

    protected $description = 'Make a one-time code for the set-up page';

    public function handle(): int
    {
        if (SetUpCode::isWanted()) {
            $this->line(SetUpCode::make());
        }

        return 0;
    }
}
