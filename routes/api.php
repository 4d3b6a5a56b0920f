<?php

declare(strict_types=1);

use App\Http\Controllers\RecordController;
use App\Http\Controllers\RepairOrderController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TaskController;
use Illuminate\Support\Facades\Route;

Route::get('csrf', [SessionController::class, 'csrf']);
Route::post('session', [SessionController::class, 'signIn']);

Route::middleware('signed-in')->group(static function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::delete('session', [SessionController::class, 'signOut']);
    Route::get('ping', [SessionController::class, 'ping']);

    Route::get('repair-orders', [RepairOrderController::class, 'index']);

    Route::prefix('tasks/{task}')->whereUuid('task')->group(static function (): void {
        Route::get('', [TaskController::class, 'show']);
        Route::post('readings', [TaskController::class, 'reading']);
        Route::post('strikes', [TaskController::class, 'strike']);
        Route::post('answers', [TaskController::class, 'answer']);
        Route::post('moves', [TaskController::class, 'move']);
        Route::post('releases', [TaskController::class, 'release']);
        Route::post('runs', [TaskController::class, 'run']);
        Route::get('meter/{call}', [TaskController::class, 'meter']);
        Route::post('seal', [RecordController::class, 'seal']);
        Route::get('record', [RecordController::class, 'show']);
    });
});
