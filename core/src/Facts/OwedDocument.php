<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\OwedReason;
use Lumbro\Core\Message\Message;

/** What a sensor is owed, and why, as plain figures and words. */
final class OwedDocument
{
    /** @return array<string, mixed> */
    public static function write(Owed $owed, VehicleSheet $sheet): array
    {
        return [
            'state' => $owed->state->value,
            'route' => $owed->route?->value,
            'proves' => $owed->route === null ? null : Message::of("route.{$owed->route->code()}.proves"),
            'reasons' => array_map(static fn(OwedReason $reason): array => self::reason($reason, $sheet), $owed->reasons),
        ];
    }

    /** @return array<string, mixed> */
    public static function reason(OwedReason $reason, VehicleSheet $sheet): array
    {
        return [
            'code' => $reason->operation->text(),
            'operation' => $reason->operation->said($sheet),
            'state' => $reason->outcome->state->value,
            'route' => $reason->outcome->route?->value,
            'reason' => $reason->outcome->reason,
            'source' => $reason->source,
            'question' => $reason->question,
            'canAnswer' => $reason->canAnswer,
            'answer' => $reason->answer === null ? null : [
                'answer' => $reason->answer->answer,
                'word' => $reason->answer->word,
                'person' => $reason->answer->person,
                'at' => $reason->answer->at,
            ],
        ];
    }
}
