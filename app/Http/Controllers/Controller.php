<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Studio;
use Illuminate\Support\Facades\Auth;

abstract class Controller
{
    protected function studio(): Studio
    {
        $studio = Auth::guard('studio')->user();
        \assert($studio instanceof Studio);

        return $studio;
    }
}
