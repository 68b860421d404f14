using System.Text.Json.Serialization;

namespace JollyBrook.Core.InHand;

/// <summary>The next thing to do with the water in hand.</summary>
/// <param name="Words">In a few words.</param>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "is")]
[JsonDerivedType(typeof(StepDue), "stepDue")]
[JsonDerivedType(typeof(WaitFor), "waitFor")]
[JsonDerivedType(typeof(TreatThis), "treat")]
[JsonDerivedType(typeof(FillUp), "fill")]
[JsonDerivedType(typeof(DrinkFrom), "drink")]
public abstract record NextThing(string Words);

/// <summary>A running batch waits for a hand.</summary>
public sealed record StepDue(string Words, Guid BatchId, Guid ContainerId) : NextThing(Words);

/// <summary>A clock runs; nothing else is to be done.</summary>
public sealed record WaitFor(string Words, Guid BatchId, DateTimeOffset? ReadyAt) : NextThing(Words);

/// <summary>Raw water waits to be treated.</summary>
public sealed record TreatThis(string Words, Guid ContainerId) : NextThing(Words);

/// <summary>Nothing is in hand.</summary>
public sealed record FillUp(string Words, Guid? ContainerId) : NextThing(Words);

/// <summary>There is water to drink.</summary>
public sealed record DrinkFrom(string Words, Guid ContainerId) : NextThing(Words);
