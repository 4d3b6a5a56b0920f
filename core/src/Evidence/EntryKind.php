<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

/** What an entry of a shop's seal book is about. */
enum EntryKind: string
{
    /** The key that signs from here on: the first one, or one that takes over from the one before. */
    case Key = 'key';

    /** The key before was lost: another one signs from here on, and nothing vouches for it but who says so. */
    case Lost = 'lost';

    /** Seals of before the shop had a key. */
    case Earlier = 'earlier';

    /** A sealed record that was computed again and came out the same. */
    case Record = 'record';

    /** An archive whose records were all computed again and stand in the book. */
    case Archive = 'archive';
}
