using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>The labels that the learner copied from their own packs: they are practised with in place of the generic ones.</summary>
internal sealed class OwnLabels
{
    private const string OwnId = "own";
    private static readonly DateTimeOffset Day = new(year: 2026, month: 8, day: 15, hour: 9, minute: 0, second: 0, offset: TimeSpan.Zero);

    private readonly Dictionary<string, ProductSpec> _byTemplate = [];

    private OwnLabels(IEnumerable<ProductSpec> products)
    {
        foreach (var product in products.Where(p => p is { ProfileId: not null, Label: not null }))
        {
            _byTemplate.TryAdd(product.ProfileId!, product);
        }
    }

    public static OwnLabels None { get; } = new([]);

    /// <summary>The copied labels of a kit, checked already.</summary>
    public static OwnLabels In(IReadOnlyList<KitEntry>? kit) =>
        new(KitEntry.Carried(kit).Select(e => e.Item).OfType<ChemicalProduct>().Select(p => p.Product).OfType<ProductSpec>());

    /// <summary>The own label that was filled from a template; the template without one.</summary>
    public ChemicalProfile Of(string templateId) =>
        _byTemplate.TryGetValue(templateId, out var own) ? own.Profile : ChemicalProfiles.Find(templateId)!;

    /// <summary>The same as a product in date.</summary>
    public ProductSpec Product(string templateId, DateOnly bestBefore) =>
        _byTemplate.TryGetValue(templateId, out var own)
            ? own with
            {
                BestBefore = bestBefore,
                OpenedOn = null,
            }
            : new ProductSpec(templateId, bestBefore);

    /// <summary>What Treat is asked about a product of <see cref="Of"/>.</summary>
    public TreatRequest Ask(ChemicalProfile profile, double litres, Clarity clarity, double celsius) =>
        profile.Copy is null
            ? AskTemplate(profile.Id, litres, clarity, celsius)
            : AskTemplate(OwnId, litres, clarity, celsius) with
            {
                StartAt = Day,
                Kit =
                [
                    new KitEntry(OwnId, new ChemicalProduct(Product(profile.Id, new DateOnly(2030, 1, 1))) { Name = profile.Name }, 100),
                ],
            };

    /// <summary>What Treat is asked about a generic product.</summary>
    public static TreatRequest AskTemplate(
        string method,
        double litres,
        Clarity clarity,
        double celsius,
        ChemicalOptions? options = null
    ) =>
        new(
            UnitSystem.Metric,
            new WaterInput(litres, clarity, WaterColour.None, celsius, 300),
            method,
            Chemical: options ?? new ChemicalOptions(DateCheck.InDate, BottleLight.ShadeOrOpaque),
            Container: new ContainerInput(Opaque: true)
        );
}
