<?php

declare(strict_types=1);

return [App\Providers\LumbroProvider::class];
