using JollyBrook.Data.Parties;

namespace JollyBrook.Server.Start;

/// <summary>
/// Which store this is, whose it is, and the code that makes its owner's account from another machine. The code is printed where the
/// server runs and is new with every start.
/// </summary>
public sealed class FirstStart
{
    public Guid StoreId { get; private set; }

    public Guid OwnerId { get; private set; }

    public string Code { get; } = Secret.New();

    internal void Set(Guid storeId, Guid ownerId) => (StoreId, OwnerId) = (storeId, ownerId);
}
