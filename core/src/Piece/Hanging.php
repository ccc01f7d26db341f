<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\School;
use Fescue\Core\Saying\Saying;

/** A strap or a handle under a full bag: longer than it lies, by a guess until one has hung. No source. */
final class Hanging
{
    private const STRETCH = 0.10;

    /** @param string $what for messages: "The length of a strap" */
    public static function setting(string $what, ?Length $hangs): Sized
    {
        return new Sized('hangs', 'Length it hangs under load', $what, $hangs, Length::mm(50), Length::mm(2000));
    }

    /** How long that hangs which lies so long. */
    public static function of(Length $lies, School $school): Length
    {
        return $lies->times(self::share($school));
    }

    /** How long that lies which hangs so long, mm. */
    public static function lying(float $hangs, School $school): float
    {
        return $hangs / self::share($school);
    }

    /** How long that hangs which lies 1 long. */
    public static function share(School $school): float
    {
        return 1 + ($school->stretch ?? self::STRETCH);
    }

    /** How sure that is. */
    public static function said(School $school): Saying
    {
        return $school->stretch === null
            ? new Saying('a tenth is a guess until yours has hung')
            : new Saying('yours gave {percent} % under a load', ['percent' => 100 * $school->stretch]);
    }
}
