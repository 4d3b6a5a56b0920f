<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Input\Uuid;
use App\Practice\Cars;
use App\Practice\MadeCar;
use App\Practice\Trainer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Wanted;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** The trainer's side of practice. */
final class TrainerController
{
    public function show(Request $request): JsonResponse
    {
        return Answer::json(Trainer::page(Answer::user($request)));
    }

    public function keep(Request $request): JsonResponse
    {
        $f = Node::parse($request->getContent())->fields(['id', 'car']);
        Trainer::keep(Answer::user($request), Uuid::of($f['id']->text(), '/id'), Document::read(PracticeCar::class, $f['car']));

        return $this->show($request);
    }

    /** Draws a car, or shows what a car that is being made would be like; nothing is kept. */
    public function draw(Request $request): JsonResponse
    {
        $f = Node::parse($request->getContent())->fields([], ['car', 'draw']);
        if (isset($f['draw'])) {
            $draw = $f['draw']->fields(['kind', 'seed', 'difficulty'], ['faults']);
            $faults = isset($draw['faults']) ? array_map(static fn(Node $fault): Wanted => Document::read(Wanted::class, $fault), $draw['faults']->fewItems(20)) : null;
            $car = MadeCar::draw($draw['kind']->oneOf(Cars::kinds()), (int) $draw['seed']->between(0, 2_147_483_647), (int) $draw['difficulty']->between(1, 3), $faults);
        } else {
            $car = Document::read(PracticeCar::class, $f['car'] ?? Node::parse('{}'));
        }

        return Answer::json(MadeCar::drawn(Answer::user($request), $car));
    }

    public function car(Request $request, string $car): JsonResponse
    {
        return Answer::json(MadeCar::drawn(Answer::user($request), Trainer::car(Answer::user($request), $car)));
    }

    public function export(Request $request, string $car): JsonResponse
    {
        $document = Trainer::car(Answer::user($request), $car);
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($document->title)), '-') ?: 'car';

        return Answer::json(Document::write($document))->header('Content-Disposition', "attachment; filename=\"practice-$name.json\"");
    }

    public function putAway(Request $request, string $car): JsonResponse
    {
        Trainer::putAway(Answer::user($request), $car);

        return $this->show($request);
    }

    public function set(Request $request, string $car): JsonResponse
    {
        $f = Node::parse($request->getContent())->fields(['people', 'help']);
        Trainer::set(Answer::user($request), $car, array_map(static fn(Node $person): string => Uuid::of($person->text(), $person->path()), $f['people']->fewItems(50)), Help::from($f['help']->oneOf(array_column(Help::cases(), 'value'))));

        return $this->show($request);
    }

    public function sheet(Request $request, string $car): JsonResponse
    {
        return Answer::json(MadeCar::sheet(Answer::user($request), Trainer::car(Answer::user($request), $car)));
    }
}
