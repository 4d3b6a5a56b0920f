<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\People;

use Lumbro\Core\People\Act;
use Lumbro\Core\People\Role;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** Who may do what. */
final class RoleTest extends TestCase
{
    public function testEachRoleMayWhatItIsForAndNothingElse(): void
    {
        $may = static fn(Role $role): array => array_values(array_map(static fn(Act $act): string => $act->value, array_filter(Act::cases(), $role->may(...))));
        self::assertSame(array_column(Act::cases(), 'value'), $may(Role::Lead));
        self::assertSame(['order', 'work', 'release', 'seal', 'check-card', 'enter-card'], $may(Role::Technician));
        self::assertSame(['order', 'share', 'archive'], $may(Role::Office));
        self::assertSame([], $may(Role::Reader));
    }

    public function testEveryRefusalSaysWhoMay(): void
    {
        foreach (Act::cases() as $act) {
            self::assertMatchesRegularExpression('/lead|technician|office|role/', Told::words($act->refusal()), $act->value);
        }
    }
}
