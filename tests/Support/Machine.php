<?php

declare(strict_types=1);

namespace Tests\Support;

/** Another machine on a network of its own: what runs there reaches this one by one address, and nothing else. */
final readonly class Machine
{
    /** This machine's address on that network, and the other's. */
    public const HERE = '10.87.0.1';
    public const THERE = '10.87.0.2';

    /** @param resource $turn of whoever has that network: there is one */
    private function __construct(public string $space, private string $link, private mixed $turn) {}

    /** @throws \RuntimeException where no network can be made here */
    public static function make(): self
    {
        $turn = fopen(getenv('LUMBRO_SCRATCH') . '/machine.turn', 'c');
        if ($turn === false || ! flock($turn, LOCK_EX)) {
            throw new \RuntimeException('Whose turn it is cannot be said.');
        }
        $machine = new self('lumbro-' . getmypid(), substr('lh' . getmypid(), 0, 15), $turn);
        $there = substr('lt' . getmypid(), 0, 15);
        exec(implode(' && ', array_map(static fn(string $one): string => "$one 2>&1", [
            "ip netns add $machine->space", "ip link add $machine->link type veth peer name $there", "ip link set $there netns $machine->space",
            'ip addr add ' . self::HERE . "/24 dev $machine->link", "ip link set $machine->link up",
            "ip netns exec $machine->space ip addr add " . self::THERE . "/24 dev $there", "ip netns exec $machine->space ip link set $there up",
            "ip netns exec $machine->space ip link set lo up",
        ])), $said, $status);
        if ($status !== 0) {
            $machine->gone();
            throw new \RuntimeException('This machine makes no network of its own: ' . implode(' ', $said));
        }

        return $machine;
    }

    public function gone(): void
    {
        exec("ip netns del $this->space 2>/dev/null; ip link del $this->link 2>/dev/null");
        flock($this->turn, LOCK_UN);
    }

    /** @return list<string> words before a command that runs it there */
    public function there(): array
    {
        return ['ip', 'netns', 'exec', $this->space];
    }
}
