<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\ResetDemo;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** The account whose password stands in the code: locked for strangers, or shared by them for a day. */
final class DemoTest extends TestCase
{
    private const IN = ['email' => DatabaseSeeder::EMAIL, 'password' => DatabaseSeeder::PASSWORD];

    public function testItIsLockedAndOpened(): void
    {
        self::assertSame(0, Artisan::call('fescue:demo', ['do' => 'lock']), 'Where there is none, none is locked.');
        Artisan::call('db:seed', ['--force' => true]);
        $demo = User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
        $other = $this->maker();
        DB::table('sessions')->insert([
            ['id' => 'hers', 'user_id' => $demo->id, 'payload' => '', 'last_activity' => time()],
            ['id' => 'ilse', 'user_id' => $other->id, 'payload' => '', 'last_activity' => time()],
        ]);
        Artisan::call('fescue:demo', ['do' => 'lock']);
        $this->post('/sign-in', self::IN)->assertSessionHasErrors('email');
        self::assertSame(['ilse'], DB::table('sessions')->pluck('id')->all());
        self::assertSame(0, DB::table('recovery_codes')->where('user_id', $demo->id)->count());
        self::assertSame(32, $demo->bags()->count(), 'What is in it stays.');
        Artisan::call('fescue:demo', ['do' => 'open']);
        $this->post('/sign-in', self::IN)->assertSessionHasNoErrors();
    }

    public function testWhereStrangersShareItItIsNewEachDay(): void
    {
        Queue::fake();
        $this->get('/sign-in')->assertDontSee('A demo that everybody shares');
        Queue::assertNothingPushed();
        config(['app.public_demo' => true]);
        foreach (['/sign-in', '/', '/register'] as $page) {
            $this->get($page)->assertSee('A demo that everybody shares');
        }
        $this->get('/sign-in');
        Queue::assertPushed(ResetDemo::class, 1);
        $this->travel(1)->days();
        $this->get('/sign-in');
        Queue::assertPushed(ResetDemo::class, 2);
        Artisan::call('db:seed', ['--force' => true]);
        $demo = User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
        $own = $this->bag($this->maker());
        $demo->bags()->firstOrFail()->delete();
        (new ResetDemo())->handle();
        self::assertSame(31, $demo->bags()->count(), 'It is of today.');
        $this->travel(1)->days();
        (new ResetDemo())->handle();
        $new = User::query()->where('email', DatabaseSeeder::EMAIL)->firstOrFail();
        self::assertNotSame($demo->id, $new->id);
        self::assertSame(32, $new->bags()->count());
        self::assertNotNull($own->fresh());
    }
}
