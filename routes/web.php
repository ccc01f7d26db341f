<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AccountFileController;
use App\Http\Controllers\BagController;
use App\Http\Controllers\BagFileController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BeginController;
use App\Http\Controllers\ChoosingController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\CuttingController;
use App\Http\Controllers\EnoughController;
use App\Http\Controllers\FinishController;
use App\Http\Controllers\FrontController;
use App\Http\Controllers\GiveController;
use App\Http\Controllers\GlossaryController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HookTrialController;
use App\Http\Controllers\HowToController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MaterialController;
use App\Http\Controllers\PatternSizeController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\RawPieceController;
use App\Http\Controllers\RecoveryController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShoppingController;
use App\Http\Controllers\StashFileController;
use App\Http\Controllers\SwatchController;
use App\Http\Controllers\SwatchFileController;
use App\Http\Controllers\TabController;
use App\Http\Controllers\TextController;
use App\Http\Controllers\TogetherController;
use App\Http\Controllers\TongueController;
use App\Http\Controllers\WeighingController;
use App\Http\Controllers\WhatIfController;
use App\Http\Controllers\WorkController;
use App\Models\RecoveryLink;
use Illuminate\Support\Facades\Route;

Route::get('/', FrontController::class)->name('front');
Route::post('/tongue/{tongue}', TongueController::class)->name('tongue');
// A stranger's requests are counted; nothing is kept of them.
Route::middleware('throttle:begin')->group(function (): void {
    Route::get('/begin', [BeginController::class, 'show'])->name('begin');
    Route::get('/begin/plan', [BeginController::class, 'plan'])->name('begin.plan');
    Route::get('/begin/solid.glb', [BeginController::class, 'solid'])->name('begin.solid');
});
// So is a pattern's text.
Route::middleware('throttle:count')->group(function (): void {
    Route::get('/count', [CountController::class, 'show'])->name('count');
    Route::post('/count', [CountController::class, 'check']);
    Route::post('/count/resize', [CountController::class, 'resize'])->name('count.resize');
    Route::post('/count/bag', [CountController::class, 'bag'])->name('count.bag');
    Route::delete('/count/bag', [CountController::class, 'putAway']);
    Route::get('/words', GlossaryController::class)->name('glossary');
    Route::get('/how-to', HowToController::class)->name('how-to');
    Route::get('/guide', GuideController::class)->name('guide');
});
Route::post('/begin', [BeginController::class, 'keep'])->middleware('auth')->name('begin.keep');

// A bag that its maker shows by a link; guesses are counted.
Route::middleware('throttle:begin')->group(function (): void {
    Route::get('/shown/{token}', [GiveController::class, 'show'])->name('shown');
    Route::get('/shown/{token}/booklet.pdf', [GiveController::class, 'shownBooklet'])->name('shown.booklet');
});
Route::post('/shown/{token}', [GiveController::class, 'take'])->middleware(['auth', 'throttle:begin'])->name('shown.take');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/register', [AccountController::class, 'create'])->name('register');
    Route::post('/register', [AccountController::class, 'store'])->middleware('throttle:register');
    Route::get('/recover', [RecoveryController::class, 'create'])->name('recover');
    Route::post('/recover', [RecoveryController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('/recover/link', [RecoveryController::class, 'send'])->middleware('throttle:sign-in')
        ->name('recover.send');
    $token = '[A-Za-z0-9]{'.RecoveryLink::LETTERS.'}';
    Route::middleware('throttle:register')->where(['token' => $token])->group(function (): void {
        Route::get('/recover/{token}', [RecoveryController::class, 'link'])->name('recover.link');
        Route::post('/recover/{token}', [RecoveryController::class, 'follow']);
    });
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/account', [AccountController::class, 'edit'])->name('account');
    Route::put('/account', [AccountController::class, 'update'])->name('account.update');
    Route::get('/account/confirm', [SessionController::class, 'asks'])->name('account.confirm');
    Route::post('/account/confirm', [SessionController::class, 'confirm'])->middleware('throttle:pass')->name('account.confirmed');
    Route::put('/account/password', [AccountController::class, 'password'])->middleware('throttle:pass')->name('account.password');
    Route::post('/account/codes', [RecoveryController::class, 'renew'])->middleware('throttle:pass')->name('account.codes');
    Route::post('/account/devices/{device}', [RecoveryController::class, 'signOut'])->name('account.sign-out');
    Route::get('/account/parcel', [AccountFileController::class, 'show'])->name('account.parcel');
    Route::post('/account/parcel', [AccountFileController::class, 'begin'])->middleware('throttle:pass')->name('account.parcel.begin');
    Route::post('/account/parcel/step', [AccountFileController::class, 'step'])->name('account.parcel.step');
    Route::get('/account/parcel/zip', [AccountFileController::class, 'fetch'])->name('account.parcel.fetch');
    Route::post('/account/parcel/read', [AccountFileController::class, 'read'])->middleware('throttle:pass')->name('account.parcel.read');
    Route::delete('/account', [AccountController::class, 'destroy'])->middleware('throttle:pass')->name('account.destroy');

    Route::post('/shown/as/{of}', [AccountController::class, 'shown'])->whereIn('of', ['bags', 'stash', 'swatches'])->name('shown.as');

    Route::get('/stash', [MaterialController::class, 'index'])->name('stash.index');
    Route::get('/stash/together', [TogetherController::class, 'show'])->name('stash.together');
    Route::post('/stash/together', [TogetherController::class, 'keep']);
    Route::get('/stash/export', [StashFileController::class, 'export'])->name('stash.export');
    Route::get('/stash/import', [StashFileController::class, 'show'])->name('stash.import');
    Route::post('/stash/import', [StashFileController::class, 'read']);
    Route::get('/stash/ledger', [LedgerController::class, 'index'])->name('stash.ledger');
    Route::post('/stash/entries/{entry}/undo', [LedgerController::class, 'undo'])->whereNumber('entry')->name('stash.undo');
    Route::post('/stash/entries/{entry}/redo', [LedgerController::class, 'redo'])->whereNumber('entry')->name('stash.redo');
    Route::get('/stash/weigh', [WeighingController::class, 'show'])->name('stash.weigh');
    Route::post('/stash/weigh', [WeighingController::class, 'keep']);
    Route::get('/stash/scale', [ScaleController::class, 'reading'])->name('stash.scale');
    Route::post('/stash/scale', [ScaleController::class, 'act']);
    Route::get('/stash/prepare', [TabController::class, 'index'])->name('stash.prepare');
    Route::post('/stash/prepare/{bag}', [TabController::class, 'add'])->whereNumber('bag')->name('stash.prepare.add');
    Route::get('/stash/new', [MaterialController::class, 'create'])->name('stash.create');
    Route::post('/stash', [MaterialController::class, 'store'])->name('stash.store');
    Route::get('/stash/{material}', [MaterialController::class, 'show'])->whereNumber('material')->name('stash.show');
    Route::get('/stash/{material}/edit', [MaterialController::class, 'edit'])->whereNumber('material')->name('stash.edit');
    Route::put('/stash/{material}', [MaterialController::class, 'update'])->whereNumber('material')->name('stash.update');
    Route::delete('/stash/{material}', [MaterialController::class, 'destroy'])->whereNumber('material')->name('stash.destroy');
    Route::post('/stash/{material}/restore', [MaterialController::class, 'restore'])->whereNumber('material')->withTrashed()->name('stash.restore');
    Route::post('/stash/{material}/entries', [LedgerController::class, 'store'])->whereNumber('material')->name('stash.enter');
    Route::post('/stash/{material}/reserve', [LedgerController::class, 'reserve'])->whereNumber('material')->name('stash.reserve');

    Route::get('/count/{kept}', [CountController::class, 'show'])->whereNumber('kept')->name('texts.show');
    Route::post('/count/texts', [TextController::class, 'store'])->name('texts.store');
    Route::post('/count/{kept}', [TextController::class, 'update'])->whereNumber('kept')->name('texts.update');
    Route::delete('/count/{kept}', [TextController::class, 'destroy'])->whereNumber('kept');
    Route::post('/count/{kept}/restore', [TextController::class, 'restore'])->whereNumber('kept')->withTrashed()->name('texts.restore');
    Route::get('/cutting', [CuttingController::class, 'index'])->name('cutting.index');
    Route::get('/cutting/print', [CuttingController::class, 'paper'])->name('cutting.print');
    Route::get('/cutting/cuts.csv', [CuttingController::class, 'cuts'])->name('cutting.cuts');
    Route::get('/cutting/choose', ChoosingController::class)->name('cutting.choose');
    Route::get('/cutting/pieces', [RawPieceController::class, 'index'])->name('cutting.pieces');
    Route::post('/cutting/pieces', [RawPieceController::class, 'store']);
    Route::get('/cutting/pieces/new', [RawPieceController::class, 'create'])->name('cutting.pieces.create');
    Route::get('/cutting/pieces/{piece}', [RawPieceController::class, 'edit'])->whereNumber('piece')->name('cutting.pieces.edit');
    Route::put('/cutting/pieces/{piece}', [RawPieceController::class, 'update'])->whereNumber('piece');
    Route::delete('/cutting/pieces/{piece}', [RawPieceController::class, 'destroy'])->whereNumber('piece');
    Route::post('/cutting/pieces/{piece}/restore', [RawPieceController::class, 'restore'])->whereNumber('piece')->withTrashed()->name('cutting.pieces.restore');
    Route::get('/cutting/batches', [BatchController::class, 'index'])->name('cutting.batches');
    Route::post('/cutting/batches', [BatchController::class, 'store']);
    Route::get('/cutting/batches/{batch}', [BatchController::class, 'show'])->whereNumber('batch')->name('cutting.batch');
    Route::delete('/cutting/batches/{batch}', [BatchController::class, 'destroy'])->whereNumber('batch');
    Route::post('/cutting/batches/{batch}/restore', [BatchController::class, 'restore'])->whereNumber('batch')->withTrashed()->name('cutting.batch.restore');
    Route::get('/cutting/batches/{batch}/ticks', [BatchController::class, 'ticks'])->whereNumber('batch')->name('cutting.batch.ticks');
    Route::post('/cutting/batches/{batch}/ticks', [BatchController::class, 'tick'])->whereNumber('batch');
    Route::get('/cutting/batches/{batch}/print', [BatchController::class, 'paper'])->whereNumber('batch')->name('cutting.batch.print');
    Route::post('/cutting/batches/{batch}/finish', [BatchController::class, 'finish'])->whereNumber('batch')->name('cutting.batch.finish');

    Route::get('/swatches', [SwatchController::class, 'index'])->name('swatches.index');
    Route::get('/swatches/trial', [HookTrialController::class, 'show'])->name('swatches.trial');
    Route::post('/swatches/trial', [HookTrialController::class, 'store']);
    Route::get('/swatches/pictures', [PictureController::class, 'index'])->name('swatches.pictures');
    Route::post('/swatches/pictures', [PictureController::class, 'store']);
    Route::get('/swatches/pictures/{picture}', [PictureController::class, 'show'])->whereNumber('picture')->name('swatches.picture');
    Route::post('/swatches/pictures/{picture}', [PictureController::class, 'keep'])->whereNumber('picture');
    Route::post('/swatches/pictures/{picture}/marks', [PictureController::class, 'mark'])->whereNumber('picture')->name('swatches.picture.marks');
    Route::delete('/swatches/pictures/{picture}', [PictureController::class, 'destroy'])->whereNumber('picture');
    Route::get('/swatches/pictures/{picture}.jpg', [PictureController::class, 'jpeg'])->whereNumber('picture')->name('swatches.picture.jpeg');
    Route::post('/swatches/{swatch}/choose', [HookTrialController::class, 'choose'])->whereNumber('swatch')->name('swatches.choose');
    Route::get('/swatches/export', [SwatchFileController::class, 'export'])->name('swatches.export');
    Route::get('/swatches/import', [SwatchFileController::class, 'show'])->name('swatches.import');
    Route::post('/swatches/import', [SwatchFileController::class, 'read']);
    Route::get('/swatches/new', [SwatchController::class, 'create'])->name('swatches.create');
    Route::post('/swatches', [SwatchController::class, 'store'])->name('swatches.store');
    Route::get('/swatches/{swatch}', [SwatchController::class, 'edit'])->whereNumber('swatch')->name('swatches.edit');
    Route::put('/swatches/{swatch}', [SwatchController::class, 'update'])->whereNumber('swatch')->name('swatches.update');
    Route::delete('/swatches/{swatch}', [SwatchController::class, 'destroy'])->whereNumber('swatch')->name('swatches.destroy');
    Route::post('/swatches/{swatch}/restore', [SwatchController::class, 'restore'])->whereNumber('swatch')->withTrashed()->name('swatches.restore');

    Route::get('/bags', [BagController::class, 'index'])->name('bags.index');
    Route::get('/bags/new', [BagController::class, 'create'])->name('bags.create');
    Route::post('/bags', [BagController::class, 'store'])->name('bags.store');
    Route::get('/bags/import', [BagFileController::class, 'showImport'])->name('bags.import');
    Route::post('/bags/import', [BagFileController::class, 'import']);
    Route::get('/bags/{bag}', [BagController::class, 'plan'])->whereNumber('bag')->name('bags.plan');
    Route::put('/bags/{bag}', [BagController::class, 'update'])->whereNumber('bag')->name('bags.update');
    Route::delete('/bags/{bag}', [BagController::class, 'destroy'])->whereNumber('bag')->name('bags.destroy');
    Route::post('/bags/{bag}/restore', [BagController::class, 'restore'])->whereNumber('bag')->withTrashed()->name('bags.restore');
    Route::post('/bags/{bag}/undo', [BagController::class, 'undo'])->whereNumber('bag')->name('bags.undo');
    Route::post('/bags/{bag}/redo', [BagController::class, 'redo'])->whereNumber('bag')->name('bags.redo');
    Route::get('/bags/{bag}/enough', [EnoughController::class, 'show'])->whereNumber('bag')->name('bags.enough');
    Route::get('/bags/{bag}/enough/mends', [EnoughController::class, 'mends'])->whereNumber('bag')->name('bags.mends');
    Route::post('/bags/{bag}/enough', [EnoughController::class, 'store'])->whereNumber('bag');
    Route::delete('/bags/{bag}/enough/{weighIn}', [EnoughController::class, 'destroy'])->whereNumber(['bag', 'weighIn'])->name('bags.enough.remove');
    Route::post('/bags/{bag}/enough/{weighIn}', [EnoughController::class, 'restore'])->whereNumber(['bag', 'weighIn'])->name('bags.enough.restore');
    Route::post('/bags/{bag}/keep-mine', [BagController::class, 'keepMine'])->whereNumber('bag')->name('bags.keep-mine');
    Route::post('/bags/{bag}/mend', [EnoughController::class, 'mend'])->whereNumber('bag')->name('bags.mend');
    Route::post('/bags/{bag}/swatch-counts', [EnoughController::class, 'swatchCounts'])->whereNumber('bag')->name('bags.swatch-counts');
    Route::post('/bags/{bag}/price', [EnoughController::class, 'price'])->whereNumber('bag')->name('bags.price');
    Route::post('/bags/{bag}/time', [EnoughController::class, 'log'])->whereNumber('bag')->name('bags.time');
    Route::get('/bags/{bag}/work', [WorkController::class, 'show'])->whereNumber('bag')->name('bags.work');
    Route::post('/bags/{bag}/work', [WorkController::class, 'sync'])->whereNumber('bag')->name('bags.work.sync');
    Route::post('/bags/{bag}/work/step', [WorkController::class, 'step'])->whereNumber('bag')->name('bags.work.step');
    Route::post('/bags/{bag}/work/count', [WorkController::class, 'count'])->whereNumber('bag')->name('bags.work.count');
    Route::post('/bags/{bag}/work/tape', [WorkController::class, 'tape'])->whereNumber('bag')->name('bags.work.tape');
    Route::post('/bags/{bag}/work/used-up', [WorkController::class, 'usedUp'])->whereNumber('bag')->name('bags.work.used-up');
    Route::post('/bags/{bag}/work/marks', [WorkController::class, 'marks'])->whereNumber('bag')->name('bags.work.marks');
    Route::get('/bags/{bag}/work.csv', [WorkController::class, 'csv'])->whereNumber('bag')->name('bags.work.csv');
    Route::get('/bags/{bag}/finish', [FinishController::class, 'show'])->whereNumber('bag')->name('bags.finish');
    Route::put('/bags/{bag}/finish', [FinishController::class, 'keep'])->whereNumber('bag')->name('bags.finish.keep');
    Route::post('/bags/{bag}/finish/parts', [FinishController::class, 'add'])->whereNumber('bag')->name('bags.finish.add');
    Route::delete('/bags/{bag}/finish/parts/{place}', [FinishController::class, 'takeOut'])->whereNumber(['bag', 'place'])->name('bags.finish.take-out');
    Route::post('/bags/{bag}/finish/take', [FinishController::class, 'take'])->whereNumber('bag')->name('bags.finish.take');
    Route::post('/bags/{bag}/finish/swatch', [LogController::class, 'swatch'])->whereNumber('bag')->name('bags.finish.swatch');
    Route::get('/bags/{bag}/lining.svg', [FinishController::class, 'svg'])->whereNumber('bag')->name('bags.finish.svg');
    Route::get('/bags/log', [LogController::class, 'index'])->name('bags.log');
    Route::get('/bags/shopping', ShoppingController::class)->name('bags.shopping');
    Route::post('/bags/{bag}/pictures', [LogController::class, 'photograph'])->whereNumber('bag')->name('bags.pictures');
    Route::get('/bags/{bag}/pictures/{picture}.jpg', [LogController::class, 'jpeg'])->whereNumber(['bag', 'picture'])->name('bags.picture');
    Route::delete('/bags/{bag}/pictures/{picture}.jpg', [LogController::class, 'remove'])->whereNumber(['bag', 'picture']);
    Route::get('/bags/{bag}/booklet.pdf', [GiveController::class, 'booklet'])->whereNumber('bag')->name('bags.booklet');
    Route::post('/bags/{bag}/link', [GiveController::class, 'link'])->whereNumber('bag')->name('bags.link');
    Route::delete('/bags/{bag}/link', [GiveController::class, 'withdraw'])->whereNumber('bag');
    Route::get('/bags/{bag}/lining.pdf', [FinishController::class, 'pdf'])->whereNumber('bag')->name('bags.finish.pdf');
    Route::post('/bags/{bag}/finish', [FinishController::class, 'store'])->whereNumber('bag')->name('bags.finish.store');
    Route::delete('/bags/{bag}/finish', [FinishController::class, 'undo'])->whereNumber('bag')->name('bags.finish.undo');
    Route::post('/bags/{bag}/again', [FinishController::class, 'again'])->whereNumber('bag')->name('bags.again');
    Route::post('/bags/{bag}/pattern', PatternSizeController::class)->whereNumber('bag')->name('bags.pattern');
    Route::get('/bags/{bag}/what-if', [WhatIfController::class, 'show'])->whereNumber('bag')->name('bags.what-if');
    Route::get('/bags/{bag}/what-if/{material}', [WhatIfController::class, 'material'])
        ->whereNumber(['bag', 'material'])->name('bags.what-if.material');
    Route::post('/bags/{bag}/what-if', [WhatIfController::class, 'take'])->whereNumber('bag');
    Route::get('/bags/{bag}/words', [BagFileController::class, 'words'])->whereNumber('bag')->name('bags.words');
    Route::get('/bags/{bag}/words.pdf', [BagFileController::class, 'pdf'])->whereNumber('bag')->name('bags.pdf');
    Route::get('/bags/{bag}/{drawing}.svg', [BagFileController::class, 'drawing'])->whereNumber('bag')->whereIn('drawing', ['base', 'side', 'pieces', 'closed', 'solid'])->name('bags.drawing');
    Route::get('/bags/{bag}/sketch.svg', [BagFileController::class, 'sketch'])->whereNumber('bag')->name('bags.sketch');
    Route::get('/bags/{bag}/solid.glb', [BagFileController::class, 'solid'])->whereNumber('bag')->name('bags.solid');
    Route::get('/bags/{bag}/export', [BagFileController::class, 'export'])->whereNumber('bag')->name('bags.export');
});

// What nginx shows in place of more than it takes (ops/nginx.conf.in).
Route::get('/too-large', fn(): never => abort(413));

// The yardstick ./fescue bench measures redrawing against: a route with the same middleware that does nothing.
if (config('app.bench') === true) {
    Route::get('/bench/empty', fn(): string => '')->name('bench.empty');
}
