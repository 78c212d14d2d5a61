<?php

declare(strict_types=1);

namespace Transmuta\Fault;

/** Marks every exception the core throws on purpose: its message names the place and the mend. */
interface Failure extends \Throwable {}
