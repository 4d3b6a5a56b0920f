<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** What a shop is called, and how it writes. */
final readonly class ShopSettings implements Checked
{
    public const UNITS = ['mm', 'in'];

    public const MARKS = ['.', ','];

    public const PAPERS = ['A4', 'Letter'];

    /**
     * @param string $zone     of the tz database, such as "Europe/Zurich"
     * @param string $language such as "en"
     * @param string $unit     of lengths
     * @param string $decimal  the decimal mark
     */
    public function __construct(
        #[Text(120)]
        public string $name,
        #[Text(60)]
        public string $zone,
        #[Text(10)]
        public string $language,
        #[Choice(self::UNITS)]
        public string $unit,
        #[Choice(self::MARKS)]
        public string $decimal,
        #[Choice(self::PAPERS)]
        public string $paper,
    ) {}

    public function check(Node $node): void
    {
        if (! in_array($this->zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw InvalidInput::because($node->path() . '/zone', 'shop.zone', ['zone' => $this->zone]);
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
