using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Safe;

/// <summary>
/// Colder, cloudier, more coloured, older, higher or unknown: the outcome is never better and the wait never shorter, but where whole
/// tablets or drops make the water really stronger.
/// </summary>
internal static class WorseWater
{
    private const double Hair = 1e-6;

    /// <summary>One change for the worse.</summary>
    private enum Change
    {
        Colder,
        TemperatureNotTold,
        Cloudier,
        ClarityNotTold,
        Coloured,
        ColourNotTold,
        Older,
        Higher,
        HeightNotTold,
        AcidityNotTold,
        LightNotTold,
    }

    public static readonly Gen<(TreatRequest Better, TreatRequest Worse)> Pairs =
        from request in SafeCases.Dosed
        from change in Gen.Enum<Change>()
        from method in Gen.OneOf("own", "filter+own", "filter", "boil")
        from part in Gen.Double[0, 1]
        select Pair(method == "boil" ? request with { Kit = [], Method = "boil" } : request with { Method = method }, change, part);

    private static (TreatRequest Better, TreatRequest Worse) Pair(TreatRequest request, Change change, double part)
    {
        // Cloudier than doseable is cleared, or refused: another question than how much worse the same way is.
        var told = request.Water! with
        {
            TemperatureC = request.Water!.TemperatureC ?? 12,
            ElevationM = request.Water.ElevationM ?? 300,
            Clarity = request.Water.Clarity is Clarity.Clear or Clarity.SlightlyCloudy or Clarity.Cloudy
                ? request.Water.Clarity
                : Clarity.SlightlyCloudy,
            Colour = request.Water.Colour == WaterColour.Unknown ? WaterColour.None : request.Water.Colour,
        };
        // What takes longer to come through a filter may come to stand in the dark of the evening, where less is lost: opaque, it makes no
        // difference.
        var better = request with
        {
            Container = request.Method == "filter+own" ? request.Container! with { Opaque = true } : request.Container,
            Water = told,
            Chemical = request.Chemical! with { PH = request.Chemical!.PH ?? 7 },
        };
        return (
            better,
            change switch
            {
                Change.Colder => better with { Water = told with { TemperatureC = told.TemperatureC * part } },
                Change.TemperatureNotTold => better with { Water = told with { TemperatureC = null } },
                Change.Cloudier => better with
                {
                    Water = told with { Clarity = (Clarity)Math.Min((int)Clarity.Cloudy, (int)told.Clarity!.Value + 1) },
                },
                Change.ClarityNotTold => better with { Water = told with { Clarity = Clarity.Unknown } },
                Change.Coloured => better with
                {
                    Water = told with { Colour = told.Colour == WaterColour.None ? WaterColour.Tea : told.Colour },
                },
                Change.ColourNotTold => better with { Water = told with { Colour = WaterColour.Unknown } },
                Change.Older => better with
                {
                    Kit =
                    [
                        .. better.Kit!.Select(e =>
                            e.Item is ChemicalProduct { Product: { } p } own
                                ? e with
                                {
                                    Item = own with
                                    {
                                        Product = p with
                                        {
                                            BestBefore = p.BestBefore!.Value.AddDays((int)(-900 * part)),
                                            PackDate = p.PackDate!.Value.AddDays((int)(-300 * part)),
                                        },
                                    },
                                }
                                : e
                        ),
                    ],
                },
                Change.Higher => better with { Water = told with { ElevationM = told.ElevationM + ((8800 - told.ElevationM) * part) } },
                Change.HeightNotTold => better with { Water = told with { ElevationM = null } },
                Change.AcidityNotTold => better with { Chemical = better.Chemical! with { PH = null } },
                _ => better with { Chemical = better.Chemical! with { Light = Core.Chemistry.BottleLight.Unknown } },
            }
        );
    }

    public static string? Fault((TreatRequest Better, TreatRequest Worse) pair)
    {
        var (better, worse) = (Treat.Compute(pair.Better), Treat.Compute(pair.Worse));
        // pH above 8 told is worse than not told: what is not told is taken as 8 (handbook room 40).
        if (pair.Better.Chemical!.PH > 8 && pair.Worse.Chemical!.PH is null)
        {
            return null;
        }

        if (worse.Outcome == TreatOutcome.Refused)
        {
            return null;
        }

        var stronger = better.Dose is not null && worse.Dose is not null && worse.Dose.MgPerL > better.Dose.MgPerL + Hair;
        if (better.Outcome == TreatOutcome.Refused)
        {
            // No fill of whole units, or a dose that clear water's own demand eats: a stronger dose is another.
            return better.Refusal!.Code is RefusalCode.TooStrong or RefusalCode.NoResidual
                ? null
                : $"{Name(pair)}: refused ({better.Refusal.Code}) where worse water is answered";
        }

        if (!stronger && better.ShortOf.Except(worse.ShortOf).Any())
        {
            return $"{Name(pair)}: short of {string.Join(", ", better.ShortOf.Except(worse.ShortOf))} where worse water is not";
        }

        var (short0, short1) = (Wait(better), Wait(worse));
        return !stronger && short1 < short0 - Hair ? $"{Name(pair)}: {short1} min where better water waits {short0}" : null;
    }

    private static string Name((TreatRequest Better, TreatRequest Worse) pair) =>
        $"{pair.Better.Method} {pair.Better.Water} → {pair.Worse.Water}";

    private static double Wait(TreatResponse answer) =>
        (answer.Contact?.WaitMinutes ?? 0) + (answer.Boil?.HoldMinutes ?? 0) + (answer.Dose is null ? answer.Filter?.Minutes ?? 0 : 0);
}
