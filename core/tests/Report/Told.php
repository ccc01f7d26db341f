<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Report;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Report\Note;
use Fescue\Core\Report\Notes;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;

/** A note as it is read. */
final readonly class Told
{
    private function __construct(
        public string $code,
        public Tone $tone,
        public ?RowId $row,
        public string $lead,
        public string $rest,
    ) {}

    public function text(): string
    {
        return "{$this->lead} {$this->rest}";
    }

    public static function of(Note $note, Tongue $tongue = new Tongue(Terms::US)): self
    {
        return new self($note->code, $note->tone, $note->row, $tongue->say($note->lead), $tongue->say($note->rest));
    }

    public static function remark(Remark $remark): string
    {
        $tongue = new Tongue(Terms::US);
        $with = ['row' => new RowId(RowKind::Round, 1 + (int) $remark->row)];

        return "{$tongue->say($remark->lead($with))} {$tongue->say($remark->rest($with))}";
    }

    /**
     * @param list<string> $swatches
     *
     * @return list<self>
     */
    public static function on(
        BagPlan $plan,
        ?MaterialEstimate $estimate = null,
        LengthUnit $unit = LengthUnit::Centimetre,
        Terms $terms = Terms::US,
        array $swatches = [],
    ): array {
        $tongue = new Tongue($terms, $unit);

        return array_map(
            fn(Note $note): self => self::of($note, $tongue),
            Notes::on($plan, $estimate ?? MaterialEstimate::of($plan), $swatches),
        );
    }
}
