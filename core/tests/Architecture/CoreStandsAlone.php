<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core knows no framework, no application and no library: PHP alone. */
final class CoreStandsAlone
{
    public function testCoreDependsOnNothingButItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Lumbro\Core'))
            ->excluding(Selector::inNamespace('Lumbro\Core\Tests'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Laravel'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Carbon'),
                Selector::inNamespace('Opis'),
            )
            ->because('rules and computation must be tested, and trusted, on their own');
    }
}
