using JollyBrook.Core.Contract;
using JollyBrook.Data.People;
using JollyBrook.Data.Store;
using JollyBrook.Server.Access;
using JollyBrook.Server.Start;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Identity;

namespace JollyBrook.Server.Accounts;

/// <summary>Accounts by ASP.NET Core Identity with a cookie.</summary>
internal static class AccountServices
{
    /// <summary>OWASP's figure for PBKDF2 with SHA-512.</summary>
    public static PasswordHasherOptions Hashing { get; } = new() { IterationCount = 210_000 };

    public static void AddAccounts(this IServiceCollection services, ServerOptions options)
    {
        services.AddDataProtection().SetApplicationName("jolly-brook").PersistKeysToFileSystem(new DirectoryInfo(options.KeyFolder));
        services
            .AddIdentityCore<Person>(identity =>
            {
                // Names may be in any script; the passphrase's own rules stand in PassphraseRules.
                identity.User.AllowedUserNameCharacters = "";
                identity.Password = new PasswordOptions
                {
                    RequiredLength = 1,
                    RequiredUniqueChars = 1,
                    RequireDigit = false,
                    RequireLowercase = false,
                    RequireUppercase = false,
                    RequireNonAlphanumeric = false,
                };
            })
            .AddEntityFrameworkStores<JollyBrookDb>()
            .AddSignInManager();
        services.Configure<PasswordHasherOptions>(hasher => hasher.IterationCount = Hashing.IterationCount);
        services
            .AddAuthentication(IdentityConstants.ApplicationScheme)
            .AddCookie(IdentityConstants.ApplicationScheme, cookie => Cookie(cookie, options.BehindProxy));
        services.AddAuthorizationBuilder().SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireAuthenticatedUser().Build());
        services.AddScoped<ILookupNormalizer, LooksAlikeNormalizer>();
        services.AddSingleton<NameTries>();
        services.AddScoped<Sessions>();
        services.AddScoped<RecoveryCodes>();
        services.AddScoped<AccountService>();
    }

    private static void Cookie(CookieAuthenticationOptions cookie, bool behindTls)
    {
        cookie.Cookie.Name = SiteCookies.Name("jolly-brook", behindTls);
        cookie.Cookie.HttpOnly = true;
        cookie.Cookie.SameSite = SameSiteMode.Strict;
        cookie.Cookie.SecurePolicy = SiteCookies.Secure(behindTls);
        cookie.Cookie.Path = "/";
        cookie.ExpireTimeSpan = Sessions.Holds;
        cookie.SlidingExpiration = true;
        cookie.Events.OnRedirectToLogin = context => SayAsync(context.HttpContext, SignedOut);
        cookie.Events.OnRedirectToAccessDenied = context => SayAsync(context.HttpContext, SignedOut with { Status = 403 });
        cookie.Events.OnValidatePrincipal = async context =>
        {
            // Signed out everywhere means at once, so the stamp is looked at every time.
            var manager = context.HttpContext.RequestServices.GetRequiredService<SignInManager<Person>>();
            var sessions = context.HttpContext.RequestServices.GetRequiredService<Sessions>();
            if (
                await manager.ValidateSecurityStampAsync(context.Principal) is null
                || !await sessions.HoldsAsync(Sessions.IdOf(context.Principal!), context.HttpContext.RequestAborted)
            )
            {
                context.RejectPrincipal();
            }
        };
    }

    private static Task SayAsync(HttpContext http, Problem problem) => RequestText.Problem(problem).ExecuteAsync(http);

    private static Problem SignedOut =>
        new("/problems/signed-out", "You are signed out.", 401, "Sign in. What is kept on this device stays, and is sent after that.", []);
}
