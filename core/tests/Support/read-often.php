<?php

// Reads what an order rests on over and over, until the compiler has seen it. Run by Fields/CompiledTest.

declare(strict_types=1);

use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\UsualCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Tests\Support\DemoTask;

require dirname(__DIR__, 2) . '/bin/autoload.php';

$car = json_decode((string) json_encode(Document::write(UsualCar::of('Vossen', 'Ketch', [SensorPlace::Front, SensorPlace::RearLeft]))), false, 64, JSON_THROW_ON_ERROR);
$card = DemoTask::node('cards/quillon-sable-front.json')->raw();
for ($i = 0; $i < 400; $i++) {
    OrderJournal::context(Node::decoded((object) [
        'today' => '2026-11-28', 'vehicle' => $car, 'cards' => (object) ['front' => $card, 'rear-left' => $i % 3 === 0 ? $card : null],
        'rules' => DemoTask::defaults('shop-rules.json')->raw(), 'register' => DemoTask::node('kit.json')->raw(), 'lessons' => [],
    ], true)->members());
}
echo "read $i times";
