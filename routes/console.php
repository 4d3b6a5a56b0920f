<?php

declare(strict_types=1);

use App\Console\LetIn;
use App\Console\ListRecords;
use App\Console\MakeSetUpCode;
use App\Console\MakeShop;
use App\Console\PublishedPasswords;
use App\Console\ServeLive;
use App\Console\SignSeals;
use App\Console\VerifyRecord;
use App\Console\WriteSealBook;
use Illuminate\Support\Facades\Artisan;

Artisan::addCommands([VerifyRecord::class, MakeSetUpCode::class, MakeShop::class, PublishedPasswords::class, SignSeals::class, WriteSealBook::class, LetIn::class, ListRecords::class, ServeLive::class]);
