using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Matters.Treating;

using Answer = PossibleAnswer<TreatRequest>;
using Question = Question<TreatRequest>;

/// <summary>
/// Every question that Treat could put, with the answers that are plausible outdoors (pick: water 0–30 °C, up to 4 500 m, air −20–35 °C, pH
/// 6–9).
/// </summary>
internal static class TreatQuestions
{
    private static readonly Sighting[] CountingSigns =
    [
        .. SourceSigns.All.Where(s => s.Weight is SignWeight.Stop or SignWeight.Care).Select(s => s.Seen),
    ];

    private static readonly (string Name, PotInput Pot)[] Pots =
    [
        ($"A mug of {Speaker.Both(Quantity.Volume, 0.6)}", new(0.6, 0.09, PotMaterial.Titanium)),
        ($"A light pot of {Speaker.Both(Quantity.Volume, 1.3)}", new(1.3, 0.19, PotMaterial.Aluminium)),
        ($"A steel pot of {Speaker.Both(Quantity.Volume, 3)}", new(3, 0.8, PotMaterial.Steel)),
    ];

    private static readonly bool[] YesAndNo = [true, false];

    private static readonly SourceKind[] OpenKinds =
    [
        .. Enum.GetValues<SourceKind>().Where(k => SourceKinds.IsOpen(k) && k != SourceKind.Unknown),
    ];

    /// <summary>The questions nobody has answered yet.</summary>
    /// <param name="situation">As it is counted now.</param>
    /// <param name="told">Fields that somebody told.</param>
    public static IEnumerable<Question> OpenIn(Situation situation, IReadOnlySet<string> told) =>
        All(situation).Where(q => !told.Contains(q.Field));

    private static IEnumerable<Question> All(Situation situation) =>
        OfSource(situation)
            .Concat(OfWater(situation))
            .Concat(OfSky(situation))
            .Concat(OfClearing(situation))
            .Concat(OfChemical(situation).Select(q => q with { Moves = b => b.Stage == BarrierStage.Chemical }))
            .Concat(OfBoil(situation).Select(q => q with { Moves = b => b.Stage == BarrierStage.Heat }));

    private static IEnumerable<Question> OfSource(Situation situation)
    {
        var source = situation.Request.Source ?? new SourceInput(null, null, null, null, null);
        yield return new(
            "source.seen",
            "Is any of this here or upstream?",
            "nothing seen",
            [
                .. CountingSigns
                    .Except(source.Seen ?? [])
                    .Select(s => new Answer(ContractName.Of(s), null, SourceSigns.Of(s).Name, r =>
                        r with
                        {
                            Source = SourceOf(r) with { Seen = [.. SourceOf(r).Seen ?? [], s] },
                        }
                    )),
            ],
            IsAlwaysAsked: true,
            IsOfThePlace: true
        );
        if (SourceKinds.IsCaught(source.Kind))
        {
            yield break;
        }

        yield return Choice("source.kind", "See what kind of source it is", source.Kind, OpenKinds, (r, kind) =>
            r with
            {
                Source = SourceOf(r) with { Kind = kind },
            }
        ) with
        {
            IsOfThePlace = true,
        };
        yield return Choice(
            "source.flow",
            "See whether it flows",
            source.Flow,
            [SourceFlow.Flowing, SourceFlow.Slow, SourceFlow.Stagnant],
            (r, flow) => r with { Source = SourceOf(r) with { Flow = flow } }
        ) with
        {
            IsOfThePlace = true,
        };
        if (SourceKinds.HasUpstream(source.Kind))
        {
            yield return Choice(
                "source.upstreamWalked",
                "Look 100 to 200 m upstream, round the next bend",
                source.UpstreamWalked,
                [YesNo.Yes, YesNo.No],
                (r, walked) => r with { Source = SourceOf(r) with { UpstreamWalked = walked } }
            ) with
            {
                IsOfThePlace = true,
            };
        }

        yield return Choice(
            "source.rainLastDay",
            "Heavy rain or melt in the last day?",
            source.RainLastDay,
            [YesNo.Yes, YesNo.No],
            (r, rained) => r with { Source = SourceOf(r) with { RainLastDay = rained } }
        ) with
        {
            IsOfThePlace = true,
        };
    }

    private static IEnumerable<Question> OfWater(Situation situation)
    {
        var water = situation.Request.Water ?? new WaterInput(null, null, null, null, null);
        // Melt is cold and clear by what it is; only its own measuring says more.
        if (situation.Melt is null)
        {
            yield return Choice(
                WaterFields.Clarity.Path,
                "Match how clear it is",
                water.Clarity,
                [Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy, Clarity.Muddy, Clarity.Slurry],
                (r, clarity) => r with { Water = WaterOf(r) with { Clarity = clarity, VanishingDepthCm = null, TurbidityNtu = null } }
            );
        }

        yield return Choice(
            WaterFields.Colour.Path,
            "Match its colour",
            water.Colour,
            [WaterColour.None, WaterColour.Tea, WaterColour.Green],
            (r, colour) => r with { Water = WaterOf(r) with { Colour = colour } }
        );
        yield return Number(
            situation,
            WaterFields.Temperature,
            "Measure how cold the water is",
            water.TemperatureC,
            $"{situation.Setting.Say.Of(Quantity.Temperature, FieldWater.ColdestC)}, the coldest",
            [0, 4, 8, 12, 16, 20, 30],
            (r, celsius) => r with { Water = WaterOf(r) with { TemperatureC = celsius } }
        );
        // Higher up water boils sooner but has to boil longer: the least work is at the line between them, the most just above it or by the
        // sea.
        yield return Number(
            situation,
            WaterFields.Elevation,
            "Read how high you are",
            water.ElevationM,
            "high up",
            [0, 1000, BoilSchools.HighElevationM, BoilSchools.HighElevationM + 1, 3000, 4500],
            (r, metres) => r with { Water = WaterOf(r) with { ElevationM = metres } }
        ) with
        {
            RunsOneWay = false,
        };
    }

    private static IEnumerable<Question> OfSky(Situation situation)
    {
        var sky = situation.Setting.Sky;
        yield return Number(
            situation,
            SettingFields.Air,
            "Measure the air",
            sky.AirTemperatureC,
            "not known",
            [-20, -5, 5, 15, 25, 35],
            (r, celsius) =>
                r with
                {
                    Sky = Of(r.Sky) with { AirTemperatureC = celsius },
                    Boil = Of(r.Boil) with { AirTemperatureC = celsius },
                }
        ) with
        {
            Moves = b => b.Stage is BarrierStage.Light or BarrierStage.Heat,
        };
        yield return Number(
            situation,
            SettingFields.Cloud,
            "Look how much of the sky is covered",
            sky.CloudCover,
            "not known",
            [0, 0.3, 0.6, 1],
            (r, share) => r with { Sky = Of(r.Sky) with { CloudCover = share } }
        ) with
        {
            Moves = b => b.Stage == BarrierStage.Light,
        };
        yield return Number(
            situation,
            SettingFields.Latitude,
            "Say where you are",
            sky.LatitudeDeg,
            "not known",
            [0, 25, 45, 65],
            (r, degrees) => r with { Sky = Of(r.Sky) with { LatitudeDeg = degrees, LongitudeDeg = Of(r.Sky).LongitudeDeg ?? 0 } }
        ) with
        {
            Moves = LightOrChemical,
        };
    }

    private static IEnumerable<Question> OfClearing(Situation situation)
    {
        var (clearing, container) = (situation.Request.Clearing, situation.Setting.Container);
        yield return Choice(
            "clearing.grit",
            "Rub what clouds it between two fingers",
            clearing?.Grit,
            [Grit.Sandy, Grit.Silty, Grit.FineSilt, Grit.Clay],
            (r, grit) => r with { Clearing = (r.Clearing ?? new ClearingOptions()) with { Grit = grit } }
        ) with
        {
            Moves = _ => false,
        };
        yield return Number(
            situation,
            SettingFields.Depth,
            "Measure how deep it stands",
            container.DepthCm,
            "not known",
            [3, 8, 15, 25, 40],
            (r, cm) => r with { Container = Of(r.Container) with { DepthCm = cm } }
        ) with
        {
            Moves = b => b.Stage == BarrierStage.Light,
        };
        yield return Flag("container.clearPlastic", "Is the bottle clear plastic or glass?", container.ClearPlastic, (r, yes) =>
            r with
            {
                Container = Of(r.Container) with { ClearPlastic = yes },
            }
        ) with
        {
            Moves = b => b.Stage == BarrierStage.Light,
        };
        yield return Flag("container.opaque", "Does its wall keep light out?", container.Opaque, (r, yes) =>
            r with
            {
                Container = Of(r.Container) with { Opaque = yes },
            }
        ) with
        {
            Moves = LightOrChemical,
        };
        yield return Flag("container.squeezable", "Does its wall give?", container.Squeezable, (r, yes) =>
            r with
            {
                Container = Of(r.Container) with { Squeezable = yes },
            }
        ) with
        {
            Moves = _ => false,
        };
    }

    private static IEnumerable<Question> OfChemical(Situation situation)
    {
        var chemical = situation.Request.Chemical ?? new ChemicalOptions();
        var products = situation.Barriers.OfType<ChemicalBarrier>().ToList();
        if (products.Count == 0)
        {
            yield break;
        }

        yield return Choice(
            ChemicalFields.Light.Path,
            "Where will the bottle stand?",
            chemical.Light,
            [BottleLight.ShadeOrOpaque, BottleLight.ClearInSun],
            (r, light) => r with { Chemical = Of(r.Chemical) with { Light = light } }
        );
        if (products.Exists(p => p.Profile.Active == ActiveIngredient.FreeChlorine))
        {
            yield return Number(
                situation,
                ChemicalFields.PH,
                "Dip a pH strip",
                chemical.PH,
                "8, where chlorine is slower",
                [6, 6.5, 7, 7.5, 8, 8.5, 9],
                (r, ph) => r with { Chemical = Of(r.Chemical) with { PH = ph } }
            );
        }

        if (products.Exists(p => p.Profile.StockPercent is not null))
        {
            yield return Number(
                situation,
                ChemicalFields.CountedDrops,
                "Count your drops into 1 mL",
                chemical.DropCount?.Drops,
                $"{ChemicalProfiles.DefaultDropsPerMl} in 1 mL",
                [12, 16, 20, 25, 30],
                (r, drops) => r with { Chemical = Of(r.Chemical) with { DropCount = new DropCount(drops, 1) } }
            );
        }

        // What is in the kit tells its own date, and bleach its own strength.
        if (products.Exists(p => p is { IsOfKit: false, Profile.IsHouseholdBleach: false }))
        {
            yield return Choice(
                ChemicalFields.Date.Path,
                "Read the date on the product",
                chemical.Date,
                [DateCheck.InDate, DateCheck.Past],
                (r, date) => r with { Chemical = Of(r.Chemical) with { Date = date } }
            );
        }

        if (products.Exists(p => p is { IsOfKit: false, Profile.IsHouseholdBleach: true }))
        {
            yield return Number(
                situation,
                ChemicalFields.BleachStrength,
                "Read the bleach’s strength",
                chemical.BleachStrengthPercent,
                "the weakest",
                [5, 6, 7.5, 9],
                (r, percent) => r with { Chemical = Of(r.Chemical) with { BleachStrengthPercent = percent } }
            );
            yield return Number(
                situation,
                ChemicalFields.BleachAge,
                "Read the bleach’s pack date",
                chemical.BleachAgeMonths,
                "too old",
                [0, 3, 6, 12, 24],
                (r, months) => r with { Chemical = Of(r.Chemical) with { BleachAgeMonths = months } }
            );
        }
    }

    private static IEnumerable<Question> OfBoil(Situation situation)
    {
        var boil = situation.Request.Boil ?? new BoilOptions();
        if (!situation.Barriers.Any(b => b.Stage == BarrierStage.Heat) && situation.Melt is null)
        {
            yield break;
        }

        yield return Flag("boil.lidOn", "Lid on the pot?", boil.LidOn, (r, on) => r with { Boil = Of(r.Boil) with { LidOn = on } });
        yield return Choice("boil.cooling", "Where will it cool?", boil.Cooling, [CoolingPlace.StillAir, CoolingPlace.Stream], (r, place) =>
            r with
            {
                Boil = Of(r.Boil) with { Cooling = place },
            }
        );
        if (boil.Pot is null)
        {
            yield return new(
                "boil.pot",
                "Say which pot",
                "a large heavy one",
                [.. Pots.Select(p => new Answer(p.Name, null, p.Name, r => r with { Boil = Of(r.Boil) with { Pot = p.Pot } }))]
            );
        }

        if (situation.Barriers.Any(b => b.Id == BoilBarrier.GenericId))
        {
            yield return new(
                BoilFields.BurnerId.Path,
                "What do you burn?",
                boil.BurnerId is null ? "not known" : Burners.All.First(b => b.Id == boil.BurnerId).Name,
                [.. Burners.All.Select(b => new Answer(b.Id, null, b.Name, r => r with { Boil = Of(r.Boil) with { BurnerId = b.Id } }))]
            );
        }
    }

    private static bool LightOrChemical(IBarrier barrier) => barrier.Stage is BarrierStage.Light or BarrierStage.Chemical;

    private static SourceInput SourceOf(TreatRequest request) => request.Source ?? new SourceInput(null, null, null, null, null);

    private static WaterInput WaterOf(TreatRequest request) => request.Water ?? new WaterInput(null, null, null, null, null);

    private static SkyInput Of(SkyInput? sky) => sky ?? new SkyInput();

    private static ContainerInput Of(ContainerInput? container) => container ?? new ContainerInput();

    private static ChemicalOptions Of(ChemicalOptions? options) => options ?? new ChemicalOptions();

    private static BoilOptions Of(BoilOptions? options) => options ?? new BoilOptions();

    private static Question Choice<T>(string field, string ask, T? counted, T[] plausible, Func<TreatRequest, T, TreatRequest> put)
        where T : struct, Enum =>
        new(
            field,
            ask,
            counted is { } known ? AnswerNames.Of(field, ContractName.Of(known)) : AnswerNames.NotTold(field),
            [
                .. plausible
                    .Where(p => !EqualityComparer<T?>.Default.Equals(p, counted))
                    .Select(p => new Answer(ContractName.Of(p), null, AnswerNames.Of(field, ContractName.Of(p)), r => put(r, p))),
            ]
        );

    private static Question Number(
        Situation situation,
        NumberField field,
        string ask,
        double? counted,
        string unknown,
        double[] plausible,
        Func<TreatRequest, double, TreatRequest> put
    ) =>
        new(
            field.Path,
            ask,
            counted is { } known ? situation.Setting.Say.Of(field.Quantity, known) : unknown,
            [
                .. plausible
                    .Where(p => counted is null || Math.Abs(p - counted.Value) > 1e-9)
                    .Select(p => new Answer(Speaker.Number(p, 2), p, situation.Setting.Say.Of(field.Quantity, p), r => put(r, p))),
            ]
        );

    private static Question Flag(string field, string ask, bool? counted, Func<TreatRequest, bool, TreatRequest> put) =>
        new(
            field,
            ask,
            counted switch
            {
                true => "yes",
                false => "no",
                null => "not known",
            },
            [.. YesAndNo.Where(v => v != counted).Select(v => new Answer(v ? "true" : "false", null, v ? "Yes" : "No", r => put(r, v)))]
        );
}
