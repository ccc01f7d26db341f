<?php

declare(strict_types=1);

namespace App\Account;

use App\Bags\Finished;
use App\Bags\SwatchFile;
use App\Bags\WorkLog;
use App\Casts\Cell;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\BagRevision;
use App\Models\Batch;
use App\Models\Material;
use App\Models\Picture;
use App\Models\RawPiece;
use App\Models\Swatch;
use App\Models\Text;
use App\Models\User;
use App\Rules\PatternText;
use App\Stash\CuttingForm;
use App\Stash\StashFile;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Strip\Checklist;
use Fescue\Core\Text\Speech;
use Fescue\Core\Work\NoEntry;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/**
 * Whether an account that was read in could have been typed: each of its rows is read as its form reads it, and no page
 * is left that could not be shown.
 */
final readonly class ImportCheck
{
    private const COLOUR = '/^#[0-9a-f]{6}$/';

    private function __construct(private User $maker) {}

    /** @throws BadAccountFile at the first row that no form would take */
    public static function of(User $maker): void
    {
        $proof = new self($maker);
        try {
            $proof->each(Material::class, fn(Material $one): ?string => self::material($one), ['strungOn']);
            $proof->each(Swatch::class, fn(Swatch $one): ?string => self::first(
                SwatchFile::text($one)->validator($maker)->errors()->toArray(),
            ), ['material']);
            $proof->each(RawPiece::class, fn(RawPiece $one): ?string => self::piece($one));
            $proof->each(Text::class, fn(Text $one): ?string => self::text($one));
            $proof->each(Batch::class, fn(Batch $one): ?string => self::batch($one));
            $proof->each(Picture::class, fn(Picture $one): ?string => self::marks($one->marks ?? []));
            $proof->ledger();
            $proof->each(BagFinish::class, fn(BagFinish $one): ?string => self::first(Finished::wrong($one)));
            $proof->each(BagRevision::class, fn(BagRevision $one): ?string => null);
            $proof->each(Bag::class, fn(Bag $one): ?string => self::bag($one), [
                'material.reservations.bag', 'swatch.material', 'uses', 'weighIns', 'minutes',
            ]);
        } catch (\Error|\LogicException|\JsonException|NotUnderstood $e) {
            throw $e instanceof BadAccountFile ? $e : new BadAccountFile(
                Tongues::tell(
                    'Something in it cannot be read: it was changed by hand. ({e})',
                    ['e' => class_basename($e)],
                ),
                0,
                $e,
            );
        }
    }

    /**
     * @template T of Model
     *
     * @param class-string<T> $model
     * @param callable(T): ?string $wrong
     * @param list<string> $with relations
     */
    private function each(string $model, callable $wrong, array $with = []): void
    {
        $table = (new $model())->getTable();
        $rows = $model::query();
        $rows->withoutGlobalScope(SoftDeletingScope::class)->with($with)->orderBy((new $model())->getKeyName());
        Tables::among($rows->getQuery(), $table, $this->maker);
        foreach ($rows->get() as $nth => $one) {
            $one->attributesToArray();
            $said = $wrong($one);
            if ($said !== null) {
                $name = $one->getAttributes()['name'] ?? null;
                throw new BadAccountFile(Tongues::tell('data/{table}.jsonl, line {nth}{name}: {said}', [
                    'table' => $table, 'nth' => $nth + 1, 'said' => $said,
                    'name' => is_string($name) && $name !== '' ? " (“{$name}”)" : '',
                ]));
            }
        }
    }

    /** @param array<mixed> $marks */
    private static function marks(array $marks): ?string
    {
        return array_filter($marks, is_string(...)) === $marks ? null : Tongues::tell('marks: they are texts.');
    }

    /** @param array<mixed> $wrong by field: what is, one or several */
    private static function first(array $wrong): ?string
    {
        $field = array_key_first($wrong);
        if ($field === null) {
            return null;
        }
        $is = is_array($wrong[$field]) ? $wrong[$field][0] ?? '' : $wrong[$field];

        return "{$field}: ".(is_string($is) ? $is : '');
    }

    private static function called(string $name): ?string
    {
        return $name === '' || mb_strlen($name) > 80 ? Tongues::tell('name: it has one, of at most 80 letters.') : null;
    }

    private static function named(string $name, string $colour): ?string
    {
        return self::called($name) ?? (preg_match(self::COLOUR, $colour) !== 1 ? Tongues::tell(
            'colour: it is a # and six digits or letters a to f.',
        ) : null);
    }

    private static function material(Material $one): ?string
    {
        return self::named($one->name, $one->colour) ?? self::first(StashFile::text($one)->wrong);
    }

    private static function piece(RawPiece $one): ?string
    {
        $form = new CuttingForm(
            Request::create('/', 'POST', ['kind' => $one->form] + $one->texts()),
            LengthUnit::Centimetre,
            raw: true,
        );

        return self::named($one->name, $one->colour)
            ?? self::first($form->sent() ? $form->wrong : ['flat_width' => Tongues::tell('this is missing.')])
            ?? ($one->count > RawPiece::MOST ? Tongues::tell(
                'count: at most {most}.',
                ['most' => RawPiece::MOST],
            ) : null);
    }

    private static function text(Text $one): ?string
    {
        return self::called($one->name) ?? match (true) {
            strlen($one->text) > PatternText::LONGEST || trim($one->text) === '' => Tongues::tell(
                'text: it has one, of at most {n} letters.',
                ['n' => PatternText::LONGEST],
            ),
            array_diff([$one->tongue, $one->to], ['', ...array_keys(Speech::TONGUES)]) !== []
                => Tongues::tell('tongue: none that is read.'),
            $one->motif !== '' && Motif::own($one->motif) === null
                => Tongues::tell('motif: no fabric that can be worked.'),
            default => null,
        };
    }

    private static function batch(Batch $one): ?string
    {
        try {
            $pieces = $one->spec()->pieces;
            $one->plan();
        } catch (Refused $e) {
            return "document{$e->problems[0]->path}: ".Tongues::say($e->problems[0]->said);
        }

        return self::named($one->name, $one->colour)
            ?? ($one->stack > Checklist::TALLEST || ceil($pieces / $one->stack) > Checklist::MOST_STACKS
                ? Tongues::tell('stack: no such stacks.')
                : null);
    }

    /** No more was taken than there was, and no more is kept for bags than there is. */
    private function ledger(): void
    {
        $sums = DB::table('stock_entries')->whereNull('undone_at')->selectRaw('SUM(amount)')
            ->whereColumn('material_id', 'materials.id');
        $kept = DB::table('reservations')->join('bags', 'bags.id', 'bag_id')->whereNull('bags.deleted_at')
            ->whereColumn('reservations.material_id', 'materials.id')->selectRaw('SUM(amount)');
        $materials = DB::table('materials')->where('user_id', $this->maker->id)->select('name')
            ->selectSub($sums, 'sum')->selectSub($kept, 'kept');
        foreach ($materials->get() as $one) {
            [$sum, $kept, $name] = [Cell::number($one->sum), Cell::number($one->kept), Cell::text($one->name)];
            if ($sum < -0.0005 || $kept > max(0.0, $sum) + 0.0005) {
                throw new BadAccountFile(Tongues::tell(
                    'data/stock_entries.jsonl: of “{name}” there are {sum}, and {kept} are kept for bags.',
                    ['name' => $name, 'sum' => round($sum, 3), 'kept' => round($kept, 3)],
                ));
            }
        }
    }

    /** A bag that makes no plan is kept as it was; one that breaks is none of ours. */
    private static function bag(Bag $one): ?string
    {
        if (($one->choices['name'] ?? '') !== '' && ! is_string($one->choices['name'])) {
            return Tongues::tell('choices: its name is a text.');
        }
        try {
            foreach ($one->weighIns as $weighIn) {
                Mass::parse($weighIn->left);
            }
            WorkLog::of($one);
            $one->plan(false);
        } catch (NotUnderstood|NoEntry $e) {
            return Tongues::tell('what was weighed or done of it: {why}', ['why' => $e->getMessage()]);
        } catch (Refused) {
            // Kept as it was.
        }

        return null;
    }
}
