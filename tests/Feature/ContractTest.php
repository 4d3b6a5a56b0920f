<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Queue\Kind;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/** What the API answers, against the description the interface is built from. */
final class ContractTest extends FeatureCase
{
    public function testEveryAnswerIsAsDescribed(): void
    {
        $this->actingAs($this->person());
        $this->assertDescribed('Person', $this->getJson('/api/session')->getContent());
        foreach (['2471', '2470', '2468', '2466', '2463'] as $number) {
            foreach (['Workspace' => '', 'SchoolChoices' => '/schools', 'Survey' => '/survey', 'StakeOut' => '/stake-out'] as $schema => $path) {
                $this->assertDescribed($schema, $this->getJson("/api/tasks/{$this->task($number)}$path")->assertOk()->getContent());
            }
        }
        $orders = $this->getJson('/api/repair-orders')->assertOk();
        $this->assertDescribed('OrderList', $orders->getContent());
        foreach ((array) $orders->json('orders') as $order) {
            $this->assertDescribed('Order', $this->getJson("/api/repair-orders/{$order['id']}")->assertOk()->getContent());
            $this->assertDescribed('DrivePage', $this->getJson("/api/repair-orders/{$order['id']}/drives")->assertOk()->getContent());
            $this->assertDescribed('Links', $this->getJson("/api/repair-orders/{$order['id']}/links")->assertOk()->getContent());
            $this->assertDescribed('StancePage', $this->getJson("/api/repair-orders/{$order['id']}/stance")->assertOk()->getContent());
        }
        foreach (['Intake' => 'intake', 'KnownCars' => 'cars?search=sable', 'ShopRules' => 'shop-rules', 'CardList' => 'cards', 'Kit' => 'kit', 'BayList' => 'bays', 'People' => 'people', 'CarHistory' => 'history/car?plate=CL+1902+S', 'SensorHistory' => 'history/sensor?serial=CLR-2463-012', 'ArchiveList' => 'archives', 'Practice' => 'practice'] as $schema => $path) {
            $this->assertDescribed($schema, $this->getJson("/api/$path")->assertOk()->getContent());
        }
        foreach ((array) $this->getJson('/api/cards')->json('cards') as $card) {
            $this->assertDescribed('CardPage', $this->getJson("/api/cards/{$card['id']}")->assertOk()->getContent());
        }
        $this->assertDescribed('Workspace', $this->write('answer', ['item' => 'tyres', 'answer' => 'on-word', 'word' => 'Bram Tolley'])->getContent());
        $this->assertDescribed('Workspace', $this->write('reading', ['call' => 'spot-offset', 'typed' => '3 mm left'])->getContent());
        $this->assertDescribed('Problem', $this->write('reading', ['call' => 'spot-offset', 'typed' => '?'])->getContent());
        $this->assertDescribed('Problem', $this->write('schools', ['version' => 0, 'schools' => ['plumb-and-line']])->assertStatus(409)->getContent());
        $this->assertDescribed('Problem', $this->write('run', ['azimuth' => 0, 'elevation' => 0])->getContent());
    }

    public function testTheContractKnowsEveryKindOfLongWork(): void
    {
        $description = Yaml::parseFile(dirname(__DIR__, 2) . '/openapi.yaml');
        self::assertSame(array_column(Kind::cases(), 'value'), $description['components']['schemas']['Chore']['properties']['kind']['enum']);
    }

    private function assertDescribed(string $schema, string|false|null $json): void
    {
        $validator = new Validator();
        $validator->setMaxErrors(5);
        $description = json_decode((string) json_encode(Yaml::parseFile(dirname(__DIR__, 2) . '/openapi.yaml')));
        $validator->resolver()?->registerPrefix('https://lumbro.example/core/schemas/', dirname(__DIR__, 2) . '/core/schemas');
        $validator->resolver()?->registerRaw($description, 'https://lumbro.example/openapi.json');
        $result = $validator->validate(json_decode((string) $json), "https://lumbro.example/openapi.json#/components/schemas/$schema");
        $error = $result->error();
        self::assertTrue($error === null, $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error)));
    }
}
