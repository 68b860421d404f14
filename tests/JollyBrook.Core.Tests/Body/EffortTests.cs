using CsCheck;
using JollyBrook.Core.Body;

namespace JollyBrook.Core.Tests.Body;

/// <summary>One effort told over another: what is told counts, what is not stays.</summary>
public sealed class EffortTests
{
    private static readonly Gen<Effort> Any =
        from numbers in Gen.Double[-20, 40].Nullable().Array[6]
        from sun in Gen.Enum<SunLoad>().Nullable()
        from ground in Gen.Enum<Terrain>().Nullable()
        from running in Gen.Bool.Nullable()
        select new Effort(
            TemperatureC: numbers[0],
            HumidityPercent: numbers[1],
            Sun: sun,
            SpeedKmH: numbers[2],
            GradePercent: numbers[3],
            Terrain: ground,
            ElevationM: numbers[4],
            Running: running,
            WindMs: numbers[5]
        );

    [Fact]
    public void What_is_told_counts_and_what_is_not_stays() =>
        Gen.Select(Any, Any)
            .Sample(
                (own, told) =>
                {
                    var both = own.With(told);
                    foreach (var property in typeof(Effort).GetProperties().Where(p => p.CanWrite))
                    {
                        property.GetValue(both).ShouldBe(property.GetValue(told) ?? property.GetValue(own), property.Name);
                    }
                }
            );

    [Fact]
    public void Nothing_told_changes_nothing() =>
        Any.Sample(own =>
        {
            own.With(null).ShouldBe(own);
            own.With(new Effort()).ShouldBe(own);
        });

    /// <summary>Faster than 8 km/h nobody walks; slower is run only where somebody says so.</summary>
    [Theory]
    [InlineData(5.0, null, false)]
    [InlineData(5.0, true, true)]
    [InlineData(20.0, null, true)]
    [InlineData(20.0, false, true)]
    public void Running_is_told_or_seen_by_the_pace(double kmh, bool? told, bool runs) =>
        (Effort.Default with { SpeedKmH = kmh, Running = told }).IsRunning.ShouldBe(runs);
}
