using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Carry;

/// <summary>How one fill is treated, by Treat's own engine.</summary>
/// <param name="Name">The chain and its dose.</param>
/// <param name="Minutes">From drawing to the first sip, min.</param>
/// <param name="HandsOnMinutes">Of it somebody's work, min.</param>
/// <param name="MeetsTarget">Whether it meets the target.</param>
internal sealed record TreatedFill(string Name, double Minutes, double HandsOnMinutes, bool MeetsTarget)
{
    /// <summary>Minutes that run by themselves.</summary>
    public double WaitMinutes => Math.Max(0, Minutes - HandsOnMinutes);
}

/// <summary>Asks Treat how so many litres of a source would be treated with the kit, and how long that takes. A plan prints no other time.</summary>
internal sealed class FillTreatment(PlanRequest request, GroundProfile ground)
{
    private readonly List<KitEntry> _kit = KitEntry.Carried(request.Kit);
    private readonly Dictionary<(string, double, int), TreatedFill?> _known = [];

    /// <summary>Whether there is a kit to ask about.</summary>
    public bool CanTell => _kit.Exists(e => e.Barriers.Any());

    /// <returns>Null without a kit, for water that is not to be used, or where nothing carried treats it.</returns>
    public TreatedFill? Of(Place place, double litres)
    {
        var key = (place.Id, Math.Round(litres, 2), place.Day);
        if (!_known.TryGetValue(key, out var found))
        {
            _known.Add(key, found = Work(place, Math.Clamp(litres, WaterFields.Volume.Min, WaterFields.Volume.Max)));
        }

        return found;
    }

    /// <summary>What Treat is asked.</summary>
    public TreatRequest Ask(Place place, double litres)
    {
        var source = place.Source!;
        return new TreatRequest(
            request.Units, new WaterInput(litres, source.Clarity, source.Colour, source.TemperatureC, Math.Clamp(ground.ElevationM[place.Step], -430, 9000)), null, request.CountViruses,
            Boil: BoilingPot.Options(BoilingPot.Of(_kit)), StartAt: request.DayOf(place.Day), Container: BatchContainer.Of(_kit), Kit: _kit);
    }

    private TreatedFill? Work(Place place, double litres)
    {
        if (!CanTell || place.Source is not { DoNotUse: not true })
        {
            return null;
        }

        var best = Chains.All(Situation.Of(Ask(place, litres)))
            .FirstOrDefault(c => c.Refusal is null && c.Minutes is not null && c.Barriers.All(b => b.CanBeFollowed && b.Id != Light.SunBarrier.GenericId));
        return best is null ? null : new TreatedFill($"{best.Name}, {Units.Sentence.Lower(best.Headline)}", Math.Ceiling(best.Minutes!.Value - 1e-9), best.HandsOnMinutes, best.ShortOf.Count == 0);
    }
}
