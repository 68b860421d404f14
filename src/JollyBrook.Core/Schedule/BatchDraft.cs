using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Schedule;

/// <summary>A batch before it has a time: what for, how much, in what, by which chains.</summary>
internal sealed class BatchDraft(
    string key,
    WantedWater want,
    double volumeL,
    KitEntry? container,
    IReadOnlyList<ShelvedChain> chains,
    bool reused
)
{
    public string Key => key;

    public WantedWater Want => want;

    public double VolumeL => volumeL;

    public KitEntry? Container => container;

    /// <summary>Those that meet the target, or when none does those that come nearest; best first.</summary>
    public IReadOnlyList<ShelvedChain> Chains => chains;

    /// <summary>Whether its container serves the same want twice: it is then emptied as soon as it is ready.</summary>
    public bool Reused => reused;

    public ShelvedChain? Chosen { get; set; }

    public BatchEdit? Edit { get; init; }

    public BegunWork? Begun { get; init; }
}
