namespace JollyBrook.Core.Body;

/// <summary>What a body has to shed by sweat, what the air can take up, and the sweat that follows (handbook room 60).</summary>
/// <param name="RequiredWPerM2">E_req, W/m².</param>
/// <param name="MaximumWPerM2">E_max, W/m²; 0 where the air takes up nothing.</param>
/// <param name="BreathedWPerM2">E_res, shed by breathing, W/m².</param>
/// <param name="ComfortGPerM2H">Sweat of a body dressed to be comfortable, g·m⁻²·h⁻¹; at least 15.</param>
public readonly record struct HeatBalance(double RequiredWPerM2, double MaximumWPerM2, double BreathedWPerM2, double ComfortGPerM2H)
{
    /// <summary>Least sweat, g·m⁻²·h⁻¹.</summary>
    public const double FloorGPerM2H = 15;

    /// <summary>Heat of a body at rest, W/m²: one met.</summary>
    public const double RestWPerM2 = 58.15;

    private const double ComfortShare = 0.42;

    /// <summary>Heat that a gram of sweat carries off, W·h.</summary>
    public const double LatentWhPerG = 0.68;

    private const double SkinMmHg = 44.6;
    private const double SkinC = 36;

    /// <summary>m/s².</summary>
    internal const double Gravity = 9.81;

    /// <summary>DuBois: A = 0.007184·W^0.425·H^0.725, m².</summary>
    public static double SurfaceM2(double massKg, double heightCm) => 0.007184 * Math.Pow(massKg, 0.425) * Math.Pow(heightCm, 0.725);

    /// <summary>Work of climbing, W: m·g·S·G/100 uphill, none downhill.</summary>
    public static double ClimbWork(double totalKg, double speedMs, double gradePercent) =>
        gradePercent > 0 ? totalKg * Gravity * speedMs * gradePercent / 100 : 0;

    /// <summary>
    /// Fanger 1970, as in ISO 7730: 0.42·(M/A − climb work/A − 58.15) W/m², over 0.68 W·h/g; never below 15 g·m⁻²·h⁻¹. People dress to stay
    /// comfortable, so in cool air they sweat at least this.
    /// </summary>
    public static double ComfortSweat(double metabolicW, double climbW, double surfaceM2) =>
        Math.Max(FloorGPerM2H, ComfortShare * (((metabolicW - climbW) / surfaceM2) - RestWPerM2) / LatentWhPerG);

    /// <summary>
    /// E_req = (M − climb work)/A + 6.45·(T_op − 36)/clo_eff; E_max = 14.21·(im/clo)·(44.6 − P_a), mmHg; E_res = 0.0173·(M/A)·(5.87 − P_a),
    /// kPa.
    /// </summary>
    public static HeatBalance Of(double metabolicW, double climbW, double surfaceM2, Air air, ClothingResistance worn)
    {
        var vapour = air.VapourKPa;
        return new HeatBalance(
            ((metabolicW - climbW) / surfaceM2) + (6.45 * (air.OperativeC - SkinC) / (worn.Clo * air.ClothingShare)),
            Math.Max(0, 14.21 * worn.VapourPermeability * (SkinMmHg - (vapour * Air.MmHgPerKPa))),
            Math.Max(0, 0.0173 * metabolicW / surfaceM2 * (5.87 - vapour)),
            ComfortSweat(metabolicW, climbW, surfaceM2)
        );
    }

    /// <summary>
    /// Gonzalez 2009: 147 + 1.527·E_req − 0.87·E_max. Shapiro 1982: 27.9·E_req·E_max^−0.455, the high estimate. Both g·m⁻²·h⁻¹.
    /// </summary>
    public double EquationGPerM2H(SweatSchool school) =>
        school == SweatSchool.Gonzalez2009 ? 147 + (1.527 * RequiredWPerM2) - (0.87 * MaximumWPerM2)
        : RequiredWPerM2 <= 0 ? 0
        : 27.9 * RequiredWPerM2 * Math.Pow(Math.Max(1, MaximumWPerM2), -0.455);

    /// <summary>
    /// Sweat that carries off what the body has to shed, g·m⁻²·h⁻¹: (E_req − E_res)/0.68, as ISO 7933 does. In cool, dry air the Gonzalez
    /// equation falls below this, where the body would grow hotter and hotter: it is fitted to warmer air.
    /// </summary>
    public double BalanceGPerM2H => (RequiredWPerM2 - BreathedWPerM2) / LatentWhPerG;

    /// <summary>The greatest of the equation, the heat balance (pick) and comfort sweating.</summary>
    public double SweatGPerM2H(SweatSchool school) => Math.Max(ComfortGPerM2H, HeatDriven(school));

    /// <summary>
    /// Whether the sweat is comfort sweating alone: there is little heat to lose, and a test then says little about sweating.
    /// </summary>
    public bool IsAtFloor(SweatSchool school) => HeatDriven(school) <= ComfortGPerM2H;

    private double HeatDriven(SweatSchool school) => Math.Max(BalanceGPerM2H, EquationGPerM2H(school));
}
