namespace JollyBrook.StandIns;

/// <summary>Weighs a person.</summary>
public interface IBodyScale
{
    /// <summary>Kilograms now on the scale.</summary>
    /// <param name="person">Who stands on it.</param>
    /// <param name="litresLost">Since the first weighing.</param>
    double Weigh(string person, double litresLost);
}

/// <summary>A made-up scale: each name has its own steady mass, and a little less after a walk.</summary>
public sealed class SimulatedScale : IBodyScale
{
    /// <inheritdoc/>
    public double Weigh(string person, double litresLost)
    {
        ArgumentNullException.ThrowIfNull(person);
        var steady = person.Aggregate(17, (seed, letter) => unchecked((seed * 31) + letter));
        return Math.Round(58 + (Math.Abs(steady % 320) / 10.0) - litresLost, 2);
    }
}
