using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Barriers;

/// <summary>Day, sun and dark around a treatment, and what counts where they are not told.</summary>
public sealed class BarrierSettingTests
{
    private static readonly DateTimeOffset Evening = new(2026, 8, 21, 23, 30, 0, TimeSpan.FromHours(1));
    private static readonly SkyInput Ridge = new(LatitudeDeg: 38.5, LongitudeDeg: -28.6);

    private static BarrierSetting At(DateTimeOffset? now, SkyInput? sky = null, params object[] choices) =>
        new(new Intake(Speaker.Metric), LogTarget.Full, new ContainerInput(), sky ?? new SkyInput(), now, choices);

    /// <summary>The day where the water is: half past eleven at night there is half past ten by Greenwich, the same day either way.</summary>
    [Fact]
    public void Today_is_the_sky_s_own_day_else_the_start_s_where_it_is_begun()
    {
        At(Evening).Today.ShouldBe(new DateOnly(2026, 8, 21));
        At(Evening.AddHours(1)).Today.ShouldBe(new DateOnly(2026, 8, 22));
        At(Evening, new SkyInput(Date: new DateOnly(2026, 6, 1))).Today.ShouldBe(new DateOnly(2026, 6, 1));
        At(null).Today.ShouldBeNull();
    }

    [Fact]
    public void The_sun_is_reckoned_where_start_latitude_and_longitude_are_told_and_only_there()
    {
        At(Evening, Ridge).SunFrom(45).ShouldBe((Evening.AddMinutes(45), 38.5, -28.6));
        At(null, Ridge).SunFrom(45).ShouldBeNull();
        At(Evening, Ridge with { LatitudeDeg = null }).SunFrom(45).ShouldBeNull();
        At(Evening, Ridge with { LongitudeDeg = null }).SunFrom(45).ShouldBeNull();
    }

    /// <summary>At 38.5° north in August the sun is down at half past eleven, and up at noon. Not told: as if in the sun, which fades more.</summary>
    [Fact]
    public void Dark_lasts_until_sunrise_and_counts_for_nothing_where_it_cannot_be_told()
    {
        At(Evening, Ridge).DarkMinutes(0).ShouldBeInRange(6 * 60, 9 * 60);
        At(Evening, Ridge).DarkMinutes(60).ShouldBe(At(Evening, Ridge).DarkMinutes(0) - 60, 1);
        At(Evening.AddHours(14), Ridge).DarkMinutes(0).ShouldBe(0);
        At(Evening).DarkMinutes(0).ShouldBe(0);
    }

    [Fact]
    public void A_room_gets_its_own_options_whatever_else_was_told()
    {
        var (boil, chemical) = (new BoilOptions(BoilSchool.LongBoil), Ask.InDateInShade);
        At(null, null, chemical, boil).Choice<BoilOptions>().ShouldBe(boil);
        At(null, null, boil, chemical).Choice<ChemicalOptions>().ShouldBe(chemical);
        At(null, null, boil).Choice<ChemicalOptions>().ShouldBeNull();
    }

    [Fact]
    public void Dark_is_never_negative_nor_longer_than_a_polar_night_is_looked_at() =>
        Gen.Select(Gen.Int[0, 525_600], Gen.Double[-90, 90], Gen.Double[-180, 180], Gen.Double[0, 3000])
            .Sample(
                (minute, latitude, longitude, on) =>
                    At(
                            new DateTimeOffset(2026, 1, 1, 0, 0, 0, TimeSpan.Zero).AddMinutes(minute),
                            new SkyInput(LatitudeDeg: latitude, LongitudeDeg: longitude)
                        )
                        .DarkMinutes(on)
                        .ShouldBeGreaterThanOrEqualTo(0)
            );
}
