<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Part;

/** What is true of a simulated car and does not stand on its order: its trap is in the papers, not at the target. */
final readonly class OrderTruth
{
    /**
     * @param list<Operation>       $unsaid  done to the car, and nobody wrote it down
     * @param list<Cover>           $off     covers that are off; at intake everybody sees them, at the closing the order says they are on
     * @param array<string, string> $answers operation → "yes" or "no" to what the rules ask about it
     * @param list<TroubleCode>     $codes   stored in the car after the work; its order says there are none
     * @param list<string>          $unsealed sensors that its order calls for and nobody has sealed; all others of those are proven and sealed
     */
    public function __construct(
        #[ListOf(new Part(Operation::class), 10)]
        public array $unsaid = [],
        #[ListOf(new Choice(Cover::class), 2)]
        public array $off = [],
        #[Members(new Choice(['yes', 'no']))]
        public array $answers = [],
        #[ListOf(new Part(TroubleCode::class), 10)]
        public array $codes = [],
        #[ListOf(new Id(), 16)]
        public array $unsealed = [],
    ) {}
}
