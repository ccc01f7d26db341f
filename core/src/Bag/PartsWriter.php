<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

/** Writes the makers of a bag as PartsReader reads them. */
final class PartsWriter
{
    /**
     * @param list<Chosen> $parts in working order
     *
     * @return array<string, array<string, mixed>> by part: "build", "base", "body" with what is "above", "handles"
     */
    public static function write(array $parts): array
    {
        $written = [];
        foreach ($parts as $part) {
            if (isset($written[$part->part()])) {
                $above = $written[$part->part()]['above'] ?? [];
                $written[$part->part()]['above'] = [...(is_array($above) ? $above : []), $part->maker->write()];
            } else {
                $type = Makers::isOnly($part->maker) ? [] : ['type' => $part->maker::key()];
                $written[$part->part()] = $type + $part->maker->write();
            }
        }

        return $written;
    }
}
