<?php

declare(strict_types=1);

namespace App\Imports;

use App\Failure\Refusal;
use App\Photos\PhotoBytes;
use App\Reports\RendererUnavailable;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Message\Message;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** A maker's page as it is looked at beside the card that is typed from it: each of its pages a picture. */
final readonly class MakerPage
{
    public const MOST_BYTES = 20 * 1024 * 1024;

    /** A procedure has no more pages. */
    private const MOST = 20;

    /** As long as the longer side of a page becomes, pixels. */
    private const SIDE = 1_600;

    private const PATIENCE = 40;

    /** @param list<PhotoBytes> $pages */
    private function __construct(public string $hash, public array $pages) {}

    /** @throws InvalidInput|Refusal saying what is wrong with it */
    public static function read(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::because('/file', 'file.too-large', ['most' => 20]);
        }
        $hash = hash('sha256', $bytes);
        if (str_starts_with(ltrim(substr($bytes, 0, 1024)), '%PDF-')) {
            return new self($hash, self::pages($bytes));
        }
        try {
            return new self($hash, [PhotoBytes::read($bytes, false)]);
        } catch (InvalidInput) {
            throw InvalidInput::because('/file', 'page.no-page');
        }
    }

    /** @return list<PhotoBytes> */
    private static function pages(string $bytes): array
    {
        $folder = sys_get_temp_dir() . '/lumbro-page-' . bin2hex(random_bytes(8));
        mkdir($folder, 0o700);
        try {
            file_put_contents("$folder/in.pdf", $bytes);
            // One more than is taken shows that there are more; the program gets no more memory and time than a page needs.
            $process = new Process(['prlimit', '--as=1500000000', '--cpu=' . self::PATIENCE, 'pdftoppm', '-png', '-l', (string) (self::MOST + 1), '-scale-to', (string) self::SIDE, 'in.pdf', 'page'], $folder, [...array_fill_keys(array_keys(getenv()), false), 'PATH' => '/usr/bin:/bin', 'HOME' => $folder], null, self::PATIENCE);
            try {
                $process->run();
            } catch (ExceptionInterface $failure) {
                throw RendererUnavailable::because('pdftoppm', $failure->getMessage());
            }
            $files = glob("$folder/page*.png") ?: [];
            if ($files === []) {
                throw Refusal::field('/file', Message::of('page.broken'));
            }
            if (count($files) > self::MOST) {
                throw Refusal::field('/file', Message::of('page.too-many', ['pages' => count($files), 'most' => self::MOST]));
            }

            return array_map(static fn(string $file): PhotoBytes => PhotoBytes::read((string) file_get_contents($file), false), $files);
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }
}
