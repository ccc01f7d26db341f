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
    public static function read(string $text, int $there, int $between = 0, int $spans = 0): array
    {
        $text = (string) preg_replace(
            '/(?:^|, )ch \d \(does not count as a stitch; start in the st of the join\)|(?:go on along the other side of the '
                .'chain|along the row ends'
                .'|along one side of the chain from the \d\w\w ch from hook, then back along its other side'
                .'|along the row ends and end loops|along the last row, then along the other side of the chain): '
                .'|do not join: .*$'
                .'|sl st in (?:first st|top of the starting ch) to join'
                .'|join the strand in st \d+ of the edge, counted from '
                .'(?:the marked st|the join(?: with the side of Round 1 before you)?), ch \d'
                .'|join the strand in st \d+ of the opening, counted from the seam at the front’s right(?:, ch \d)?'
                .'|sew the last row with \d+ sl st to sts \d+ to \d+ of the edge'
                .'|sl st in (?:next st|each of next \d+ sts): rounds begin here from now on/',
            '',
            $text,
        );
        // Of a chain that lifts a row or a round nothing is counted.
        $text = (string) preg_replace('/^[, ]*turn(?:, ch \d(?! \())?(?=,|$)/', '', $text);
        [$takes, $leaves] = [0, 0];
        preg_match_all('/(?:\[[^\]]*\][^,]*|\([^)]*\)[^,]*|[^,\[(])+/', $text, $parts);
        foreach (array_filter(array_map(trim(...), $parts[0])) as $part) {
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
                preg_match('/^a stitch to a stitch|one edge has \d+ fewer|the other edge as it comes/', $part) === 1 => [
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
                    self::read($found[1], 0, $between, $spans),
                ),
                preg_match('/^\((.*)\) in next st$/', $part, $found) === 1 => [1, count(explode(', ', $found[1]))],
                preg_match('/^(sc|hdc|dc|tr|sl st|crab st) in each st (around|across)$/', $part) === 1 => [
                    $there,
                    $there,
                ],
                preg_match('/^fold the sides in$|^start in the st of the join$/', $part) === 1 => [0, 0],
                // All that is there, folded upon itself.
                preg_match('/^(\d+) sc through all layers to close$/', $part, $found) === 1 => [$there, (int) $found[1]],
                preg_match('/^ch \d \(counts as the first (?:sc|hdc|dc|tr|crab st)\)$/', $part) === 1 => [1, 1],
                // Beside the chain that counts, in the stitch that it took.
                preg_match('/^(\d+) (?:sc|hdc|dc|tr) in the st of the join$/', $part, $found) === 1 => [
                    0,
                    (int) $found[1],
                ],
                preg_match('/^(?:sc|hdc|dc|tr)2tog$/', $part) === 1 => [2, 1],
                preg_match('/^(\d+) (?:sc|hdc|dc|tr) in the gap$/', $part, $found) === 1 => [0, (int) $found[1]],
                preg_match('/^(?:sc|hdc|dc|tr) around the (?:front|back) post of next st$/', $part) === 1 => [1, 1],
                preg_match('/^(?:sc|hdc|dc|tr) around the (?:front|back) posts of next (\d+) sts$/', $part, $at) === 1
                    => [(int) $at[1], (int) $at[1]],
                preg_match('/^(\d+) sc around the chain$/', $part, $found) === 1 => [$spans, (int) $found[1]],
                // A group in a space, however many chains that is of: they are told by the round below.
                preg_match('/^4 dc around the chain$/', $part) === 1 => [$between, 4],
                preg_match('/^from the stitch at the fold (\d+) foundation sc .* and sl st in the stitch at the other fold$/', $part, $found)
                    === 1 => [1, (int) $found[1]],
                preg_match('/^skip (\d+)$/', $part, $found) === 1 => [(int) $found[1], 0],
                preg_match('/^ch (\d+)$/', $part, $found) === 1 => [0, (int) $found[1]],
                preg_match('/^(?:(?:back|front) loop|all in (?:back|front) loops) only$/', $part) === 1 => [0, 0],
                preg_match(
                    '/^(?:(\d+) )?(?:sc|hdc|dc|tr) in (?:\S+ ch from hook|last ch|the first ch again)$/',
                    $part,
                    $found,
                ) === 1 => [1, (int) ($found[1] ?? 1)],
                preg_match(
                    '/^(?:(\d+) )?(?:sc|hdc|dc|tr|crab st|sl st) in (?:each of )?next (?:(\d+) )?'
                        .'(?:sts?|ch|row ends?|holes?|spaces?|tabs?)$/',
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
}
