using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Winter;

/// <summary>A night's water in one pot, out of snow or open water, by Treat's own engine.</summary>
/// <param name="Pot">The pot; null for one like the usual.</param>
/// <param name="Water">Out of what.</param>
/// <param name="Uses">Use by use.</param>
/// <param name="Loads">Loads of snow.</param>
internal sealed record PotWork(KitEntry? Pot, WinterWater Water, IReadOnlyList<WinterFuel> Uses, int Loads)
{
    /// <summary>So cold, or colder, a wet filter freezes in use, °C (handbook room 50).</summary>
    public const double FilterFreezesInUseC = -10;

    /// <summary>Whether a wet filter freezes in use that night.</summary>
    public static bool FilterFreezesInUse(WinterNight night) => night.LowC <= FilterFreezesInUseC;

    public double Minutes => Uses.Sum(u => u.Minutes);

    public double FuelG => Uses.Sum(u => u.FuelG);

    public string Name => Pot?.Item!.Name ?? "A pot like the usual";

    public double CapacityL => BoilingPot.CapacityL(Pot);

    public static PotWork Of(NightFrame frame, WinterNightRequest request, KitEntry stove, KitEntry? pot, WinterWater water)
    {
        var night = frame.Night;
        // What it takes is wanted to be known above all where there is too little: the engine would give no answer then.
        stove = stove.WithPlenty;
        List<KitEntry> kit =
        [
            .. frame.Kit.Where(e => !BoilingPot.IsOne(e) && e.Item is not Stove),
            stove,
            .. pot is null ? Array.Empty<KitEntry>() : [pot],
        ];
        List<WinterFuel> uses = [];
        var loads = 0;
        void Add(WinterUse use, string name, double litres, bool boils)
        {
            if (litres < WaterFields.Volume.Min)
            {
                return;
            }

            var chain = ChainFor(Ask(night, request, kit, pot, water, litres), boils ? [stove] : Usable(kit, night), stove.Id!, boils);
            loads += chain.Melt?.Result.Answer.Loads ?? 0;
            uses.Add(
                new WinterFuel(
                    use,
                    name,
                    litres,
                    chain.Uses.Where(u => u.Id == stove.Id).Sum(u => u.Used),
                    Math.Ceiling(AtStove(chain) - 1e-9),
                    $"{chain.Name}, {Sentence.Lower(chain.Headline)}"
                )
            );
        }

        Add(WinterUse.Meals, "Meals and hot drinks", night.BoilL!.Value, boils: true);
        Add(WinterUse.Flasks, "Flasks", night.FlaskL!.Value, boils: true);
        Add(WinterUse.Drinking, "To drink and carry away", night.DrinkL!.Value, night.BoilAll!.Value);
        return new PotWork(pot, water, uses, loads);
    }

    /// <summary>Minutes somebody is bound to the stove: melting, and boiling where it is boiled.</summary>
    private static double AtStove(Chain chain) =>
        (chain.Melt?.Minutes ?? 0)
        + chain.Barriers.Zip(chain.Results).Where(b => b.First.Stage == BarrierStage.Heat).Sum(b => b.Second.HandsOnMinutes);

    private static Situation Ask(
        WinterNight night,
        WinterNightRequest request,
        List<KitEntry> kit,
        KitEntry? pot,
        WinterWater water,
        double litres
    ) =>
        Situation.Of(
            new TreatRequest(
                request.Units,
                new WaterInput(litres, null, null, water == WinterWater.OpenWater ? Melting.MeltedC : null, night.ElevationM),
                null,
                request.CountViruses,
                Boil: BoilingPot.Options(pot),
                StartAt: night.From,
                Snow: water == WinterWater.Snow ? night.Snow : null,
                Sky: new Barriers.SkyInput(Math.Clamp(night.LowC!.Value, -40, 50)),
                Kit: kit
            )
        );

    private static List<KitEntry> Usable(List<KitEntry> kit, WinterNight night) =>
        [.. kit.Where(e => !(FilterFreezesInUse(night) && e.Item is WaterFilter))];

    /// <summary>
    /// Boiled for what boils; else the engine's choice of what needs no fire and does not freeze, and boiled where that is nothing.
    /// </summary>
    private static Chain ChainFor(Situation situation, List<KitEntry> kit, string stoveId, bool boils)
    {
        var chains = Chains.All(situation).Where(c => c.Refusal is null && c.Barriers.All(b => kit.Exists(e => e.Id == b.Id))).ToList();
        var cold = boils
            ? null
            : chains
                .Where(c => FillChoice.IsForDrinking(c) && c.Barriers.All(b => b.Stage != BarrierStage.Heat) && c.Uses.All(u => u.IsThere))
                .MinBy(c => FillChoice.Precedence(c, null, id => kit.Find(e => e.Id == id)?.Item));
        return cold ?? chains.First(c => c.Barriers is [{ Stage: BarrierStage.Heat } heat] && heat.Id == stoveId);
    }
}
