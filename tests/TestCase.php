<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Bag;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use App\Stash\Ledger;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Move;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;

/** Over HTTP, against a real MariaDB. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        // As a visit takes it long, so would all of these together.
        config(['hashing.argon.memory' => 1024, 'hashing.argon.time' => 1]);
    }

    /**
     * A page as it is read: a line broken in its source is a space in what it says.
     *
     * @param mixed $response
     * @param mixed $request
     */
    protected function createTestResponse($response, $request): TestResponse
    {
        if (
            $response instanceof Response
            && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')
        ) {
            $read = preg_replace_callback(
                '#<(pre|textarea|script)\b.*?</\1>|\s*\n\s*#s',
                fn(array $found): string => isset($found[1]) ? $found[0] : ' ',
                (string) $response->getContent(),
            );
            $view = $response->original;
            $response->setContent($read);
            $response->original = $view;
        }

        return parent::createTestResponse($response, $request);
    }

    protected function maker(string $email = 'ilse@pier.example'): User
    {
        return User::query()->create(['name' => 'Ilse', 'email' => $email, 'password' => 'a long password']);
    }

    protected function material(User $maker): Material
    {
        $material = $maker->materials()->create([
            'kind' => Kind::Cord, 'name' => 'Tarred cord', 'colour' => '#334455', 'diameter' => Length::mm(4),
            'sample_length' => Length::mm(1000), 'sample_mass' => Mass::grams(8.2),
        ]);
        Ledger::enter($material, Move::Weighed, 900);

        return $material;
    }

    protected function swatch(User $maker, ?Material $material = null): Swatch
    {
        return $maker->swatches()->create([
            'material_id' => $material?->id, 'name' => 'sc on 8', 'hook' => Length::mm(8), 'stitch' => Motif::single(),
            'stitches_counted' => 10.0, 'width' => Length::mm(120), 'rows_counted' => 10.0, 'height' => Length::mm(115), 'mass' => Mass::grams(79),
        ]);
    }

    protected function bag(User $maker): Bag
    {
        $material = $this->material($maker);
        $bag = new Bag(['material_id' => $material->id, 'swatch_id' => $this->swatch($maker, $material)->id, 'choices' => [
            'name' => 'Pier tote',
            'size' => ['length' => '30 cm', 'width' => '12 cm', 'height' => '26 cm'],
            'working' => 'spiral',
            'base' => ['type' => 'oval', 'ends' => 'two-and-two', 'chain' => 22, 'rounds' => 2],
            'body' => ['stitch' => 'sc', 'loop' => 'back', 'rounds' => 14],
            'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 1],
        ]]);
        $maker->bags()->save($bag);

        return $bag;
    }

    /**
     * What is asked about once is sent once more.
     *
     * @param array<string, mixed> $form
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function insist(string $to, array $form): \Illuminate\Testing\TestResponse
    {
        $this->post($to, $form);
        $really = session('_old_input.really');
        self::assertIsString($really, 'It was asked about.');
        $this->flushSession();

        return $this->post($to, ['really' => $really] + $form);
    }

    /** A page without the keys of its forms, which are of the moment. */
    protected static function bare(string $page): string
    {
        return (string) preg_replace('/(name="_(?:once|token)" value|csrf-token" content)="[^"]*"/', '', $page);
    }

    /**
     * What the forms of a bag send.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    protected function form(Bag $bag, array $changes = []): array
    {
        $form = [
            'revision' => (string) Bag::query()->whereKey($bag->id)->value('revision'),
            'name' => $bag->choices['name'], 'material_id' => $bag->material_id, 'swatch_id' => $bag->swatch_id,
            'size' => $bag->choices['size'], 'working' => $bag->choices['working'],
            'base' => $bag->choices['base'], 'body' => $bag->choices['body'], 'handles' => $bag->choices['handles'] ?? ['type' => 'none'],
        ];
        foreach ($changes as $path => $value) {
            data_set($form, $path, $value);
        }

        return $form;
    }
}
