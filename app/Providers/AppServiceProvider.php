<?php

declare(strict_types=1);

namespace App\Providers;

use App\Books\BagFacts;
use App\Casts\Cell;
use App\Models\Bag;
use App\Models\BagReader;
use App\Tongue\IcuTranslator;
use App\Tongue\MessagesIn;
use Illuminate\Auth\Events\Failed;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Auth\Events\PasswordReset;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\Validation\Rules\Password;

final class AppServiceProvider extends ServiceProvider
{
    /** An address; of IPv6 the network that one household has. */
    private static function from(Request $request): string
    {
        $packed = inet_pton((string) $request->ip());

        return $packed === false ? '' : bin2hex(strlen($packed) === 16 ? substr($packed, 0, 8) : $packed);
    }

    /** The account that is guessed at: other spellings that the database takes for its address are it. */
    private static function guessed(Request $request): string
    {
        $email = $request->input('email', $request->input('address'));
        $text = is_string($email) ? mb_substr(mb_scrub($email), 0, 190) : '';
        $id = $text === '' ? null : DB::table('users')->where('email', $text)->value('id');

        return is_int($id) ? "account {$id}" : sha1(mb_strtolower($text));
    }

    /** What matters for security, a line each: what, whose account by its number, from where. Never what was typed. */
    private static function heed(): void
    {
        $note = function (string $what, ?object $user): void {
            $id = $user instanceof Authenticatable ? $user->getAuthIdentifier() : null;
            Log::channel('security')->info($what, [
                'account' => is_scalar($id) ? $id : null, 'from' => request()->ip(),
            ]);
        };
        Event::listen(fn(Login $e) => $note('sign-in', $e->user));
        Event::listen(fn(Logout $e) => $note('sign-out', $e->user));
        Event::listen(fn(Failed $e) => $note('sign-in refused', $e->user));
        Event::listen(fn(PasswordReset $e) => $note('password changed', $e->user));
    }

    public function register(): void
    {
        $this->app->extend('translator', function (Translator $own): IcuTranslator {
            return new IcuTranslator($own->getLoader(), $own->getLocale());
        });
        $this->app->bind(BagReader::class, function (Application $app, array $of): BagFacts {
            $bag = $of['bag'] ?? null;

            return $bag instanceof Bag ? new BagFacts($bag) : throw new \LogicException('Of which bag?');
        });
        // Printers are commands, and serve: as its user, who may not append to what root's commands wrote.
        if (! $this->app->runningInConsole() || getenv('FESCUE_SERVES') === '1') {
            config([
                'logging.channels.single.path' => storage_path('logs/fescue.log'),
                'logging.channels.security.path' => storage_path('logs/security.log'),
            ]);
        }
    }

    public function boot(): void
    {
        self::heed();
        if (config('app.proxied') === true) {
            // A proxy on this machine, which speaks TLS for it, is believed; nobody else.
            TrustProxies::at('127.0.0.1');
            TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        }
        Model::shouldBeStrict();
        // Nobody listens to them, and each row that is read would be told of.
        Model::unsetEventDispatcher();
        // Each form of a page has a key of its own, so that it is done once however often it is sent.
        Blade::directive('csrf', fn(): string => '<?php echo csrf_field(); ?><input type="hidden" name="_once" '
            .'value="<?php echo bin2hex(random_bytes(12)); ?>" autocomplete="off">');
        // Found when the page is compiled, so that no request looks for them.
        Blade::directive('scripts', fn(): string => '<?php echo \\App\\Tongue\\Tongues::scripts('
            .var_export(MessagesIn::scripts(), true).'); ?>');
        Blade::directive('told', fn(string $of): string => "<?php echo \\App\\Tongue\\Tongues::marked({$of}); ?>");
        Password::defaults(fn(): Password => Password::min(12));
        // Guesses are what is slowed down: a maker who gets in may do so as often as she likes.
        $refused = fn(): bool => Auth::guest();
        RateLimiter::for('sign-in', fn(Request $request): array => [
            // By where it comes from: whose account is guessed at by others still gets in.
            Limit::perMinute(5)->by('one|'.self::guessed($request).'|'.self::from($request))->after($refused),
            Limit::perMinute(30)->by('all|'.self::from($request))->after($refused),
        ]);
        RateLimiter::for('pass', fn(Request $request): Limit => Limit::perMinute(8)->by(
            'pass|'.Cell::text($request->user()?->getAuthIdentifier() ?? $request->ip()),
        ));
        RateLimiter::for('begin', fn(Request $request): Limit => $request->user() === null
            ? Limit::perMinute(240)->by((string) $request->ip())
            : Limit::none());
        // As fast as one types.
        RateLimiter::for('count', fn(Request $request): Limit => Limit::perMinute(120)->by(
            Cell::text($request->user()?->getAuthIdentifier() ?? $request->ip()),
        ));
        RateLimiter::for('register', fn(Request $request): Limit => Limit::perMinute(20)->by((string) $request->ip()));
    }
}
