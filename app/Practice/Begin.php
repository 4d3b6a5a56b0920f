<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Input\Uuid;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Somebody takes a simulated car: one of the path, one that ships, one that is drawn, or one that was set to them. */
final readonly class Begin
{
    public function __construct(private OpenRun $open) {}

    /** @throws Refusal where there is no such car */
    public function __invoke(User $user, Node $asked): \stdClass
    {
        $f = $asked->fields(['id'], ['scenario', 'lesson', 'set', 'draw', 'help']);
        $id = Uuid::of($f['id']->text(), '/id');
        $help = isset($f['help']) ? Help::from($f['help']->oneOf(array_column(Help::cases(), 'value'))) : null;
        if (isset($f['lesson'])) {
            $lesson = Cars::lesson($f['lesson']->line(60));

            return ($this->open)($user, $id, $lesson->car, ['lesson', $lesson->id], $lesson->name, $help ?? $lesson->help);
        }
        if (isset($f['set'])) {
            return $this->set($user, $id, Uuid::of($f['set']->text(), '/set'));
        }
        if (isset($f['draw'])) {
            $draw = $f['draw']->fields(['kind', 'seed', 'difficulty']);
            [$kind, $seed, $difficulty] = [$draw['kind']->oneOf(Cars::kinds()), (int) $draw['seed']->between(0, 2_147_483_647), (int) $draw['difficulty']->between(1, 3)];

            return ($this->open)($user, $id, Cars::draw($kind, $seed, $difficulty), ['drawn', "$kind $seed $difficulty"], "P $seed", $help ?? Help::Guided);
        }
        $number = isset($f['scenario']) ? $f['scenario']->line(60) : throw Refusal::field('/scenario', Message::of('practice.no-car'));
        $car = Cars::take($number);

        // What the file is called would tell.
        return ($this->open)($user, $id, $car, ['shipped', $number], Cars::told($car)['car'], $help ?? Help::Guided);
    }

    private function set(User $user, string $id, string $set): \stdClass
    {
        $row = DB::table('practice_sets as s')
            ->join('practice_cars as c', static fn($on) => $on->on('c.shop_id', 's.shop_id')->on('c.id', 's.practice_car_id'))
            ->where('s.shop_id', $user->shop_id)->where('s.id', $set)->where('s.user_id', $user->id)
            ->first(['s.help', 'c.id', 'c.document']);
        if (! $row instanceof \stdClass) {
            throw Refusal::field('/set', Message::of('practice.no-car'));
        }
        $car = Document::read(PracticeCar::class, Node::stored($row->document));

        return ($this->open)($user, $id, $car, ['car', $row->id], Cars::told($car)['car'], Help::from($row->help), $set);
    }
}
