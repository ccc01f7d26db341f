<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Messages;
use App\Models\User;
use App\Tongue\Tongues;
use Database\Seeders\DatabaseSeeder;
use Fescue\Core\Stitch\Terms;
use Symfony\Component\Finder\Finder;
use Tests\TestCase;

/** Pages in her tongue: as her browser asks, as she chooses, as her account has it. */
final class TongueTest extends TestCase
{
    private const WHOLE = ['/begin', '/count', '/register', '/sign-in', '/recover'];

    private const ONE_OF_SEVERAL
        = '/\b1 (?:stitches|rows|rounds|tabs|holes|things|puntos|vueltas|anillas|agujeros|cosas)\b/';

    public function testAStrangerIsAnsweredAsHerBrowserAsks(): void
    {
        foreach ([
            'es' => 'es', 'es-MX,es;q=0.9,en;q=0.8' => 'es', 'ca,es;q=0.7' => 'es', 'en-GB,en;q=0.9' => 'en-GB',
            'en' => 'en-US', 'en-AU' => 'en-US', 'fr-FR,fr' => 'en-US', '' => 'en-US', '*' => 'en-US',
            str_repeat('x-', 400) => 'en-US',
        ] as $asks => $told) {
            $page = $this->get('/sign-in', ['Accept-Language' => $asks])->assertOk();
            $page->assertHeader('Content-Language', $told)->assertSee("<html lang=\"{$told}\">", false);
            $page->assertSee($told === 'es' ? 'Contraseña' : 'Password');
        }
        $this->get('/nowhere', ['Accept-Language' => 'es'])->assertNotFound()->assertSee('Aquí no hay nada');
    }

    public function testOnePressInTheFootIsKept(): void
    {
        $pressed = $this->from('/count')->post('/tongue/es')
            ->assertRedirect('/count')->assertPlainCookie('tongue', 'es');
        $this->withUnencryptedCookie('tongue', 'es')->get('/count', ['Accept-Language' => 'en'])
            ->assertSee('Contar un patrón')->assertSee('lang="es" aria-current="true"', false);
        $this->withUnencryptedCookie('tongue', 'xx')->get('/count', ['Accept-Language' => 'es'])
            ->assertSee('Contar un patrón');
        $this->post('/tongue/xx')->assertNotFound();
        self::assertNotNull($pressed);
        $maker = $this->maker();
        $this->actingAs($maker)->from('/account')->post('/tongue/es')->assertRedirect('/account');
        self::assertSame(Terms::ES, $maker->fresh()?->terms);
        $this->get('/account', ['Accept-Language' => 'en'])->assertHeader('Content-Language', 'es');
        $this->withUnencryptedCookie('tongue', 'en-GB')->get('/account')->assertSee('Tu cuenta');
    }

    /** Of an account that strangers share nobody sets the tongue for all. */
    public function testASharedAccountSpeaksToEachInHers(): void
    {
        $demo = $this->maker(DatabaseSeeder::EMAIL);
        config(['app.public_demo' => true]);
        $this->actingAs($demo)->from('/account')->post('/tongue/es')->assertPlainCookie('tongue', 'es');
        self::assertSame(Terms::US, $demo->fresh()?->terms);
        $this->withUnencryptedCookie('tongue', 'es')->get('/account')->assertSee('Tu cuenta');
        $this->withUnencryptedCookie('tongue', 'en-US')->get('/account')->assertSee('Your account');
    }

    public function testAnAccountSpeaksAsTheStrangerWasSpokenTo(): void
    {
        $form = ['name' => 'Inés', 'email' => 'ines@muelle.example', 'password' => 'cuatro barcas azules lejos',
            'password_confirmation' => 'cuatro barcas azules lejos'];
        $this->post('/register', ['password' => 'corta'] + $form, ['Accept-Language' => 'es'])
            ->assertSessionHasErrors(['password' => 'La contraseña necesita 12 letras o más.']);
        $this->post('/register', $form, ['Accept-Language' => 'es'])->assertRedirect('/sign-in')
            ->assertSessionHas('status', fn(string $said): bool => str_starts_with($said, 'Falta un paso'));
        self::assertSame(Terms::ES, User::query()->where('email', 'ines@muelle.example')->value('terms'));
    }

    /** What she types wrong is said in her tongue, with her text in it whatever it is. */
    public function testWhatIsWrongIsSaidInHerTongue(): void
    {
        $says = fn(string $typed, string $field = 'height'): string => (string) $this->getJson(
            "/begin?part=answer&{$field}=".urlencode($typed),
            ['Accept-Language' => 'es', 'X-Requested-With' => 'XMLHttpRequest'],
        )->assertOk()->json("errors.{$field}");
        self::assertStringStartsWith('«largo» no es un número de ganchillo', $says('largo', 'hook'));
        self::assertSame('Los ganchillos van de 0,5 a 50 mm; 90 mm queda fuera.', $says('90', 'hook'));
        self::assertSame('De 0,5 mm a 30,0 mm. 99,0 mm queda fuera.', $says('99', 'thick'));
        self::assertSame(
            '«varas» no es una unidad de longitud que Fescue conozca; usa mm, cm, m, in, ft o yd.',
            $says('30 varas'),
        );
        self::assertSame('«-3» es menos que nada; escribe una longitud como «20 cm» o «7 1/2 in».', $says('-3'));
        self::assertStringContainsString('«{n} \'{}» no se entiende', $says("{n} '{}"));
        self::assertSame('De 1,0 cm a 200 cm. 900 cm queda fuera.', $says('9 m'));
        $proof = fn(string $second): string => (string) $this->postJson(
            '/count',
            ['text' => "V1: 6 pb en anillo mágico (6)\nV2: {$second}"],
            ['Accept-Language' => 'es'],
        )->assertOk()->json('proof');
        self::assertStringContainsString('sobran 2 puntos', $proof('2 pb en los 4 p sig (8)'));
        self::assertStringContainsString('sobra 1 punto', $proof('2 pb en los 5 p sig (10)'));
    }

    /** Every message is found, has its Spanish, with the same places to fill, and prints whatever its numbers are. */
    public function testNoTongueLacksAMessage(): void
    {
        $all = Messages::all();
        self::assertGreaterThan(300, count($all));
        self::assertArrayHasKey(
            'It takes {takes} of {there}: {n, plural, one {# stitch} other {# stitches}} left over.',
            $all,
        );
        self::assertArrayHasKey('T-shirt yarn', $all);
        $es = Tongues::messages(Terms::ES);
        self::assertSame([], array_diff_key($all, $es), 'Spanish lacks these; php artisan fescue:messages --lacks=es');
        // UK English has other words for a few of them.
        foreach ([Terms::UK, Terms::PT, Terms::IT, Terms::TR, Terms::ID] as $terms) {
            $told = array_filter(
                array_diff_key(Tongues::messages($terms), $all),
                // Of places alone, in which order they come is the tongue's.
                fn(string $message): bool => preg_match('/\p{L}/u', (string) preg_replace('/\{\w+\}/', '', $message)) === 1,
                ARRAY_FILTER_USE_KEY,
            );
            self::assertSame([], $told, 'No such message is told any more.');
        }
        $places = function (string $message): array {
            preg_match_all('/(?<!, one )(?<!} one )(?<!} other )(?<!=\d )\{(\w+)(?=[,}])/', $message, $found);
            $names = array_unique($found[1]);
            sort($names);

            return $names;
        };
        foreach ([Terms::PT, Terms::IT, Terms::TR, Terms::ID] as $terms) {
            foreach (Tongues::messages($terms) as $message => $said) {
                // A plural's own braces hold words.
                $in = fn(string $text): array => array_values(array_intersect($places($text), $places($message)));
                self::assertSame($in($message), $in($said), "{$terms->value}: {$message}");
            }
        }
        foreach ($all as $message => $where) {
            self::assertSame($places($message), $places($es[$message]), "{$where}: {$message}");
            self::assertDoesNotMatchRegularExpression('/(?<!\w):[a-z]+|\|/', $message, 'ICU has {name} and plural.');
            // A table of text is set with blanks.
            foreach (str_contains($message, "\n") ? [] : [0, 1, 2, 5, 21, 0.5] as $n) {
                $with = array_fill_keys($places($message), $n);
                foreach (['en' => $message, 'es' => $es[$message]] as $locale => $said) {
                    $printed = \MessageFormatter::formatMessage($locale, $said, $with);
                    self::assertIsString($printed, $said);
                    $left = str_contains($said, 'plural,') ? '/[{}#]|  |^ | $/' : '/[{}]|  |^ | $/';
                    self::assertDoesNotMatchRegularExpression($left, rtrim($printed, ' ,:'), $said);
                    // What is no count of whole ones is printed as it was measured.
                    $isCounted = preg_match('/^[^}]*plural/', $message) === 1 && ! str_contains($message, '{free} ');
                    self::assertDoesNotMatchRegularExpression(
                        $isCounted ? self::ONE_OF_SEVERAL : '/^\0/',
                        $printed,
                    );
                }
            }
        }
    }

    /** Gauge is tension in the UK, to skip is to miss, and single crochet is double. */
    public function testTheUnitedKingdomHasItsOwnWords(): void
    {
        $uk = Tongues::messages(Terms::UK);
        foreach (array_keys(Messages::all()) as $message) {
            $said = (string) preg_replace('/\{\w+/', '', $uk[$message] ?? $message);
            if ($message !== 'Skip to the work') {
                self::assertDoesNotMatchRegularExpression('/\bgauge|\bskip|single crochet|\bsc\b(?! in magic)/i', $said);
            }
        }
    }

    /** What it says to a maker is a message that every tongue has, and is printed where it is shown. */
    public function testTheCoreMakesNoSentence(): void
    {
        $told = implode("\n", array_keys(Messages::all()));
        $elsewhere = '#/(?:tongues|words)/|/Instruction/Catalogue|Calibration#';
        // What is only told to developers, and names of seams and tongues that no page shows or all show alike.
        $isForUs = fn(string $file): bool => preg_match('#/(?:Misfit|Miscount|NotRead|Speech|Lining)\.php$#', $file) === 1;
        $found = 0;
        foreach (Finder::create()->in(base_path('core/src'))->files()->name('*.php') as $file) {
            if (preg_match($elsewhere, $file->getPathname()) === 1 || $isForUs($file->getPathname())) {
                continue;
            }
            $calls = [];
            $before = ['', ''];
            foreach (\PhpToken::tokenize($file->getContents()) as $token) {
                if ($token->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT])) {
                    continue;
                }
                if ($token->text === '(' || $token->text === ')') {
                    $token->text === '(' ? $calls[] = $before[0] : array_pop($calls);
                }
                $before = [$token->text, $before[0]];
                if (! $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE])) {
                    continue;
                }
                $text = strtr(trim($token->text, $token->is(T_CONSTANT_ENCAPSED_STRING) ? '\'"' : ''), ["\\'" => "'"]);
                $isOurs = preg_grep('/Exception$|^preg_/', $calls) !== [] || $text === 'sl st';
                if (! $isOurs && preg_match('/\p{L}{2,}[.,;:]? \p{Ll}{2,}/u', $text) === 1) {
                    $found++;
                    self::assertStringContainsString(trim($text), $told, "{$file->getPathname()}:{$token->line}");
                }
            }
        }
        self::assertGreaterThan(1000, $found);
    }

    public function testEachWholePageIsWhole(): void
    {
        foreach (self::WHOLE as $page) {
            $said = (string) $this->get($page, ['Accept-Language' => 'es'])->assertOk()->getContent();
            $said = (string) preg_replace([
                '#<(script|style)\b.*?</\1>|<(\w+)[^>]*\blang="en[^"]*"[^>]*>.*?</\2>#s',
                '/(?:aria-label|placeholder|title)="([^"]*)"[^>]*>/',
            ], [' ', '>$1 '], $said);
            self::assertDoesNotMatchRegularExpression(
                '/\b(?:the|and|with|your|from|what|is|are|of|to|you)\b/i',
                html_entity_decode(strip_tags($said)),
                $page,
            );
        }
    }
}
