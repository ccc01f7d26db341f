<?php

declare(strict_types=1);

// Argon2id takes all of a long password; older hashes are checked as they are, and made anew at sign-in.
return [
    'driver' => 'argon2id',
    'bcrypt' => ['rounds' => 12, 'verify' => false],
    'argon' => ['memory' => 19456, 'threads' => 1, 'time' => 2, 'verify' => false],
    'rehash_on_login' => true,
];
