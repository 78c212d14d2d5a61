<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ServiceSaid;

#[ServiceSaid('NewService', 'A service that is written down.', ['name', 'serve_at'])]
final class NewService {}
