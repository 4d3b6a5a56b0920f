<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Message\Message;

/** A way of establishing the line and the spot: what it asks for, needs and fails by. */
interface School
{
    /** As procedure cards name it; "school.{id}" is what people call it. */
    public function id(): string;

    /** Why it cannot be used at this sensor with this kit; null where it can. */
    public function hindrance(Ground $ground): ?Message;

    /** @return list<string> what is needed for it: "material." and each */
    public function materials(): array;

    /** @return list<string> how it goes wrong unseen: "failure." and each */
    public function failures(): array;

    /** @return list<PreparationItem> the steps that establish the line, before anything is read */
    public function steps(Ground $ground): array;

    /** @return list<Call> in the order of work; those that are no checks place the stand between them */
    public function calls(Ground $ground): array;
}
