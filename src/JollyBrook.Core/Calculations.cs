using JollyBrook.Core.Body;
using JollyBrook.Core.Body.Sips;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Catalogue;
using JollyBrook.Core.Clocks;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Illness;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Learning;
using JollyBrook.Core.Matters;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Packing.Choosing;
using JollyBrook.Core.Packing.Sparing;
using JollyBrook.Core.Packing.Ways;
using JollyBrook.Core.Records;
using JollyBrook.Core.Route;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Scarcity.Makeshift;
using JollyBrook.Core.Scarcity.Searching;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Winter;
using JollyBrook.Core.Words;

namespace JollyBrook.Core;

/// <summary>
/// The public list of calculations: name, request record, response record. The server maps each to
/// <c>POST /api/calc/{name}</c>; the browser host runs the same list.
/// </summary>
public static class Calculations
{
    /// <summary>Every calculation, as listed in the catalogue of the interface.</summary>
    public static readonly IReadOnlyList<Calculation> All =
    [
        new Calculation<CatalogueRequest, CatalogueResponse>(
            "catalogue",
            "What can be chosen: units, fields with ranges and defaults, methods, burners, schools.",
            CatalogueList.Compute,
            () => ContractJson.Default.CatalogueRequest,
            () => AnswerJson.Default.CatalogueResponse,
            () => CatalogueList.Fields
        ),
        new Calculation<TreatRequest, TreatResponse>(
            "treat",
            "Dose, wait, ledger, steps and working for one container of water and one method.",
            Treat.Compute,
            () => ContractJson.Default.TreatRequest,
            () => AnswerJson.Default.TreatResponse,
            () => TreatFields.All
        ),
        new Calculation<TreatRequest, ChainListResponse>(
            "chains",
            "Every chain of one or two barriers on the same water, side by side, best first.",
            ChainList.Compute,
            () => ContractJson.Default.TreatRequest,
            () => AnswerJson.Default.ChainListResponse,
            () => TreatFields.All
        )
        {
            IsLong = true,
        },
        new Calculation<MattersRequest, MattersResponse>(
            "what-matters",
            "Which of the things not told could change the answer, the gravest first, with what each could change.",
            WhatMatters.Compute,
            () => ContractJson.Default.MattersRequest,
            () => AnswerJson.Default.MattersResponse,
            () => WhatMatters.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<JudgeRequest, JudgeResponse>(
            "judge",
            "Whether to use a source at all: verdict, reasons, what would change it, how to draw from it.",
            JudgeSource.Compute,
            () => ContractJson.Default.JudgeRequest,
            () => AnswerJson.Default.JudgeResponse,
            () => JudgeSource.Fields
        ),
        new Calculation<BringUpRequest, BringUpResponse>(
            "bring-up",
            "Records of an earlier version as they are written now.",
            BringUpRecords.Compute,
            () => ContractJson.Default.BringUpRequest,
            () => AnswerJson.Default.BringUpResponse,
            () => BringUpRecords.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<KitItemRequest, KitItemResponse>(
            "kit-item",
            "Checks a piece of kit and says it in a line.",
            DescribeItem.Compute,
            () => ContractJson.Default.KitItemRequest,
            () => AnswerJson.Default.KitItemResponse,
            () => DescribeItem.Fields
        ),
        new Calculation<KitTemplatesRequest, KitTemplatesResponse>(
            "kit-templates",
            "Usual pieces of kit to start from.",
            KitTemplates.Compute,
            () => ContractJson.Default.KitTemplatesRequest,
            () => ContractJson.Default.KitTemplatesResponse,
            () => []
        ),
        new Calculation<KitCheckRequest, KitCheckResponse>(
            "kit-check",
            "Whether a kit is enough for a trip: seven findings, chains against failures, what can be spared.",
            CheckKit.Compute,
            () => ContractJson.Default.KitCheckRequest,
            () => AnswerJson.Default.KitCheckResponse,
            () => CheckKit.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<ChooseKitRequest, ChooseKitResponse>(
            "choose-kit",
            "Sets of treatment for a trip, each run through it, side by side with what is carried.",
            ChooseKit.Compute,
            () => ContractJson.Default.ChooseKitRequest,
            () => ContractJson.Default.ChooseKitResponse,
            () => ChooseKit.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<SpareRequest, SpareResponse>(
            "spare",
            "What another party can be given, as cards with dose and wait, and what remains.",
            SpareForOthers.Compute,
            () => ContractJson.Default.SpareRequest,
            () => AnswerJson.Default.SpareResponse,
            () => SpareForOthers.Fields
        ),
        new Calculation<ScheduleRequest, ScheduleResponse>(
            "schedule",
            "Litres wanted by time as batches on a clock line.",
            DaySchedule.Compute,
            () => ContractJson.Default.ScheduleRequest,
            () => ContractJson.Default.ScheduleResponse,
            () => ScheduleFields.All
        )
        {
            IsLong = true,
        },
        new Calculation<CampDayRequest, CampDayResponse>(
            "camp-day",
            "What a trip's plan wants ready on an evening and by the next start.",
            CampDay.Compute,
            () => ContractJson.Default.CampDayRequest,
            () => ContractJson.Default.CampDayResponse,
            () => CampDay.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<WinterNightRequest, WinterNightResponse>(
            "winter-night",
            "An evening, a night and a morning in the cold: melting, fuel, bottles against frost.",
            WinterNights.Compute,
            () => ContractJson.Default.WinterNightRequest,
            () => AnswerJson.Default.WinterNightResponse,
            () => WinterNights.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<EveningsRequest, EveningsResponse>(
            "evenings",
            "Whether every evening of a trip can be done with the hands and the kit there are.",
            Evenings.Compute,
            () => ContractJson.Default.EveningsRequest,
            () => AnswerJson.Default.EveningsResponse,
            () => Evenings.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<BookLineRequest, BookLineResponse>(
            "book-line",
            "Checks a line of the book and says it in words.",
            LineWords.Compute,
            () => ContractJson.Default.BookLineRequest,
            () => AnswerJson.Default.BookLineResponse,
            () => LineWords.Fields
        ),
        new Calculation<InHandRequest, InHandResponse>(
            "in-hand",
            "What is in hand now: the log folded into containers, supplies, walkers and sources.",
            WhatIsInHand.Compute,
            () => ContractJson.Default.InHandRequest,
            () => ContractJson.Default.InHandResponse,
            () => WhatIsInHand.Fields
        )
        {
            IsLong = true,
            TakesLog = true,
        },
        new Calculation<BookDayRequest, BookDayResponse>(
            "book-day",
            "A day of the book, added up.",
            BookDay.Compute,
            () => ContractJson.Default.BookDayRequest,
            () => AnswerJson.Default.BookDayResponse,
            () => BookDay.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<BookTableRequest, BookTableResponse>(
            "book-table",
            "Lines of one kind as a table.",
            BookTable.Compute,
            () => ContractJson.Default.BookTableRequest,
            () => AnswerJson.Default.BookTableResponse,
            () => BookTable.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<BookImportRequest, BookImportResponse>(
            "book-import",
            "Lines of a table read into lines of the book, with those that can't be.",
            BookImport.Compute,
            () => ContractJson.Default.BookImportRequest,
            () => LeanJson.BookImportResponse,
            () => BookImport.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<LearnRequest, LearnResponse>(
            "learn",
            "Planned against lived, and what the book proposes.",
            Learn.Compute,
            () => ContractJson.Default.LearnRequest,
            () => AnswerJson.Default.LearnResponse,
            () => Learn.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<LookBackRequest, LookBackResponse>(
            "look-back",
            "Which agents could fit an illness, and which water fell short for them.",
            LookBack.Compute,
            () => ContractJson.Default.LookBackRequest,
            () => AnswerJson.Default.LookBackResponse,
            () => LookBack.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<WatchRequest, WatchResponse>(
            "body-watch",
            "A walker's deficit through the day, and what to drink by the clock.",
            BodyWatch.Compute,
            () => ContractJson.Default.WatchRequest,
            () => AnswerJson.Default.WatchResponse,
            () => BodyWatch.Fields
        ),
        new Calculation<DaysWalkRequest, DaysWalkResponse>(
            "days-walk",
            "When a day is walked, and in what air: by the log, else by the trip's plan.",
            DaysWalk.Compute,
            () => ContractJson.Default.DaysWalkRequest,
            () => AnswerJson.Default.DaysWalkResponse,
            () => DaysWalk.Fields
        ),
        new Calculation<PartyWatchRequest, PartyWatchResponse>(
            "party-watch",
            "Everybody's water through the day, the weakest first, and whose signs to look for.",
            PartyWatch.Compute,
            () => ContractJson.Default.PartyWatchRequest,
            () => AnswerJson.Default.PartyWatchResponse,
            () => []
        ),
        new Calculation<SipsRequest, SipsResponse>(
            "sips",
            "When to drink from what can't be seen, by litres.",
            SipClock.Compute,
            () => ContractJson.Default.SipsRequest,
            () => AnswerJson.Default.SipsResponse,
            () => SipClock.Fields
        ),
        new Calculation<WordsRequest, WordsResponse>(
            "words",
            "The words of the field, and the questions on which practitioners disagree.",
            WordList.Compute,
            () => ContractJson.Default.WordsRequest,
            () => AnswerJson.Default.WordsResponse,
            () => []
        ),
        new Calculation<BatchProgressRequest, BatchProgressResponse>(
            "batch-progress",
            "Where a running batch stands, from its steps, its taps and the time now.",
            BatchProgress.Compute,
            () => ContractJson.Default.BatchProgressRequest,
            () => AnswerJson.Default.BatchProgressResponse,
            () => BatchFields.All
        ),
        new Calculation<TopUpRequest, TopUpResponse>(
            "top-up",
            "What raw water added to a dosed container asks for: its dose, and the wait anew for all of it.",
            TopUp.Compute,
            () => ContractJson.Default.TopUpRequest,
            () => AnswerJson.Default.TopUpResponse,
            () => TopUp.Fields
        ),
        new Calculation<DeviceClockRequest, DeviceClockResponse>(
            "device-clock",
            "Whether a device's clock can be trusted, from what it has shown and what the server showed.",
            DeviceClock.Compute,
            () => ContractJson.Default.DeviceClockRequest,
            () => AnswerJson.Default.DeviceClockResponse,
            () => DeviceClockRequest.Fields
        ),
        new Calculation<BackupFile, BackupCheckResponse>(
            "backup-check",
            "Whether every record of a backup can be kept, and what it holds.",
            CheckBackup.Compute,
            () => ContractJson.Default.BackupFile,
            () => AnswerJson.Default.BackupCheckResponse,
            () => BackupFile.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<SweatRequest, SweatResponse>(
            "sweat",
            "What a walker loses and should drink: prediction, personal factor from tests, how sure.",
            Sweat.Compute,
            () => ContractJson.Default.SweatRequest,
            () => AnswerJson.Default.SweatResponse,
            () => Sweat.Fields
        ),
        new Calculation<LegsRequest, ReadRoute>(
            "legs",
            "Ground made from legs typed by hand.",
            ReadLegs.Compute,
            () => ContractJson.Default.LegsRequest,
            () => AnswerJson.Default.ReadRoute,
            () => ReadLegs.Fields
        ),
        new Calculation<TripRoute, RouteLineResponse>(
            "route-line",
            "A route's kept line written out as points.",
            RouteLine.Compute,
            () => ContractJson.Default.TripRoute,
            () => AnswerJson.Default.RouteLineResponse,
            () => TripRoute.Fields
        ),
        new Calculation<RoutePlacesRequest, RoutePlacesResponse>(
            "route-places",
            "Where along a kept route places lie, and how far off it.",
            RoutePlaces.Compute,
            () => ContractJson.Default.RoutePlacesRequest,
            () => AnswerJson.Default.RoutePlacesResponse,
            () => RoutePlaces.Fields
        ),
        new Calculation<PlanRequest, PlanResponse>(
            "plan",
            "Where to fill and how much to carry along a route, and what fixes what does not fit.",
            (request, cancellation) => Plan.Compute(request, cancellation),
            () => ContractJson.Default.PlanRequest,
            () => AnswerJson.Default.PlanResponse,
            () => Plan.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<PlanRequest, LighterResponse>(
            "lighter",
            "What would make a trip lighter: an earlier start, a rest, another camp, each with its price.",
            Lighter.Compute,
            () => ContractJson.Default.PlanRequest,
            () => AnswerJson.Default.LighterResponse,
            () => Lighter.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<PlanRequest, CarryWaysResponse>(
            "carry-ways",
            "Ways of carrying water on the body, scored for a trip: hand, belt, vest, bladder, pack.",
            CarryWays.Compute,
            () => ContractJson.Default.PlanRequest,
            () => AnswerJson.Default.CarryWaysResponse,
            () => CarryWays.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<LapsRequest, LapsResponse>(
            "laps",
            "A round gone several times, laid end to end.",
            Laps.Compute,
            () => ContractJson.Default.LapsRequest,
            () => AnswerJson.Default.LapsResponse,
            () => Laps.Fields
        ),
        new Calculation<FromHereRequest, FromHereResponse>(
            "from-here",
            "On the walk: stop or walk by, how much into which bottles, the next water, how far one may go and still turn back.",
            FromHere.Compute,
            () => ContractJson.Default.FromHereRequest,
            () => AnswerJson.Default.FromHereResponse,
            () => FromHere.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<HowSureRequest, HowSureResponse>(
            "how-sure",
            "The plan walked many times with sweat, pace, weather and sources drawn at random.",
            (request, cancellation) => HowSure.Compute(request, cancellation),
            () => ContractJson.Default.HowSureRequest,
            () => AnswerJson.Default.HowSureResponse,
            () => HowSure.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<TriageRequest, TriageResponse>(
            "water-short",
            "Where a party stands with water: on, back or stay, the stage of the triage, the one thing to do.",
            Triage.Compute,
            () => ContractJson.Default.TriageRequest,
            () => AnswerJson.Default.TriageResponse,
            () => Triage.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<MakeRequest, MakeResponse>(
            "make-water",
            "Every way of making water at a place: what it yields, what the work costs, whether it pays.",
            MakeWater.Compute,
            () => ContractJson.Default.MakeRequest,
            () => AnswerJson.Default.MakeResponse,
            () => MakeWater.Fields
        ),
        new Calculation<SearchRequest, SearchResponse>(
            "search-water",
            "Where to look for water first on this ground, what a look costs, and when to stop.",
            SearchWater.Compute,
            () => ContractJson.Default.SearchRequest,
            () => AnswerJson.Default.SearchResponse,
            () => SearchWater.Fields
        ),
        new Calculation<MakeshiftRequest, MakeshiftResponse>(
            "makeshift",
            "Filters, siphons and vessels made of what lies about, each in build order with its check.",
            MakeshiftCards.Compute,
            () => ContractJson.Default.MakeshiftRequest,
            () => ContractJson.Default.MakeshiftResponse,
            () => MakeshiftCards.Fields
        ),
        new Calculation<CallRequest, CallResponse>(
            "call-for-help",
            "The text of a call for help: where, who, how much water is left.",
            CallForHelp.Compute,
            () => ContractJson.Default.CallRequest,
            () => AnswerJson.Default.CallResponse,
            () => CallForHelp.Fields
        ),
        new Calculation<DrillRequest, DrillResponse>(
            "drill",
            "A seeded scene, the decisions it asks for, and what they come to.",
            Drill.Compute,
            () => ContractJson.Default.DrillRequest,
            () => AnswerJson.Default.DrillResponse,
            () => Drill.Fields
        )
        {
            IsLong = true,
        },
        new Calculation<QuizRequest, QuizResponse>(
            "quiz",
            "A question on doses and waits with a trap in it, and whether the answer would do.",
            Quiz.Compute,
            () => ContractJson.Default.QuizRequest,
            () => AnswerJson.Default.QuizResponse,
            () => Quiz.Fields
        ),
        new Calculation<ProgressRequest, ProgressResponse>(
            "drill-progress",
            "How a learner stands, and what to do next.",
            Progress.Compute,
            () => ContractJson.Default.ProgressRequest,
            () => AnswerJson.Default.ProgressResponse,
            () => Progress.Fields
        ),
    ];

    /// <summary>Runs a calculation by name on a JSON request. Never throws for bad input or an unknown name.</summary>
    public static CalculationOutcome Run(string name, string json, CancellationToken cancellation = default) =>
        All.FirstOrDefault(c => c.Name == name) is { } calculation
            ? calculation.Run(json, cancellation)
            : CalculationOutcome.Of(Problem.UnknownCalculation(name, All.Select(c => c.Name)));
}
