using System.Security.Claims;
using JollyBrook.Data.People;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Identity;

namespace JollyBrook.Server.Accounts;

/// <summary>Makes accounts, and lets their people in and out.</summary>
public sealed class AccountService(UserManager<Person> people, SignInManager<Person> door, Sessions sessions, TimeProvider time)
{
    private static string? _nobodysHash;

    /// <exception cref="Core.Contract.BadInputException">The name or the passphrase won't do, or the name is taken.</exception>
    public async Task<Person> MakeAsync(Guid id, string? name, string? passphrase, bool isOwner)
    {
        var called = PersonNames.Shown(name);
        var secret = PassphraseRules.Normal(passphrase);
        PassphraseRules.Check("passphrase", called, secret);
        var person = new Person
        {
            Id = id,
            UserName = called,
            IsOwner = isOwner,
            CreatedAt = time.GetUtcNow(),
        };
        Expect(await people.CreateAsync(person, secret));
        return person;
    }

    /// <summary>A person of the demo data, who has no passphrase.</summary>
    public async Task MakeForDemoAsync(Guid id, string name, bool isOwner) =>
        Expect(
            await people.CreateAsync(
                new Person
                {
                    Id = id,
                    UserName = name,
                    IsOwner = isOwner,
                    CreatedAt = time.GetUtcNow(),
                }
            )
        );

    /// <summary>The account of that name; null where there is none.</summary>
    public Task<Person?> FindAsync(string? name) => people.FindByNameAsync(name ?? "");

    /// <summary>Whoever a request is from; it must be signed in.</summary>
    public async Task<Person> TheSignedInAsync(ClaimsPrincipal user) => (await people.GetUserAsync(user))!;

    /// <summary>Checks a passphrase. One message and the same work for every reason, so that it tells nothing else.</summary>
    /// <exception cref="Core.Contract.BadInputException">It is not theirs.</exception>
    public async Task ProveAsync(Person? person, string? passphrase, string field)
    {
        var given = PassphraseRules.Normal(passphrase);
        if (person?.PasswordHash is null)
        {
            people.PasswordHasher.VerifyHashedPassword(new Person(), NobodysHash(), given);
        }
        else if (await people.CheckPasswordAsync(person, given))
        {
            return;
        }

        throw RequestText.Wrong(field, "The name and the passphrase do not go together. Check both.");
    }

    /// <summary>Signs in on this device, for this request too.</summary>
    public async Task SignInAsync(Person person, HttpContext http)
    {
        var session = await sessions.BeginAsync(person.Id);
        await door.SignInWithClaimsAsync(person, isPersistent: true, [session]);
        http.User = await door.CreateUserPrincipalAsync(person);
        ((ClaimsIdentity)http.User.Identity!).AddClaim(session);
    }

    /// <summary>Signs out on this device: its cookie is worth nothing from here on, wherever a copy lies.</summary>
    public async Task SignOutAsync(ClaimsPrincipal user)
    {
        await sessions.EndAsync(Sessions.IdOf(user));
        await door.SignOutAsync();
    }

    /// <summary>Makes every cookie given out so far worthless.</summary>
    public async Task SignOutEverywhereAsync(Person person)
    {
        await sessions.EndAllAsync(person.Id);
        await people.UpdateSecurityStampAsync(person);
    }

    /// <summary>Sets a new passphrase, which signs out everywhere.</summary>
    /// <exception cref="Core.Contract.BadInputException">It won't do.</exception>
    public async Task SetPassphraseAsync(Person person, string? passphrase, string field)
    {
        var secret = PassphraseRules.Normal(passphrase);
        PassphraseRules.Check(field, person.UserName!, secret);
        person.PasswordHash = people.PasswordHasher.HashPassword(person, secret);
        await sessions.EndAllAsync(person.Id);
        Expect(await people.UpdateSecurityStampAsync(person));
    }

    /// <summary>
    /// A hash of nothing in particular, of the same cost as any other, so that a name nobody has takes as long as a wrong passphrase.
    /// </summary>
    private string NobodysHash() => _nobodysHash ??= people.PasswordHasher.HashPassword(new Person(), Guid.NewGuid().ToString());

    private static void Expect(IdentityResult result)
    {
        if (!result.Succeeded)
        {
            throw result.Errors.Any(e => e.Code == nameof(IdentityErrorDescriber.DuplicateUserName))
                ? RequestText.Wrong(
                    "name",
                    "Someone here has this name already, or one that looks like it. Take another, or sign in if it is you."
                )
                : RequestText.Wrong("name", string.Join(" ", result.Errors.Select(e => e.Description)));
        }
    }
}
