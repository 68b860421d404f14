using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Carry;

/// <summary>A checked plan request laid out as a line, its places, and the bare problem over those that may be counted on.</summary>
internal sealed class PlanSetup
{
    /// <summary>Each walker arrives with so much at the median (handbook room 70), L.</summary>
    public const double ReserveLPerWalker = 0.25;

    /// <summary>Each walker carries so much where no container is named, L.</summary>
    public const double DefaultCapacityLPerWalker = 3;

    private static readonly NumberField OffsetField = new(
        "offsetsMinutes",
        "Offset from UTC",
        Quantity.Plain,
        -840,
        840,
        "The device gives it."
    );

    /// <summary>Pack off, bottles out, pack on again (pick): nobody stops at every trickle.</summary>
    private const double PackMinutes = 5;

    /// <summary>By place, not by its name: two waters may have one.</summary>
    private readonly Dictionary<(string Id, MeetingTime Met), TreatTime> _times = [];
    private readonly Dictionary<(Water.Clarity?, Water.WaterColour?, double, string?, bool, bool), TreatTime> _likely = [];
    private double? _needFactor;

    /// <param name="request">Checked.</param>
    public PlanSetup(PlanRequest request)
    {
        (Request, Route) = (request, request.Route!);
        Ground = Route.Ground();
        Party = new Party(request);
        Line = new CarryLine(request, Ground, Party);
        Treatment = new FillTreatment(request, Ground);
        CleanL = Route.Containers is { Count: > 0 } taken
            ? taken.Where(c => c.Role is not ContainerRole.Dirty).Sum(c => c.VolumeL!.Value)
            : DefaultCapacityLPerWalker * Party.Count;
        DirtyL = (Route.Containers ?? []).Where(c => c.Role == ContainerRole.Dirty).Sum(c => c.VolumeL!.Value);
        ReserveL = Route.ReserveL ?? (ReserveLPerWalker * Party.Count);
        DebtL = (Route.DebtShare ?? TripRoute.DefaultDebtShare) * Party.BodyKg;
        Counted = [.. Line.Places.Where(p => p.Kind is StopKind.Start or StopKind.Finish || p.Trusted)];
        Middle = ProblemOver(Counted);
    }

    /// <summary>Whether anybody still waits for the plan: looked at while its policy is searched for, which takes most of the time.</summary>
    public CancellationToken Cancellation { get; init; }

    public PlanRequest Request { get; }

    public TripRoute Route { get; }

    public GroundProfile Ground { get; }

    public Party Party { get; }

    public CarryLine Line { get; }

    public double CleanL { get; }

    /// <summary>What is in hand at a start without water, L; null where the start has water.</summary>
    public double? StartL => Request.StartL ?? Route.StartL;

    public double DirtyL { get; }

    public double ReserveL { get; }

    /// <summary>What may be owed to the bodies before anyone counts as short, L, the whole party.</summary>
    public double DebtL { get; }

    /// <summary>The places that are trusted: those behind the stops of <see cref="Middle"/>.</summary>
    public IReadOnlyList<Place> Counted { get; }

    /// <summary>The bare problem of the median, over what is trusted alone.</summary>
    public CarryProblem Middle { get; private set; }

    /// <summary>How fills are treated.</summary>
    public FillTreatment Treatment { get; }

    /// <summary>What the median need is multiplied by so that the share of walks that is wanted needs no more, by sweat and pace.</summary>
    public double NeedFactor => _needFactor ??= Certainty <= TripRoute.Middle ? 1 : WalkDraws.NeedFactor(Party.Spread(), Certainty);

    public double Certainty => Route.Certainty ?? TripRoute.DefaultCertainty;

    public double KgKmPerMinute => Route.KgKmPerMinute ?? TripRoute.DefaultKgKmPerMinute;

    /// <summary>Takes over the times of what a plan fills. Returns whether any became longer, so that the problem is another.</summary>
    public bool TreatAsFilled(PlannedWalk walk)
    {
        ArgumentNullException.ThrowIfNull(walk);
        var longer = false;
        var treatedWalk = TreatedWalk.Of(this, walk.Fills);
        foreach (var fill in walk.Fills)
        {
            var place = fill.Water;
            if (treatedWalk.Of(fill) is not { } treated)
            {
                continue;
            }

            var known = TimeOf(place);
            var next = known with
            {
                WaitMinutes = Math.Max(known.WaitMinutes, treated.WaitMinutes),
                HandsOnMinutes = Math.Max(known.HandsOnMinutes, treated.HandsOnMinutes - (known.HandsOnMinutesPerL * fill.TakenL)),
            };
            longer |= next.WaitMinutes > known.WaitMinutes + 0.5 || next.HandsOnMinutes > known.HandsOnMinutes + 0.5;
            _times[(place.Id, place.Met)] = next;
        }

        if (longer)
        {
            Middle = ProblemOver(Counted);
        }

        return longer;
    }

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(PlanRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Optional(TripRouteFields.StartWater, request.StartL);
        foreach (var offset in request.OffsetsMinutes ?? [])
        {
            intake.Required(OffsetField, offset);
            if (offset != Math.Floor(offset))
            {
                intake.Refuse(OffsetField, "Offset from UTC must be whole minutes. The device gives it.");
            }
        }

        TripRouteFields.Check(request.Route ?? new TripRoute(null, null, null, null), intake);
        foreach (var entry in (request.Sources ?? []).Concat(request.Neighbours ?? []))
        {
            entry.Source.Check(intake);
        }

        foreach (var entry in KitEntry.Carried(request.Kit))
        {
            entry.IsSound(intake);
        }

        foreach (var entry in request.Walkers ?? [])
        {
            entry.Walker.Check(intake);
        }

        foreach (var entry in request.Tests ?? [])
        {
            entry.Test.Check(intake);
        }

        intake.ThrowIfWrong();
    }

    private CarryProblem ProblemOver(IReadOnlyList<Place> places) =>
        new(Line.NeedL, Line.EffortKm, Line.NeedByEffort, [.. places.Select(Stop)], ReserveL, KgKmPerMinute);

    /// <summary>A place as the problem sees it.</summary>
    public CarryStop Stop(Place place)
    {
        if (place.Source is not { } source)
        {
            return new CarryStop(place.Point, place.Kind == StopKind.Start ? StartL ?? CleanL : CleanL);
        }

        // In the morning nobody walks off for it again: it was drawn the evening before.
        var detourH = place.IsMorning ? 0 : (source.DetourMinutes ?? 0) / 60;
        // At a camp the night is long enough for any wait; what is treated later is not drunk on the way.
        var known = TimeOf(place);
        var untold = !Treatment.CanTell && !source.NeedsNoTreatment;
        var wait =
            place.IsEvening || place.IsMorning || source.TreatLater == true
                ? 0
                : Math.Max(known.WaitMinutes, untold ? FillTreatment.UntoldWaitMinutes : 0);
        var handsOnPerL = Math.Max(known.HandsOnMinutesPerL, untold ? FillTreatment.UntoldHandsOnMinutesPerL : 0);
        var capacity = CleanL + (source.TreatLater == true ? DirtyL : 0);
        return new CarryStop(
            Point: place.Point,
            // What lies there, and what may still be in hand.
            CapacityL: Math.Min(capacity, source.CacheL is { } left ? left + ReserveL : capacity),
            DrinkL: (source.DrinkL ?? 0) + Line.RestL(place),
            // In camp the pack is off already.
            StopMinutes: (place.IsEvening || place.IsMorning ? 0 : PackMinutes) + (2 * 60 * detourH) + known.HandsOnMinutes,
            MinutesPerL: (1 / (source.LitresPerMinute ?? TripSource.DefaultLitresPerMinute)) + handsOnPerL,
            WaitNeedL: Line.UseWithin(place.Point, wait / 60),
            WaitMinutes: wait,
            DetourUseL: detourH * Line.UseLPerH(place.Point),
            OnTheSpotL: place.IsEvening ? CampL(place) : 0,
            HandsOnMinutes: known.HandsOnMinutes
        );
    }

    /// <summary>What treating at a source takes, as Treat says it.</summary>
    /// <param name="WaitMinutes">Running by itself.</param>
    /// <param name="HandsOnMinutes">Work that every batch asks.</param>
    /// <param name="HandsOnMinutesPerL">Work that each litre asks more.</param>
    private readonly record struct TreatTime(double WaitMinutes, double HandsOnMinutes, double HandsOnMinutesPerL);

    /// <summary>What was found for the litres filled there; before that, for a bottle and for a camp's litres of such water.</summary>
    private TreatTime TimeOf(Place place)
    {
        if (_times.TryGetValue((place.Id, place.Met), out var known))
        {
            return known;
        }

        var source = place.Source!;
        var water = (
            source.Clarity,
            source.Colour,
            source.TemperatureC ?? Math.Floor(Treatment.LikelyTemperatureC(place)),
            source.TreatWith,
            source.IsOutOfUse,
            source.NeedsNoTreatment
        );
        if (!_likely.TryGetValue(water, out var likely))
        {
            var (small, large) = (Treatment.Of(place, SmallL, 0, Treatment.Kit), Treatment.Of(place, LargeL, 0, Treatment.Kit));
            var (one, many) = (small ?? large, large ?? small);
            var perL = one is null ? 0 : Math.Max(0, (many!.HandsOnMinutes - one.HandsOnMinutes) / (LargeL - SmallL));
            _likely.Add(
                water,
                likely = one is null ? default : new TreatTime(one.WaitMinutes, Math.Max(0, one.HandsOnMinutes - (perL * SmallL)), perL)
            );
        }

        return likely;
    }

    private const double SmallL = 1;
    private const double LargeL = 5;

    private double CampL(Place evening) => Line.Timeline.CampL[evening.Day];
}
