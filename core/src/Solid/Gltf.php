<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

/**
 * A solid as glTF 2.0, one binary file at true size in metres (Khronos Group, glTF 2.0 specification): faces of each
 * kind and strand as triangles, their rows as lines.
 */
final class Gltf
{
    private const MAGIC = 0x46546C67;

    private const JSON = 0x4E4F534A;

    private const BIN = 0x004E4942;

    private const FLOAT = 5126;

    private const INDEX = 5125;

    private const TRIANGLES = 4;

    private const LINES = 1;

    /** How rough: no gloss. */
    private const ROUGH = 1.0;

    private string $bytes = '';

    /** @var list<array<string, mixed>> */
    private array $views = [];

    /** @var list<array<string, mixed>> */
    private array $accessors = [];

    private function __construct() {}

    /**
     * @param list<array{float, float, float}> $colours of each strand: red, green and blue from 0 to 1, as on a screen
     * @param array{float, float, float} $metal so of hardware
     * @param array{float, float, float} $ink so of lines
     */
    public static function of(Solid $solid, string $name, array $colours, array $metal, array $ink): string
    {
        return (new self())->written($solid, $name, $colours, $metal, $ink);
    }

    /**
     * @param list<array{float, float, float}> $colours
     * @param array{float, float, float} $metal
     * @param array{float, float, float} $ink
     */
    private function written(Solid $solid, string $name, array $colours, array $metal, array $ink): string
    {
        $groups = [];
        foreach ($solid->skins as $skin) {
            foreach ($skin->faces() as [$strand, $corners]) {
                $groups["{$skin->of->value} {$strand}"][] = $corners;
            }
        }
        $materials = $materialOf = $meshes = $nodes = [];
        foreach ($groups as $key => $faces) {
            [$of, $strand] = explode(' ', $key);
            $colour = $of === SkinOf::Hardware->value ? $metal : $colours[(int) $strand] ?? $metal;
            $materialOf[$key] = count($materials);
            $materials[] = self::material($key, $colour);
            $primitive = $this->triangles($faces);
            if ($primitive !== null) {
                $meshes[] = ['name' => $key, 'primitives' => [$primitive + ['material' => $materialOf[$key]]]];
            }
        }
        $lines = $this->lines($solid);
        if ($lines !== null) {
            $materials[] = self::material('rows', $ink);
            $meshes[] = ['name' => 'rows', 'primitives' => [$lines + ['material' => count($materials) - 1]]];
        }
        foreach ($meshes as $nth => $mesh) {
            $nodes[] = ['name' => $mesh['name'], 'mesh' => $nth];
        }
        $json = ['asset' => ['version' => '2.0', 'generator' => 'Fescue'], 'scene' => 0];
        $scene = ['name' => $name === '' ? 'Bag' : $name];
        $json['scenes'] = [$scene + ($nodes === [] ? [] : ['nodes' => array_keys($nodes)])];
        if ($nodes !== []) {
            $json += [
                'nodes' => $nodes, 'meshes' => $meshes, 'materials' => $materials, 'accessors' => $this->accessors,
                'bufferViews' => $this->views, 'buffers' => [['byteLength' => strlen($this->bytes)]],
            ];
        }
        $text = json_encode($json, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG);
        $text .= str_repeat(' ', (4 - strlen($text) % 4) % 4);
        $chunks = pack('VV', strlen($text), self::JSON).$text;
        if ($this->bytes !== '') {
            $chunks .= pack('VV', strlen($this->bytes), self::BIN).$this->bytes;
        }

        return pack('VVV', self::MAGIC, 2, 12 + strlen($chunks)).$chunks;
    }

    /**
     * @param array{float, float, float} $colour
     *
     * @return array<string, mixed>
     */
    private static function material(string $name, array $colour): array
    {
        return [
            'name' => $name,
            'doubleSided' => true,
            'pbrMetallicRoughness' => [
                'baseColorFactor' => [...array_map(self::linear(...), $colour), 1.0],
                'metallicFactor' => 0.0,
                'roughnessFactor' => self::ROUGH,
            ],
        ];
    }

    /** A share of a screen's light as a share of light (IEC 61966-2-1, sRGB). */
    private static function linear(float $one): float
    {
        return round($one <= 0.04045 ? $one / 12.92 : (($one + 0.055) / 1.055) ** 2.4, 5);
    }

    /**
     * Each face as two triangles, facing outward.
     *
     * @param list<non-empty-list<array{float, float, float}>> $faces
     *
     * @return ?array<string, mixed>
     */
    private function triangles(array $faces): ?array
    {
        $positions = $normals = $indices = [];
        foreach ($faces as $corners) {
            // Of four corners two may be in one place.
            $kept = [];
            foreach ($corners as $nth => $at) {
                if (! self::isNear($at, $corners[($nth + 1) % count($corners)])) {
                    $kept[] = $at;
                }
            }
            $normal = count($kept) < 3 ? null : self::normal($kept);
            if ($normal === null) {
                continue;
            }
            $first = count($positions);
            foreach ($kept as $at) {
                $positions[] = $at;
                $normals[] = $normal;
            }
            foreach (Ears::cut($kept, $normal) as $nth) {
                $indices[] = $first + $nth;
            }
        }
        if ($positions === []) {
            return null;
        }

        return [
            'attributes' => [
                'POSITION' => $this->vectors($positions, 0.001, true),
                'NORMAL' => $this->vectors($normals, 1.0, false),
            ],
            'indices' => $this->indices($indices),
            'mode' => self::TRIANGLES,
        ];
    }

    /** @return ?array<string, mixed> */
    private function lines(Solid $solid): ?array
    {
        $positions = $indices = [];
        foreach ($solid->skins as $skin) {
            foreach ($skin->rows as $line) {
                foreach ($line as $nth => $at) {
                    if ($nth > 0) {
                        array_push($indices, count($positions) - 1, count($positions));
                    }
                    $positions[] = $at;
                }
            }
        }

        return $indices === [] ? null : [
            'attributes' => ['POSITION' => $this->vectors($positions, 0.001, true)],
            'indices' => $this->indices($indices),
            'mode' => self::LINES,
        ];
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function isNear(array $a, array $b): bool
    {
        return abs($a[0] - $b[0]) + abs($a[1] - $b[1]) + abs($a[2] - $b[2]) < 1e-4;
    }

    /**
     * Newell's, of length one; null of no area.
     *
     * @param non-empty-list<array{float, float, float}> $corners
     *
     * @return ?array{float, float, float}
     */
    public static function normal(array $corners): ?array
    {
        $normal = [0.0, 0.0, 0.0];
        foreach ($corners as $nth => [$x, $y, $z]) {
            [$nextX, $nextY, $nextZ] = $corners[($nth + 1) % count($corners)];
            $normal[0] += ($y - $nextY) * ($z + $nextZ);
            $normal[1] += ($z - $nextZ) * ($x + $nextX);
            $normal[2] += ($x - $nextX) * ($y + $nextY);
        }
        $long = sqrt($normal[0] ** 2 + $normal[1] ** 2 + $normal[2] ** 2);

        return $long < 1e-6 ? null : [$normal[0] / $long, $normal[1] / $long, $normal[2] / $long];
    }

    /** @param list<array{float, float, float}> $vectors */
    private function vectors(array $vectors, float $times, bool $bounded): int
    {
        $bytes = '';
        $least = [INF, INF, INF];
        $most = [-INF, -INF, -INF];
        foreach ($vectors as $vector) {
            foreach ($vector as $axis => $value) {
                // As it is written: a float of four bytes, and no more is claimed of its bounds.
                $packed = pack('g', $value * $times);
                $bytes .= $packed;
                $read = unpack('g', $packed);
                $kept = is_array($read) && is_float($read[1]) ? $read[1] : 0.0;
                [$least[$axis], $most[$axis]] = [min($least[$axis], $kept), max($most[$axis], $kept)];
            }
        }
        $this->accessors[] = [
            'bufferView' => $this->view($bytes, 34962), 'componentType' => self::FLOAT, 'count' => count($vectors),
            'type' => 'VEC3',
        ] + ($bounded ? ['min' => $least, 'max' => $most] : []);

        return count($this->accessors) - 1;
    }

    /** @param list<int> $indices */
    private function indices(array $indices): int
    {
        $this->accessors[] = [
            'bufferView' => $this->view(pack('V*', ...$indices), 34963), 'componentType' => self::INDEX,
            'count' => count($indices), 'type' => 'SCALAR',
        ];

        return count($this->accessors) - 1;
    }

    /** @param 34962|34963 $target vertices or indices */
    private function view(string $bytes, int $target): int
    {
        $this->views[] = [
            'buffer' => 0, 'byteOffset' => strlen($this->bytes), 'byteLength' => strlen($bytes), 'target' => $target,
        ];
        $this->bytes .= $bytes;

        return count($this->views) - 1;
    }
}
