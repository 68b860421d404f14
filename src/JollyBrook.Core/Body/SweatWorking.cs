using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>The arithmetic behind a sweat rate, as data.</summary>
internal static class SweatWorking
{
    public static IReadOnlyList<WorkingStep> Steps(
        Walker walker,
        Effort effort,
        SweatSchool school,
        Loss loss,
        PersonalFactor factor,
        int counted,
        double share,
        double drink
    )
    {
        var working = new Working();
        var (mass, load, air) = (walker.MassKg!.Value, walker.LoadKg, effort.Air);
        var worn = ClothingResistance.Of(loss.Worn);
        working.Add(
            "Metabolic rate",
            effort.IsRunning
                ? "(W + L)·(0.2·v + 0.9·v·G + 3.5)·20.1/60"
                : "(W + L)·(1.44 + η·(1.94·S^0.43 + 0.24·S⁴ + 0.34·S·G·(1 − 1.05^(1 − 1.1^(G + 32)))))",
            effort.IsRunning ? "ACSM, running" : "LCDA, Looney et al. 2019",
            WorkingValue.Of("M", loss.MetabolicW, "W"),
            WorkingValue.Of("W", mass, "kg"),
            WorkingValue.Of("L", load, "kg"),
            WorkingValue.Of("S", effort.SpeedMs, "m/s"),
            WorkingValue.Of("G", effort.GradePercent!.Value, "%"),
            WorkingValue.Of("η", Terrains.Factor(effort.Terrain!.Value))
        );
        working.Add(
            "Body surface",
            "0.007184·W^0.425·H^0.725",
            "DuBois",
            WorkingValue.Of("A", walker.SurfaceM2, "m²"),
            WorkingValue.Of("W", mass, "kg"),
            WorkingValue.Of("H", walker.HeightCm!.Value, "cm")
        );
        working.Add(
            "Heat to shed",
            "(M − climb)/A + 6.45·(T_op − 36)/clo",
            "heat balance; sun + 7 °C full, + 4 part: pick",
            WorkingValue.Of("E_req", loss.Heat.RequiredWPerM2, "W/m²"),
            WorkingValue.Of("T_op", air.OperativeC, "°C"),
            WorkingValue.Of("clo", worn.Clo * air.ClothingShare)
        );
        working.Add(
            "What the air takes up",
            "14.21·(im/clo)·(44.6 − P_a)",
            "heat balance",
            WorkingValue.Of("E_max", loss.Heat.MaximumWPerM2, "W/m²"),
            WorkingValue.Of("im/clo", worn.VapourPermeability),
            WorkingValue.Of("P_a", air.VapourMmHg, "mmHg")
        );
        var gonzalez = school == SweatSchool.Gonzalez2009;
        working.Add(
            "Sweat by the equation",
            gonzalez ? "(147 + 1.527·E_req − 0.87·E_max)·A" : "27.9·E_req·E_max^−0.455·A",
            gonzalez ? "Gonzalez et al. 2009, corrected" : "Shapiro et al. 1982",
            WorkingValue.Of("equation", loss.Heat.EquationGPerM2H(school) * walker.SurfaceM2 / 1000, "L/h")
        );
        working.Add(
            "Sweat that keeps the balance",
            "(E_req − E_res)/0.68·A",
            "heat balance, as ISO 7933; the greater counts: pick",
            WorkingValue.Of("balance", loss.Heat.BalanceGPerM2H * walker.SurfaceM2 / 1000, "L/h"),
            WorkingValue.Of("E_res", loss.Heat.BreathedWPerM2, "W/m²")
        );
        working.Add(
            "Comfort sweating",
            "0.42·((M − climb)/A − 58.15)/0.68·A, at least 0.015·A",
            "Fanger 1970, as in ISO 7730: people dress to stay comfortable",
            WorkingValue.Of("comfort", loss.Heat.ComfortGPerM2H * walker.SurfaceM2 / 1000, "L/h")
        );
        working.Add(
            "Sweat predicted",
            "max(equation, balance, comfort), at most what the body can",
            "handbook room 60",
            WorkingValue.Of("sweat", loss.SweatLPerH, "L/h"),
            WorkingValue.Of("most", Sweating.Ceiling(walker.IsAcclimatised), "L/h")
        );
        working.Add(
            "Personal factor",
            "exp(Σlog r/σ² ÷ (1/0.35² + Σ1/σ²))",
            "log-normal prior, 0.35; one test 0.15, on the floor 0.35; untested, a single figure counts the 80th centile",
            WorkingValue.Of("k", factor.K),
            WorkingValue.Of("counted with", factor.Planned),
            WorkingValue.Of("n", counted)
        );
        working.Add(
            "Breathed out",
            "E_res·A/0.68",
            "respiratory heat loss",
            WorkingValue.Of("breath", loss.BreathedLPerH, "L/h"),
            WorkingValue.Of("P_a", air.VapourKPa, "kPa")
        );
        working.Add(
            "To drink",
            "min(1.0, max(rest, share·(k·sweat + breath)))",
            "80 % replaced walking: pick; ceiling TB MED 507",
            WorkingValue.Of("drink", drink, "L/h"),
            WorkingValue.Of("share", share)
        );
        return working.Steps;
    }
}
