<?php

declare(strict_types=1);

namespace App\Input;

use Illuminate\Http\Request;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON body of a write: what every write carries, and its own fields, read strictly. */
final readonly class Body
{
    /** @param array<string, Node> $fields */
    private function __construct(public string $id, public int $version, private array $fields) {}

    /**
     * @param list<string> $required
     * @param list<string> $optional
     *
     * @throws InvalidInput naming the field
     */
    public static function of(Request $request, array $required, array $optional = []): self
    {
        $fields = Node::parse($request->getContent())->fields(['id', 'version', ...$required], $optional);
        $id = $fields['id']->text();
        if (preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/', $id) !== 1) {
            throw InvalidInput::because('/id', 'request.uuid');
        }
        $version = $fields['version']->number();
        if ($version < 0 || floor($version) !== $version) {
            throw InvalidInput::because('/version', 'request.version');
        }

        return new self($id, (int) $version, $fields);
    }

    /** The same by somebody who saw another version. */
    public function seen(int $version): self
    {
        return new self($this->id, $version, $this->fields);
    }

    /** What a line carries, without the space around its texts. */
    public function payload(): Node
    {
        return $this->fields['payload']->trimmed();
    }

    /** @throws InvalidInput where it is no id as this program makes them */
    public function uuid(string $field): string
    {
        $text = $this->text($field, 60);

        return preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/', $text) === 1 ? $text : throw InvalidInput::because("/$field", 'request.shop-id');
    }

    public function has(string $field): bool
    {
        return isset($this->fields[$field]);
    }

    public function node(string $field): Node
    {
        return $this->fields[$field];
    }

    /** A text without the space around it, at most this long. */
    public function text(string $field, int $longest = 500, int $shortest = 1): string
    {
        $text = trim($this->fields[$field]->text());
        $length = mb_strlen($text);
        if ($length < $shortest) {
            throw InvalidInput::because('/' . $field, 'request.too-short', ['least' => $shortest]);
        }
        if ($length > $longest) {
            throw InvalidInput::because('/' . $field, 'request.too-long', ['most' => $longest, 'count' => $length]);
        }

        return $text;
    }

    /** Whether a yes-or-no field is there and says yes. */
    public function flag(string $field): bool
    {
        return isset($this->fields[$field]) && $this->fields[$field]->flag();
    }

    public function optionalText(string $field, int $longest = 500): ?string
    {
        return isset($this->fields[$field]) ? $this->text($field, $longest) : null;
    }
}
