using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry.Here;

/// <summary>
/// The calculation "from-here": the plan's own programme from where the party stands, with what it has (handbook room 70).
/// </summary>
public static class FromHere
{
    /// <summary>Further off the line than this is not on the walk, km (pick).</summary>
    public const double OffLineKm = 2;

    private const double NothingL = 0.05;

    private static readonly NumberField Along = new(
        "alongKm",
        "Where you stand",
        Quantity.Distance,
        0,
        5000,
        "Read it off the map, or let the place be found."
    );
    private static readonly NumberField InHand = new("inHandL", "Water in hand", Quantity.Volume, 0, 200, "Count what may be drunk.");
    private static readonly ChoiceField PlanField = new("plan", "Trip", ["a trip with a route"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [Along, InHand, PlanField, .. Plan.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range, or the place is at the finish.</exception>
    public static FromHereResponse Compute(FromHereRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var say = Speaker.For(request.Plan?.Units);
        var intake = new Intake(say);
        intake.Present(PlanField, request.Plan);
        var km = intake.Required(Along, request.AlongKm);
        var inHand = intake.Required(InHand, request.InHandL);
        intake.ThrowIfWrong();
        PlanSetup.Check(request.Plan!);
        if (km >= CutTrip.FurthestKm(request.Plan!.Route!))
        {
            intake.Refuse(
                Along,
                $"The trip ends at {say.Of(Quantity.Distance, request.Plan.Route!.LengthKm!.Value)}: there "
                    + "is nothing left to plan. Give a place before that."
            );
            intake.ThrowIfWrong();
        }

        return new Answer(request, CutTrip.Of(request.Plan, km, inHand), km, inHand, say).Make();
    }

    private sealed class Answer(FromHereRequest request, CutTrip cut, double km, double inHandL, Speaker say)
    {
        /// <summary>The rest of the trip solved. Told are its stops and its promise alone: the remedies would each plan it anew.</summary>
        private readonly PlanRun _rest = PlanRun.Of(cut.Request);

        public FromHereResponse Make()
        {
            var (setup, walk, treated) = _rest;
            var stops = new PlanStops(setup, walk, treated, say).All().Where(s => s.Kind is not StopKind.Start).Select(OnTheWhole).ToList();
            var here = stops
                .Where(s =>
                    s is { Chance: not null, Kind: StopKind.Source or StopKind.Camp }
                    && s.AlongKm <= km + CutTrip.HereKm
                    && s.Met != MeetingTime.Morning
                )
                .MaxBy(s => s.Planned);
            var next = Next(stops);
            var take = here is { Planned: true } ? here.TakeL : 0;
            var (bottles, noRoom) = Share(here is { Planned: true } ? here.LeaveL - inHandL : 0);
            var act =
                Missing() > 0 && take <= NothingL ? HereAct.TooLittle
                : here is null ? HereAct.WalkOn
                : here.Planned ? HereAct.Stop
                : HereAct.WalkBy;
            here = here is null ? null : here with { Name = NameOf(here) };
            return new FromHereResponse(
                Headline: Headline(act, here, next),
                Act: act,
                AlongKm: Math.Round(km, 3),
                Here: here,
                Assumed: here is { Chance: not null } && IsTakenAsRunning(here.Id)
                    ? $"{here.Name} is taken as running, since you stand at it. Say so if it is dry."
                    : null,
                Bottles: bottles,
                NoRoomL: noRoom,
                ReadyAt: here is { Planned: true, ReadyHour: { } ready } ? At(ready) : null,
                Next: next,
                TurnBack: new WayBackFromHere(request.Plan!, km, inHandL + Math.Max(0, take), say).Of(),
                Changes: new SincePlanned(request, km, inHandL, stops, say).Changes(),
                Ahead: stops,
                Promise: PlanPromise.Of(setup, walk, walk.Fills.Max(f => f.CarriedL), say),
                Cautions: Plan.Cautions(setup)
            );
        }

        /// <summary>
        /// Litres too few to reach the next planned water at the median without owing the bodies more than may be owed; the reserve is for
        /// that.
        /// </summary>
        private double Missing() =>
            _rest
                .Walk.Fills.Where(f => f.At.Kind == StopKind.Start && f.ShortL > 0)
                .Select(f => f.ShortL - _rest.Setup.ReserveL)
                .FirstOrDefault()
                is var missing
            && missing > _rest.Setup.DebtL
                ? missing
                : 0;

        private bool IsTakenAsRunning(string id) => SourceOf(id) is { } source && CutTrip.IsTakenAsRunning(source, km, request.Plan!.Now);

        /// <summary>A source's own name, whatever the time of day it is met at.</summary>
        private string NameOf(PlanStop stop) => SourceOf(stop.Id)?.Name ?? stop.Name;

        private Sources.TripSource? SourceOf(string id) => request.Plan!.Sources?.FirstOrDefault(s => s.Id == id)?.Source;

        private PlanStop OnTheWhole(PlanStop stop)
        {
            double? turnBack = stop.TurnBackKm is { } turn ? cut.OnWholeKm(turn) : null;
            return stop with
            {
                AlongKm = cut.OnWholeKm(stop.AlongKm),
                Day = stop.Day + cut.Day,
                TurnBackKm = turnBack,
                TurnBackWords = PlanStops.TurnBackWords(turnBack, say),
            };
        }

        private NextWater? Next(List<PlanStop> stops)
        {
            var next = stops.FirstOrDefault(s =>
                s is { Chance: not null, Kind: StopKind.Source } && s.AlongKm > km + CutTrip.HereKm && s.Met != MeetingTime.Morning
            );
            if (next is null)
            {
                return null;
            }

            var hours =
                next.ArriveHour
                - (_rest.Setup.Line.Timeline.Days[0].Day.StartHour ?? RouteDay.DefaultStartHour)
                + (24 * (next.Day - cut.Day));
            var onKm = next.AlongKm - km;
            var name = NameOf(next);
            return new NextWater(
                Id: next.Id,
                Name: name,
                AlongKm: next.AlongKm,
                OnKm: onKm,
                Hours: hours,
                Chance: next.Chance!.Value,
                InHandL: Math.Max(0, next.ArriveL),
                Words: $"{name}: {say.Of(Quantity.Distance, onKm)} on, {Speaker.Minutes(hours * 60)}, runs with "
                    + $"{Sources.SourceReliability.Percent(next.Chance.Value)} %"
            );
        }

        private string Headline(HereAct act, PlanStop? here, NextWater? next)
        {
            var there = next is null ? "the finish" : next.Name;
            return act switch
            {
                HereAct.Stop => $"Stop here: take {L(here!.TakeL)}",
                HereAct.WalkBy => $"Walk by: {InHand} in hand, on to {there}",
                HereAct.TooLittle => $"{InHand} in hand is {L(Missing())} too little to the next sure water",
                _ => $"On to {there} with {InHand}",
            };
        }

        /// <summary>Into the containers in the order given; what is over has no room.</summary>
        private (List<BottleFill> Bottles, double NoRoomL) Share(double litres)
        {
            List<BottleFill> bottles = [];
            var left = Math.Max(0, litres);
            foreach (var free in request.Free ?? [])
            {
                var into = Math.Min(left, free.RoomL ?? 0);
                if (into > NothingL)
                {
                    bottles.Add(new BottleFill(free.Id ?? "", free.Name ?? "", PlanStops.UpToCup(into)));
                    left -= into;
                }
            }

            return (bottles, left > NothingL ? left : 0);
        }

        private DateTimeOffset? At(double hour) =>
            request.Plan!.Now is { } now
                ? new DateTimeOffset(DateOnly.FromDateTime(now.DateTime), TimeOnly.MinValue, now.Offset).AddHours(hour)
                : null;

        /// <summary>As it is told wherever else it is: rounded up it would be more than there is.</summary>
        private string InHand => say.Of(Quantity.Volume, inHandL);

        private string L(double litres) => say.Of(Quantity.Volume, PlanStops.UpToCup(litres));
    }
}
