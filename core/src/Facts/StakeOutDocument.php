<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\CardPolarSpot;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\StakeOut;
use Lumbro\Core\SetUp\TaskContext;

/** The stake-out sheet: mm and degrees, to be printed and laid on the floor. */
final class StakeOutDocument
{
    /** @return array<string, mixed> */
    public static function write(TaskContext $context, MeasuringPlan $plan): array
    {
        $spot = $context->spot;
        $schools = [];
        foreach (StakeOut::schools($plan) as ['school' => $school, 'hindrance' => $hindrance, 'rows' => $rows]) {
            $written = [];
            foreach ($rows as ['call' => $call, 'value' => $value]) {
                $written[] = ['what' => $call->title(), 'instruction' => $call->instruction(), 'value' => $value, 'reads' => $call->reads->value, 'check' => $call->isCheck()];
            }
            $schools[] = ['id' => $school->id(), 'name' => Message::of('school.' . $school->id()), 'hindrance' => $hindrance, 'rows' => $written];
        }
        $heights = [];
        foreach (StakeOut::heights($context, $plan) as $datum => $height) {
            $heights[] = ['datum' => $datum, 'value' => $height, 'own' => $datum === $spot->heightDatum];
        }

        return [
            'sensor' => $context->sensor->name,
            'side' => $context->sensor->sideSaid(),
            'card' => ['title' => $context->card->title, 'edition' => $context->card->edition, 'source' => $context->card->source, 'checked' => $context->card->isChecked()],
            'spot' => [
                'datum' => $spot->datum,
                ...($spot instanceof CardPolarSpot ? ['range' => $spot->range, 'bearing' => $spot->bearing] : ['along' => $spot->along, 'across' => $spot->across]),
            ],
            'facing' => Message::of(match (true) {
                $plan->ground->isPolar() => 'facing.sensor',
                $plan->ground->stand->facesForward() => 'facing.forward',
                default => 'facing.car',
            }),
            'ways' => StakeOut::ways($context, $plan),
            'schools' => $schools,
            'heights' => $heights,
            'floor' => ['from' => $plan->floor->from, 'below' => $plan->floor->below, 's' => $plan->floor->s],
            'cautions' => $context->card->cautions,
        ];
    }
}
