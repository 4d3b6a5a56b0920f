<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** What a scan tool read of a car. */
final readonly class Scan
{
    /** No car stores more codes. */
    public const MOST = 2_000;

    /**
     * @param string            $tool    its name, as it gives it
     * @param string            $readAt  as it gives it
     * @param list<TroubleCode> $codes   in its order
     * @param float|null        $voltage of the supply, V
     */
    public function __construct(
        #[Text(120)]
        public string $tool,
        #[Text(60)]
        public string $readAt,
        #[ListOf(new Part(TroubleCode::class), self::MOST)]
        public array $codes,
        #[Number('V', 0, 60)]
        public ?float $voltage = null,
    ) {}
}
