<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\OpenShop;
use App\Failure\Refusal;
use App\People\SetUpCode;
use Illuminate\Console\Command;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Words\Words;

/** Makes a shop as the set-up page does, of what a file tells. */
final class MakeShop extends Command
{
    protected $signature = 'lumbro:shop {file : JSON with shop, lead, bay and kit; - for the standard input}';

    protected $description = 'Make a shop with its lead, a bay and its kit';

    public function handle(OpenShop $open): int
    {
        $file = $this->argument('file');
        $json = @file_get_contents($file === '-' ? 'php://stdin' : (is_string($file) ? $file : ''));
        if ($json === false) {
            $this->line('There is no readable file "' . (is_string($file) ? $file : '') . '".');

            return 2;
        }
        try {
            [$lead, $password] = $open(Node::parse($json)->fields(OpenShop::FIELDS));
        } catch (CoreFailure $failure) {
            return $this->refused($failure->path() ?? '', $failure->said);
        } catch (Refusal $refusal) {
            return $this->refused($refusal->path ?? '', $refusal->said);
        }
        SetUpCode::spend();
        $this->line("$lead->name may sign in as $lead->email" . ($password === null ? '.' : " with the password $password; it is told once, and to be changed."));

        return 0;
    }

    private function refused(string $path, Message|string $said): int
    {
        $this->line(($path === '' ? '' : "$path: ") . (is_string($said) ? $said : (new Words())->say($said)));

        return 1;
    }
}
