using System.Security.Cryptography;
using System.Text;
using JollyBrook.Core.Contract;
using JollyBrook.Data.Parties;
using JollyBrook.Data.People;
using JollyBrook.Data.Store;
using JollyBrook.Server.Access;
using JollyBrook.Server.Start;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Accounts;

/// <summary><c>/api/account</c>: making an account, in and out, passphrase and recovery codes.</summary>
internal static class AccountEndpoints
{
    public static void MapAccounts(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/account").WithTags("account").SaysWhatIsWrong().WantsFormToken();
        Post<MakeOwner, FreshCodes>(group, "owner", "Makes the owner's account, once, and signs in.", MakeOwnerAsync, Audience.Anyone);
        Post<JoinByLink, FreshCodes>(group, "join", "Makes an account by an invitation, and signs in.", JoinAsync, Audience.Anyone);
        Post<SignIn, PersonCard>(group, "sign-in", "Signs in on this device.", SignInAsync, Audience.Anyone);
        Post<Recover, PersonCard>(
            group,
            "recover",
            "Sets a new passphrase by a recovery code, and signs in.",
            RecoverAsync,
            Audience.Anyone
        );
        Post<ChangePassphrase, PersonCard>(
            group,
            "passphrase",
            "Changes the passphrase; every other device is signed out.",
            ChangeAsync,
            Audience.SignedIn
        );
        Post<ProvePassphrase, FreshCodes>(group, "recovery-codes", "Makes new recovery codes.", CodesAsync, Audience.SignedIn);
        group
            .MapPost("sign-out", async (HttpContext http, AccountService accounts) =>
            {
                await accounts.SignOutAsync(http.User);
                return Results.NoContent();
            })
            .WithName("account-sign-out")
            .WithSummary("Signs out on this device.")
            .Produces(204)
            .For(Audience.SignedIn);
        group
            .MapPost("sign-out-everywhere", async (HttpContext http, AccountService accounts) =>
            {
                await accounts.SignOutEverywhereAsync(await accounts.TheSignedInAsync(http.User));
                await accounts.SignOutAsync(http.User);
                return Results.NoContent();
            })
            .WithName("account-sign-out-everywhere")
            .WithSummary("Signs out on every device.")
            .Produces(204)
            .For(Audience.SignedIn);
    }

    private static void Post<TIn, TOut>(
        RouteGroupBuilder group,
        string path,
        string summary,
        Func<TIn, HttpContext, AccountService, Task<TOut>> run,
        Audience audience
    )
        where TIn : notnull
        where TOut : notnull =>
        group
            .MapPost(path, async (HttpContext http, AccountService accounts) =>
                Results.Ok(await run(await RequestText.ReadAsync<TIn>(http.Request), http, accounts))
            )
            .WithName($"account-{path}")
            .WithSummary(summary)
            .Accepts<TIn>("application/json")
            .Produces<TOut>()
            .Produces<Problem>(400, "application/problem+json")
            .LimitsTries()
            .For(audience);

    private static async Task<FreshCodes> MakeOwnerAsync(MakeOwner asked, HttpContext http, AccountService accounts)
    {
        var first = http.RequestServices.GetRequiredService<FirstStart>();
        var db = http.RequestServices.GetRequiredService<JollyBrookDb>();
        if (await db.Users.AnyAsync(http.RequestAborted))
        {
            throw RequestText.Wrong("name", "The owner's account has been made already. Sign in.");
        }

        if (!DirectLoopback.Is(http) && !SameSecret(asked.Code, first.Code))
        {
            throw RequestText.Wrong("code", "The code is not the one printed where the server runs. Copy it from there.");
        }

        // The owner's id is settled, so two at once can't both be it.
        var person = await accounts.MakeAsync(first.OwnerId, asked.Name, asked.Passphrase, isOwner: true);
        await accounts.SignInAsync(person, http);
        return await FreshAsync(person.Id, http);
    }

    private static async Task<FreshCodes> JoinAsync(JoinByLink asked, HttpContext http, AccountService accounts)
    {
        var parties = http.RequestServices.GetRequiredService<PartyStore>();
        // Before the account costs anything.
        if (await parties.LookAsync(asked.Secret ?? "", http.RequestAborted) is null)
        {
            throw Parties.PartyEndpoints.LinkNoLongerHolds();
        }

        // Account and place in the party together: a link makes no more accounts than it has uses.
        await using var transaction = await WriteTransaction.BeginAsync(
            http.RequestServices.GetRequiredService<JollyBrookDb>().Database,
            http.RequestAborted
        );
        var person = await accounts.MakeAsync(Guid.CreateVersion7(), asked.Name, asked.Passphrase, isOwner: false);
        if (await parties.AcceptAsync(asked.Secret!, person.Id, http.RequestAborted) is null)
        {
            throw Parties.PartyEndpoints.LinkNoLongerHolds();
        }

        await accounts.SignInAsync(person, http);
        var codes = await FreshAsync(person.Id, http);
        await transaction.CommitAsync(http.RequestAborted);
        return codes;
    }

    private static async Task<PersonCard> SignInAsync(SignIn asked, HttpContext http, AccountService accounts)
    {
        var person = await accounts.FindAsync(asked.Name);
        await ProveAsync(person, asked.Name, asked.Passphrase, "passphrase", http, accounts);
        await accounts.SignInAsync(person!, http);
        return new PersonCard(person!.Id, person.UserName!);
    }

    /// <summary>Code and passphrase together: sent twice, the code is used once and the passphrase set.</summary>
    private static async Task<PersonCard> RecoverAsync(Recover asked, HttpContext http, AccountService accounts)
    {
        var (tries, address) = (http.RequestServices.GetRequiredService<NameTries>(), ClientAddress.Of(http));
        // By what was typed, whoever has that name.
        PassphraseRules.Check("passphrase", asked.Name ?? "", PassphraseRules.Normal(asked.Passphrase));
        tries.Begin("code", asked.Name ?? "", address);
        await using var transaction = await WriteTransaction.BeginAsync(
            http.RequestServices.GetRequiredService<JollyBrookDb>().Database,
            http.RequestAborted
        );
        var person = await accounts.FindAsync(asked.Name);
        var isRight = await http
            .RequestServices.GetRequiredService<RecoveryCodes>()
            .UseAsync(person?.Id ?? Guid.Empty, asked.Code ?? "", http.RequestAborted);
        if (person is null || !isRight)
        {
            throw RequestText.Wrong("code", "The name and the code do not go together, or the code has been used. Check both.");
        }

        await accounts.SetPassphraseAsync(person, asked.Passphrase, "passphrase");
        await accounts.SignInAsync(person, http);
        await transaction.CommitAsync(http.RequestAborted);
        tries.Right("code", asked.Name ?? "", address);
        tries.Right("passphrase", asked.Name ?? "", address);
        return new PersonCard(person.Id, person.UserName!);
    }

    private static async Task<PersonCard> ChangeAsync(ChangePassphrase asked, HttpContext http, AccountService accounts)
    {
        var person = await accounts.TheSignedInAsync(http.User);
        await ProveAsync(person, person.UserName, asked.Now, "now", http, accounts);
        await accounts.SetPassphraseAsync(person, asked.Next, "next");
        await accounts.SignInAsync(person, http);
        return new PersonCard(person.Id, person.UserName!);
    }

    private static async Task<FreshCodes> CodesAsync(ProvePassphrase asked, HttpContext http, AccountService accounts)
    {
        var person = await accounts.TheSignedInAsync(http.User);
        await ProveAsync(person, person.UserName, asked.Passphrase, "passphrase", http, accounts);
        return await FreshAsync(person.Id, http);
    }

    private static async Task ProveAsync(
        Person? person,
        string? name,
        string? passphrase,
        string field,
        HttpContext http,
        AccountService accounts
    )
    {
        var (tries, address) = (http.RequestServices.GetRequiredService<NameTries>(), ClientAddress.Of(http));
        tries.Begin("passphrase", name ?? "", address);
        await accounts.ProveAsync(person, passphrase, field);
        tries.Right("passphrase", name ?? "", address);
    }

    private static async Task<FreshCodes> FreshAsync(Guid person, HttpContext http) =>
        new(await http.RequestServices.GetRequiredService<RecoveryCodes>().RenewAsync(person, http.RequestAborted));

    private static bool SameSecret(string? given, string expected) =>
        CryptographicOperations.FixedTimeEquals(Encoding.UTF8.GetBytes((given ?? "").Trim()), Encoding.UTF8.GetBytes(expected));
}
