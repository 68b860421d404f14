using CsCheck;
using JollyBrook.Core.Carry;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Bare carrying problems: a leg between each two stops, some of them a camp's night.</summary>
internal static class Problems
{
    /// <summary>To three decimals: a general solver stumbles over figures of 1e-50.</summary>
    private static Gen<double> Between(double low, double high) => Gen.Int[(int)(low * 1000), (int)(high * 1000)].Select(n => n / 1000.0);

    private static readonly Gen<(
        double Use,
        double Effort,
        bool Camp,
        double Capacity,
        double Drink,
        double Stop,
        double PerL,
        double WaitNeed,
        double Wait,
        double Detour
    )> Leg =
        from use in Between(0.2, 3)
        from effort in Between(0.5, 12)
        from camp in Gen.Int[0, 9]
        from capacity in Between(2, 7)
        from drink in Between(0, 1)
        from stop in Between(0, 30)
        from perL in Between(0, 3)
        from waits in Gen.Int[0, 2]
        from need in Between(0.1, 1.5)
        from wait in Between(5, 60)
        from detour in Between(0, 0.3)
        select (
            use,
            effort,
            camp == 0,
            capacity,
            Math.Round(drink * use * 0.9, 3),
            stop,
            perL,
            waits == 0 ? need : 0,
            waits == 0 ? wait : 0,
            detour
        );

    public static readonly Gen<CarryProblem> Any =
        from legs in Leg.Array[2, 9]
        from reserve in Between(0, 1.2)
        from lambda in Between(0, 0.6)
        select Of(legs, reserve, lambda);

    private static CarryProblem Of(
        (
            double Use,
            double Effort,
            bool Camp,
            double Capacity,
            double Drink,
            double Stop,
            double PerL,
            double WaitNeed,
            double Wait,
            double Detour
        )[] legs,
        double reserve,
        double lambda
    )
    {
        var (use, effort, area) = (new double[legs.Length + 1], new double[legs.Length + 1], new double[legs.Length + 1]);
        List<CarryStop> stops = [];
        for (var i = 0; i < legs.Length; i++)
        {
            var leg = legs[i];
            var q = leg.Camp ? 0 : leg.Effort;
            area[i + 1] = area[i] + ((use[i] + (leg.Use / 2)) * q);
            use[i + 1] = use[i] + leg.Use;
            effort[i + 1] = effort[i] + q;
            stops.Add(
                i == 0
                    ? new CarryStop(0, leg.Capacity)
                    : new CarryStop(
                        i,
                        leg.Capacity,
                        leg.Camp ? 0 : leg.Drink,
                        leg.Stop,
                        leg.PerL,
                        leg.Camp ? 0 : leg.WaitNeed,
                        leg.Camp ? 0 : leg.Wait,
                        leg.Camp ? 0 : leg.Detour,
                        leg.Camp ? leg.Use : 0
                    )
            );
        }

        stops.Add(new CarryStop(legs.Length, 0));
        return new CarryProblem(use, effort, area, stops, reserve, lambda);
    }
}
