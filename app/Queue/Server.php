<?php

declare(strict_types=1);

namespace App\Queue;

use App\Failure\Refusal;
use Symfony\Component\HttpFoundation\Response;

/** Does a kept request as it would have been done at once. */
interface Server
{
    /** @return Response what came of it, a refusal too */
    public function of(Chore $chore): Response;

    /** @return Response what says why it was not done */
    public function refused(Chore $chore, Refusal $why): Response;
}
