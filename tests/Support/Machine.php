<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Another machine on a network of its own: what runs there reaches this one by one address, and nothing else. While a network
 * comes and goes, every browser of this machine gives up what it is asking for: `./lumbro test` makes it before any is opened.
 */
final readonly class Machine
{
    /** This machine's address on that network, and the other's. */
    public const HERE = '10.87.0.1';
    public const THERE = '10.87.0.2';

    /** @param resource|null $turn of whoever has that network: there is one */
    private function __construct(public string $space, private string $link, private mixed $turn = null) {}

    /**
     * Whoever has it gives it back.
     *
     * @throws \RuntimeException where no network can be made here
     */
    public static function make(): self
    {
        $turn = fopen(getenv('LUMBRO_SCRATCH') . '/machine.turn', 'c');
        if ($turn === false || ! flock($turn, LOCK_EX)) {
            throw new \RuntimeException('Whose turn it is cannot be said.');
        }
        $made = (string) getenv('LUMBRO_MACHINE');

        return $made === '' ? self::made('lumbro-' . getmypid(), $turn) : new self($made, '', $turn);
    }

    /**
     * Makes one under this name, for others to have in turns.
     *
     * @param resource|null $turn
     *
     * @throws \RuntimeException where no network can be made here
     */
    public static function made(string $space, mixed $turn = null): self
    {
        $machine = self::named($space, $turn);
        $there = substr_replace($machine->link, 'lt', 0, 2);
        exec(implode(' && ', array_map(static fn(string $one): string => "$one 2>&1", [
            "ip netns add $space", "ip link add $machine->link type veth peer name $there", "ip link set $there netns $space",
            'ip addr add ' . self::HERE . "/24 dev $machine->link", "ip link set $machine->link up",
            "ip netns exec $space ip addr add " . self::THERE . "/24 dev $there", "ip netns exec $space ip link set $there up",
            "ip netns exec $space ip link set lo up",
        ])), $said, $status);
        if ($status !== 0) {
            $machine->gone();
            throw new \RuntimeException('This machine makes no network of its own: ' . implode(' ', $said));
        }

        return $machine;
    }

    /**
     * One that is there.
     *
     * @param resource|null $turn
     */
    public static function named(string $space, mixed $turn = null): self
    {
        return new self($space, 'lh' . substr($space, (int) strrpos($space, '-') + 1), $turn);
    }

    public function gone(): void
    {
        if ($this->link !== '') {
            exec("ip netns del $this->space 2>/dev/null; ip link del $this->link 2>/dev/null");
        }
        $this->turn === null || flock($this->turn, LOCK_UN);
    }

    /** @return list<string> words before a command that runs it there */
    public function there(): array
    {
        return ['ip', 'netns', 'exec', $this->space];
    }
}
