using JollyBrook.Data.Parties;
using JollyBrook.Data.Store;

namespace JollyBrook.Server.Start;

/// <summary>
/// Which store this is, whose it is, and the code that makes its owner's account from another machine. The code is printed where the
/// server runs and is new with every start.
/// </summary>
public sealed class FirstStart
{
    public Guid StoreId { get; private set; }

    public Guid OwnerId { get; private set; }

    /// <summary>New whenever the store may have gone back in time.</summary>
    public Guid Epoch { get; private set; }

    public string Code { get; } = Secret.New();

    internal void Set(StoreIdentity store) => (StoreId, OwnerId, Epoch) = (store.Id, store.OwnerId, store.Epoch);
}
