<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Shop;
use App\Signing\NotSigned;
use App\Signing\SealBooks;
use Illuminate\Console\Command;
use Lumbro\Words\Words;

/** Has signed what waits for it: at every start, and from time to time. */
final class SignSeals extends Command
{
    protected $signature = 'lumbro:sign';

    protected $description = 'Have sealed records signed that are not signed yet';

    public function handle(SealBooks $books): int
    {
        $status = 0;
        foreach (Shop::query()->orderBy('id')->get() as $shop) {
            try {
                $waiting = $books->catchUp($shop->id);
                if ($waiting > 0) {
                    $this->line("$shop->name: $waiting sealed records are not signed.");
                    $status = 1;
                }
            } catch (NotSigned $failure) {
                $this->line("$shop->name: " . (new Words())->say($failure->said));
                $status = 1;
            }
        }

        return $status;
    }
}
