<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Kit\Check;
use Lumbro\Core\Catalogue\Kit\Instrument;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\Kit\Lesson;
use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Method\Handling;
use Lumbro\Core\SetUp\Taught;
use Lumbro\Core\Survey\Learned;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** What an accepted set-up teaches of the kit, and how the next one goes by it. */
final class TaughtTest extends TestCase
{
    private const READ = ['spot-offset' => 3.0, 'spot-offset-2' => 3.5, 'spot-along' => 1838.0, 'split' => 1.0, 'height' => 642.0, 'height-2' => 643.0, 'check-left' => 2217.0, 'check-right' => 2216.0];

    public function testEveryReadingTeachesItsInstrumentAndWhoReadIt(): void
    {
        $state = (new DemoTask())->prepared()->read(self::READ)->state();
        $taught = Taught::of($state->context, $state->setUp);
        $by = static fn(bool $again): array => array_count_values(array_column(array_filter($taught->readings, static fn(array $one): bool => $one['again'] === $again), 'instrument'));
        // The floor was read twice at every place, and the spot and the height too.
        self::assertSame(['tape-1' => 3, 'rule-1' => 1], $by(false));
        self::assertSame(['rule-1' => 2, 'staff-1' => 14], $by(true));
        foreach ($taught->readings as $one) {
            self::assertGreaterThanOrEqual(0.0, $one['redundancy']);
            self::assertNotSame('', $one['person']);
        }
    }

    public function testASetUpThatContradictsItselfTeachesNothing(): void
    {
        $state = (new DemoTask())->prepared()->read([...self::READ, 'check-left' => 2257.0])->state();
        self::assertFalse($state->setUp->isConsistent());
        self::assertSame([], Taught::of($state->context, $state->setUp)->readings);
    }

    public function testWhatIsTaughtIsStatedBeforeAnyFactor(): void
    {
        $register = DemoOrder::kit();
        $plain = $register->forTask('2026-11-27', new OverdueRule(false, 2.0));
        $wide = KitRegister::of([...$register->instruments, ...$register->stands, ...$register->targets], [new Lesson('tape-1', 1.5, 40, 12.0)])->forTask('2026-11-27', new OverdueRule(false, 2.0));
        self::assertNotNull($plain);
        self::assertNotNull($wide);
        self::assertEqualsWithDelta(1.5 * Handling::tape($plain), Handling::tape($wide), 1e-12);
        self::assertSame(Handling::staff($plain), Handling::staff($wide));
        self::assertSame(Handling::beam($plain), Handling::beam($wide));
    }

    public function testOverManySetUpsTheFactorComesToWhatTheReadingsScatter(): void
    {
        // Readings of a tape that scatters twice what is stated, each checked by half.
        mt_srand(16);
        $residuals = [];
        for ($i = 0; $i < 4000; $i++) {
            $gauss = sqrt(-2 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax())) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
            $residuals[] = ['residual' => 2 * 1.1 * sqrt(0.5) * $gauss, 's' => 1.1, 'redundancy' => 0.5];
        }
        self::assertEqualsWithDelta(2.0, Learned::from($residuals)->factor, 0.08);
        // A handful hardly moves what is stated.
        self::assertLessThan(1.4, Learned::from(array_slice($residuals, 0, 6))->factor);
    }

    public function testAZeroIsCarriedOnUntilTheInstrumentIsCheckedOrHasDrifted(): void
    {
        $lesson = new Lesson('tape-9', 1.0, 30, 9.0, 0.35, 0.1, 0.0002, 0.0001, '2026-09-01');
        $tape = static fn(?string $checked, ?float $drift): Instrument => new Instrument('tape', new MeasuringInstrument('tape-9', 'A tape', 1.0, 1.0, 0.0003, 0.4), new Check($checked), driftZero: $drift, driftScale: $drift === null ? null : 0.00005);
        $rule = new OverdueRule(false, 2.0);
        $fresh = $tape('2026-06-10', 0.05)->on('2026-09-01', $rule, $lesson);
        self::assertSame([0.35, 0.0002], [$fresh->zero, $fresh->scale]);
        self::assertEqualsWithDelta(0.1, $fresh->sZero, 1e-12);
        $later = $tape('2026-06-10', 0.05)->on('2026-12-01', $rule, $lesson);
        self::assertEqualsWithDelta(hypot(0.1, 0.05 * sqrt(91 / 30.44)), $later->sZero, 1e-9);
        // A check resets it; one that nobody says how it drifts is what its check says; so is one that drifted too long.
        self::assertSame(0.0, $tape('2026-09-02', 0.05)->on('2026-12-01', $rule, $lesson)->zero);
        self::assertSame(0.4, $tape('2026-06-10', null)->on('2026-12-01', $rule, $lesson)->sZero);
        self::assertSame(0.4, $tape('2026-06-10', 0.3)->on('2026-12-01', $rule, $lesson)->sZero);
    }
}
