<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\WayBackIn;
use App\Http\Middleware\Recalled;
use App\Models\Bag;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    public function testRegistersSignsOutAndIn(): void
    {
        $this->post(
            '/register',
            [
                'name' => 'Ilse',
                'email' => 'ilse@pier.example',
                'password' => 'a long password',
                'password_confirmation' => 'a long password',
            ],
        )->assertRedirect('/sign-in');
        $this->assertGuest();
        self::assertTrue(Hash::check('a long password', User::query()->sole()->password));
        $this->post('/sign-in', ['email' => 'ilse@pier.example', 'password' => 'a long password'])->assertRedirect('/');
        $this->assertAuthenticated();
        $this->post('/sign-out')->assertRedirect('/');
        $this->assertGuest();
    }

    public function testRefusesWhatCannotBeAnAccount(): void
    {
        $this->maker();
        $given = [
            'name' => 'Ilse',
            'email' => 'ilse@pier.example',
            'password' => 'short',
            'password_confirmation' => 'other',
        ];
        $this->from('/register')->post('/register', $given)->assertRedirect('/register')->assertSessionHasErrors('password')->assertSessionHasInput('name', 'Ilse');
        self::assertNull(session()->getOldInput('password'));
        $this->get('/register')->assertSee('12 letters or more');
    }

    /** Whoever asks is not told who has an account, and takes nothing from one who has. */
    public function testRegisteringTellsNobodyWhoHasAnAccount(): void
    {
        $this->maker('otto@pier.example');
        $said = [];
        foreach (['otto@pier.example', 'OTTO@PIER.example', 'nobody@pier.example'] as $email) {
            $this->post('/register', [
                'name' => 'Ilse', 'email' => $email, 'password' => 'quite another one',
                'password_confirmation' => 'quite another one',
            ])->assertRedirect('/sign-in')->assertSessionHasNoErrors();
            $this->assertGuest();
            $page = (string) $this->get('/sign-in')->assertSee($email)->getContent();
            $said[] = str_replace($email, '', self::bare($page));
        }
        self::assertSame([$said[0], $said[0], $said[0]], $said);
        self::assertSame(2, User::query()->count());
        $otto = User::query()->where('email', 'otto@pier.example')->sole();
        self::assertTrue(Hash::check('a long password', $otto->password));
    }

    public function testSignInIsThrottled(): void
    {
        $this->maker();
        for ($try = 0; $try < 5; $try++) {
            $this->post(
                '/sign-in',
                ['email' => 'ilse@pier.example', 'password' => 'wrong'],
            )->assertSessionHasErrors('email');
        }
        $this->post(
            '/sign-in',
            ['email' => 'ilse@pier.example', 'password' => 'a long password'],
        )->assertTooManyRequests()->assertSee('Wait a minute');
        $this->assertGuest();
    }

    /** Whoever guesses is slowed down, wherever in her household's network; whose account it is gets in. */
    public function testGuessesFromElsewhereDoNotShutTheOwnerOut(): void
    {
        $this->maker();
        $try = fn(string $from, string $password) => $this->withServerVariables(['REMOTE_ADDR' => $from])->post(
            '/sign-in',
            ['email' => 'ilse@pier.example', 'password' => $password],
        );
        for ($nth = 1; $nth <= 60; $nth++) {
            $try("10.0.{$nth}.1", 'wrong')->assertSessionHasErrors('email');
        }
        for ($nth = 1; $nth <= 5; $nth++) {
            $try("2001:db8:1:2::{$nth}", 'wrong')->assertSessionHasErrors('email');
        }
        $try('2001:db8:1:2:9:9:9:9', 'wrong')->assertTooManyRequests();
        $try('2001:db8:1:3::1', 'a long password')->assertRedirect('/');
        $this->assertAuthenticated();
    }

    /** Letters enough, and still the first that anybody tries. */
    public function testATrivialPasswordIsRefused(): void
    {
        foreach ([str_repeat('a', 73), 'fescuefescue', 'abcabcabcabcabc', 'abcdefghijklmnop', '123456789012', 'aabbccaabbccdd', 'Password1234', 'monkeydragon99!', '123456789987654321', '!qwertyuiop2026'] as $nth => $trivial) {
            $this->post('/register', [
                'name' => 'Ilse', 'email' => "t{$nth}@pier.example", 'password' => $trivial, 'password_confirmation' => $trivial,
            ])->assertSessionHasErrors('password');
        }
        self::assertSame(0, User::query()->count());
        $good = 'tide wool seven lantern';
        $this->post('/register', ['name' => 'Ilse', 'email' => 'ok@pier.example', 'password' => $good, 'password_confirmation' => $good])
            ->assertSessionHasNoErrors();
    }

    public function testOnlyRefusedTriesCountAgainstSigningIn(): void
    {
        $this->maker();
        for ($visit = 0; $visit < 8; $visit++) {
            $this->post(
                '/sign-in',
                ['email' => 'ilse@pier.example', 'password' => 'a long password'],
            )->assertRedirect('/');
            $this->assertAuthenticated();
            $this->post('/sign-out');
        }
    }

    public function testChangesPasswordOnlyWithThePresentOne(): void
    {
        $maker = $this->maker();
        $new = ['password' => 'another long one', 'password_confirmation' => 'another long one'];
        $this->actingAs($maker)->put(
            '/account/password',
            ['current_password' => 'wrong'] + $new,
        )->assertSessionHasErrors('current_password');
        self::assertTrue(Hash::check('a long password', (string) $maker->fresh()?->password));
        $this->put('/account/password', ['current_password' => 'a long password'] + $new)->assertSessionHasNoErrors();
        self::assertTrue(Hash::check('another long one', (string) $maker->fresh()?->password));
    }

    public function testDeletesTheAccountWithAllItsData(): void
    {
        $maker = $this->maker();
        $this->bag($maker);
        $other = $this->bag($this->maker('otto@pier.example'));
        $this->actingAs($maker)->delete(
            '/account',
            ['current_password' => 'wrong'],
        )->assertSessionHasErrorsIn('deletion', 'current_password');
        $this->delete('/account', ['current_password' => 'a long password'])->assertRedirect('/');
        $this->assertGuest();
        self::assertSame(1, User::query()->count());
        self::assertSame([$other->user_id], Material::withTrashed()->pluck('user_id')->all());
        self::assertSame([$other->user_id], Swatch::withTrashed()->pluck('user_id')->all());
        self::assertSame([$other->user_id], Bag::withTrashed()->pluck('user_id')->all());
    }

    public function testStaysSignedInForThirtyDays(): void
    {
        $maker = $this->maker();
        $kept = $this->post('/sign-in', ['email' => $maker->email, 'password' => 'a long password', 'remember' => '1'])
            ->getCookie(Auth::guard('web')->getRecallerName(), false) ?? self::fail('It is kept on the device.');
        self::assertEqualsWithDelta(time() + 30 * 86400, $kept->getExpiresTime(), 60);
    }

    /** Whoever stayed signed in is asked for her password before her account, whatever she asks for, and then no more. */
    public function testWhoeverIsRecalledSaysHerPasswordBeforeHerAccount(): void
    {
        $this->actingAs($this->maker())->withSession([Recalled::KEY => true]);
        $this->get('/stash')->assertOk();
        foreach ([['get', '/account'], ['put', '/account'], ['post', '/account/parcel'], ['post', '/account/codes'], ['delete', '/account']] as [$method, $path]) {
            $this->call($method, $path)->assertRedirect('/account/confirm');
        }
        $this->postJson('/account/parcel/step')->assertStatus(423);
        $this->get('/account/confirm')->assertOk()->assertSee('Your password once more');
        $this->post('/account/confirm', ['current_password' => 'wrong'])->assertSessionHasErrors('current_password');
        $this->get('/account')->assertRedirect('/account/confirm');
        $this->post('/account/confirm', ['current_password' => 'a long password'])->assertRedirect('/account');
        $this->get('/account')->assertOk();
    }

    public function testKeepsUnitsAndTerms(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->put(
            '/account',
            ['name' => 'Ilse', 'units' => 'in', 'terms' => 'uk'],
        )->assertSessionHasNoErrors();
        $bag = $this->bag($maker);
        $this->get("/bags/{$bag->id}")->assertSee('13 1/4 × 7 1/4 in', false);
        $this->get("/bags/{$bag->id}/words")->assertSeeText('Dc in each st around, BLO.');
        $this->put(
            '/account',
            ['name' => 'Ilse', 'units' => 'furlong', 'terms' => 'fr'],
        )->assertSessionHasErrors(['units', 'terms']);
    }

    public function testDemoSignInIsPrefilledOnlyOnTheDemo(): void
    {
        $this->get('/sign-in')->assertDontSee('mirre@harbour.example');
        config(['app.demo' => true]);
        $this->get('/sign-in')->assertSee('mirre@harbour.example');
    }

    public function testCookiesAndHeadersGuardTheVisit(): void
    {
        $answer = $this->get('/sign-in');
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        $cookie = $answer->getCookie('fescue_session', false);
        self::assertTrue($cookie?->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
        $secure = $this->get('https://localhost/sign-in')->getCookie('fescue_session', false);
        self::assertTrue($secure?->isSecure());
    }

    /** Shown once, each lets in once, whichever is wrong the answer is one, and everyone else is signed out. */
    public function testARecoveryCodeIsAWayBackIn(): void
    {
        $this->post('/register', [
            'name' => 'Ilse', 'email' => 'ilse@pier.example', 'password' => 'a long password',
            'password_confirmation' => 'a long password',
        ])->assertSessionMissing('codes');
        $this->post('/sign-in', ['email' => 'ilse@pier.example', 'password' => 'a long password'])
            ->assertSessionHas('codes');
        $codes = session('codes');
        self::assertCount(8, array_unique($codes));
        $this->get('/')->assertSee($codes[0])->assertSee('shown this one time');
        $this->get('/')->assertDontSee($codes[0]);
        $this->get('/account')->assertSee('8 left, unused');
        $this->post('/sign-out');
        $back = fn(string $email, string $code) => $this->post('/recover', [
            'email' => $email, 'code' => $code, 'password' => 'another long one', 'password_confirmation' => 'another long one',
        ]);
        $said = [];
        foreach ([['ilse@pier.example', 'abcd-efgh-jkmn'], ['nobody@pier.example', $codes[0]]] as [$email, $code]) {
            $back($email, $code)->assertSessionHasErrors('code');
            $said[] = session('errors')->first('code');
        }
        self::assertSame($said[0], $said[1]);
        $back('ilse@pier.example', strtoupper(str_replace('-', ' ', $codes[3])))->assertRedirect('/');
        $this->assertAuthenticated();
        self::assertTrue(Hash::check('another long one', User::query()->sole()->password));
        $this->get('/account')->assertSee('7 left, unused');
        $this->post('/sign-out');
        $back('ilse@pier.example', $codes[3])->assertSessionHasErrors('code');
        $this->actingAs(User::query()->sole())->post('/account/codes', ['current_password' => 'wrong'])->assertSessionHasErrorsIn('codes', 'current_password');
        $this->post('/account/codes', ['current_password' => 'another long one'])->assertSessionHas('codes');
        self::assertNotContains($codes[0], session('codes'));
        $this->get('/account')->assertSee('8 left, unused');
    }

    /** A letter through a mail server; its link does once, and whoever else was in is out. */
    public function testALinkByMailIsAWayBackIn(): void
    {
        $maker = $this->maker();
        $box = proc_open(
            [PHP_BINARY, base_path('tests/outside/letterbox.php')],
            [1 => ['pipe', 'w']],
            $pipes,
        ) ?: self::fail('No letterbox.');
        $port = trim((string) fgets($pipes[1]));
        config(['mail.goes' => true, 'mail.mailers.smtp.url' => "smtp://127.0.0.1:{$port}"]);
        DB::table('sessions')->insert([
            'id' => 'elsewhere', 'user_id' => $maker->id, 'payload' => '', 'last_activity' => now()->getTimestamp(),
        ]);
        $this->get('/recover')->assertSee('Send me a link');
        $this->post('/recover/link', ['address' => 'ILSE@pier.example'])->assertSessionHas('status');
        $letter = quoted_printable_decode((string) stream_get_contents($pipes[1]));
        proc_close($box);
        self::assertStringContainsString('RCPT TO:<ilse@pier.example>', $letter);
        self::assertStringContainsString("Hello {$maker->name},", $letter);
        self::assertSame(1, preg_match('~(http://\S+)(/recover/[A-Za-z0-9]{40})\s~', $letter, $found));
        self::assertSame(config('app.url'), $found[1]);
        $kept = (string) json_encode(DB::table('recovery_links')->get());
        self::assertStringNotContainsString(substr($found[2], 9), $kept);
        $new = fn(string $password): array => ['password' => $password, 'password_confirmation' => $password];
        // Opened, and refused, it holds still.
        $this->get($found[2])->assertSee('New password')->assertHeader('Cache-Control', 'no-store, private');
        $this->post($found[2], $new('short'))->assertSessionHasErrors('password');
        $this->post($found[2], $new('another long one'))->assertRedirect('/');
        $this->assertAuthenticatedAs($maker);
        self::assertTrue(Hash::check('another long one', (string) $maker->fresh()?->password));
        self::assertSame(0, DB::table('sessions')->where('id', 'elsewhere')->count());
        $this->post('/sign-out')->assertHeader('Clear-Site-Data', '"cache"');
        $this->get($found[2])->assertSee('does not work any more');
        $this->post($found[2], $new('a third long one'))->assertRedirect($found[2]);
        $this->assertGuest();
        self::assertTrue(Hash::check('another long one', (string) $maker->fresh()?->password));
    }

    public function testLinksByMailTellNobodyWhoHasAnAccountAndGrowOld(): void
    {
        Mail::fake();
        $maker = $this->maker();
        $this->get('/recover')->assertDontSee('Send me a link');
        $this->post('/recover/link', ['address' => $maker->email])->assertNotFound();
        config(['mail.goes' => true]);
        $this->post('/recover/link', ['address' => 'no address'])->assertSessionHasErrors('address');
        $ask = function (string $address): mixed {
            $this->post('/recover/link', ['address' => $address])->assertSessionHasNoErrors();

            return session('status');
        };
        self::assertSame($ask('nobody@pier.example'), $ask($maker->email));
        Mail::assertSentCount(1);
        $links = [];
        for ($more = 0; $more < 6; $more++) {
            $this->travel(2)->minutes();
            $ask($maker->email);
        }
        Mail::assertSent(WayBackIn::class, function (WayBackIn $letter) use (&$links): bool {
            $links[] = "/recover/{$letter->token}";

            return $letter->hasTo('ilse@pier.example');
        });
        self::assertCount(5, array_unique($links), 'No more than five a day.');
        // Made within the last hour they hold; a password that is changed ends them all.
        $this->travel(50)->minutes();
        $this->get($links[0])->assertSee('does not work any more');
        $this->get($links[4])->assertSee('New password');
        $this->get('/recover/'.str_repeat('x', 40))->assertSee('does not work any more');
        $this->actingAs($maker)->put('/account/password', [
            'current_password' => 'a long password', 'password' => 'another long one', 'password_confirmation' => 'another long one',
        ])->assertSessionHasNoErrors();
        $this->post('/sign-out');
        $this->get($links[4])->assertSee('does not work any more');
        // The next day there are letters again.
        $this->travel(25)->hours();
        $ask($maker->email);
        Mail::assertSentCount(6);
    }

    /** All of a long password counts, and a hash of the older kind is made anew at sign-in. */
    public function testLongPasswordsAndOlderHashes(): void
    {
        $maker = $this->maker();
        $long = str_repeat('ten letters', 8);
        $maker->update(['password' => $long.'a']);
        self::assertFalse(Hash::check($long.'b', (string) $maker->fresh()?->password));
        DB::table('users')->where('id', $maker->id)->update(
            ['password' => password_hash('a long password', PASSWORD_BCRYPT, ['cost' => 4])],
        );
        $this->post('/sign-in', ['email' => 'ilse@pier.example', 'password' => 'a long password'])->assertRedirect('/');
        self::assertStringStartsWith('$argon2id$', (string) $maker->fresh()?->password);
    }

    /** Her devices are listed, and signed out one by one or all but this; another's are not hers. */
    public function testDevicesAreListedAndSignedOut(): void
    {
        $maker = $this->maker();
        $other = $this->maker('other@pier.example');
        $now = now()->getTimestamp();
        foreach ([['a', $maker, 'Tablet in the shed'], ['b', $maker, 'Phone'], ['c', $other, 'Elsewhere']] as [$id, $of, $agent]) {
            DB::table('sessions')->insert([
                'id' => $id, 'user_id' => $of->id, 'ip_address' => '192.0.2.7', 'user_agent' => $agent, 'payload' => '', 'last_activity' => $now,
            ]);
        }
        $page = $this->actingAs($maker)->get('/account')->assertSee('Tablet in the shed')->assertSee('Phone')->assertDontSee('Elsewhere');
        self::assertSame(1, preg_match('~/account/devices/([0-9a-f]{16})~', (string) $page->getContent(), $found));
        $token = $maker->fresh()?->getRememberToken();
        $this->post("/account/devices/{$found[1]}")->assertRedirect('/account');
        self::assertSame(1, DB::table('sessions')->where('user_id', $maker->id)->count());
        self::assertNotSame($token, $maker->fresh()?->getRememberToken());
        $this->post('/account/devices/others');
        self::assertSame(['c'], DB::table('sessions')->pluck('id')->all());
    }

    /** A line each, with the account's number and without what was typed. */
    public function testWhatMattersForSecurityIsWrittenDown(): void
    {
        $path = storage_path('logs/console-security.log');
        $before = is_file($path) ? (int) filesize($path) : 0;
        $maker = $this->maker();
        $this->post('/sign-in', ['email' => $maker->email, 'password' => 'a wrong password']);
        $this->post('/sign-in', ['email' => 'nobody@pier.example', 'password' => 'a wrong password']);
        $this->post('/sign-in', ['email' => $maker->email, 'password' => 'a long password'])->assertRedirect('/');
        $other = $this->maker('ada@pier.example');
        $bag = $this->bag($other);
        $this->get("/bags/{$bag->id}")->assertNotFound();
        $this->put('/account/password', [
            'current_password' => 'a long password', 'password' => 'another long one', 'password_confirmation' => 'another long one',
        ])->assertSessionHasNoErrors();
        $this->post('/sign-out');
        clearstatcache();
        $lines = substr((string) file_get_contents($path), $before);
        foreach ([
            "sign-in refused {\"account\":{$maker->id}", 'sign-in refused {"account":null', "sign-in {\"account\":{$maker->id}",
            "access refused {\"account\":{$maker->id},\"from\":\"127.0.0.1\",\"route\":\"bags.plan\"",
            "password changed {\"account\":{$maker->id}", "sign-out {\"account\":{$maker->id}",
        ] as $line) {
            self::assertStringContainsString($line, $lines);
        }
        foreach (['pier.example', 'password"', 'a wrong', 'another long'] as $secret) {
            self::assertStringNotContainsString($secret, $lines);
        }
    }

    /** Going back stays here, wherever a visit says it comes from. */
    public function testGoingBackNeverLeavesTheSite(): void
    {
        $here = config('app.url');
        self::assertIsString($here);
        $this->withHeader('referer', 'https://elsewhere.example/trap')->post('/sign-in', ['email' => ''])
            ->assertRedirect($here);
        $this->withHeader('referer', "{$here}/sign-in")->post('/sign-in', ['email' => ''])
            ->assertRedirect("{$here}/sign-in");
    }

    /** A stranger who only looks has no session; one who is about to sign in has. */
    public function testAStrangerWhoLooksHasNoSession(): void
    {
        config(['session.driver' => 'database']);
        $this->get('/')->assertOk();
        $this->get('/begin?kind=cord')->assertOk();
        self::assertSame(0, DB::table('sessions')->count());
        $this->get('/sign-in')->assertOk();
        self::assertSame(1, DB::table('sessions')->count());
    }
}
