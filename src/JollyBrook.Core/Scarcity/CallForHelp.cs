using System.Globalization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity;

/// <summary>What a call for help should say.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="LatitudeDeg">North positive, −90 to 90.</param>
/// <param name="LongitudeDeg">East positive, −180 to 180.</param>
/// <param name="AccuracyM">How good the position is, m.</param>
/// <param name="Where">The place in words, at most 400 characters.</param>
/// <param name="People">How many, 1 to 40.</param>
/// <param name="InHandL">Water left, L.</param>
/// <param name="RestLPerH">Need at rest, whole party, L/h.</param>
/// <param name="Signs">How the body shows it.</param>
/// <param name="Note">Injuries, illness, gear, plan; at most 400 characters.</param>
/// <param name="Contact">Who to tell, and how; at most 200 characters.</param>
/// <param name="Now">The time, with its offset.</param>
public sealed record CallRequest(
    UnitSystem? Units,
    double? LatitudeDeg = null,
    double? LongitudeDeg = null,
    double? AccuracyM = null,
    string? Where = null,
    double? People = null,
    double? InHandL = null,
    double? RestLPerH = null,
    BodySigns? Signs = null,
    string? Note = null,
    string? Contact = null,
    DateTimeOffset? Now = null
);

/// <summary>The text to send or read out.</summary>
/// <param name="Text">All of it, a line for each fact.</param>
/// <param name="Missing">What would make it better.</param>
/// <param name="Reminders">What to do beside sending it.</param>
public sealed record CallResponse(string Text, IReadOnlyList<string> Missing, IReadOnlyList<string> Reminders);

/// <summary>The calculation "call-for-help".</summary>
public static class CallForHelp
{
    private const int LongText = 400;
    private const int ShortText = 200;

    private static readonly NumberField Latitude = new("latitudeDeg", "Latitude", Quantity.Angle, -90, 90, "Degrees, north above 0.");
    private static readonly NumberField Longitude = new("longitudeDeg", "Longitude", Quantity.Angle, -180, 180, "Degrees, east above 0.");
    private static readonly NumberField Accuracy = new(
        "accuracyM",
        "Accuracy of the position",
        Quantity.Elevation,
        0,
        1e6,
        "Take it from the device."
    );
    private static readonly ChoiceField Where = new("where", "Place", [$"up to {LongText} characters"]);
    private static readonly ChoiceField Note = new("note", "Note", [$"up to {LongText} characters"]);
    private static readonly ChoiceField Contact = new("contact", "Emergency contact", [$"up to {ShortText} characters"]);
    private static readonly InstantField Now = new("now", "The time now");
    private static readonly NumberField Rest = new(
        "restLPerH",
        "Need at rest",
        Quantity.Volume,
        0,
        40,
        "Take it from where you stand with water."
    );

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields =>
        [
            Latitude,
            Longitude,
            Accuracy,
            Where,
            Note,
            Contact,
            Now,
            Rest,
            TriageFields.People,
            TriageFields.InHand,
            ChoiceField.Of<BodySigns>("signs", "Signs"),
        ];

    /// <exception cref="BadInputException">A field is out of its range.</exception>
    public static CallResponse Compute(CallRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Optional(Latitude, request.LatitudeDeg);
        intake.Optional(Longitude, request.LongitudeDeg);
        intake.Optional(Accuracy, request.AccuracyM);
        intake.Optional(TriageFields.People, request.People);
        intake.Optional(TriageFields.InHand, request.InHandL);
        intake.Optional(Rest, request.RestLPerH);
        foreach (
            var (field, text, most) in new[]
            {
                (Where, request.Where, LongText),
                (Note, request.Note, LongText),
                (Contact, request.Contact, ShortText),
            }
        )
        {
            if (text?.Length > most)
            {
                intake.Refuse(field, $"{field.Label} must be up to {most} characters; this has {text.Length}. Say the most needed first.");
            }
        }

        intake.ThrowIfWrong();
        return new CallResponse(
            string.Join('\n', Lines(request, intake.Say)),
            [.. Missing(request)],
            [
                "Call first if there is any signal; a text may get out where a call does not. Try from higher ground, if it is safe.",
                "Six signals in a minute, a minute’s pause, again: whistle, light or mirror.",
                "Stay where you said you are, in shade or shelter, and be seen: spread out something bright.",
            ]
        );
    }

    private static IEnumerable<string> Lines(CallRequest request, Speaker say)
    {
        yield return "We need help: short of water.";
        if (request is { LatitudeDeg: { } latitude, LongitudeDeg: { } longitude })
        {
            var within = request.AccuracyM is { } m ? $", to within {say.Of(Quantity.Elevation, m)}" : "";
            yield return $"Position (WGS 84): {Degrees(latitude)}, {Degrees(longitude)}{within}.";
        }

        if (!string.IsNullOrWhiteSpace(request.Where))
        {
            yield return $"Place: {request.Where.Trim()}.";
        }

        if (request.Now is { } now)
        {
            yield return $"Time: {now.ToString("yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture)} (UTC{now.ToString("zzz", CultureInfo.InvariantCulture)}).";
        }

        if (request.People is { } people)
        {
            yield return $"People: {Speaker.Number(people, 0)}.";
        }

        if (request.InHandL is { } litres)
        {
            var lasts = request.RestLPerH is > 0 and var rest
                ? $"; at rest it lasts {Speaker.Minutes(Math.Floor(litres / rest * 60))}"
                : "";
            yield return litres <= 0 ? "Water: none left." : $"Water: {say.Of(Quantity.Volume, litres)} left{lasts}.";
        }

        if (request.Signs is BodySigns.Grave)
        {
            yield return "State: dizzy, faint, confused or no urine for 8 h. Emergency.";
        }
        else if (request.Signs is BodySigns.Thirsty)
        {
            yield return "State: thirsty, little dark urine, headache; can walk.";
        }

        if (!string.IsNullOrWhiteSpace(request.Note))
        {
            yield return request.Note.Trim();
        }

        if (!string.IsNullOrWhiteSpace(request.Contact))
        {
            yield return $"Please tell: {request.Contact.Trim()}.";
        }
    }

    private static IEnumerable<string> Missing(CallRequest request)
    {
        if (request.LatitudeDeg is null || request.LongitudeDeg is null)
        {
            yield return string.IsNullOrWhiteSpace(request.Where)
                ? "Where you are: the position, or the place in words."
                : "The position, if a device can give it.";
        }

        if (request.People is null)
        {
            yield return "How many you are.";
        }

        if (string.IsNullOrWhiteSpace(request.Contact))
        {
            yield return "Who should be told: your emergency contact.";
        }
    }

    /// <summary>Five decimals are about a metre.</summary>
    private static string Degrees(double degrees) => degrees.ToString("0.00000", CultureInfo.InvariantCulture).Replace('-', '−');
}
