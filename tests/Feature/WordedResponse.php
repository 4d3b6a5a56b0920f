<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\AssertableJsonString;
use Illuminate\Testing\TestResponse;
use Lumbro\Words\Words;

/**
 * An answer whose JSON is read in words; its content stays as it came.
 *
 * @extends TestResponse<\Symfony\Component\HttpFoundation\Response>
 */
final class WordedResponse extends TestResponse
{
    public function decodeResponseJson(): AssertableJsonString
    {
        return new AssertableJsonString((string) json_encode((new Words())->worded(parent::decodeResponseJson()->json())));
    }
}
