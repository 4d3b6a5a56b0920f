<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Whole;

/** Where a figure of a car's sheet comes from (needs J41, J42). */
final readonly class FigureOrigin
{
    public const FROM = ['measured', 'document', 'word', 'cars', 'unknown'];

    /**
     * @param string      $from one of FROM: measured here, from a document, on somebody's word, from earlier cars of its kind,
     *                          or not known, with a width that the survey carries
     * @param string|null $said which document and page, whose word, or who measured it
     * @param int|null    $cars how many earlier cars it is the mean of
     */
    public function __construct(
        #[Choice(self::FROM)]
        public string $from,
        #[Text(200)]
        public ?string $said = null,
        #[Whole(1, 100_000)]
        public ?int $cars = null,
    ) {}

    /** Whether somebody knows it, however well. */
    public function isKnown(): bool
    {
        return $this->from !== 'unknown';
    }
}
