using System.Security.Claims;
using JollyBrook.Data.People;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Identity;

namespace JollyBrook.Server.Accounts;

/// <summary>Makes accounts, and lets their people in and out.</summary>
public sealed class AccountService(UserManager<Person> people, SignInManager<Person> door, TimeProvider time)
{
    private const int LongestName = 60;

    /// <summary>A hash of nothing in particular, so that a name nobody has takes as long as a wrong passphrase.</summary>
    private static readonly Lazy<string> NobodysHash = new(() => new PasswordHasher<Person>().HashPassword(new Person(), Guid.NewGuid().ToString()));

    /// <exception cref="Core.Contract.BadInputException">The name or the passphrase won't do, or the name is taken.</exception>
    public async Task<Person> MakeAsync(Guid id, string? name, string? passphrase, bool isOwner)
    {
        var called = NameOf(name);
        var secret = PassphraseRules.Normal(passphrase);
        PassphraseRules.Check("passphrase", called, secret);
        var person = new Person { Id = id, UserName = called, IsOwner = isOwner, CreatedAt = time.GetUtcNow() };
        Expect(await people.CreateAsync(person, secret));
        return person;
    }

    /// <summary>A person of the demo data, who has no passphrase.</summary>
    public async Task MakeForDemoAsync(Guid id, string name, bool isOwner) =>
        Expect(await people.CreateAsync(new Person { Id = id, UserName = name, IsOwner = isOwner, CreatedAt = time.GetUtcNow() }));

    public Task<Person?> FindAsync(string? name) => people.FindByNameAsync((name ?? "").Trim());

    public async Task<Person> TheSignedInAsync(ClaimsPrincipal user) => (await people.GetUserAsync(user))!;

    /// <summary>Checks a passphrase, counting wrong ones towards the lockout. One message for every reason, so that it tells nothing else.</summary>
    /// <exception cref="Core.Contract.BadInputException">It is not theirs, or they are locked out.</exception>
    public async Task ProveAsync(Person? person, string? passphrase, string field)
    {
        var given = PassphraseRules.Normal(passphrase);
        if (person?.PasswordHash is null)
        {
            new PasswordHasher<Person>().VerifyHashedPassword(new Person(), NobodysHash.Value, given);
        }
        else if ((await door.CheckPasswordSignInAsync(person, given, lockoutOnFailure: true)).Succeeded)
        {
            return;
        }

        throw RequestText.Wrong(
            field, "The name and the passphrase do not go together, or there were too many wrong tries. Check both; after five wrong ones wait 5 minutes.");
    }

    /// <summary>Signs in on this device, for this request too.</summary>
    public async Task SignInAsync(Person person, HttpContext http)
    {
        await door.SignInAsync(person, isPersistent: true);
        http.User = await door.CreateUserPrincipalAsync(person);
    }

    public Task SignOutAsync() => door.SignOutAsync();

    /// <summary>Makes every cookie given out so far worthless.</summary>
    public Task SignOutEverywhereAsync(Person person) => people.UpdateSecurityStampAsync(person);

    /// <summary>Sets a new passphrase, which signs out everywhere and lifts a lockout.</summary>
    /// <exception cref="Core.Contract.BadInputException">It won't do.</exception>
    public async Task SetPassphraseAsync(Person person, string? passphrase, string field)
    {
        var secret = PassphraseRules.Normal(passphrase);
        PassphraseRules.Check(field, person.UserName!, secret);
        person.PasswordHash = people.PasswordHasher.HashPassword(person, secret);
        Expect(await people.UpdateSecurityStampAsync(person));
        await people.SetLockoutEndDateAsync(person, null);
        await people.ResetAccessFailedCountAsync(person);
    }

    /// <summary>Counts a wrong recovery code as a wrong passphrase is counted.</summary>
    public async Task CountWrongAsync(Person? person)
    {
        if (person is not null)
        {
            await people.AccessFailedAsync(person);
        }
    }

    public async Task<bool> IsLockedOutAsync(Person? person) => person is not null && await people.IsLockedOutAsync(person);

    /// <exception cref="Core.Contract.BadInputException">It won't do.</exception>
    public static string NameOf(string? name)
    {
        var trimmed = (name ?? "").Trim();
        return trimmed.Length is >= 1 and <= LongestName && !trimmed.Any(char.IsControl)
            ? trimmed
            : throw RequestText.Wrong("name", $"The name must have 1 to {LongestName} characters. Take the one your party calls you by.", $"1 to {LongestName} characters");
    }

    private static void Expect(IdentityResult result)
    {
        if (!result.Succeeded)
        {
            throw result.Errors.Any(e => e.Code == nameof(IdentityErrorDescriber.DuplicateUserName))
                ? RequestText.Wrong("name", "Someone here has this name already. Take another, or sign in if it is you.")
                : RequestText.Wrong("name", string.Join(" ", result.Errors.Select(e => e.Description)));
        }
    }
}
