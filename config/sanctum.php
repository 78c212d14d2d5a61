<?php

declare(strict_types=1);

// Tokens alone: a session is asked for by the guard of its own.
return ['stateful' => [], 'guard' => [], 'expiration' => null, 'token_prefix' => ''];
