using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Safe;

/// <summary>Waters, kits, containers and skies without a corner left out: what is told, what is not, and the edges between.</summary>
internal static class SafeCases
{
    public static readonly DateTimeOffset Now = new(2026, 8, 10, 12, 0, 0, TimeSpan.Zero);
    private static readonly DateOnly Today = DateOnly.FromDateTime(Now.DateTime);

    private static Gen<double?> Maybe(Gen<double> gen) => Gen.Frequency((4, gen.Select(v => (double?)v)), (1, Gen.Const((double?)null)));

    private static Gen<bool?> MaybeBool { get; } = Gen.OneOf(Gen.Const((bool?)null), Gen.Const((bool?)true), Gen.Const((bool?)false));

    public static readonly Gen<Happened> Happening = Gen.Frequency(
        (6, Gen.Const(Happened.No)),
        (1, Gen.OneOf(Happened.Yes, Happened.Unknown))
    );

    /// <summary>Round figures and edges as often as any other.</summary>
    private static readonly Gen<double> Litres = Gen.Frequency(
        (1, Gen.OneOf(0.05, 0.5, 0.946353, 1, 1.5, 2, 3.785412, 20, 200)),
        (2, Gen.Double[0.05, 25]),
        (1, Gen.Double[25, 200])
    );

    private static readonly Gen<double> Celsius = Gen.Frequency(
        (1, Gen.OneOf(0, 0.5, 1, 2, 5, 9.99, 10, 20, 25, 40)),
        (3, Gen.Double[0, 40])
    );

    public static readonly Gen<WaterInput> Water =
        from litres in Litres
        from clarity in Gen.Enum<Clarity>()
        from colour in Gen.Enum<WaterColour>()
        from celsius in Maybe(Celsius)
        from elevation in Maybe(Gen.Double[-400, 8800])
        select new WaterInput(litres, clarity, colour, celsius, elevation);

    private static readonly Gen<CopiedLabel> Label =
        from amount in Gen.Frequency((1, Gen.OneOf(0.5, 1, 2, 4)), (1, Gen.Double[0.25, 20]))
        from water in Gen.Frequency((1, Gen.OneOf(0.5, 1, 2, 10)), (1, Gen.Double[0.1, 20]))
        from unit in Gen.Enum<LabelUnit>()
        from bacteria in Gen.Double[1, 1440]
        from others in Maybe(Gen.Double[1, 1440]).Array[3]
        from coldTimes in Gen.Double[1, 3]
        from coldBelow in Gen.Double[1, 20]
        from cloudy in Gen.Double[1, 4]
        from mgPerL in Maybe(Gen.Double[0.2, 12])
        from split in MaybeBool
        select new CopiedLabel(
            amount,
            water,
            unit,
            new CopiedWaits(Math.Ceiling(bacteria), Up(others[0]), Up(others[1]), Up(others[2])),
            new CopiedCold(coldBelow, coldTimes, 5),
            new CopiedCloudy(cloudy, cloudy),
            mgPerL,
            MaySplit: split
        );

    private static double? Up(double? minutes) => minutes is { } m ? Math.Ceiling(m) : null;

    public static readonly Gen<ProductSpec> Product =
        from profile in Gen.OneOf(ChemicalProfiles.All.ToArray())
        from days in Gen.Int[-30, 900]
        from age in Gen.Int[0, 400]
        from percent in Gen.OneOf(5, 6, 8, 8.25, 8.5, 9.0)
        from label in Gen.Frequency((1, Gen.Const((CopiedLabel?)null)), (1, Label.Select(l => (CopiedLabel?)l)))
        select new ProductSpec(
            profile.Id,
            Today.AddDays(days),
            Today.AddDays(-age),
            profile.Id == ChemicalProfiles.BleachId ? percent : null,
            Label: label
        );

    private static readonly Gen<FilterAsIs> Filter =
        from element in Gen.Enum<FilterElement>()
        from style in Gen.OneOf(FilterStyle.Squeeze, FilterStyle.Gravity, FilterStyle.Pump)
        from flow in Gen.Double[0.1, 3]
        from used in Gen.Double[0, 4200]
        from load in Gen.Double[0, 3000]
        from wetted in Gen.Enum<Happened>()
        from frozen in Happening
        from dropped in Happening
        select new FilterAsIs(element, style, flow, 4000, used, load, 0.05, wetted, frozen, dropped);

    public static readonly Gen<LampAsIs> Lamp =
        from cycles in Gen.Double[0, 40]
        from battery in Gen.Enum<Battery>()
        select new LampAsIs(1, 90, cycles, battery);

    public static readonly Gen<ContainerInput> Container =
        from opaque in MaybeBool
        from clear in MaybeBool
        from soft in MaybeBool
        from depth in Maybe(Gen.Double[2, 60])
        from lying in Maybe(Gen.Double[1, 60])
        from capacity in Maybe(Litres)
        from role in Gen.Enum<ContainerRole>()
        select new ContainerInput(opaque, clear, soft, depth, false, capacity, lying, role);

    public static readonly Gen<SkyInput> Sky =
        from air in Maybe(Gen.Double[-40, 50])
        from latitude in Maybe(Gen.Double[-90, 90])
        from longitude in Maybe(Gen.Double[-180, 180])
        from cloud in Maybe(Gen.Double[0, 1])
        from rain in MaybeBool
        select new SkyInput(air, latitude, longitude, cloud, rain);

    private static readonly Gen<SourceInput?> Source =
        from told in Gen.Bool
        from kind in Gen.Enum<SourceKind>()
        from flow in Gen.Enum<SourceFlow>()
        from seen in Gen.Enum<Sighting>().Array[0, 2]
        from upstream in Gen.Enum<YesNo>()
        from rain in Gen.Enum<YesNo>()
        select told ? new SourceInput(kind, flow, seen, upstream, rain) : null;

    /// <summary>One product in the kit, in a container, in some light, at some hour.</summary>
    public static readonly Gen<TreatRequest> Dosed =
        from product in Product
        from water in Water
        from container in Container
        from sky in Sky
        from hour in Gen.Double[0, 24]
        from light in Gen.Enum<BottleLight>()
        from ph in Maybe(Gen.Double[6, 9])
        from grit in Gen.Enum<Grit>()
        from filtered in Gen.Bool
        from viruses in Gen.Bool
        select new TreatRequest(
            UnitSystem.Metric,
            water,
            filtered ? "filter+own" : "own",
            viruses,
            StartAt: Now.AddHours(hour),
            Container: container,
            Sky: sky,
            Clearing: new ClearingOptions(grit),
            Chemical: new ChemicalOptions(Light: light, PH: ph),
            Kit: [Kits.Entry(product, "own"), Kits.Entry(Kits.Squeeze), Kits.Entry(Kits.Alum)]
        );

    /// <summary>Whole kits at a source.</summary>
    public static readonly Gen<TreatRequest> Any =
        from filters in Filter.Array[0, 2]
        from lamps in Lamp.Array[0, 1]
        from products in Product.Array[0, 2]
        from parts in Gen.Bool.Array[3]
        from water in Water
        from container in Container
        from sky in Sky
        from source in Source
        from hour in Gen.Double[0, 24]
        from viruses in Gen.Bool
        from grit in Gen.Enum<Grit>()
        select new TreatRequest(
            UnitSystem.Metric,
            water,
            null,
            viruses,
            StartAt: Now.AddHours(hour),
            Source: source,
            Container: container,
            Sky: sky,
            Clearing: new ClearingOptions(grit),
            Boil: new BoilOptions(Pot: new PotInput(1.3, 0.19, PotMaterial.Aluminium)),
            Kit:
            [
                .. filters.Select((f, i) => Kits.Entry(f, $"filter{i}")),
                .. lamps.Select((l, i) => Kits.Entry(l, $"lamp{i}")),
                .. products.Select((p, i) => Kits.Entry(p, $"product{i}")),
                .. parts[0] ? new[] { Kits.Burner() } : [],
                .. parts[1] ? new[] { Kits.Entry(Kits.Alum) } : [],
                .. parts[2] ? new[] { Kits.Entry(Kits.Squeeze with { Element = FilterElement.Carbon }, "carbon", "Carbon") } : [],
            ]
        );
}
