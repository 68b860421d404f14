namespace JollyBrook.Server;

/// <summary>Whose records a request is about. One person until there are accounts; every query already goes by owner.</summary>
public sealed class CurrentPerson
{
    public Guid StoreId { get; private set; }

    public Guid OwnerId { get; private set; }

    internal void Set(Guid storeId, Guid ownerId) => (StoreId, OwnerId) = (storeId, ownerId);
}
