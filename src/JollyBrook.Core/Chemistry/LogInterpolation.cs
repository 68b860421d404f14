namespace JollyBrook.Core.Chemistry;

/// <summary>A table against temperature, linear in the logarithm between its points and held flat outside them.</summary>
internal sealed class LogInterpolation(params (double TemperatureC, double Ct)[] points)
{
    public double At(double temperatureC)
    {
        if (temperatureC <= points[0].TemperatureC)
        {
            return points[0].Ct;
        }

        for (var i = 1; i < points.Length; i++)
        {
            var (hot, ctHot) = points[i];
            if (temperatureC <= hot)
            {
                var (cold, ctCold) = points[i - 1];
                var share = (temperatureC - cold) / (hot - cold);
                return Math.Exp(Math.Log(ctCold) + (share * (Math.Log(ctHot) - Math.Log(ctCold))));
            }
        }

        return points[^1].Ct;
    }
}
