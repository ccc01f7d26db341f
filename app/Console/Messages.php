<?php

declare(strict_types=1);

namespace App\Console;

use App\Account\AccountExport;
use App\Account\ImportAccount;
use App\Bags\BagForm;
use App\Bags\PictureMarks;
use App\Glossary\Glossary;
use App\Glossary\Guide;
use App\Http\Controllers\StashFileController;
use App\Http\Controllers\SwatchFileController;
use App\Http\Controllers\TogetherController;
use App\Models\BagFinish;
use App\Models\StockEntry;
use App\Models\Supply;
use App\Stash\Choosing;
use App\Stash\CuttingForm;
use App\Stash\MaterialText;
use App\Stash\StashSearch;
use App\Tongue\MessagesIn;
use Fescue\Core\Bag\GaugeReader;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Mends;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Finish\Tool;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\State;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\EndCare;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookRange;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Washing;
use Fescue\Core\Material\WeightClass;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Series;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Sized;
use Fescue\Core\Piece\TabStep;
use Fescue\Core\Stock\Move;
use Fescue\Core\Strip\Checklist;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\JoinMethod;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Blade;
use Symfony\Component\Finder\Finder;

/** Every message that is told by a tongue, found where it stands: in the core, the application and its pages. */
final class Messages
{
    /** Words that are told by themselves where they stand in lists of ours. */
    private const WORDS = [
        'length', 'width', 'height', 'Length', 'Width', 'Height', 'rows', 'chains', 'pieces', 'g', 'cm', 'tab',
        'tabs', 'piece', 'name', 'size', 'base', 'body', 'build', 'edge', 'working', 'starting chain', 'lean',
        'changes', 'others', 'material', 'swatch', 'hook', 'learned', 'together', 'type', 'above', 'finish',
        'stretch', 'tape', 'swatch counts', 'weigh ins', 'bottom', 'wall', 'pocket', 'gusset', 'strip', 'front',
        'back', 'slots', 'colour', 'new piece', 'last', 'from', 'to', 'firm', 'even', 'drape', 'relaxed', 'blocked',
        'hung', 'upper', 'right', 'lower', 'left', 'balls', 'cones', 'rolls', 'Lay', 'Trim', 'Slit', 'Cut round',
        'Open the spine', 'A strip', 'A spine', 'A width', 'A height', 'A side fold', 'A hitch’s loss', 'A trim',
        'A join’s loss', 'A length', 'lock', 'shirts or tubes', 'panels', 'bags', 'ribbons', 'basket', 'belt bag',
        'tray', 'pouch', 'key purse', 'Size of the text',
    ];

    /** @var list<array{class-string, string}> */
    private const CONSTANTS = [
        [BagForm::class, 'NOT_HER_STRAND'], [BagForm::class, 'NOT_HER_SWATCH'], [MaterialText::class, 'FIRST'],
        [ImportAccount::class, 'BROKE'], [Checklist::class, 'BLADE'], [Checklist::class, 'SHEDS'],
        [Checklist::class, 'SUFFOCATES'], [GaugeReader::class, 'TIMES'],
        [SwatchFileController::class, 'TAKEN'], [StashFileController::class, 'TAKEN'], [LearnedHand::class, 'ODD'],
        [Mends::class, 'BECOMES'], [StockEntry::class, 'OURS'],
        [AccountExport::class, 'README'], [Glossary::class, 'TRADE'], [Glossary::class, 'OURS'],
        [Guide::class, 'PAGES'],
    ];

    /** @return array<string, string> where each stands first, by the message */
    public static function all(): array
    {
        $all = self::names();
        foreach (['core/src', 'app', 'resources/views'] as $folder) {
            foreach (Finder::create()->in(base_path($folder))->files()->name('*.php')->sortByName() as $file) {
                $code = str_ends_with($file->getFilename(), '.blade.php')
                    ? Blade::compileString($file->getContents())
                    : $file->getContents();
                foreach (MessagesIn::code($code) as $message) {
                    $all[$message] ??= "{$folder}/{$file->getRelativePathname()}";
                }
            }
        }
        $all += array_fill_keys(MessagesIn::scripts(), 'resources/js');
        // What has no word of its own is told alike in every tongue.
        $all = array_filter(
            $all,
            fn(string $one): bool => preg_match('/[a-z]{2}/i', (string) preg_replace('/\{\w+\}|#\S*/', '', $one)) === 1,
            ARRAY_FILTER_USE_KEY,
        );
        ksort($all);

        return $all;
    }

    /**
     * What stands in lists: kinds, ways of making with all that they ask, steps, orders.
     *
     * @return array<string, string>
     */
    private static function names(): array
    {
        $names = array_fill_keys(self::WORDS, self::class);
        $add = function (string $where, ?string ...$said) use (&$names): void {
            $names += array_fill_keys(
                array_filter($said, fn(?string $one): bool => $one !== null && $one !== ''),
                $where,
            );
        };
        foreach (Kind::cases() as $kind) {
            $add(Kind::class, $kind->name(), $kind->noun());
            $add(HookRange::class, HookRange::of($kind)->reason);
            foreach ([null, ...Make::cases()] as $make) {
                $add(EndCare::class, EndCare::frays($kind, $make));
                foreach ([null, ...Fibre::cases()] as $fibre) {
                    foreach (EndCare::of($kind, $make, $fibre) as $care) {
                        $add(EndCare::class, $care->do, $care->why, $care->caution);
                    }
                }
            }
        }
        foreach (JoinMethod::cases() as $join) {
            $add(JoinMethod::class, $join->name(), $join->how(), $join->avoid());
        }
        foreach (TabStep::cases() as $step) {
            $add(TabStep::class, $step->said(), $step->care());
        }
        $lists = [Make::class, Fibre::class, WeightClass::class, Fabric::class, Hand::class, Part::class,
            Origin::class, Washing::class, Tool::class];
        foreach ($lists as $words) {
            $add($words, ...array_column($words::cases(), 'value'));
        }
        foreach ([...Acquired::cases(), ...Move::cases(), ...State::cases()] as $one) {
            $add($one::class, $one->said());
        }
        $add(CutMethod::class, ...array_map(fn(CutMethod $one): string => $one->name(), CutMethod::cases()));
        $add(MaterialEstimate::class, ...MaterialEstimate::BESIDES);
        $add(BagFinish::class, ...array_values(BagFinish::SEEN));
        foreach ([PictureMarks::MARKS, PictureMarks::LIES, PictureMarks::SET] as $words) {
            $add(PictureMarks::class, ...array_values($words));
        }
        $add(TogetherController::class, ...array_values(TogetherController::ORDERS));
        $add(CuttingForm::class, ...array_values(CuttingForm::KINDS));
        $add(Choosing::class, ...array_values(Choosing::STUFF));
        $add(StashSearch::class, ...array_values(StashSearch::ORDERS), ...array_values(StashSearch::ENTRY_ORDERS));
        $add(Supply::class, ...array_values(Supply::MANY));
        $add(Remark::class, Remark::hangTest()->lead, Remark::hangTest()->rest);
        foreach (self::CONSTANTS as [$class, $name]) {
            $said = (new \ReflectionClassConstant($class, $name))->getValue();
            $add($class, ...array_filter(Arr::flatten([$said]), is_string(...)));
        }
        $makers = [...Makers::BASES, ...Makers::WHOLE, Makers::WALL, ...Makers::TOPS, Makers::RIM, ...Finishings::ALL];
        foreach ($makers as $maker) {
            $add($maker, ...$maker::called());
            $add($maker, lcfirst($maker::called()[0]));
            foreach ($maker::open()->settings() as $one) {
                $add($maker, $one->label, str_replace('_', ' ', $one->name), ...self::asked($one));
            }
        }

        return $names;
    }

    /** @return list<string> what is told of it beside its label */
    private static function asked(Asked $one): array
    {
        return match (true) {
            $one instanceof Setting => [
                $one->counted->one, $one->counted->several(), $one->counted->short, $one->fewer->said ?? '',
                $one->fewer->none ?? '',
            ],
            $one instanceof Choice => [$one->short, ...array_merge(...array_values($one->options))],
            $one instanceof Flag => [...$one->no, ...$one->yes],
            $one instanceof Sized => [$one->what],
            $one instanceof Series => [$one->unit],
            default => [],
        };
    }
}
