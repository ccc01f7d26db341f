<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

/** A pattern's text on its page and at a terminal; nobody need sign in. */
final class CountTest extends TestCase
{
    private const WRONG = "V1: 6 pb en anillo mágico (6)\nV2: aum en cada p (12)\nV3: (pb, aum) x 5 (18)\n"
        .'Vueltas 4-6: pb en cada p de la vuelta (18)';

    public function testAPatternIsCountedWithoutAnAccountOrAScript(): void
    {
        $this->get('/count')->assertOk()->assertSee('Nothing is');
        $this->post('/count', ['text' => self::WRONG, 'to' => 'en-US'])->assertOk()
            ->assertSee('One thing does')->assertSee('Read as <span lang="es">Español</span>', false)
            ->assertSee('Round 3: [sc in next st, 2 sc in next st] 5 times (18)')
            ->assertSee('It takes 10 of 12: 2 stitches left over.')->assertSee('Write 6 for 5')
            // Alike, they are one; what was typed is still there.
            ->assertSee('Rounds 4–6: sc in each st around (18)')->assertSee('V3: (pb, aum) x 5 (18)');
        $proof = $this->postJson('/count', ['text' => str_replace('x 5', 'x 6', self::WRONG)])->assertOk()->json('proof');
        self::assertStringContainsString('It all comes out:', $proof);
        self::assertStringContainsString('<p lang="es">', $proof);
    }

    public function testAFileIsReadAndWhatIsNoneIsSaid(): void
    {
        $send = fn(string $name, string $content) => $this->post('/count', [
            'file' => UploadedFile::fake()->createWithContent($name, $content),
        ])->assertOk();
        $send('bolso.txt', self::WRONG)->assertSee('Read as <span lang="es">Español</span>', false);
        $send('bolso.txt', "\xff\xd8\xff\xe0\x00\x10JFIF".random_bytes(900))->assertSee('This file is no text.');
        $send('long.txt', str_repeat("Rnd 1: sc around (6)\n", 9000))->assertSee('take it in parts');
        $this->post('/count', ['text' => 'We went down to the harbour.'])->assertOk()->assertSee('There is no row of a pattern');
        $this->post('/count', ['text' => ['a' => 'b'], 'tongue' => ['x'], 'to' => 'tlh'])->assertOk();
        $this->post('/count', ['text' => 'Rnd 1: <script>alert(1)</script> sc around (6)'])->assertOk()
            ->assertDontSee('<script>alert(1)', false);
    }

    /** @param array<string, mixed> $with @return array{int, string} */
    private function printed(string $text, array $with = []): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'fescue');
        file_put_contents($file, $text);
        $code = Artisan::call('pattern:check', ['file' => $file, '--json' => true] + $with);
        unlink($file);

        return [$code, Artisan::output()];
    }

    public function testTheCommandPrintsItsDocument(): void
    {
        $oval = "Ch 23\nRound 1: 2 sc in 2nd ch from hook, sc in next 20 ch, 4 sc in last ch, working along other side sc in next 20, "
            .'2 sc in same ch as first (48)';
        [$code, $json] = $this->printed($oval, ['--to' => 'es']);
        $document = json_decode($json, true);
        self::assertSame([0, 'fescue-count/1', 'en-US', []], [$code, $document['format'], $document['tongue'], $document['problems']]);
        self::assertSame(
            ['name' => 'Round 1', 'line' => 2, 'there' => 22, 'takes' => 22, 'leaves' => 48, 'stated' => 48, 'ok' => true],
            array_diff_key($document['rows'][0], ['text' => 1]),
        );
        self::assertStringStartsWith('Vuelta 1: 2 pb en la 2.ª cad desde la aguja', $document['rows'][0]['text']);
        [$code, $json] = $this->printed(self::WRONG, ['--tongue' => 'es']);
        $problem = json_decode($json, true)['problems'][0];
        self::assertSame([1, 3, 'Round 3', 'takes-too-few'], [$code, $problem['line'], $problem['row'], $problem['code']]);
        self::assertSame(['line', 'column', 'row', 'code', 'message', 'mends'], array_keys($problem));
        [, $other] = $this->printed('no pattern at all');
        foreach ([$json, $other] as $one) {
            $validator = new Validator();
            $schema = (string) file_get_contents(base_path('docs/formats/fescue-count-1.schema.json'));
            self::assertTrue($validator->validate(json_decode($one), $schema)->isValid(), $one);
        }
        [$code, $json] = $this->printed('no pattern at all');
        self::assertSame([1, 'not-a-pattern'], [$code, json_decode($json, true)['problems'][0]['code']]);
        self::assertSame(2, Artisan::call('pattern:check', ['file' => '/nowhere', '--json' => true]));
        self::assertSame(2, Artisan::call('pattern:check', ['file' => '-', '--tongue' => 'tlh']));
    }
}
