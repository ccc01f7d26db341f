<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Solid;

/** A glTF file read again by its specification: header, chunks, accessors; metres. */
final readonly class Mesh
{
    /**
     * @param array<mixed> $json
     * @param list<list<array{float, float, float}>> $triangles by their corners
     * @param list<array{array{float, float, float}, array{float, float, float}}> $lines from end to end
     * @param array<string, int> $named triangles by the name of their mesh
     */
    private function __construct(
        public array $json,
        public array $triangles,
        public array $lines,
        public array $named,
    ) {}

    /** @param string $only meshes whose name begins so */
    public static function read(string $glb, string $only = ''): self
    {
        $head = self::words($glb, 0, 3);
        [$magic, $version, $long] = $head;
        if ($magic !== 0x46546C67 || $version !== 2 || $long !== strlen($glb)) {
            throw new \UnexpectedValueException('It is no glTF 2.0.');
        }
        [$size, $kind] = self::words($glb, 12, 2);
        if ($kind !== 0x4E4F534A || $size % 4 !== 0) {
            throw new \UnexpectedValueException('It has no JSON.');
        }
        $json = json_decode(substr($glb, 20, $size), true, flags: JSON_THROW_ON_ERROR);
        $bytes = substr($glb, 20 + $size + 8);
        $accessor = function (int $nth) use ($json, $bytes): array {
            $one = $json['accessors'][$nth];
            $view = $json['bufferViews'][$one['bufferView']];
            $part = substr($bytes, $view['byteOffset'], $view['byteLength']);
            $values = array_values(unpack($one['componentType'] === 5126 ? 'g*' : 'V*', $part));

            return $one['type'] === 'VEC3' ? array_chunk($values, 3) : $values;
        };
        $triangles = $lines = $named = [];
        foreach ($json['nodes'] ?? [] as $node) {
            $mesh = $json['meshes'][$node['mesh']];
            foreach (str_starts_with($mesh['name'], $only) ? $mesh['primitives'] : [] as $primitive) {
                $at = $accessor($primitive['attributes']['POSITION']);
                $each = array_chunk($accessor($primitive['indices']), $primitive['mode'] === 4 ? 3 : 2);
                foreach ($each as $corners) {
                    $found = array_map(fn(int $corner): array => $at[$corner], $corners);
                    if (count($found) === 3) {
                        $triangles[] = $found;
                        $named[$mesh['name']] = ($named[$mesh['name']] ?? 0) + 1;
                    } else {
                        $lines[] = $found;
                    }
                }
            }
        }

        return new self($json, $triangles, $lines, $named);
    }

    /** @return list<int> */
    private static function words(string $of, int $from, int $many): array
    {
        return array_values(unpack("V{$many}", substr($of, $from, 4 * $many)));
    }

    /** Litres inside, of one whose opening is level at so many metres: the divergence theorem. */
    public function litres(float $rim): float
    {
        $six = 0.0;
        foreach ($this->triangles as $corners) {
            [[$ax, $ay, $az], [$bx, $by, $bz], [$cx, $cy, $cz]] = $corners;
            [$ay, $by, $cy] = [$ay - $rim, $by - $rim, $cy - $rim];
            $six += $ax * ($by * $cz - $bz * $cy) - $ay * ($bx * $cz - $bz * $cx) + $az * ($bx * $cy - $by * $cx);
        }

        return 1000 * $six / 6;
    }

    /** m² */
    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->triangles as [$a, $b, $c]) {
            $u = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
            $v = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];
            $twice += sqrt(
                ($u[1] * $v[2] - $u[2] * $v[1]) ** 2 + ($u[2] * $v[0] - $u[0] * $v[2]) ** 2
                    + ($u[0] * $v[1] - $u[1] * $v[0]) ** 2,
            );
        }

        return $twice / 2;
    }

    /** @return array{float, float} least and greatest along an axis, of its faces */
    public function reach(int $axis): array
    {
        $values = [];
        foreach ($this->triangles as $corners) {
            array_push($values, ...array_column($corners, $axis));
        }

        return [min($values), max($values)];
    }
}
