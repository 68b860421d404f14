using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>Checked chemical choices, with what was missing taken as worse.</summary>
internal sealed record ChemicalSetup(
    DateCheck Date,
    BottleLight Light,
    double PH,
    double BleachPercent,
    double? BleachAgeMonths,
    double DropsPerMl
)
{
    public static ChemicalSetup Check(ChemicalProfile profile, ChemicalOptions? given, Intake intake, List<Assumption> assumptions)
    {
        var options = given ?? new ChemicalOptions();
        var setup = new ChemicalSetup(
            options.Date ?? DateCheck.Unknown,
            options.Light ?? BottleLight.Unknown,
            intake.Optional(ChemicalFields.PH, options.PH) ?? FreeChlorineCt.UnknownPH,
            intake.Optional(ChemicalFields.BleachStrength, options.BleachStrengthPercent) ?? Bleach.WeakestPercent,
            intake.Optional(ChemicalFields.BleachAge, options.BleachAgeMonths),
            CheckDrops(options.DropCount, intake)
        );
        AddUnknowns(profile, options, setup, assumptions);
        return setup;
    }

    private static double CheckDrops(DropCount? count, Intake intake)
    {
        if (count is null)
        {
            return ChemicalProfiles.DefaultDropsPerMl;
        }

        var drops = intake.Required(ChemicalFields.CountedDrops, count.Drops);
        var perMl = drops / intake.Required(ChemicalFields.CountedMillilitres, count.Millilitres);
        if (perMl is < 5 or > 50)
        {
            intake.Refuse(
                ChemicalFields.CountedDrops,
                $"Drops counted can't be right: {Speaker.Number(perMl, 1)} drops in a millilitre; 5 to 50 are possible. Count again."
            );
        }

        return perMl;
    }

    private static void AddUnknowns(ChemicalProfile profile, ChemicalOptions options, ChemicalSetup setup, List<Assumption> assumptions)
    {
        if (profile.Active == ActiveIngredient.FreeChlorine && options.PH is null)
        {
            assumptions.Add(new(ChemicalFields.PH.Path, "pH not known: taken as 8, where chlorine works slower."));
        }

        if (setup.Light == BottleLight.Unknown)
        {
            assumptions.Add(
                new(
                    ChemicalFields.Light.Path,
                    "Shade not known: taken as a clear bottle in the sun while it is up, which halves the strength."
                )
            );
        }

        if (profile.IsHouseholdBleach && options.BleachStrengthPercent is null)
        {
            assumptions.Add(
                new(
                    ChemicalFields.BleachStrength.Path,
                    $"Bleach strength not known: taken as {Speaker.Number(Bleach.WeakestPercent, 0)} %, the weakest."
                )
            );
        }

        if (profile.StockPercent is not null && options.DropCount is null)
        {
            assumptions.Add(
                new(
                    ChemicalFields.CountedDrops.Path,
                    $"Drop size not counted: taken as {Speaker.Number(ChemicalProfiles.DefaultDropsPerMl, 0)} drops in a millilitre."
                )
            );
        }
    }
}
