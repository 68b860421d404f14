using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Catalogue;
using JollyBrook.Core.Clocks;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Records;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Words;

namespace JollyBrook.Core;

/// <summary>
/// The public list of calculations: name, request record, response record. The server maps each to
/// <c>POST /api/calc/{name}</c>; the browser host runs the same list.
/// </summary>
public static class Calculations
{
    public static readonly IReadOnlyList<Calculation> All =
    [
        new Calculation<CatalogueRequest, CatalogueResponse>(
            "catalogue", "What can be chosen: units, fields with ranges and defaults, methods, burners, schools.",
            CatalogueList.Compute, () => ContractJson.Default.CatalogueRequest, () => AnswerJson.Default.CatalogueResponse,
            () => CatalogueList.Fields),
        new Calculation<TreatRequest, TreatResponse>(
            "treat", "Dose, wait, ledger, steps and working for one container of water and one method.",
            Treat.Compute, () => ContractJson.Default.TreatRequest, () => AnswerJson.Default.TreatResponse, () => TreatFields.All),
        new Calculation<TreatRequest, ChainListResponse>(
            "chains", "Every chain of one or two barriers on the same water, side by side, best first.",
            ChainList.Compute, () => ContractJson.Default.TreatRequest, () => AnswerJson.Default.ChainListResponse, () => TreatFields.All),
        new Calculation<JudgeRequest, JudgeResponse>(
            "judge", "Whether to use a source at all: verdict, reasons, what would change it, how to draw from it.",
            JudgeSource.Compute, () => ContractJson.Default.JudgeRequest, () => AnswerJson.Default.JudgeResponse, () => JudgeSource.Fields),
        new Calculation<KitItemRequest, KitItemResponse>(
            "kit-item", "Checks a piece of kit and says it in a line.",
            DescribeItem.Compute, () => ContractJson.Default.KitItemRequest, () => AnswerJson.Default.KitItemResponse, () => DescribeItem.Fields),
        new Calculation<WordsRequest, WordsResponse>(
            "words", "The words of the field, and the questions on which practitioners disagree.",
            WordList.Compute, () => ContractJson.Default.WordsRequest, () => AnswerJson.Default.WordsResponse, () => []),
        new Calculation<BatchProgressRequest, BatchProgressResponse>(
            "batch-progress", "Where a running batch stands, from its steps, its taps and the time now.",
            BatchProgress.Compute, () => ContractJson.Default.BatchProgressRequest, () => AnswerJson.Default.BatchProgressResponse,
            () => BatchFields.All),
        new Calculation<DeviceClockRequest, DeviceClockResponse>(
            "device-clock", "Whether a device's clock can be trusted, from what it has shown and what the server showed.",
            DeviceClock.Compute, () => ContractJson.Default.DeviceClockRequest, () => AnswerJson.Default.DeviceClockResponse,
            () => DeviceClockRequest.Fields),
        new Calculation<BackupFile, BackupCheckResponse>(
            "backup-check", "Whether every record of a backup can be kept, and what it holds.",
            CheckBackup.Compute, () => ContractJson.Default.BackupFile, () => AnswerJson.Default.BackupCheckResponse,
            () => BackupFile.Fields),
        new Calculation<SweatRequest, SweatResponse>(
            "sweat", "What a walker loses and should drink: prediction, personal factor from tests, how sure.",
            Sweat.Compute, () => ContractJson.Default.SweatRequest, () => AnswerJson.Default.SweatResponse, () => Sweat.Fields),
        new Calculation<LegsRequest, ReadRoute>(
            "legs", "Ground made from legs typed by hand.",
            ReadLegs.Compute, () => ContractJson.Default.LegsRequest, () => AnswerJson.Default.ReadRoute, () => ReadLegs.Fields),
        new Calculation<TripRoute, RouteLineResponse>(
            "route-line", "A route's kept line written out as points.",
            RouteLine.Compute, () => ContractJson.Default.TripRoute, () => AnswerJson.Default.RouteLineResponse, () => TripRoute.Fields),
        new Calculation<PlanRequest, PlanResponse>(
            "plan", "Where to fill and how much to carry along a route, and what fixes what does not fit.",
            Plan.Compute, () => ContractJson.Default.PlanRequest, () => AnswerJson.Default.PlanResponse, () => Plan.Fields),
        new Calculation<HowSureRequest, HowSureResponse>(
            "how-sure", "The plan walked many times with sweat, pace, weather and sources drawn at random.",
            HowSure.Compute, () => ContractJson.Default.HowSureRequest, () => AnswerJson.Default.HowSureResponse, () => HowSure.Fields),
    ];

    /// <summary>Runs a calculation by name on a JSON request. Never throws for bad input or an unknown name.</summary>
    public static CalculationOutcome Run(string name, string json) =>
        All.FirstOrDefault(c => c.Name == name) is { } calculation
            ? calculation.Run(json)
            : CalculationOutcome.Of(Problem.UnknownCalculation(name, All.Select(c => c.Name)));
}
