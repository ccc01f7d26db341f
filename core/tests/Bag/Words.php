<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

/** Reads a pattern's words by nothing of ours. */
final class Words
{
    /**
     * What a line takes and leaves, read by nothing of ours.
     *
     * @return array{int, int}
     */
    public static function read(string $text, int $there): array
    {
        $text = (string) preg_replace(
            '/(?:go on along the other side of the chain|along the row ends'
                .'|along one side of the chain from the \d\w\w ch from hook, then back along its other side'
                .'|along the row ends and end loops|along the last row, then along the other side of the chain): '
                .'|join the strand in st \d+ of the edge, counted from '
                .'(?:the marked st|the join(?: with the side of Round 1 before you)?)(?:, ch \d)?'
                .'|join the strand in st \d+ of the opening, counted from the seam at the front’s right(?:, ch \d)?'
                .'|sew the last row with \d+ sl st to sts \d+ to \d+ of the edge'
                .'|sl st in (?:next st|each of next \d+ sts): rounds begin here from now on/',
            '',
            $text,
        );
        // Of a chain that lifts a row or a round nothing is counted, but where it says so.
        $lift = '(?:ch \d(?: \(counts as [^)]*\)(?:, (?:\d )?[a-z]+ in same st)?)?, )?';
        $text = (string) preg_replace("/^[, ]*({$lift})turn(?=,|$)/", '$1', $text);
        $text = (string) preg_replace('/^[, ]*ch \d, (?=,|$)|^[, ]*ch \d(?=, .*, join$)/', '', $text);
        $text = (string) preg_replace('/^ch \d \(does not count\), /', '', $text);
        $text = (string) preg_replace('/, join$/', '', $text);
        [$takes, $leaves] = [0, 0];
        foreach (array_filter(array_map(trim(...), self::parts($text))) as $part) {
            [$take, $leave] = match (true) {
                preg_match('/^\[ch \d+, sc in next (?:st|loop)\] (\d+) times$/', $part, $found) === 1 => [
                    (int) $found[1],
                    (int) $found[1],
                ],
                preg_match('/^(\d+) sc through the holes of both tabs where two meet$/', $part, $found) === 1 => [
                    (int) $found[1],
                    (int) $found[1],
                ],
                $part === 'two a pair' => [0, 0],
                // All of both edges, and nothing is left of them.
                preg_match('/^.* (?:together|on itself): \d+ (?:sc|sl st|whip st) through both edges$/', $part) === 1 => [
                    $there,
                    0,
                ],
                preg_match(
                    '/^(?:a stitch to a stitch|one edge has \d+ fewer: take .*|one in each stitch of the first edge'
                        .'|the second eased in evenly|one in each square of the canvas|two in a corner square'
                        .'|the panel eased in evenly|evenly spread)$/',
                    $part,
                ) === 1 => [
                    0,
                    0,
                ],
                preg_match('/^\((\d) sc, ch (\d), (\d) sc\) in the corner$/', $part, $found) === 1 => [
                    1,
                    array_sum(array_map(intval(...), array_slice($found, 1))),
                ],
                preg_match('/^(?:sc|hdc|dc) around the ring and into (?:each of next (\d+) sts|next st)$/', $part, $found)
                    === 1 => [(int) ($found[1] ?? 1), (int) ($found[1] ?? 1)],
                preg_match('/^\[(.*)\] (?:(twice)|(\d+) times)$/', $part, $found) === 1 => array_map(
                    fn(int $one): int => $one * ($found[2] === 'twice' ? 2 : (int) $found[3]),
                    self::read($found[1], 0),
                ),
                preg_match('/^\((.*)\) in next st$/', $part, $found) === 1 => [1, count(explode(', ', $found[1]))],
                preg_match('/^(sc|hdc|dc|tr|sl st|crab st) in each st (around|across)$/', $part) === 1 => [
                    $there,
                    $there,
                ],
                preg_match('/^(\d+) (?:sc|hdc|dc) evenly along the (\d+) row ends$/', $part, $found) === 1 => [
                    (int) $found[2],
                    (int) $found[1],
                ],
                $part === 'fold the sides in' => [0, 0],
                preg_match('/^(?:sc|hdc|dc|tr|sl st|crab st) in each st and ch (?:around|across)$/', $part) === 1 => [$there, $there],
                // All that is there, folded upon itself.
                preg_match('/^(\d+) sc through all layers to close$/', $part, $found) === 1 => [$there, (int) $found[1]],
                preg_match('/^ch \d \(counts as (?:sc|hdc|dc|tr|crab st)\)$/', $part) === 1 => [1, 1],
                // Beside the chain that counts, in the stitch that it took.
                preg_match('/^(?:(\d+) )?(?:sc|hdc|dc|tr) in same st$/', $part, $found) === 1 => [
                    0,
                    (int) (($found[1] ?? '') ?: 1),
                ],
                preg_match('/^(?:sc|hdc|dc|tr)2tog(?: (\d+) times)?$/', $part, $found) === 1 => [
                    2 * (int) ($found[1] ?? 1),
                    (int) ($found[1] ?? 1),
                ],
                preg_match('/^(\d+) (?:sc|hdc|dc|tr) in sp between$/', $part, $found) === 1 => [0, (int) $found[1]],
                preg_match('/^[FB]P(?:sc|hdc|dc|tr) around (?:next st|each of next (\d+) sts)$/', $part, $at) === 1
                    => [(int) ($at[1] ?? 1), (int) ($at[1] ?? 1)],
                preg_match('/^(\d+) (?:sc|hdc|dc|tr) in ch-(\d+) sp$/', $part, $found) === 1 => [
                    (int) $found[2],
                    (int) $found[1],
                ],
                preg_match('/^sk next (?:(\d+) )?(?:sts?|sc|hdc|dc|tr|ch|row ends?|holes?)$/', $part, $found) === 1 => [
                    (int) ($found[1] ?? 1),
                    0,
                ],
                preg_match('/^sk next (?:(\d+) )?ch-(\d+) sps?$/', $part, $found) === 1 => [
                    (int) ($found[1] ?: 1) * (int) $found[2],
                    0,
                ],
                preg_match('/^(?:sc|hdc|dc|tr) in (?:next|each of next (\d+)) ch-(\d+) sps?$/', $part, $found) === 1 => [
                    (int) ($found[1] ?: 1) * (int) $found[2],
                    (int) ($found[1] ?: 1),
                ],
                preg_match('/^(?:sc|hdc|dc|tr|sl st|crab st) in (?:next|(?:each of )?next (\d+)) (?:sc|hdc|dc|tr|ch|sts and chs)$/', $part, $found)
                    === 1 => [(int) ($found[1] ?? 1), (int) ($found[1] ?? 1)],
                preg_match('/^(\d+) foundation sc \(chain and stitch at once\)$/', $part, $found) === 1 => [
                    1,
                    (int) $found[1],
                ],
                preg_match('/^sl st in st \d+ of the (?:edge|opening)$/', $part) === 1 => [0, 0],
                preg_match('/^ch (\d+)$/', $part, $found) === 1 => [0, (int) $found[1]],
                preg_match('/^(?:all in )?[BF]LO$/', $part) === 1 => [0, 0],
                preg_match(
                    '/^(?:(\d+) )?(?:sc|hdc|dc|tr) in (?:\S+ ch from hook|last ch|same ch as first (?:sc|hdc|dc|tr))$/',
                    $part,
                    $found,
                ) === 1 => [1, (int) ($found[1] ?? 1)],
                preg_match(
                    '/^(?:(\d+) )?(?:sc|hdc|dc|tr|crab st|sl st) in (?:each of )?next (?:(\d+) )?'
                        .'(?:sts?|ch|row ends?|holes?|sps?|tabs?)$/',
                    $part,
                    $found,
                ) === 1 => [
                    (int) (($found[2] ?? '') ?: 1),
                    (int) (($found[2] ?? '') ?: 1) * (int) (($found[1] ?? '') ?: 1),
                ],
                default => throw new \LogicException("Not a step: {$part}"),
            };
            $takes += $take;
            $leaves += $leave;
        }

        return [$takes, $leaves];
    }

    /** @return list<string> what commas part, brackets kept whole */
    private static function parts(string $text): array
    {
        $parts = [''];
        $depth = 0;
        foreach (mb_str_split($text) as $letter) {
            $depth += ['[' => 1, '(' => 1, ']' => -1, ')' => -1][$letter] ?? 0;
            if ($letter === ',' && $depth === 0) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $letter;
            }
        }

        return $parts;
    }

    /** Anchors that a count tells: "(72)", "(44 sc, 2 ch-16 sps)", "(20 ch-5 loops)". */
    public static function counted(string $line): int
    {
        preg_match('/\(([^()]*)\)$/', $line, $all);
        $sum = 0;
        foreach (explode(', ', $all[1] ?? '') as $one) {
            preg_match('/^(\d+)(?: ch-(\d+) sps?)?/', $one, $found);
            $sum += (int) ($found[1] ?? 0) * (int) ($found[2] ?? 1);
        }

        return $sum;
    }
}
