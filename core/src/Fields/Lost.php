<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** Something cannot be done where a card lacks this value: "card.{its place}.lost" says what. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Lost {}
