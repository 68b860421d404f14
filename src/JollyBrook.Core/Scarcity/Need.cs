using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Scarcity;

/// <summary>A way of walking: what it loses and how fast it is.</summary>
/// <param name="LPerH">Lost, whole party, L/h.</param>
/// <param name="SpeedKmH">Pace, km/h.</param>
public readonly record struct WalkRate(double LPerH, double SpeedKmH);

/// <summary>What the party loses in an hour: walking as now, walking in the cool, resting in the shade.</summary>
/// <param name="NowLPerH">Walking at this effort and weather, L/h.</param>
/// <param name="SpeedKmH">Pace, km/h.</param>
/// <param name="RestLPerH">At rest, L/h.</param>
/// <param name="Sparing">The walk in the cool hours that costs least for a kilometre; null where it spares nothing.</param>
/// <param name="Deviation">Standard deviation of the log of the loss on a given way.</param>
/// <param name="Typed">Whether the need was typed in.</param>
/// <param name="Buffer">What the bodies can be short of.</param>
/// <param name="OfTheTrip">Whether a trip's ground and hours say it.</param>
public sealed record Need(
    double NowLPerH,
    double SpeedKmH,
    double RestLPerH,
    WalkRate? Sparing,
    double Deviation,
    bool Typed,
    BodyBuffer Buffer,
    bool OfTheTrip
)
{
    /// <summary>How much cooler early morning and night are than the day, °C (pick).</summary>
    public const double CoolHoursC = 6;

    /// <summary>The slower pace that is tried (pick).</summary>
    public const double SlowerShare = 0.75;

    /// <summary>The cool hours are never counted on to spare more than this share of the need: a forecast is no promise (pick).</summary>
    public const double MostSpared = 0.5;

    /// <summary>A day at rest, L.</summary>
    public double RestLPerDay => RestLPerH * 24;

    /// <summary>Walking as now.</summary>
    public WalkRate Now => new(NowLPerH, SpeedKmH);

    /// <param name="request">Checked.</param>
    /// <param name="effort">Checked, nothing left out.</param>
    /// <param name="walk">The trip from here, whose ground and hours then say what an hour takes; null without one.</param>
    internal static Need Of(TriageRequest request, Effort effort, WalkFromHere? walk)
    {
        ArgumentNullException.ThrowIfNull(request);
        ArgumentNullException.ThrowIfNull(effort);
        var walkers = request.Walkers is { Count: > 0 } some ? some : [new WalkerEntry("", Party.Unnamed)];
        var people = request.People ?? request.Walkers?.Count ?? 1;
        if (people < 1)
        {
            people = 1;
        }

        var share = people / walkers.Count;
        var reckoned = share * walkers.Sum(w => LossLPerH(w, request.Tests, effort));
        // The trip's own figure for its way on, changed as much as what was told of the effort changes it.
        var onTrip = walk is null ? reckoned : walk.LPerH * reckoned / walkers.Sum(w => LossLPerH(w, request.Tests, walk.Effort));
        var now = request.NeedLPerH ?? onTrip;
        var speed = request.Effort?.SpeedKmH ?? walk?.SpeedKmH ?? effort.SpeedKmH!.Value;
        var rest =
            share * walkers.Sum(w => DrinkPlan.RestLPerH(w.Walker.MassKg!.Value, effort.TemperatureC!.Value, effort.ElevationM!.Value));
        if (PeopleUntold(request))
        {
            // Who needs more walking than one walker is more than one: they need more at rest, too.
            rest = Math.Max(rest, rest * now / onTrip);
        }

        var cool = effort with { Sun = SunLoad.None, TemperatureC = Math.Max(Effort.ColdestC, effort.TemperatureC!.Value - CoolHoursC) };
        Effort[] tries = [cool, cool with { SpeedKmH = Math.Max(effort.SpeedKmH!.Value * SlowerShare, Effort.SlowestKmH) }];
        // What was typed is spared in the same proportion as what would have been reckoned.
        var sparing = tries
            .Select(t => new WalkRate(
                now * Math.Max(1 - MostSpared, share * walkers.Sum(w => LossLPerH(w, request.Tests, t)) / reckoned),
                speed * t.SpeedKmH!.Value / effort.SpeedKmH!.Value
            ))
            .MinBy(w => w.LPerH / w.SpeedKmH);
        var deviation = walkers.Max(w => FactorOf(w, request.Tests).LogDeviation);
        return new Need(
            NowLPerH: now,
            SpeedKmH: speed,
            RestLPerH: Math.Min(rest, now),
            Sparing: sparing.LPerH / sparing.SpeedKmH < now / speed ? sparing : null,
            Deviation: Math.Sqrt((deviation * deviation) + (WalkDraws.PaceDeviation * WalkDraws.PaceDeviation)),
            Typed: request.NeedLPerH is not null,
            Buffer: new BodyBuffer(
                share * walkers.Sum(w => w.Walker.MassKg!.Value),
                BodyBuffer.ShortNow(request.Signs, request.DeficitPercent)
            ),
            OfTheTrip: walk is not null
        );
    }

    /// <summary>The trip's waters at this need and pace; none without a trip.</summary>
    internal IEnumerable<WaterOnWay> OfTrip(WalkFromHere? walk)
    {
        foreach (var water in walk?.Waters ?? [])
        {
            var slower = walk!.SpeedKmH / SpeedKmH;
            yield return new WaterOnWay(
                water.Name,
                water.IsAhead ? Direction.Ahead : Direction.Behind,
                water.Km,
                water.Chance,
                water.Hours * slower,
                water.NeedL * slower * NowLPerH / walk.LPerH
            );
        }
    }

    /// <summary>Whether nothing says how many drink from it.</summary>
    public static bool PeopleUntold(TriageRequest request) => request?.People is null && request?.Walkers is not { Count: > 0 };

    /// <summary>Adds how the need was worked out.</summary>
    public void Explain(Working working)
    {
        ArgumentNullException.ThrowIfNull(working);
        working.Add(
            "Need walking",
            Typed ? "as typed"
                : OfTheTrip ? "the trip's own, on its ground at its hours"
                : "Σ (sweat·k + breathed out) of everyone",
            "Handbook room 60",
            WorkingValue.Of("need", NowLPerH, "L/h"),
            WorkingValue.Of("pace", SpeedKmH, "km/h")
        );
        working.Add("Need at rest", "1.5 mL/kg/h, more in heat and height", "Handbook room 60", WorkingValue.Of("rest", RestLPerH, "L/h"));
        if (Sparing is { } spared)
        {
            working.Add(
                "Need in the cool hours",
                "the same walk without sun and cooler; at this or three quarters of the pace, whichever "
                    + "costs less for a km; at most half is spared",
                $"Pick: {CoolHoursC:0} °C cooler",
                WorkingValue.Of("need", spared.LPerH, "L/h"),
                WorkingValue.Of("pace", spared.SpeedKmH, "km/h")
            );
        }
    }

    private static double LossLPerH(WalkerEntry entry, IReadOnlyList<SweatTestEntry>? tests, Effort effort)
    {
        var loss = Loss.Of(entry.Walker, effort, SweatSchool.Gonzalez2009);
        return Math.Max(
            loss.LPerH(FactorOf(entry, tests).Planned, entry.Walker.IsAcclimatised),
            DrinkPlan.RestLPerH(entry.Walker.MassKg!.Value, effort.TemperatureC!.Value, effort.ElevationM!.Value)
        );
    }

    private static PersonalFactor FactorOf(WalkerEntry entry, IReadOnlyList<SweatTestEntry>? tests) =>
        Sweat.FactorOf((tests ?? []).Where(t => t.Test.WalkerId?.ToString() == entry.Id), SweatSchool.Gonzalez2009);
}
