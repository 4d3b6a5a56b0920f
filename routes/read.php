<?php

declare(strict_types=1);

use App\Http\Controllers\ReaderController;
use Illuminate\Support\Facades\Route;

// Outside readers have no session: the link's secret is all they bring.
Route::get('{secret}', [ReaderController::class, 'page'])->where('secret', '[\w-]{20,80}');
Route::get('{secret}/report.pdf', [ReaderController::class, 'pdf'])->where('secret', '[\w-]{20,80}');
Route::get('{secret}/day.ics', [ReaderController::class, 'feed'])->where('secret', '[\w-]{20,80}');
