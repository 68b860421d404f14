using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body.Sips;

/// <summary>
/// The calculation "sips": when to drink from what can't be seen, by litres (handbook room 70). What its drinker has lost since the level
/// was last known, less what they drank from elsewhere, should have gone out of it; a reminder is due with every few mouthfuls of that.
/// </summary>
public static class SipClock
{
    /// <summary>A reminder's worth, L: a few mouthfuls (pick).</summary>
    public const double ReminderL = StateAdvice.SipL;

    /// <summary>The rate now is what is lost in the next minutes.</summary>
    private const double AheadMinutes = 15;

    private static readonly InstantField NowField = new("now", "The time now");
    private static readonly NumberField Litres = new("hidden.litres", "In it", Quantity.Volume, 0, 200, "Give what the log says is in it.");
    private static readonly InstantField SinceField = new("hidden.since", "When its level was last known");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [NowField, Litres, SinceField];

    /// <exception cref="BadInputException">A field is missing or out of its range. A walker whose details are not enough is passed
    /// over.</exception>
    public static SipsResponse Compute(SipsRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(NowField, request.Now);
        foreach (var hidden in request.Hidden ?? [])
        {
            intake.Required(Litres, hidden.Litres);
            intake.Present(SinceField, hidden.Since);
        }

        intake.ThrowIfWrong();
        var now = request.Now!.Value;
        var drinkers = (request.Members ?? []).Select(m => Drinker.Of(m, now)).OfType<Drinker>().ToList();
        return new SipsResponse([
            .. (request.Hidden ?? [])
                .Where(h => h.Litres > 0 && drinkers.Count > 0)
                .Select(h => Reminder(h, drinkers, now, intake.Say))
                .OrderByDescending(r => r.IsDue)
                .ThenBy(r => r.NextAt)
                .ThenBy(r => r.ContainerId),
        ]);
    }

    private static SipReminder Reminder(HiddenWater hidden, IReadOnlyList<Drinker> drinkers, DateTimeOffset now, Speaker say)
    {
        var (name, litres, since) = (
            hidden.Name is { Length: > 0 } given ? given : "What can’t be seen",
            hidden.Litres!.Value,
            hidden.Since!.Value
        );
        var drinker = (hidden.DrinkerId is { } id ? drinkers.FirstOrDefault(d => d.Id == id) : null)
            ?? drinkers.MaxBy(d => (d.Lost(since), d.LPerH))!;
        var shouldL = Math.Min(litres, Math.Max(0, drinker.Lost(since) - drinker.DrunkElsewhere(since)));
        var worth = Math.Min(ReminderL, litres);
        var dueL = Math.Floor((shouldL / Sip.MouthfulL) + 1e-9) * Sip.MouthfulL;
        var rate = drinker.LPerH;
        DateTimeOffset At(double l) => now.AddHours((l - shouldL) / rate);
        if (drinker.HasTooMuch)
        {
            return new SipReminder(
                ContainerId: hidden.Id,
                WalkerId: hidden.DrinkerId,
                Headline: $"{name}: none of it now",
                Words: "More was drunk than lost.",
                DueL: 0,
                IsDue: false,
                NextAt: now.AddMinutes(AheadMinutes),
                EmptyAt: null
            );
        }

        if (rate <= 0)
        {
            return new SipReminder(
                ContainerId: hidden.Id,
                WalkerId: hidden.DrinkerId,
                Headline: $"{name}: drink as you like",
                Words: "Its level can’t be seen.",
                DueL: dueL,
                IsDue: false,
                NextAt: now.AddMinutes(AheadMinutes),
                EmptyAt: null
            );
        }

        var sip = Sip.Of(rate);
        var isDue = shouldL >= worth - 1e-9;
        return new SipReminder(
            ContainerId: hidden.Id,
            WalkerId: hidden.DrinkerId,
            Headline: isDue
                ? shouldL >= litres - 1e-9
                    ? $"{name}: should be empty by now"
                    : $"{name}: {say.Of(Quantity.Volume, dueL)} should be drunk by now"
                : $"{name}: a sip every {Speaker.Minutes(sip.EveryMinutes)}",
            Words: Words(sip, rate, litres - shouldL, isDue, say),
            DueL: dueL,
            IsDue: isDue,
            NextAt: isDue ? now : At(worth),
            EmptyAt: At(litres)
        );
    }

    private static string Words(Sip sip, double rateLPerH, double leftL, bool isDue, Speaker say)
    {
        var often = isDue ? $" every {Speaker.Minutes(sip.EveryMinutes)}" : " a sip";
        var rate = $"Its level can’t be seen: about {say.Of(Quantity.Volume, sip.Litres)}{often}.";
        return leftL <= 1e-9
            ? $"{rate} Drink what is left, look, and tap how much was gone."
            : $"{rate} The rest lasts {Speaker.Minutes(leftL / rateLPerH * 60)}.{(isDue ? " Drink now, then tap how much is gone." : "")}";
    }

    /// <summary>Somebody who drinks, as far as their day is known.</summary>
    private sealed class Drinker
    {
        private readonly WatchRequest _day;
        private readonly DateTimeOffset _now;
        private readonly Func<DateTimeOffset, double> _lostBy;

        private Drinker(Guid? id, WatchRequest day, DateTimeOffset now, bool hasTooMuch)
        {
            (Id, _day, _now, HasTooMuch, _lostBy) = (id, day, now, hasTooMuch, BodyWatch.LostBy(day));
            LPerH = Math.Min(SignCheck.MostDrunkLPerH, (_lostBy(now.AddMinutes(AheadMinutes)) - _lostBy(now)) / AheadMinutes * 60);
        }

        public Guid? Id { get; }

        public bool HasTooMuch { get; }

        /// <summary>What they lose now, L/h; never more than may be drunk in an hour.</summary>
        public double LPerH { get; }

        public static Drinker? Of(PartyMember member, DateTimeOffset now)
        {
            if (member.Day is not { } day)
            {
                return null;
            }

            try
            {
                return new Drinker(member.Id, day, now, BodyWatch.Compute(day).State == WaterState.TooMuch);
            }
            catch (BadInputException)
            {
                return null;
            }
        }

        public double Lost(DateTimeOffset since) =>
            Math.Min(SignCheck.MostDrunkLPerH * Math.Max(0, (_now - since).TotalHours), Math.Max(0, _lostBy(_now) - _lostBy(since)));

        public double DrunkElsewhere(DateTimeOffset since) =>
            (_day.Drinks ?? []).Where(d => d.At > since && d.At <= _now).Sum(d => d.Litres ?? 0);
    }
}
