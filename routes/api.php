<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BayController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CardPageController;
use App\Http\Controllers\ChoreController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DayRulesController;
use App\Http\Controllers\DriveController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\InstallationController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\LinkController;
use App\Http\Controllers\LiveController;
use App\Http\Controllers\OrderExerciseController;
use App\Http\Controllers\PadController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\RepairOrderController;
use App\Http\Controllers\ReportController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScanController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SetUpController;
use App\Http\Controllers\TaskController;
use App\Http\Controllers\TrainerController;
use App\Http\Controllers\VehicleController;
use Illuminate\Support\Facades\Route;

Route::get('csrf', [SessionController::class, 'csrf']);
Route::get('set-up', [SetUpController::class, 'show']);
Route::post('set-up', [SetUpController::class, 'open']);
Route::post('session', [SessionController::class, 'signIn']);
Route::get('session/turns', [SessionController::class, 'turns']);
Route::post('session/turns', [SessionController::class, 'takeTurns']);
Route::post('session/pad', [SessionController::class, 'pair']);

Route::middleware('signed-in')->group(static function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::delete('session', [SessionController::class, 'signOut']);
    Route::get('ping', [SessionController::class, 'ping']);
    Route::post('session/password', [SessionController::class, 'password']);
    Route::post('session/elsewhere', [SessionController::class, 'signOutElsewhere']);
    Route::get('session/account', [AccountController::class, 'show']);
    Route::post('session/second', [AccountController::class, 'begin']);
    Route::post('session/second/confirm', [AccountController::class, 'confirm']);
    Route::post('session/second/end', [AccountController::class, 'end']);
    Route::post('session/pin', [AccountController::class, 'pin']);
    Route::post('session/list/{session}/end', [AccountController::class, 'endSession'])->where('session', '[0-9a-f]{24}');
    Route::get('installation', [InstallationController::class, 'show'])->middleware('may:people');
    Route::get('shop-log', [InstallationController::class, 'log'])->middleware('may:people');
    Route::get('day', [DayController::class, 'show']);
    Route::post('day/pins', [DayController::class, 'pin'])->middleware('may:order');
    Route::post('day/anew', [DayController::class, 'anew'])->middleware(['may:order', 'long:plan,always']);
    Route::post('day/clock', [DayController::class, 'clock'])->middleware('may:order');
    Route::get('day/rules', [DayRulesController::class, 'show']);
    Route::post('day/rules', [DayRulesController::class, 'save'])->middleware('may:register');
    Route::post('day/absences', [DayRulesController::class, 'away'])->middleware('may:order');
    Route::post('day/absences/{absence}/back', [DayRulesController::class, 'back'])->whereUuid('absence')->middleware('may:order');
    Route::post('day/calendar', [DayRulesController::class, 'look'])->middleware('may:order');
    Route::post('day/calendar/take', [DayRulesController::class, 'take'])->middleware('may:order');
    Route::post('day/feeds', [DayRulesController::class, 'feed'])->middleware('may:share');
    Route::post('day/feeds/{feed}/revoke', [DayRulesController::class, 'revoke'])->whereUuid('feed')->middleware('may:share');
    Route::get('day/estimates', [DayController::class, 'estimates']);
    Route::get('day/outside/{order}', [DayController::class, 'outside'])->whereUuid('order')->middleware('kept');
    Route::get('people', [PeopleController::class, 'index']);
    Route::post('people', [PeopleController::class, 'add'])->middleware('may:people');
    Route::post('people/rule', [PeopleController::class, 'rule'])->middleware('may:people');
    Route::post('people/{person}', [PeopleController::class, 'change'])->whereUuid('person')->middleware('may:people');
    Route::get('history/car', [HistoryController::class, 'car']);
    Route::get('history/sensor', [HistoryController::class, 'sensor']);

    Route::get('repair-orders', [RepairOrderController::class, 'index']);
    Route::post('repair-orders', [RepairOrderController::class, 'open'])->middleware('may:order');
    Route::get('intake', [IntakeController::class, 'choices']);
    Route::get('cars', [IntakeController::class, 'cars']);
    Route::get('shop-rules', [RulesController::class, 'show']);
    Route::get('shop-rules.json', [RulesController::class, 'export']);
    Route::post('shop-rules', [RulesController::class, 'save'])->middleware('may:register');
    Route::post('shop-rules/back', [RulesController::class, 'back'])->middleware('may:register');
    Route::post('shop-rules/trial', [RulesController::class, 'trial'])->middleware('may:order');
    Route::get('vehicles', [VehicleController::class, 'index']);
    Route::prefix('vehicles/{family}')->whereUuid('family')->group(static function (): void {
        Route::get('', [VehicleController::class, 'show']);
        Route::post('', [VehicleController::class, 'save'])->middleware('may:register');
        Route::post('merge', [VehicleController::class, 'merge'])->middleware('may:register');
    });
    Route::post('registers/{register}/files', [RegisterController::class, 'open'])->middleware(['may:register', 'long:table']);
    Route::post('registers/{register}/rows', [RegisterController::class, 'look'])->middleware('may:register');
    Route::get('registers/{register}.{form}', [RegisterController::class, 'export'])->whereIn('form', ['csv', 'json']);
    Route::prefix('repair-orders/{order}')->whereUuid('order')->middleware('kept')->group(static function (): void {
        Route::get('', [RepairOrderController::class, 'show']);
        Route::get('live', [LiveController::class, 'watch']);
        Route::get('stance', [BayController::class, 'stance'])->middleware('long:stance');
        Route::post('teach', [RepairOrderController::class, 'teach'])->middleware('may:enter-card');
        Route::get('next-figures', [RepairOrderController::class, 'nextFigures']);
        Route::get('drives', [DriveController::class, 'index']);
        Route::post('drives', [DriveController::class, 'add'])->middleware(['may:order', 'long:track']);
        Route::post('photos', [PhotoController::class, 'add'])->middleware(['may:order', 'long:photo']);
        Route::post('scans', [ScanController::class, 'fromFile'])->middleware(['may:order', 'long:table']);
        Route::get('report/{kind}', [ReportController::class, 'html'])->whereIn('kind', ['customer', 'insurer', 'shop']);
        Route::get('report/{kind}.pdf', [ReportController::class, 'pdf'])->whereIn('kind', ['customer', 'insurer', 'shop'])->middleware('long:report');
        Route::get('archive.json', [ArchiveController::class, 'give'])->middleware('long:archive');
        Route::get('links', [LinkController::class, 'index']);
        Route::post('links', [LinkController::class, 'give'])->middleware('may:share');
        Route::post('links/{link}/revoke', [LinkController::class, 'revoke'])->whereUuid('link')->middleware('may:share');
        Route::get('readings.csv', [ReportController::class, 'csv']);
        Route::post('tool-scans', [ScanController::class, 'fromTool'])->middleware('may:order');
    });
    Route::get('photos/{photo}', [PhotoController::class, 'show'])->whereUuid('photo');
    Route::get('photos/{photo}/thumbnail', [PhotoController::class, 'thumbnail'])->whereUuid('photo');

    Route::post('imports', [ImportController::class, 'begin'])->middleware('may:order');
    Route::prefix('imports/{import}')->whereUuid('import')->group(static function (): void {
        Route::get('', [ImportController::class, 'show']);
        Route::post('steps', [ImportController::class, 'step'])->middleware('may:order');
        Route::post('take', [ImportController::class, 'take'])->middleware('may:order');
        Route::delete('', [ImportController::class, 'cancel'])->middleware('may:order');
    });

    Route::prefix('chores/{chore}')->whereUuid('chore')->group(static function (): void {
        Route::get('', [ChoreController::class, 'show']);
        Route::get('answer', [ChoreController::class, 'answer']);
        Route::delete('', [ChoreController::class, 'cancel']);
    });

    Route::get('seal-book.json', [ArchiveController::class, 'book']);
    Route::get('archives', [ArchiveController::class, 'index']);
    Route::post('archives', [ArchiveController::class, 'take'])->middleware(['may:archive', 'long:archive']);
    Route::get('archives/{archive}', [ArchiveController::class, 'show'])->whereUuid('archive');
    Route::get('archives/{archive}/photos/{hash}', [ArchiveController::class, 'photo'])->whereUuid('archive')->where('hash', '[0-9a-f]{64}');

    Route::get('cards', [CardController::class, 'index']);
    Route::post('cards', [CardController::class, 'enter'])->middleware('may:enter-card');
    Route::get('card-start/{task}', [CardController::class, 'start'])->whereUuid('task');
    Route::get('vehicles/{family}/card-start/{sensor}', [CardController::class, 'startOfCar'])->whereUuid('family');
    Route::post('card-pages', [CardPageController::class, 'add'])->middleware(['may:enter-card', 'long:page']);
    Route::get('card-pages/{hash}', [CardPageController::class, 'show'])->where('hash', '[0-9a-f]{64}');
    Route::get('card-pages/{hash}/{number}', [CardPageController::class, 'image'])->where(['hash' => '[0-9a-f]{64}', 'number' => '[0-9]{1,3}']);
    Route::prefix('cards/{card}')->whereUuid('card')->group(static function (): void {
        Route::get('', [CardController::class, 'show']);
        Route::post('check', [CardController::class, 'check'])->middleware('may:check-card');
        Route::get('export', [CardController::class, 'export']);
        Route::get('differences/{other}', [CardController::class, 'differences']);
    });

    Route::get('bays', [BayController::class, 'index']);
    Route::post('bays', [BayController::class, 'save'])->middleware('may:register');
    Route::post('bay-outlines', [BayController::class, 'outline'])->middleware(['may:register', 'long:drawing']);
    Route::get('bays/{bay}/export/{form}', [BayController::class, 'export'])->whereUuid('bay')->whereIn('form', ['json', 'svg', 'dxf']);

    Route::get('sample-drive', [DriveController::class, 'sample']);
    Route::get('practice', [PracticeController::class, 'index']);
    Route::post('practice', [PracticeController::class, 'open'])->middleware('may:work');
    Route::prefix('practice/trainer')->middleware('may:train')->group(static function (): void {
        Route::get('', [TrainerController::class, 'show']);
        Route::post('cars', [TrainerController::class, 'keep']);
        Route::post('drawn', [TrainerController::class, 'draw']);
        Route::prefix('cars/{car}')->whereUuid('car')->group(static function (): void {
            Route::get('', [TrainerController::class, 'car']);
            Route::get('export', [TrainerController::class, 'export']);
            Route::get('sheet', [TrainerController::class, 'sheet']);
            Route::post('set', [TrainerController::class, 'set']);
            Route::post('put-away', [TrainerController::class, 'putAway']);
        });
    });
    Route::prefix('practice/runs/{run}')->whereUuid('run')->group(static function (): void {
        Route::get('', [PracticeController::class, 'show']);
        Route::get('bench', [PracticeController::class, 'bench']);
        Route::post('lines', [PracticeController::class, 'line'])->middleware('may:work');
        Route::post('tool-outcome', [PracticeController::class, 'outcome'])->middleware('may:work');
        Route::get('look/{cause}', [PracticeController::class, 'look']);
        Route::get('see/{item}', [PracticeController::class, 'see'])->where('item', '[a-z0-9-]{1,80}');
        Route::post('ask', [PracticeController::class, 'ask'])->middleware('may:work');
        Route::post('answer', [PracticeController::class, 'answer'])->middleware('may:work');
        Route::get('replay', [PracticeController::class, 'replay']);
        Route::get('order', [OrderExerciseController::class, 'show']);
        Route::post('order/looks/{place}', [OrderExerciseController::class, 'look'])->where('place', '[a-z-]{1,20}')->middleware('may:work');
        Route::post('order/notes', [OrderExerciseController::class, 'note'])->middleware('may:work');
        Route::post('order/covers', [OrderExerciseController::class, 'cover'])->middleware('may:work');
        Route::post('order/answer', [OrderExerciseController::class, 'answer'])->middleware('may:work');
    });

    Route::get('kit', [KitController::class, 'index']);
    Route::get('kit/{item}/lessons', [KitController::class, 'lessons']);
    Route::post('kit', [KitController::class, 'save'])->middleware('may:register');
    Route::post('kit/{item}/signs', [KitController::class, 'signs'])->middleware('may:work');

    Route::post('lines', [LineController::class, 'add'])->middleware('may:order');

    Route::get('tasks/{task}/meter/{call}', [TaskController::class, 'meter'])->whereUuid('task');
    Route::prefix('tasks/{task}')->whereUuid('task')->middleware('kept')->group(static function (): void {
        Route::get('', [TaskController::class, 'show']);
        Route::get('carried', [TaskController::class, 'carried']);
        Route::post('pads', [PadController::class, 'code'])->middleware('may:work');
        Route::get('held', [PadController::class, 'held']);
        Route::post('held', [PadController::class, 'hold'])->middleware('may:work');
        Route::get('schools', [TaskController::class, 'choices']);
        Route::get('reading-plan', [TaskController::class, 'readingPlan']);
        Route::get('survey', [TaskController::class, 'survey']);
        Route::get('stake-out', [TaskController::class, 'stakeOut']);
        Route::post('poses', [TaskController::class, 'pose'])->middleware('may:work');
        Route::post('tool-outcome', [RunController::class, 'outcome'])->middleware('may:work');
        Route::post('tool-log', [RunController::class, 'log'])->middleware('may:work');
        Route::get('look/{cause}', [RunController::class, 'look']);
        Route::post('seal', [RecordController::class, 'seal'])->middleware('may:seal');
        Route::get('record', [RecordController::class, 'show']);
    });
});
