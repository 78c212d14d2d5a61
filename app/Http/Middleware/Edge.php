<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Refused;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Request as SymfonyRequest;
use Symfony\Component\HttpFoundation\Response;

/**
 * Stands before everything: which names are served, where writes may come from, in what form, how large and how deep; and what a browser may
 * do with the answer. Nothing behind it is reached by what it refuses.
 */
final class Edge
{
    /** Deepest a body may nest: a formula needs seven. */
    public const DEPTH = 24;

    /** Largest body, bytes; nginx stops somewhat larger ones before. */
    public const BYTES = 1_500_000;

    /** The one address that takes something else than JSON: a studio's archive, whose content is looked at where it is read. */
    public const ARCHIVES = 'api/archives';

    public const ARCHIVE = 'application/zip';

    /** Largest archive, bytes; a larger studio is brought in from the console. */
    public const ARCHIVE_BYTES = 16_000_000;

    private const READS = ['GET', 'HEAD', 'OPTIONS'];

    public function handle(Request $request, Closure $next): Response
    {
        self::noOverride($request);
        $nonce = Vite::useCspNonce();
        try {
            $this->check($request);
            $response = $next($request);
            \assert($response instanceof Response);
        } catch (Refused $refused) {
            $response = $refused->answer();
        }
        foreach (self::headers($nonce) as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
    }

    /** @return array<string, string> what a browser may do with any answer of ours */
    public static function headers(string $nonce): array
    {
        return [
            'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-$nonce'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'accelerometer=(), camera=(), geolocation=(), gyroscope=(), microphone=(), payment=(), usb=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ];
    }

    /** A POST is a POST, whatever a field or a header of it says. */
    private static function noOverride(Request $request): void
    {
        $request->headers->remove('X-HTTP-METHOD-OVERRIDE');
        \Closure::bind(static function (): void {
            SymfonyRequest::$httpMethodParameterOverride = false;
        }, null, SymfonyRequest::class)();
        // Asked anew, as it came.
        $request->setMethod($request->getRealMethod());
    }

    /** @throws Refused */
    private function check(Request $request): void
    {
        /** @var list<string> $hosts */
        $hosts = config('transmuta.hosts');
        if (!\in_array(mb_strtolower($request->getHost()), $hosts, true)) {
            throw new Refused(421, 'unknown-name', 'This server does not answer to that name.', 'Open it by a name it was told to serve (TRANSMUTA_HOSTS).');
        }
        if (\in_array($request->getMethod(), self::READS, true)) {
            return;
        }
        $origin = $request->headers->get('Origin');
        if ($origin !== null && $origin !== $request->getSchemeAndHttpHost()) {
            throw new Refused(403, 'other-origin', 'Another page asked for this; only our own may write.', 'Do it in the application itself.');
        }
        if (!\in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true)) {
            throw new Refused(403, 'other-origin', 'Another page asked for this; only our own may write.', 'Do it in the application itself.');
        }
        $this->body($request);
    }

    /** @throws Refused */
    private function body(Request $request): void
    {
        if ($request->path() === self::ARCHIVES && $request->headers->get('Content-Type') === self::ARCHIVE) {
            $this->archive($request);

            return;
        }
        $content = $request->getContent();
        if (\strlen($content) > self::BYTES) {
            throw new Refused(413, 'too-large', \sprintf('That is larger than %.1f MB.', self::BYTES / 1e6), 'Send it in parts.');
        }
        if ($content === '' && $request->request->count() === 0 && $request->files->count() === 0) {
            return;
        }
        if (!$request->isJson()) {
            throw new Refused(415, 'not-json', 'What is written is sent as JSON.', 'Send it with Content-Type: application/json.');
        }
        json_decode($content, true, self::DEPTH);
        $error = json_last_error();
        if ($error !== \JSON_ERROR_NONE) {
            throw new Refused(422, 'unreadable', $error === \JSON_ERROR_DEPTH ? 'It nests deeper than anything of ours.' : 'It is not JSON: ' . json_last_error_msg() . '.', 'Correct it and send it again.');
        }
    }

    /** @throws Refused */
    private function archive(Request $request): void
    {
        if ((int) $request->headers->get('Content-Length', '0') > self::ARCHIVE_BYTES) {
            throw new Refused(413, 'too-large', \sprintf('That is larger than %d MB.', self::ARCHIVE_BYTES / 1e6), 'Bring it in from the console: php artisan studio:import.');
        }
    }
}
