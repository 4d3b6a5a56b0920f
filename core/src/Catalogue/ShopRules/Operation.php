<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\OwnForm;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Something done to a car, or still to be done, that may turn a sensor's axis: "wheel-alignment", "sensor-replaced@front". */
final readonly class Operation implements OwnForm
{
    /** Characters of its text. */
    private const MOST = 120;

    private function __construct(public string $code, public ?string $sensor) {}

    /**
     * @param string $text a code of the catalogue; with "@" and a sensor's id where the operation is done at a sensor
     *
     * @throws InvalidInput where the catalogue has no such code, or a sensor is missing or out of place
     */
    public static function fromCode(string $text, string $path = ''): self
    {
        $parts = explode('@', $text, 2);
        [$code, $sensor] = [$parts[0], $parts[1] ?? null];
        $known = Operations::CATALOGUE[$code] ?? null;
        if ($known === null) {
            throw InvalidInput::because($path, 'operation.unknown', ['code' => mb_strimwidth($text, 0, 60, '…')]);
        }
        if ($known['atSensor'] && ($sensor === null || $sensor === '')) {
            throw InvalidInput::because($path, 'operation.no-sensor', ['code' => $code]);
        }
        if (! $known['atSensor'] && $sensor !== null) {
            throw InvalidInput::because($path, 'operation.not-at-sensor', ['code' => $code]);
        }

        return new self($code, $sensor);
    }

    public static function read(Node $node): self
    {
        return self::fromCode($node->line(self::MOST), $node->path());
    }

    public function written(): string
    {
        return $this->text();
    }

    public static function form(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => self::MOST, 'pattern' => Text::WRITTEN];
    }

    /** The text it is read from. */
    public function text(): string
    {
        return $this->sensor === null ? $this->code : "$this->code@$this->sensor";
    }

    /** What it is; the sensor by its name where the car has it. */
    public function said(?VehicleSheet $sheet = null): Message
    {
        $operation = Message::of("operation.$this->code");

        return $this->sensor === null ? $operation : Message::of('operation.at-sensor', ['sensor' => $sheet?->sensor($this->sensor)->name ?? $this->sensor, 'operation' => $operation]);
    }

    /** Whether a drive alone would not do after it (need J2). */
    public function needsStatic(): bool
    {
        return Operations::CATALOGUE[$this->code]['needsStatic'];
    }

    /** The bumper cover that is off for it; null where none is. */
    public function uncovers(): ?Cover
    {
        return Operations::CATALOGUE[$this->code]['uncovers'];
    }
}
