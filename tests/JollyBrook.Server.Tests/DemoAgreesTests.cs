using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Server.Tests;

/// <summary>Treat, Plan, Day and Kit check walked over the demo trip: what one says of a dose, a time or a litre, the others say.</summary>
public sealed class DemoAgreesTests : IDisposable
{
    private readonly RunningServer _server = new(demo: true);

    public void Dispose() => _server.Dispose();

    private async Task<PlanRequest> TripAsync()
    {
        List<JsonElement> records = [];
        foreach (var book in _server.Owner.About.GetProperty("books").EnumerateArray())
        {
            records.AddRange((await _server.Owner.ChangesAsync(book.GetProperty("id").GetGuid())).GetProperty("records").EnumerateArray());
        }

        return DemoPlan.Of(records);
    }

    /// <summary>Whichever source becomes a hair surer, the burden, its minutes counted, changes by less than a tenth.</summary>
    [Fact]
    public async Task There_is_no_cliff_where_a_source_of_the_trip_begins_to_be_trusted()
    {
        var request = await TripAsync();
        double Burden(string id, double chance)
        {
            var told = request.Sources!.Select(s => s.Id == id ? s with { Source = s.Source with { Chance = chance } } : s);
            var sure = HowSure.Compute(new HowSureRequest(request with { Sources = [.. told] }, 2_000, 1, Compare: false)).Policies[0];
            return sure.KgKm + (TripRoute.DefaultKgKmPerMinute * sure.StopMinutes);
        }

        var changes = request
            .Sources!.Where(s => s.Source.DoNotUse != true)
            .Select(s => (s.Source.Name, By: Burden(s.Id!, 0.96) / Burden(s.Id!, 0.94)))
            .ToList();
        changes.ShouldAllBe(c => c.By > 0.9 && c.By < 1.1);
    }

    [Fact]
    public async Task A_plans_treatment_is_treats_own()
    {
        var request = await TripAsync();
        var stops = Plan.Compute(request).Stops.Where(s => s is { Planned: true, Kind: StopKind.Source, ReadyHour: not null }).ToList();
        stops.ShouldNotBeEmpty();
        foreach (var stop in stops)
        {
            var source = request.Sources!.Single(s => s.Id == stop.Id).Source;
            // Meals and hot drinks go to the pot; the rest is measured up to the next 10 mL.
            var dosedL = Math.Ceiling(((stop.TakeL - stop.BoilL) * 100) - 1e-6) / 100;
            var chains = ChainList.Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    new WaterInput(dosedL, source.Clarity, source.Colour, source.TemperatureC, stop.ElevationM),
                    null,
                    true,
                    StartAt: request.DayOf(stop.Day),
                    Container: new(Opaque: true),
                    Kit: request.Kit,
                    Boil: new(Pot: Pot(request))
                )
            );
            var named = chains
                .Chains.Where(c => stop.TreatBy.StartsWith($"{c.Name}, ", StringComparison.Ordinal))
                .MaxBy(c => c.Name.Length)!;
            if (stop == stops[0])
            {
                // Later ones go through a filter that has had the water before.
                stop.TreatBy.ShouldStartWith($"{named.Name}, {char.ToLowerInvariant(named.Headline[0])}{named.Headline[1..]}");
            }

            named.Outcome.ShouldBe(TreatOutcome.Meets);
            if (!stop.Name.EndsWith(", morning", StringComparison.Ordinal))
            {
                ((stop.ReadyHour!.Value - stop.ArriveHour) * 60).ShouldBeGreaterThanOrEqualTo(
                    named.DrinkableMinutes!.Value - 0.1,
                    stop.Name
                );
            }
        }
    }

    [Fact]
    public async Task A_day_wants_what_its_plan_uses_and_doses_it_as_treat_does()
    {
        var request = await TripAsync();
        var plan = Plan.Compute(request);
        for (var day = 0; day < plan.Days.Count - 1; day++)
        {
            var (wants, kit, _, _, _, _) = CampDay.Compute(
                new CampDayRequest(UnitSystem.Metric, request with { OffsetsMinutes = [0] }, day)
            );
            // Drawn here is what the plan takes here, each of five wants up to the next quarter litre; what one came with is drunk first.
            var camp = plan.Stops.Single(s => s.Kind == StopKind.Camp && s.Day == day);
            var taken = plan.Stops.Where(s => s.Planned && Math.Abs(s.AlongKm - camp.AlongKm) < 0.05).Sum(s => s.TakeL);
            wants.Wants!.Sum(w => w.Litres!.Value).ShouldBeInRange(taken - 0.01, taken + 1.25);
            wants
                .Wants!.Where(w => w.WillBoil == true)
                .Sum(w => w.Litres!.Value)
                .ShouldBeInRange(plan.Days[day].BoilL - 1e-6, plan.Days[day].BoilL + 0.5);

            var answer = DaySchedule.Compute(
                new ScheduleRequest(
                    UnitSystem.Metric,
                    kit,
                    wants.Water,
                    wants.Sky,
                    wants.Wants,
                    wants.People,
                    wants.From,
                    wants.QuietFromHour,
                    wants.QuietToHour
                )
            );
            answer.Batches.ShouldNotBeEmpty();
            foreach (var batch in answer.Batches)
            {
                var treat = Treat.Compute(batch.Treat);
                (batch.Headline, batch.MeetsTarget).ShouldBe((treat.Headline, treat.Outcome == TreatOutcome.Meets), batch.Words);
                batch.Treat.Water!.VolumeL.ShouldBe(batch.VolumeL);
                // What cooks is wanted hot: it need not cool until somebody can drink it.
                var least =
                    wants.Wants!.Single(w => w.Id == batch.WantId).WillBoil == true
                        ? treat.Boil!.HeatMinutes + treat.Boil.HoldMinutes
                        : treat.DrinkableMinutes!.Value;
                (batch.ReadyAt - batch.StartAt).TotalMinutes.ShouldBeGreaterThanOrEqualTo(least - 1e-6, batch.Words);
                var holds = (request.Kit!.SingleOrDefault(e => e.Id == batch.ContainerId)?.Item as Container)?.VolumeL;
                (holds is null || batch.VolumeL <= holds + 1e-9).ShouldBeTrue(batch.Words);
            }

            foreach (var want in wants.Wants!)
            {
                answer
                    .Batches.Where(b => b.WantId == want.Id)
                    .Sum(b => b.VolumeL)
                    .ShouldBeGreaterThanOrEqualTo(want.Litres!.Value - 1e-6, want.Name);
            }
        }
    }

    [Fact]
    public async Task The_kit_check_counts_the_plans_litres_and_treats_doses()
    {
        var request = await TripAsync();
        var (plan, check) = (
            Plan.Compute(request),
            CheckKit.Compute(new KitCheckRequest(UnitSystem.Metric, request.Kit, request, Now: request.Now))
        );
        check.Trip.Litres.ShouldBe(plan.NeedL);
        check.Trip.MostCarriedL.ShouldBe(plan.MostCarriedL);
        check.Trip.CampL.ShouldBe(plan.Days.Max(d => d.CampL));
        foreach (var supply in plan.Supplies.Where(s => s.Used > 0))
        {
            check.Findings.Single(f => f.Number == 3).Figure.ShouldContain($"{supply.Name}: {supply.Words}");
        }

        (check.Trip.FirstDay, check.Trip.LastDay).ShouldBe((plan.Days[0].Date, plan.Days[^1].Date));
        var worst = check.Trip;
        var chains = ChainList
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    new WaterInput(2, worst.WorstClarity, worst.Colour, worst.ColdestWaterC, worst.HighestM),
                    null,
                    true,
                    Boil: new(Pot: Pot(request), LidOn: true),
                    StartAt: new DateTimeOffset(worst.LastDay!.Value, TimeOnly.MinValue, TimeSpan.Zero),
                    Container: new(Opaque: true),
                    Sky: new(worst.ColdestAirC),
                    Kit: request.Kit
                )
            )
            .Chains;
        check.Chains.ShouldNotBeEmpty();
        foreach (var chain in check.Chains.Where(c => c.Counts))
        {
            chains.Single(c => c.Id == chain.Id).Headline.ShouldBe(chain.Headline, chain.Name);
        }
    }

    private static Core.Boiling.PotInput Pot(PlanRequest request)
    {
        var pot = request.Kit!.Select(e => e.Item).OfType<CookingPot>().MaxBy(i => i.VolumeL)!;
        return new(pot.VolumeL, pot.MassKg, pot.Material);
    }
}
