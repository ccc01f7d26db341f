<?php

declare(strict_types=1);

namespace App\Account;

/** A zip that is no account of ours, or one that was harmed: what is wrong, and where. */
final class BadAccountFile extends \DomainException {}
