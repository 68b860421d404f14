using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Packing.Choosing;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Benchmarks;

/// <summary>What choosing a kit costs: 14 pieces, sets of two to five, on a trip of five days.</summary>
internal static class KitTimes
{
    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine(
            "Choosing a kit out of 14 pieces, five days, 12 sources      limits: 400 ms native; in the page a first answer 1 s"
        );
        Console.WriteLine($"{"", -44}{"native", 12}{"in the page", 14}");
        var most = new[] { 1, 2, 3, 4, 5 };
        var json = most.Select(n => Json(Of(n))).ToList();
        var page = SideBySide.InPage([.. json.Select(j => ("choose-kit", j, 3))]);
        for (var i = 0; i < most.Length; i++)
        {
            SideBySide.Line(
                $"sets of up to {most[i]}: {ChooseKit.Compute(Of(most[i])).Tried} tried",
                SideBySide.Native("choose-kit", json[i], 5),
                page[i]
            );
        }
    }

    private static string Json(ChooseKitRequest request) => JsonSerializer.Serialize(request, Compact);

    private static readonly JsonSerializerOptions Compact = new(ContractJson.Default.Options)
    {
        DefaultIgnoreCondition = System.Text.Json.Serialization.JsonIgnoreCondition.WhenWritingNull,
    };

    private static ChooseKitRequest Of(int most)
    {
        var used = new FilterState(10, 0, 0, Happened.Yes, Happened.No, Happened.No, false);
        var day = new DateOnly(2028, 1, 1);
        KitEntry Tablets(string id, string profile, double left) =>
            new(id, new ChemicalProduct(new ProductSpec(profile, day)) { Name = id, MassKg = 0.02 }, left);
        var plan = LongRoute.Of(12, 110);
        return new ChooseKitRequest(
            null,
            [
                new("pot", new CookingPot(1.3, PotMaterial.Titanium) { Name = "Pot", MassKg = 0.12 }),
                new("bottle", new Container(2, Opaque: true) { Name = "Bottle" }),
                new(
                    "press",
                    new WaterFilter(new FilterSpec(FilterElement.Purifier, FilterStyle.Press, 2, 500))
                    {
                        Name = "Press purifier",
                        MassKg = 0.45,
                    },
                    Filter: used
                ),
                new(
                    "pump",
                    new WaterFilter(new FilterSpec(FilterElement.Ceramic, FilterStyle.Pump, 1, 5000))
                    {
                        Name = "Ceramic pump",
                        MassKg = 0.4,
                    },
                    Filter: used
                ),
                new(
                    "squeeze",
                    new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Squeeze, 1.7, 4000))
                    {
                        Name = "Squeeze filter",
                        MassKg = 0.08,
                    },
                    Filter: used
                ),
                new(
                    "gravity",
                    new WaterFilter(new FilterSpec(FilterElement.HollowFibre, FilterStyle.Gravity, 1.5, 4000))
                    {
                        Name = "Gravity filter",
                        MassKg = 0.3,
                    },
                    Filter: used
                ),
                new("lamp", new UvLamp(new LampSpec(1, 90, Battery.Lithium)) { Name = "UV lamp", MassKg = 0.1 }, 60),
                Tablets("Chlorine tablets", "nadcc-8.5", 60),
                Tablets("Strong chlorine tablets", "nadcc-17", 40),
                Tablets("Chlorine dioxide tablets", "clo2-tablet", 30),
                Tablets("Iodine tablets", "iodine-tablet", 50),
                new("gas", new Stove(new BurnerSpec("canister-sheltered", 150)) { Name = "Canister stove", MassKg = 0.09 }, 230),
                new("spirit", new Stove(new BurnerSpec("alcohol-ethanol", 30)) { Name = "Alcohol stove", MassKg = 0.05 }, 300),
                new("fire", new Stove(new BurnerSpec(Burners.OpenFireId)) { Name = "Open fire" }),
                new("solid", new Stove(new BurnerSpec("hexamine", 10)) { Name = "Solid-fuel stove", MassKg = 0.1 }, 120),
                new("old-lamp", new UvLamp(new LampSpec(0.5, 48, Battery.Alkaline)) { Name = "Old lamp", MassKg = 0.15 }, 40),
            ],
            plan with
            {
                Sources =
                [
                    .. plan.Sources!.Select(s =>
                        s with
                        {
                            Source = s.Source with { Clarity = Clarity.Clear, Colour = WaterColour.None, TemperatureC = 8 },
                        }
                    ),
                ],
            },
            Now: plan.Now,
            HangPoints: YesNo.Yes,
            MostPieces: most
        );
    }
}
