using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Scarcity;

/// <summary>
/// All that the stage is decided by. Less water in hand never gives a calmer stage: every condition only opens wider as it falls.
/// </summary>
internal sealed record Standing(
    TriageRequest Request,
    double InHandL,
    Need Need,
    IReadOnlyList<WayOutAnswer> Choices,
    IReadOnlyList<WayOutAnswer> Spared,
    SourceVerdict? Here
)
{
    /// <summary>A way out that fails more rarely than this is good enough (handbook room 70's target).</summary>
    public const double Accepted = 0.05;

    /// <summary>Past this no way out is better than a coin, and water has to be made (pick).</summary>
    public const double Hopeless = 0.5;

    /// <summary>What lasts so long at rest leaves time to find out which water runs, whatever the ways out, h (pick).</summary>
    public const double CalmHours = 72;

    /// <summary>What lasts so long at rest leaves time to choose, whatever the ways out, h (pick).</summary>
    public const double ChoosingHours = 24;

    /// <summary>Help later than this is not "within hours" (pick).</summary>
    public const double HelpWithinHours = 4;

    /// <summary>As long as what is in hand lasts at rest for this, it is drunk first (pick).</summary>
    public const double DrinkFirstHours = 2;

    public bool HereUsable => Here is { Verdict: not Verdict.DoNotUse };

    public bool HereTreatable => HereUsable && Request.Means == Means.Full;

    public double ShortNow => Choices.Min(c => c.ChanceShort);

    /// <summary>The chance that the water in hand does not last on the way to take, walked sparingly.</summary>
    public double ShortSpared => Math.Min(Choices.Min(c => c.ChanceShort), Spared.Min(c => c.ChanceShort));

    /// <summary>The chance that the best way passes 5 % of body mass before water, walked sparingly.</summary>
    public double TooFar => Math.Min(Choices.Min(c => c.ChanceTooFar), Spared.Min(c => c.ChanceTooFar));

    /// <summary>Short on arrival by the best way, % of body mass; infinite without one.</summary>
    public double ArrivePercent => Choices.Concat(Spared).Min(c => c.ArrivePercent) ?? double.PositiveInfinity;

    /// <summary>Whether the body bears the way to water: it arrives walking well, surely enough.</summary>
    public bool BodyBears => TooFar <= Accepted && ArrivePercent <= BodyBuffer.WellPercent;

    /// <summary>Help is called whenever every way passes 7 % of body mass, or 3 % with grave signs.</summary>
    public bool CallForHelp =>
        Stage >= 3
        || (
            !HereTreatable
            && ArrivePercent > (Request.Signs == BodySigns.Grave ? BodyBuffer.WellPercent : BodyBuffer.DangerPercent)
            && Stage > 0
        );

    public bool NoHelpWithinHours => Request.NoHelp == true || Request.HelpHours >= HelpWithinHours;

    public double RestingHours => InHandL / Need.RestLPerH;

    public bool AlmostOut => RestingHours < DrinkFirstHours;

    /// <summary>What must all be true before the last stage opens.</summary>
    public IReadOnlyList<StageCondition> LastConditions =>
        [
            new("Nothing at all to treat it with, not even cloth and a fire", Request.Means == Means.None),
            new("Real dehydration or overheating: dizzy, faint, confused, no urine for 8 h", Request.Signs == BodySigns.Grave),
            new("Help is not within hours, and that has been said", NoHelpWithinHours),
            new("No way on, back or by staying is better than a coin", TooFar > Hopeless),
            new("What is in hand is nearly gone", AlmostOut),
            new("There is water here, and none of the never-drink kinds", HereUsable),
        ];

    /// <summary>0 enough · 1 stop losing · 2 choose · 3 collect · 4 any barrier · 5 the last.</summary>
    public int Stage =>
        HereTreatable || ShortNow <= Accepted || RestingHours >= CalmHours ? 0
        : ShortSpared <= Accepted || BodyBears ? 1
        : TooFar <= Hopeless || RestingHours >= ChoosingHours ? 2
        : LastConditions.All(c => c.Met) ? 5
        : HereUsable && Request.Means == Means.Weak ? 4
        : 3;
}
