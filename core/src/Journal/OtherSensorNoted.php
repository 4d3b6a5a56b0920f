<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A sensor of the car that this order does not cover, a camera and the like: owed elsewhere, or not, and why (need J47). */
final readonly class OtherSensorNoted extends OrderLine implements Checked
{
    public const KIND = 'other-sensor';

    /** "none": the car has none besides its radars; "withdrawn": it was named by mistake. */
    public const STATES = ['owed-elsewhere', 'not-owed', 'none', 'withdrawn'];

    /**
     * @param string      $state one of STATES
     * @param string|null $name  of the sensor; null for "none" alone
     * @param string|null $why   why it is owed, or not
     * @param string|null $word  whose word it rests on
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(self::STATES)]
        public string $state,
        #[Text(60)]
        public ?string $name = null,
        #[Text(300)]
        public ?string $why = null,
        #[Text(80)]
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'other-sensor ' . mb_strtolower($this->name ?? '');
    }

    public function check(Node $node): void
    {
        if (($this->state === 'none') !== ($this->name === null)) {
            throw InvalidInput::because($node->path() . '/name', 'other-sensor.name');
        }
        if (in_array($this->state, ['owed-elsewhere', 'not-owed'], true) && $this->why === null) {
            throw InvalidInput::because($node->path() . '/why', 'other-sensor.why');
        }
    }

    public static function rule(): array
    {
        return ['if' => ['properties' => ['state' => ['const' => 'none']]], 'then' => ['properties' => ['name' => false]], 'else' => ['required' => ['name']]];
    }
}
