<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Record;
use Illuminate\Database\Eloquent\Casts\Attribute;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Records pass over what Eloquent would look for each time: a model that declares such a thing would not be heard. */
final class RecordTest extends TestCase
{
    /** @return iterable<string, array{class-string<Record>}> */
    public static function records(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [] as $file) {
            $class = 'App\\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Record::class)) {
                yield basename($file, '.php') => [$class];
            }
        }
    }

    /** @param class-string<Record> $class */
    #[DataProvider('records')]
    public function testDeclaresNothingThatIsPassedOver(string $class): void
    {
        self::assertSame([], self::passedOver($class), "{$class}: say it by casts, or let Record look for it.");
    }

    /** One that does is noticed. */
    public function testOneThatDeclaresIsNoticed(): void
    {
        $one = new class () extends Record {
            /** @var array<string, string> */
            protected $dispatchesEvents = ['saved' => 'x'];

            public function getNameAttribute(): string
            {
                return '';
            }

            protected function colour(): Attribute
            {
                return Attribute::make();
            }
        };
        self::assertSame(['dispatchesEvents', 'getNameAttribute', 'colour'], self::passedOver($one::class));
    }

    /**
     * @param class-string $class
     *
     * @return list<string>
     */
    private static function passedOver(string $class): array
    {
        $of = new \ReflectionClass($class);
        $found = $of->getDefaultProperties()['dispatchesEvents'] === [] ? [] : ['dispatchesEvents'];
        foreach ($of->getMethods() as $method) {
            $isOurs = ! str_starts_with($method->getDeclaringClass()->getName(), 'Illuminate\\');
            $isAccessor = preg_match('/^(get|set).+Attribute$/', $method->getName()) === 1
                && ! method_exists(\Illuminate\Database\Eloquent\Model::class, $method->getName());
            if ($isOurs && ($isAccessor || (string) $method->getReturnType() === Attribute::class)) {
                $found[] = $method->getName();
            }
        }
        if ($of->getAttributes(\Illuminate\Database\Eloquent\Attributes\ObservedBy::class) !== []) {
            $found[] = 'ObservedBy';
        }

        return $found;
    }
}
