<?php

declare(strict_types=1);

namespace Lumbro\Signer;

use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Measure\Node;

/**
 * A shop's key and seal book, in a folder that the signing service's user alone can enter. The book is a file of one entry a
 * line; an entry is on the disk before anybody hears of it.
 */
final readonly class Home
{
    private const SEED = 32;

    /** Entries that are looked through for the last one, bytes: no entry is longer. */
    private const LONGEST = 200_000;

    private string $folder;

    /** @param string $home folder of all shops */
    public function __construct(string $home, public string $shop)
    {
        if (preg_match('/^[0-9a-f-]{36}$/D', $shop) !== 1) {
            throw new Refused('signer.no-shop');
        }
        $this->folder = "$home/$shop";
    }

    public function isThere(): bool
    {
        return is_file("$this->folder/book");
    }

    /**
     * Does something while nobody else writes here.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function alone(\Closure $work): mixed
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        $lock = fopen("$this->folder/lock", 'c') ?: throw new \RuntimeException('The signing service cannot write into its folder.');
        flock($lock, LOCK_EX);
        try {
            return $work();
        } finally {
            fclose($lock);
        }
    }

    /** The secret of the key in force, 32 bytes. */
    public function seed(): string
    {
        $seed = @file_get_contents("$this->folder/key");

        return $seed !== false && strlen($seed) === self::SEED ? $seed : throw new Refused('signer.key-gone');
    }

    /** Draws a key and keeps it aside until {@see enforce()}. */
    public function draw(): string
    {
        $seed = random_bytes(self::SEED);
        $this->write('key.next', $seed);

        return $seed;
    }

    /** The key that was drawn is the one that signs from here on. */
    public function enforce(): void
    {
        rename("$this->folder/key.next", "$this->folder/key");
    }

    /**
     * The key that was drawn, where the book names it already: whoever drew it was ended before it came into force.
     *
     * @return string|null 32 bytes
     */
    public function drawn(): ?string
    {
        $seed = @file_get_contents("$this->folder/key.next");

        return $seed !== false && strlen($seed) === self::SEED ? $seed : null;
    }

    public function last(): ?SignedEntry
    {
        $file = @fopen("$this->folder/book", 'r');
        if ($file === false) {
            return null;
        }
        $size = (int) (fstat($file) ?: ['size' => 0])['size'];
        fseek($file, max(0, $size - self::LONGEST));
        $text = (string) stream_get_contents($file);
        fclose($file);
        // What follows the last line end was never acknowledged.
        $lines = explode("\n", substr($text, 0, (int) strrpos($text, "\n")));
        $line = end($lines);

        return $line === '' ? null : self::entry($line);
    }

    /** @return list<SignedEntry> those after a number, as many as may be handed over at once */
    public function after(int $number, int $most): array
    {
        $found = [];
        foreach ($this->lines() as $i => $line) {
            if ($i >= $number) {
                $found[] = self::entry($line);
                if (count($found) === $most) {
                    break;
                }
            }
        }

        return $found;
    }

    public function at(int $number): ?SignedEntry
    {
        return $this->after($number - 1, 1)[0] ?? null;
    }

    /** The entry about a seal; null where there is none. */
    public function about(string $hash): ?SignedEntry
    {
        foreach ($this->lines() as $line) {
            // No entry is taken apart that does not hold the hash at all.
            if (str_contains($line, $hash) && self::entry($line)->entry->isAbout($hash)) {
                return self::entry($line);
            }
        }

        return null;
    }

    /** Puts an entry behind the last; it is on the disk when this returns. */
    public function append(SignedEntry $signed): void
    {
        $file = fopen("$this->folder/book", 'c+') ?: throw new \RuntimeException('The seal book cannot be written.');
        chmod("$this->folder/book", 0o600);
        ftruncate($file, $this->whole($file));
        fseek($file, 0, SEEK_END);
        $line = json_encode($signed->document(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
        if (fwrite($file, $line) !== strlen($line) || ! fflush($file) || ! fsync($file)) {
            ftruncate($file, $this->whole($file));

            throw new \RuntimeException('The seal book could not be written to the disk.');
        }
        fclose($file);
    }

    /** @return iterable<int, string> */
    private function lines(): iterable
    {
        $file = @fopen("$this->folder/book", 'r');
        if ($file === false) {
            return;
        }
        for ($i = 0; ($line = fgets($file)) !== false && str_ends_with($line, "\n"); $i++) {
            yield $i => $line;
        }
        fclose($file);
    }

    private static function entry(string $line): SignedEntry
    {
        return SignedEntry::read(Node::stored($line));
    }

    /**
     * How many bytes of the book are whole lines: a line that broke off was never acknowledged.
     *
     * @param resource $file
     *
     * @return int<0, max>
     */
    private function whole($file): int
    {
        $size = (int) (fstat($file) ?: ['size' => 0])['size'];
        $from = max(0, $size - self::LONGEST);
        fseek($file, $from);
        $end = strrpos((string) stream_get_contents($file), "\n");

        return $end === false ? 0 : max(0, $from + $end + 1);
    }

    private function write(string $name, string $bytes): void
    {
        $file = fopen("$this->folder/$name.part", 'w') ?: throw new \RuntimeException('The key cannot be written.');
        chmod("$this->folder/$name.part", 0o600);
        if (fwrite($file, $bytes) !== strlen($bytes) || ! fflush($file) || ! fsync($file)) {
            throw new \RuntimeException('The key could not be written to the disk.');
        }
        fclose($file);
        rename("$this->folder/$name.part", "$this->folder/$name");
    }
}
