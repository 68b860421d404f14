using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Catalogue;

/// <summary>What Body can offer, and where its fields start from.</summary>
/// <param name="Effort">The effort.</param>
/// <param name="Suns">Sun.</param>
/// <param name="Terrains">Ground underfoot.</param>
/// <param name="Clothes">What is worn.</param>
/// <param name="NewWalker">A walker of whom only the name is known.</param>
/// <param name="DrinkL">A drink of which nobody said how large, L.</param>
/// <param name="LongestTestHours">A longer walk is no sweat test, h.</param>
public sealed record BodyChoices(
    Effort Effort,
    IReadOnlyList<Choice> Suns,
    IReadOnlyList<Choice> Terrains,
    IReadOnlyList<Choice> Clothes,
    NewWalker NewWalker,
    double DrinkL,
    double LongestTestHours
);

/// <summary>A walker of whom nothing is known.</summary>
/// <param name="MassKg">Body mass, kg.</param>
/// <param name="HeightCm">Height, cm.</param>
public sealed record NewWalker(double MassKg, double HeightCm);

/// <summary>What an empty day starts from.</summary>
/// <param name="RestUntilHour">Until when nobody is woken, clock hour.</param>
/// <param name="WantedL">What is wanted first, L.</param>
/// <param name="WantedHours">By when, h from now.</param>
/// <param name="TopUpL">What is added to a container whose room is not known, L.</param>
public sealed record DayChoices(double RestUntilHour, double WantedL, double WantedHours, double TopUpL);

/// <summary>What Route can offer, and where its fields start from.</summary>
/// <param name="WalkSchools">Schools of walking time.</param>
/// <param name="SweatSchools">Sweat equations.</param>
/// <param name="SourceClasses">Classes of source, with the chance that each runs.</param>
/// <param name="Roles">What a container may hold.</param>
/// <param name="Trusted">A source is counted on from this chance.</param>
/// <param name="Day">A day's defaults.</param>
/// <param name="Weather">The weather assumed where none is given.</param>
/// <param name="BreakShare">Breaks.</param>
/// <param name="KgKmPerMinute">Worth of a minute stopped.</param>
/// <param name="CapacityLPerWalker">Carried by each walker where no container is named, L.</param>
/// <param name="ReserveLPerWalker">Kept in hand by each walker on every arrival unless another reserve is told, L.</param>
/// <param name="DebtShare">What a body may be owed before a walk counts as run short, share of its mass.</param>
/// <param name="ReplaceShare">Share drunk while walking.</param>
/// <param name="LitresPerMinute">Flow of a source.</param>
/// <param name="Runs">Simulated walks.</param>
/// <param name="MiddleCertainty">The certainty that the quick, deterministic plan is for.</param>
/// <param name="OffLineKm">Further off the line than this is not on the walk, km.</param>
/// <param name="SupplyMargin">So many times the planned litres the supplies must cover.</param>
/// <param name="GroundStepM">The ground is told at heights so far apart, m.</param>
/// <param name="EarliestStartHour">A day starts at this clock time or later, h after midnight.</param>
/// <param name="LatestStartHour">A day starts at this clock time or earlier, h after midnight.</param>
public sealed record RouteChoices(
    IReadOnlyList<Choice> WalkSchools,
    IReadOnlyList<Choice> SweatSchools,
    IReadOnlyList<Choice> SourceClasses,
    IReadOnlyList<Choice> Roles,
    double Trusted,
    RouteDay Day,
    DayWeather Weather,
    double BreakShare,
    double KgKmPerMinute,
    double CapacityLPerWalker,
    double ReserveLPerWalker,
    double DebtShare,
    double ReplaceShare,
    double LitresPerMinute,
    int Runs,
    double MiddleCertainty,
    double OffLineKm,
    double SupplyMargin,
    double GroundStepM,
    double EarliestStartHour,
    double LatestStartHour
);

internal static class PlanningChoiceMaker
{
    public static BodyChoices Body() =>
        new(
            Effort: Effort.Default,
            Suns:
            [
                new(ContractName.Of(SunLoad.None), "No sun", ""),
                new(ContractName.Of(SunLoad.Part), "Part", ""),
                new(ContractName.Of(SunLoad.Full), "Full sun", ""),
            ],
            Terrains: [.. Enum.GetValues<Terrain>().Select(t => new Choice(ContractName.Of(t), Terrains.Name(t), ""))],
            Clothes: [.. Enum.GetValues<Clothing>().Select(c => new Choice(ContractName.Of(c), ClothingResistance.Name(c), ""))],
            NewWalker: new(Party.Unnamed.MassKg!.Value, Party.Unnamed.HeightCm!.Value),
            DrinkL: DrinkPlan.UsualL,
            LongestTestHours: SweatTestResult.LongestH
        );

    public static DayChoices Day() => new(DayBook.RestUntilHour, DayBook.FirstWantL, DayBook.FirstWantHours, TopUp.UsualL);

    public static RouteChoices Route() =>
        new(
            WalkSchools:
            [
                new(ContractName.Of(WalkSchool.Tobler), "Tobler", "pace by slope; slower off the path"),
                new(
                    ContractName.Of(WalkSchool.NaismithLangmuir),
                    "Naismith, Langmuir",
                    $"{Speaker.Both(Quantity.Speed, 5)} and an hour for {Speaker.Both(Quantity.Elevation, 600)} up; descents by steepness"
                ),
            ],
            SweatSchools:
            [
                new(ContractName.Of(SweatSchool.Gonzalez2009), "Gonzalez 2009", "never below what keeps the body's heat in balance"),
                new(ContractName.Of(SweatSchool.Shapiro1982), "Shapiro 1982", "older, on the high side"),
            ],
            SourceClasses:
            [
                .. Enum.GetValues<SourceClass>()
                    .Select(c => new Choice(
                        ContractName.Of(c),
                        SourceReliability.Name(c),
                        $"runs with {SourceReliability.OfClass(c) * 100:0} %"
                    )),
            ],
            Roles:
            [
                new(ContractName.Of(ContainerRole.Either), "Either", ""),
                new(ContractName.Of(ContainerRole.Clean), "Clean", "drinking water only"),
                new(ContractName.Of(ContainerRole.Dirty), "Dirty", "counts only for water treated later"),
            ],
            Trusted: SourceReliability.Trusted,
            Day: new RouteDay(
                StartHour: RouteDay.DefaultStartHour,
                EndKm: null,
                CampName: null,
                Meals: RouteDay.DefaultMeals,
                HotDrinks: RouteDay.DefaultHotDrinks,
                WashL: DrinkPlan.LPerWash,
                Rest: RouteDay.DefaultRest
            ),
            Weather: DayWeather.Assumed,
            BreakShare: TripRoute.DefaultBreakShare,
            KgKmPerMinute: TripRoute.DefaultKgKmPerMinute,
            CapacityLPerWalker: PlanSetup.DefaultCapacityLPerWalker,
            ReserveLPerWalker: PlanSetup.ReserveLPerWalker,
            DebtShare: TripRoute.DefaultDebtShare,
            ReplaceShare: DrinkPlan.DefaultReplaceShare,
            LitresPerMinute: TripSource.DefaultLitresPerMinute,
            Runs: HowSure.DefaultRuns,
            MiddleCertainty: TripRoute.Middle,
            OffLineKm: FromHere.OffLineKm,
            SupplyMargin: SupplyMargin.Factor,
            GroundStepM: GroundProfile.ResampleM,
            EarliestStartHour: RouteDay.EarliestStartHour,
            LatestStartHour: RouteDay.LatestStartHour
        );
}
