<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** One function of the driver assistance was looked at on the road, or was not and why (need J33). */
final readonly class RoadTested extends OrderLine implements Checked
{
    public const KIND = 'road';

    /** A reason of a word or two has at least so many characters. */
    private const REASON = 5;

    /** "seen": it worked; "not-seen": it was tried and did not; "untested": it could not be tried today. */
    public const FOUND = ['seen', 'not-seen', 'untested'];

    /**
     * @param string      $function id of a road function of this car
     * @param string      $found    one of FOUND
     * @param string      $driver   a licensed driver
     * @param string|null $reason   why it was not tried, or what happened instead; null only where it was seen
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Id]
        public string $function,
        #[Choice(self::FOUND)]
        public string $found,
        #[Text(80)]
        public string $driver,
        #[Text(200)]
        public ?string $route = null,
        #[Text(120)]
        public ?string $weather = null,
        #[Text(300)]
        public ?string $reason = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "road $this->function";
    }

    public function check(Node $node): void
    {
        if ($this->found !== 'seen' && mb_strlen($this->reason ?? '') < self::REASON) {
            throw InvalidInput::because($node->path() . '/reason', $this->found === 'untested' ? 'road.why-untested' : 'road.what-instead');
        }
    }

    public static function rule(): array
    {
        return ['if' => ['properties' => ['found' => ['const' => 'seen']]], 'else' => ['required' => ['reason'], 'properties' => ['reason' => ['minLength' => self::REASON]]]];
    }
}
