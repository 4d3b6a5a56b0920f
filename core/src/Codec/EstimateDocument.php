<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\Phrase;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Failure\InvalidInput;

/** One row of an estimate's CSV form (formats, "Estimate"): a line of work on one car. */
final readonly class EstimateDocument
{
    public const REQUIRED = ['order', 'vehicle', 'line'];

    public const OPTIONAL = ['plate', 'vin', 'operation', 'state'];

    /**
     * @param string         $line      as the estimate has it
     * @param Operation|null $operation null where no phrase fits
     * @param bool           $due       still to be done
     */
    private function __construct(
        public string $order,
        public string $vehicle,
        public string $plate,
        public ?Vin $vin,
        public string $line,
        public ?Operation $operation,
        public bool $due,
    ) {}

    /**
     * @param list<Phrase> $phrases what the shop's words of estimates stand for
     *
     * @throws InvalidInput naming the row and the column
     */
    public static function row(CsvRow $row, array $phrases): self
    {
        $order = $row->text('order', 40);
        if (preg_match('/^[\p{L}\p{N}][\p{L}\p{N} .\/_-]*$/u', $order) !== 1) {
            throw InvalidInput::because($row->path('order'), 'estimate.number');
        }
        $vin = $row->optional('vin', 40);
        $line = $row->text('line', 300);
        $state = $row->optional('state', 10);
        if (! in_array($state, ['', 'done', 'due'], true)) {
            throw InvalidInput::because($row->path('state'), 'estimate.state', ['state' => $state]);
        }

        return new self(
            $order,
            $row->text('vehicle', 120),
            $row->optional('plate', 20),
            $vin === '' ? null : Vin::fromText($vin, $row->path('vin')),
            $line,
            self::operation($row->optional('operation', 80), $line, $phrases, $row->path('operation')),
            $state === 'due',
        );
    }

    /** @param list<Phrase> $phrases */
    private static function operation(string $code, string $line, array $phrases, string $path): ?Operation
    {
        if ($code !== '') {
            return Operation::fromCode($code, $path);
        }
        foreach ($phrases as $phrase) {
            if ($phrase->isIn($line)) {
                return Operation::fromCode($phrase->operation, $path);
            }
        }

        return null;
    }
}
