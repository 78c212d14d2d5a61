<?php

declare(strict_types=1);

// Argon2id with 19 MiB, two passes, one lane: the least that the OWASP Password Storage Cheat Sheet recommends.
return ['driver' => 'argon2id', 'bcrypt' => ['rounds' => 12, 'verify' => true], 'argon' => ['memory' => 19456, 'threads' => 1, 'time' => 2, 'verify' => true], 'rehash_on_login' => true];
