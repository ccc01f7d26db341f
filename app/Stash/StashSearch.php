<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Material;
use App\Models\StockEntry;
use App\Models\User;
use App\Rules\Typed;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Kind;
use Fescue\Core\Stock\Move;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/**
 * What a maker looks for in her stash or its ledger: words, filters and an order, page by page.
 */
final readonly class StashSearch
{
    private const A_PAGE = 40;

    public const ORDERS = [
        'name' => 'by name',
        'newest' => 'newest first',
        'most' => 'most on hand',
        'least' => 'least on hand',
        'thickest' => 'thickest first',
    ];

    public const ENTRY_ORDERS = ['newest' => 'newest first', 'oldest' => 'oldest first', 'largest' => 'largest first'];

    /**
     * @param LengthAwarePaginator<int, Material>|LengthAwarePaginator<int, StockEntry> $found
     * @param array<string, string> $typed
     */
    private function __construct(public LengthAwarePaginator $found, public array $typed) {}

    public static function materials(Request $request, User $maker): self
    {
        $typed = self::typed($request, ['q', 'kind', 'acquired', 'sort']);
        $query = Material::query()->where('user_id', $maker->id);
        $query->withSum(['reservations as reserved' => fn(Builder $all) => $all->whereHas('bag')], 'amount');
        if ($typed['q'] !== '') {
            $like = Typed::like($typed['q']);
            $query->where(
                fn(Builder $any) => $any->where('name', 'like', $like)
                    ->orWhere('care', 'like', $like)->orWhere('fibre', 'like', $like),
            );
        }
        if (Kind::tryFrom($typed['kind']) !== null) {
            $query->where('kind', $typed['kind']);
        }
        if (Acquired::tryFrom($typed['acquired']) !== null) {
            $query->where('acquired', $typed['acquired']);
        }
        match ($typed['sort']) {
            'newest' => $query->orderByDesc('id'),
            'most' => $query->orderByDesc('balance'),
            'least' => $query->orderBy('balance'),
            'thickest' => $query->orderByDesc('diameter'),
            default => null,
        };

        return new self($query->orderBy('name')->orderBy('id')->paginate(self::A_PAGE)->withQueryString(), $typed);
    }

    public static function entries(Request $request, User $maker): self
    {
        $typed = self::typed($request, ['q', 'move', 'material', 'sort']);
        $query = StockEntry::query()->with(['material', 'bag'])
            ->whereIn(
                'material_id',
                Material::query()->withoutGlobalScopes()->where('user_id', $maker->id)->select('id'),
            );
        if ($typed['q'] !== '') {
            $like = Typed::like($typed['q']);
            $query->where(fn(Builder $any) => $any->where('note', 'like', $like)
                ->orWhereIn(
                    'material_id',
                    Material::query()->withoutGlobalScopes()->where('user_id', $maker->id)
                        ->where('name', 'like', $like)->select('id'),
                ));
        }
        if (Move::tryFrom($typed['move']) !== null) {
            $query->where('move', $typed['move']);
        }
        if (ctype_digit($typed['material'])) {
            $query->where('material_id', $typed['material']);
        }
        // A sum is sorted of what was found; of the bare number everybody's lines would be gone through for hers.
        match ($typed['sort']) {
            'oldest' => $query->orderByRaw('id + 0'),
            'largest' => $query->orderByRaw('abs(amount) desc, id + 0 desc'),
            default => $query->orderByRaw('id + 0 desc'),
        };

        return new self($query->paginate(self::A_PAGE)->withQueryString(), $typed);
    }

    public function isNarrowed(): bool
    {
        return array_filter(array_diff_key($this->typed, ['sort' => 1]), fn(string $text): bool => $text !== '') !== [];
    }

    /**
     * @param list<string> $fields
     *
     * @return array<string, string>
     */
    private static function typed(Request $request, array $fields): array
    {
        return array_combine(
            $fields,
            array_map(fn(string $field): string => mb_substr(Typed::text($request, $field), 0, 80), $fields),
        );
    }
}
