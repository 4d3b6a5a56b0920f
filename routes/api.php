<?php

declare(strict_types=1);

use App\Http\Controllers\BayController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\DriveController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RepairOrderController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScanController;
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
    Route::post('repair-orders', [RepairOrderController::class, 'open']);
    Route::get('intake', [IntakeController::class, 'choices']);
    Route::get('cars', [IntakeController::class, 'cars']);
    Route::get('shop-rules', [IntakeController::class, 'rules']);
    Route::post('shop-rules', [IntakeController::class, 'saveRules']);
    Route::prefix('repair-orders/{order}')->whereUuid('order')->group(static function (): void {
        Route::get('', [RepairOrderController::class, 'show']);
        Route::post('notes', [RepairOrderController::class, 'note']);
        Route::get('stance', [BayController::class, 'stance']);
        Route::get('drives', [DriveController::class, 'index']);
        Route::post('drives', [DriveController::class, 'add']);
        Route::post('photos', [PhotoController::class, 'add']);
        Route::post('scans', [ScanController::class, 'fromFile']);
        Route::post('tool-scans', [ScanController::class, 'fromTool']);
    });
    Route::get('photos/{photo}', [PhotoController::class, 'show'])->whereUuid('photo');
    Route::get('photos/{photo}/thumbnail', [PhotoController::class, 'thumbnail'])->whereUuid('photo');

    Route::post('imports', [ImportController::class, 'begin']);
    Route::prefix('imports/{import}')->whereUuid('import')->group(static function (): void {
        Route::get('', [ImportController::class, 'show']);
        Route::post('steps', [ImportController::class, 'step']);
        Route::post('take', [ImportController::class, 'take']);
        Route::delete('', [ImportController::class, 'cancel']);
    });

    Route::get('cards', [CardController::class, 'index']);
    Route::post('cards', [CardController::class, 'enter']);
    Route::prefix('cards/{card}')->whereUuid('card')->group(static function (): void {
        Route::get('', [CardController::class, 'show']);
        Route::post('check', [CardController::class, 'check']);
        Route::get('export', [CardController::class, 'export']);
        Route::get('differences/{other}', [CardController::class, 'differences']);
    });

    Route::get('bays', [BayController::class, 'index']);
    Route::post('bays', [BayController::class, 'save']);
    Route::post('bay-outlines', [BayController::class, 'outline']);
    Route::get('bays/{bay}/export/{form}', [BayController::class, 'export'])->whereUuid('bay')->whereIn('form', ['json', 'svg', 'dxf']);

    Route::get('sample-drive', [DriveController::class, 'sample']);
    Route::get('practice', [PracticeController::class, 'index']);
    Route::post('practice', [PracticeController::class, 'open']);

    Route::get('kit', [KitController::class, 'index']);
    Route::post('kit', [KitController::class, 'save']);

    Route::prefix('tasks/{task}')->whereUuid('task')->group(static function (): void {
        Route::get('', [TaskController::class, 'show']);
        Route::post('readings', [TaskController::class, 'reading']);
        Route::post('strikes', [TaskController::class, 'strike']);
        Route::post('answers', [TaskController::class, 'answer']);
        Route::post('moves', [TaskController::class, 'move']);
        Route::get('schools', [TaskController::class, 'choices']);
        Route::get('survey', [TaskController::class, 'survey']);
        Route::get('stake-out', [TaskController::class, 'stakeOut']);
        Route::post('schools', [TaskController::class, 'schools']);
        Route::post('reference', [TaskController::class, 'reference']);
        Route::post('car', [TaskController::class, 'car']);
        Route::post('poses', [TaskController::class, 'pose']);
        Route::post('stand', [TaskController::class, 'stand']);
        Route::post('releases', [RunController::class, 'release']);
        Route::post('runs', [RunController::class, 'run']);
        Route::post('tool', [RunController::class, 'tool']);
        Route::post('tool-outcome', [RunController::class, 'outcome']);
        Route::post('tool-log', [RunController::class, 'log']);
        Route::post('steps', [RunController::class, 'step']);
        Route::post('corrections', [RunController::class, 'correct']);
        Route::post('shifts', [RunController::class, 'shift']);
        Route::post('mirrors', [RunController::class, 'mirror']);
        Route::post('checks', [RunController::class, 'check']);
        Route::post('send-back', [RunController::class, 'sendBack']);
        Route::post('acceptance', [RunController::class, 'accept']);
        Route::get('look/{cause}', [RunController::class, 'look']);
        Route::get('meter/{call}', [TaskController::class, 'meter']);
        Route::post('seal', [RecordController::class, 'seal']);
        Route::get('record', [RecordController::class, 'show']);
    });
});
