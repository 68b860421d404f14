using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>A sweat test with its id.</summary>
public sealed record SweatTestEntry(string Id, [property: JsonRequired] SweatTest Test);

/// <summary>What a walker loses and should drink.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Walker">The walker.</param>
/// <param name="Tests">Their sweat tests, the oldest first.</param>
/// <param name="Effort">Air, ground and pace asked about.</param>
/// <param name="School">Which equation; Gonzalez when left out.</param>
/// <param name="ReplaceShare">Share of the loss drunk while walking, 0.3 to 1; 0.8 when left out.</param>
public sealed record SweatRequest(
    UnitSystem? Units,
    Walker? Walker,
    IReadOnlyList<SweatTestEntry>? Tests = null,
    Effort? Effort = null,
    SweatSchool? School = null,
    double? ReplaceShare = null
);

/// <summary>Low, middle and high: the 10, 50 and 90 % points.</summary>
public sealed record Band(double Low, double Middle, double High);

/// <summary>A test, and what was believed of the walker once it was in.</summary>
/// <param name="Id">The test's id.</param>
/// <param name="Result">What it says.</param>
/// <param name="Factor">The personal factor after it, with its band.</param>
public sealed record JudgedSweatTest(string Id, SweatTestResult Result, Band Factor);

/// <summary>One point of a "what if" curve.</summary>
public sealed record SweatPoint(double TemperatureC, Band SweatLPerH);

/// <summary>A rule of thumb, printed beside and never instead.</summary>
public sealed record RuleOfThumb(string Name, string Words);

/// <summary>What a walker loses and should drink, with how sure it is.</summary>
/// <param name="SweatLPerH">Sweat, L/h.</param>
/// <param name="BreathedLPerH">Breathed out, L/h.</param>
/// <param name="LossLPerH">Both together, L/h.</param>
/// <param name="OtherSchoolLPerH">What the other equation says of sweat, L/h, with the same personal factor.</param>
/// <param name="OtherSchool">Which that is.</param>
/// <param name="DrinkLPerH">Planned drinking while walking, L/h.</param>
/// <param name="AtCampLPerH">What stays for camp, L for each hour walked.</param>
/// <param name="RestLPerH">Need at rest, L/h.</param>
/// <param name="Headline">The answer in words.</param>
/// <param name="MetabolicW">Metabolic rate, W.</param>
/// <param name="PandolfW">The same by Pandolf, for comparison.</param>
/// <param name="PriorFactor">The personal factor before any test.</param>
/// <param name="Factor">The personal factor now.</param>
/// <param name="Tests">Every test, judged, the oldest first.</param>
/// <param name="AirC">The air it is reckoned for, in the shade, °C.</param>
/// <param name="ByTemperature">Sweat against air temperature, all else as asked.</param>
/// <param name="RulesOfThumb">Printed beside.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to heed.</param>
/// <param name="Working">The arithmetic.</param>
public sealed record SweatResponse(
    Band SweatLPerH,
    double BreathedLPerH,
    Band LossLPerH,
    double OtherSchoolLPerH,
    SweatSchool OtherSchool,
    double DrinkLPerH,
    double AtCampLPerH,
    double RestLPerH,
    string Headline,
    double MetabolicW,
    double PandolfW,
    Band PriorFactor,
    Band Factor,
    IReadOnlyList<JudgedSweatTest> Tests,
    double AirC,
    IReadOnlyList<SweatPoint> ByTemperature,
    IReadOnlyList<RuleOfThumb> RulesOfThumb,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working
);
