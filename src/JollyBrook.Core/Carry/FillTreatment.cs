using System.Globalization;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Carry;

/// <summary>
/// Asks Treat how so many litres of a source would be treated with the kit as it will be by then, and how long that takes. A plan prints no
/// other time.
/// </summary>
internal sealed class FillTreatment(PlanRequest request, GroundProfile ground)
{
    /// <summary>The label's usual wait of a chlorine tablet, where no kit is told (pick).</summary>
    public const double UntoldWaitMinutes = 30;

    /// <summary>Dropping, capping, rinsing the thread, where no kit is told, min for a litre (pick).</summary>
    public const double UntoldHandsOnMinutesPerL = 0.5;

    private const double Slack = 1e-9;

    private readonly Dictionary<string, TreatedFill?> _known = [];

    /// <summary>What there is to treat with at the start.</summary>
    public IReadOnlyList<KitEntry> Kit { get; } = KitEntry.Carried(request.Kit);

    /// <summary>Whether there is a kit to ask about.</summary>
    public bool CanTell => Kit.Any(e => e.Barriers.Any());

    /// <param name="place">Where it is drawn.</param>
    /// <param name="litres">How much, L.</param>
    /// <param name="boilL">Of it what only goes to the pot, L.</param>
    /// <param name="kit">The kit as it is by then.</param>
    /// <returns>Null without a kit, for water that is not to be used or drunk as it comes, or where nothing that is left treats
    /// it.</returns>
    public TreatedFill? Of(Place place, double litres, double boilL, IReadOnlyList<KitEntry> kit)
    {
        if (!CanTell || place.Source is not { IsOutOfUse: false, NeedsNoTreatment: false })
        {
            return null;
        }

        // Each part up to what is measured: together never less than is taken.
        var (dose, pot) = (Measured(litres - boilL), Measured(boilL));
        var key = Key(place, dose, pot, kit);
        if (!_known.TryGetValue(key, out var found))
        {
            _known.Add(key, found = Work(place, dose, pot, kit));
        }

        return found;
    }

    /// <summary>Up to the next 10 mL: nobody measures finer, and plans that differ by less are treated alike.</summary>
    public static double Measured(double litres) => Math.Clamp(Math.Ceiling((litres * 100) - 1e-6) / 100, 0, WaterFields.Volume.Max);

    /// <summary>What Treat is asked.</summary>
    public TreatRequest Ask(Place place, double litres, IReadOnlyList<KitEntry> kit)
    {
        var source = place.Source!;
        return new TreatRequest(
            request.Units,
            new WaterInput(
                Math.Clamp(litres, WaterFields.Volume.Min, WaterFields.Volume.Max),
                source.Clarity,
                source.Colour,
                MustMelt(place) ? null : source.TemperatureC ?? LikelyTemperatureC(place),
                Math.Clamp(ground.ElevationM[place.Step], -430, 9000)
            ),
            null,
            request.CountViruses,
            Snow: SnowAt(place),
            Boil: BoilingPot.Options(BoilingPot.Of(kit)),
            StartAt: request.DayOf(place.Day),
            Container: BatchContainer.Of(kit),
            Kit: kit
        );
    }

    /// <summary>How cold a source probably is that nobody measured, °C.</summary>
    public double LikelyTemperatureC(Place place) => LikelyWater.TemperatureC(place.Source!.Class, MeanAirC(place));

    /// <summary>
    /// Whether nothing runs off a snow patch: on a day that is below freezing in the mean, all of it has to be melted (pick).
    /// </summary>
    public bool MustMelt(Place place) => place.Source is { Class: SourceClass.SnowPatch } && MeanAirC(place) <= Melting.MeltedC;

    /// <summary>
    /// Snow that has to be melted: what lies long enough for a map to know it has settled, and is as cold as the day (pick); null for
    /// water.
    /// </summary>
    public SnowInput? SnowAt(Place place) => MustMelt(place) ? SnowInput.AsColdAs(MeanAirC(place), SnowKind.Settled) : null;

    /// <summary>The mean of a day's air where a place lies, °C.</summary>
    private double MeanAirC(Place place)
    {
        var weather = request.Route!.WeatherOn(place.Day);
        return Enumerable.Range(0, 24).Average(h => weather.TemperatureAt(h)) - request.Route!.ColderC(ground.ElevationM[place.Step]);
    }

    private TreatedFill? Work(Place place, double doseL, double boilL, IReadOnlyList<KitEntry> kit) =>
        Treat(place, doseL, boilL, kit) is { } treated ? treated with { SnowL = MustMelt(place) ? doseL + boilL : 0 } : null;

    private TreatedFill? Treat(Place place, double doseL, double boilL, IReadOnlyList<KitEntry> kit)
    {
        var pot = boilL > Slack ? Best(place, boilL, kit, FillChoice.IsForThePot) : null;
        var toDose = pot is null ? doseL + boilL : doseL;
        if (toDose <= Slack)
        {
            return Told(pot!, kit, boilL);
        }

        var rest = pot is null ? kit : [.. kit.Select(e => After(e, Uses(pot, boilL), place.Source!.Clarity))];
        if (Best(place, toDose, rest, FillChoice.IsForDrinking) is not { } best)
        {
            return null;
        }

        var told = Told(best, rest, toDose);
        return pot is null ? told : told with { BoilL = boilL, Uses = [.. told.Uses, .. Uses(pot, boilL)] };
    }

    /// <summary>The engine's best for which enough is left.</summary>
    private Chain? Best(Place place, double litres, IReadOnlyList<KitEntry> kit, Func<Chain, bool> may) =>
        Chains
            .All(Situation.Of(Ask(place, litres, kit)))
            .Where(c => c.Refusal is null && c.Minutes is not null && may(c) && IsEnough(c))
            .MinBy(c => FillChoice.Precedence(c, place.Source!.TreatWith, ItemIn(kit)));

    private static Func<string, KitItem?> ItemIn(IReadOnlyList<KitEntry> kit) => id => kit.FirstOrDefault(e => e.Id == id)?.Item;

    private static TreatedFill Told(Chain chain, IReadOnlyList<KitEntry> kit, double litres) =>
        new(
            chain.Id,
            $"{(chain.Melt is null ? chain.Name : $"Snow melted, then {Sentence.Lower(chain.Name)}")}, {Sentence.Lower(chain.Headline)}",
            FillChoice.Minutes(chain),
            chain.HandsOnMinutes,
            chain.ShortOf.Count == 0
        )
        {
            Uses = Uses(chain, litres),
            IsUncounted = FillChoice.IsUncounted(chain, ItemIn(kit)),
        };

    private static SupplyUse[] Uses(Chain chain, double litres) => [.. chain.Uses.Select(u => new SupplyUse(u.Id, u.Used, litres))];

    /// <summary>A piece of kit after what a batch takes of it.</summary>
    public static KitEntry After(KitEntry entry, IReadOnlyList<SupplyUse> uses, Clarity? clarity) =>
        uses.Where(u => u.Id == entry.Id).Aggregate(entry, (now, use) => now.After(use.Used, use.Litres, clarity));

    /// <summary>Enough of everything is left; without a stove nothing melts.</summary>
    private static bool IsEnough(Chain chain) => chain.Melt is not { Stove: null } && chain.Uses.All(u => u.IsThere);

    /// <summary>What a batch is the same by: the water, its litres, its day and all that is left of the kit.</summary>
    private static string Key(Place place, double doseL, double boilL, IReadOnlyList<KitEntry> kit)
    {
        var left = kit.Select(e => string.Create(CultureInfo.InvariantCulture, $"{e.Left}/{e.Filter?.UsedL}/{e.Filter?.ClogLoadLNtu}"));
        return string.Create(CultureInfo.InvariantCulture, $"{place.Id} {place.Day} {doseL} {boilL} {string.Join(' ', left)}");
    }
}
