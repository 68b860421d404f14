using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity.Ways;

/// <summary>What one way gives and takes at a place, before sweat is taken off.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is.</param>
/// <param name="CountName">What is counted: "bags", "stills"; empty where there is nothing to count.</param>
internal sealed record WayPlan(string Id, string Name, string CountName = "")
{
    /// <summary>What is missing here; null when it works.</summary>
    public string? WhyNot { get; init; }

    public double Count { get; init; } = 1;

    /// <summary>Litres a day, all of them together.</summary>
    public double LowL { get; init; }

    public double HighL { get; init; }

    public double LabourHours { get; init; }

    public Work Work { get; init; } = Work.Light;

    /// <summary>Whether the work is done anew each day.</summary>
    public bool LabourRepeats { get; init; } = true;

    public double? FuelG { get; init; }

    public double? FuelGPerL { get; init; }

    public double SheetM2 { get; init; }

    /// <summary>How the yield was found.</summary>
    public required string Formula { get; init; }

    public IReadOnlyList<WorkingValue> Inputs { get; init; } = [];

    public required IReadOnlyList<string> Setup { get; init; }

    public required IReadOnlyList<string> Mistakes { get; init; }

    public IReadOnlyList<Caution> Cautions { get; init; } = [];

    public SourceKind Kind { get; init; } = SourceKind.FromPlants;

    public SourceFlow Flow { get; init; } = SourceFlow.Unknown;

    public Clarity Clarity { get; init; } = Clarity.Clear;

    public SnowKind? Snow { get; init; }

    public required string After { get; init; }
}
