<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use Illuminate\Support\Facades\Hash;
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
        )->assertRedirect('/');
        $this->assertAuthenticated();
        self::assertTrue(Hash::check('a long password', User::query()->sole()->password));
        $this->post('/sign-out')->assertRedirect('/');
        $this->assertGuest();
        $this->post('/sign-in', ['email' => 'ilse@pier.example', 'password' => 'a long password'])->assertRedirect('/');
        $this->assertAuthenticated();
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
        $this->from('/register')->post('/register', $given)->assertRedirect('/register')->assertSessionHasErrors(['email', 'password'])->assertSessionHasInput('name', 'Ilse');
        self::assertNull(session()->getOldInput('password'));
        $this->get('/register')->assertSee('This address has an account')->assertSee('12 letters or more');
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

    public function testKeepsUnitsAndTerms(): void
    {
        $maker = $this->maker();
        $this->actingAs($maker)->put(
            '/account',
            ['name' => 'Ilse', 'units' => 'in', 'terms' => 'uk'],
        )->assertSessionHasNoErrors();
        $bag = $this->bag($maker);
        $this->get("/bags/{$bag->id}")->assertSee('13 1/4 × 7 1/4 in', false);
        $this->get("/bags/{$bag->id}/words")->assertSee('Dc in each st around, back loop only.');
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
}
