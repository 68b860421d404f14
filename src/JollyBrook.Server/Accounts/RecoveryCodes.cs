using System.Security.Cryptography;
using JollyBrook.Data.Parties;
using JollyBrook.Data.People;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Accounts;

/// <summary>Ten codes on paper stand in for the mail server there is not: each sets a new passphrase once.</summary>
public sealed class RecoveryCodes(JollyBrookDb db)
{
    private const int HowMany = 10;
    private const int Groups = 4;
    private const int GroupLength = 4;

    /// <summary>Without the letters and figures most often taken for one another on paper: 16 of 25 are 74 bits.</summary>
    private const string Letters = "acdefghjkmnpqrtuvwxy34679";

    /// <summary>Makes new codes; the old ones no longer hold.</summary>
    public async Task<IReadOnlyList<string>> RenewAsync(Guid personId, CancellationToken cancellation)
    {
        db.RecoveryCodes.RemoveRange(await db.RecoveryCodes.Where(c => c.PersonId == personId).ToListAsync(cancellation));
        var codes = Enumerable.Range(0, HowMany).Select(_ => New()).ToList();
        db.RecoveryCodes.AddRange(codes.Select(c => new RecoveryCode { PersonId = personId, Hash = Secret.Hash(Plain(c)) }));
        await db.SaveChangesAsync(cancellation);
        return codes;
    }

    /// <summary>Uses a code up. False when it is not one of the person's, or used already.</summary>
    public async Task<bool> UseAsync(Guid personId, string code, CancellationToken cancellation)
    {
        var hash = Secret.Hash(Plain(code));
        return await db.RecoveryCodes.Where(c => c.PersonId == personId && c.Hash == hash).ExecuteDeleteAsync(cancellation) == 1;
    }

    private static string New() =>
        string.Join('-', Enumerable.Range(0, Groups).Select(_ => RandomNumberGenerator.GetString(Letters, GroupLength)));

    private static string Plain(string code) => string.Concat(code.ToLowerInvariant().Where(char.IsLetterOrDigit));
}
