<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Shop;
use App\Signing\SealBooks;
use Illuminate\Console\Command;

/** Prints the seal book of the installation's shop: with it and the public key everything sealed is checked offline. */
final class WriteSealBook extends Command
{
    protected $signature = 'lumbro:book {--key : the public key and the head alone} {--shops : ids of the shops alone}';

    protected $description = 'Print the shop’s seal book';

    public function handle(SealBooks $books): int
    {
        foreach (Shop::query()->orderBy('id')->get() as $shop) {
            if ($this->option('shops') === true) {
                $this->line($shop->id);
                continue;
            }
            if ($this->option('key') !== true) {
                $this->line(json_encode($books->document($shop->id), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT));

                return 0;
            }
            $last = $books->last($shop->id);
            $this->line($last === null ? "  $shop->name has no key yet." : "  $shop->name\n    public key  " . ($last->says['next'] ?? $last->key) . "\n    head        $last->number:{$last->hash()}");
        }

        return 0;
    }
}
