using JollyBrook.Data.Parties;
using JollyBrook.Data.Store;

namespace JollyBrook.Server.Start;

/// <summary>
/// Which store this is, whose it is, and the code that makes its owner's account from another machine. The code is printed where the
/// server runs and is new with every start.
/// </summary>
public sealed class FirstStart
{
    /// <summary>The store that is being opened.</summary>
    public Guid StoreId { get; private set; }

    /// <summary>Who the store belongs to; known before that account is made.</summary>
    public Guid OwnerId { get; private set; }

    /// <summary>New whenever the store may have gone back in time.</summary>
    public Guid Epoch { get; private set; }

    /// <summary>Makes the owner's account from another machine; printed at the start.</summary>
    public string Code { get; } = Secret.New();

    internal void Set(StoreIdentity store) => (StoreId, OwnerId, Epoch) = (store.Id, store.OwnerId, store.Epoch);
}
