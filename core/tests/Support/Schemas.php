<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The published schemas, as anybody's validator reads them. */
final class Schemas
{
    private const PREFIX = 'https://lumbro.example/schemas/';

    private readonly Validator $validator;

    public function __construct()
    {
        $this->validator = new Validator();
        $this->validator->resolver()?->registerPrefix(self::PREFIX, dirname(__DIR__, 2) . '/schemas');
    }

    /** What is wrong with a decoded document, or null where nothing is. */
    public function complaint(string $schema, mixed $document): ?string
    {
        $error = $this->validator->validate($document, self::PREFIX . "$schema.json")->error();

        return $error === null ? null : self::said($error);
    }

    /** The innermost error says what is wrong. */
    private static function said(ValidationError $error): string
    {
        foreach ($error->subErrors() as $within) {
            if ($within instanceof ValidationError) {
                return self::said($within);
            }
        }

        return json_encode($error->data()->fullPath()) . ' ' . $error->message();
    }

    public function takes(string $schema, mixed $document): bool
    {
        return $this->complaint($schema, $document) === null;
    }
}
