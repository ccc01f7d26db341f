<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** What can be said of a material, by the name its forms and files use. */
enum Property: string
{
    case Make = 'make';
    case Fibre = 'fibre';
    case StripWidth = 'strip_width';
    case Width = 'width';
    case Pull = 'pull';
    case Areal = 'areal';
    case Diameter = 'diameter';
    case SampleLength = 'sample_length';
    case SampleCount = 'sample_count';
    case SampleMass = 'sample_mass';
    case BallLength = 'ball_length';
    case BallMass = 'ball_mass';
    case Pitch = 'pitch';
    case Cord = 'cord';
    case LabelHook = 'label_hook';
    case WeightClass = 'weight_class';
}
