<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Text;

/** Patterns drawn at random, whose counts are known by how they are made, written as one or another would. */
final class Programs
{
    /** @return array{list<string>, list<int>} lines, one a row, and what each leaves */
    public static function rounds(): array
    {
        $each = mt_rand(5, 8);
        $lines = ["Rnd 1: {$each} sc in magic ring ({$each})"];
        $leaves = [$each];
        $now = $each;
        $between = 0;
        for ($nth = 2; $nth <= mt_rand(5, 12); $nth++) {
            switch ($now < 8 ? mt_rand(0, 1) : mt_rand(0, 3)) {
                case 0:
                    $lines[] = "Rnd {$nth}: ".['sc in each st around', 'sc around', 'sc blo around'][mt_rand(0, 2)]." ({$now})";

                    break;
                case 1:
                    if ($between < 1) {
                        $lines[] = "Rnd {$nth}: 2 sc in each st around (".(2 * $now).')';
                        $each = $now;
                        $now *= 2;
                        $between = 1;

                        break;
                    }
                    $next = $now + $each;
                    $lines[] = "Rnd {$nth}: ".[
                        "*sc in next {$between} sts, 2 sc in next st; rep from * around",
                        "(sc in next {$between}, inc) x {$each}",
                        "[2 sc in next st, sc in next {$between} sts] {$each} times",
                        "*2 sc in next st, sc in next {$between} sts; rep from * ".($each - 1).' more times',
                    ][mt_rand(0, 3)]." ({$next})";
                    $now = $next;
                    $between++;

                    break;
                case 2:
                    $skip = mt_rand(1, min(3, $now - 2));
                    $chain = mt_rand(2, 6);
                    $first = mt_rand(1, $now - $skip - 1);
                    $last = $now - $skip - $first;
                    $lines[] = "Rnd {$nth}: sc in next {$first} sts, ch {$chain}, sk next {$skip} sts, sc in next {$last} sts "
                        .'('.($first + $last)." sc, 1 ch-{$chain} sp)";
                    $leaves[] = $first + $last + 1;
                    $nth++;
                    $now = $first + $last + $chain;
                    $lines[] = "Rnd {$nth}: sc in next {$first} sts, {$chain} sc in ch-{$chain} sp, sc in next {$last} sts ({$now})";
                    $between = 0;

                    break;
                default:
                    $many = mt_rand(1, intdiv($now, 3));
                    $rest = $now - 2 * $many;
                    $next = $now - $many;
                    $lines[] = "Rnd {$nth}: sc2tog {$many} times, sc in next {$rest} sts ({$next})";
                    $now = $next;
                    $between = 0;
            }
            $leaves[] = $now;
        }

        return [$lines, $leaves];
    }

    /**
     * One number or one instruction of one row is another.
     *
     * @param list<string> $lines
     *
     * @return ?array{list<string>, int} and which row, from 0; null where the draw changed nothing that counts
     */
    public static function slip(array $lines): ?array
    {
        $nth = mt_rand(1, count($lines) - 1);
        [$head, $body] = explode(': ', $lines[$nth], 2);
        if (mt_rand(0, 3) === 0) {
            $parts = explode(', ', $body);
            if (count($parts) < 2 || str_contains($body, '(sc in') || str_contains($body, '*') || str_contains($body, '[')) {
                return null;
            }
            array_splice($parts, mt_rand(0, count($parts) - 2), 1);
            $other = implode(', ', $parts);
        } else {
            // No name of a space: it is found by its place, whatever it is called.
            preg_match_all('/(?<![\w-])\d+(?! ch-)(?!\w)/', $body, $found, PREG_OFFSET_CAPTURE);
            [$number, $at] = $found[0][mt_rand(0, count($found[0]) - 1)];
            $by = [-2, -1, 1, 2][mt_rand(0, 3)];
            if ((int) $number + $by < 1) {
                return null;
            }
            $other = substr($body, 0, $at).((int) $number + $by).substr($body, $at + strlen($number));
        }
        if ($other === $body) {
            return null;
        }
        $lines[$nth] = "{$head}: {$other}";

        return [$lines, $nth];
    }
}
