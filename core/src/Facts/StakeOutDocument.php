<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\CardPolarSpot;
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
                $written[] = ['what' => $call->title, 'instruction' => $call->instruction, 'value' => $value, 'reads' => $call->reads->value, 'check' => $call->check];
            }
            $schools[] = ['id' => $school->id(), 'name' => $school->name(), 'hindrance' => $hindrance, 'rows' => $written];
        }
        $heights = [];
        foreach (StakeOut::heights($context, $plan) as $datum => $height) {
            $heights[] = ['datum' => $datum, 'value' => $height, 'own' => $datum === $spot->heightDatum];
        }

        return [
            'sensor' => $context->sensor->name,
            'side' => $context->sensor->sideInWords(),
            'card' => ['title' => $context->card->title, 'edition' => $context->card->edition, 'source' => $context->card->source, 'checked' => $context->card->isChecked()],
            'spot' => [
                'datum' => $spot->datum,
                ...($spot instanceof CardPolarSpot ? ['range' => $spot->range, 'bearing' => $spot->bearing] : ['along' => $spot->along, 'across' => $spot->across]),
            ],
            'facing' => $plan->ground->isPolar() ? 'Aimed at the sensor\'s middle.' : ($plan->ground->stand->facesForward() ? 'Square to the line, facing the way the car does.' : 'Square to the line, facing the car.'),
            'ways' => StakeOut::ways($context, $plan),
            'schools' => $schools,
            'heights' => $heights,
            'floor' => ['from' => $plan->floor->from, 'below' => $plan->floor->below, 's' => $plan->floor->s],
            'cautions' => $context->card->cautions,
        ];
    }
}
