<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** The kinds of material a bag is made of, and which of its properties matter to each. Handbook 2. */
enum Kind: string
{
    case TShirt = 'tshirt';
    case Plarn = 'plarn';
    case Cord = 'cord';
    case Ribbon = 'ribbon';
    case Raffia = 'raffia';
    case Strand = 'strand';
    case Tabs = 'tabs';
    case Hardware = 'hardware';
    case Cloth = 'cloth';

    public function name(): string
    {
        return match ($this) {
            self::TShirt => 'T-shirt yarn',
            self::Plarn => 'plarn',
            self::Cord => 'cord',
            self::Ribbon => 'ribbon or tape',
            self::Raffia => 'raffia',
            self::Strand => 'strand to hold together',
            self::Tabs => 'pop tabs',
            self::Hardware => 'hardware',
            self::Cloth => 'lining cloth',
        };
    }

    /** One word for it, mid-sentence. */
    public function noun(): string
    {
        return match ($this) {
            self::TShirt => 'yarn',
            self::Ribbon => 'ribbon',
            self::Strand => 'strand',
            default => $this->value,
        };
    }

    /** Share of its thickness that a strand keeps in a stitch: film and jersey give, a cord does not. From memory. */
    public function pressed(): float
    {
        return match ($this) {
            self::TShirt, self::Raffia => 0.7,
            self::Plarn, self::Ribbon => 0.6,
            self::Strand => 0.9,
            default => 1.0,
        };
    }

    /** Whether it runs in metres and is weighed; all else is counted, or measured by the length. */
    public function isStrand(): bool
    {
        return ! in_array($this, [self::Tabs, self::Hardware, self::Cloth], true);
    }

    /** Whether it comes in whole ones. */
    public function isCounted(): bool
    {
        return $this === self::Tabs || $this === self::Hardware;
    }

    /** What its stock is kept in; where that is counted, of so many. */
    public function unit(float $many = 0.0): string
    {
        return match ($this) {
            self::Tabs => abs($many) === 1.0 ? 'tab' : 'tabs',
            self::Hardware => abs($many) === 1.0 ? 'piece' : 'pieces',
            self::Cloth => 'cm',
            default => 'g',
        };
    }

    /** @return list<self> those that are not worked but finish a bag */
    public static function notions(): array
    {
        return [self::Hardware, self::Cloth];
    }

    /** @return list<self> */
    public static function strands(): array
    {
        return array_values(array_filter(self::cases(), fn(self $kind): bool => $kind->isStrand()));
    }

    /** @return list<Property> beside name, colour, price, source and care, which matter to all */
    public function properties(): array
    {
        $strand = [
            Property::Diameter,
            Property::SampleLength,
            Property::SampleMass,
            Property::BallLength,
            Property::BallMass,
            Property::LabelHook,
            Property::WeightClass,
        ];

        return match ($this) {
            self::TShirt => [Property::Fibre, Property::StripWidth, Property::Pull, Property::Areal, ...$strand],
            self::Plarn => [
                Property::Make,
                Property::StripWidth,
                Property::Diameter,
                Property::SampleLength,
                Property::SampleMass,
            ],
            self::Cord => [Property::Make, Property::Fibre, ...$strand],
            self::Ribbon => [Property::Fibre, Property::Width, ...$strand],
            self::Raffia, self::Strand => [Property::Fibre, ...$strand],
            self::Tabs => [Property::Pitch, Property::SampleCount, Property::SampleMass, Property::Cord],
            self::Hardware => [Property::Make, Property::Width],
            self::Cloth => [Property::Fibre, Property::Width],
        };
    }

    public function form(): Form
    {
        return match ($this) {
            self::TShirt => Form::Jersey,
            self::Plarn => Form::Film,
            self::Ribbon, self::Raffia => Form::Tape,
            self::Cloth => Form::Tape,
            self::Cord, self::Strand, self::Tabs, self::Hardware => Form::Round,
        };
    }

    /** @return list<float> mm that it is mostly sold or cut at, the commonest in the middle. From memory. */
    public function thicknesses(): array
    {
        return match ($this) {
            self::TShirt => [6.0, 8.0, 10.0],
            self::Plarn => [5.0, 7.0, 9.0],
            self::Ribbon => [3.0, 5.0, 7.0],
            self::Raffia => [2.0, 3.0, 4.0],
            self::Strand => [3.0, 4.0, 6.0],
            self::Cord, self::Tabs, self::Hardware, self::Cloth => [3.0, 4.0, 5.0],
        };
    }

    public function has(Property $property): bool
    {
        return in_array($property, $this->properties(), true);
    }

    /** @return list<Make> */
    public function makes(): array
    {
        return match ($this) {
            self::Plarn => [Make::Looped, Make::Single],
            self::Cord => [Make::Twisted, Make::Braided],
            self::Hardware => [
                Make::Zip,
                Make::Magnet,
                Make::Snap,
                Make::Clasp,
                Make::TurnLock,
                Make::Button,
                Make::Ring,
                Make::SnapHook,
                Make::StrapBar,
                Make::Chain,
                Make::Handle,
                Make::Drawn,
                Make::Label,
            ],
            default => [],
        };
    }

    /** @return list<Fibre> what it may be of; one alone is what it is of */
    public function fibres(): array
    {
        return match ($this) {
            self::TShirt => [Fibre::Cotton, Fibre::Viscose, Fibre::Polyester, Fibre::Mixed],
            self::Plarn => [Fibre::Polyethylene],
            self::Cord => [
                Fibre::Cotton,
                Fibre::Jute,
                Fibre::Nylon,
                Fibre::Polyester,
                Fibre::Polypropylene,
                Fibre::Mixed,
            ],
            self::Ribbon => [Fibre::Cotton, Fibre::Viscose, Fibre::Polyester, Fibre::Nylon, Fibre::Mixed],
            self::Raffia => [Fibre::Palm, Fibre::Paper, Fibre::Viscose, Fibre::Polypropylene],
            self::Strand => [
                Fibre::Cotton,
                Fibre::Wool,
                Fibre::Acrylic,
                Fibre::Viscose,
                Fibre::Polyester,
                Fibre::Jute,
                Fibre::Mixed,
            ],
            self::Tabs => [Fibre::Aluminium],
            self::Hardware => [],
            self::Cloth => [Fibre::Cotton, Fibre::Viscose, Fibre::Polyester, Fibre::Nylon, Fibre::Mixed],
        };
    }
}
