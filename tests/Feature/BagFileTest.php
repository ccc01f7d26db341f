<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bag;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Tests\Bag\Documents;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class BagFileTest extends TestCase
{
    public function testExportReadAgainGivesTheSamePlan(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $file = (string) $this->actingAs($maker)->get("/bags/{$bag->id}/export")->assertOk()->assertHeader(
            'Content-Disposition',
            'attachment; filename="pier-tote.fescue-bag.json"',
        )->getContent();
        self::assertValid($file);

        $otto = $this->maker('otto@pier.example');
        $this->flushSession()->actingAs($otto)->post(
            '/bags/import',
            ['file' => UploadedFile::fake()->createWithContent('tote.json', $file)],
        )->assertSessionHasNoErrors();
        $read = Bag::query()->where('user_id', $otto->id)->sole();
        self::assertSame(PlanDocument::toJson($bag->plan()), PlanDocument::toJson($read->plan()));
        self::assertSame(0, $otto->materials()->count());
        // It can be changed like any other, and exported once more it is the same file.
        self::assertSame($file, $this->get("/bags/{$read->id}/export")->getContent());
        $this->get("/bags/{$read->id}")->assertOk()->assertSee('as its file says');
        $this->putJson("/bags/{$read->id}", $this->form($read, ['body.rounds' => '20']))->assertOk();
        self::assertSame('8.2 g/m', $read->fresh()?->choices['material']['density']);
    }

    private static function assertValid(string $file): void
    {
        $result = (new Validator())->validate(
            json_decode($file),
            (string) file_get_contents(base_path('docs/formats/fescue-bag-1.schema.json')),
        );
        self::assertTrue($result->isValid(), (string) $result->error()?->message());
    }

    /** A part of which nothing is said is not there; by the page’s form as by any file. */
    public function testASizeThatIsLeftOpenIsLeftOut(): void
    {
        $maker = $this->maker();
        $bag = $this->bag($maker);
        $this->actingAs($maker)->putJson("/bags/{$bag->id}", $this->form($bag, [
            'size' => ['length' => '', 'width' => '', 'height' => ''], 'base.chain' => '20', 'base.rounds' => '3',
            'body.rounds' => '14',
        ]))->assertOk();
        $file = (string) $this->get("/bags/{$bag->id}/export")->getContent();
        self::assertStringNotContainsString('"size"', $file);
        self::assertValid($file);
    }

    public function testReadsPastedText(): void
    {
        $this->actingAs($this->maker())->post(
            '/bags/import',
            ['text' => json_encode(Documents::open())],
        )->assertSessionHasNoErrors();
        self::assertSame('Quay tote', Bag::query()->sole()->name());
    }

    /** @return array<string, array{string, string}> */
    public static function bad(): array
    {
        return [
            'nothing' => ['', 'Choose a file'],
            'broken JSON' => ['{"format":', 'not readable as JSON'],
            'another format' => ['{"format":"other/3","stitches":[]}', 'not the file of a bag'],
            'a list' => ['[1,2]', 'one object'],
            'a picture' => ["\x89PNG\r\n\x1a\n\0\0", 'not readable as JSON'],
            'script in a name' => [
                (string) json_encode(Documents::tote(['name' => '<script>alert(1)</script>', 'hook' => 'x'])),
                '/hook',
            ],
            'a bag that cannot be' => [
                (string) json_encode(Documents::tote(['handles/chain' => 3])),
                '/handles/chain: A chain of 3',
            ],
        ];
    }

    #[DataProvider('bad')]
    public function testBadFilesAreRefusedWhole(string $text, string $message): void
    {
        $this->actingAs($this->maker());
        foreach ([['text' => $text], ['file' => UploadedFile::fake()->createWithContent('x.json', $text)]] as $sent) {
            $this->from('/bags/import')->post('/bags/import', $sent)->assertRedirect('/bags/import')->assertSessionHasErrors('file');
            $this->get('/bags/import')->assertOk()->assertSee($message)->assertDontSee('<script>alert', false);
        }
        self::assertSame(0, Bag::query()->count());
    }

    public function testWhatWasPastedIsStillThere(): void
    {
        $this->actingAs($this->maker());
        $this->from('/bags/import')->post('/bags/import', ['text' => '{"format": "fescue-bag/1", "name": "Nearly"}']);
        $this->get('/bags/import')->assertSee('&quot;Nearly&quot;', false);
    }

    public function testAFileTooLargeIsRefusedUnread(): void
    {
        $this->actingAs($this->maker());
        $this->from('/bags/import')->post(
            '/bags/import',
            ['file' => UploadedFile::fake()->create('huge.json', 300)],
        )->assertRedirect('/bags/import')->assertSessionHasErrors('file');
        self::assertSame(0, Bag::query()->count());
    }

    public function testTheCommandNeedsNoDatabaseAndSaysWhatIsWrong(): void
    {
        $good = tempnam(sys_get_temp_dir(), 'bag');
        file_put_contents((string) $good, json_encode(Documents::tote()));
        [$out, $code] = self::command((string) $good);
        self::assertSame(0, $code);
        self::assertSame(
            [48, 56, ...array_fill(0, 14, 56), 68, 68],
            array_column(json_decode($out, true)['rows'], 'leaves'),
        );
        file_put_contents((string) $good, json_encode(Documents::tote(['base/chain' => 1])));
        [$out, $code] = self::command((string) $good);
        self::assertSame(1, $code);
        self::assertSame('/base/chain', json_decode($out, true)['problems'][0]['path']);
        unlink((string) $good);
        [$out, $code] = self::command('/nowhere/at-all.json');
        self::assertSame(1, $code);
        self::assertSame('', json_decode($out, true)['problems'][0]['path']);
    }

    public function testTheCommandSpeaksWordsInBothTerms(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'bag');
        file_put_contents($file, json_encode(Documents::tote(['name' => 'A <info>name</info>'])));
        $this->artisan('bag:plan', ['file' => $file])->expectsOutputToContain(
            'Rnds 3–16: Sc in each st around, BLO. (56)',
        )->assertSuccessful();
        $this->artisan('bag:plan', ['file' => $file, '--terms' => 'uk'])->expectsOutputToContain(
            'Rnds 3–16: Dc in each st around, BLO. (56)',
        )->assertSuccessful();
        $this->artisan('bag:plan', ['file' => $file, '--tongue' => 'en-GB'])->expectsOutputToContain(
            'Dc in each st around, BLO. (56)',
        )->assertSuccessful();
        $this->artisan('bag:plan', ['file' => $file, '--tongue' => 'es'])->expectsOutputToContain('Abreviaturas')
            ->assertSuccessful();
        $this->artisan('bag:plan', ['file' => $file, '--terms' => 'fr'])->assertFailed();
        $this->artisan('bag:plan', ['file' => $file, '--tongue' => 'fr'])->assertFailed();
        file_put_contents($file, '{"format": "fescue-bag/1"');
        $this->artisan('bag:plan', ['file' => $file])->assertFailed();
        unlink($file);
        $this->artisan('bag:plan', ['file' => sys_get_temp_dir()])->assertFailed();
    }

    /** @return array{string, int} what it printed and its exit code, with no database to reach */
    private static function command(string $file): array
    {
        $process = new Process(
            [PHP_BINARY, base_path('artisan'), 'bag:plan', $file, '--json'],
            null,
            ['DB_PORT' => '1', 'DB_SOCKET' => '/nowhere'],
        );
        $process->run();

        return [$process->getOutput(), (int) $process->getExitCode()];
    }
}
