<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Transaction;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** While something is out of reach nothing that was typed is lost: when to ask again is said, to pages and to scripts. */
final class AwayTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // A door of its own: others are at work beside it.
        config(['app.maintenance' => ['driver' => 'cache', 'store' => 'array']]);
    }

    public function testAShutDoorKeepsWhatWasSent(): void
    {
        $maker = $this->maker();
        $this->app->maintenanceMode()->activate(['retry' => 3, 'status' => 503]);
        $this->actingAs($maker)->get('/stash')->assertStatus(503)->assertHeader('Retry-After', '3')
            ->assertSee('<meta http-equiv="refresh" content="3">', false)->assertDontSee('<form', false);
        $sent = $this->post('/stash', ['name' => 'Cord “<b>', 'size' => ['length' => '30 cm'], '_once' => 'k']);
        $sent->assertStatus(503)->assertHeader('Retry-After', '3')->assertHeader('Cache-Control', 'no-store, private')
            ->assertSee('action="/stash" data-again="3"', false)
            ->assertSee('name="name" value="Cord “&lt;b&gt;"', false)
            ->assertSee('name="size[length]" value="30 cm"', false)->assertSee('name="_once" value="k"', false);
        // A file and a password do not stand in a page.
        $this->post('/sign-in', ['email' => 'a@pier.example', 'password' => 'a long password'])->assertStatus(503)
            ->assertDontSee('a long password')->assertDontSee('<form', false)->assertSee('Go back a page');
        $this->post('/stash/import', ['file' => UploadedFile::fake()->create('a.csv')])->assertDontSee('<form', false);
        $this->postJson('/bags/1/work', ['entries' => []])->assertStatus(503)->assertHeader('Retry-After', '3')
            ->assertJsonStructure(['message']);
        $this->app->maintenanceMode()->deactivate();
        $this->get('/stash')->assertOk();
    }

    /** No server, one that is shutting down, a connection that was ended, one that was lost as it committed. */
    public function testADatabaseThatIsLostIsAskedAgain(): void
    {
        foreach ([2002, 2006, 2013, 1053, 1927, 1044] as $code) {
            $wrong = new \PDOException('It is away.');
            $wrong->errorInfo = ['HY000', $code, 'It is away.'];
            self::assertTrue(Transaction::isOutOfReach($wrong));
            Route::post("/away/{$code}", fn() => throw $wrong)->middleware('web');
            $this->post("/away/{$code}", ['note' => 'mine'])->assertStatus(503)->assertHeader('Retry-After', '2')
                ->assertSee('name="note" value="mine"', false);
            $this->postJson("/away/{$code}")->assertStatus(503)->assertHeader('Retry-After', '2')->assertJsonStructure(['message']);
        }
        $fault = new \PDOException('Syntax.');
        $fault->errorInfo = ['42000', 1064, 'Syntax.'];
        self::assertFalse(Transaction::isOutOfReach($fault));
        // As it is said where a commit finds nobody.
        self::assertTrue(Transaction::isOutOfReach(new \PDOException('SQLSTATE[HY000] [2006] MySQL server has gone away')));
    }
}
