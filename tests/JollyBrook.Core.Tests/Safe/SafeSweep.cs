using System.Collections.Concurrent;
using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Scarcity;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Safe;

/// <summary>A rule held against many cases.</summary>
/// <param name="Name">The rule.</param>
/// <param name="Cases">How many were tried.</param>
/// <param name="Violations">How many broke it.</param>
/// <param name="First">The first that did; null when none.</param>
internal sealed record SweptRule(string Name, int Cases, int Violations, string? First);

/// <summary>The rules that must never break, over generated cases; so many for each hundred thousand.</summary>
internal static class SafeSweep
{
    private static readonly Gen<(TriageRequest More, TriageRequest Less)> Waters =
        from state in TriageCases.State
        from share in Gen.Double[0, 1]
        select (state, state with { InHandL = state.InHandL * share });

    /// <summary>Holds every rule against about so many cases in all.</summary>
    public static IEnumerable<SweptRule> Run(int cases)
    {
        yield return Sweep("Never below the label, in dose or wait", SafeCases.Dosed, SafeRules.BelowLabel, cases * 35 / 100);
        yield return Sweep("Worse water: never a better outcome or a shorter wait", WorseWater.Pairs, WorseWater.Fault, cases * 40 / 100);
        yield return Sweep("Ledger never above its parts; refusals with a way on", SafeCases.Any, SafeRules.Ledger, cases * 10 / 100);
        yield return Sweep("Less water is never calmer", Waters, w => TriageCases.Calmer(w.More, w.Less), cases * 10 / 100);
        yield return Sweep("What is never drunk is never advised", TriageCases.State, TriageCases.NeverAdvised, cases * 10 / 100);
        yield return Sweep("No plan is drinkable sooner than Treat says", Plans, PlanSooner, Math.Max(60, cases / 200));
    }

    private static SweptRule Sweep<T>(string name, Gen<T> gen, Func<T, string?> fault, int cases)
    {
        var found = new ConcurrentQueue<string>();
        gen.Sample(
            value =>
            {
                if (fault(value) is { } wrong)
                {
                    found.Enqueue(wrong);
                }
            },
            iter: cases
        );
        return new SweptRule(name, cases, found.Count, found.FirstOrDefault());
    }

    internal static readonly Gen<PlanRequest> Plans =
        from kit in SafeCases.Any
        from km in Gen.Double[8, 30]
        from up in Gen.Double[0, 900]
        from at in Gen.Double[0.1, 0.9].Array[1, 3]
        from water in SafeCases.Water
        from twoDays in Gen.Bool
        select Plan(kit, km, up, at, water, twoDays);

    private static PlanRequest Plan(TreatRequest asked, double km, double up, double[] at, Core.Water.WaterInput water, bool twoDays)
    {
        var read = ReadLegs.Compute(new LegsRequest(null, 400, [new RouteLeg("", km, up)]));
        return new PlanRequest(
            null,
            new TripRoute(
                "Walk",
                new DateOnly(2026, 8, 21),
                read.LengthKm,
                read.Heights,
                Days: twoDays ? [new RouteDay(8, km * at[0], "Camp"), new RouteDay(7)] : null,
                Containers: [new CarriedContainer("Bag", 10)]
            ),
            [
                .. at.Select(
                    (share, i) =>
                        new TripSourceEntry(
                            $"s{i}",
                            new TripSource(
                                $"Brook {i}",
                                SourceClass.Perennial,
                                km * share,
                                Clarity: water.Clarity,
                                Colour: water.Colour,
                                TemperatureC: water.TemperatureC
                            )
                        )
                ),
            ],
            [new WalkerEntry("w", Carry.Routes.Ilva)],
            [],
            SafeCases.Now,
            asked.Kit,
            asked.CountViruses
        );
    }

    private static string? PlanSooner(PlanRequest request)
    {
        // Water nobody measured is as cold as the plan says it assumes.
        var setup = new Core.Carry.PlanSetup(request);
        double Likely(PlanStop stop) => setup.Treatment.LikelyTemperatureC(setup.Line.Places.First(p => p.Id == stop.Id));
        foreach (
            var stop in Core
                .Carry.Plan.Compute(request)
                .Stops.Where(s => s is { Planned: true, ReadyHour: not null, Kind: StopKind.Source })
        )
        {
            var source = request.Sources!.First(s => s.Id == stop.Id).Source;
            var dosedL = stop.TakeL - stop.BoilL > 1e-6 ? stop.TakeL - stop.BoilL : stop.BoilL;
            var chains = ChainList
                .Compute(
                    new TreatRequest(
                        null,
                        new Core.Water.WaterInput(
                            Math.Clamp(dosedL, 0.05, 200),
                            source.Clarity,
                            source.Colour,
                            source.TemperatureC ?? Likely(stop),
                            stop.ElevationM
                        ),
                        null,
                        request.CountViruses,
                        Boil: BoilingPot.Options(BoilingPot.Of(KitOf(request))),
                        StartAt: request.DayOf(stop.Day),
                        Container: BatchContainer.Of(KitOf(request)),
                        Kit: request.Kit
                    )
                )
                .Chains;
            var soonest = chains
                .Where(c => c is { Outcome: TreatOutcome.Meets, DrinkableMinutes: not null })
                .Select(c => c.DrinkableMinutes!.Value)
                .DefaultIfEmpty(double.PositiveInfinity)
                .Min();
            // Water for the morning may be treated the evening before.
            if (
                stop.Name.EndsWith(", morning", StringComparison.Ordinal)
                    ? double.IsInfinity(soonest)
                    : (stop.ReadyHour!.Value - stop.ArriveHour) * 60 < soonest - 0.05
            )
            {
                return $"{stop.Name}: {dosedL} L in {(stop.ReadyHour!.Value - stop.ArriveHour) * 60} min, Treat {soonest}";
            }
        }

        return null;
    }

    private static List<Core.Kit.KitEntry> KitOf(PlanRequest request) => Core.Kit.KitEntry.Carried(request.Kit);
}
