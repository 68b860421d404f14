namespace JollyBrook.Core.Contract;

/// <summary>Something that was not known and was taken as the less favourable case.</summary>
/// <param name="Field">The request field it stands in for.</param>
/// <param name="Message">What was assumed, in plain words.</param>
public sealed record Assumption(string Field, string Message);
