using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Barriers;

/// <summary>Why no dose is given.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<RefusalCode>))]
public enum RefusalCode
{
    /// <summary>No treatment makes this water fit to drink.</summary>
    DoNotUse,

    /// <summary>Organisms sit inside the particles.</summary>
    Muddy,

    /// <summary>Nothing here clears it far enough.</summary>
    NotCleared,

    /// <summary>Light does not get through.</summary>
    TooCloudyForLight,

    /// <summary>The water uses up the whole dose, or nearly.</summary>
    NoResidual,

    /// <summary>One tablet or drop is more than twice the clear-water dose in so little water.</summary>
    TooStrong,

    /// <summary>Past the date on the pack.</summary>
    PastDate,

    /// <summary>The date on the pack was not read.</summary>
    DateUnknown,

    /// <summary>Over a year since the pack date of household bleach.</summary>
    BleachTooOld,

    /// <summary>The pack date of household bleach was not read.</summary>
    BleachAgeUnknown,

    /// <summary>Permanganate, which nobody can dose by eye.</summary>
    Permanganate,

    /// <summary>Frozen, broken, used up or unknown.</summary>
    FilterNotCounted,

    /// <summary>The lamp's battery does not last for the cycles wanted.</summary>
    BatteryFlat,

    /// <summary>The sun does not do it here and today.</summary>
    NotHereToday,

    /// <summary>Held below the boil without a thermometer.</summary>
    NoThermometer,

    /// <summary>The pot would be empty before the time is up.</summary>
    BoilsDry,

    /// <summary>Less fuel than it takes.</summary>
    FuelShort,
}
