<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** What one person is planned for. */
final readonly class PersonDay
{
    /**
     * @param string        $person id of somebody of the shop
     * @param bool          $works  whether work at cars is planned for them at all
     * @param bool          $runs   whether they run the sensors' routines
     * @param bool          $drives whether they drive customers' cars
     * @param list<Opening> $hours  their own; empty where they work as long as the shop is open
     */
    public function __construct(
        #[Text(60)]
        public string $person,
        #[Flag]
        public bool $works = true,
        #[Flag]
        public bool $runs = true,
        #[Flag]
        public bool $drives = true,
        #[ListOf(new Part(Opening::class), 28)]
        public array $hours = [],
    ) {}
}
